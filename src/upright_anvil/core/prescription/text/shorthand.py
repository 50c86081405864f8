"""Shorthand: one typed line, read into one prescription, and written back without loss.

The grammar (``docs/shorthand.md`` explains it with examples)::

    line    = head { [","] clause }
    head    = [sets ["-" sets] "x"] target | target "/" target {"/" target} | "most x" target
            | sets "x" reps "+" reps {"+" reps} | sets "x" work "/" rest | "emom" minutes ":" target
    target  = reps | reps "-" reps | "max" ["to" (reps | time)] | time | time "-" time | metres "m" | kilometres "km"
    clause  = "each side" | lead | loads | "tempo" tempo | "rest" time ["-" time] ["with" words] | "leave" reps
            | "rpe" number | "ramp-up" | "cuffs" | "or" load "x" target | span | "plus" reps "partial" | "in" time
            | timed | scheme
    lead    = "left first" | "right first" | "alternate lead" | "alternating" | "left only" | "right only"
    timed   = "hold" | "for reps"
    span    = "half reps" | "top half" | "bottom half"
    loads   = together {"/" together}
    together = [name] load {"+" [name] load}
    load    = number ["kg" | "lb" | "%"] | "bw" [("+" | "-") number ["kg" | "lb"]] | ("band" | "step") label {"/" label}
            | "last time" ["+" number ["kg" | "lb"]] | "open load"
    scheme  = "last set max" ["to" reps] | "drop to" load {"/" load}
            | "back off" sets "x" reps "at" (load | "-" per cent)
            | "pause" time | "every" time | "in" time | "checkpoints" seconds {"/" seconds} "s"
    tempo   = four of (digits | "X"), with "-" between or, for single digits, run together
    time    = seconds ["s"] | minutes ":" seconds | minutes "min"

Spaces, case, commas between clauses and ``x``/``×``/``*`` are forgiven; a decimal comma in a load is read as a point.
Clauses come in any order, each once. `write` gives the normal form, and ``read(write(p)) == p`` for every prescription.
"""

import re
from collections.abc import Callable
from functools import lru_cache
from typing import TypeVar

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.bounds import check_rest, check_sets
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Cluster, Density, EveryStart
from upright_anvil.core.prescription.targets import Most, Reps, Seconds, Target
from upright_anvil.core.prescription.text import patterns
from upright_anvil.core.prescription.text.clauses import CLAUSES, Clause
from upright_anvil.core.prescription.text.draft import Draft, metres, read_targets
from upright_anvil.core.prescription.text.misreading import (
    ShorthandError,
    Unreadable,
    as_expectation,
    meant_word,
    mended,
)
from upright_anvil.core.prescription.text.writing import write, write_parts, write_time

__all__ = ["MAX_LENGTH", "ShorthandError", "Unreadable", "read", "write", "write_parts", "write_time"]

MAX_LENGTH = 400
"""Characters in one line."""

_Made = TypeVar("_Made")

_HEADS = "sets x reps, for example '3 x 8' or '3 x 40 s'"
_TARGETS = "repetitions such as 8 or 8-10, or seconds such as 40 s"
_CLAUSES = "a load (62.5 kg, bw, 75 %), 'each side', 'tempo 3-1-X-0', 'rest 2:00' or 'leave 2'"


@lru_cache(maxsize=8192)
def read(text: str, unit: Unit) -> Prescription:
    """Read one line; ``unit`` holds for loads that name none.

    Raises `ShorthandError` with the position, what was expected and the nearest line that can be read.
    """
    if len(text) > MAX_LENGTH:
        raise ShorthandError(Unreadable(MAX_LENGTH, f"at most {MAX_LENGTH} characters", None))
    return _Reader(text, unit, explain=True).prescription()


@lru_cache(maxsize=8192)
def can_read(text: str, unit: Unit) -> bool:
    """Answer whether a line can be read; what it comes nearest to, the dearest part of a refusal, is not looked for."""
    return len(text) <= MAX_LENGTH and _normal(text, unit) is not None


class _Reader:
    """Walks one line from left to right, filling in a draft."""

    def __init__(self, text: str, unit: Unit, explain: bool) -> None:
        self.text, self.explain, self.at = text, explain, 0
        self.draft = Draft(unit)

    def prescription(self) -> Prescription:
        """Read the whole line."""
        self._head()
        while self._skip_gap():
            self._clause()
        draft = self.draft
        if draft.most_rounds and not isinstance(draft.scheme, Density):
            raise self._error(len(self.text), "the time for most rounds, for example 'in 12:00'")
        if draft.parts and draft.scheme is None:
            draft.scheme = Cluster(draft.parts)
        culprit = max((at for slot, at in draft.where.items() if slot in _TOGETHER), default=0)
        return self._checked(culprit, draft.prescription)

    def _head(self) -> None:
        draft, text = self.draft, self.text
        if head := patterns.HEAD.match(text):
            draft.sets = int(head.group(2) or head.group(1))
            draft.fewest = int(head.group(1)) if head.group(2) else None
            self._checked(head.start(1), lambda: check_sets(draft.sets))
            self._one_target(head.end())
        elif head := patterns.ON_THE_MINUTE.match(text):
            minutes, step = int(head.group(2)), int(head.group(1) or 1)
            draft.sets = minutes // step
            self._checked(head.start(2), lambda: check_sets(draft.sets))
            draft.scheme, draft.where["scheme"] = EveryStart(60 * step), 0
            self._one_target(head.end())
        elif head := patterns.MOST_HEAD.match(text):
            draft.sets, draft.most_rounds = 1, True
            self._one_target(head.end())
        elif head := patterns.TARGET_LIST.match(text):
            listed = head.group(1)
            draft.targets = self._checked(head.start(1), lambda: read_targets(listed))
            draft.sets, self.at = len(draft.targets), head.end()
            self._checked(head.start(1), lambda: check_sets(draft.sets))
        elif head := patterns.BARE.match(text):
            draft.sets = 1
            self._one_target(head.end())
        elif re.match(r"\s*(?:max|amrap)\b", text, re.I):
            draft.sets = 1
            self._one_target(len(text) - len(text.lstrip()))
        else:
            raise self._error(len(text) - len(text.lstrip()), _HEADS)

    def _one_target(self, start: int) -> None:
        text = self.text
        if parts := patterns.PARTS.match(text, start):
            self.draft.parts = tuple(int(part) for part in re.findall(r"\d+", parts.group(1)))
            total = sum(self.draft.parts)
            self._take(start, parts.end(), lambda: Reps(total, total))
        elif shared := _work_and_rest(text, start):
            self._intervals(start, shared)
        elif longest := patterns.MAX_SECONDS.match(text, start):
            seconds = patterns.seconds_of(None, None, *longest.groups())
            self._take(start, longest.end(), lambda: Seconds(seconds, low=0))
        elif between := patterns.HOLD_RANGE.match(text, start):
            shortest, seconds = (patterns.seconds_of(None, None, between[n], between[3]) for n in (1, 2))
            self._take(start, between.end(), lambda: Seconds(seconds, low=shortest))
        elif hold := patterns.HOLD.match(text, start):
            self._take(start, hold.end(), lambda: Seconds(patterns.seconds_of(*hold.groups())))
        elif distance := patterns.METRES.match(text, start):
            self._take(start, distance.end(), lambda: metres(distance))
        elif most := patterns.MAX.match(text, start):
            cap = most.group(1)
            self._take(start, most.end(), lambda: Most(int(cap) if cap else None))
        elif reps := patterns.REPS.match(text, start):
            low, high = int(reps.group(1)), int(reps.group(2) or reps.group(1))
            self._take(start, reps.end(), lambda: Reps(low, high))
        else:
            raise self._error(start, _TARGETS)

    def _intervals(self, start: int, shared: "re.Match[str]") -> None:
        """Seconds of work and of rest, said together: ``40/20``, ``20 s on 10 s off``."""
        work, rest = (int(part) for part in shared.groups())
        self._take(start, shared.end(), lambda: Seconds(work))
        self._checked(start, lambda: check_rest(rest))
        self.draft.rest, self.draft.where["rest"] = rest, start

    def _take(self, start: int, end: int, make: Callable[[], Target]) -> None:
        self.draft.targets, self.at = (self._checked(start, make),), end

    def _skip_gap(self) -> bool:
        gap = patterns.GAP.match(self.text, self.at)
        self.at = gap.end() if gap else self.at
        return self.at < len(self.text)

    def _clause(self) -> None:
        start, draft = self.at, self.draft
        for clause in CLAUSES:
            if found := clause.pattern.match(self.text, start):
                self._check_once(clause, start)
                self._checked(start, lambda c=clause, f=found: c.take(draft, f))  # type: ignore[misc]
                draft.where[clause.slot] = start
                self.at = found.end()
                return
        raise self._error(start, self._guess(start))

    def _check_once(self, clause: Clause, start: int) -> None:
        if clause.slot in self.draft.where and not clause.repeats:
            raise self._error(start, f"{clause.name} only once")

    def _guess(self, start: int) -> str:
        meant = meant_word(self.text[start:])
        return f"'{meant.example}'" if meant else _CLAUSES

    def _checked(self, position: int, make: Callable[[], _Made]) -> _Made:
        try:
            return make()
        except DomainError as refusal:
            raise self._error(position, as_expectation(refusal)) from refusal

    def _error(self, position: int, expected: str) -> ShorthandError:
        unit = self.draft.unit
        nearest = mended(self.text, position, lambda text: _normal(text, unit)) if self.explain else None
        return ShorthandError(Unreadable(min(position, len(self.text)), expected, nearest))


def _work_and_rest(text: str, start: int) -> "re.Match[str] | None":
    """Seconds come in fives, and in more of them than repetitions do: ``40/20`` is work and rest, ``12/10`` is not."""
    shared = patterns.WORK_AND_REST.match(text, start)
    if shared:
        work, rest = (int(part) for part in shared.groups())
        if work >= SHORTEST_INTERVAL and not work % FIVE and not rest % FIVE:
            return shared
    return patterns.ON_AND_OFF.match(text, start)


FIVE = 5
SHORTEST_INTERVAL = 20

_TOGETHER = frozenset({"scheme", "load", "side", "each"})
"""Clauses that may not go together with what stands before them."""


def _normal(text: str, unit: Unit) -> str | None:
    try:
        return write(_Reader(text, unit, explain=False).prescription())
    except ShorthandError:
        return None
