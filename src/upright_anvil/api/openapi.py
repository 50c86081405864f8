"""The schema's last touch: identifiers say of what, so that none are mixed up, and problems are described."""

from collections.abc import Iterable, Iterator, Mapping
from dataclasses import is_dataclass
from http import HTTPStatus
from inspect import unwrap
from typing import Any, NewType, get_args, get_origin, get_type_hints

from fastapi.routing import APIRoute
from pydantic import BaseModel
from starlette.routing import BaseRoute

from upright_anvil.api.problem_document import ProblemDocument
from upright_anvil.core import ids

FORMATS: Mapping[object, str] = {
    kind: name for name, kind in vars(ids).items() if isinstance(kind, NewType) and name.endswith("Id")
}
"""Every identifier's type, and the format that its strings have in the schema."""

_ANY = (401, 403, 404, 421, 422, 429, 503)
READS, WRITES = _ANY, (400, *_ANY, 408, 409, 413)
"""The problems that any read, and any write, may be answered with."""


def described(schema: dict[str, Any], routes: Iterable[BaseRoute]) -> dict[str, Any]:
    """Answer the app's schema with the format of every identifier in it, as the routes' types say."""
    schemas = schema["components"]["schemas"]
    for unused in ("HTTPValidationError", "ValidationError"):
        schemas.pop(unused, None)
    problem = ProblemDocument.model_json_schema(ref_template="#/components/schemas/{model}")
    schemas |= {**problem.pop("$defs", {}), ProblemDocument.__name__: problem}
    seen: set[type] = set()
    for route in (r for r in routes if isinstance(r, APIRoute)):
        hints = get_type_hints(unwrap(route.endpoint), include_extras=True)
        for method, operation in schema["paths"].get(route.path, {}).items():
            statuses = READS if method == "get" else WRITES
            operation["responses"] |= {str(status): _problem(status) for status in statuses}
            for parameter in operation.get("parameters", ()):
                _mark(parameter["schema"], hints.get(parameter["name"]))
        for hint in hints.values():
            _walk(hint, schemas, seen)
    return schema


def _problem(status: int) -> dict[str, Any]:
    ref = {"$ref": f"#/components/schemas/{ProblemDocument.__name__}"}
    return {"description": HTTPStatus(status).phrase, "content": {"application/problem+json": {"schema": ref}}}


def _walk(kind: object, schemas: dict[str, Any], seen: set[type]) -> None:
    """Mark the identifiers of a model and of all that it is made of."""
    for part in _parts(kind):
        if not isinstance(part, type) or part in seen or not (is_dataclass(part) or issubclass(part, BaseModel)):
            continue
        seen.add(part)
        named = schemas.get(getattr(part, "__name__", ""), {}).get("properties", {})
        for name, hint in get_type_hints(part).items():
            if name in named:
                _mark(named[name], hint)
            _walk(hint, schemas, seen)


def _parts(kind: object) -> Iterator[object]:
    """The types that a type is put together from, itself among them."""
    yield get_origin(kind) or kind
    for inner in get_args(kind):
        yield from _parts(inner)


def _mark(schema: dict[str, Any], kind: object) -> None:
    """Say the format at the strings of a property whose type is an identifier, or a list of them, or nothing."""
    found = next((name for part in _parts(kind) for own, name in FORMATS.items() if part is own), None)
    if found is None:
        return
    for part in (schema, *schema.get("anyOf", ()), schema.get("items", {})):
        if part.get("type") == "string" and "enum" not in part:
            part["format"] = found
