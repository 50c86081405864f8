"""Clients."""

from collections.abc import Sequence

from sqlalchemy import select

from upright_anvil.core.ids import ClientId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.by_id import found
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import ClientRow

_CLIENTS: Query[ClientRow] = Query(select(ClientRow).order_by(ClientRow.name))


def all_clients(scope: Scope) -> Sequence[ClientRow]:
    """Answer the trainer's clients by name."""
    return _CLIENTS.all(scope)


def client(scope: Scope, client_id: ClientId) -> ClientRow:
    """Answer one client. Raises `NotFoundError`."""
    return found(scope, ClientRow, client_id, "client")
