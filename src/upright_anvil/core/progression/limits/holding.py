"""Holds and other work by the second: a tenth longer once every set lasted."""

from dataclasses import replace
from typing import Final

from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.bounds import MAX_WORK_SECONDS
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Seconds
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import showing, within_reserve
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal

ROUND_SECONDS: Final = 5
"""Longer holds rise in steps of this many seconds. House rule."""


def longer_holds(context: ProgressionContext, target: Seconds, base: Prescription, policy: str) -> Proposal:
    """Answer longer holds once every one lasted, within the step cap; else the same again. House rule."""
    shown = showing(context.today)
    if not shown.complete or shown.least < target.seconds or not within_reserve(base, shown.reserves):
        return answer(policy, context, Lever.HOLD, base, f"Not every hold reached {target}: the same again.")
    if base.scheme is not None:
        rule = "Marks or differing sets lead this line: the same again."
        return answer(policy, context, Lever.HOLD, base, rule)
    step = int(target.seconds * context.step_cap)
    step = step - step % ROUND_SECONDS if step >= ROUND_SECONDS else step
    longest = min(target.seconds + step, MAX_WORK_SECONDS)
    if step < 1 or longest <= target.seconds:
        rule = "Too short a hold to lengthen within the cap: take a harder variant."
        return answer(policy, context, Lever.HOLD, base, rule)
    longer = replace(base, target=target.moved_to(longest))
    rule = f"Every hold lasted: {step} s longer, within {per_cent(context.step_cap)}."
    return answer(policy, context, Lever.SECONDS, longer, rule, same_again(base))
