"""Shorthand: one typed line, read into one prescription, and written back without loss.

The grammar (``docs/formats.md`` explains it with examples)::

    line    = sets "x" target { [","] clause }
    target  = reps | reps "-" reps | seconds ("s" | "sec") | minutes ":" seconds
    clause  = "each side" | load | "tempo" tempo | "rest" time | "leave" reps
    load    = number ["kg" | "lb"] | "bw" [("+" | "-") number ["kg" | "lb"]]
    tempo   = four of (digits | "X"), with "-" between or, for single digits, run together
    time    = seconds ["s"] | minutes ":" seconds | minutes "min"

Spaces, case, commas between clauses and ``x``/``×``/``*`` are forgiven; a decimal comma in a load is read as a point.
Clauses come in any order, each once. `write` gives the normal form, and ``read(write(p)) == p`` for every prescription.
"""

import difflib
import re
from collections.abc import Callable
from dataclasses import dataclass
from functools import lru_cache
from typing import TypeVar

from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.model import (
    BodyweightLoad,
    LoadTarget,
    Prescription,
    Reps,
    Seconds,
    Target,
    Tempo,
    check_load,
    check_reserve,
    check_rest,
    check_sets,
)
from upright_anvil.core.sentences import Refusal

MAX_LENGTH = 200
"""Characters in one line."""


@dataclass(frozen=True, slots=True)
class Unreadable:
    """Why a line could not be read.

    ``position`` counts characters from 0, ``expected`` says what should stand there, ``nearest`` is the closest line
    that can be read, or None where there is too little to go by.
    """

    position: int
    expected: str
    nearest: str | None


class ShorthandError(Refusal):
    """A line that cannot be read; ``why`` holds the place."""

    def __init__(self, why: Unreadable) -> None:
        super().__init__(f"At character {why.position + 1}: expected {why.expected}.")
        self.why = why


_Made = TypeVar("_Made")

_NUMBER = r"(\d+(?:[.,]\d+)?)"
_UNIT = r"(?:\s*(kg|kgs|kilos?|lb|lbs)\b)?"
_TIME = r"(?:(\d+):(\d\d)(?!\d)|(\d+)\s*(min|m|seconds|secs|sec|s)?(?![\w:]))"

_HEAD = re.compile(r"\s*(\d+)\s*(?:sets?\s*(?:of|x)?|[x×*])\s*", re.I)
_HOLD = re.compile(r"(?:(\d+):(\d\d)(?!\d)|(\d+)\s*(?:seconds|secs|sec|s)(?![a-z]))", re.I)
_REPS = re.compile(r"(\d+)(?:\s*(?:-|–|to)\s*(\d+))?(?:\s*reps?\b)?", re.I)
_GAP = re.compile(r"[\s,;]*")
_EACH = re.compile(r"(?:each|per)\s*(?:side|arm|leg)\b|e/s\b", re.I)
_LOAD = re.compile(rf"(?:@\s*)?{_NUMBER}{_UNIT}(?![\w:])", re.I)
_BODY = re.compile(rf"(?:bw|body\s*weight)\b(?:\s*([+-])\s*{_NUMBER}{_UNIT}(?![\w:]))?", re.I)
_TEMPO = re.compile(r"tempo\s*([\dx]+\s*-\s*[\dx]+\s*-\s*[\dx]+\s*-\s*[\dx]+(?!\w)|[\dx]{4}(?!\w))", re.I)
_REST = re.compile(rf"rest\s*{_TIME}", re.I)
_LEAVE = re.compile(r"leave\s*(\d+)(?!\w)", re.I)

_WORDS = {"tempo": "tempo 3-1-X-0", "rest": "rest 2:00", "leave": "leave 2", "each side": "each side", "bw": "bw"}
_CLAUSES = "a load (62.5 kg, bw), 'each side', 'tempo 3-1-X-0', 'rest 2:00' or 'leave 2'"


def write(prescription: Prescription) -> str:
    """Write the normal form: ``4 x 8-10, 62.5 kg, tempo 3-1-X-0, rest 2:00, leave 2``. `read` gives it back exactly."""
    return ", ".join(part for part in write_parts(prescription) if part)


def write_parts(prescription: Prescription) -> tuple[str, str]:
    """Write the normal form in two: the work (sets, target, load), and how it is done (tempo, rest, reserve)."""
    p = prescription
    work = f"{p.sets} x {p.target}" + (" each side" if p.each_side else "")
    if p.load is not None:
        work += f", {p.load}"
    parts = []
    if p.tempo is not None:
        parts.append(f"tempo {p.tempo}")
    if p.rest is not None:
        parts.append(f"rest {write_time(p.rest)}")
    if p.reserve is not None:
        parts.append(f"leave {p.reserve}")
    return work, ", ".join(parts)


def write_time(seconds: int) -> str:
    """Write a rest: ``45 s`` below a minute, else ``2:05``."""
    minutes, left = divmod(seconds, 60)
    return f"{minutes}:{left:02d}" if minutes else f"{left} s"


@lru_cache(maxsize=8192)
def read(text: str, unit: Unit = Unit.KG) -> Prescription:
    """Read one line; ``unit`` holds for loads that name none.

    Raises `ShorthandError` with the position, what was expected and the nearest line that can be read.
    """
    if len(text) > MAX_LENGTH:
        raise ShorthandError(Unreadable(MAX_LENGTH, f"at most {MAX_LENGTH} characters", None))
    return _Reader(text, unit, explain=True).prescription()


class _Reader:
    """Walks one line from left to right, filling in the clauses it meets."""

    def __init__(self, text: str, unit: Unit, explain: bool) -> None:
        self.text, self.unit, self.explain, self.at = text, unit, explain, 0
        self.sets = 0
        self.target: Target | None = None
        self.each_side = False
        self.load: LoadTarget | None = None
        self.tempo: Tempo | None = None
        self.rest: int | None = None
        self.reserve: int | None = None

    def prescription(self) -> Prescription:
        """Read the whole line."""
        self._head()
        while self._skip_gap():
            self._clause()
        assert self.target is not None  # noqa: S101 - the head has read it
        return Prescription(self.sets, self.target, self.each_side, self.load, self.tempo, self.rest, self.reserve)

    def _head(self) -> None:
        head = _HEAD.match(self.text)
        if not head:
            raise self._error(
                len(self.text) - len(self.text.lstrip()), "sets x reps, for example '3 x 8' or '3 x 40 s'"
            )
        self.sets, start = int(head.group(1)), head.end()
        self._checked(head.start(1), lambda: check_sets(self.sets))
        if hold := _HOLD.match(self.text, start):
            minutes, rest, seconds = hold.groups()
            total = int(seconds) if seconds else 60 * int(minutes) + int(rest)
            self.target, self.at = self._checked(start, lambda: Seconds(total)), hold.end()
        elif reps := _REPS.match(self.text, start):
            low, high = int(reps.group(1)), int(reps.group(2) or reps.group(1))
            self.target, self.at = self._checked(start, lambda: Reps(low, high)), reps.end()
        else:
            raise self._error(start, "repetitions such as 8 or 8-10, or seconds such as 40 s")

    def _skip_gap(self) -> bool:
        gap = _GAP.match(self.text, self.at)
        self.at = gap.end() if gap else self.at
        return self.at < len(self.text)

    def _clause(self) -> None:
        start = self.at
        for name, pattern, take in _CLAUSE_READERS:
            if match := pattern.match(self.text, start):
                if getattr(self, name) not in (None, False):
                    raise self._error(start, f"{_SPOKEN[name]} only once")
                try:
                    take(self, match)
                except Refusal as refusal:
                    raise self._error(start, _as_expectation(refusal)) from refusal
                self.at = match.end()
                return
        raise self._error(start, self._guess(start))

    def _guess(self, start: int) -> str:
        meant = _meant_word(self.text[start:])
        return f"'{_WORDS[meant[1]]}'" if meant else _CLAUSES

    def _checked(self, position: int, make: Callable[[], _Made]) -> _Made:
        try:
            return make()
        except Refusal as refusal:
            raise self._error(position, _as_expectation(refusal)) from refusal

    def _error(self, position: int, expected: str) -> ShorthandError:
        nearest = _nearest(self.text, position, self.unit) if self.explain else None
        return ShorthandError(Unreadable(min(position, len(self.text)), expected, nearest))

    def take_each(self, _: "re.Match[str]") -> None:
        self.each_side = True

    def take_load(self, match: "re.Match[str]") -> None:
        load = self._load(match.group(1), match.group(2))
        check_load(load)
        self.load = load

    def take_body(self, match: "re.Match[str]") -> None:
        sign, number, unit = match.groups()
        self.load = BodyweightLoad(self._load(number, unit), sign == "-") if number else BodyweightLoad()

    def take_tempo(self, match: "re.Match[str]") -> None:
        written = match.group(1).lower()
        phases = [p.strip() for p in written.split("-")] if "-" in written else list(written)
        if any("x" in p and p != "x" for p in phases):
            raise Refusal("A tempo phase must be seconds or X.")
        self.tempo = Tempo(*(None if p == "x" else int(p) for p in phases))

    def take_rest(self, match: "re.Match[str]") -> None:
        minutes, seconds, number, unit = match.groups()
        if minutes:
            self.rest = 60 * int(minutes) + int(seconds)
        else:
            self.rest = int(number) * (60 if (unit or "s").lower() in ("min", "m") else 1)
        check_rest(self.rest)

    def take_leave(self, match: "re.Match[str]") -> None:
        self.reserve = int(match.group(1))
        check_reserve(self.reserve)

    def _load(self, number: str, unit: str | None) -> Load:
        read_unit = self.unit if unit is None else Unit.LB if unit.lower().startswith("lb") else Unit.KG
        return Load.of(number.replace(",", "."), read_unit)


_CLAUSE_READERS: tuple[tuple[str, "re.Pattern[str]", "Callable[[_Reader, re.Match[str]], None]"], ...] = (
    ("each_side", _EACH, _Reader.take_each),
    ("tempo", _TEMPO, _Reader.take_tempo),
    ("rest", _REST, _Reader.take_rest),
    ("reserve", _LEAVE, _Reader.take_leave),
    ("load", _BODY, _Reader.take_body),
    ("load", _LOAD, _Reader.take_load),
)
_SPOKEN = {"each_side": "'each side'", "tempo": "a tempo", "rest": "a rest", "reserve": "'leave'", "load": "a load"}


def _as_expectation(refusal: Refusal) -> str:
    """Turn a bound's sentence into the half sentence that follows 'expected'."""
    return "a value in bounds: " + str(refusal)[0].lower() + str(refusal)[1:].rstrip(".")


def _meant_word(text: str) -> tuple[str, str] | None:
    """The misspelt word a piece begins with, and the keyword it comes closest to."""
    word = re.match(r"[a-z]+", text.lower())
    close = difflib.get_close_matches(word.group(), list(_WORDS), 1, 0.5) if word else []
    return (word.group(), close[0]) if word and close else None


def _nearest(text: str, position: int, unit: Unit) -> str | None:
    """The normal form of what can be read: everything before ``position`` and each later piece that still fits."""
    kept = text[:position].rstrip(" ,;")
    for piece in re.split(r"[,;]", text[position:]):
        meant = _meant_word(piece.strip())
        spelled = meant[1] + piece.strip()[len(meant[0]) :] if meant else piece
        kept = next((c for c in (f"{kept}, {piece}", f"{kept}, {spelled}") if _normal(c, unit)), kept)
    return _normal(kept, unit)


def _normal(text: str, unit: Unit) -> str | None:
    try:
        return write(_Reader(text, unit, explain=False).prescription())
    except ShorthandError:
        return None
