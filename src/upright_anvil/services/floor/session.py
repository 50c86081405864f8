"""Finding a training session: which program, week and day it is, and which revision it goes by."""

from dataclasses import dataclass
from datetime import date, timedelta

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import DayId, ProgramId, SessionId, WeekId
from upright_anvil.core.plan.document import Day, Phase
from upright_anvil.core.plan.locate import find_day, week_index
from upright_anvil.services.ids import session_id
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import training_sessions
from upright_anvil.store.programs import Revision
from upright_anvil.store.tables import ProgramRow, SessionRow


@dataclass(frozen=True, slots=True)
class FoundSession:
    """A session of a program: planned, and the stored row once it was started.

    ``week`` is the index in its phase, ``number`` counts weeks from the program's first.
    """

    id: SessionId
    program: ProgramRow
    revision: Revision
    phase: Phase
    day: Day
    week: int
    planned_for: date
    number: int
    row: SessionRow | None

    def now(self, scope: Scope) -> Revision:
        """Answer the revision of the program that holds, which the session may have been run before."""
        held = self.program.revision
        return self.revision if held == self.revision.number else programs.revision(scope, self.program.id, held)

    @property
    def week_id(self) -> WeekId:
        """The week's id."""
        return self.phase.weeks[self.week].id


def find(scope: Scope, program_id: ProgramId, week_id: WeekId, day_id: DayId) -> FoundSession:
    """Answer a session of a program. Raises `DomainError` when plan and history know no such day, `NotFoundError`.

    A finished session goes by the revision it was run from, others by the one that holds; when the day has since gone
    from the plan, a started session still opens by its own revision.
    """
    sid = session_id(program_id, week_id, day_id)
    program = programs.program_row(scope, program_id)
    row = training_sessions.find_session(scope, sid)
    if row is not None and row.finished_at is not None:
        return _located(sid, program, programs.revision(scope, program_id, row.revision), week_id, day_id, row)
    try:
        return _located(sid, program, programs.current(scope, program_id), week_id, day_id, row)
    except DomainError:
        if row is None:
            raise
        return _located(sid, program, programs.revision(scope, program_id, row.revision), week_id, day_id, row)


def find_as_of(scope: Scope, program_id: ProgramId, revision: int, week_id: WeekId, day_id: DayId) -> FoundSession:
    """Answer a session as a revision planned it, whatever became of the day since.

    Raises `DomainError` when that revision has no such day, `NotFoundError`.
    """
    sid = session_id(program_id, week_id, day_id)
    program = programs.program_row(scope, program_id)
    row = training_sessions.find_session(scope, sid)
    return _located(sid, program, programs.revision(scope, program_id, revision), week_id, day_id, row)


def find_started(scope: Scope, sid: SessionId) -> FoundSession:
    """Answer a started session by its id. Raises `NotFoundError`."""
    row = training_sessions.session(scope, sid)
    return find(scope, row.program_id, row.week_id, row.day_id)


def _located(
    sid: SessionId, program: ProgramRow, revision: Revision, week_id: WeekId, day_id: DayId, row: SessionRow | None
) -> FoundSession:
    phase, planned_day = find_day(revision.program, day_id)
    index = week_index(phase, week_id)
    day = revision.program.as_held(phase, week_id, planned_day)
    number, monday = next(
        (n, monday)
        for n, (p, i, monday) in enumerate(revision.program.weeks(), start=1)
        if (p.id, i) == (phase.id, index)
    )
    moved = next((m.to for m in revision.program.moved if (m.week, m.day) == (week_id, day.id) and m.to), None)
    planned = moved or monday + timedelta(days=day.weekday)
    return FoundSession(sid, program, revision, phase, day, index, planned, number, row)
