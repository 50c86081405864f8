"""Plateau: over the last weeks, three and four sessions at least, a useful gain is unlikely.

Then a menu, each with what it changes: another rep range, one more set, a variant, an easier week. House rule, rules of
progression. A 95 % interval would not find a stall in half a year of sessions that differ by their usual 2 %.
"""

from collections.abc import Iterator
from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.prescription.bounds import MAX_SETS
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import lesser_of
from upright_anvil.core.progression.model import Alternative, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import eased
from upright_anvil.core.strength.standing import Strength

ID: Final = "plateau"
USEFUL: Final = 0.006
"""A gain a week below which, four to one, the work stands still: chosen for its power, as the bench prints it. At
2 % noise a session level work is found in nine of ten by the sixth week at three sessions a week and by the eighth at
one; work rising 1 % a week is flagged in one of twenty at the most. House rule."""

KNOWN_TO: Final = 0.0036
"""How well the slope must be known before anything is said, as a share a week (one standard error). House rule."""

DAYS, SESSIONS = 21, 4
FEW, LEAST_REPS = 6, 3
"""A range that ends here or below is left for a higher one; a lower one begins here at the least. House rule."""

EASIER: Final = Decimal("0.10")


def stalled(context: ProgressionContext) -> bool:
    """Answer whether strength has stopped rising."""
    strength = context.strength
    if strength is None or len(context.exposures) < SESSIONS or strength.sessions < SESSIONS:
        return False
    return no_useful_gain(strength) or falls(strength)


def no_useful_gain(strength: Strength) -> bool:
    """Answer whether the sessions of the last ten weeks speak against a useful gain. House rule.

    The slope with one standard error on top lies below a useful gain, and is known well enough to say so.
    """
    line = strength.ten_weeks
    if line is None or line.days < DAYS - DAYS // 7 or line.error > KNOWN_TO:
        return False
    return line.week + line.error < USEFUL


FALLS_FOR_SURE: Final = 1.65
"""Standard errors by which the slope of the last six weeks must lie below nothing: nineteen to one. House rule."""


def falls(strength: Strength) -> bool:
    """Answer whether the last six weeks fall for sure, over three weeks at least. House rule."""
    line = strength.lately
    if line is None or line.days < DAYS - DAYS // 7:
        return False
    return line.week + FALLS_FOR_SURE * line.error < 0


def menu(context: ProgressionContext, way_on: Proposal) -> Proposal | None:
    """Answer the menu in place of standing still; None where something still rises or nothing has stalled."""
    if way_on.lever not in (Lever.HOLD, Lever.EASE) or not stalled(context):
        return None
    strength = context.strength
    line = strength and (strength.ten_weeks if no_useful_gain(strength) else strength.lately)
    assert line  # noqa: S101 - a stall has one
    base = lesser_of(context)
    rule = (
        f"Stalled: {line.week * 100:+.1f} % a week over {line.days} days, {line.best * 100:+.1f} % at best. "
        "Something else than the load should change: choose one, or another variant."
    )
    return answer(ID, context, Lever.HOLD, base, rule, _ways(context, base))


def _range_below(low: int, high: int) -> Reps:
    fewer = max(LEAST_REPS, low - 3)
    return Reps(fewer, max(fewer, high - 4))


def _ways(context: ProgressionContext, base: Prescription) -> Iterator[Alternative]:
    if isinstance(base.target, Reps):
        low, high = base.target.low, base.target.high
        other = _range_below(low, high) if high > FEW else Reps(low + 3, high + 4)
        text = write(replace(base, target=other, load=None))
        yield Alternative(f"Another range: {other} repetitions, load to be found", text)
    if base.sets < MAX_SETS:
        yield Alternative("One more set", write(replace(base, sets=base.sets + 1)))
    less = eased(context, base.load, EASIER) if base.load is not None else None
    if less is not None:
        week = replace(base, load=less.to, sets=max(1, base.sets - 1))
        yield Alternative("An easier week", write(week))
