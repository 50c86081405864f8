"""A whole client as one archive: out, looked at, and in."""

import asyncio
from dataclasses import dataclass

from fastapi import Request, Response
from fastapi.concurrency import run_in_threadpool
from fastapi.responses import StreamingResponse
from pydantic import TypeAdapter

from upright_anvil.api.exchange.routes import download
from upright_anvil.api.routing import resource
from upright_anvil.api.steps import step_by_step
from upright_anvil.api.studio import Here
from upright_anvil.core.ids import ClientId
from upright_anvil.core.steps import Told
from upright_anvil.services.exchange import archive
from upright_anvil.services.exchange.archive import ArchiveLook, BroughtInClient
from upright_anvil.store.file.database import Scope

router = resource("", tag="exchange")

_BINARY = {"schema": {"type": "string", "format": "binary"}}
_ZIP = {"requestBody": {"required": True, "content": {"application/zip": _BINARY}}}


@dataclass(frozen=True, slots=True)
class ArchiveStep:
    """A line of the answer: what is being done and its share (0 to 1), last the client, or why there is none."""

    doing: str = ""
    share: float = 0.0
    refused: str = ""
    client: BroughtInClient | None = None


_STEP = TypeAdapter(ArchiveStep)


@router.get("/clients/{client_id}/archive.zip", response_class=Response)
async def client_archive(client_id: ClientId, here: Here) -> Response:
    """A client with all that hangs on it, as one archive that another studio can bring in."""
    return download(await here.read(lambda scope: archive.client_archive(scope, client_id, here.now)))


@router.post("/client-archives/look", openapi_extra=_ZIP)
async def look_at_archive(request: Request, here: Here) -> ArchiveLook:
    """What an archive holds; nothing is kept."""
    content = await request.body()

    def looked() -> ArchiveLook:
        with here.reading() as scope:
            return archive.look_at_archive(scope, content)

    return await run_in_threadpool(looked)


@router.post("/client-archives", response_model=ArchiveStep, openapi_extra=_ZIP)
async def bring_in_archive(request: Request, here: Here) -> StreamingResponse:
    """Bring a client in from an archive, step by step, each a line of JSON; who hangs up early leaves nothing."""
    content, loop = await request.body(), asyncio.get_running_loop()

    def brought(scope: Scope, told: Told) -> BroughtInClient:
        ready = archive.made_ready(scope, content, told)
        told("Writing it down", 0.75)
        writing = here.write(lambda written: archive.bring_in_client(written, ready, here.now))
        return asyncio.run_coroutine_threadsafe(writing, loop).result()

    return await step_by_step(
        here,
        brought,
        doing=lambda words, share: _STEP.dump_json(ArchiveStep(words, share)),
        done=lambda made: _STEP.dump_json(ArchiveStep(share=1.0, client=made)),
        refused=lambda why: _STEP.dump_json(ArchiveStep(refused=why)),
    )
