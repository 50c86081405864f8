"""Answering a view that is given the ids in its address, the studio, and at most a body: most are, a set among them.

FastAPI looks after dependencies, forms and files in between, which these have none of and which take longer than
storing the set does. What it knows better is left to it: a body that is not as it should be, and why.
"""

import inspect
from collections.abc import Callable, Collection
from functools import partial
from typing import Any, Final, get_type_hints

from fastapi.concurrency import run_in_threadpool
from pydantic import ValidationError
from starlette.requests import ClientDisconnect
from starlette.types import Message, Receive, Scope, Send

from upright_anvil.api.request_model import RequestModel
from upright_anvil.api.studio import Here, studio_in

JSON: Final = "application/json"
_OF_JSON: Final = (b"content-type", JSON.encode())


class PlainView:
    """An endpoint and the request it takes under a name, None where it takes none."""

    def __init__(self, endpoint: Callable[..., Any], name: str, body: type[RequestModel] | None) -> None:
        on_the_loop = inspect.iscoroutinefunction(endpoint)
        self._endpoint = endpoint if on_the_loop else partial(run_in_threadpool, endpoint)
        self._name, self._body = name, body

    async def answered(self, scope: Scope, receive: Receive, send: Send) -> Receive | None:
        """Answer a request and return None; else what its body is to be received by where it is FastAPI's to answer."""
        given: dict[str, Any] = dict(scope["path_params"])
        if self._body is not None:
            if _OF_JSON not in scope["headers"]:
                return receive
            heard = await _heard(receive)
            try:
                given[self._name] = self._body.of_body(_whole(heard))
            except (ValidationError, ClientDisconnect):
                return _again(heard, receive)
        response = await self._endpoint(**given, here=studio_in(scope["state"]))
        await response(scope, receive, send)
        return None


def plain_view(endpoint: Callable[..., Any], in_the_path: Collection[str]) -> PlainView | None:
    """Answer how an endpoint is answered here; None where it takes more than ids, the studio and a body."""
    wanted = get_type_hints(endpoint, include_extras=True)
    wanted.pop("return", None)
    if wanted.pop("here", None) is not Here:
        return None
    ids = [wanted.pop(name, None) for name in in_the_path]
    if any(getattr(kind, "__supertype__", kind) is not str for kind in ids) or len(wanted) > 1:
        return None
    for name, kind in wanted.items():
        is_body = isinstance(kind, type) and issubclass(kind, RequestModel)
        return PlainView(endpoint, name, kind) if is_body else None
    return PlainView(endpoint, "", None)


async def _heard(receive: Receive) -> list[Message]:
    """What comes until the body is whole, or its sender gone."""
    heard = [await receive()]
    while heard[-1].get("more_body", False):
        heard.append(await receive())
    return heard


def _whole(heard: list[Message]) -> bytes:
    if heard[-1]["type"] != "http.request":
        raise ClientDisconnect
    return b"".join([message.get("body", b"") for message in heard])


def _again(heard: list[Message], receive: Receive) -> Receive:
    """Receives what was heard once more, and then what comes."""
    left = iter(heard)

    async def received() -> Message:
        for message in left:
            return message
        return await receive()

    return received
