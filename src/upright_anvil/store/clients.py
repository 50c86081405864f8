"""Clients."""

from collections.abc import Sequence

from sqlalchemy import select

from upright_anvil.core.ids import ClientId
from upright_anvil.store.database import Scope
from upright_anvil.store.not_found import NotFoundError
from upright_anvil.store.tables import ClientRow


def all_clients(scope: Scope) -> Sequence[ClientRow]:
    """Answer the trainer's clients by name."""
    query = select(ClientRow).order_by(ClientRow.name)
    return scope.db.scalars(query).all()


def client(scope: Scope, client_id: ClientId) -> ClientRow:
    """Answer one client. Raises `NotFoundError`."""
    row = scope.db.get(ClientRow, client_id)
    if row is None:
        raise NotFoundError("client")
    return row
