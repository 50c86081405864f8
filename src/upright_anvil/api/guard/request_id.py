"""Every request has an id: in its answer, and in every line that is logged about it."""

from collections.abc import Awaitable
from secrets import token_hex
from typing import Final

from starlette.types import ASGIApp, Message, Receive, Scope, Send

from upright_anvil.logs import request_id

HEADER: Final = "X-Request-Id"
_NAME: Final = HEADER.lower().encode()


class RequestId:
    """ASGI middleware that gives each request an id of its own making; what a sender says of it is not taken over."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        """Pass a request on under its id."""
        if scope["type"] != "http":
            await self.app(scope, receive, send)
            return
        own = token_hex(8)
        before = request_id.set(own)

        def told(message: Message) -> Awaitable[None]:
            if message["type"] == "http.response.start":
                message["headers"] = [*message.get("headers", ()), (_NAME, own.encode())]
            return send(message)

        try:
            await self.app(scope, receive, told)
        finally:
            request_id.reset(before)
