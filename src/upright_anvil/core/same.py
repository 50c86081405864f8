"""A value that is remembered by being the very same one: for memos keyed by large immutable values."""

from typing import Generic, TypeVar

_Value = TypeVar("_Value")


class Same(Generic[_Value]):
    """Holds a value; two are equal when they hold the same object. It keeps the object alive, so no id comes twice."""

    __slots__ = ("value",)

    def __init__(self, value: _Value) -> None:
        self.value = value

    def __eq__(self, other: object) -> bool:
        return isinstance(other, Same) and self.value is other.value

    def __hash__(self) -> int:
        return id(self.value)
