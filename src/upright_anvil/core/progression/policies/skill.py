"""Skill: the next rung of the ladder once every set is at the top of its range and the rung is earned.

Example: 3 x 8-12 push-ups with raised hands, all twelve: push-ups, from the bottom, five to six. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.prescription.targets import Reps, Seconds
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import showing, within_reserve
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.rungs import may_climb, on_the_rung
from upright_anvil.core.progression.policies import double_progression

ID: Final = "skill"
TITLE: Final = "Skill"


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    now = context.today.prescription
    if now.ramp or not isinstance(now.target, Reps | Seconds):
        return "It needs repetitions or seconds to judge a rung by."
    return "" if context.harder else "No harder rung of this exercise can be done here."


def propose(context: ProgressionContext) -> Proposal:
    """Answer the next rung, or what double progression says on the way to it."""
    now, shown = context.today.prescription, showing(context.today)
    ready = shown.complete and shown.at_top and within_reserve(now, shown.reserves)
    if not ready:
        way = double_progression.propose(context)
        return replace(way, policy=ID) if way.lever is not Lever.LOAD else _same(context)
    not_yet = may_climb(context)
    if not_yet or context.harder is None:
        way = double_progression.propose(context)
        return replace(way, policy=ID, rule=f"{not_yet} {way.rule}")
    rung = on_the_rung(context, now)
    rule = f"Every set at the top of the range: the next rung, {context.harder.name}, from the bottom."
    return answer(ID, context, Lever.VARIANT, rung, rule, same_again(now), exercise=context.harder.id)


def _same(context: ProgressionContext) -> Proposal:
    now = context.today.prescription
    return answer(ID, context, Lever.HOLD, now, "On the way to the next rung: the same again.")
