"""From the load that is asked for to one that can be lifted: what it comes to here, and what stands against it."""

from dataclasses import dataclass
from decimal import Decimal

from upright_anvil.core.exercises import IN_HAND, Exercise
from upright_anvil.core.loads.implements import ImplementKind, kind_named
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Kilograms, Load, in_unit, plain
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.prescription.coding import code_at, coded
from upright_anvil.core.prescription.load_targets import (
    BodyweightLoad,
    Coded,
    LoadTarget,
    SameAsLastTime,
    ShareOfMax,
    Together,
)
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.strength.estimate import share_of_max


@dataclass(frozen=True, slots=True)
class Resolved:
    """A load that can be made here, None where none can, and how it came about in words."""

    load: Load | None
    why: str


def resolved(load: LoadTarget | None, exercise: Exercise, profile: ClientProfile) -> Resolved | None:
    """Answer what a share, a band, a code or last time's load comes to; None where the load is said outright.

    A share of the estimated maximum is rounded to the nearest load of the place. House rule.
    """
    kind = exercise.implement_at(profile.inventory)
    match load:
        case ShareOfMax():
            return _share(load, exercise, kind, profile)
        case SameAsLastTime():
            return _last(load, exercise, kind, profile)
        case Coded():
            made = coded(load, profile.inventory)
            return Resolved(made.load, f"{load} is about {made.load}") if made else Resolved(None, "")
        case Together():
            return Resolved(load.weight, f"{load}: {load.weight} together" if len(load.parts) > 1 else "")
        case _:
            return None


def _share(load: ShareOfMax, exercise: Exercise, kind: ImplementKind | None, profile: ClientProfile) -> Resolved:
    most = profile.max_kg.get(exercise.id)
    if most is None:
        return Resolved(None, f"no estimated max for {exercise.name} yet")
    own = exercise.bodyweight_share * (profile.body_kg or Decimal(0))
    kg = Kilograms(max(most * load.per_cent / 100 - own, Decimal(0)))
    wanted = Load.of(round(in_unit(kg, profile.unit), 1), profile.unit)
    made = profile.inventory.nearest(kind, wanted) if kind else None
    of = f"{load} of {plain(round(in_unit(most, profile.unit), 1))} {profile.unit} is {wanted}"
    if made is None:
        return Resolved(None, of)
    return Resolved(made.load, of if made.load.same_as(wanted) else f"{of}, {made.load} here")


def _last(load: SameAsLastTime, exercise: Exercise, kind: ImplementKind | None, profile: ClientProfile) -> Resolved:
    before = profile.last_loads.get(exercise.id)
    if before is None:
        return Resolved(None, "nothing was lifted before")
    if load.plus is None:
        return Resolved(before, f"last time {before}")
    wanted = Load.of(round(in_unit(Kilograms(before.kg + load.plus.kg), before.unit), 2), before.unit)
    made = profile.inventory.nearest(kind, wanted) if kind else None
    here = made.load if made else None
    return Resolved(here, f"last time {before}, so {here or wanted}")


def lifted_with(prescription: Prescription | None, exercise: Exercise, place: Inventory) -> ImplementKind | None:
    """Answer what a prescription is loaded with at a place: its bands, a thing it names, else what the exercise takes.

    None where the place has nothing for it.
    """
    for load in () if prescription is None else (plan.load for plan in prescription.plans):
        named = (
            ImplementKind.BAND
            if isinstance(load, Coded) and load.sort == "band"
            else kind_named(load.name)
            if isinstance(load, Together)
            else None
        )
        if named is not None and place.has(named):
            return named
    return exercise.implement_at(place)


def set_to(prescription: Prescription, exercise: Exercise, profile: ClientProfile) -> str:
    """Say how the loads that are asked for are set where they have codes: ``12.5 lb white``, ``sand about 6 kg``."""
    kind = exercise.implement_at(profile.inventory)
    said: list[str] = []
    for load in dict.fromkeys(plan.load for plan in prescription.plans):
        if isinstance(load, Coded):
            made = coded(load, profile.inventory)
            said += [f"{load.label} {'about ' if made.estimated else ''}{made.load}"] if made else []
        elif isinstance(load, Load) and kind is not None and (code := code_at(load, kind, profile.inventory)):
            said.append(f"{load} {code}")
    return ", ".join(said)


def load_caution(prescription: Prescription, exercise: Exercise, profile: ClientProfile) -> str | None:
    """Say when a planned load cannot be made at the place, with the nearest two; None where all can. House rule."""
    loads = dict.fromkeys(plan.load for plan in prescription.plans)
    found = (_caution(load, exercise, profile) for load in loads)
    return next((caution for caution in found if caution), None)


def _caution(load: LoadTarget | None, exercise: Exercise, profile: ClientProfile) -> str | None:
    place = profile.inventory
    match load:
        case Together():
            return _no_such_thing(load, place)
        case BodyweightLoad(added=Load() as added, assisted=True) if place.has(ImplementKind.ASSISTANCE):
            return _not_made(added, ImplementKind.ASSISTANCE, place)
        case BodyweightLoad(added=Load() as added, assisted=False):
            if any(place.find(kind, added) for kind in IN_HAND):
                return None
            return _not_made(added, ImplementKind.BODYWEIGHT, place)
        case Load() if load.value:
            return _not_loaded(load, exercise, place)
        case Coded() if coded(load, place) is None:
            return f"There is no {load} here."
        case _:
            return None


def _not_loaded(load: Load, exercise: Exercise, place: Inventory) -> str | None:
    kind = exercise.implement_at(place)
    if any(place.find(other, load) for other in exercise.loaded_with):
        return None
    if kind in (None, ImplementKind.BODYWEIGHT):
        wanted = " or ".join(k for k in exercise.implements if k is not ImplementKind.BODYWEIGHT)
        return f"There is no {wanted or 'load'} for this at the place."
    return _not_made(load, kind, place)


def _no_such_thing(load: Together, place: Inventory) -> str | None:
    kind = kind_named(load.name)
    if kind is None:
        return None
    if not place.has(kind):
        return f"There is no {load.name.removesuffix('s')} at the place."
    return _not_made(load.weight, kind, place)


def _not_made(load: Load, kind: ImplementKind | None, place: Inventory) -> str | None:
    if kind is None or place.find(kind, load):
        return None
    near = " or ".join(str(a.load) for a in place.around(kind, load))
    return f"{load} cannot be made here: take {near}." if near else f"There is nothing here to add {load} with."


def suggested(exercise: Exercise, profile: ClientProfile, reps: int, reserve: int) -> Load | None:
    """Answer the heaviest load of the place for these repetitions with this reserve; None without an estimate.

    From the house curve on the client's estimated maximum, rounded down to what can be made. House rule.
    """
    most, kind = profile.max_kg.get(exercise.id), exercise.implement_at(profile.inventory)
    if most is None or kind is None or kind is ImplementKind.BODYWEIGHT:
        return None
    own = exercise.bodyweight_share * (profile.body_kg or Decimal(0))
    kg = most * Decimal(repr(share_of_max(reps + reserve))) - own
    fitting = [a.load for a in profile.inventory.achievable(kind) if a.load.kg <= kg]
    return fitting[-1] if fitting else None
