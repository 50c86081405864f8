"""Open files: programs, the log and the calendar out, programs in."""

from datetime import date
from typing import Annotated

from fastapi import Response
from pydantic import Base64Bytes, StringConstraints

from upright_anvil.api.request_model import RequestModel
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here, heavy
from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.services.exchange import exporting, importing
from upright_anvil.services.exchange.exporting import ExportedFile, ProgramFormat
from upright_anvil.services.starting.taking_over import Started, TakenOver, drawn

router = resource("", tag="exchange")


class ProgramFileRequest(RequestModel):
    """A program file (.json or .xlsx), its bytes in base64, and the week it begins in."""

    content: Base64Bytes
    start: date | None = None


def download(file: ExportedFile) -> Response:
    """Answer a file to be kept under its name."""
    return Response(
        file.content, media_type=file.media, headers={"Content-Disposition": f'attachment; filename="{file.name}"'}
    )


@router.get("/programs/{program_id}/file", response_class=Response)
@heavy
def program_file(
    program_id: ProgramId,
    here: Here,
    kind: ProgramFormat = ProgramFormat.JSON,
    phase: Annotated[str, StringConstraints(max_length=64)] = "",
) -> Response:
    """A program as a file: JSON and a spreadsheet have all of it, CSV a phase."""
    with here.reading() as scope:
        return download(exporting.program_file(scope, program_id, kind, phase))


@router.get("/clients/{client_id}/log.csv", response_class=Response)
def client_log(client_id: ClientId, here: Here) -> Response:
    """All sets a client has done, as CSV."""
    with here.reading() as scope:
        return download(exporting.client_log(scope, client_id))


@router.get("/clients/{client_id}/calendar.ics", response_class=Response)
def client_calendar(client_id: ClientId, here: Here) -> Response:
    """A client's sessions as iCalendar."""
    with here.reading() as scope:
        return download(exporting.client_calendar(scope, client_id, here.today))


@router.post("/clients/{client_id}/program/from-file/look")
@heavy
def look_at_file(client_id: ClientId, asked: ProgramFileRequest, here: Here) -> TakenOver:
    """What a file's program would become for a client; nothing is kept."""
    with here.reading() as scope:
        return importing.look_at_file(scope, client_id, asked.content, here.today)


@router.post("/clients/{client_id}/program/from-file", status_code=201)
async def start_from_file(client_id: ClientId, asked: ProgramFileRequest, here: Here) -> Started:
    """Start a client's program from a file."""
    begun = await here.write(
        lambda scope: importing.start_from_file(scope, client_id, asked.content, here.now, here.today, asked.start)
    )
    return await here.read(lambda scope: drawn(scope, begun, here.today))
