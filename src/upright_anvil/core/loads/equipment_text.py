r"""Equipment as a trainer writes it down, one implement a line, read into an inventory.

::

    bar 20, plates 2x1.25 2x2.5 4x5 4x10 2x20
    dumbbells 4-24 by 2
    kettlebells 8 12 16 24
    stack 5-80 by 5
    bands green 8, black 15
    rucksack 10
    vest 5 10

Numbers take the client's unit unless one is written (``dumbbells 10-50 lb by 5``). A line that cannot be read is
pointed at and the others are kept.
"""

import difflib
import re
from dataclasses import dataclass
from decimal import Decimal
from functools import lru_cache

from upright_anvil.core.loads.implements import Barbell, FixedLoads, Implement, ImplementKind, Plates, plate_sums
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.sentences import Refusal

MAX_LOADS = 200
"""More loads than this in one line is a slip of the keyboard."""

_NUMBER = r"\d+(?:\.\d+)?"
_RANGE = re.compile(rf"({_NUMBER})\s*(?:-|–|to)\s*({_NUMBER})\s*by\s*({_NUMBER})")
_PLATE = re.compile(rf"(\d+)\s*[x×]\s*({_NUMBER})")
_LABELLED = re.compile(rf"([a-z][a-z \-]*?)\s+({_NUMBER})")
_KINDS = {
    "dumbbell": ImplementKind.DUMBBELL,
    "kettlebell": ImplementKind.KETTLEBELL,
    "stack": ImplementKind.STACK,
    "vest": ImplementKind.BODYWEIGHT,
    "belt": ImplementKind.BODYWEIGHT,
}
_WORDS = (*_KINDS, "bar", "barbell", "band")


@dataclass(frozen=True, slots=True)
class EquipmentProblem:
    """A line that could not be read: its number (from 1), its text and what was expected there."""

    line: int
    text: str
    expected: str


@dataclass(frozen=True, slots=True)
class ReadEquipment:
    """What was understood, and the lines that were not."""

    inventory: Inventory
    problems: tuple[EquipmentProblem, ...]


@lru_cache(maxsize=128)
def read_equipment(text: str, unit: Unit) -> ReadEquipment:
    """Read an equipment list; ``unit`` holds for numbers that name none. Remembered by its text. House rule."""
    implements: list[Implement] = []
    problems: list[EquipmentProblem] = []
    for number, line in enumerate(text.splitlines(), start=1):
        if not line.strip():
            continue
        try:
            implements.append(_read_line(line.strip().lower(), unit))
        except Refusal as refusal:
            problems.append(EquipmentProblem(number, line.strip(), str(refusal)))
    return ReadEquipment(Inventory(tuple(implements)), tuple(problems))


def _read_line(line: str, unit: Unit) -> Implement:
    written = set(re.findall(r"\b(kg|lb)s?\b", line))
    if len(written) > 1:
        raise Refusal("Write kilograms and pounds on separate lines.")
    if written:
        unit = Unit(written.pop())
    line = re.sub(r"\s*\b(kg|lb)s?\b", "", line)
    word = re.match(r"[a-z]+", line)
    if not word:
        raise Refusal("Begin with the thing: bar, dumbbells, kettlebells, stack, bands, vest, rucksack.")
    name, rest = word.group().removesuffix("s"), line[word.end() :].strip(" :,")
    if name in ("bar", "barbell"):
        return _read_barbell(rest, unit)
    if name in _KINDS:
        return FixedLoads(_KINDS[name], _read_loads(rest, unit))
    meant = difflib.get_close_matches(name, _WORDS, 1, 0.8) if name not in _WORDS else []
    if meant:
        raise Refusal(f"Did you mean '{meant[0]}s'?")
    kind = ImplementKind.BAND if name == "band" else ImplementKind.IMPROVISED
    text = rest if kind is ImplementKind.BAND else line
    labelled = _LABELLED.findall(text)
    if not labelled or _LABELLED.sub("", text).strip(" ,:"):
        raise Refusal(f"Say what each weighs, for example '{name} {'green 8, black 15' if name == 'band' else '10'}'.")
    loads = tuple(_load(value, unit) for _, value in labelled)
    return FixedLoads(kind, loads, tuple(label.strip() for label, _ in labelled), estimated=True)


def _read_barbell(rest: str, unit: Unit) -> Barbell:
    bar_text, _, plates_text = rest.partition("plates")
    bar = re.fullmatch(_NUMBER, bar_text.strip(" ,:"))
    if not bar:
        raise Refusal("Say what the bar weighs, for example 'bar 20, plates 2x1.25 4x5 4x10'.")
    plates = tuple(Plates(_load(value, unit), int(count)) for count, value in _PLATE.findall(plates_text))
    if _PLATE.sub("", plates_text).strip(" ,:") or sum(p.pairs for p in plates) > MAX_LOADS:
        raise Refusal("Write plates as count x weight, for example 'plates 2x1.25 4x5 4x10'.")
    plate_sums(plates)
    return Barbell(_load(bar.group(), unit), plates)


def _read_loads(rest: str, unit: Unit) -> tuple[Load, ...]:
    found: list[Load] = []
    for first, last, by in _RANGE.findall(rest):
        low, high, step = Decimal(first), Decimal(last), Decimal(by)
        if step <= 0 or high < low or (high - low) / step > MAX_LOADS:
            raise Refusal(f"'{first}-{last} by {by}' does not climb in steps; write for example '4-24 by 2'.")
        while low <= high:
            found.append(_load(str(low), unit))
            low += step
    for single in re.split(r"[\s,]+", _RANGE.sub(" ", rest)):
        if single and not re.fullmatch(_NUMBER, single):
            raise Refusal(f"'{single}' is not a weight; write for example '4-24 by 2' or '8 12 16'.")
        if single:
            found.append(_load(single, unit))
    if not found:
        raise Refusal("Say which weights there are, for example '4-24 by 2' or '8 12 16'.")
    return tuple(dict.fromkeys(found))


def _load(value: str, unit: Unit) -> Load:
    load = Load.of(value, unit)
    if not load.value:
        raise Refusal("A weight must be more than zero.")
    return load
