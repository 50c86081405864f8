"""A figure that does not fit the rest: nothing rests on it before it is confirmed or corrected. House rule."""

from typing import Final

from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.limits import never_up
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal

ID: Final = "doubted-figure"


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer what was planned once more where a figure is doubted; None where all fit."""
    said = never_up.doubted(context)
    if not said:
        return None
    rule = f"{said}: confirm or correct it first; until then what was planned stands."
    return answer(ID, context, Lever.HOLD, context.today.prescription, rule)
