"""A session that was kept on paper, typed afterwards: one exercise a line, as it stands in a notebook.

::

    squat 8,8,7 at 60, left 2
    plank 40,40,35 s
    row 3x10 at 22.5
    curl 12,10 at 10/12, left 1
    push-up
    calf raise skipped
    easy run 5 km in 31:20
    bike 75 min
    band pull 14,13 in 45 s

A name alone was done as planned. Sets differ by commas, loads by strokes; the last load holds for the sets after it.
"""

import re
from collections.abc import Mapping
from dataclasses import dataclass
from decimal import Decimal

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import LineId
from upright_anvil.core.loads.load import Load, Unit, plain
from upright_anvil.core.prescription.bounds import (
    MAX_COUNTED,
    MAX_METRES,
    MAX_REPS,
    MAX_RESERVE,
    MAX_SETS,
    MAX_WORK_SECONDS,
)
from upright_anvil.core.prescription.targets import METRES_PER_KILOMETRE
from upright_anvil.core.prescription.text.patterns import TIME, seconds_of

MAX_PAPER_LINES = 60
MOST_IN_A_LINE = 240
"""Characters of a line: a name and twenty sets with their loads take two thirds of it. House figure."""

SHOWN = 40
"""Characters of a line too long that are shown to find it by."""

_NUMBER = r"\d+(?:[.,]\d+)?"
_LOAD = rf"{_NUMBER}\s*(?:kg|lbs?)?"
_LINE = re.compile(
    rf"(?P<name>.*?[^\W\d_].*?)[\s:]+(?:(?P<sets>\d+)\s*[x×*]\s*)?(?P<amounts>\d+(?:\s*[,/]\s*\d+)*)\s*"
    r"(?P<timed>s|secs?|seconds|min|mins|minutes)?"
    rf"(?:\s*,?\s*(?:at|@|with|[x×])\s*(?P<loads>{_LOAD}(?:\s*/\s*{_LOAD})*))?"
    r"(?:\s*,?\s*(?:left|leave|rir)\s*(?P<left>\d+)|\s*,?\s*(?P<left_last>\d+)\s*(?:left|in\s+reserve|rir))?\s*\.?",
    re.IGNORECASE,
)
_DISTANCE = re.compile(
    rf"(?P<name>.*?[^\W\d_].*?)[\s:]+(?P<far>{_NUMBER})\s*(?P<unit>km|m)\b(?:\s*,?\s*(?:in\s+)?{TIME})?\s*\.?",
    re.IGNORECASE,
)
_COUNTED = re.compile(
    rf"(?P<name>.*?[^\W\d_].*?)[\s:]+(?P<counts>\d+(?:\s*[,/]\s*\d+)*)\s*(?:reps\s*)?in\s+(?P<seconds>\d+)\s*(?:s|secs?|seconds)"
    rf"(?:\s*,?\s*(?:at|@|with|[x×])\s*(?P<loads>{_LOAD}(?:\s*/\s*{_LOAD})*))?\s*\.?",
    re.IGNORECASE,
)
_SKIPPED = re.compile(r"(?P<name>.+?)[\s:,-]+(?:skipped|left\s+out|not\s+done|none)\s*\.?", re.IGNORECASE)
_AS_PLANNED = re.compile(r"(?P<name>.+?)(?:[\s:,-]+(?:as\s+planned|done|ok))?\s*\.?", re.IGNORECASE)


@dataclass(frozen=True, slots=True)
class PaperSet:
    """One set as it was written: repetitions, seconds with the repetitions ``counted`` in them, or metres."""

    reps: int | None
    seconds: int | None
    load: Load | None
    left: int | None
    metres: int | None = None
    counted: int | None = None


@dataclass(frozen=True, slots=True)
class PaperLine:
    """An exercise as it was written; without ``sets`` it was done as planned, with an empty tuple not at all."""

    line: LineId
    sets: tuple[PaperSet, ...] | None


def read_paper(text: str, names: Mapping[LineId, str], unit: Unit) -> tuple[PaperLine, ...]:
    """Read what was typed against the session's lines and their exercises' names, in the order of the text. House rule.

    Raises `DomainError` with the number of the line, what stands there and what was expected: nothing is half-read.
    """
    lines = ((number, " ".join(line.split())) for number, line in enumerate(text.splitlines(), start=1))
    written = [(number, line) for number, line in lines if line]
    if len(written) > MAX_PAPER_LINES:
        raise DomainError(f"At most {MAX_PAPER_LINES} lines, not {len(written)}.")
    found: list[PaperLine] = []
    for number, line in written:
        if len(line) > MOST_IN_A_LINE:
            expected = f"at most {MOST_IN_A_LINE} characters, one exercise a line."
            raise DomainError(f"Line {number}, “{line[:SHOWN]}…”: {expected}")
        try:
            one = _read(line, names, unit)
        except DomainError as refusal:
            raise DomainError(f"Line {number}, “{line}”: {refusal}") from refusal
        if any(one.line == before.line for before in found):
            raise DomainError(f"Line {number}, “{line}”: that exercise stands there already.")
        found.append(one)
    return tuple(found)


def _read(line: str, names: Mapping[LineId, str], unit: Unit) -> PaperLine:
    if skipped := _SKIPPED.fullmatch(line):
        return PaperLine(_meant(skipped["name"], names), ())
    if ran := _DISTANCE.fullmatch(line):
        return PaperLine(_meant(ran["name"], names), (_distance(ran),))
    if counted := _COUNTED.fullmatch(line):
        return PaperLine(_meant(counted["name"], names), _in_seconds(counted, unit))
    if full := _LINE.fullmatch(line):
        return PaperLine(_meant(full["name"], names), _sets(full, unit))
    plain = _AS_PLANNED.fullmatch(line)
    if plain and not re.search(r"\d", plain["name"]):
        return PaperLine(_meant(plain["name"], names), None)
    raise DomainError("write a name and its sets, for example squat 8,8,7 at 60, left 2.")


def _distance(found: "re.Match[str]") -> PaperSet:
    metres = Decimal(found["far"].replace(",", ".")) * (METRES_PER_KILOMETRE if found["unit"].lower() == "km" else 1)
    if metres % 1 or not 1 <= metres <= MAX_METRES:
        raise DomainError(f"1 to {MAX_METRES} whole metres, not {plain(metres)}.")
    # Behind the name, the distance and its unit come the four parts of a time.
    seconds = seconds_of(*found.groups()[3:7]) if any(found.groups()[3:7]) else None
    if seconds is not None and not 1 <= seconds <= MAX_WORK_SECONDS:
        raise DomainError(f"a time of at most {MAX_WORK_SECONDS // 3600} hours.")
    return PaperSet(None, seconds, None, None, int(metres))


def _in_seconds(found: "re.Match[str]", unit: Unit) -> tuple[PaperSet, ...]:
    counts, seconds = [int(one) for one in re.findall(r"\d+", found["counts"])], int(found["seconds"])
    loads = _loads(found["loads"], unit)
    if len(counts) > MAX_SETS or not 1 <= seconds <= MAX_WORK_SECONDS or any(one > MAX_COUNTED for one in counts):
        raise DomainError(f"1 to {MAX_SETS} sets of at most {MAX_COUNTED} repetitions and {MAX_WORK_SECONDS} s.")
    return tuple(
        PaperSet(None, seconds, loads[min(n, len(loads) - 1)] if loads else None, None, counted=one)
        for n, one in enumerate(counts)
    )


def _sets(found: "re.Match[str]", unit: Unit) -> tuple[PaperSet, ...]:
    amounts = [int(amount) for amount in re.findall(r"\d+", found["amounts"])]
    if found["sets"]:
        if len(amounts) > 1:
            raise DomainError("write 3 x 10, or each set, not both.")
        amounts *= int(found["sets"])
    timed = bool(found["timed"])
    if timed and found["timed"].lower().startswith("m"):
        amounts = [60 * amount for amount in amounts]
    most = MAX_WORK_SECONDS if timed else MAX_REPS
    if not 1 <= len(amounts) <= MAX_SETS:
        raise DomainError(f"1 to {MAX_SETS} sets, not {len(amounts)}.")
    if any(amount > most for amount in amounts):
        raise DomainError(f"at most {most} {'seconds' if timed else 'repetitions'} a set.")
    loads = _loads(found["loads"], unit)
    if len(loads) > len(amounts):
        raise DomainError(f"{len(loads)} loads for {len(amounts)} sets.")
    said = found["left"] or found["left_last"]
    left = int(said) if said else None
    if left is not None and left > MAX_RESERVE:
        raise DomainError(f"0 to {MAX_RESERVE} repetitions left, not {left}.")
    return tuple(
        PaperSet(
            None if timed else amount,
            amount if timed else None,
            loads[min(place, len(loads) - 1)] if loads else None,
            # What is left is said of the end: of the last set.
            left if place == len(amounts) - 1 else None,
        )
        for place, amount in enumerate(amounts)
    )


def _loads(text: str | None, unit: Unit) -> list[Load]:
    loads: list[Load] = []
    for piece in reversed((text or "").split("/")):
        weight = re.match(rf"\s*({_NUMBER})\s*(kg|lb)?", piece, re.IGNORECASE)
        if weight:
            unit = Unit(weight[2].lower()) if weight[2] else unit
            loads.append(Load(Decimal(weight[1].replace(",", ".")), unit))
    return loads[::-1]


def _meant(name: str, names: Mapping[LineId, str]) -> LineId:
    """The line whose exercise has every word that was typed, each as the beginning of one; the shortest name first."""
    typed = re.findall(r"[^\W\d_]+", name.lower())
    fitting = []
    for line, exercise in names.items():
        words = re.findall(r"[^\W\d_]+", exercise.lower())
        if typed and all(any(word.startswith(part.removesuffix("s")) for word in words) for part in typed):
            fitting.append((len(words), line))
    if not fitting:
        there = ", ".join(names.values())
        raise DomainError(f"no exercise of this session is called so. There are: {there}.")
    return min(fitting)[1]
