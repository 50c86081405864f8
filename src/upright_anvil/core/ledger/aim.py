"""What one tap logs: the set as planned, with the client's last reps where the plan leaves a range."""

from dataclasses import dataclass

from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, Together
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes.base import SetPlan
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds


@dataclass(frozen=True, slots=True)
class Aim:
    """One set as it would be logged by one tap: its figure, load as added weight or assistance, reps left.

    Repetitions, or seconds, or ``metres`` with the seconds they take where that is known.
    """

    reps: int | None
    seconds: int | None
    load: Load | None
    assisted: bool = False
    reserve: int | None = None
    metres: int | None = None


FREE_AIM = Aim(reps=8, seconds=None, load=None)
"""What stands ready where the plan says nothing that can be read. House rule."""


def aim_for(
    plan: Prescription | None,
    last_reps: int | None,
    last_load: Load | None,
    one: SetPlan | None = None,
    comes_to: Load | None = None,
    took: int | None = None,
) -> Aim:
    """Answer the set that one tap logs; ``one`` is the set where sets differ.

    ``comes_to`` is what a share of the maximum, a band or a code comes to today, ``took`` the seconds that
    the same distance took last time.

    In a range, last time's reps of the same set when the load is the same and they lie in the range, else the bottom of
    the range. As many as possible starts from last time's. A distance is logged in metres, with the time that was
    asked for it or that it took last time. Without a planned load, last time's. House rule.
    """
    if plan is None:
        return FREE_AIM if last_reps is None else Aim(last_reps, None, last_load)
    step = one or plan.plans[0]
    load, assisted = _written(step.load, comes_to or last_load)
    match step.target:
        case Seconds():
            return Aim(None, step.target.least if step.target.low else step.target.seconds, load, assisted, plan.left)
        case Distance():
            return Aim(None, plan.within or took, load, assisted, plan.left, step.target.metres)
        case Most():
            reps = last_reps if last_reps is not None else min(step.target.reckoned, FREE_AIM.reps or 1)
            return Aim(reps if step.target.cap is None else min(reps, step.target.cap), None, load, assisted, plan.left)
        case Reps():
            same = load == last_load or (load is not None and last_load is not None and load.same_as(last_load))
            reps = step.target.low
            if same and last_reps is not None and last_reps > reps:
                reps = min(last_reps, step.target.high)
            return Aim(reps, None, load, assisted, plan.left)


def _written(wanted: LoadTarget | None, last_load: Load | None) -> tuple[Load | None, bool]:
    match wanted:
        case BodyweightLoad(added=added, assisted=assisted):
            return added, assisted
        case Load():
            return wanted, False
        case Together():
            return wanted.weight, False
        case _:
            return last_load, False
