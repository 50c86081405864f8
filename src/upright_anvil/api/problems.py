"""Everything that goes wrong becomes an RFC 9457 problem document with a sentence a trainer understands."""

import logging
from collections.abc import Mapping
from dataclasses import asdict
from http import HTTPStatus

from fastapi import FastAPI, Request
from fastapi.exceptions import RequestValidationError
from fastapi.responses import JSONResponse
from sqlalchemy.exc import DatabaseError
from starlette.exceptions import HTTPException

from upright_anvil.core.errors import DomainError
from upright_anvil.core.prescription.text.shorthand import ShorthandError
from upright_anvil.services.conflicts import CellMovedError, DoubtError, StaleSaveError
from upright_anvil.services.people.signing_in import WaitError, WrongSecretError
from upright_anvil.store.file.database import BusyError
from upright_anvil.store.file.opening import file_trouble
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.rows.once import IdTakenError

SENTENCES = {
    HTTPStatus.BAD_REQUEST: "The request could not be read as JSON.",
    HTTPStatus.NOT_FOUND: "There is nothing at this address.",
    HTTPStatus.METHOD_NOT_ALLOWED: "This address cannot be asked that way.",
    HTTPStatus.REQUEST_TIMEOUT: "The request took too long to arrive; nothing was changed. Send it again.",
    HTTPStatus.REQUEST_ENTITY_TOO_LARGE: "That is more than one megabyte; nothing was read.",
}
"""What stands in place of the framework's own words."""

UNFORESEEN = "Something went wrong here, not with you. Nothing was changed; try again."

COME_AGAIN = 1
"""Seconds after which a write that found no turn is worth sending again."""

log = logging.getLogger(__name__)


def problem(status: HTTPStatus, detail: str, **more: object) -> JSONResponse:
    """Answer a problem document; ``more`` are members of its own kind."""
    body = {"type": "about:blank", "title": status.phrase, "status": status.value, "detail": detail, **more}
    return JSONResponse(body, status.value, media_type="application/problem+json")


def install(app: FastAPI) -> None:
    """Turn exceptions of services and core into problem documents, in this one place."""

    @app.exception_handler(DoubtError)
    async def _doubtful(_: Request, error: DoubtError) -> JSONResponse:
        return problem(HTTPStatus.CONFLICT, str(error), doubt=True)

    @app.exception_handler(DomainError)
    async def _refused(_: Request, error: DomainError) -> JSONResponse:
        more = asdict(error.why) if isinstance(error, ShorthandError) else {}
        return problem(HTTPStatus.UNPROCESSABLE_ENTITY, str(error), **more)

    @app.exception_handler(NotFoundError)
    async def _missing(_: Request, error: NotFoundError) -> JSONResponse:
        return problem(HTTPStatus.NOT_FOUND, str(error))

    @app.exception_handler(IdTakenError)
    async def _taken(_: Request, error: IdTakenError) -> JSONResponse:
        return problem(HTTPStatus.CONFLICT, str(error))

    @app.exception_handler(WrongSecretError)
    async def _wrong_secret(_: Request, error: WrongSecretError) -> JSONResponse:
        return problem(HTTPStatus.UNAUTHORIZED, str(error))

    @app.exception_handler(WaitError)
    async def _wait(_: Request, error: WaitError) -> JSONResponse:
        answer = problem(HTTPStatus.TOO_MANY_REQUESTS, str(error), seconds=error.seconds)
        answer.headers["Retry-After"] = str(error.seconds)
        return answer

    @app.exception_handler(BusyError)
    async def _busy(_: Request, error: BusyError) -> JSONResponse:
        answer = problem(HTTPStatus.SERVICE_UNAVAILABLE, str(error))
        answer.headers["Retry-After"] = str(COME_AGAIN)
        return answer

    @app.exception_handler(StaleSaveError)
    async def _stale(_: Request, error: StaleSaveError) -> JSONResponse:
        differences = [asdict(d) for d in error.differences]
        return problem(HTTPStatus.CONFLICT, str(error), base=error.base, current=error.current, differences=differences)

    @app.exception_handler(CellMovedError)
    async def _moved(_: Request, error: CellMovedError) -> JSONResponse:
        return problem(HTTPStatus.CONFLICT, str(error), seen=error.seen, now=error.now)

    @app.exception_handler(RequestValidationError)
    async def _invalid(_: Request, error: RequestValidationError) -> JSONResponse:
        fields = [_field(entry) for entry in error.errors()]
        first = fields[0] if fields else {"field": "", "expected": "something else"}
        detail = f"{first['field'] or 'The request'}: {first['expected']}."
        return problem(HTTPStatus.UNPROCESSABLE_ENTITY, detail, fields=fields)

    @app.exception_handler(HTTPException)
    async def _http(_: Request, error: HTTPException) -> JSONResponse:
        status = HTTPStatus(error.status_code)
        return problem(status, SENTENCES.get(status, str(error.detail)))

    @app.exception_handler(DatabaseError)
    async def _file(_: Request, error: DatabaseError) -> JSONResponse:
        log.error("the data file answered with an error", exc_info=error)
        sentence = file_trouble(error)
        if sentence is None:
            return problem(HTTPStatus.INTERNAL_SERVER_ERROR, UNFORESEEN)
        answer = problem(HTTPStatus.SERVICE_UNAVAILABLE, sentence)
        answer.headers["Retry-After"] = str(COME_AGAIN)
        return answer

    @app.exception_handler(Exception)
    async def _unforeseen(request: Request, error: Exception) -> JSONResponse:
        route = request.scope.get("route")
        log.error("unforeseen error at %s", getattr(route, "path", "an unknown address"), exc_info=error)
        return problem(HTTPStatus.INTERNAL_SERVER_ERROR, UNFORESEEN)


def _field(entry: Mapping[str, object]) -> dict[str, str]:
    """Name the field, what was expected and what came."""
    location = entry.get("loc")
    parts = [str(p) for p in location[1:]] if isinstance(location, tuple) else []
    return {
        "field": ".".join(parts),
        "expected": str(entry.get("msg", "")).rstrip("."),
        "came": repr(entry.get("input"))[:80],
    }
