"""A poor day proves nothing either way: what was planned stands. House rule, from the rules of readiness."""

from typing import Final

from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.model import Lever, Proposal, Situation

ID: Final = "poor-day"


def judge(situation: Situation) -> Proposal | None:
    """Answer the phase's plan after a poor day; None after any other."""
    if not situation.poor_day or len(situation.exposures) < 2:  # noqa: PLR2004 - the day before it tells what was planned
        return None
    before = situation.exposures[-2].prescription
    return answer(
        ID, situation, Lever.HOLD, before, "The client came with little that day: what was planned before stands."
    )
