"""When an easier week is due, or earned: several main lifts falling on low days, or long building without one.

House rule, rules of progression: easing-off weeks are planned, or triggered.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum
from typing import Final

from upright_anvil.core.health.readiness import ReadinessGrade
from upright_anvil.core.strength.standing import Strength

LIFTS: Final = 2
"""Main lifts that must be falling."""

LOOKED_AT, LOW_DAYS = 3, 2
"""Of the last three reports of readiness so many are middling or poor."""

BUILT: Final = 6
"""Building weeks in a row after which an easier one is earned."""


class EasierKind(StrEnum):
    """Whether the work asks for it, or the weeks do."""

    DUE = "due"
    EARNED = "earned"


@dataclass(frozen=True, slots=True)
class EasierWeek:
    """That an easier week is due or earned, and why in words."""

    kind: EasierKind
    why: str


def easier_week(
    lifts: Sequence[tuple[str, Strength]], readiness: Sequence[ReadinessGrade], built: int
) -> EasierWeek | None:
    """Answer whether an easier week is due or earned; None where neither is.

    ``lifts`` are the names of the main lifts with their strength, ``readiness`` the reports oldest first, ``built`` the
    building weeks since the last easier one. House rule.
    """
    falling = [name for name, strength in lifts if _falls(strength)]
    low = sum(grade is not ReadinessGrade.GOOD for grade in readiness[-LOOKED_AT:])
    if len(falling) >= LIFTS and low >= LOW_DAYS:
        days = min(len(readiness), LOOKED_AT)
        why = f"{_listed(falling)} are falling, and {low} of the last {days} days were low: an easier week first."
        return EasierWeek(EasierKind.DUE, why)
    if built >= BUILT:
        return EasierWeek(EasierKind.EARNED, f"{built} building weeks in a row: an easier week is earned.")
    return None


def _falls(strength: Strength) -> bool:
    """Four to one that it is falling."""
    return strength.lately is not None and strength.lately.way == "falling"


def _listed(names: Sequence[str]) -> str:
    return f"{', '.join(names[:-1])} and {names[-1]}"
