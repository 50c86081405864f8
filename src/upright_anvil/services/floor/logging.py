"""Logging on the floor: start, sets, notes, finish. Everything can be sent twice and counts once."""

from collections.abc import Mapping, Sequence
from dataclasses import replace
from datetime import date, datetime, timedelta

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import DayId, ProgramId, SessionId, WeekId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.plan.read_out.reading import day_estimate, profiles_by_week
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.floor.changes.away import keep_step_back, was_away
from upright_anvil.services.floor.changes.on_the_day import on_the_day
from upright_anvil.services.floor.session import FoundSession, find
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.pace import LONGEST_SESSION, unpaced_profile
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.rows.once import stored
from upright_anvil.store.tables import NoteRow, SessionRow


def start_session(
    scope: Scope,
    sid: SessionId,
    program_id: ProgramId,
    week_id: WeekId,
    day_id: DayId,
    started_at: datetime,
    now: datetime,
) -> Acknowledged:
    """Open a session in the ledger, on the day it is in the studio: that of ``started_at`` in the zone of ``now``.

    After days away the step back is kept with it as a change of the day. Raises `DomainError` when the id is not
    this session's, `NotFoundError`.
    """
    if stored(scope, SessionRow, sid, program_id=program_id, week_id=week_id, day_id=day_id):
        return Acknowledged(sid, again=True)
    found = find(scope, program_id, week_id, day_id)
    if found.id != sid:
        raise DomainError("This session's id does not belong to that program, week and day.")
    started = _as_possible(started_at, now).astimezone(now.tzinfo)
    dates = training_sessions.session_dates(scope, found.program.client_id)
    row = open_row(scope, found, sid, started)
    if was_away(dates, sid, row.on_date):
        _step_back(scope, found, row, dates, now)
    return Acknowledged(sid, again=False)


def _step_back(
    scope: Scope, found: FoundSession, row: SessionRow, dates: Mapping[SessionId, date], now: datetime
) -> None:
    """Keep the step back of a session that begins after days away, and what it comes to in time."""
    profile = replace(client_profile(scope, row.client_id, row.on_date, dates=dates), pace=1.0)
    day = on_the_day(scope, replace(found, row=row))
    here = profiles_by_week(found.day, (found.phase.weeks[found.week],), profile)[0]
    if keep_step_back(scope, row, day, here, dates, now):
        eased = on_the_day(scope, replace(found, row=row)).found
        row.estimated_seconds = day_estimate(eased.day, eased.phase.weeks, 0, profile)


def open_row(scope: Scope, found: FoundSession, sid: SessionId, started: datetime) -> SessionRow:
    """Add the row of a session that was or is held, on the day of ``started`` in its own zone."""
    profile = unpaced_profile(scope, found.program.client_id)
    row = SessionRow(
        id=sid,
        client_id=found.program.client_id,
        program_id=found.program.id,
        revision=found.revision.number,
        week_id=found.week_id,
        day_id=found.day.id,
        on_date=started.date(),
        estimated_seconds=day_estimate(found.day, found.phase.weeks, found.week, profile),
        started_at=started,
    )
    scope.db.add(row)
    scope.db.flush()
    return row


OFFLINE_DAYS = 14
"""How long a tap may have waited in a browser; an older time is that of a clock gone wrong. House rule."""


def log_set(scope: Scope, sid: SessionId, row: PerformedSet, now: datetime) -> Acknowledged:
    """Store a performed set, at the time it arrived where the device's clock cannot be right.

    Raises `NotFoundError` before the session was started.
    """
    return Acknowledged(row.id, again=not ledger.add_set(scope, sid, _arrived(row, now), now))


def log_sets(scope: Scope, sid: SessionId, rows: Sequence[PerformedSet], now: datetime) -> None:
    """Store the sets of a session at once, each as `log_set` does. Raises `NotFoundError`."""
    ledger.add_sets(scope, sid, [_arrived(row, now) for row in rows], now)


def _arrived(row: PerformedSet, now: datetime) -> PerformedSet:
    """A set as it is kept: mostly as it came, for whoever logs it is signed by the ledger."""
    at = row.logged_at and _as_possible(row.logged_at, now)
    return row if at == row.logged_at else replace(row, logged_at=at)


def _as_possible(at: datetime, now: datetime) -> datetime:
    """A device's time where it can be right, else the time it arrived."""
    return at if now - timedelta(days=OFFLINE_DAYS) <= at <= now else now


def add_note(
    scope: Scope, sid: SessionId, note_id: str, line: str, text: str, now: datetime, *, for_next: bool = False
) -> Acknowledged:
    """Store a note on a session, or on one of its lines; ``for_next`` is shown when the client comes again.

    Raises `NotFoundError` before the session was started.
    """
    session = training_sessions.session(scope, sid)
    if stored(scope, NoteRow, note_id, session_id=sid, line=line, text=text, for_next=for_next):
        return Acknowledged(note_id, again=True)
    scope.db.add(
        NoteRow(
            id=note_id,
            client_id=session.client_id,
            session_id=sid,
            line=line,
            text=text,
            for_next=for_next,
            at=now,
        )
    )
    return Acknowledged(note_id, again=False)


def finish_session(scope: Scope, sid: SessionId, finished_at: datetime, now: datetime) -> Acknowledged:
    """Close a session. Raises `NotFoundError` before it was started.

    Closing it again keeps the first time, unless sets were logged since on the same day: it was closed too early then.
    """
    session = training_sessions.session(scope, sid)
    at = max(min(finished_at, now), session.started_at)
    before = session.finished_at
    if before is not None and not _went_on(scope, session, before, at):
        return Acknowledged(sid, again=True)
    session.finished_at = at
    return Acknowledged(sid, again=False)


def _went_on(scope: Scope, session: SessionRow, closed: datetime, at: datetime) -> bool:
    """Whether sets were logged between two closings that may lie in one session."""
    last = ledger.last_logged(scope, session.id)
    return last is not None and closed < last <= at and at - session.started_at <= LONGEST_SESSION


def say_effort(scope: Scope, sid: SessionId, effort: int) -> Acknowledged:
    """Keep how hard the whole session was, 0 to 10; the last word holds. Raises `NotFoundError`."""
    session = training_sessions.session(scope, sid)
    again = session.effort == effort
    session.effort = effort
    return Acknowledged(sid, again=again)


def session_estimate(scope: Scope, sid: SessionId) -> int:
    """Answer the seconds a session was estimated to take when it was started. Raises `NotFoundError`."""
    return training_sessions.session(scope, sid).estimated_seconds
