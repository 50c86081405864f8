"""What a prescription says of sides, tempo and load, made to suit the exercise it is moved to. House rule."""

from dataclasses import replace

from upright_anvil.core.constants import DEFAULT_RESERVE
from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.library.starting_load import KnownLoad, starting_load
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.resolving import suggested
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.loads_of import unloaded
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps


def suited(asked: Prescription, exercise: Exercise) -> Prescription:
    """Answer a prescription as it goes with another exercise: each side where it works one at a time, and only there.

    A tempo stays with lifts; jumps, holds, carries and the like have none.
    """
    if exercise.one_sided and not asked.each_side and asked.side is None:
        asked = replace(asked, each_side=True)
    elif not exercise.one_sided and (asked.each_side or asked.side is not None):
        asked = replace(asked, each_side=False, side=None)
    if asked.tempo is not None and exercise.kind is not ExerciseKind.LIFT:
        asked = replace(asked, tempo=None)
    return asked


def swapped(asked: Prescription, before: Exercise, after: Exercise, profile: ClientProfile) -> Prescription:
    """Answer what a line asks once it trains another exercise: its sides and tempo suited, its load the other's own.

    A plain load is taken from the estimate of the new exercise, else carried over from the one before by their family,
    else kept where both are loaded alike and are kin, else left out: what one lifts in one says nothing of another.
    Never a heavier load than before without an estimate of its own.
    """
    asked = suited(asked, after)
    if not isinstance(asked.load, Load) or not isinstance(asked.target, Reps) or asked.scheme is not None:
        return asked if _kin(before, after, profile) else unloaded(asked)
    reps, left = asked.target.high, DEFAULT_RESERVE if asked.left is None else asked.left
    own = suggested(after, profile, reps, left)
    if own is not None:
        return replace(asked, load=own)
    carried = _carried(before, after, profile, reps, left)
    if isinstance(carried, Load):
        return replace(asked, load=min(carried, asked.load, key=lambda load: load.kg))
    return asked if _kin(before, after, profile) and carried is None else replace(asked, load=carried)


def _kin(before: Exercise, after: Exercise, profile: ClientProfile) -> bool:
    """Whether two exercises are of one family and loaded with the same."""
    place = profile.inventory
    related = bool(before.family) and before.family == after.family
    return related and before.implement_at(place) is after.implement_at(place)


def _carried(
    before: Exercise, after: Exercise, profile: ClientProfile, reps: int, left: int
) -> Load | BodyweightLoad | None:
    most, kind = profile.max_kg.get(before.id), before.implement_at(profile.inventory)
    if most is None or kind is None:
        return None
    known = KnownLoad(before, kind, most)
    found = starting_load(known, after, profile.inventory, profile.body_kg, profile.unit, reps, left)
    return found.load if found else None
