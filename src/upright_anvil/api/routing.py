"""The one way of answering: a view is written as JSON from its own type, a large one off the event loop.

What a service answers is typed already, so it is not validated a second time; the schema is told by the return type.
"""

import inspect
from collections.abc import Callable, Iterator
from contextlib import contextmanager
from contextvars import ContextVar
from dataclasses import is_dataclass
from functools import cache, cached_property, wraps
from http import HTTPStatus
from typing import Any, get_type_hints

from fastapi import APIRouter, Response
from fastapi.concurrency import run_in_threadpool
from fastapi.routing import APIRoute
from pydantic import TypeAdapter
from starlette.routing import Match, compile_path
from starlette.types import Receive, Scope, Send

from upright_anvil.api.guard.permissions import refuse_unless_permitted
from upright_anvil.api.plain_views import JSON, PlainView, plain_view

API = "/api"

_WRITES = "writes_its_answer"
"""Marks an endpoint that writes its answer already: a router that is put into another one makes its routes anew."""


_DESCRIBING = ContextVar("describing", default=False)


@contextmanager
def describing() -> Iterator[None]:
    """While it lasts, apps that are made tell what their routes answer."""
    token = _DESCRIBING.set(True)
    try:
        yield
    finally:
        _DESCRIBING.reset(token)


class ViewRoute(APIRoute):
    """A route whose endpoint answers a view; a `Response` is passed on as it is.

    Until it is asked for first it is an address and no more, for there are hundreds, and starting waits for none; what
    it answers is worked out for who asks for the API's description alone.
    """

    def __init__(self, path: str, endpoint: Callable[..., Any], *, status_code: int | None = None, **more: Any) -> None:
        self.path, self.endpoint = path, _written(endpoint, status_code or 200)
        self._as_declared = (path, self.endpoint, status_code, more)
        self._depends = bool(more.get("dependencies"))
        self.name = more["name"] or endpoint.__name__
        self.methods = set(more["methods"])
        self.path_regex, self.path_format, self.param_convertors = compile_path(path)
        self._begins, self._ends = path.partition("{")[0], path.rpartition("}")[2]

    def __getattr__(self, name: str) -> Any:
        """Answer what is not known before the route is made in full, and make it so."""
        declared = None if name.startswith("__") else self.__dict__.pop("_as_declared", None)
        if declared is None:
            raise AttributeError(name)
        path, endpoint, status_code, more = declared
        super().__init__(path, endpoint, status_code=status_code, **more)
        return getattr(self, name)

    def matches(self, scope: Scope) -> tuple[Match, Scope]:
        """Whether it is asked for; what begins or ends otherwise is not, and most of hundreds do."""
        path = scope["path"]
        if path.startswith(self._begins) and path.endswith(self._ends) and self.path_regex.match(path):
            return super().matches(scope)
        return Match.NONE, {}

    async def handle(self, scope: Scope, receive: Receive, send: Send) -> None:
        """Answer to whom it is for: FastAPI's way, which is left aside for plain views."""
        if scope["method"] in (self.methods or ()):
            refuse_unless_permitted(scope, self.name)
            if self._plain is not None:
                left = await self._plain.answered(scope, receive, send)
                if left is None:
                    return
                receive = left
        await super().handle(scope, receive, send)

    @cached_property
    def _plain(self) -> PlainView | None:
        return None if self._depends else plain_view(self.endpoint, self.param_convertors)

    @property
    def response_model(self) -> Any:
        """Answer the type of what is answered, while the API is described."""
        return self._answers if _DESCRIBING.get() else None

    @response_model.setter
    def response_model(self, kind: Any) -> None:
        self._answers = kind


def resource(prefix: str = "", *, tag: str) -> APIRouter:
    """Answer the router of one resource: under `API`, each view for whom it may be; a socket names `PERMITTED`."""
    return APIRouter(prefix=f"{API}{prefix}", tags=[tag], route_class=ViewRoute)


def _written(endpoint: Callable[..., Any], status: int) -> Callable[..., Any]:
    kind = inspect.signature(endpoint).return_annotation
    if hasattr(endpoint, _WRITES) or (isinstance(kind, type) and issubclass(kind, Response)):
        return endpoint
    small = _small(kind)

    @cache
    def adapter() -> TypeAdapter[Any]:
        return TypeAdapter(kind)

    def written(view: object) -> Response:
        if status == HTTPStatus.NO_CONTENT:
            return Response(status_code=status)
        return Response(adapter().dump_json(view), status, media_type=JSON)

    @wraps(endpoint)
    def sync(**given: Any) -> Response:
        return written(endpoint(**given))

    @wraps(endpoint)
    async def on_the_loop(**given: Any) -> Response:
        view = await endpoint(**given)
        return written(view) if small else await run_in_threadpool(written, view)

    found: Callable[..., Any] = on_the_loop if inspect.iscoroutinefunction(endpoint) else sync
    setattr(found, _WRITES, True)
    return found


def _small(kind: Any) -> bool:
    """Whether a view is a few figures and words, which are written sooner than they are handed to a thread."""
    return is_dataclass(kind) and all(hint in (bool, int, float, str) for hint in get_type_hints(kind).values())
