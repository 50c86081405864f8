"""Skill: the next rung of the ladder once every set is at the top of its range and the rung is earned.

Example: 3 x 8-12 push-ups with raised hands, all twelve: push-ups, from the bottom, five to six. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.prescription.targets import Reps, Seconds
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import showing, within_reserve
from upright_anvil.core.progression.model import Lever, Proposal, Situation
from upright_anvil.core.progression.policies import double_progression
from upright_anvil.core.progression.rungs import may_climb, on_the_rung

ID: Final = "skill"
TITLE: Final = "Skill"


def fits(situation: Situation) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    now = situation.today.prescription
    if now.ramp or not isinstance(now.target, Reps | Seconds):
        return "It needs repetitions or seconds to judge a rung by."
    return "" if situation.harder else "No harder rung of this exercise can be done here."


def propose(situation: Situation) -> Proposal:
    """Answer the next rung, or what double progression says on the way to it."""
    now, shown = situation.today.prescription, showing(situation.today)
    ready = shown.complete and shown.at_top and within_reserve(now, shown.reserves)
    if not ready:
        way = double_progression.propose(situation)
        return replace(way, policy=ID) if way.lever is not Lever.LOAD else _same(situation)
    not_yet = may_climb(situation)
    if not_yet or situation.harder is None:
        way = double_progression.propose(situation)
        return replace(way, policy=ID, rule=f"{not_yet} {way.rule}")
    rung = on_the_rung(situation, now)
    rule = f"Every set at the top of the range: the next rung, {situation.harder.name}, from the bottom."
    return answer(ID, situation, Lever.VARIANT, rung, rule, same_again(now), exercise=situation.harder.id)


def _same(situation: Situation) -> Proposal:
    now = situation.today.prescription
    return answer(ID, situation, Lever.HOLD, now, "On the way to the next rung: the same again.")
