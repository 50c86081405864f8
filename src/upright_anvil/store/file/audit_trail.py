"""What a transaction changes, gathered as it is flushed: nothing that goes through the tables can be left out.

Kept are the tables and columns, never what stands in them. A performed set and what was measured of it are never
changed and say themselves who logged them, so they are not kept a second time.
"""

from collections.abc import Iterator
from datetime import datetime
from typing import Any, Final

from sqlalchemy import inspect, select
from sqlalchemy.orm import Session

from upright_anvil.core.ids import ClientId
from upright_anvil.store.tables import AuditRow, ClientRow, MeasureRow, PerformedSetRow, ProgramRow
from upright_anvil.store.tables.base import Signed, Table

CHANGED: Final = "changed"
"""The deed of what was gathered; others name theirs themselves (`store.studio.audit`)."""

SAID_BY_THEMSELVES: Final = (PerformedSetRow, MeasureRow)
_FOLLOWS: Final = {"program": frozenset({"revision", "starts_on"})}
"""Columns that follow from another row of the same transaction."""


class AuditTrail:
    """The changes of one transaction, by client."""

    def __init__(self) -> None:
        self._found: dict[tuple[Any, Any], dict[tuple[str, str], set[str]]] = {}

    def notice(self, session: Session) -> None:
        """Take note of what is about to be flushed."""
        for row in session.new:
            self._take(row, "added", ())
        for row in session.deleted:
            self._take(row, "removed", ())
        for row in session.dirty:
            if isinstance(row, Signed) and isinstance(row, Table) and session.is_modified(row):
                changed = {a.key for a in inspect(row).attrs if a.history.has_changes()}
                changed -= _FOLLOWS.get(row.__tablename__, frozenset())
                if changed:
                    self._take(row, "changed", changed)

    def _take(self, row: Any, verb: str, columns: Any) -> None:
        if not isinstance(row, Signed) or isinstance(row, SAID_BY_THEMSELVES):
            return
        self._keep(row, verb, columns)

    def _keep(self, row: Any, verb: str, columns: Any) -> None:
        client = row.id if isinstance(row, ClientRow) else getattr(row, "client_id", None)
        program = getattr(row, "program_id", None) if client is None else None
        said = self._found.setdefault((client, program), {})
        said.setdefault((verb, row.__tablename__), set()).update(columns)

    def entries(self, session: Session, at: datetime) -> Iterator[AuditRow]:
        """Answer what was noticed, a row for each client, and begin anew."""
        found, self._found = self._found, {}
        by_client: dict[ClientId | None, list[list[object]]] = {}
        for (client, program), said in found.items():
            whose = client
            if program is not None:
                whose = session.scalar(select(ProgramRow.client_id).where(ProgramRow.id == program))
            by_client.setdefault(whose, []).extend([verb, table, sorted(cols)] for (verb, table), cols in said.items())
        actor = getattr(session, "actor", None)
        for client, changes in by_client.items():
            yield AuditRow(
                at=at,
                actor_id=getattr(actor, "person_id", None),
                device_id=getattr(actor, "device_id", None),
                client_id=client,
                deed=CHANGED,
                changes=changes,
            )
