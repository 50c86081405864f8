"""Bodies beyond a size are refused before they are read whole."""

from http import HTTPStatus

from starlette.exceptions import HTTPException
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from upright_anvil.api.problems import SENTENCES, problem

MAX_BODY_BYTES = 1_000_000

LARGE = {"/api/client-archives": 40_000_000, "/api/client-archives/look": 40_000_000}
"""Bytes that some addresses take: a client of many years is one file."""


class BodyLimit:
    """ASGI middleware that refuses a body of more than a million bytes, announced or not; archives may be larger."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        """Pass the request on, counting its body."""
        if scope["type"] != "http":
            await self.app(scope, receive, send)
            return
        most = LARGE.get(scope["path"], MAX_BODY_BYTES)
        announced = dict(scope["headers"]).get(b"content-length", b"0")
        if not announced.isdigit() or int(announced) > most:
            await self._refuse(scope, receive, send)
            return
        taken = 0

        async def counted() -> Message:
            nonlocal taken
            message = await receive()
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
