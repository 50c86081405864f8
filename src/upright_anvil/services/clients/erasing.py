"""Erasing a client for good, on purpose: the name is typed, and what stays elsewhere is said."""

from dataclasses import dataclass, replace
from datetime import datetime

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId
from upright_anvil.store.client import erasure
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Database, Scope
from upright_anvil.store.studio.audit import keep_deed

COUNTED = ("program", "session", "performed_set", "test_round", "history_entry", "place")
"""Tables whose rows a person counts in."""


@dataclass(frozen=True, slots=True)
class ErasedClient:
    """What went: rows in all and of what a person counts in; ``mentions`` are places where the name still stands.

    ``swept`` says whether the file was written anew; where not, it is done at the next erasure.
    """

    rows: int
    counted: dict[str, int]
    mentions: tuple[str, ...]
    swept: bool


def erase_client(scope: Scope, client_id: ClientId, typed_name: str, now: datetime) -> ErasedClient:
    """Remove a client with all that hangs on it. Raises `DomainError` for another name, `NotFoundError`."""
    name = client(scope, client_id).name
    if " ".join(typed_name.split()).casefold() != " ".join(name.split()).casefold():
        raise DomainError(f"To erase this client for good, type the whole name: {name}.")
    gone = erasure.erase_client(scope, client_id)
    keep_deed(scope, "erased a client", now)
    return ErasedClient(
        rows=sum(gone.values()),
        counted={table: gone.get(table, 0) for table in COUNTED},
        mentions=erasure.mentions(scope, name),
        swept=False,
    )


def swept(database: Database, erased: ErasedClient) -> ErasedClient:
    """Write the file anew, so that nothing of what went lies between its rows, and forget what was worked out."""
    database.memory.forget()
    return replace(erased, swept=erasure.sweep(database))
