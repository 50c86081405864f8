"""What browsers are told of every answer: what may be loaded, who may frame it, what may be kept."""

import re
from base64 import b64encode
from collections.abc import Awaitable
from hashlib import sha256
from secrets import token_urlsafe
from typing import Final

from starlette.responses import HTMLResponse, Response
from starlette.types import ASGIApp, Message, Receive, Scope, Send

EVERYWHERE: Final = {
    "X-Content-Type-Options": "nosniff",
    "Referrer-Policy": "same-origin",
    "Cross-Origin-Opener-Policy": "same-origin",
    "Cross-Origin-Resource-Policy": "same-origin",
    "Permissions-Policy": "camera=(self), geolocation=(), microphone=(), payment=(), usb=()",
    "X-Frame-Options": "DENY",
}

_EVERYWHERE: Final = tuple((name.lower().encode(), value.encode()) for name, value in EVERYWHERE.items())
_NAMED: Final = frozenset(name for name, _ in _EVERYWHERE)
_POLICY, _KEPT = b"content-security-policy", b"cache-control"

OF_DATA: Final = (
    "default-src 'none'; style-src 'unsafe-inline'; img-src data:; base-uri 'none'; form-action 'none'; "
    "frame-ancestors 'none'"
)
"""What an answer of the API may load where somebody opens it as a page: what stands in it, and no script."""

_INLINE_SCRIPT = re.compile(r"<script>(.*?)</script>", re.DOTALL)


NONCE: Final = "style-nonce-of-this-answer"
"""What stands in the page for the nonce: dialogs hold the page behind them still by a style of their own making."""


def page_policy(page: str, nonce: str = "") -> str:
    """Answer what a page may load: the app's own files, the scripts in it by their hash, styles by a nonce."""
    hashes = (b64encode(sha256(script.encode()).digest()).decode() for script in _INLINE_SCRIPT.findall(page))
    scripts = " ".join(("'self'", *(f"'sha256-{each}'" for each in hashes)))
    styles = f"'self' 'nonce-{nonce}'" if nonce else "'self'"
    return (
        f"default-src 'self'; script-src {scripts}; style-src {styles}; img-src 'self' data: blob:; font-src 'self'; "
        "connect-src 'self'; worker-src 'self'; manifest-src 'self'; media-src 'self' blob:; object-src 'none'; "
        "base-uri 'none'; form-action 'self'; frame-ancestors 'none'"
    )


def page_response(page: str) -> Response:
    """Answer the app's page with a nonce of its own."""
    nonce = token_urlsafe(16)
    head = {"Cache-Control": "no-cache", "Content-Security-Policy": page_policy(page, nonce)}
    return HTMLResponse(page.replace(NONCE, nonce), headers=head)


_OF_FILES: Final = page_policy("").encode()
_OF_DATA: Final = OF_DATA.encode()
_FOR_GOOD: Final = b"public, max-age=31536000, immutable"


class AnswerHeaders:
    """ASGI middleware that writes the headers; what a route says of its answer itself stays."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    def __call__(self, scope: Scope, receive: Receive, send: Send) -> Awaitable[None]:
        """Pass a request on, its answer with headers."""
        if scope["type"] != "http":
            return self.app(scope, receive, send)
        path = scope["path"]
        of_data = path.startswith("/api/")

        def told(message: Message) -> Awaitable[None]:
            if message["type"] == "http.response.start":
                own = [pair for pair in message.get("headers", ()) if pair[0] not in _NAMED]
                said = {name for name, _ in own}
                if _POLICY not in said:
                    own.append((_POLICY, _OF_DATA if of_data else _OF_FILES))
                if of_data and _KEPT not in said:
                    own.append((_KEPT, b"no-store"))
                elif path.startswith("/assets/") and message["status"] == 200:  # noqa: PLR2004 - found
                    own = [*(pair for pair in own if pair[0] != _KEPT), (_KEPT, _FOR_GOOD)]
                message["headers"] = [*own, *_EVERYWHERE]
            return send(message)

        return self.app(scope, receive, told)
