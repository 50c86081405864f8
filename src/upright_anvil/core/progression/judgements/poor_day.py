"""A poor day proves nothing either way: what is written stands, no heavier than was done. House rule, readiness."""

from typing import Final

from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import lesser_of
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal

ID: Final = "poor-day"


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer what was written for that day, at the lesser of planned and done; None after any other day."""
    if not context.poor_day:
        return None
    rule = "The client came with little that day: what is written in the plan stands, no heavier than was done."
    return answer(ID, context, Lever.HOLD, lesser_of(context), rule)
