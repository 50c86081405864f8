"""What was worked out and is asked again: kept by a stored version or by content, never by time.

A second process beside this one stays right: its writes change the versions that the keys are made of.
"""

from collections import OrderedDict
from collections.abc import Callable, Hashable
from threading import Lock
from typing import Any, Generic, TypeVar
from weakref import WeakSet

V = TypeVar("V")

_ALL: "WeakSet[Memo[Any]]" = WeakSet()


def forget_everything() -> None:
    """Empty all memos: the stored versions begin anew, as after a restored backup."""
    for memo in list(_ALL):
        memo.clear()


class Memo(Generic[V]):
    """Answers by key; the one that was not asked for longest goes first."""

    def __init__(self, most: int) -> None:
        self._most = most
        _ALL.add(self)
        self._kept: OrderedDict[Hashable, V] = OrderedDict()
        self._lock = Lock()

    def get(self, key: Hashable, work_out: Callable[[], V]) -> V:
        """Answer what is kept under a key, or work it out and keep it."""
        with self._lock:
            if key in self._kept:
                self._kept.move_to_end(key)
                return self._kept[key]
        found = work_out()
        with self._lock:
            self._kept[key] = found
            while len(self._kept) > self._most:
                self._kept.popitem(last=False)
        return found

    def clear(self) -> None:
        """Forget everything."""
        with self._lock:
            self._kept.clear()

    def __len__(self) -> int:
        return len(self._kept)
