"""Putting the app together: routes, problems, limits, and the built front end on the same port."""

import mimetypes
from collections.abc import Container
from functools import cache
from pathlib import Path
from typing import Any

from fastapi import FastAPI
from fastapi.responses import FileResponse, Response
from starlette.exceptions import HTTPException

from upright_anvil import __version__
from upright_anvil.api import problems
from upright_anvil.api.assessment import routes as testing
from upright_anvil.api.backups import routes as backups
from upright_anvil.api.bringing import routes as bringing
from upright_anvil.api.clients import consents
from upright_anvil.api.clients import routes as clients
from upright_anvil.api.compressed_files import CompressedFiles
from upright_anvil.api.devices import routes as devices
from upright_anvil.api.exchange import archives, library_files
from upright_anvil.api.exchange import routes as exchange
from upright_anvil.api.floor import routes as floor
from upright_anvil.api.guard.answer_headers import AnswerHeaders, page_response
from upright_anvil.api.guard.body_limit import BodyLimit
from upright_anvil.api.guard.request_id import RequestId
from upright_anvil.api.guard.same_origin import SameOrigin
from upright_anvil.api.guard.sign_in import Cookies, SignInGuard
from upright_anvil.api.guard.socket_limit import SocketLimit
from upright_anvil.api.health import routes as health
from upright_anvil.api.home import routes as home
from upright_anvil.api.hosting.studios import StudioOfName, Studios
from upright_anvil.api.languages import routes as languages
from upright_anvil.api.library import routes as library
from upright_anvil.api.openapi import described
from upright_anvil.api.operation import routes as operation
from upright_anvil.api.people import routes as people
from upright_anvil.api.people import sign_in
from upright_anvil.api.people.sign_in import TryLimit
from upright_anvil.api.places import routes as places
from upright_anvil.api.planning import routes as planning
from upright_anvil.api.programs import routes as programs
from upright_anvil.api.reports import routes as reports
from upright_anvil.api.routing import describing
from upright_anvil.api.sessions import routes as sessions
from upright_anvil.api.starting import routes as starting
from upright_anvil.api.today import routes as today

ROUTERS = (
    sessions.router,
    floor.router,
    devices.router,
    programs.router,
    planning.router,
    today.router,
    clients.router,
    consents.router,
    bringing.router,
    starting.router,
    starting.own,
    exchange.router,
    archives.router,
    library_files.router,
    home.router,
    reports.router,
    places.router,
    health.router,
    library.router,
    testing.router,
    languages.router,
    operation.router,
    backups.router,
    sign_in.router,
    people.router,
)
"""In the order they are tried: what the floor asks comes first."""


INDEX = "index.html"

NOT_BUILT = "The interface is not built yet. Run `make setup`, then start the app again."


def create_app(
    studios: Studios | None = None,
    web: Path | None = None,
    *,
    secure: bool = False,
) -> FastAPI:
    """Answer the app. Without studios it only describes itself; without ``web`` it serves the API alone.

    ``secure`` where browsers come by TLS.
    """
    app = _bare()
    app.state.web = web
    app.state.cookies = cookies = Cookies(secure=secure)
    app.state.try_limit = TryLimit()
    app.add_middleware(BodyLimit)
    app.add_middleware(SocketLimit)
    app.add_middleware(SignInGuard, cookies=cookies)
    if studios is not None:
        app.add_middleware(StudioOfName, studios=studios)
    names: Container[str] = studios if studios is not None else ()
    app.add_middleware(SameOrigin, hosts=names)
    app.add_middleware(AnswerHeaders)
    app.add_middleware(RequestId)
    problems.install(app)
    for router in ROUTERS:
        # As they are: those of an included router are made anew, and every request would go by way of it.
        app.router.routes.extend(router.routes)
    app.add_api_route("/health", operation.health, include_in_schema=False)
    app.openapi = _description  # type: ignore[method-assign]
    if web is not None:
        _serve(app, web)
    return app


def _bare() -> FastAPI:
    return FastAPI(
        title="Upright Anvil",
        version=__version__,
        docs_url=None,
        redoc_url=None,
        generate_unique_id_function=lambda route: route.name,
    )


@cache
def _description() -> dict[str, Any]:
    """Answer the API's schema; for it the routes are made anew, with what they answer."""
    with describing():
        app = _bare()
        for router in ROUTERS:
            app.include_router(router)
        return described(app.openapi(), [route for router in ROUTERS for route in router.routes])


def _serve(app: FastAPI, web: Path) -> None:
    """Serve the built front end; every other address is a view of it, an unknown one under /api is not."""
    if not (web / INDEX).is_file():
        _say_that_it_is_not_built(app)
        return
    mimetypes.add_type("application/manifest+json", ".webmanifest")
    app.mount("/assets", CompressedFiles(directory=web / "assets"), name="assets")

    @app.get("/{path:path}", include_in_schema=False)
    async def _view(path: str) -> Response:
        if path.startswith("api/"):
            raise HTTPException(404, "There is nothing at this address.")
        file = (web / path).resolve()
        if path and path != INDEX and file.is_file() and file.is_relative_to(web.resolve()):
            return FileResponse(file)
        return page_response((web / INDEX).read_text("utf-8"))


def _say_that_it_is_not_built(app: FastAPI) -> None:
    @app.get("/{path:path}", include_in_schema=False)
    async def _view(path: str) -> None:
        if path.startswith("api/"):
            raise HTTPException(404, "There is nothing at this address.")
        raise HTTPException(503, NOT_BUILT)
