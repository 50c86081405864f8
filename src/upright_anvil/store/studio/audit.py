"""Who did what: deeds that change nothing, and the list of all."""

from collections.abc import Sequence
from datetime import datetime
from typing import Any

from sqlalchemy import func, select

from upright_anvil.core.ids import ClientId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.tables import AuditRow, PerformedSetRow

AT_MOST = 200
"""Entries answered at once."""


def keep_deed(scope: Scope, deed: str, at: datetime, client_id: ClientId | None = None, *changes: list[Any]) -> None:
    """Keep that somebody did something, such as opened a health file."""
    actor = scope.actor
    row = AuditRow(
        at=at, actor_id=actor.person_id, device_id=actor.device_id, client_id=client_id, deed=deed, changes=[*changes]
    )
    scope.db.add(row)


def last_deed(scope: Scope, deed: str, client_id: ClientId) -> AuditRow | None:
    """Answer when this person did this last to a client."""
    query = select(AuditRow).where(
        AuditRow.client_id == client_id, AuditRow.deed == deed, AuditRow.actor_id == scope.actor.person_id
    )
    return scope.db.scalars(query.order_by(AuditRow.seq.desc()).limit(1)).first()


def deeds(scope: Scope, client_id: ClientId | None, before: int | None) -> Sequence[AuditRow]:
    """Answer what was done to a client, or what concerns no client, newest first."""
    query = select(AuditRow).where(AuditRow.client_id == client_id)
    if before is not None:
        query = query.where(AuditRow.seq < before)
    return scope.db.scalars(query.order_by(AuditRow.seq.desc()).limit(AT_MOST)).all()


def logged(scope: Scope, client_id: ClientId, since: datetime | None) -> Sequence[Any]:
    """Answer who logged how many sets in which session, with the last moment: session, person, device, sets, at."""
    t = PerformedSetRow
    query = select(t.session_id, t.actor_id, t.device_id, func.count(), func.max(t.received_at))
    query = query.where(t.client_id == client_id)
    if since is not None:
        query = query.where(t.received_at >= since)
    return scope.db.execute(query.group_by(t.session_id, t.actor_id, t.device_id)).all()
