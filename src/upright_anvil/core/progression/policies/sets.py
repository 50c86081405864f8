"""Sets and rounds: one more set while repetitions and reserve hold, up to five; then the load takes a step.

Example: 3 x 10 done with the reserve kept: 4 x 10; after 5 x 10 the load goes up and the sets go back. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing, within_reserve
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.policies import double_progression

ID: Final = "sets"
TITLE: Final = "Sets and rounds"
MOST_SETS: Final = 5
"""Sets up to which one more is proposed. House rule."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    now = context.today.prescription
    if now.scheme is not None or now.ramp:
        return "It needs sets that are alike, and these differ or run by the clock."
    return ""


def propose(context: ProgressionContext) -> Proposal:
    """Answer one more set, a step of load with the sets of the phase's beginning, or the same again."""
    shown = showing(context.today)
    base = base_of(context)
    if not shown.complete or not shown.in_range:
        return answer(ID, context, Lever.HOLD, base, "Not every set was done in full: the same again.")
    if not within_reserve(base, shown.reserves):
        return answer(ID, context, Lever.HOLD, base, "Done with fewer reps left than asked: the same again.")
    if base.sets < MOST_SETS:
        more = replace(base, sets=base.sets + 1)
        rule = f"All {base.sets} sets done with the reserve kept: one set more."
        return answer(ID, context, Lever.SETS, more, rule, same_again(base))
    step = double_progression.propose(context)
    if step.lever is not Lever.LOAD:
        return replace(step, policy=ID)
    fewer = replace(step.prescription, sets=min(context.home.sets, step.prescription.sets))
    rule = f"{MOST_SETS} sets are there: {step.rule[0].lower()}{step.rule[1:]} Back to {fewer.sets} sets."
    return replace(step, policy=ID, prescription=fewer, rule=rule)
