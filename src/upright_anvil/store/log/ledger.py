"""Performed sets, notes and decisions: rows that are added."""

from collections.abc import Collection, Iterable, Sequence
from dataclasses import dataclass
from datetime import date, datetime
from typing import Any, cast

from sqlalchemy import Table as SqlTable
from sqlalchemy import bindparam, func, select
from sqlalchemy.dialects import sqlite
from sqlalchemy.dialects.sqlite import insert

from upright_anvil.core.ids import ClientId, LineId, SessionId
from upright_anvil.core.ledger.rows import Outcome, PerformedSet
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import training_sessions
from upright_anvil.store.rows.mapping import Columns
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.rows.once import stored
from upright_anvil.store.rows.query import Query, among
from upright_anvil.store.tables import ClientRow, DecisionRow, NoteRow, PerformedSetRow, SessionRow
from upright_anvil.store.tables.base import moment_text

_T = PerformedSetRow
_SET_COLUMNS = Columns(PerformedSet)
_COLUMNS = (_T.session_id, *(getattr(_T, name) for name in _SET_COLUMNS.names))


@dataclass(frozen=True, slots=True)
class KeptSet:
    """A performed set with the session it belongs to."""

    session_id: SessionId
    row: PerformedSet


_SETS = select(*_COLUMNS).order_by(_T.seq)
_BY_ID: Query[Any] = Query(select(*_COLUMNS).where(among(_T.id, "ids")))
_OF_SESSIONS: Query[Any] = Query(_SETS.where(among(_T.session_id, "sessions")))
_RECENT = select(SessionRow.id).where(
    SessionRow.client_id == bindparam("client"), SessionRow.on_date >= bindparam("since")
)
_SETS_SINCE: Query[Any] = Query(_SETS.where(_T.client_id == bindparam("client"), _T.session_id.in_(_RECENT)))
_COUNT: Query[Any] = Query(select(func.count()).select_from(_T).where(_T.client_id == bindparam("client")))


def _read(rows: Iterable[Any]) -> list[KeptSet]:
    return [KeptSet(row[0], _SET_COLUMNS.read(row[1:])) for row in rows]


def sets_of_sessions(scope: Scope, session_ids: Collection[str]) -> list[KeptSet]:
    """Answer all rows of some sessions, in the order they arrived."""
    return _read(_OF_SESSIONS.all(scope, sessions=session_ids))


def sets_by_id(scope: Scope, ids: Collection[str]) -> dict[str, PerformedSet]:
    """Answer some rows by their ids."""
    return {kept.row.id: kept.row for kept in _read(_BY_ID.all(scope, ids=ids))}


def count_sets(scope: Scope, client_id: ClientId) -> int:
    """Answer how many rows a client's log has."""
    return _COUNT.value(scope, client=client_id) or 0


def newest_rows(scope: Scope) -> dict[ClientId, str]:
    """Answer how far each client's log is: the id of the newest row in the order of arrival, empty before there is one.

    Places in that order are given anew once what was brought in last is taken back; an id never is.
    """
    return {client: row or "" for client, row in _NEWEST_ROWS.all(scope)}


_NEWEST_ROW = select(_T.id).where(_T.client_id == ClientRow.id).order_by(_T.seq.desc()).limit(1)
_NEWEST_ROWS: Query[tuple[ClientId, str | None]] = Query(select(ClientRow.id, _NEWEST_ROW.scalar_subquery()))


def sets_since(scope: Scope, client_id: ClientId, since: date) -> list[KeptSet]:
    """Answer a client's rows of the sessions from a date on."""
    return _read(_SETS_SINCE.all(scope, client=client_id, since=since))


def add_set(scope: Scope, session_id: SessionId, row: PerformedSet, received_at: datetime) -> bool:
    """Store a performed set in one statement; answer whether it was new. Raises `NotFoundError` without its session.

    The client comes from the session; a row that is stored already is passed over. Raises `IdTakenError` for another's
    id. This is the one write where a millisecond counts, so it is said to SQLite itself.
    """
    return add_sets(scope, session_id, [row], received_at) == 1


def add_sets(scope: Scope, session_id: SessionId, rows: Sequence[PerformedSet], received_at: datetime) -> int:
    """Store performed sets of a session in their order, as `add_set` does; answer how many were new."""
    received, who = moment_text(received_at), scope.actor
    beside = (scope.studio_id, who.device_id, session_id, received, session_id, scope.studio_id)
    values = [[*_SET_COLUMNS.values(row), *beside] for row in rows]
    for row, own in zip(rows, values, strict=True):
        own[_LOGGED_AT], own[_ACTOR] = moment_text(row.logged_at) if row.logged_at else received, who.person_id
    scope.write_what_waits()
    new = scope.driver.executemany(_INSERT, values).rowcount if values else 0
    if new < len(values):
        training_sessions.session(scope, session_id)
        for row in rows:
            said = _SET_COLUMNS.write(row)
            for name in ("logged_at", "actor_id"):  # the time may have been corrected on arrival
                said.pop(name)
            if not stored(scope, PerformedSetRow, row.id, **said, session_id=session_id):
                raise NotFoundError("session")
    return new


_LOGGED_AT, _ACTOR = map(_SET_COLUMNS.names.index, ("logged_at", "actor_id"))
_SET = cast("SqlTable", PerformedSetRow.__table__)
_GIVEN = [*_SET_COLUMNS.names, "studio_id", "device_id", "session_id", "received_at"]
_OF_ITS_SESSION: Any = select(*map(bindparam, _GIVEN), SessionRow.client_id).where(
    SessionRow.id == bindparam("session_id"), SessionRow.studio_id == bindparam("studio_id")
)
_INSERT = str(
    insert(_SET)
    .from_select([*_GIVEN, "client_id"], _OF_ITS_SESSION)
    .on_conflict_do_nothing(index_elements=["id"])
    .compile(dialect=sqlite.dialect(paramstyle="qmark"))
)
"""Its values are those of ``_GIVEN`` in their order, and the session's and the studio's once more."""


def last_logged(scope: Scope, session_id: SessionId) -> datetime | None:
    """Answer when the last row of a session was logged, None where there is none."""
    last: datetime | None = _LAST_LOGGED.value(scope, session=session_id)
    return last


_LAST_LOGGED: Query[Any] = Query(select(func.max(_T.logged_at)).where(_T.session_id == bindparam("session")))


_NOTES: Query[NoteRow] = Query(select(NoteRow).where(NoteRow.session_id == bindparam("session")).order_by(NoteRow.seq))
_DECIDED = select(DecisionRow).order_by(DecisionRow.seq)
_DECISIONS: Query[DecisionRow] = Query(_DECIDED.where(among(DecisionRow.session_id, "sessions")))


def notes_of_session(scope: Scope, session_id: SessionId) -> Sequence[NoteRow]:
    """Answer a session's notes in the order they arrived."""
    return _NOTES.all(scope, session=session_id)


def decisions_of_sessions(scope: Scope, session_ids: Collection[str]) -> Sequence[DecisionRow]:
    """Answer the decisions taken after some sessions, in the order they were taken."""
    return _DECISIONS.all(scope, sessions=session_ids)


def lines_decided(scope: Scope, session_ids: Collection[str]) -> dict[SessionId, set[LineId]]:
    """Answer the lines of each session that something was decided on."""
    return _lines(_LINES_DECIDED.all(scope, sessions=session_ids))


def lines_done(scope: Scope, session_ids: Collection[str]) -> dict[SessionId, set[LineId]]:
    """Answer the lines of each session that have sets that were done."""
    return _lines(_LINES_DONE.all(scope, sessions=session_ids))


_LINES_DECIDED: Query[tuple[SessionId, LineId]] = Query(
    select(DecisionRow.session_id, DecisionRow.line).where(among(DecisionRow.session_id, "sessions"))
)
_LINES_DONE: Query[tuple[SessionId, LineId]] = Query(
    select(_T.session_id, _T.line)
    .where(among(_T.session_id, "sessions"), _T.outcome == Outcome.DONE.value, _T.ramp.is_(False))
    .distinct()
)


def _lines(rows: Iterable[tuple[SessionId, LineId]]) -> dict[SessionId, set[LineId]]:
    lines: dict[SessionId, set[LineId]] = {}
    for session_id, line in rows:
        lines.setdefault(session_id, set()).add(line)
    return lines
