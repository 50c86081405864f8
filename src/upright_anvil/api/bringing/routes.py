"""Bringing in what a trainer has already: clients, past sessions, and the files they stand in."""

from dataclasses import dataclass

from upright_anvil.api.bringing.requests import (
    BringInSessionsRequest,
    PastedClientsRequest,
    PastedSessionsRequest,
    TableFileRequest,
)
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.formats.exchange.table_file import text_of_table_file
from upright_anvil.services.bringing import brought_in, clients, past_sessions
from upright_anvil.services.bringing.brought_in import BroughtIn
from upright_anvil.services.bringing.clients import PastedClientsView
from upright_anvil.services.bringing.past_sessions import PastSessionsView

router = resource("/bringing", tag="bringing")


@dataclass(frozen=True, slots=True)
class TableText:
    """A file's rows as text: cells by tab, or as the file parts them."""

    text: str


@router.post("/file")
def read_table_file(asked: TableFileRequest) -> TableText:
    """The rows of a file as copying them would give; nothing is kept."""
    return TableText(text_of_table_file(asked.content))


@router.post("/clients/read")
def read_pasted_clients(asked: PastedClientsRequest, here: Here) -> PastedClientsView:
    """What pasted clients are understood as; nothing is written."""
    with here.reading() as scope:
        return clients.pasted_clients(scope, asked.text, asked.unit, here.now)


@router.post("/clients", status_code=201)
async def bring_in_clients(asked: PastedClientsRequest, here: Here) -> BroughtIn:
    """Add the clients of pasted rows who are not in the studio yet: one undo."""
    return await here.write(lambda scope: clients.bring_in_clients(scope, asked.text, asked.unit, here.now))


@router.post("/sessions/read")
def read_pasted_sessions(asked: PastedSessionsRequest, here: Here) -> PastSessionsView:
    """What pasted past sessions are understood as; nothing is written."""
    with here.reading() as scope:
        return past_sessions.pasted_sessions(scope, asked.text, asked.client, here.today)


@router.post("/sessions", status_code=201)
async def bring_in_sessions(asked: BringInSessionsRequest, here: Here) -> BroughtIn:
    """Write past sessions into the log: one undo."""
    return await here.write(
        lambda scope: past_sessions.bring_in_sessions(scope, asked.text, asked.client, asked.exercises(), here.now)
    )


@router.post("/{batch}/undo")
async def take_back(batch: str, here: Here) -> BroughtIn:
    """Take back all that was brought in at once, while nothing rests on it."""
    return await here.write(lambda scope: brought_in.take_back(scope, batch))
