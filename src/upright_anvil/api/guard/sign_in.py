"""Who asks: nobody is answered anything of the studio before they are signed in, where signing in is demanded.

The cookies are for this site only, unseen by scripts, and sent over TLS alone where the app is reached by it.
"""

import asyncio
from collections.abc import Awaitable, Callable
from http import HTTPStatus
from typing import Any, Final

from starlette.concurrency import run_in_threadpool
from starlette.datastructures import MutableHeaders
from starlette.requests import cookie_parser
from starlette.types import ASGIApp, Message, Receive, Scope, Send

from upright_anvil.api.guard.access_book import Visitor
from upright_anvil.api.guard.header_fields import said
from upright_anvil.api.guard.same_origin import FROM_ANYWHERE, UNGUESSED
from upright_anvil.api.problems import problem
from upright_anvil.api.studio import Studio

COMING_IN: Final = "/api/sign-in"
"""Under this address stands what somebody who is not signed in may ask."""

OPEN: Final = FROM_ANYWHERE | {"/api/health"}

KEPT_ON_DEVICES: Final = "X-Kept-On-Devices"
"""Says ``no`` where somebody signs in: then a browser keeps an answer sealed for them, or not at all."""

SIGN_IN_FIRST: Final = "Sign in first."
_POLICY_VIOLATION: Final = 1008
_DEVICE_LASTS: Final = 400 * 24 * 3600
"""Seconds a browser keeps what it is known by: the longest that browsers allow."""


class Cookies:
    """The names of the cookies, and how they are set: ``secure`` where the browser comes by TLS."""

    def __init__(self, *, secure: bool) -> None:
        head = "__Host-" if secure else ""
        self.token, self.device = f"{head}anvil", f"{head}anvil-device"
        self._end = "; Path=/; HttpOnly; SameSite=Strict" + ("; Secure" if secure else "")

    def given(self, token: str, device: str) -> list[str]:
        """Answer the headers that sign a browser in."""
        return [
            f"{self.token}={token}{self._end}",
            f"{self.device}={device}; Max-Age={_DEVICE_LASTS}{self._end}",
        ]

    def taken(self) -> list[str]:
        """Answer the headers that sign a browser out; the device stays known."""
        return [f"{self.token}=; Max-Age=0{self._end}"]

    def read(self, scope: Scope) -> tuple[str, str]:
        """Answer the words of both cookies, empty where there are none."""
        found: dict[str, str] = {}
        for line in said(scope, b"cookie"):
            # Cookies of others on this machine come along, whatever they are called; theirs is no fault of ours.
            found = cookie_parser(line) | found
        return found.get(self.token, ""), found.get(self.device, "")


class SignInGuard:
    """ASGI middleware that says who asks (``state.visitor``) and answers 401 to nobody."""

    def __init__(self, app: ASGIApp, cookies: Cookies) -> None:
        self.app, self.cookies = app, cookies

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        """Pass on what somebody may ask; a socket ends when its signing in does."""
        studio, path = scope.get("state", {}).get("studio"), scope.get("path", "")
        if scope["type"] not in ("http", "websocket") or not path.startswith("/api/") or studio is None:
            await self.app(scope, receive, send)
            return
        visitor, demanded = await self._who(studio, scope)
        state = scope.setdefault("state", {})
        state["visitor"], state["demanded"], state["cookies"] = visitor, demanded, []
        anybody = path in OPEN or path.startswith((COMING_IN, UNGUESSED))
        if demanded and not visitor.is_in and not anybody:
            await _refuse(scope, receive, send)
            return
        if scope["type"] == "websocket":
            still = _Still(studio, self._who, visitor, scope, receive)
            await self.app(scope, still if demanded else receive, send)
            if still.ended:
                await send({"type": "websocket.close", "code": _POLICY_VIOLATION})
            return

        def with_cookies(message: Message) -> Awaitable[None]:
            if message["type"] == "http.response.start" and (state["cookies"] or demanded):
                headers = MutableHeaders(scope=message)
                for line in state["cookies"]:
                    headers.append("Set-Cookie", line)
                if demanded:
                    headers[KEPT_ON_DEVICES] = "no"
            return send(message)

        await self.app(scope, receive, with_cookies)

    async def _who(self, studio: Studio, scope: Scope) -> tuple[Visitor, bool]:
        token, device = self.cookies.read(scope)

        def found() -> tuple[Visitor, bool]:
            book = studio.shared.access
            return book.visitor(token, device, studio.now), book.demanded()

        return await run_in_threadpool(found) if studio.shared.access.asks(token, device) else found()


_LOOKED_EVERY: Final = 1.0
"""Seconds after which an open socket sees whether its signing in still holds."""


class _Still:
    """Receives from a socket until whoever opened it is signed out: then it has gone, and is closed."""

    def __init__(
        self, studio: Studio, who: Callable[..., Any], visitor: Visitor, scope: Scope, receive: Receive
    ) -> None:
        self._studio, self._who, self._visitor, self._scope, self._receive = studio, who, visitor, scope, receive
        self._turn = studio.shared.access.turn
        self.ended = False

    async def __call__(self) -> Message:
        waiting = asyncio.ensure_future(self._receive())
        try:
            while True:
                done, _ = await asyncio.wait({waiting}, timeout=_LOOKED_EVERY)
                if done:
                    return waiting.result()
                if not await self._is_in():
                    self.ended = True
                    return {"type": "websocket.disconnect", "code": _POLICY_VIOLATION}
        finally:
            waiting.cancel()

    async def _is_in(self) -> bool:
        turn = self._studio.shared.access.turn
        if turn == self._turn:
            return True
        self._turn = turn
        now, _ = await self._who(self._studio, self._scope)
        return bool(now.is_in and now.sign_in_id == self._visitor.sign_in_id)


async def _refuse(scope: Scope, receive: Receive, send: Send) -> None:
    if scope["type"] == "websocket":
        await receive()
        await send({"type": "websocket.close", "code": _POLICY_VIOLATION})
        return
    await problem(HTTPStatus.UNAUTHORIZED, SIGN_IN_FIRST)(scope, receive, send)
