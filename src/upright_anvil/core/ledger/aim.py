"""What one tap logs: the set as planned, with the client's last reps where the plan leaves a range."""

from dataclasses import dataclass

from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.model import BodyweightLoad, Prescription, Seconds


@dataclass(frozen=True, slots=True)
class Aim:
    """One set as it would be logged by one tap: reps or seconds, load as added weight or assistance, reps left."""

    reps: int | None
    seconds: int | None
    load: Load | None
    assisted: bool = False
    reserve: int | None = None


FREE_AIM = Aim(reps=8, seconds=None, load=None)
"""What stands ready where the plan says nothing that can be read. House rule."""


def aim_for(plan: Prescription | None, last_reps: int | None, last_load: Load | None) -> Aim:
    """Answer the set that one tap logs.

    In a range, last time's reps of the same set when the load is the same and they lie in the range, else the bottom of
    the range. Without a planned load, last time's. House rule.
    """
    if plan is None:
        return FREE_AIM if last_reps is None else Aim(last_reps, None, last_load)
    load, assisted = _written(plan, last_load)
    if isinstance(plan.target, Seconds):
        return Aim(None, plan.target.seconds, load, assisted, plan.reserve)
    same = load == last_load or (load is not None and last_load is not None and load.same_as(last_load))
    reps = plan.target.low
    if same and last_reps is not None and last_reps > reps:
        reps = min(last_reps, plan.target.high)
    return Aim(reps, None, load, assisted, plan.reserve)


def _written(plan: Prescription, last_load: Load | None) -> tuple[Load | None, bool]:
    match plan.load:
        case BodyweightLoad(added=added, assisted=assisted):
            return added, assisted
        case None:
            return last_load, False
        case load:
            return load, False
