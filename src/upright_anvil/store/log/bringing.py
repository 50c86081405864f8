"""What was brought in from a file, and taking it back while nothing rests on it."""

from collections.abc import Sequence
from datetime import datetime
from typing import Any

from sqlalchemy import delete, func, select
from sqlalchemy.exc import IntegrityError

from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.by_id import found
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import (
    AuditRow,
    BroughtInRow,
    ClientPlaceRow,
    ClientRow,
    ConsentRow,
    PerformedSetRow,
    ProgramRow,
    RevisionRow,
    SessionRow,
    TestResultRow,
)


class RestsOnItError(Exception):
    """Something was added since to what was brought in: it can no longer be taken back as a whole."""


def add_brought_in(scope: Scope, batch: str, sort: str, now: datetime) -> None:
    """Note that something is brought in; ``sort`` is ``clients`` or ``sessions``."""
    scope.db.add(BroughtInRow(id=batch, sort=sort, at=now))
    scope.db.flush()


def brought_in(scope: Scope, batch: str) -> BroughtInRow:
    """Answer what was brought in at once. Raises `NotFoundError`."""
    return found(scope, BroughtInRow, batch, "bringing in, or it was taken back already")


def clients_of(scope: Scope, batch: str) -> Sequence[ClientId]:
    """Answer the clients that were brought in at once."""
    return scope.db.scalars(select(ClientRow.id).where(ClientRow.brought_in == batch)).all()


def records_of(scope: Scope, batch: str) -> Sequence[ProgramId]:
    """Answer the records of past sessions that were brought in at once."""
    return scope.db.scalars(select(ProgramRow.id).where(ProgramRow.brought_in == batch)).all()


def records(scope: Scope) -> set[ProgramId]:
    """Answer the programs that are records of past sessions."""
    return set(_RECORDS.values(scope))


_RECORDS: Query[Any] = Query(select(ProgramRow.id).where(ProgramRow.brought_in.is_not(None)))


def take_back(scope: Scope, batch: str) -> None:
    """Remove what was brought in at once, and nothing else.

    Raises `RestsOnItError` where something else points at it: the database holds that. Raises `NotFoundError`.
    """
    row = brought_in(scope, batch)
    own = PerformedSetRow.id.startswith(batch, autoescape=True)
    programs, clients = records_of(scope, batch), clients_of(scope, batch)
    held = select(SessionRow.id).where(SessionRow.program_id.in_(programs))
    try:
        with scope.db.begin_nested():
            scope.db.execute(delete(PerformedSetRow).where(own, PerformedSetRow.session_id.in_(held)))
            scope.db.execute(delete(SessionRow).where(SessionRow.program_id.in_(programs)))
            scope.db.execute(delete(RevisionRow).where(RevisionRow.program_id.in_(programs), RevisionRow.number == 1))
            scope.db.execute(delete(ProgramRow).where(ProgramRow.id.in_(programs)))
            scope.db.execute(
                delete(TestResultRow).where(
                    TestResultRow.id.startswith(batch, autoescape=True), TestResultRow.client_id.in_(clients)
                )
            )
            scope.db.execute(
                delete(ConsentRow).where(ConsentRow.client_id.in_(clients), ConsentRow.id.startswith(batch))
            )
            scope.db.execute(delete(ClientPlaceRow).where(ClientPlaceRow.client_id.in_(clients)))
            scope.db.execute(delete(AuditRow).where(AuditRow.client_id.in_(clients)))
            scope.db.execute(delete(ClientRow).where(ClientRow.id.in_(clients)))
            scope.db.delete(row)
            scope.db.flush()
    except IntegrityError as held_up:
        raise RestsOnItError from held_up


def sessions_of(scope: Scope, batch: str) -> int:
    """Answer how many sessions were brought in at once."""
    held = select(func.count()).select_from(SessionRow).where(SessionRow.program_id.in_(records_of(scope, batch)))
    return scope.db.scalar(held) or 0
