"""Missed days: step back before going on, the longer the further; beyond six weeks test again.

Counted from the last day with the exercise, in whichever line. None up to 10 days, then growing evenly to 4 % at two
weeks, 10 % at three and 20 % at six, with a re-test beyond. The nearest load to that is taken; where that is the load
itself, nothing goes up. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import lesser_of
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import nearest_to
from upright_anvil.core.strength.layoff import RETEST_DAYS, step_back

ID: Final = "missed-days"


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer the step back; None where the gap is short."""
    if context.next_on is None:
        return None
    last = context.today.on if context.strength is None else max(context.today.on, context.strength.last)
    days = (context.next_on - last).days
    cut = step_back(days)
    if not cut:
        return None
    base = lesser_of(context)
    again = " Test again before planning further." if days > RETEST_DAYS else ""
    said = f"{days} days without it"
    less = (
        nearest_to(context, base.load, -cut, context.step_cap)
        if base.load is not None and base.scheme is None
        else None
    )
    if less is None:
        rule = f"{said}: the same again at the most, easy, to find the way back.{again}"
        return answer(ID, context, Lever.HOLD, base, rule)
    rule = f"{said}: about {per_cent(cut)} less to begin with, {less.to}.{again}"
    return answer(ID, context, Lever.EASE, replace(base, load=less.to), rule, same_again(base), rise=less.share)
