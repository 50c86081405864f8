"""Plateau: over the last weeks, three and four sessions at least, a useful gain is unlikely (four to one against).

Then a menu, each with what it changes: another rep range, one more set, a variant, an easier week. House rule, rules of
progression. A 95 % interval would not find a stall in half a year of sessions that differ by their usual 2 %.
"""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.prescription.bounds import MAX_SETS
from upright_anvil.core.prescription.shorthand import write
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import base_of
from upright_anvil.core.progression.model import Alternative, Lever, Proposal, Situation
from upright_anvil.core.progression.steps import eased
from upright_anvil.core.strength.over_time import Strength

ID: Final = "plateau"
USEFUL: Final = 0.0025
"""The smallest gain a week worth training for, as a share. House rule."""

DAYS, SESSIONS = 21, 4
FEW, LEAST_REPS = 6, 3
"""A range that ends here or below is left for a higher one; a lower one begins here at the least. House rule."""

EASIER: Final = Decimal("0.10")


def stalled(situation: Situation) -> bool:
    """Answer whether strength has stopped rising."""
    strength = situation.strength
    if strength is None or len(situation.exposures) < SESSIONS or strength.sessions < SESSIONS:
        return False
    days = (situation.today.on - situation.exposures[-SESSIONS].on).days
    return days >= DAYS - DAYS // 7 and no_useful_gain(strength)


def no_useful_gain(strength: Strength) -> bool:
    """Answer whether the sessions of the last three weeks and more speak against a useful gain. House rule."""
    return strength.lately is not None and strength.lately.days >= DAYS - DAYS // 7 and strength.lately.best < USEFUL


def menu(situation: Situation, way_on: Proposal) -> Proposal | None:
    """Answer the menu in place of standing still; None where something still rises or nothing has stalled."""
    if way_on.lever not in (Lever.HOLD, Lever.EASE) or not stalled(situation):
        return None
    assert situation.strength and situation.strength.lately  # noqa: S101 - a stall has both
    base = base_of(situation)
    found = list(_ways(situation))
    lately = situation.strength.lately
    rule = (
        f"Stalled: {lately.week * 100:+.1f} % a week over {lately.days} days, {lately.best * 100:+.1f} % at best. "
        "Something else than the load should change; choose one."
    )
    return answer(ID, situation, Lever.HOLD, base, rule, found)


def _range_below(low: int, high: int) -> Reps:
    fewer = max(LEAST_REPS, low - 3)
    return Reps(fewer, max(fewer, high - 4))


def _ways(situation: Situation) -> list[Alternative]:
    base = base_of(situation)
    ways = []
    if isinstance(base.target, Reps):
        low, high = base.target.low, base.target.high
        other = _range_below(low, high) if high > FEW else Reps(low + 3, high + 4)
        text = write(replace(base, target=other, load=None))
        ways.append(Alternative(f"Another range: {other} repetitions, load to be found", text))
    if base.sets < MAX_SETS:
        ways.append(Alternative("One more set", write(replace(base, sets=base.sets + 1))))
    less = eased(situation, base.load, EASIER) if base.load is not None else None
    if less is not None:
        week = replace(base, load=less.to, sets=max(1, base.sets - 1))
        ways.append(Alternative("An easier week", write(week)))
    return ways
