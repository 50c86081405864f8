"""What to say of a line that cannot be read, and the nearest line that can."""

import difflib
import re
from collections.abc import Callable
from dataclasses import dataclass

from upright_anvil.core.errors import DomainError
from upright_anvil.core.prescription.text.clauses import CLAUSES


@dataclass(frozen=True, slots=True)
class Unreadable:
    """Why a line could not be read.

    ``position`` counts characters from 0, ``expected`` says what should stand there, ``nearest`` is the closest line
    that can be read, or None where there is too little to go by.
    """

    position: int
    expected: str
    nearest: str | None


class ShorthandError(DomainError):
    """A line that cannot be read; ``why`` holds the place."""

    def __init__(self, why: Unreadable) -> None:
        super().__init__(f"At character {why.position + 1}: expected {why.expected}.")
        self.why = why


@dataclass(frozen=True, slots=True)
class Meant:
    """A misspelt word, the keyword it comes closest to, and an example of its clause."""

    typed: str
    keyword: str
    example: str


_EXAMPLES = {clause.word: clause.example for clause in CLAUSES if clause.word}


def meant_word(text: str) -> Meant | None:
    """Answer the keyword that a piece's first word comes closest to; None where it is like none of them."""
    word = re.match(r"[a-z]+", text.lower())
    close = difflib.get_close_matches(word.group(), list(_EXAMPLES), 1, 0.5) if word else []
    return Meant(word.group(), close[0], _EXAMPLES[close[0]]) if word and close else None


def as_expectation(refusal: DomainError) -> str:
    """Turn a bound's sentence into the half sentence that follows 'expected'."""
    return "a value in bounds: " + str(refusal)[0].lower() + str(refusal)[1:].rstrip(".")


def mended(text: str, position: int, normal: Callable[[str], str | None]) -> str | None:
    """Answer the normal form of what can be read: everything before ``position`` and each later piece that still fits.

    ``normal`` answers a text's normal form, None where it cannot be read.
    """
    kept = text[:position].rstrip(" ,;")
    for piece in re.split(r"[,;]", text[position:]):
        meant = meant_word(piece.strip())
        spelled = meant.keyword + piece.strip()[len(meant.typed) :] if meant else piece
        kept = next((c for c in (f"{kept}, {piece}", f"{kept}, {spelled}") if normal(c)), kept)
    found = normal(kept)
    return found if found and _same_kinds(text, found) else None


_NUMBER = re.compile(r"(\d+(?:[.,]\d+)?)(\s*(?:-|–)\s*\d)?\s*([a-z%]*)", re.I)
_WEIGHTS = {"kg": "kg", "kgs": "kg", "kilo": "kg", "kilos": "kg", "lb": "lb", "lbs": "lb", "%": "%"}


def _same_kinds(typed: str, offered: str) -> bool:
    """Answer whether what is offered says of every number what was typed of it.

    Seconds stay seconds; a weight was typed as one, or without any word behind it, and is not half of a range.
    """
    said: dict[str, set[str]] = {}
    for number, ranged, word in _NUMBER.findall(typed):
        said.setdefault(number.replace(",", "."), set()).add("-" if ranged else _kind(word))
    for number, ranged, word in _NUMBER.findall(offered):
        kinds, kind = said.get(number, set()), _kind(word)
        if kind in _WEIGHTS.values() and not kinds & {kind, ""} and not ranged:
            return False
        if kinds == {"s"} and kind not in ("s", ""):
            return False
        if kinds == {"s"} and kind == "" and not ranged:
            return False
    return True


def _kind(word: str) -> str:
    """What a word behind a number counts; a word that begins like seconds was meant for them."""
    low = word.lower()
    if low in _WEIGHTS or low.startswith(("kg", "kilo")):
        return _WEIGHTS.get(low, "kg")
    meant = low.startswith("sec") or (low.startswith("s") and len(low) <= len("sx"))
    return "s" if meant else low
