"""Writing a view as JSON, once: what a flow answers is typed already and need not be validated again."""

from typing import Any

from fastapi import Response
from pydantic import TypeAdapter

_adapters: dict[Any, TypeAdapter[Any]] = {}


def _adapter(kind: Any) -> TypeAdapter[Any]:
    if kind not in _adapters:
        _adapters[kind] = TypeAdapter(kind)
    return _adapters[kind]


def answer(view: object, status: int = 200, kind: Any = None) -> Response:
    """Answer a view as a response; the route's ``response_model`` says the same to the schema.

    ``kind`` is said where the view is a list.
    """
    return Response(_adapter(kind or type(view)).dump_json(view), status, media_type="application/json")
