"""Missed days: step back before going on, the longer the further; beyond six weeks test again.

Counted from the last day with the exercise, in whichever line. None up to 10 days, then growing evenly to 4 % at two
weeks, 10 % at three and 20 % at six, with a re-test beyond. The nearest load to that is taken; where that is the load
itself, nothing goes up. House rule.
"""

from dataclasses import replace
from decimal import Decimal
from itertools import pairwise
from typing import Final

from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of
from upright_anvil.core.progression.model import Lever, Proposal, Situation
from upright_anvil.core.progression.steps import nearest_to

ID: Final = "missed-days"
TABLE: Final = ((10, Decimal(0)), (14, Decimal("0.04")), (21, Decimal("0.10")), (42, Decimal("0.20")))
"""Days without the exercise, and the share by which to step back; evenly between."""

BEYOND: Final = 42
"""Days after which to test again."""


def step_back(days: int) -> Decimal:
    """Answer the share by which to step back after so many days without the exercise (0.10 = 10 % less)."""
    for (from_day, least), (to_day, most) in pairwise(TABLE):
        if days <= to_day:
            return least + (most - least) * max(days - from_day, 0) / (to_day - from_day)
    return TABLE[-1][1]


def judge(situation: Situation) -> Proposal | None:
    """Answer the step back; None where the gap is short."""
    if situation.next_on is None:
        return None
    last = situation.today.on if situation.strength is None else max(situation.today.on, situation.strength.last)
    days = (situation.next_on - last).days
    cut = step_back(days)
    if not cut:
        return None
    base = base_of(situation)
    again = " Test again before planning further." if days > BEYOND else ""
    said = f"{days} days without it"
    less = nearest_to(situation, base.load, -cut, situation.step_cap) if base.load is not None else None
    if less is None:
        rule = f"{said}: the same again at the most, easy, to find the way back.{again}"
        return answer(ID, situation, Lever.HOLD, base, rule)
    rule = f"{said}: about {per_cent(cut)} less to begin with, {less.to}.{again}"
    return answer(ID, situation, Lever.EASE, replace(base, load=less.to), rule, same_again(base), rise=less.share)
