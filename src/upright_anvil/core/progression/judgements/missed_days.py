"""Missed days: step back before going on, the longer the further; beyond six weeks test again.

Counted from the last day with the exercise, in whichever line. None up to 10 days; 5 % to two weeks, 10 % to three,
15 % to six, 20 % and a re-test beyond. House rule.
"""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of
from upright_anvil.core.progression.model import Lever, Proposal, Situation
from upright_anvil.core.progression.steps import eased

ID: Final = "missed-days"
TABLE: Final = ((10, Decimal(0)), (14, Decimal("0.05")), (21, Decimal("0.10")), (42, Decimal("0.15")))
BEYOND: Final = Decimal("0.20")


def step_back(days: int) -> Decimal:
    """Answer the share by which to step back after so many days without the exercise."""
    return next((cut for most, cut in TABLE if days <= most), BEYOND)


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
    again = " Test again before planning further." if cut == BEYOND else ""
    said = f"{days} days without it"
    less = eased(situation, base.load, cut) if base.load is not None else None
    if less is None:
        rule = f"{said}: the same again at the most, easy, to find the way back.{again}"
        return answer(ID, situation, Lever.HOLD, base, rule)
    rule = f"{said}: about {round(cut * 100)} % less to begin with, {less.to}.{again}"
    return answer(ID, situation, Lever.EASE, replace(base, load=less.to), rule, same_again(base), rise=less.share)
