"""Sessions that were started: which day of which program, when, how long; what they are counted and dated by."""

from collections.abc import Collection, Sequence
from datetime import UTC, date, datetime
from typing import Any, NamedTuple, Protocol

from sqlalchemy import bindparam, func, select
from sqlalchemy.orm import aliased

from upright_anvil.core.ids import ClientId, DayId, ProgramId, SessionId, WeekId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.by_id import by_id
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import ClientRow, SessionRow


def find_session(scope: Scope, session_id: SessionId) -> SessionRow | None:
    """Answer a session, None before it was started."""
    return by_id(scope, SessionRow, session_id)


def session(scope: Scope, session_id: SessionId) -> SessionRow:
    """Answer a session. Raises `NotFoundError`."""
    row = find_session(scope, session_id)
    if row is None:
        raise NotFoundError("session")
    return row


class HeldSession(NamedTuple):
    """What of a session is asked of hundreds at once: which day of which program, when, how long, how hard."""

    id: SessionId
    program_id: ProgramId
    revision: int
    week_id: WeekId
    day_id: DayId
    on_date: date
    started_at: datetime
    finished_at: datetime | None
    estimated_seconds: int
    effort: int | None


_HELD = select(*(getattr(SessionRow, name) for name in HeldSession._fields)).order_by(
    SessionRow.on_date, SessionRow.started_at
)
_HELD_BY = _HELD.where(SessionRow.client_id == bindparam("client"))
_SESSIONS: Query[Any] = Query(_HELD_BY)
_SINCE: Query[Any] = Query(_HELD_BY.where(SessionRow.on_date >= bindparam("since")))
_OF_PROGRAM: Query[Any] = Query(_HELD.where(SessionRow.program_id == bindparam("program")))


def sessions_of_client(scope: Scope, client_id: ClientId) -> Sequence[HeldSession]:
    """Answer a client's sessions, oldest first."""
    return [HeldSession._make(row) for row in _SESSIONS.all(scope, client=client_id)]


def recent_sessions(scope: Scope, client_id: ClientId, since: date) -> Sequence[HeldSession]:
    """Answer a client's sessions from a date on, oldest first."""
    return [HeldSession._make(row) for row in _SINCE.all(scope, client=client_id, since=since)]


def sessions_of_program(scope: Scope, program_id: ProgramId) -> Sequence[HeldSession]:
    """Answer a program's sessions, oldest first."""
    return [HeldSession._make(row) for row in _OF_PROGRAM.all(scope, program=program_id)]


_DATES: Query[Any] = Query(select(SessionRow.id, SessionRow.on_date).where(SessionRow.client_id == bindparam("client")))


def session_dates(scope: Scope, client_id: ClientId) -> dict[SessionId, date]:
    """Answer the day of each of a client's sessions, in no order."""
    return {held: date.fromisoformat(on) for held, on in _DATES.as_stored(scope, client=client_id)}


_NEWEST_FIRST: Query[Any] = Query(
    select(SessionRow.id, SessionRow.on_date)
    .where(SessionRow.client_id == bindparam("client"))
    .order_by(SessionRow.on_date.desc(), SessionRow.id.desc())
)


def newest_of(
    scope: Scope, client_id: ClientId, sessions: Collection[SessionId], most: int | None = None
) -> dict[SessionId, date]:
    """Answer the day of each of some of a client's sessions, newest first: so many of them, or all.

    Only those are read that are no older than the oldest answered.
    """
    found: dict[SessionId, date] = {}
    rows = _NEWEST_FIRST.as_stored(scope, client=client_id) if sessions else ()
    for held, on in rows:
        if held in sessions:
            found[held] = date.fromisoformat(on)
            if len(found) == most:
                break
    return found


def not_before(scope: Scope, client_id: ClientId, moment: datetime) -> set[SessionId]:
    """Answer a client's sessions that began at a moment or later."""
    return set(_NOT_BEFORE.values(scope, client=client_id, moment=moment))


_NOT_BEFORE: Query[Any] = Query(
    select(SessionRow.id).where(
        SessionRow.client_id == bindparam("client"), SessionRow.started_at >= bindparam("moment")
    )
)
_FINISHED_BEFORE: Query[Any] = Query(
    select(SessionRow.id)
    .where(
        SessionRow.client_id == bindparam("client"),
        SessionRow.id != bindparam("session"),
        SessionRow.finished_at.is_not(None),
        SessionRow.started_at < bindparam("moment"),
    )
    .order_by(SessionRow.on_date.desc(), SessionRow.started_at.desc())
    .limit(1)
)
END_OF_TIME = datetime.max.replace(tzinfo=UTC)


def finished_before(
    scope: Scope, client_id: ClientId, session_id: SessionId, moment: datetime | None
) -> SessionId | None:
    """Answer a client's newest finished session, apart from one, of those that began before a moment."""
    given = {"client": client_id, "session": session_id, "moment": moment or END_OF_TIME}
    found: SessionId | None = _FINISHED_BEFORE.value(scope, **given)
    return found


class TimedSession(Protocol):
    """When a session began and ended, and how long it was estimated to take."""

    @property
    def started_at(self) -> datetime:
        """When it began."""

    @property
    def finished_at(self) -> datetime | None:
        """When it was ended, None before."""

    @property
    def estimated_seconds(self) -> int:
        """How long it was to take, without the client's pace."""


class SessionTimes(NamedTuple):
    """The times of a session as they were read."""

    started_at: datetime
    finished_at: datetime | None
    estimated_seconds: int


_TIMES = (SessionRow.started_at, SessionRow.finished_at, SessionRow.estimated_seconds)
_NEWEST: Query[Any] = Query(
    select(*_TIMES)
    .where(SessionRow.client_id == bindparam("client"))
    .order_by(SessionRow.on_date.desc(), SessionRow.started_at.desc())
    .limit(bindparam("most"))
)


def newest_sessions(scope: Scope, client_id: ClientId, limit: int | None) -> Sequence[TimedSession]:
    """Answer the times of a client's newest sessions, oldest first; of all without a limit."""

    def read() -> list[SessionTimes]:
        # Of a limit below nothing SQLite makes none.
        rows = _NEWEST.all(scope, client=client_id, most=-1 if limit is None else limit)
        return [SessionTimes._make(row) for row in rows[::-1]]

    return scope.once((newest_sessions, client_id, limit), read)


_EACH = func.json_each(bindparam("clients")).table_valued("value", name="asked")
_OF_EACH = aliased(SessionRow)
_NEWEST_OF_EACH: Query[Any] = Query(
    select(SessionRow.client_id, *_TIMES)
    .select_from(_EACH)
    .join(
        SessionRow,
        SessionRow.id.in_(
            select(_OF_EACH.id)
            .where(_OF_EACH.client_id == _EACH.c.value)
            .order_by(_OF_EACH.on_date.desc(), _OF_EACH.started_at.desc())
            .limit(bindparam("most"))
            .correlate(_EACH)
        ),
    )
    .order_by(SessionRow.on_date, SessionRow.started_at)
)


def read_newest_sessions(scope: Scope, clients: Collection[ClientId], limit: int) -> None:
    """Read the newest sessions of some clients with one query, where nothing is written meanwhile.

    They are there for `newest_sessions` to answer.
    """
    if scope.seen is None:
        return
    found: dict[ClientId, list[SessionTimes]] = {client: [] for client in clients}
    for client, *times in _NEWEST_OF_EACH.all(scope, clients=clients, most=limit):
        found[client].append(SessionTimes._make(times))
    scope.seen.update({(newest_sessions, client, limit): times for client, times in found.items()})


def last_finished(scope: Scope, client_id: ClientId) -> date | None:
    """Answer the day of a client's last finished session, however long ago."""
    on: date | None = _LAST_FINISHED.value(scope, client=client_id)
    return on


_LAST_FINISHED: Query[Any] = Query(
    select(SessionRow.on_date)
    .where(SessionRow.client_id == bindparam("client"), SessionRow.finished_at.is_not(None))
    .order_by(SessionRow.on_date.desc())
    .limit(1)
)


def last_sessions(scope: Scope) -> dict[ClientId, date]:
    """Answer the day of each client's last session."""
    return {client: on for client, on in _LAST_SESSIONS.all(scope) if on is not None}


_LAST_SESSION = select(func.max(SessionRow.on_date)).where(SessionRow.client_id == ClientRow.id)
_LAST_SESSIONS: Query[tuple[ClientId, date | None]] = Query(select(ClientRow.id, _LAST_SESSION.scalar_subquery()))


def sessions_since(scope: Scope, since: date) -> Sequence[SessionRow]:
    """Answer all clients' sessions from a date on, oldest first."""
    return _ALL_SINCE.all(scope, since=since)


_ALL_SINCE: Query[SessionRow] = Query(
    select(SessionRow)
    .where(SessionRow.on_date >= bindparam("since"))
    .order_by(SessionRow.on_date, SessionRow.started_at)
)
