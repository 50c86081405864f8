"""Bringing a pasted program into a phase: first what was understood, then all of it as one revision."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import DayId, ExerciseId, LineId, ProgramId, WeekId
from upright_anvil.core.library.search import SearchIndex
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.pasted.program_rows import PastedDay, PastedLine, PastedProgram, program_rows
from upright_anvil.core.pasted.table import LeftRow, table_of
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits.days import PutDay, RemoveDay
from upright_anvil.core.plan.edits.weeks import AddWeek
from upright_anvil.core.plan.locate import find_phase
from upright_anvil.core.plan.parts import Cell, Day, Group, Line
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH, read
from upright_anvil.services.board.saving import fresh_base, write_revision
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.library.naming import MeantExercise, NearExercise, loads_in, meant_by
from upright_anvil.services.shelf import library
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.programs import Revision


@dataclass(frozen=True, slots=True)
class UnderstoodRow:
    """A line of the pasted program: its row, day, name as typed, the exercise that the name names, else the nearest.

    ``texts`` has a text a week; ``unread`` says of the first that cannot be read why.
    """

    row: int
    day: int
    typed: str
    exercise: NearExercise | None
    nearest: tuple[NearExercise, ...]
    texts: tuple[str, ...]
    unread: str


@dataclass(frozen=True, slots=True)
class PastedView:
    """What a pasted program comes to, before anything is written: days, weeks, lines, and rows left with the reason."""

    days: tuple[PastedDay, ...]
    weeks: int
    lines: tuple[UnderstoodRow, ...]
    left: tuple[LeftRow, ...]


def pasted_view(scope: Scope, program_id: ProgramId, text: str) -> PastedView:
    """Answer what a pasted text was understood as. Raises `DomainError` where nothing was, `NotFoundError`."""
    found = program_rows(table_of(text))
    index, unit = library(scope).index, _unit(scope, program_id)
    lines = []
    for line in found.lines:
        meant = _meant(index, line, unit)
        unread = _unread(line.texts, unit)
        lines.append(UnderstoodRow(line.row, line.day, line.name, meant.exercise, meant.nearest, line.texts, unread))
    return PastedView(found.days, found.weeks, tuple(lines), found.left)


def bring_in(
    scope: Scope,
    program_id: ProgramId,
    base: int,
    phase_id: str,
    text: str,
    chosen: Mapping[int, ExerciseId],
    now: datetime,
) -> Revision:
    """Write a pasted program into a phase as days of its own, one revision in all.

    ``chosen`` names exercises by row where the name does not; rows without an exercise are left out. Raises
    `DomainError` where nothing is left or the phase has no room, `StaleSaveError`, `NotFoundError`.
    """
    found = program_rows(table_of(text))
    shelf = library(scope)
    unit = _unit(scope, program_id)
    exercises = {line.row: chosen.get(line.row) or _meant(shelf.index, line, unit).id for line in found.lines}
    for wanted in exercises.values():
        if wanted:
            shelf.exercise(wanted)
    named = {row: exercise for row, exercise in exercises.items() if exercise}
    if not named:
        raise DomainError("No row has an exercise yet: choose one for at least one of them.")
    before = fresh_base(scope, program_id, base)
    program = _with_days(_with_weeks(before.program, phase_id, found.weeks), phase_id, found, named)
    return write_revision(scope, before, program, f"Brought in {len(named)} lines from a spreadsheet", now)


def _meant(index: SearchIndex, line: PastedLine, unit: Unit) -> MeantExercise:
    return meant_by(index, line.name, loads_in(next(filter(None, line.texts), ""), unit))


def _with_weeks(program: Program, phase_id: str, many: int) -> Program:
    for _ in range(many - len(find_phase(program, phase_id).weeks)):
        program = AddWeek(phase=phase_id, week=WeekId(f"w{fresh_id()[:10]}")).apply(program)
    return program


def _with_days(program: Program, phase_id: str, found: PastedProgram, exercises: Mapping[int, ExerciseId]) -> Program:
    """The program with the pasted days; the empty days that a new program begins with give way."""
    phase = find_phase(program, phase_id)
    if not any(day.groups for day in phase.days):
        for empty in phase.days:
            program = RemoveDay(day=empty.id).apply(program)
    taken = {day.weekday for day in find_phase(program, phase_id).days}
    for at, pasted in enumerate(found.days):
        lines = [line for line in found.lines if line.day == at and line.row in exercises]
        if not lines:
            continue
        free = next((n for n in _SPREAD if n not in taken), at % len(_SPREAD))
        weekday = free if pasted.weekday is None else pasted.weekday
        taken.add(weekday)
        groups = tuple(
            Group(
                id=f"g{fresh_id()[:10]}", lines=(_line(exercises[line.row], line.texts, len(phase.weeks), line.note),)
            )
            for line in lines
        )
        made = Day(id=DayId(f"d{fresh_id()[:10]}"), name=pasted.name[:60], weekday=weekday, groups=groups)
        program = PutDay(phase=phase_id, value=made).apply(program)
    return program


_SPREAD = (0, 2, 4, 1, 3, 5, 6)
"""Weekdays that days without one get, in this order."""


def _line(exercise: ExerciseId, texts: tuple[str, ...], weeks: int, note: str) -> Line:
    cells = (*texts, *([texts[-1]] * (weeks - len(texts))))
    return Line(
        id=LineId(f"l{fresh_id()[:10]}"),
        exercise=exercise,
        cells=tuple(Cell(text=text[:MAX_LENGTH]) for text in cells[:weeks]),
        reason=note[:200],
    )


def _unit(scope: Scope, program_id: ProgramId) -> Unit:
    return Unit(client(scope, programs.program_row(scope, program_id).client_id).unit)


def _unread(texts: tuple[str, ...], unit: Unit) -> str:
    for text in texts:
        if text:
            try:
                read(text, unit)
            except DomainError as refusal:
                return f"“{text}”: {refusal}"
    return ""
