"""A load: a decimal number with its unit, kept as entered.

25 lb stays 25 lb for ever; comparing and adding go through the exact conversion to kilograms.
"""

from dataclasses import dataclass
from decimal import Decimal, InvalidOperation
from enum import StrEnum
from typing import NewType

from upright_anvil.core.constants import KG_PER_LB, MAX_LOAD_KG
from upright_anvil.core.errors import DomainError

Kilograms = NewType("Kilograms", Decimal)
"""A mass in kilograms, exact; the checker tells it from a figure in the client's own unit."""


class Unit(StrEnum):
    """The two units a load can be entered in."""

    KG = "kg"
    LB = "lb"


def plain(number: Decimal) -> str:
    """Answer the shortest plain writing of a decimal: ``62.50`` is ``62.5``, ``1E+2`` is ``100``."""
    text = f"{number:f}"
    return (text.rstrip("0").rstrip(".") if "." in text else text) or "0"


@dataclass(frozen=True, slots=True)
class Load:
    """A mass in the unit it was entered in.

    ``value`` is finite and not negative. Dumbbells count per hand, a barbell includes its bar, a kettlebell counts per
    bell (rules, loads). Loads of different units compare by their exact kilograms with the methods below; ``==`` asks
    for the same number in the same unit.
    """

    value: Decimal
    unit: Unit

    def __post_init__(self) -> None:
        if not self.value.is_finite() or self.value < 0:
            raise DomainError(f"A load must be a number of zero or more, not {self.value}.")

    @classmethod
    def of(cls, value: str | int | Decimal, unit: str | Unit) -> "Load":
        """Read a load from plain values; the number loses trailing zeros. Raises `DomainError` when it is not one."""
        try:
            number = Decimal(plain(Decimal(value)))
        except (InvalidOperation, ValueError) as wrong:
            raise DomainError(f"A load must be a number such as 62.5, not {value!r}.") from wrong
        load = cls(number, Unit(unit))
        if load.kg > MAX_LOAD_KG:
            raise DomainError(f"{load} is more than anybody lifts here: at most {MAX_LOAD_KG} kg.")
        return load

    @property
    def kg(self) -> Kilograms:
        """The load in kilograms, exact."""
        return Kilograms(self.value if self.unit is Unit.KG else self.value * KG_PER_LB)

    def same_as(self, other: "Load") -> bool:
        """Answer whether both are the same mass, whatever their units."""
        return self.kg == other.kg

    def step_to(self, other: "Load") -> Decimal:
        """Answer the size of the step from this load to another as a share of this one (0.05 = 5 % heavier).

        A step from nothing has no share; it answers ``Infinity``.
        """
        return (other.kg - self.kg) / self.kg if self.kg else Decimal("Infinity")

    def __str__(self) -> str:
        return f"{plain(self.value)} {self.unit}"


def in_unit(kg: Kilograms, unit: Unit) -> Decimal:
    """Answer kilograms in a unit, through the exact conversion."""
    return kg if unit is Unit.KG else kg / KG_PER_LB


def per_cent(share: Decimal) -> str:
    """Write a share as per cent with at most one digit: ``0.0417`` is ``4.2 %``."""
    return f"{plain((share * 100).quantize(Decimal('0.1')))} %"
