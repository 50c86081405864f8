"""The things one lifts: each answers the sorted list of loads it can make.

Counting convention (rules, loads): a dumbbell is per hand, a barbell includes the bar, a kettlebell is per bell.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from decimal import Decimal
from enum import StrEnum
from functools import lru_cache
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Kilograms, Load, in_unit

MAX_BAR_LOADS = 4000
"""More totals than this on one bar is a slip of the keyboard."""


class ImplementKind(StrEnum):
    """What an exercise can be loaded with."""

    BARBELL = "barbell"
    DUMBBELL = "dumbbell"
    KETTLEBELL = "kettlebell"
    STACK = "stack"
    BAND = "band"
    IMPROVISED = "improvised"
    MEDICINE_BALL = "medicine ball"
    ASSISTANCE = "assistance"
    BODYWEIGHT = "bodyweight"


NOUNS: Final[dict[str, ImplementKind | None]] = {
    "dumbbell": ImplementKind.DUMBBELL,
    "db": ImplementKind.DUMBBELL,
    "kettlebell": ImplementKind.KETTLEBELL,
    "kb": ImplementKind.KETTLEBELL,
    "bell": ImplementKind.KETTLEBELL,
    "barbell": ImplementKind.BARBELL,
    "bar": ImplementKind.BARBELL,
    "medicine ball": ImplementKind.MEDICINE_BALL,
    "med ball": ImplementKind.MEDICINE_BALL,
    "ball": ImplementKind.MEDICINE_BALL,
    "vest": ImplementKind.BODYWEIGHT,
    "belt": ImplementKind.BODYWEIGHT,
    **dict.fromkeys(
        ("rucksack", "backpack", "jug", "canister", "bottle", "bucket", "sandbag", "bag", "can"),
        ImplementKind.IMPROVISED,
    ),
    "plate": None,
    "disc": None,
}
"""What a weight is called beside its figure, in the singular, and the kind it is; None where several kinds hold it."""


def kind_named(noun: str) -> ImplementKind | None:
    """Answer the kind of implement that a thing is, in the singular or plural; None where nobody can say."""
    return NOUNS.get(noun.lower().removesuffix("s"))


@dataclass(frozen=True, slots=True)
class Achievable:
    """One load that can be made: how it is set up, and whether the figure is only an estimate (bands, rucksacks)."""

    load: Load
    how: str
    estimated: bool = False


@dataclass(frozen=True, slots=True)
class Plates:
    """How many plates of one size there are in all; they go on in pairs, both ends alike."""

    load: Load
    count: int

    @property
    def pairs(self) -> int:
        """Whole pairs, one plate for each end."""
        return self.count // 2


@dataclass(frozen=True, slots=True)
class Barbell:
    """A bar and the plates that fit it."""

    bar: Load
    plates: tuple[Plates, ...]
    kind: ImplementKind = ImplementKind.BARBELL

    def achievable(self) -> tuple[Achievable, ...]:
        """Answer every load bar and plate pairs can make, lightest first."""
        return _barbell_loads(self)


@dataclass(frozen=True, slots=True)
class FixedLoads:
    """Loads that are what they are: dumbbells, kettlebells, bands, improvised things, a vest, help from a machine.

    ``labels`` names each load where the number is not the name (a band's colour, "rucksack", the pin of an adjustable
    dumbbell), else is empty.
    """

    kind: ImplementKind
    loads: tuple[Load, ...]
    labels: tuple[str, ...] = ()
    estimated: bool = False

    def achievable(self) -> tuple[Achievable, ...]:
        """Answer the loads, lightest first."""
        names = self.labels or tuple(str(load) for load in self.loads)
        made = (Achievable(load, name, self.estimated) for load, name in zip(self.loads, names, strict=True))
        return tuple(sorted(made, key=lambda a: a.load.kg))


@dataclass(frozen=True, slots=True)
class Stack:
    """A cable or machine with a pin: first, last and step, and small add-on weights that go on one at a time."""

    steps: tuple[Load, ...]
    add_ons: tuple[Load, ...] = ()
    kind: ImplementKind = ImplementKind.STACK

    def achievable(self) -> tuple[Achievable, ...]:
        """Answer every pin alone and with each add-on, lightest first."""
        made = [Achievable(step, f"pin at {step}") for step in self.steps]
        for step in self.steps:
            for extra in self.add_ons:
                total = Load.of(step.value + in_unit(extra.kg, step.unit), step.unit)
                made.append(Achievable(total, f"pin at {step}, add-on {extra}"))
        return tuple(sorted(made, key=lambda a: a.load.kg))


MAX_TOGETHER = 300
"""Loads that improvised things make together, at most; beyond it only single things count."""


def improvised_loads(implements: Sequence["Implement"]) -> tuple[Achievable, ...]:
    """Answer what improvised things make, each alone and several at once, lightest first; all of it estimated.

    Loads of one name are what it can be packed with: one of them at a time. House rule.
    """
    things: dict[tuple[int, str], list[Achievable]] = {}
    for line, implement in enumerate(implements):
        if implement.kind is ImplementKind.IMPROVISED:
            for made in implement.achievable():
                things.setdefault((line, made.how), []).append(made)
    sums: dict[Decimal, Achievable] = {}
    for options in things.values():
        alone = [*((made.load, made.how) for made in options)]
        more = [
            (Load.of(held.load.value + in_unit(load.kg, held.load.unit), held.load.unit), f"{held.how} + {name}")
            for held in sums.values()
            for load, name in alone
        ]
        for load, how in (*alone, *(more if len(sums) * len(alone) <= MAX_TOGETHER else ())):
            sums.setdefault(load.kg, Achievable(load, how, estimated=True))
    return tuple(sums[kg] for kg in sorted(sums))


Implement = Barbell | FixedLoads | Stack


@lru_cache(maxsize=64)
def _barbell_loads(barbell: Barbell) -> tuple[Achievable, ...]:
    sums = plate_sums(barbell.plates)
    return tuple(
        Achievable(total, describe_ends(sums[weight]))
        for weight, total in sorted((kg, _on_bar(barbell.bar, kg)) for kg in sums)
    )


def _on_bar(bar: Load, plates_kg: Kilograms) -> Load:
    """The loaded bar in the bar's own unit: plate kilograms go through the exact conversion and back."""
    if not plates_kg:
        return bar
    return Load.of(bar.value + in_unit(plates_kg, bar.unit), bar.unit)


@lru_cache(maxsize=64)
def plate_sums(plates: tuple[Plates, ...]) -> dict[Kilograms, tuple[Load, ...]]:
    """Answer every total (kg, both ends) that whole plate pairs make, and one end's plates, heaviest first.

    Among choices of equally few plates the one with the heaviest plate inside wins. Raises `DomainError` for a set of
    plates that makes more than `MAX_BAR_LOADS` totals: a slip of the keyboard.
    """
    sums: dict[Kilograms, tuple[Load, ...]] = {Kilograms(Decimal(0)): ()}
    for size in sorted(plates, key=lambda p: -p.load.kg):
        for total, end in list(sums.items()):
            for pairs in range(1, size.pairs + 1):
                reached = Kilograms(total + 2 * pairs * size.load.kg)
                if reached not in sums or len(sums[reached]) > len(end) + pairs:
                    sums[reached] = end + (size.load,) * pairs
            if len(sums) > MAX_BAR_LOADS:
                raise DomainError(f"These plates make more than {MAX_BAR_LOADS} different loads; list fewer sizes.")
    return sums


def describe_ends(end: tuple[Load, ...]) -> str:
    """Write one end's plates, inside first: ``each end 20 + 2.5 kg``."""
    if not end:
        return "bar alone"
    return "each end " + " + ".join(str(load) for load in end)
