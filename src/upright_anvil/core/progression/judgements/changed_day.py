"""A line changed for the day (readiness, less time, another place) proves nothing either way: the plan stands.

What was changed for one session is never written into the weeks to come; where less was used than planned, that is the
most. House rule.
"""

from typing import Final

from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import lesser_of
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal

ID: Final = "changed-day"


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer the plan as written after a line that was changed for the day; None after any other."""
    if not context.changed_day:
        return None
    written = context.today.prescription
    if context.poor_day:
        least = lesser_of(context)
        rule = "The client came with little that day: what is written in the plan stands, no heavier than was done."
        return answer(ID, context, Lever.HOLD, least, rule)
    return answer(ID, context, Lever.HOLD, written, "It was changed for the day: what is written in the plan stands.")
