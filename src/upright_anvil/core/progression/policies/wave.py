"""Per cent waves: loads are shares of the estimated maximum; what was done moves the whole wave, not the week.

All sets done with the reserve kept: the wave goes on as written, 2.5 points higher at its next turn. A set missed: the
same shares again, from a maximum that the sets themselves bring down. House rule.
"""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.prescription.bounds import MAX_PER_CENT
from upright_anvil.core.prescription.load_targets import ShareOfMax
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import showing, within_reserve
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal

ID: Final = "wave"
TITLE: Final = "Per cent waves"
POINTS: Final = Decimal("2.5")
"""How much higher a wave turns, points of the maximum. House rule."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    now = context.today.prescription
    if not isinstance(now.load, ShareOfMax) or not isinstance(now.target, Reps):
        return "It needs repetitions at a share of the maximum, such as 5 x 5, 75 %."
    return ""


def propose(context: ProgressionContext) -> Proposal:
    """Answer the next share."""
    now, shown = context.today.prescription, showing(context.today)
    if not isinstance(now.load, ShareOfMax) or not isinstance(now.target, Reps) or not shown.amounts:
        return answer(ID, context, Lever.HOLD, now, "Nothing to go by: the wave goes on as written.")
    if not shown.complete or not shown.in_range:
        rule = "A set fell short: the same share again; the estimate behind it follows the sets."
        return answer(ID, context, Lever.HOLD, now, rule)
    if not within_reserve(now, shown.reserves):
        return answer(ID, context, Lever.HOLD, now, "Done with fewer reps left than asked: the same share again.")
    share = now.load.per_cent + POINTS
    rise = share / now.load.per_cent - 1
    if share > MAX_PER_CENT or rise > context.step_cap:
        return answer(ID, context, Lever.HOLD, now, "The wave is at its height: it starts again lower.")
    more = replace(now, load=ShareOfMax(share))
    rule = f"All sets done: the wave turns {POINTS} points higher, {share} % of the estimated max."
    return answer(ID, context, Lever.LOAD, more, rule, same_again(now), rise=rise)
