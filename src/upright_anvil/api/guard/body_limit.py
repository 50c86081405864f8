"""Bodies beyond a size, or slower than a patience, are refused before they are read whole."""

import asyncio
from collections.abc import Awaitable
from http import HTTPStatus

from starlette.exceptions import HTTPException
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from upright_anvil.api.guard.header_fields import first_said
from upright_anvil.api.problems import SENTENCES, problem

MAX_BODY_BYTES = 1_000_000

BODY_PATIENCE = 30.0
"""Seconds between two pieces of a body; a tablet that is further away than that asks again."""

LARGE = {"/api/client-archives": 40_000_000, "/api/client-archives/look": 40_000_000}
"""Bytes that some addresses take: a client of many years is one file."""


class BodyLimit:
    """ASGI middleware that refuses a body of more than a million bytes, announced or not; archives may be larger."""

    def __init__(self, app: ASGIApp, patience: float = BODY_PATIENCE) -> None:
        self.app, self.patience = app, patience

    def __call__(self, scope: Scope, receive: Receive, send: Send) -> Awaitable[None]:
        """Pass the request on, counting its body."""
        if scope["type"] != "http":
            return self.app(scope, receive, send)
        most = LARGE.get(scope["path"], MAX_BODY_BYTES)
        announced = first_said(scope, b"content-length", "0")
        if not announced.isdecimal() or int(announced) > most:
            return self._refuse(scope, receive, send)
        taken, whole = 0, False

        async def counted() -> Message:
            nonlocal taken, whole
            # After the body comes what ends a long answer, whenever that is.
            message = await (receive() if whole else _in_time(receive, self.patience))
            whole = not message.get("more_body", False)
            taken += len(message.get("body", b""))
            if taken > most:
                raise HTTPException(HTTPStatus.REQUEST_ENTITY_TOO_LARGE)
            return message

        return self.app(scope, counted, send)

    @staticmethod
    async def _refuse(scope: Scope, receive: Receive, send: Send) -> None:
        status = HTTPStatus.REQUEST_ENTITY_TOO_LARGE
        refusal = problem(status, SENTENCES[status])
        await refusal(scope, receive, send)


async def _in_time(receive: Receive, patience: float) -> Message:
    """What comes within a patience, else 408; every body waits here, so it is said to the loop itself."""
    task, late = asyncio.current_task(), False
    assert task is not None  # noqa: S101 - a request is always one

    def give_up() -> None:
        nonlocal late
        late = True
        task.cancel()

    timer = asyncio.get_running_loop().call_later(patience, give_up)
    before = task.cancelling()
    try:
        return await receive()
    except asyncio.CancelledError:
        # Somebody else may have ended the request at the same time: then it has ended.
        if late and task.uncancel() <= before:
            raise HTTPException(HTTPStatus.REQUEST_TIMEOUT) from None
        raise
    finally:
        timer.cancel()
