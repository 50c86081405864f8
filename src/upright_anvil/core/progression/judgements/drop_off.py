"""Drop-off: well planned work looks the same in its first and its last set.

Repetitions to failure fall from the first to the last set at equal load by more than 20 %, or by more than one where
five or fewer were there: too heavy if the rests were kept, rest too short if they were not. House rule.
"""

from dataclasses import replace
from statistics import median
from typing import Final

from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of
from upright_anvil.core.progression.model import Lever, Proposal, Situation
from upright_anvil.core.progression.steps import step_down

ID: Final = "drop-off"
SHARE: Final = 0.20
FEW: Final = 5
ONLY_SAID: Final = 2
"""Where all repetitions were done and only the reserve fell, it may be misjudged by so many. House rule."""

KEPT: Final = 0.8
"""A rest of less than this share of what was asked was not kept. House rule."""


def judge(situation: Situation) -> Proposal | None:
    """Answer what the drop-off asks for, with its cause; None where the sets were alike."""
    rows = situation.today.sets
    target = situation.today.prescription.target
    if len(rows) < 2 or not isinstance(target, Reps) or situation.today.prescription.scheme is not None:  # noqa: PLR2004
        return None
    first, last = rows[0], rows[-1]
    if first.load != last.load or first.reps is None or last.reps is None:
        return None
    fell, of = _fell(first, last)
    if not (fell / max(of, 1) > SHARE or (of <= FEW and fell > 1)):
        return None
    if last.reps >= first.reps and fell <= ONLY_SAID:
        return None
    base = base_of(situation)
    said = f"From the first to the last set {fell} of {of} repetitions to failure were gone"
    asked = situation.today.prescription.rest
    if asked and situation.rests and median(situation.rests) < KEPT * asked:
        rule = (
            f"{said}, and the rests were {round(median(situation.rests))} s instead of {asked} s: rest as asked first."
        )
        return answer(ID, situation, Lever.HOLD, base, rule)
    if last.reps >= target.low:
        rule = f"{said}, the rests kept: too heavy to go up from. The same again."
        return answer(ID, situation, Lever.HOLD, base, rule)
    less = step_down(situation, base.load) if base.load is not None else None
    if less is None:
        return answer(ID, situation, Lever.HOLD, base, f"{said}, the rests kept: a set fewer, or a longer rest.")
    rule = f"{said}, the rests kept: too heavy, {less.to} next."
    return answer(ID, situation, Lever.EASE, replace(base, load=less.to), rule, same_again(base), rise=less.share)


def _fell(first: PerformedSet, last: PerformedSet) -> tuple[int, int]:
    """Repetitions to failure that were gone, and of how many; the reserve counts only where both said one."""
    said = first.reserve is not None and last.reserve is not None
    begun = (first.reps or 0) + ((first.reserve or 0) if said else 0)
    ended = (last.reps or 0) + ((last.reserve or 0) if said else 0)
    return begun - ended, begun
