"""Ramp-up sets to a working load: lighter sets that prepare joints and nerves, at loads of the place.

Steps by what the first working set asks: near the maximum four, in the middle three, for many repetitions two. None
where they would be pointless.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from decimal import Decimal
from typing import Final

from upright_anvil.core.constants import DEFAULT_RESERVE
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory, Rounding
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.load_targets import as_weight
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import reps_of


@dataclass(frozen=True, slots=True)
class RampSet:
    """One ramp-up set: the load, the repetitions, and its share of the working load (1 = the working load)."""

    load: Load
    reps: int
    share: Decimal


@dataclass(frozen=True, slots=True)
class RampUp:
    """The ramp-up sets of a line, or why there are none."""

    sets: tuple[RampSet, ...]
    why: str


_HEAVY: Final = ((Decimal("0.4"), 8), (Decimal("0.6"), 5), (Decimal("0.75"), 3), (Decimal("0.88"), 1))
_MIDDLE: Final = ((Decimal("0.5"), 8), (Decimal("0.7"), 5), (Decimal("0.85"), 3))
_LIGHT: Final = ((Decimal("0.5"), 8), (Decimal("0.75"), 5))
HEAVY_TO, MIDDLE_TO, LIGHT_TO = 6, 12, 20
"""Repetitions to failure up to which work is heavy, middling, light; above that no ramp-up is needed. House rule."""

SMALL = Decimal("0.10")
"""The least gap between two loads of the way up, as a share of the working load. House rule."""

_LED = {ImplementKind.BARBELL, ImplementKind.DUMBBELL, ImplementKind.KETTLEBELL, ImplementKind.STACK}


def ramp_up(
    asked: Prescription, working: Load | None, exercise: Exercise, place: Inventory, before: Sequence[Exercise]
) -> RampUp:
    """Answer the ramp-up sets of a line before its first working set. House rule.

    ``working`` is the first working load, ``before`` the loaded exercises already done today, in order. Loads climb,
    lie below the working load and can be made at the place.
    """
    why_not = _pointless(asked, working, exercise, place, before)
    if why_not or working is None:
        return RampUp((), why_not)
    kind = exercise.implement_at(place)
    reps = reps_of(asked.plans[0].target) or 0
    to_failure = reps + (DEFAULT_RESERVE if asked.left is None else asked.left)
    steps = _HEAVY if to_failure <= HEAVY_TO else _MIDDLE if to_failure <= MIDDLE_TO else _LIGHT
    found: list[RampSet] = []
    for share, count in steps:
        wanted = Load.of(round(working.value * share, 2), working.unit)
        made = (
            (place.nearest(kind, wanted, Rounding.DOWN) or place.nearest(kind, wanted, Rounding.UP)) if kind else None
        )
        if made is None:
            continue
        real = made.load.kg / working.kg
        lower = found[-1].share if found else Decimal(0)
        if lower + SMALL <= real <= 1 - SMALL / 2 or (not found and real <= 1 - SMALL):
            found.append(RampSet(made.load, min(count, reps), round(real, 3)))
    if not found:
        return RampUp((), f"Nothing lighter to go by: {working} is near the lightest here.")
    return RampUp(tuple(found), f"{len(found)} lighter set{'s' if len(found) > 1 else ''} up to {working}.")


def _pointless(
    asked: Prescription, working: Load | None, exercise: Exercise, place: Inventory, before: Sequence[Exercise]
) -> str:
    """Say why ramp-up sets would be pointless; empty where they are not."""
    reps = reps_of(asked.plans[0].target)
    if asked.ramp:
        return "This is a ramp-up itself."
    if exercise.kind is not ExerciseKind.LIFT or exercise.pattern in (Pattern.SINGLE_JOINT, Pattern.MOBILITY):
        return "Small or unloaded work needs none."
    if working is None or exercise.implement_at(place) not in _LED:
        return "Without a load there is nothing to ramp up to."
    if reps is None or reps + (DEFAULT_RESERVE if asked.left is None else asked.left) > LIGHT_TO:
        return "Light enough to begin with."
    plans = asked.plans
    loads = [load for plan in plans if isinstance(load := as_weight(plan.load), Load)]
    if len(loads) == len(plans) and len(set(loads)) > 1 and loads[0].kg < max(load.kg for load in loads):
        return "The sets themselves climb."
    warmed = next((e for e in before if e.pattern is exercise.pattern or e.id == exercise.id), None)
    if warmed is not None:
        return f"{warmed.name} has led up to it."
    movers = set(exercise.movers)
    if movers and all(any(m in e.movers for e in before) for m in movers):
        return "What was done before has led up to it."
    return ""
