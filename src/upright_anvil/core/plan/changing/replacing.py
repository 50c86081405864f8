"""Finding an exercise, a load or a rest all over a program and putting another in its place."""

import re
from collections.abc import Iterator
from dataclasses import dataclass, replace
from decimal import Decimal
from enum import StrEnum
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import NO_EXERCISE, NO_WEEK, ExerciseId, WeekId
from upright_anvil.core.loads.inventory import Inventory, Rounding
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.changing.formulas import step_in
from upright_anvil.core.plan.changing.suited import swapped
from upright_anvil.core.plan.document import Line, Phase, Program
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.lines import ChangeExercise
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none, profiles_by_week
from upright_anvil.core.prescription.bounds import MAX_REST_SECONDS
from upright_anvil.core.prescription.load_targets import LoadTarget
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Varied
from upright_anvil.core.prescription.text.shorthand import read, write

_BY: Final = re.compile(r"([+−-])\s*(\d+(?:\.\d+)?)\s*(kg|lbs?|%|s)?", re.I)
_TIME: Final = re.compile(r"(?:(\d{1,2}):(\d{2})|(\d{1,4}))\s*(?:s|sec|min)?", re.I)
LEAST: Final = Decimal("0.5")


class Replaced(StrEnum):
    """What is looked for."""

    EXERCISE = "exercise"
    LOAD = "load"
    REST = "rest"


@dataclass(frozen=True, slots=True)
class ReplaceWish:
    """What to find and what to put there.

    An exercise is named by its id. A load is said as in shorthand, a rest in seconds or minutes; ``find`` may be empty
    for any, ``put`` may say by how much: ``+2.5``, ``-10 %``, ``-15 s``. ``phase`` and ``exercise`` narrow it down,
    ``from_week`` leaves earlier weeks as they are.
    """

    what: Replaced
    find: str
    put: str
    phase: str = ""
    exercise: ExerciseId = NO_EXERCISE
    from_week: WeekId = NO_WEEK


ReplaceEdit = SetCell | ChangeExercise


def replacements(program: Program, wish: ReplaceWish, profile: ClientProfile) -> list[ReplaceEdit]:
    """Answer the edits that put one thing in the place of another; none where nothing is found.

    Raises `DomainError` where what is wished cannot be read. Loads that are raised or lowered are made to ones the
    place has. House rule.
    """
    if wish.what is Replaced.EXERCISE:
        return list(_exercises(program, wish, profile))
    change = _load_change(wish, profile.unit) if wish.what is Replaced.LOAD else _rest_change(wish)
    return list(_cells(program, wish, profile, change))


def _exercises(program: Program, wish: ReplaceWish, profile: ClientProfile) -> Iterator[ReplaceEdit]:
    if wish.find == wish.put:
        raise DomainError("That is the same exercise.")
    into = profile.exercise(ExerciseId(wish.put))
    for phase in program.phases:
        if wish.phase not in ("", phase.id):
            continue
        for line in (line for day in phase.days for line in day.lines):
            for variant, name in (("", line.exercise), ("B", line.exercise_b)):
                if name and name == wish.find:
                    yield ChangeExercise(line=line.id, exercise=into.id, variant="B" if variant else "")
            yield from swapped_cells(phase, line, ExerciseId(wish.find), into, profile)


def swapped_cells(
    phase: Phase, line: Line, find: ExerciseId, into: Exercise, profile: ClientProfile
) -> Iterator[SetCell]:
    """Answer the cells of a line that change where another exercise takes the place of one, in the weeks it has it."""
    day = next(day for day in phase.days if line in day.lines)
    places = profiles_by_week(day, phase.weeks, profile)
    for week, cell, here in zip(phase.weeks, line.cells, places, strict=True):
        asked = prescription_or_none(cell.text, profile.unit)
        if asked is not None and line.exercise_in(week) == find:
            after = swapped(asked, here.exercise(find), into, here)
            if after != asked:
                yield SetCell(line=line.id, week=week.id, text=write(after))


def _cells(program: Program, wish: ReplaceWish, profile: ClientProfile, change: "_Change") -> Iterator[ReplaceEdit]:
    later = not wish.from_week
    for phase in program.phases:
        begun = [later := later or week.id == wish.from_week for week in phase.weeks]
        if wish.phase not in ("", phase.id):
            continue
        for day in phase.days:
            places = profiles_by_week(day, phase.weeks, profile)
            for line in day.lines:
                for n, week in enumerate(phase.weeks):
                    text = line.cells[n].text
                    asked = prescription_or_none(text, profile.unit) if begun[n] and _meant(line, wish) else None
                    if asked is None:
                        continue
                    here = places[n]
                    after = change.made(asked, here.exercise(line.exercise_in(week)), here.inventory)
                    if after != asked:
                        yield SetCell(line=line.id, week=week.id, text=write(after))


def _meant(line: Line, wish: ReplaceWish) -> bool:
    return not wish.exercise or wish.exercise in (line.exercise, line.exercise_b)


class _Change:
    """What becomes of a prescription."""

    def made(self, asked: Prescription, exercise: Exercise, place: Inventory) -> Prescription:
        raise NotImplementedError


@dataclass(frozen=True, slots=True)
class _LoadChange(_Change):
    """Another load: ``to`` outright, or ``by`` so much (in per cent where ``share``), never more than that.

    ``unit`` is the one it was typed in, None where it is the load's own.
    """

    find: LoadTarget | None
    to: LoadTarget | None = None
    by: Decimal = Decimal(0)
    share: bool = False
    unit: Unit | None = None

    def made(self, asked: Prescription, exercise: Exercise, place: Inventory) -> Prescription:
        if isinstance(asked.scheme, Varied) and asked.scheme.loads:
            loads = tuple(self._one(load, exercise, place) or load for load in asked.scheme.loads)
            alike = len(set(loads)) == 1
            scheme = Varied(asked.scheme.targets, () if alike else loads) if asked.scheme.targets or not alike else None
            return replace(asked, load=loads[0], scheme=scheme)
        load = self._one(asked.load, exercise, place)
        return asked if load is None else replace(asked, load=load)

    def _one(self, load: LoadTarget | None, exercise: Exercise, place: Inventory) -> LoadTarget | None:
        if load is None or (self.find is not None and not _same(load, self.find)):
            return None
        if self.to is not None:
            return self.to
        if not isinstance(load, Load):
            return None
        by = self.by if self.unit is None else step_in(self.by, self.unit, load.unit)
        value = load.value * (1 + by / 100) if self.share else load.value + by
        wanted = Load.of(max(round(value, 2), LEAST), load.unit)
        kind = exercise.implement_at(place)
        down = place.nearest(kind, wanted, Rounding.DOWN) if kind else None
        made = down or (place.nearest(kind, wanted, Rounding.NEAREST) if kind else None)
        return made.load if made else wanted


@dataclass(frozen=True, slots=True)
class _RestChange(_Change):
    """Another rest, seconds: ``to`` outright, or ``by`` so many."""

    find: int | None
    to: int | None
    by: int

    def made(self, asked: Prescription, exercise: Exercise, place: Inventory) -> Prescription:
        if asked.rest is None or (self.find is not None and asked.rest != self.find):
            return asked
        rest = self.to if self.to is not None else min(max(asked.rest + self.by, 0), MAX_REST_SECONDS)
        return replace(asked, rest=rest, rest_from=None)


def _same(load: LoadTarget, wanted: LoadTarget) -> bool:
    return load.same_as(wanted) if isinstance(load, Load) and isinstance(wanted, Load) else load == wanted


def _load_change(wish: ReplaceWish, unit: Unit) -> _LoadChange:
    find = _load(wish.find, unit) if wish.find.strip() else None
    if by := _BY.fullmatch(wish.put.strip()):
        sign = -1 if by[1] in "-−" else 1
        said = (by[3] or "").lower()
        typed = Unit.KG if said == "kg" else Unit.LB if said.startswith("lb") else None
        return _LoadChange(find, None, sign * Decimal(by[2]), said == "%", typed)
    return _LoadChange(find, _load(wish.put, unit))


def _load(text: str, unit: Unit) -> LoadTarget:
    try:
        load = read(f"3 x 8, {text.strip()}", unit).load
    except DomainError:
        load = None
    if load is None:
        raise DomainError(f"“{text.strip()}” is no load; say for example 60 kg, bw, 75 %, +2.5 or -10 %.")
    return load


def _rest_change(wish: ReplaceWish) -> _RestChange:
    find = _seconds(wish.find) if wish.find.strip() else None
    if by := _BY.fullmatch(wish.put.strip()):
        return _RestChange(find, None, int(Decimal(by[2])) * (-1 if by[1] in "-−" else 1))
    return _RestChange(find, _seconds(wish.put), 0)


def _seconds(text: str) -> int:
    found = _TIME.fullmatch(text.strip())
    if not found:
        raise DomainError(f"“{text.strip()}” is no rest; say for example 90, 2:00, +15 or -30.")
    seconds = int(found[3]) if found[3] else int(found[1]) * 60 + int(found[2])
    if seconds > MAX_REST_SECONDS:
        raise DomainError(f"A rest is at most {MAX_REST_SECONDS // 60} minutes.")
    return seconds
