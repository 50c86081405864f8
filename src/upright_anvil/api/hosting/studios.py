"""Which studio a request is about: the one there is, or that of the name by which the browser calls the app."""

from collections.abc import Collection
from contextlib import AbstractAsyncContextManager, nullcontext
from functools import lru_cache
from http import HTTPStatus
from typing import Protocol
from urllib.parse import urlsplit

from starlette.types import ASGIApp, Receive, Scope, Send

from upright_anvil.api.guard.header_fields import first_said
from upright_anvil.api.problems import problem
from upright_anvil.api.studio import Studio

_SERVICE_RESTART = 1012


class NotServedError(Exception):
    """A studio's data cannot be used just now; says why, in a sentence for whoever asks."""


class Studios(Protocol):
    """The studios that a process serves, by the names browsers call them by."""

    def __contains__(self, name: object) -> bool:
        """Whether the app answers to a name, in small letters and without a port."""

    def lent(self, name: str) -> AbstractAsyncContextManager[Studio]:
        """Lend the studio of a name for a request; while it is lent it stays open. Raises `NotServedError`."""


class OneStudio:
    """One studio, whatever of its names it is called by."""

    def __init__(self, studio: Studio, names: Collection[str]) -> None:
        self.studio, self._names = studio, frozenset(name.lower() for name in names)

    def __contains__(self, name: object) -> bool:
        """Whether the app answers to a name."""
        return name in self._names

    def lent(self, _name: str) -> AbstractAsyncContextManager[Studio]:
        """Lend the studio, which stays open anyway."""
        return nullcontext(self.studio)


@lru_cache(maxsize=256)
def name_of(host: str) -> str:
    """Answer a Host header's name without its port, in small letters; empty for what is no host."""
    try:
        parts = urlsplit(f"//{host}")
        _ = parts.port
    except ValueError:
        return ""
    return (parts.hostname or "") if parts.netloc == host and "@" not in host else ""


class StudioOfName:
    """ASGI middleware that lends a request its studio (``state.studio``); what is no data needs none."""

    def __init__(self, app: ASGIApp, studios: Studios) -> None:
        self.app, self.studios = app, studios

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        """Pass a request on with its studio, or answer 503 with a sentence where its data cannot be used."""
        path = scope.get("path", "")
        if scope["type"] not in ("http", "websocket") or not (path.startswith("/api/") or path == "/health"):
            await self.app(scope, receive, send)
            return
        name = name_of(first_said(scope, b"host"))
        try:
            async with self.studios.lent(name) as studio:
                scope.setdefault("state", {})["studio"] = studio
                await self.app(scope, receive, send)
        except NotServedError as trouble:
            await _refuse(scope, receive, send, str(trouble))


async def _refuse(scope: Scope, receive: Receive, send: Send, sentence: str) -> None:
    if scope["type"] == "websocket":
        await receive()
        await send({"type": "websocket.close", "code": _SERVICE_RESTART})
        return
    await problem(HTTPStatus.SERVICE_UNAVAILABLE, sentence)(scope, receive, send)
