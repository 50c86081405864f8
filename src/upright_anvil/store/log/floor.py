"""What the floor writes beside sets: changes of the day, readiness, what devices measured. Rows are only added."""

from collections.abc import Sequence
from datetime import date, datetime
from typing import Any

from sqlalchemy import bindparam, func, select

from upright_anvil.core.ids import ClientId, SessionId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import MeasureRow, ReadinessRow, SessionChangeRow, SessionRow

_LAST_REPORTS = (
    select(func.max(ReadinessRow.seq))
    .join(SessionRow, SessionRow.id == ReadinessRow.session_id)
    .where(
        ReadinessRow.client_id == bindparam("client"),
        SessionRow.on_date <= bindparam("until"),
    )
    .group_by(ReadinessRow.session_id)
    .order_by(func.max(ReadinessRow.seq).desc())
    .limit(bindparam("sessions"))
)
_READINESS: Query[ReadinessRow] = Query(
    select(ReadinessRow).where(ReadinessRow.seq.in_(_LAST_REPORTS)).order_by(ReadinessRow.seq)
)
_REPORT: Query[ReadinessRow] = Query(
    select(ReadinessRow)
    .where(ReadinessRow.session_id == bindparam("session"))
    .order_by(ReadinessRow.seq.desc())
    .limit(1)
)
_CHANGES: Query[SessionChangeRow] = Query(
    select(SessionChangeRow).where(SessionChangeRow.session_id == bindparam("session")).order_by(SessionChangeRow.seq)
)
_MEASURES: Query[MeasureRow] = Query(
    select(MeasureRow).where(MeasureRow.session_id == bindparam("session")).order_by(MeasureRow.seq)
)


def change_rows(scope: Scope, session_id: SessionId) -> Sequence[SessionChangeRow]:
    """Answer a session's changes in the order they were made."""
    return _CHANGES.all(scope, session=session_id)


def add_change(
    scope: Scope,
    session: SessionRow,
    change_id: str,
    sort: str,
    asked: dict[str, Any],
    changes: dict[str, Any],
    now: datetime,
    undoes: str | None = None,
) -> None:
    """Store a change of the day; the caller has looked whether it is there already."""
    row = SessionChangeRow(
        id=change_id,
        client_id=session.client_id,
        session_id=session.id,
        sort=sort,
        asked=asked,
        changes=changes,
        undoes=undoes,
        at=now,
    )
    scope.db.add(row)
    scope.db.flush()


def readiness_of_session(scope: Scope, session_id: SessionId) -> ReadinessRow | None:
    """Answer the last report of readiness for a session, None where it was skipped."""
    return _REPORT.first(scope, session=session_id)


def readiness_of_client(scope: Scope, client_id: ClientId, until: date, sessions: int = 3) -> Sequence[ReadinessRow]:
    """Answer the last report of each of a client's last sessions that has one, up to a day, oldest first."""
    return _READINESS.all(scope, client=client_id, until=until, sessions=sessions)


def measures_of_session(scope: Scope, session_id: SessionId) -> Sequence[MeasureRow]:
    """Answer what devices measured in a session, in the order it arrived."""
    return _MEASURES.all(scope, session=session_id)
