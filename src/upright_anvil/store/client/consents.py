"""What clients agreed to, in the words they were shown, and what they took back."""

from collections.abc import Sequence
from datetime import date, datetime

from sqlalchemy import select

from upright_anvil.core.ids import ClientId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.tables import ConsentRow


def consents(scope: Scope, client_id: ClientId) -> Sequence[ConsentRow]:
    """Answer a client's consents, the newest first."""
    query = select(ConsentRow).where(ConsentRow.client_id == client_id)
    return scope.db.scalars(query.order_by(ConsentRow.on_date.desc(), ConsentRow.seq.desc())).all()


def add_consent(scope: Scope, client_id: ClientId, row_id: str, text: str, on: date, now: datetime) -> None:
    """Keep a consent; ``text`` is empty where only the day is known."""
    scope.db.add(ConsentRow(id=row_id, client_id=client_id, text=text, on_date=on, withdrawn_on=None, at=now))
    scope.db.flush()


def consent(scope: Scope, client_id: ClientId, row_id: str) -> ConsentRow:
    """Answer one consent of a client. Raises `NotFoundError`."""
    query = select(ConsentRow).where(ConsentRow.client_id == client_id, ConsentRow.id == row_id)
    row = scope.db.scalars(query).first()
    if row is None:
        raise NotFoundError("consent")
    return row
