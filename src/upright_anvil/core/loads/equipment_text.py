r"""Equipment as a trainer writes it down, one implement a line, read into an inventory.

::

    bar 20, plates 2x1.25 2x2.5 4x5 4x10 2x20
    dumbbells 4-24 by 2
    blocks 5-50 lb by 5: 5 white, 10 yellow, 15 red
    kettlebells 8 12 16 24
    stack 5-80 by 5, add-on 2.5
    bands green 8, black 15
    medicine balls 3 5
    rucksack 4-12 by 2
    2 jugs 8
    fixed barbells 10-30 by 5
    vest 5 10
    assistance 5-40 by 5
    bench, rack, pull-up bar
    no doorway

Numbers take the place's unit unless one is written (``dumbbells 10-50 lb by 5``); both may stand side by side, a line
each. What can be read of a line is kept, and what cannot is pointed at.
"""

import re
from dataclasses import dataclass
from functools import lru_cache

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.equipment_lines import read_line
from upright_anvil.core.loads.features import EVERYWHERE, Feature
from upright_anvil.core.loads.implements import Implement
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Unit


@dataclass(frozen=True, slots=True)
class EquipmentProblem:
    """What could not be read: its line (from 1), the text, and what was expected there."""

    line: int
    text: str
    expected: str


@dataclass(frozen=True, slots=True)
class ReadEquipment:
    """What was understood, and what was not."""

    inventory: Inventory
    problems: tuple[EquipmentProblem, ...]


@lru_cache(maxsize=256)
def read_equipment(text: str, unit: Unit) -> ReadEquipment:
    """Read an equipment list; ``unit`` holds for numbers that name none. Remembered by its text. House rule."""
    implements: list[Implement] = []
    problems: list[EquipmentProblem] = []
    features = set(EVERYWHERE)
    for number, written in enumerate(text.splitlines(), start=1):
        line = written.strip().lower()
        if not line:
            continue
        named = _features(line)
        if named is not None:
            there, absent, unknown = named
            features |= there
            features -= absent
            problems += [EquipmentProblem(number, word, _NOT_A_THING) for word in unknown]
            continue
        try:
            read = read_line(line, unit)
        except DomainError as refusal:
            problems.append(EquipmentProblem(number, written.strip(), str(refusal)))
            continue
        implements += read.implements
        problems += [EquipmentProblem(number, part, expected) for part, expected in read.unread]
    return ReadEquipment(Inventory(tuple(implements), frozenset(features)), tuple(problems))


_NOT_A_THING = "Things to name here: " + ", ".join(Feature) + "."
_ALSO = {"step": Feature.BOX, "boxes": Feature.BOX, "ball": Feature.BIG_BALL, "pull up bar": Feature.PULL_UP_BAR}


def _features(line: str) -> tuple[set[Feature], set[Feature], list[str]] | None:
    """Read a line of things without weights; None when it is about weights, or names no thing at all."""
    if re.search(r"\d", line):
        return None
    there: set[Feature] = set()
    absent: set[Feature] = set()
    unknown: list[str] = []
    for part in filter(None, re.split(r"\s*[,;]\s*", line)):
        lacks = part.startswith("no ")
        word = part.removeprefix("no ").strip()
        feature = _ALSO.get(word) or next(
            (f for f in Feature if word in (f.value, f"{f.value}s", f"{f.value}es")), None
        )
        if feature is None:
            unknown.append(part)
        else:
            (absent if lacks else there).add(feature)
    return (there, absent, unknown) if there or absent else None
