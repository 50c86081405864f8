"""The longest texts that are let in, of what a reader of typed words likes least: slower than a line, never stuck."""

from collections.abc import Callable
from contextlib import suppress
from datetime import date
from itertools import product
from time import perf_counter
from typing import Any

from bench.figures import Figure
from upright_anvil.core.drafting import words
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import LineId
from upright_anvil.core.loads.equipment.reading import MOST_IN_A_LINE, read_equipment
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.pasted.client_rows import client_rows
from upright_anvil.core.pasted.program_rows import program_rows
from upright_anvil.core.pasted.session_rows import session_rows
from upright_anvil.core.pasted.table import table_of
from upright_anvil.core.prescription.text.named import parted
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH, read
from upright_anvil.core.session.on_paper import read_paper
from upright_anvil.services.shelf import shipped_library

TODAY = date(2026, 3, 4)
LINES = {LineId("a"): "Back squat", LineId("b"): "Row"}
AGAIN = (
    *(" ", "\t", "\n", "a", "a ", "1", "1 ", "1,5", "1-", "1x", "5 x ", "/", "1/", ", ", " ,", "(", "1:", "5s, "),
    *("kg ", "by ", "up to ", "from 4 to ", "and ", "then ", "with ", "w/ ", "+1", "bar 20 ", "2x20 ", "1 green, "),
    *("each side ", "rest 90 ", "drop to ", "squat 3x8 60; ", "squat: ", "2026-", "1/1/", "not ", "don't "),
)
"""What is said again and again, until no more is let in."""

BEFORE, BEHIND = ("", "bar 20", "squat 3 x 8 60 kg"), ("", "!", "20 kg")


def measure() -> list[Figure]:
    """Give every reader each of them; answer the slowest."""
    index, exercises = shipped_library().index, tuple(shipped_library().exercises.values())
    readers: dict[str, tuple[int, Callable[[str], Any]]] = {
        "a line of shorthand": (MAX_LENGTH, lambda text: read(text, Unit.KG)),
        "a name with shorthand behind it": (520, parted),
        "a search": (520, lambda text: index.search(text, 40)),
        "equipment, four lines": (4 * MOST_IN_A_LINE, lambda text: read_equipment(_lines(text, 4), Unit.KG)),
        "a session on paper, 25 lines": (6000, lambda text: read_paper(_lines(text, 25), LINES, Unit.KG)),
        "likes and dislikes": (4000, lambda text: words.named(text, exercises)),
        "a program pasted": (100_000, lambda text: program_rows(table_of(text))),
        "clients pasted": (100_000, lambda text: client_rows(table_of(text), Unit.KG, TODAY)),
        "past sessions pasted": (100_000, lambda text: session_rows(table_of(text), Unit.KG, TODAY)),
    }
    return [_slowest(name, most, reader) for name, (most, reader) in readers.items()]


def _lines(text: str, many: int) -> str:
    """A text of one line as so many, each another."""
    long = len(text) // many
    return "\n".join(f"{text[: long - 4]}{n}" for n in range(many))


def _slowest(name: str, most: int, reader: Callable[[str], Any]) -> Figure:
    worst, of = 0.0, ""
    for again, before, behind in product(AGAIN, BEFORE, BEHIND):
        text = (before + again * (most // len(again)))[: most - len(behind)] + behind
        begun = perf_counter()
        with suppress(DomainError):  # refused is answered too
            reader(text)
        took = (perf_counter() - begun) * 1000
        worst, of = max((worst, of), (took, again))
    return Figure(f"{name}, the slowest", worst, 500, "ms", f"{most:,} characters, of {of!r} again and again")
