"""The next program of a client begun with what the last one came to."""

from collections.abc import Collection
from datetime import date, datetime

from upright_anvil.core.ids import ClientId, LineId, ProgramId
from upright_anvil.core.plan.changing.carried import carried_on
from upright_anvil.services.board.empty_program import begins, keep_first
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.programs import Revision
from upright_anvil.store.rows.not_found import NotFoundError


def carry_on(
    scope: Scope,
    client_id: ClientId,
    program_id: ProgramId,
    name: str,
    without: Collection[LineId],
    now: datetime,
    today: date,
    start: date | None = None,
) -> Revision:
    """Start the next program of a client from the last phase of one: the same days and lines where they built to.

    ``without`` are lines that stay behind. Raises `DomainError` for a start that cannot be or where nothing is left,
    `NotFoundError`.
    """
    row, last = programs.program_row(scope, program_id), programs.current(scope, program_id).program
    if row.client_id != client_id:
        raise NotFoundError("program of this client")
    document = carried_on(last, name, begins(scope, row.client_id, today, start), without)
    return keep_first(scope, row.client_id, document, f"Carries on from {last.name}"[:300], now)
