"""Which routes there are, and when they are read: those that a page opens with first, so that starting is short.

What programs, files and testing are made of is a third of the app's modules, and nobody who opens Today needs it.
"""

from collections.abc import Iterable
from typing import NamedTuple

from fastapi import APIRouter
from starlette.concurrency import run_in_threadpool
from starlette.routing import BaseRoute, Match, Router
from starlette.types import Receive, Scope, Send

from upright_anvil.api.operation import routes as operation
from upright_anvil.api.people import sign_in
from upright_anvil.api.routing import API
from upright_anvil.api.today import routes as today

FIRST = (today.router, sign_in.router, operation.router)
"""What a page asks as it opens; no other router has one of their addresses."""


class Later(NamedTuple):
    """The other routers: those of the floor, which are tried before all others, and those that are tried last."""

    floor: tuple[APIRouter, ...]
    others: tuple[APIRouter, ...]


def later() -> Later:
    """Answer the other routers; whoever asks first waits until their modules are read (half a second)."""
    from upright_anvil.api.later_routers import FLOOR, OTHERS  # noqa: PLC0415 - that is when they are read

    return Later(FLOOR, OTHERS)


def all_routers() -> tuple[APIRouter, ...]:
    """Answer all routers, in the order they are tried once they are read."""
    read = later()
    return (*read.floor, *FIRST, *read.others)


def routes_of(routers: Iterable[APIRouter]) -> list[BaseRoute]:
    """Answer the routes of routers as they are: those of an included one are made anew, and asked by way of it."""
    return [route for router in routers for route in router.routes]


class LaterRoutes(BaseRoute):
    """Stands in a router for the routes of `later`, and makes room for them when one is asked for."""

    def __init__(self, router: Router) -> None:
        self._router = router

    def matches(self, scope: Scope) -> tuple[Match, Scope]:
        """Whether it may be one of them: whatever is under `API`, for nobody knows better yet."""
        known = scope["type"] in ("http", "websocket") and scope["path"].startswith(f"{API}/")
        return (Match.FULL if known else Match.NONE), {}

    async def handle(self, scope: Scope, receive: Receive, send: Send) -> None:
        """Read them beside the loop, put them in their places, and let the router look again."""
        read = await run_in_threadpool(later)
        # On the loop, and at once: nobody looks through the routes meanwhile, or has put them there before.
        routes = self._router.routes
        if self in routes:
            at = routes.index(self)
            routes[at : at + 1] = routes_of(read.others)
            routes[:0] = routes_of(read.floor)
        await self._router(scope, receive, send)
