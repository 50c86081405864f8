"""Putting the app together: routes, problems, limits, and the built front end on the same port."""

import mimetypes
from collections.abc import Container
from functools import cache
from pathlib import Path
from typing import Any

from fastapi import FastAPI
from fastapi.responses import FileResponse, Response
from starlette.exceptions import HTTPException
from starlette.requests import Request

from upright_anvil import __version__
from upright_anvil.api import problems
from upright_anvil.api.compressed_files import CompressedFiles
from upright_anvil.api.guard.answer_headers import AnswerHeaders, page_response
from upright_anvil.api.guard.body_limit import BodyLimit
from upright_anvil.api.guard.request_id import RequestId
from upright_anvil.api.guard.same_origin import SameOrigin
from upright_anvil.api.guard.sign_in import Cookies, SignInGuard
from upright_anvil.api.guard.socket_limit import SocketLimit
from upright_anvil.api.hosting.studios import StudioOfName, Studios
from upright_anvil.api.openapi import described
from upright_anvil.api.operation import routes as operation
from upright_anvil.api.people.sign_in import TryLimit
from upright_anvil.api.routers import FIRST, LaterRoutes, all_routers, routes_of
from upright_anvil.api.routing import ViewRoute, describing

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
    app.router.routes.extend([*routes_of(FIRST), LaterRoutes(app.router)])
    app.router.routes.append(ViewRoute("/health", operation.health, name="well", methods=["GET"]))
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
        telemetry={"tracing": False, "metrics": False, "logs": False},
    )


@cache
def _description() -> dict[str, Any]:
    """Answer the API's schema; for it the routes are made anew, with what they answer."""
    with describing():
        app = _bare()
        for router in all_routers():
            app.include_router(router)
        return described(app.openapi(), routes_of(all_routers()))


def _serve(app: FastAPI, web: Path) -> None:
    """Serve the built front end; every other address is a view of it, an unknown one under /api is not."""
    if not (web / INDEX).is_file():
        _say_that_it_is_not_built(app)
        return
    mimetypes.add_type("application/manifest+json", ".webmanifest")
    app.mount("/assets", CompressedFiles(directory=web / "assets"), name="assets")

    async def _view(asked: Request) -> Response:
        path = asked.path_params["path"]
        if path.startswith("api/"):
            raise HTTPException(404, "There is nothing at this address.")
        file = (web / path).resolve()
        if path and path != INDEX and file.is_file() and file.is_relative_to(web.resolve()):
            return FileResponse(file)
        return page_response((web / INDEX).read_text("utf-8"))

    app.add_route("/{path:path}", _view, include_in_schema=False)


def _say_that_it_is_not_built(app: FastAPI) -> None:
    async def _view(asked: Request) -> Response:
        if asked.path_params["path"].startswith("api/"):
            raise HTTPException(404, "There is nothing at this address.")
        raise HTTPException(503, NOT_BUILT)

    app.add_route("/{path:path}", _view, include_in_schema=False)
