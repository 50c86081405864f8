"""Clients."""

from collections.abc import Sequence

from sqlalchemy import select

from upright_anvil.core.ids import ClientId
from upright_anvil.store.database import Scope
from upright_anvil.store.not_found import NotFoundError
from upright_anvil.store.tables import ClientRow


def all_clients(scope: Scope) -> Sequence[ClientRow]:
    """Answer the trainer's clients by name."""
    query = select(ClientRow).where(ClientRow.trainer_id == scope.trainer_id).order_by(ClientRow.name)
    return scope.db.scalars(query).all()


def client(scope: Scope, client_id: ClientId) -> ClientRow:
    """Answer one client. Raises `NotFoundError`."""
    row = scope.db.get(ClientRow, client_id)
    if row is None or row.trainer_id != scope.trainer_id:
        raise NotFoundError("client")
    return row
