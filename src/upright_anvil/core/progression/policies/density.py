"""Density: the same work in less time. Checkpoints first, then less rest, then longer work.

Timed work whose later marks were passed in every set takes the next mark as its target; else the rest gets 15 s shorter
down to 30 s, or for counted work down to the rest its goal needs. House rule.
"""

from collections.abc import Sequence
from dataclasses import replace
from typing import Final

from upright_anvil.core.constants import DEFAULT_REST_SECONDS
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Checkpoints
from upright_anvil.core.prescription.targets import Reps, Seconds
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing, within_reserve
from upright_anvil.core.progression.limits.holding import longer_holds
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.policies import double_progression

ID: Final = "density"
TITLE: Final = "Density"
REST_STEP: Final = 15
LEAST_REST_TIMED, LEAST_REST_COUNTED = 30, 60
"""Seconds by which the rest gets shorter, and down to which. House rule."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    now = context.today.prescription
    if now.ramp or (now.scheme is not None and not isinstance(now.scheme, Checkpoints)):
        return "It needs sets that are alike with a rest between them, or timed work with checkpoints."
    return "" if isinstance(now.target, Reps | Seconds) else "It needs repetitions or seconds to hold on to."


def propose(context: ProgressionContext) -> Proposal:
    """Answer the next checkpoint, a shorter rest, or longer work."""
    now, shown = context.today.prescription, showing(context.today)
    base = base_of(context)
    if not shown.complete or not shown.in_range or not within_reserve(base, shown.reserves):
        return answer(ID, context, Lever.HOLD, base, "Not every set was done in full: the same again.")
    if isinstance(now.scheme, Checkpoints) and isinstance(now.target, Seconds):
        return _checkpoint(context, now.target, now.scheme)
    least = LEAST_REST_TIMED if isinstance(now.target, Seconds) else LEAST_REST_COUNTED
    rest = DEFAULT_REST_SECONDS if now.rest is None else now.rest
    if rest - REST_STEP >= least:
        shorter = replace(base, rest=rest - REST_STEP)
        rule = f"All sets done: {rest - REST_STEP} s rest instead of {rest} s."
        return answer(ID, context, Lever.DENSITY, shorter, rule, same_again(base))
    if isinstance(now.target, Seconds):
        return longer_holds(context, now.target, base, ID)
    return replace(double_progression.propose(context), policy=ID)


def _checkpoint(context: ProgressionContext, target: Seconds, marks: Checkpoints) -> Proposal:
    now = context.today.prescription
    best = mark_passed(context.today.sets, marks)
    if best is None:
        rule = f"The mark at {marks.seconds[0]} s was not passed in every set: the same again."
        return answer(ID, context, Lever.HOLD, now, rule)
    later = next_mark(now, marks, best)
    rule = f"The mark at {best} s was passed in every set: it is the target now, instead of {target}."
    return answer(ID, context, Lever.CHECKPOINT, later, rule, same_again(now))


def mark_passed(rows: Sequence[PerformedSet], marks: Checkpoints) -> int | None:
    """Answer the highest mark (seconds) that every set passed; None where the first was not passed in all of them.

    What the clock counted and the seconds logged both tell. House rule: marks decide in every school.
    """
    passed = [
        max(row.how.checkpoints or 0, sum(1 for mark in marks.seconds if (row.seconds or 0) >= mark)) for row in rows
    ]
    many = min(min(passed, default=0), len(marks.seconds))
    return marks.seconds[many - 1] if many else None


def next_mark(now: Prescription, marks: Checkpoints, best: int) -> Prescription:
    """Answer the work with a mark as its target, and the marks after it."""
    rest = tuple(mark for mark in marks.seconds if mark > best)
    return replace(now, target=Seconds(best), scheme=Checkpoints(rest) if rest else None)
