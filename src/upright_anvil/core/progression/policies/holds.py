"""Holds and balance: seconds climb to a minute, then the next rung of the ladder, from half of them.

House rule; a tenth at a time at the most.
"""

from typing import Final

from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing
from upright_anvil.core.progression.kinds import WorkKind
from upright_anvil.core.progression.limits.holding import longer_holds
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.fitting import timed
from upright_anvil.core.progression.moves.rungs import may_climb, on_the_rung

ID: Final = "holds"
TITLE: Final = "Holds"
LONG_ENOUGH: Final = 60
LONG_ENOUGH_BALANCE: Final = 45
"""Seconds from which on a hold, or standing in balance, takes the next rung instead of more seconds. House rule."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    return timed(context)


def propose(context: ProgressionContext) -> Proposal:
    """Answer longer holds, or the next rung."""
    now, shown = context.today.prescription, showing(context.today)
    if not isinstance(now.target, Seconds):
        return answer(ID, context, Lever.HOLD, now, "It is counted, not timed: the same again.")
    base = base_of(context)
    enough = LONG_ENOUGH_BALANCE if context.kind is WorkKind.BALANCE else LONG_ENOUGH
    done = shown.complete and shown.least >= now.target.seconds
    if done and now.target.seconds >= enough and now.scheme is None and not may_climb(context):
        assert context.harder is not None  # noqa: S101 - nothing may be climbed to otherwise
        rule = f"Every hold of {now.target.seconds} s lasted: the next rung, {context.harder.name}, from the bottom."
        rung = on_the_rung(context, now)
        return answer(ID, context, Lever.VARIANT, rung, rule, same_again(now), exercise=context.harder.id)
    return longer_holds(context, now.target, base, ID)
