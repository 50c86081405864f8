"""Filling lines along a path through the weeks."""

from collections.abc import Sequence
from datetime import date, datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import NO_WEEK, LineId, ProgramId, WeekId
from upright_anvil.core.plan.client_profile import ClientProfile
from upright_anvil.core.plan.document import Program, WeekKind
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.locate import find_line, week_index
from upright_anvil.core.plan.paths import Path, PathKind, along
from upright_anvil.core.plan.reading import profiles_by_week
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.services.board.reading import profile_of_program
from upright_anvil.services.board.saving import save_edits
from upright_anvil.store import programs
from upright_anvil.store.database import Scope
from upright_anvil.store.programs import Revision


def fill(
    scope: Scope,
    program_id: ProgramId,
    base: int,
    lines: Sequence[LineId],
    week: WeekId,
    path: Path,
    now: datetime,
    today: date,
    until: WeekId = NO_WEEK,
) -> Revision:
    """Fill lines from a week on along a path, to the end of the phase or ``until`` a week, as one revision.

    Raises `DomainError` where a path does not fit what a line says, `StaleSaveError`, `NotFoundError`.
    """
    program = programs.current(scope, program_id).program
    profile = profile_of_program(scope, program_id, today)
    edits = [edit for line in lines for edit in _edits(program, line, week, path, until, profile)]
    if not edits:
        raise DomainError("There are no weeks after this one to fill.")
    names = "the same" if path.kind is PathKind.COPY else path.kind.value
    return save_edits(scope, program_id, base, edits, f"Filled on: {names}, {len(lines)} lines", now)


def _edits(
    program: Program, line_id: LineId, week_id: WeekId, path: Path, until: WeekId, profile: ClientProfile
) -> list[SetCell]:
    place = find_line(program, line_id)
    start = week_index(place.phase, week_id)
    end = week_index(place.phase, until) + 1 if until else len(place.phase.weeks)
    weeks = place.phase.weeks[start:end]
    text = place.line.cells[start].text
    if path.kind is PathKind.COPY:
        return [SetCell(line=line_id, week=week.id, text=text) for week in weeks[1:]]
    if not text:
        raise DomainError(f"{profile.exercise(place.line.exercise).name} says nothing in that week to start from.")
    here = profiles_by_week(place.day, weeks, profile)[0]
    exercise = profile.exercise(place.line.exercise_in(weeks[0]))
    kinds = [WeekKind(week.kind) for week in weeks]
    found = along(path, read(text, profile.unit), kinds, exercise, here.inventory, profile.unit)
    return [
        SetCell(line=line_id, week=week.id, text=write(one))
        for week, one in list(zip(weeks, found, strict=True))[0 if path.kind is PathKind.WAVE else 1 :]
    ]
