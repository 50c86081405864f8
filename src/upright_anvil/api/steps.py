"""Answering what takes a while as lines of JSON: what is being done, step by step, then the answer.

Who hangs up ends the work at its next step.
"""

import asyncio
from collections.abc import AsyncIterator, Callable
from threading import Event
from typing import TypeVar

from fastapi.responses import StreamingResponse

from upright_anvil.api.studio import Studio
from upright_anvil.core.errors import DomainError
from upright_anvil.core.steps import Told
from upright_anvil.store.file.database import Scope

T = TypeVar("T")

MEDIA_TYPE = "application/x-ndjson"


class _GoneError(Exception):
    """Nobody waits for the answer any more."""


async def step_by_step(
    studio: Studio,
    work: Callable[[Scope, Told], T],
    *,
    doing: Callable[[str, float], bytes],
    done: Callable[[T], bytes],
    refused: Callable[[str], bytes],
) -> StreamingResponse:
    """Answer the steps of some work that only reads, and its answer, each a line of JSON.

    ``doing`` writes what is being done and the share that is done, ``done`` the answer, ``refused`` the sentence of a
    `DomainError` after the first step. What is raised before it is raised here.
    """
    loop, gone = asyncio.get_running_loop(), Event()
    lines: asyncio.Queue[bytes | Exception | None] = asyncio.Queue()

    def put(line: bytes | Exception | None) -> None:
        loop.call_soon_threadsafe(lines.put_nowait, line)

    def told(words: str, share: float) -> None:
        if gone.is_set():
            raise _GoneError
        put(doing(words, share))

    def run() -> None:
        try:
            with studio.reading() as scope:
                put(done(work(scope, told)))
        except Exception as error:
            put(error)
        put(None)

    studio.drawing.submit(run)
    first = await lines.get()
    if isinstance(first, Exception):
        raise first

    async def written() -> AsyncIterator[bytes]:
        line: bytes | Exception | None = first
        try:
            while line is not None:
                if isinstance(line, DomainError):
                    line = refused(str(line))
                if isinstance(line, Exception):
                    raise line
                yield line + b"\n"
                line = await lines.get()
        finally:
            gone.set()

    return StreamingResponse(written(), media_type=MEDIA_TYPE, headers={"Cache-Control": "no-store"})
