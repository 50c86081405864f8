"""Figures as people write them: decimal commas, units, ranges with their step, and what was not used of them."""

import re
from collections.abc import Iterable, Iterator
from functools import cache
from itertools import pairwise
from typing import Final

from upright_anvil.core.loads.equipment.nouns import STEP_WORDS

NUMBER: Final = r"\d+(?:\.\d+)?"
RANGE: Final = rf"{NUMBER}\s*-\s*{NUMBER}"


def plain(line: str) -> str:
    """Answer a line in lower case, with one sort of dash, quote and space, ``w/`` written out, without its bullet."""
    text = " ".join(line.lower().replace("’", "'").replace("×", "x").split())
    text = re.sub(r"[–—−]", "-", text)
    text = re.sub(r"\s*[,;]?\s*\b(?:and )?then\b\s*", ", ", text)
    text = re.sub(r"\bw/(?!o\b)\s*", "with ", text)
    text = re.sub(r"^\s*(?:[-*•·]+\s+|\d+[.)]\s+(?=[a-z]))", "", text)
    return " ".join(text.split()).strip(" .;")


def decimals(text: str) -> str:
    """Decimal commas become points; a comma between whole numbers of a list stays one: 2,5 but 8,10,12."""

    def chain(found: "re.Match[str]") -> str:
        parts = found.group().split(",")
        if len(parts) == 2 and re.fullmatch("0*", parts[1][1:]) and len(parts[1]) == 3:  # noqa: PLR2004 - thousands
            return "".join(parts)
        if len(parts) == 2:  # noqa: PLR2004 - a number and what may be its decimals
            return ".".join(parts) if parts[1] in ("5", "25", "75", "50", "0") else ", ".join(parts)
        whole = [int(part) for part in parts]
        if whole == sorted(set(whole)):
            return ", ".join(parts)
        return ", ".join(_paired(parts))

    return re.sub(r"(?<![\d.])\d+(?:,\d+)+(?![\d.])", chain, text)


def _paired(parts: list[str]) -> list[str]:
    """A chain such as 2,5,5,7,5 as the climbing numbers it can be read as: 2.5 5 7.5; as it stands where it cannot.

    Of several readings the one that climbs most evenly is taken.
    """
    if len(parts) > MOST_PARTS:
        return parts
    readings = [found for found in _readings(parts) if all(float(a) < float(b) for a, b in pairwise(found))]
    return min(readings, key=_unevenness, default=parts)


def _readings(parts: list[str]) -> Iterator[list[str]]:
    if not parts:
        yield []
        return
    for rest in _readings(parts[1:]):
        yield [parts[0], *rest]
    if len(parts) > 1 and parts[1] in ("5", "25", "75"):
        for rest in _readings(parts[2:]):
            yield [f"{parts[0]}.{parts[1]}", *rest]


def _unevenness(found: list[str]) -> float:
    steps = [float(b) - float(a) for a, b in pairwise(found)]
    return max(steps) - min(steps) if steps else 0.0


MOST_PARTS: Final = 12
"""Numbers of a chain that are tried in all readings."""


def units(text: str) -> str:
    """Answer a text with its units as ``kg`` and ``lb``."""
    return _rewritten(text, _units())


@cache
def _units() -> "Rules":
    return (
        (re.compile(r"(?<=\d)\s*(?:kgs|kilogram(?:me)?s?|kilos?|kg)(?![a-z])"), " kg"),
        (re.compile(r"(?<=\d)\s*(?:lbs|pounds?|lb|#)(?![a-z])"), " lb"),
        (re.compile(r"\b(?:lbs|pounds?)\b"), "lb"),
        (re.compile(r"\b(?:kgs|kilos?|kilograms?)\b"), "kg"),
    )


def steps(text: str) -> str:
    """Every way to say a range and its step becomes ``4-24 by 2``."""
    return _rewritten(text, _steps())


@cache
def _steps() -> "Rules":
    unit, step = r"(?:\s*(?:kg|lb))?", r"(?:steps?|increments?|jumps?|intervals?|stages?)"
    with_unit = rf"({NUMBER}){unit}"
    named = [(rf"\b(?:in|by) {words}\b", f"by {each}") for words, each in STEP_WORDS.items()]
    said = [
        (rf"(?:from\s+)?({NUMBER}){unit}\s*(?:-|to|up to|through|thru|until|till)\s*({NUMBER})", r"\1-\2"),
        (rf"\(\s*(?:in|by)\s+{with_unit}'?s?\s*(?:{step})?\s*\)|\(\s*{with_unit}'?s?\s*{step}\s*\)", r" by \1\2 "),
        (rf",?\s*\b(?:(?:going )?up )?(?:in|with|at|by)?\s*{step}\s*(?:of|:|=)?\s*({NUMBER}){unit}\b", r" by \1 "),
        (rf",?\s*\b(?:in|every|by|per|going up (?:in|by)|rising by)\s+{with_unit}'?s?\b(?:\s*{step})?", r" by \1 "),
        (rf"(?<![\d.x-])({NUMBER}){unit}'?s?\s+{step}\b", r" by \1 "),
        (rf"({RANGE}){unit}\s*/\s*({NUMBER})", r"\1 by \2"),
        (rf"({RANGE}){unit}\s*,?\s*by\s", r"\1 by "),
        (rf"(?<!\d )\bby ({NUMBER})\s*,?\s*(?:from\s+)?({RANGE})", r"\2 by \1"),
        (rf"\bby ({NUMBER})\s*,?\s*(?:up\s*to|max\.?|to)\s*({NUMBER})", r"\1-\2 by \1"),
        (rf"(?<!\d )(?:up\s*to|max\.?|to)\s*({NUMBER}){unit}\s*,?\s*by ({NUMBER})", r"\2-\1 by \2"),
    ]  # fmt: skip
    return tuple((re.compile(pattern), into) for pattern, into in [*named, *said])


Rules = tuple[tuple["re.Pattern[str]", str], ...]
"""What is looked for and what it becomes, in their order; made when they are asked for first."""


def _rewritten(text: str, rules: Rules) -> str:
    for pattern, into in rules:
        text = pattern.sub(into, text)
    return text


def unused(written: str, said: Iterable[str]) -> str:
    """Answer the first number of a line that stands in nothing that was understood of it; empty where all do.

    Counts of things, and the ends and steps of ranges, are used.
    """
    text = steps(units(decimals(plain(written))))
    there = set(re.findall(NUMBER, " ".join(said)))
    ranges = {number for found in re.findall(rf"{RANGE}|\bby\s*{NUMBER}", text) for number in re.findall(NUMBER, found)}
    counts = set(re.findall(r"\b(\d+)\s*(?:x|of|pairs?)\b|\bx\s*(\d+)\b", text))
    counted = {number for pair in counts for number in pair if number}
    lone = re.findall(rf"(?<![\d.]){NUMBER}(?![\d.])", text)
    used = {_trimmed(number) for number in there | ranges | counted}
    return next((number for number in lone if _trimmed(number) not in used and float(number) > MOST_COUNT), "")


MOST_COUNT: Final = 6
"""A number up to this may be a count: two dumbbells of 10."""


def _trimmed(number: str) -> str:
    return number.rstrip("0").rstrip(".") if "." in number else number
