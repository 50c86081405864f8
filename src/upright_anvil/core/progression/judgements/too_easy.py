"""Too easy is as much a finding as too hard: three more left than asked takes the largest step the cap allows.

Small muscles take half of it. Example: 3 x 8-10 leave 2 at 60 kg, done 10, 10, 10 with five left: 65 kg, not 62.5 kg.
Every set must say how many were left; what nobody said counts neither way. House rule.
"""

from typing import Final

from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing
from upright_anvil.core.progression.kinds import WorkKind
from upright_anvil.core.progression.limits.never_up import reasons
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.bridging import home_again
from upright_anvil.core.progression.moves.fitting import plain_reps
from upright_anvil.core.progression.moves.steps import longest_stride, within_cap

ID: Final = "too-easy"
MORE_LEFT: Final = 3


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer the largest step the cap allows; None where it was not that easy, or no such load can be made."""
    now, shown = context.today.prescription, showing(context.today)
    if context.kind is not WorkKind.LIFT or plain_reps(context) or not isinstance(now.target, Reps):
        return None
    said = [reserve for reserve in shown.reserves if reserve is not None]
    if now.left is None or not shown.complete or len(said) < len(shown.sets) or reasons(context):
        return None
    if not shown.in_range or min(said) < now.left + MORE_LEFT:
        return None
    base = base_of(context)
    stride = longest_stride(context.exercise, context.step_cap)
    step = within_cap(context, base.load, stride) if base.load is not None else None
    if step is None:
        return None
    up = home_again(context, base, step.to)
    rule = f"At least {min(said)} left in every set, {now.left} asked: too easy. {step.to} (+{per_cent(step.share)})."
    return answer(ID, context, Lever.LOAD, up, rule, same_again(base), rise=step.share)
