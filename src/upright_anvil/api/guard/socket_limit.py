"""So many sockets at once and no more, and messages no longer than they need to be."""

from collections.abc import Awaitable
from typing import Final

from starlette.types import ASGIApp, Receive, Scope, Send

MOST_SOCKETS: Final = 24
"""Devices that are watched at the same time: a studio's tablets, each with a few tabs left open."""

LONGEST_MESSAGE: Final = 2000
"""Bytes of the longest message that a socket reads."""

_TRY_AGAIN_LATER: Final = 1013


class SocketLimit:
    """ASGI middleware that closes a socket beyond the most before it is accepted."""

    def __init__(self, app: ASGIApp, most: int = MOST_SOCKETS) -> None:
        self.app, self.most, self._open = app, most, 0

    def __call__(self, scope: Scope, receive: Receive, send: Send) -> Awaitable[None]:
        """Pass a socket on while there is room, and what is none."""
        return (self._limited if scope["type"] == "websocket" else self.app)(scope, receive, send)

    async def _limited(self, scope: Scope, receive: Receive, send: Send) -> None:
        if self._open >= self.most:
            await receive()
            await send({"type": "websocket.close", "code": _TRY_AGAIN_LATER})
            return
        self._open += 1
        try:
            await self.app(scope, receive, send)
        finally:
            self._open -= 1
