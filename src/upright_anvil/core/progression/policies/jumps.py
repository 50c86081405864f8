"""Jumps and throws: contacts, then the next rung; never by slow lowering, never by repetitions to failure.

A set stays short and fast: five repetitions at the most, then one set more, up to five; then the next rung. Height and
distance are the trainer's to say. A thrown ball takes its next weight within the cap. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.loads.load import Load, per_cent
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing
from upright_anvil.core.progression.kinds import explosive
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.rungs import on_the_rung
from upright_anvil.core.progression.moves.steps import step_up

ID: Final = "jumps"
TITLE: Final = "Jumps and throws"
MOST_REPS, MOST_SETS = 5, 5
MOST_CONTACTS: Final = 30
"""Repetitions a set, sets, and contacts of one line in a session up to which more is proposed. House rule."""

CLEAN_SESSIONS: Final = 2
"""Sessions in which all of it was done before the next rung. House rule."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    return "" if explosive(context.exercise) else "It needs a jump or a throw."


def propose(context: ProgressionContext) -> Proposal:
    """Answer one repetition or set more, the next rung or ball, or the same again."""
    now, shown, base = context.today.prescription, showing(context.today), base_of(context)
    if now.scheme is not None or not isinstance(now.target, Reps):
        return answer(ID, context, Lever.HOLD, base, "Speed and height before more of it: the same again.")
    if not shown.complete or not shown.in_range:
        return answer(ID, context, Lever.HOLD, base, "Not all of it was done: the same again.")
    reps, sets = now.target.high, base.sets
    if reps < MOST_REPS and (reps + 1) * sets <= MOST_CONTACTS:
        more = replace(base, target=Reps(reps + 1, reps + 1))
        rule = f"All done: {reps + 1} in a set, {(reps + 1) * sets} contacts in all."
        return answer(ID, context, Lever.REPS, more, rule, same_again(base))
    step = step_up(context, base.load) if isinstance(base.load, Load) else None
    if step is not None and step.share <= context.step_cap:
        rule = f"All done: {step.to} (+{per_cent(step.share)})."
        return answer(ID, context, Lever.LOAD, replace(base, load=step.to), rule, same_again(base), rise=step.share)
    if sets < MOST_SETS and reps * (sets + 1) <= MOST_CONTACTS:
        rule = f"All done: one set more, {reps * (sets + 1)} contacts in all."
        return answer(ID, context, Lever.SETS, replace(base, sets=sets + 1), rule, same_again(base))
    if context.harder is not None and explosive(context.harder) and _clean_twice(context):
        rung = replace(on_the_rung(context, now), target=Reps(min(reps, 3), min(reps, 3)), sets=min(sets, 3))
        rule = f"All done in two sessions: the next rung, {context.harder.name}, with fewer contacts."
        return answer(ID, context, Lever.VARIANT, rung, rule, same_again(base), exercise=context.harder.id)
    rule = "All done: a higher box or a longer jump is yours to say; the same again."
    return answer(ID, context, Lever.HOLD, base, rule)


def _clean_twice(context: ProgressionContext) -> bool:
    last = context.exposures[-CLEAN_SESSIONS:]
    return len(last) == CLEAN_SESSIONS and all((shown := showing(one)).complete and shown.in_range for one in last)
