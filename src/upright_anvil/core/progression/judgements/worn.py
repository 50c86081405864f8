"""Worn: where several main lifts fall on low days, nothing goes up before an easier week. House rule."""

from typing import Final

from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import lesser_of
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal

ID: Final = "worn"


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer the same again while an easier week is due; None where it is not."""
    if not context.worn:
        return None
    return answer(ID, context, Lever.HOLD, lesser_of(context), f"{context.worn} Nothing goes up before it.")
