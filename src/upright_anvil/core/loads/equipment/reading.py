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
    leg press 20-200 by 10
    bench, rack, pull-up bar
    rope, stick, wobble board
    no doorway

A stack brings its anchor, and the usual machines where none is named. What has no weight may have any name.

Numbers take the place's unit unless one is written (``dumbbells 10-50 lb by 5``); both may stand side by side, a line
each. What can be read of a line is kept, and what cannot is pointed at.
"""

import re
from dataclasses import dataclass, field, replace
from functools import lru_cache

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.equipment.figures import unused
from upright_anvil.core.loads.equipment.items import items_of
from upright_anvil.core.loads.equipment.lines import has_weight, meant_thing, read_line, read_plates
from upright_anvil.core.loads.equipment.said import implement_words, plates_words
from upright_anvil.core.loads.features import EVERYWHERE, MACHINES, Feature, thing_name
from upright_anvil.core.loads.implements import Barbell, Implement, Plates, Stack, plate_sums
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Unit


@dataclass(frozen=True, slots=True)
class EquipmentProblem:
    """What could not be read: its line (from 1), the text, and what was expected there."""

    line: int
    text: str
    expected: str


@dataclass(frozen=True, slots=True)
class UnderstoodLine:
    """What one line was understood as: its number (from 1), the loads and things in words; empty where nothing was."""

    line: int
    said: str


@dataclass(frozen=True, slots=True)
class ReadEquipment:
    """What was understood, line by line too, and what was not."""

    inventory: Inventory
    problems: tuple[EquipmentProblem, ...]
    understood: tuple[UnderstoodLine, ...] = ()


@lru_cache(maxsize=256)
def read_equipment(text: str, unit: Unit) -> ReadEquipment:
    """Read an equipment list; ``unit`` holds for numbers that name none. Remembered by its text. House rule."""
    list_ = _List(unit)
    for number, written in enumerate(text.splitlines(), start=1):
        if written.strip():
            list_.read(number, written.strip())
    return list_.done()


@dataclass(slots=True)
class _Line:
    """What one written line names, and what of it could not be read; the same wherever in a list it stands."""

    implements: list[Implement] = field(default_factory=list)
    plates: list[tuple[str, tuple[Plates, ...]]] = field(default_factory=list)
    features: set[Feature] = field(default_factory=set)
    absent: set[Feature] = field(default_factory=set)
    things: set[str] = field(default_factory=set)
    unread: list[tuple[str, str]] = field(default_factory=list)
    said: list[str] = field(default_factory=list)

    def add(self, item: str, unit: Unit) -> None:
        """Read one thing. Raises `DomainError` where it cannot be."""
        named = _without_weight(item)
        if named is not None:
            self.features |= named.there
            self.absent |= named.absent
            self.things |= named.things
            self.unread += named.unread
            self.said += [*sorted(named.there | named.things), *(f"no {one}" for one in sorted(named.absent))]
        elif item.startswith("plates "):
            plates, unread = read_plates(item.removeprefix("plates "), unit)
            self.plates.append((item, plates))
            self.unread += unread
            self.said.append(plates_words(plates))
        else:
            read = read_line(item, unit)
            self.implements += read.implements
            self.features |= read.features
            self.unread += read.unread
            self.said += [*map(implement_words, read.implements), *sorted(read.features - {Feature.ANCHOR})]


REMEMBERED = 2048
"""Lines that are remembered: who types reads all others of the list again and again."""


MOST_IN_A_LINE = 1000
"""Characters of a line that are read: a whole gym in one sentence takes half of it. House figure."""

MOST_DIGITS = 20
_NO_FIGURE = re.compile(rf"\d{{{MOST_DIGITS + 1}}}")

SHOWN = 40
"""Characters of a line too long that are shown to find it by."""


@lru_cache(REMEMBERED)
def _read_written(written: str, unit: Unit) -> _Line:
    line = _Line()
    if len(written) > MOST_IN_A_LINE or _NO_FIGURE.search(written):
        expected = (
            f"At most {MOST_IN_A_LINE} characters a line and {MOST_DIGITS} digits a number; write one thing a line."
        )
        line.unread.append((f"{written[:SHOWN]}…", expected))
        return line
    for item in items_of(written):
        try:
            line.add(item, unit)
        except DomainError as refusal:
            line.unread.append((item, str(refusal)))
    if not line.unread and (lost := unused(written, line.said)):
        line.unread.append(
            (lost, "This number was not used; write one thing a line, for example 'dumbbells 4-24 by 2'.")
        )
    return line


class _List:
    """An equipment list while it is read."""

    def __init__(self, unit: Unit) -> None:
        self._unit = unit
        self._implements: list[Implement] = []
        self._problems: list[EquipmentProblem] = []
        self._plates: list[tuple[int, str, tuple[Plates, ...]]] = []
        self._features, self._things, self._absent = set(EVERYWHERE), set[str](), set[Feature]()
        self._understood: list[UnderstoodLine] = []

    def read(self, number: int, written: str) -> None:
        line = _read_written(written, self._unit)
        self._implements += line.implements
        self._plates += [(number, item, plates) for item, plates in line.plates]
        self._features |= line.features
        self._absent |= line.absent
        self._things |= line.things
        self._problems += [EquipmentProblem(number, item, expected) for item, expected in line.unread]
        self._understood.append(UnderstoodLine(number, "; ".join(line.said)))

    def done(self) -> ReadEquipment:
        """Answer what was read. Plates on a line of their own go on to every bar that has none."""
        plates = tuple(plate for _, _, several in self._plates for plate in several)
        bare = [one for one in self._implements if isinstance(one, Barbell) and not one.plates]
        if plates and bare:
            plate_sums(plates)
            self._implements = [
                replace(one, plates=plates) if isinstance(one, Barbell) and not one.plates else one
                for one in self._implements
            ]
        elif plates:
            expected = "Plates go on a bar: write what it weighs, for example 'bar 20'."
            self._problems += [EquipmentProblem(number, item, expected) for number, item, _ in self._plates]
        if any(isinstance(one, Stack) for one in self._implements) and not self._features & MACHINES:
            self._features |= MACHINES
        there = frozenset(self._features - self._absent)
        inventory = Inventory(tuple(self._implements), there, frozenset(self._things))
        return ReadEquipment(inventory, tuple(self._problems), tuple(self._understood))


_NOT_A_THING = "Write a thing by its name, for example " + ", ".join(Feature) + "; or rope, stick, mat."
_ALSO = {
    "step": Feature.BOX,
    "boxes": Feature.BOX,
    "ball": Feature.BIG_BALL,
    "exercise ball": Feature.BIG_BALL,
    "pull up bar": Feature.PULL_UP_BAR,
    "slide board": Feature.SLIDERS,
    "furniture sliders": Feature.SLIDERS,
}
_NAME = re.compile(r"[a-z][a-z' -]{1,29}")
MOST_WORDS = 4


@dataclass(frozen=True, slots=True)
class _WithoutWeight:
    """A line of things that nobody lifts: known ones, missing ones, others by their names, and what is none."""

    there: frozenset[Feature]
    absent: frozenset[Feature]
    things: frozenset[str]
    unread: tuple[tuple[str, str], ...]


def _without_weight(line: str) -> _WithoutWeight | None:
    """Read a line of things without weights; None when it is about weights."""
    parts = [part for part in re.split(r"\s*[,;]\s*", line) if part]
    if re.search(r"\d", line) or not parts or has_weight(parts[0]):
        return None
    there, absent, things = set[Feature](), set[Feature](), set[str]()
    unread: list[tuple[str, str]] = []
    for part in parts:
        lacks = part.startswith("no ")
        word = part.removeprefix("no ").strip().removesuffix(" machine")
        feature = _ALSO.get(word) or next((f for f in Feature if word in (f, f"{f}s", f"{f}es")), None)
        if feature is not None:
            (absent if lacks else there).add(feature)
        elif lacks:
            things.discard(thing_name(word))
        elif meant := meant_thing(word):
            unread.append((part, f"Did you mean '{meant}'?"))
        elif _NAME.fullmatch(word) and len(word.split()) <= MOST_WORDS and not has_weight(word):
            things.add(thing_name(word))
        else:
            unread.append((part, _NOT_A_THING))
    return _WithoutWeight(frozenset(there), frozenset(absent), frozenset(things), tuple(unread))
