"""Clients."""

from collections.abc import Sequence

from sqlalchemy import select

from upright_anvil.core.ids import ClientId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.by_id import found
from upright_anvil.store.tables import ClientRow


def all_clients(scope: Scope) -> Sequence[ClientRow]:
    """Answer the trainer's clients by name."""
    query = select(ClientRow).order_by(ClientRow.name)
    return scope.db.scalars(query).all()


def client(scope: Scope, client_id: ClientId) -> ClientRow:
    """Answer one client. Raises `NotFoundError`."""
    return found(scope, ClientRow, client_id, "client")
