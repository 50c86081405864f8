"""What was worked out and is asked again: kept by a stored version or by content, never by time.

It belongs to one file of data and goes with it: a copy of a file has the same ids, and must not be answered from its
original. A second process beside this one stays right: its writes change the versions that the keys are made of.
"""

from collections import OrderedDict
from collections.abc import Callable, Hashable
from threading import Lock
from typing import Any, Generic, TypeVar

V = TypeVar("V")


class Memory:
    """Everything that is kept of one file of data."""

    def __init__(self) -> None:
        self.lock = Lock()
        self.kept: dict[Memo[Any], OrderedDict[Hashable, Any]] = {}

    def forget(self) -> None:
        """Keep nothing any more: the stored versions begin anew, as after a restored backup."""
        with self.lock:
            self.kept.clear()


class Memo(Generic[V]):
    """Answers of one kind by key, at most so many a file; the one that was not asked for longest goes first."""

    def __init__(self, most: int) -> None:
        self._most = most

    def get(self, memory: Memory, key: Hashable, work_out: Callable[[], V]) -> V:
        """Answer what is kept under a key, or work it out and keep it."""
        with memory.lock:
            kept = memory.kept.setdefault(self, OrderedDict())
            if key in kept:
                kept.move_to_end(key)
                found: V = kept[key]
                return found
        found = work_out()
        with memory.lock:
            kept = memory.kept.setdefault(self, OrderedDict())
            kept[key] = found
            while len(kept) > self._most:
                kept.popitem(last=False)
        return found

    def has(self, memory: Memory, key: Hashable) -> bool:
        """Answer whether something is kept under a key."""
        with memory.lock:
            return key in memory.kept.get(self, ())

    def count(self, memory: Memory) -> int:
        """Answer how many are kept."""
        with memory.lock:
            return len(memory.kept.get(self, ()))
