"""No other website reaches the app: it answers to its own names only, and only to its own pages.

A page elsewhere can point its own name at this machine (a rebound name), post a form, open a socket or load an answer
as a picture. The first is told by the Host header, the others by Origin and Sec-Fetch-Site, which a page cannot write.
What is no browser sends neither and is let through: it could write both.
"""

from collections.abc import Awaitable, Container
from http import HTTPStatus
from typing import Final
from urllib.parse import urlsplit

from starlette.types import ASGIApp, Receive, Scope, Send

from upright_anvil.api.guard.header_fields import first_said, said
from upright_anvil.api.hosting.studios import name_of
from upright_anvil.api.problems import problem

LOOPBACK: Final = frozenset({"127.0.0.1", "localhost", "::1"})
"""The names of this machine for itself."""

IN_TESTS: Final = "testserver"
"""The name by which the framework's test client calls an app that is not served."""

FROM_ANYWHERE: Final = frozenset({"/api/home-results/send"})
"""What a client's own phone sends with a code: its sheet is a file and has no address of its own."""

UNGUESSED: Final = "/api/calendars/"
"""What a calendar program fetches by an address that only the trainer knows."""

_SAFE: Final = frozenset({"GET", "HEAD", "OPTIONS"})
_OWN_SITES: Final = frozenset({"same-origin", "none"})
_POLICY_VIOLATION: Final = 1008


class SameOrigin:
    """ASGI middleware that refuses what is asked under another name, or by another website's page."""

    def __init__(self, app: ASGIApp, hosts: Container[str]) -> None:
        self.app, self.hosts = app, hosts

    def __call__(self, scope: Scope, receive: Receive, send: Send) -> Awaitable[None]:
        """Pass a request on, or answer 421 for another name and 403 for another website."""
        if scope["type"] not in ("http", "websocket"):
            return self.app(scope, receive, send)
        if not _answers_to(scope, self.hosts):
            return _refuse(
                scope, receive, send, HTTPStatus.MISDIRECTED_REQUEST, "The app does not answer to that name."
            )
        if _from_elsewhere(scope):
            return _refuse(scope, receive, send, HTTPStatus.FORBIDDEN, "Only the app's own pages may ask that.")
        return self.app(scope, receive, send)


def _answers_to(scope: Scope, hosts: Container[str]) -> bool:
    names = said(scope, b"host")
    return len(names) == 1 and name_of(names[0]) in hosts


def _from_elsewhere(scope: Scope) -> bool:
    """Whether another website's page asks; pages may be led to, so that a link to the app works."""
    path = scope["path"]
    if path in FROM_ANYWHERE or path.startswith(UNGUESSED):
        return False
    origins = said(scope, b"origin")
    if origins and (len(origins) > 1 or urlsplit(origins[0]).netloc.lower() != first_said(scope, b"host").lower()):
        return True
    if first_said(scope, b"sec-fetch-site", "none") in _OWN_SITES:
        return False
    mode, place = first_said(scope, b"sec-fetch-mode"), first_said(scope, b"sec-fetch-dest")
    leads_here = mode == "navigate" and place == "document"
    return not (leads_here and scope.get("method") in _SAFE and not path.startswith("/api/"))


async def _refuse(scope: Scope, receive: Receive, send: Send, status: HTTPStatus, sentence: str) -> None:
    if scope["type"] == "websocket":
        await receive()
        await send({"type": "websocket.close", "code": _POLICY_VIOLATION})
        return
    await problem(status, sentence)(scope, receive, send)
