"""Whether a policy can lead a line, in words where it cannot."""

from upright_anvil.core.prescription.load_targets import OpenLoad, ShareOfMax
from upright_anvil.core.prescription.targets import Reps, Seconds
from upright_anvil.core.progression.model import ProgressionContext


def plain_reps(context: ProgressionContext) -> str:
    """Answer why a line is not led by repetitions and a load; empty where it is."""
    now = context.today.prescription
    if not isinstance(now.target, Reps):
        return "It needs repetitions, and this line is timed or open-ended."
    if now.scheme is not None:
        return "It needs sets that are alike, and these differ or run by the clock."
    if isinstance(now.load, ShareOfMax | OpenLoad):
        return "It needs a load in kilograms or pounds, or body weight."
    if now.others:
        return "It needs one load, and this line names others beside it."
    if now.ramp:
        return "These sets only lead up to the work."
    return ""


def timed(context: ProgressionContext) -> str:
    """Answer why a line is not led by seconds; empty where it is."""
    now = context.today.prescription
    if not isinstance(now.target, Seconds):
        return "It needs holds or timed work, and this line counts repetitions."
    return "These sets only lead up to the work." if now.ramp else ""
