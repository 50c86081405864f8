"""A core value and its columns: declared by the value's own fields, so that a new fact needs no copying by hand.

An enumeration is kept as its value, a decimal as text, a load as figure and unit (``load``, ``load_unit``), days of the
week as digits; the fields of a value inside another lie beside the others under their own names.
"""

from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass, fields, is_dataclass
from decimal import Decimal
from enum import Enum
from functools import lru_cache
from operator import attrgetter
from types import UnionType
from typing import Any, Generic, TypeVar, Union, get_args, get_origin, get_type_hints

from upright_anvil.core.loads.load import Load, Unit

V = TypeVar("V")
SHARED = 4096
"""Values inside others that are kept to be shared: most sets say the same of themselves."""


@dataclass(frozen=True)
class _Field:
    """One field: the columns it lies in, and how it is read from their values and written to them."""

    columns: tuple[str, ...]
    read: Callable[[tuple[Any, ...]], Any] | None
    write: Callable[[Any], Iterable[Any]] | None
    """None where a value is kept as it is."""


class Columns(Generic[V]):
    """The columns of a core value; ``named`` are columns that have another name than their field."""

    def __init__(self, kind: type[V], named: Mapping[str, str] | None = None) -> None:
        self._kind = kind
        hints = get_type_hints(kind)
        self._fields = [_field((named or {}).get(f.name, f.name), hints[f.name]) for f in fields(kind)]  # type: ignore[arg-type]
        self._spans: list[tuple[int, int, Callable[[tuple[Any, ...]], Any] | None]] = []
        for field in self._fields:
            start = self._spans[-1][1] if self._spans else 0
            self._spans.append((start, start + len(field.columns), field.read))
        self._said = _getter([own.name for own in fields(kind)])  # type: ignore[arg-type]
        self._written = [field.write for field in self._fields]
        self.names = tuple(name for field in self._fields for name in field.columns)
        """The columns in order."""

    def read(self, raw: Sequence[Any]) -> V:
        """Answer the value from the values of its columns, in their order."""
        values = tuple(raw)
        return self._kind(*[values[a] if read is None else read(values[a:b]) for a, b, read in self._spans])

    def write(self, value: V) -> dict[str, Any]:
        """Answer the columns of a value."""
        return dict(zip(self.names, self.values(value), strict=True))

    def values(self, value: V) -> list[Any]:
        """Answer what stands in the columns of a value, in their order."""
        found: list[Any] = []
        for said, write in zip(self._said(value), self._written, strict=True):
            if write is None:
                found.append(said)
            else:
                found += write(said)
        return found


def _getter(names: Sequence[str]) -> Callable[[Any], tuple[Any, ...]]:
    """What reads some attributes at once: a row has dozens."""
    if len(names) > 1:
        return attrgetter(*names)
    return lambda value: tuple(getattr(value, name) for name in names)


def _field(name: str, hint: Any) -> _Field:
    kind = _without_none(hint)
    if kind is Load:
        return _Field((name, f"{name}_unit"), _load, _load_columns)
    if kind is Decimal:
        return _Field((name,), _maybe(Decimal), lambda value: (None if value is None else str(value),))
    if isinstance(kind, type) and issubclass(kind, Enum):
        return _Field((name,), _maybe(kind), lambda value: (None if value is None else value._value_,))
    if isinstance(kind, type) and is_dataclass(kind):
        inner = Columns(kind)
        return _Field(inner.names, lru_cache(SHARED)(inner.read), inner.values)
    if kind == tuple[int, ...]:
        return _Field((name,), _digits, lambda days: ("".join(str(day) for day in sorted(set(days))),))
    return _Field((name,), None, None)


def _load_columns(load: Load | None) -> tuple[str | None, str | None]:
    return (None, None) if load is None else (str(load.value), load.unit._value_)


def _digits(raw: tuple[str]) -> tuple[int, ...]:
    return tuple(int(digit) for digit in raw[0])


def _without_none(hint: Any) -> Any:
    if get_origin(hint) not in (Union, UnionType):
        return hint
    parts = [part for part in get_args(hint) if part is not type(None)]
    return parts[0] if len(parts) == 1 else hint


@lru_cache(SHARED)
def _load(raw: tuple[str | None, str | None]) -> Load | None:
    value, unit = raw
    return None if value is None or unit is None else Load(Decimal(value), Unit(unit))


def _maybe(kind: Callable[[Any], Any]) -> Callable[[tuple[Any, ...]], Any]:
    return lru_cache(SHARED)(lambda raw: None if raw[0] is None else kind(raw[0]))
