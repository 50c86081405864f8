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
    return normal(kept)
