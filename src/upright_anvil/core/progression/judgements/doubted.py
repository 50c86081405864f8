"""A figure that does not fit the rest: nothing rests on it before it is confirmed or corrected. House rule."""

from typing import Final

from upright_anvil.core.progression import never_up
from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.model import Lever, Proposal, Situation

ID: Final = "doubted-figure"


def judge(situation: Situation) -> Proposal | None:
    """Answer what was planned once more where a figure is doubted; None where all fit."""
    said = never_up.doubted(situation)
    if not said:
        return None
    rule = f"{said}: confirm or correct it first; until then what was planned stands."
    return answer(ID, situation, Lever.HOLD, situation.today.prescription, rule)
