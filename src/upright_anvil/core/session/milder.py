"""Asking less of a line for one session: lighter, fewer sets, more left in reserve; always at loads of the place."""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory, Rounding
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.coding import kind_of_things, remade
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, ShareOfMax, Together
from upright_anvil.core.prescription.loads_of import with_loads
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Density, Varied

LEAST_CUT: Final = Decimal("0.075")
MOST_CUT: Final = Decimal("0.10")
"""How much lighter a poor day is trained, as a share of the planned load. Rules, readiness."""

MOST_RESERVE_ON_THE_DAY: Final = 5
"""More left in reserve than this is no work any more. House rule."""


def lighter(asked: Prescription, exercise: Exercise, place: Inventory) -> Prescription:
    """Answer the prescription 7.5 to 10 % lighter at loads of the place; unchanged where none lies in between.

    Shares of the maximum are cut by 7.5 % and rounded to a half. Added load on body weight gets lighter, assistance
    stays. House rule.
    """
    kind = exercise.implement_at(place)
    return with_loads(asked, lambda load: _cut(load, kind, place))


def _cut(load: LoadTarget | None, kind: ImplementKind | None, place: Inventory) -> LoadTarget | None:
    match load:
        case Load():
            return _made(load, kind, place) or load
        case BodyweightLoad(added=added, assisted=False) if added is not None:
            less = _made(added, ImplementKind.BODYWEIGHT, place)
            return BodyweightLoad(less) if less else load
        case Together():
            kind = kind_of_things(load, kind, place)
            lighter = _made(load.weight, kind, place)
            found = place.find(kind, lighter) if kind is not None and lighter is not None else None
            return remade(load, found, kind) if found is not None and kind is not None else load
        case ShareOfMax():
            return ShareOfMax(round(load.per_cent * (1 - LEAST_CUT) * 2) / Decimal(2))
        case _:
            return load


def _made(load: Load, kind: ImplementKind | None, place: Inventory) -> Load | None:
    if kind is None:
        return None
    wanted = Load.of(load.value * (1 - LEAST_CUT), load.unit)
    found = place.nearest(kind, wanted, Rounding.DOWN)
    return found.load if found and found.load.kg >= load.kg * (1 - MOST_CUT) else None


def fewer_sets(asked: Prescription, fewer: int) -> Prescription:
    """Answer the prescription with some sets less, never below one; most rounds in a time get a third less time."""
    if isinstance(asked.scheme, Density):
        seconds = max(60, round(asked.scheme.seconds * 2 / 3 / 30) * 30)
        return replace(asked, scheme=Density(seconds))
    left = max(1, asked.sets - fewer)
    if isinstance(asked.scheme, Varied):
        targets, loads = asked.scheme.targets[:left], asked.scheme.loads[:left]
        targets = targets if len(set(targets)) > 1 else ()
        loads = loads if len(set(loads)) > 1 else ()
        return replace(asked, sets=left, scheme=Varied(targets, loads) if targets or loads else None)
    return replace(asked, sets=left)


def a_third_fewer(asked: Prescription) -> Prescription:
    """Answer the prescription with a third of its sets less, rounded, one less at the least. Rules, readiness."""
    return fewer_sets(asked, max(1, round(asked.sets / 3)))


def more_in_reserve(asked: Prescription) -> Prescription:
    """Answer the prescription with one more repetition left, at most five; unchanged where no reserve is said."""
    left = asked.left
    if left is None or left >= MOST_RESERVE_ON_THE_DAY:
        return asked
    return replace(asked, reserve=left + 1, rpe=None)
