"""Published single-set estimates of the one-repetition maximum, as multiples of the load lifted.

Each takes the repetitions to failure R (repetitions done + repetitions in reserve, at least 1) and answers
maximum / load. One repetition to failure is the maximum itself, in every formula.
"""

from collections.abc import Callable
from math import exp
from types import MappingProxyType
from typing import Final

from upright_anvil.core.constants import BRZYCKI_LIMIT


def epley(r: float) -> float:
    """Epley (1985): 1 + R / 30."""
    return 1.0 if r <= 1 else 1 + r / 30


def brzycki(r: float) -> float | None:
    """Brzycki, JOPERD 1993;64(1):88: 36 / (37 - R); None from R = 37, where it has its pole."""
    return 36 / (37 - r) if r < BRZYCKI_LIMIT else None


def lombardi(r: float) -> float:
    """Lombardi (1989): R to the power 0.10."""
    return float(r**0.10)


def o_conner(r: float) -> float:
    """O'Conner (1989): 1 + R / 40."""
    return 1.0 if r <= 1 else 1 + r / 40


def mayhew(r: float) -> float:
    """Mayhew (1992): 100 / (52.2 + 41.9 exp(-0.055 R))."""
    return 1.0 if r <= 1 else 100 / (52.2 + 41.9 * exp(-0.055 * r))


def wathan(r: float) -> float:
    """Wathan (1994): 100 / (48.8 + 53.8 exp(-0.075 R))."""
    return 1.0 if r <= 1 else 100 / (48.8 + 53.8 * exp(-0.075 * r))


FORMULAS: Final = MappingProxyType[str, Callable[[float], float | None]](
    {
        "Epley": epley,
        "Brzycki": brzycki,
        "Lombardi": lombardi,
        "O'Conner": o_conner,
        "Mayhew": mayhew,
        "Wathan": wathan,
    }
)
"""Every published formula shown beside the house estimate, in the order they are shown."""
