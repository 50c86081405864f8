"""What all requests share: strict models that refuse unknown fields and name their bounds."""

import re
from collections.abc import Iterable
from dataclasses import fields
from datetime import date
from decimal import Decimal
from functools import cache
from typing import Annotated, Final, Self, TypeVar

from pydantic import BaseModel, BeforeValidator, ConfigDict, Field, StringConstraints, ValidationInfo, model_validator

from upright_anvil.core.loads.load import Load, Unit

V = TypeVar("V")

LARGEST = 2**63 - 1
UNFIT = re.compile("[\x00-\x08\x0b\x0c\x0e-\x1f\x7f\u202a-\u202e\u2066-\u2069]")
"""Characters that cannot be seen and change how text is kept or shown; tab and line ends are fine."""


def _check(said: object) -> None:
    if isinstance(said, str):
        # Whatever is unfit cannot be printed, which is seen much sooner.
        if not said.isprintable() and UNFIT.search(said):
            raise ValueError("there are characters in it that cannot be shown; type it anew")
    elif isinstance(said, int):
        if not -LARGEST <= said <= LARGEST:
            raise ValueError("a number in it is too large")
    elif isinstance(said, dict):
        _check_each(said)
        _check_each(said.values())
    elif isinstance(said, list | tuple):
        _check_each(said)


def _check_each(said: Iterable[object]) -> None:
    for one in said:
        # Most of a request are short words, which need no look of their own.
        if not (isinstance(one, str) and one.isprintable()):
            _check(one)


def _no_floats(value: object) -> object:
    """A load is written as text or a whole number: a float has lost its decimals before it gets here."""
    if isinstance(value, float):
        raise ValueError(  # noqa: TRY004 - validators answer with ValueError
            "a decimal number is sent as text, for example '62.5'"
        )
    return value


Number = Annotated[Decimal, Field(ge=0, le=3000, max_digits=8, decimal_places=4), BeforeValidator(_no_floats)]
Figure = Annotated[Decimal, Field(ge=-100000, le=100000, max_digits=9, decimal_places=3), BeforeValidator(_no_floats)]
Words = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=80)]
Line = Annotated[str, StringConstraints(strip_whitespace=True, max_length=200)]
Note = Annotated[str, StringConstraints(strip_whitespace=True, max_length=1000)]
MADE = Field(min_length=8, max_length=64, pattern=r"^[A-Za-z0-9_-]+$")
MadeId = Annotated[str, MADE]
Day = date


_ALL_ZEROS: Final = bytes.maketrans(b"123456789", b"000000000")
_LONG_NUMBER: Final = 19 * b"0"

_SEEN: Final = object()
"""Says of a body that there is nothing of the kind in it, so that its values need no look of their own."""


def _is_plain(body: bytes) -> bool:
    """Whether there can be nothing unfit in a body: all of it can be seen, nothing is escaped, no number is so long."""
    visible = body.isascii() and b"\\" not in body and b"\x7f" not in body
    return visible and _LONG_NUMBER not in body.translate(_ALL_ZEROS)


class RequestModel(BaseModel):
    """The base of all requests."""

    model_config = ConfigDict(extra="forbid", frozen=True)

    @model_validator(mode="before")
    @classmethod
    def _can_be_kept(cls, said: object, info: ValidationInfo) -> object:
        """Refuse what no field may hold, however deep: numbers past 64 bits, NUL, and marks that turn text round."""
        if info.context is not _SEEN:
            _check(said)
        return said

    @classmethod
    def of_body(cls, body: bytes) -> Self:
        """Read a request from the JSON of a body. Raises `pydantic.ValidationError`."""
        return cls.model_validate_json(body, context=_SEEN if _is_plain(body) else None)

    def made(self, kind: type[V], **more: object) -> V:
        """Answer the core's value with this request's fields by their names, and others that are worked out.

        A test holds the types of both to each other.
        """
        own = self.__dict__
        said = {name: own[name] for name in _shared(type(self), kind)}  # type: ignore[arg-type]
        return kind(**(said | more))


@cache
def _shared(request: type[RequestModel], kind: type[object]) -> tuple[str, ...]:
    """The names of the fields that a request and a value of the core have in common."""
    return tuple(field.name for field in fields(kind) if field.name in request.model_fields)  # type: ignore[arg-type]


class LoadRequest(RequestModel):
    """A load with its unit."""

    value: Number
    unit: Unit

    def load(self) -> Load:
        """Answer the core's load. Raises `DomainError` past the heaviest."""
        return Load.of(self.value, self.unit)
