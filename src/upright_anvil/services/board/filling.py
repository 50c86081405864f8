"""Filling lines along a path through the weeks."""

from collections.abc import Sequence
from datetime import date, datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import NO_WEEK, LineId, ProgramId, WeekId
from upright_anvil.core.plan.changing.paths import Path, PathKind
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits import apply_edits
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.services.board.reading import profile_of_program
from upright_anvil.services.board.saving import save_edits
from upright_anvil.services.board.trial import TrialView, trial
from upright_anvil.services.board.typed import along_path
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
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
    edits = _filled(scope, program_id, program, lines, week, path, today, until)
    names = "the same" if path.kind is PathKind.COPY else path.kind.value
    return save_edits(scope, program_id, base, edits, f"Filled on: {names}, {len(lines)} lines", now)


def try_fill(
    scope: Scope,
    program_id: ProgramId,
    lines: Sequence[LineId],
    week: WeekId,
    path: Path,
    today: date,
    until: WeekId = NO_WEEK,
) -> TrialView:
    """Answer what filling would change; nothing is kept. Raises `DomainError`, `NotFoundError`."""
    program = programs.current(scope, program_id).program
    edits = _filled(scope, program_id, program, lines, week, path, today, until)
    return trial(scope, program_id, program, apply_edits(program, edits), today)


def _filled(
    scope: Scope,
    program_id: ProgramId,
    program: Program,
    lines: Sequence[LineId],
    week: WeekId,
    path: Path,
    today: date,
    until: WeekId,
) -> list[SetCell]:
    profile = profile_of_program(scope, program_id, today)
    edits = [edit for line in lines for edit in along_path(program, line, week, path, until, profile)]
    if not edits:
        raise DomainError("There are no weeks after this one to fill.")
    return edits
