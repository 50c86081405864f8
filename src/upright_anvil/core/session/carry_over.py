"""What a line asks once it trains another exercise, or the same one with other kit: the load carried over."""

from dataclasses import replace

from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.library.starting_load import KnownLoad, starting_load
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory, Rounding
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, OpenLoad
from upright_anvil.core.prescription.loads_of import with_loads
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Most, Reps, Seconds, reps_of

HOLD_FOR_REPS = 30
REPS_FOR_HOLD = 8
"""What a hold is asked for in place of counted work, seconds, and the other way round. House rule."""


def carried_over(
    asked: Prescription, to: Exercise, profile: ClientProfile, known: KnownLoad | None
) -> tuple[Prescription, str]:
    """Answer the prescription for another exercise, and how its load came about in words.

    Sets, repetitions, rest and reserve stay; the load goes over by the exercises' shares of their family, rounded down
    to what can be made, else it is left open. Counted work and holds trade places. House rule.
    """
    asked = _of_its_sort(asked, to)
    kind = to.implement_at(profile.inventory)
    plain = replace(asked, load=None, scheme=None, others=())
    reps = reps_of(asked.target)
    start = None
    if known is not None and reps is not None:
        start = starting_load(known, to, profile.inventory, profile.body_kg, profile.unit, reps, asked.left)
    if start is not None:
        return replace(plain, load=start.load), start.why
    if kind in (None, ImplementKind.BODYWEIGHT) or isinstance(asked.target, Seconds):
        return replace(plain, load=BodyweightLoad()), "With body weight."
    return replace(
        plain, load=OpenLoad()
    ), "No load is known for it: find it on the day, well below what you would guess."


def _of_its_sort(asked: Prescription, to: Exercise) -> Prescription:
    sides = to.one_sided
    fitted = replace(asked, each_side=sides, side=asked.side if asked.each_side is sides else None)
    held = to.kind is ExerciseKind.HOLD
    if held and not isinstance(fitted.target, Seconds):
        return replace(fitted, target=Seconds(HOLD_FOR_REPS), scheme=None, tempo=None)
    if not held and isinstance(fitted.target, Seconds) and to.kind is ExerciseKind.LIFT:
        return replace(fitted, target=Reps(REPS_FOR_HOLD, REPS_FOR_HOLD), scheme=None)
    if isinstance(fitted.target, Most) and held:
        return replace(fitted, target=Seconds(HOLD_FOR_REPS), scheme=None)
    return fitted


def remapped(asked: Prescription, exercise: Exercise, before: Inventory, here: Inventory) -> tuple[Prescription, str]:
    """Answer the prescription with loads that can be made at another place with the same kind of kit.

    Each load becomes the nearest one below (the lightest where there is none below), and the sentence says what it
    was. House rule.
    """
    kind = exercise.implement_at(here)
    if kind is None or kind is not exercise.implement_at(before):
        return asked, ""
    said: dict[str, str] = {}

    def made(load: LoadTarget | None) -> LoadTarget | None:
        if not isinstance(load, Load) or here.find(kind, load):
            return load
        near = here.nearest(kind, load, Rounding.DOWN) or here.nearest(kind, load, Rounding.UP)
        if near is None:
            return OpenLoad()
        said[str(load)] = str(near.load)
        return near.load

    changed = with_loads(asked, made)
    if changed == asked:
        return asked, ""
    return changed, "; ".join(f"{was} cannot be made here, {now} can" for was, now in said.items()) or "Load left open."
