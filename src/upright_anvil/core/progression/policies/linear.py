"""Linear steps: the same sets and repetitions, one achievable load more each time all were done.

Missed twice running: a tenth less. A step past the cap is bridged as in double progression. Example: 3 x 5 with 60 kg
done with the reserve kept: 62.5 kg. House rule; for early months and main lifts.
"""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing, within_reserve
from upright_anvil.core.progression.model import Exposure, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.fitting import plain_reps
from upright_anvil.core.progression.moves.steps import eased, step_up
from upright_anvil.core.progression.policies import double_progression

ID: Final = "linear"
TITLE: Final = "Linear steps"
CUT: Final = Decimal("0.10")


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    return plain_reps(context)


def propose(context: ProgressionContext) -> Proposal:
    """Answer the next step, the same again, or a tenth less."""
    shown = showing(context.today)
    base = base_of(context)
    if base.load is None or not shown.amounts:
        return answer(ID, context, Lever.HOLD, base, "Nothing to step from: the same again.")
    if not _done(context.today):
        missed = len(context.exposures) > 1 and all(_missed(one) for one in context.exposures[-2:])
        less = eased(context, base.load, CUT) if missed else None
        if less is None:
            return answer(ID, context, Lever.HOLD, base, "Not every repetition was done: the same load once more.")
        rule = f"Missed in two sessions running: back to {less.to} ({per_cent(less.share)}) and up again from there."
        down = replace(base, load=less.to)
        return answer(ID, context, Lever.EASE, down, rule, same_again(base), rise=less.share)
    if not within_reserve(base, shown.reserves):
        rule = "All done, but with fewer reps left than asked: the same load once more."
        return answer(ID, context, Lever.HOLD, base, rule)
    step = step_up(context, base.load)
    if step is None or step.share > context.step_cap or step.estimated:
        return replace(double_progression.propose(context), policy=ID)
    rule = f"All sets done: {step.to} next (+{per_cent(step.share)})."
    return answer(ID, context, Lever.LOAD, replace(base, load=step.to), rule, same_again(base), rise=step.share)


def _done(exposure: Exposure) -> bool:
    shown = showing(exposure)
    return shown.complete and shown.in_range


def _missed(exposure: Exposure) -> bool:
    """Whether a set fell short; sets that were not begun, as when time ran out, are no miss."""
    shown = showing(exposure)
    return bool(shown.sets) and not shown.in_range
