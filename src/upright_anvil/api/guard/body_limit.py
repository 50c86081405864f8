"""Bodies beyond a size, or slower than a patience, are refused before they are read whole."""

import asyncio
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

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        """Pass the request on, counting its body."""
        if scope["type"] != "http":
            await self.app(scope, receive, send)
            return
        most = LARGE.get(scope["path"], MAX_BODY_BYTES)
        announced = first_said(scope, b"content-length", "0")
        if not announced.isdecimal() or int(announced) > most:
            await self._refuse(scope, receive, send)
            return
        taken, whole = 0, False

        async def counted() -> Message:
            nonlocal taken, whole
            # After the body comes what ends a long answer, whenever that is.
            patience = None if whole else self.patience
            try:
                async with asyncio.timeout(patience):
                    message = await receive()
            except TimeoutError:
                raise HTTPException(HTTPStatus.REQUEST_TIMEOUT) from None
            whole = not message.get("more_body", False)
            taken += len(message.get("body", b""))
            if taken > most:
                raise HTTPException(HTTPStatus.REQUEST_ENTITY_TOO_LARGE)
            return message

        await self.app(scope, counted, send)

    @staticmethod
    async def _refuse(scope: Scope, receive: Receive, send: Send) -> None:
        status = HTTPStatus.REQUEST_ENTITY_TOO_LARGE
        refusal = problem(status, SENTENCES[status])
        await refusal(scope, receive, send)
