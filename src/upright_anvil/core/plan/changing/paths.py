"""Paths a line follows through the weeks: copy it, or let one thing climb by a step.

A path starts from the cell it is filled from. Easing-off weeks get a third fewer sets and a tenth less load and do not
count as a step. Every load is one the place can make. House rules.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory, Rounding
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.prescription.bounds import MAX_REPS, MAX_RESERVE, MAX_SETS, MAX_WORK_SECONDS
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, ShareOfMax, Together
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Varied
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds

EASY_LOAD = Decimal("0.9")
EASY_SETS = Decimal(2) / 3
CYCLE = 4
"""Weeks of three up and one easy."""


class PathKind(StrEnum):
    """What a path changes from week to week."""

    COPY = "the same"
    LOAD = "load"
    REPS = "reps"
    SECONDS = "seconds"
    REST = "rest"
    SETS = "sets"
    RESERVE = "reps left"
    THREE_UP = "three up, one easy"
    WAVE = "wave of the max"


@dataclass(frozen=True, slots=True)
class Path:
    """A kind with its step: kg or lb for loads, repetitions, seconds, sets; per cents of the maximum for a wave."""

    kind: PathKind
    step: Decimal = Decimal(0)
    per_cents: tuple[Decimal, ...] = ()


def along(
    path: Path, start: Prescription, weeks: Sequence[WeekKind], exercise: Exercise, place: Inventory, unit: Unit
) -> tuple[Prescription, ...]:
    """Answer the prescriptions of the weeks, the first of which is the start's own.

    ``unit`` is the client's: what is added to body weight alone is in it.

    Raises `DomainError` where the path does not fit what is written, or leads out of bounds. House rule.
    """
    found, steps = [], 0
    for number, kind in enumerate(weeks):
        easy = number > 0 and (
            kind is WeekKind.EASE_OFF or (path.kind is PathKind.THREE_UP and number % CYCLE == CYCLE - 1)
        )
        if number > 0 and not easy and kind is not WeekKind.HOLD:
            steps += 1
        taken = _taken(path, start, steps, number, exercise, place, unit)
        found.append(eased_off(taken, exercise, place) if easy and path.kind is not PathKind.WAVE else taken)
    return tuple(found)


def _taken(
    path: Path, start: Prescription, steps: int, week: int, exercise: Exercise, place: Inventory, unit: Unit
) -> Prescription:
    amount = int(path.step) * steps
    match path.kind:
        case PathKind.COPY:
            return start
        case PathKind.LOAD | PathKind.THREE_UP:
            return _loaded(start, path.step * steps, exercise, place, unit)
        case PathKind.REPS:
            return _more_reps(start, amount)
        case PathKind.SECONDS:
            return _longer(start, amount)
        case PathKind.REST:
            rest = max((start.rest if start.rest is not None else _no("a rest")) + amount, 0)
            return replace(start, rest=rest, activity=start.activity)
        case PathKind.SETS:
            return _with_sets(start, min(max(start.sets + amount, 1), MAX_SETS))
        case PathKind.RESERVE:
            left = start.reserve if start.reserve is not None else _no("reps left, for example leave 3")
            return replace(start, reserve=min(max(left + amount, 0), MAX_RESERVE))
        case PathKind.WAVE:
            if not path.per_cents:
                raise DomainError("Say the per cents of the wave, for example 70, 75, 80, 60.")
            if isinstance(start.scheme, Varied) and start.scheme.loads:
                raise DomainError("A wave needs one load for all sets.")
            return replace(start, load=ShareOfMax(path.per_cents[week % len(path.per_cents)]))


def _no(what: str) -> int:
    raise DomainError(f"The first cell of this path needs {what}.")


def _loaded(start: Prescription, more: Decimal, exercise: Exercise, place: Inventory, unit: Unit) -> Prescription:
    if isinstance(start.scheme, Varied) and start.scheme.loads:
        loads = tuple(_raised(load, more, exercise, place, unit) for load in start.scheme.loads)
        scheme = replace(start.scheme, loads=loads if len(set(loads)) > 1 else ())
        return replace(start, load=loads[0], scheme=scheme if scheme.loads or scheme.targets else None)
    if start.load is None:
        raise DomainError("The first cell of this path needs a load, for example 60 kg.")
    return replace(start, load=_raised(start.load, more, exercise, place, unit))


def _raised(load: LoadTarget, more: Decimal, exercise: Exercise, place: Inventory, unit: Unit) -> LoadTarget:
    match load:
        case _ if not more:
            return load
        case Load():
            return _made(
                Load.of(max(load.value + more, Decimal("0.5")), load.unit), exercise.implement_at(place), place
            )
        case Together():
            weight = _raised(load.weight, more, exercise, place, unit)
            return load.reweighed(weight, load.name) if isinstance(weight, Load) else load
        case BodyweightLoad(added=added, assisted=False):
            base = added or Load.of(0, unit)
            made = _made(Load.of(base.value + more, base.unit), ImplementKind.BODYWEIGHT, place)
            return BodyweightLoad(made)
        case ShareOfMax():
            return ShareOfMax(load.per_cent + more)
        case _:
            raise DomainError(f"A path cannot add to '{load}'; write a load such as 60 kg.")


def _made(wanted: Load, kind: ImplementKind | None, place: Inventory) -> Load:
    """The nearest load the place can make; as wanted where it has none of the kind."""
    made = place.nearest(kind, wanted, Rounding.NEAREST) if kind else None
    return made.load if made else wanted


def _more_reps(start: Prescription, more: int) -> Prescription:
    match start.target:
        case Reps(low=low, high=high) if start.scheme is None:
            return replace(start, target=Reps(_rep(low + more), _rep(high + more)))
        case Most(cap=int() as cap) if start.scheme is None:
            return replace(start, target=Most(_rep(cap + more)))
        case _:
            raise DomainError("The first cell of this path needs plain repetitions, for example 3 x 8.")


def _rep(reps: int) -> int:
    return min(max(reps, 1), MAX_REPS)


def _longer(start: Prescription, more: int) -> Prescription:
    match start.target:
        case Seconds(seconds=seconds) as held if start.scheme is None:
            return replace(start, target=held.moved_to(min(max(seconds + more, 1), MAX_WORK_SECONDS)))
        case Distance(metres=metres) if start.scheme is None:
            return replace(start, target=Distance(max(metres + more, 1)))
        case _:
            raise DomainError("The first cell of this path needs seconds or metres, for example 3 x 30 s.")


def _with_sets(start: Prescription, sets: int) -> Prescription:
    if start.scheme is not None:
        raise DomainError("Sets that differ are added one by one; this path needs sets that are alike.")
    return replace(start, sets=sets)


def eased_off(taken: Prescription, exercise: Exercise, place: Inventory) -> Prescription:
    """Answer a prescription for an easing-off week: a third fewer sets, a tenth less load, as far as both can be said.

    The lightest load stays. House rule.
    """
    eased = taken
    if taken.scheme is None:
        eased = replace(eased, sets=max(round(taken.sets * EASY_SETS), 1))
    if isinstance(taken.load, Load) and not (isinstance(taken.scheme, Varied) and taken.scheme.loads):
        kind = exercise.implement_at(place)
        wanted = Load.of(round(taken.load.value * EASY_LOAD, 1), taken.load.unit)
        made = place.nearest(kind, wanted, Rounding.DOWN) if kind else None
        eased = replace(eased, load=made.load if made else taken.load) if taken.scheme is None else eased
    return eased
