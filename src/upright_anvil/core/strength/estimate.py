"""The house estimate of the maximum from one set, and its inverse (rules, strength estimates)."""

from decimal import Decimal
from functools import lru_cache
from typing import TYPE_CHECKING

from upright_anvil.core.constants import BLEND_FROM, BLEND_TO, DEFAULT_RESERVE, MAX_ESTIMATE_REPS
from upright_anvil.core.loads.load import Kilograms
from upright_anvil.core.strength.formulas import FORMULAS, epley

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray


def reps_to_failure(reps: int, reserve: int | None) -> int:
    """Answer repetitions to failure: done + left; an unknown reserve counts as two. House rule."""
    return reps + (DEFAULT_RESERVE if reserve is None else reserve)


def house_blend(r: "NDArray[np.float64]") -> "NDArray[np.float64]":
    """Answer maximum / load at R repetitions to failure, element by element; past 20 the curve goes on as Epley.

    The mean of Epley and Brzycki to R = 10, blended linearly to Epley alone at R = 15. Rises with R. House rule.
    """
    import numpy as np  # noqa: PLC0415 - what only tells times needs none of it

    by_epley = np.where(r <= 1, 1.0, 1 + r / 30)
    mean = (by_epley + 36 / (37 - np.minimum(r, MAX_ESTIMATE_REPS))) / 2
    weight = np.clip((r - BLEND_FROM) / (BLEND_TO - BLEND_FROM), 0, 1)
    return np.asarray(weight * by_epley + (1 - weight) * mean, dtype=np.float64)


@lru_cache(maxsize=4096)
def house_factor(r: float) -> float | None:
    """Answer `house_blend` at one R; None above 20, where no maximum is estimated. House rule."""
    import numpy as np  # noqa: PLC0415 - as above

    return None if r > MAX_ESTIMATE_REPS else float(house_blend(np.asarray(r, dtype=np.float64)))


def share_of_max(r: float) -> float:
    """Answer load / maximum at R repetitions to failure; above 20 the curve goes on as Epley, for drawing only."""
    return 1 / (house_factor(r) or epley(r))


def estimate_max(moved_kg: Kilograms, reps: int, reserve: int | None) -> Kilograms | None:
    """Answer the house estimate of the maximum from kilograms moved, kg to 0.1; None for R > 20 or no reps."""
    factor = house_factor(reps_to_failure(reps, reserve)) if reps > 0 else None
    return None if factor is None else _tenth(moved_kg, factor)


def estimates_by_formula(moved_kg: Kilograms, reps: int, reserve: int | None) -> dict[str, Kilograms | None]:
    """Answer each published formula's estimate, kg to 0.1; None where the formula or the house limit does not reach."""
    r = reps_to_failure(reps, reserve)
    if reps <= 0 or r > MAX_ESTIMATE_REPS:
        return dict.fromkeys(FORMULAS)
    return {name: _tenth(moved_kg, factor) for name, formula in FORMULAS.items() if (factor := formula(r)) is not None}


def reps_that_predict(load_kg: Kilograms, reserve: int, next_kg: Kilograms, next_reps: int) -> int | None:
    """Answer the fewest reps at ``load_kg`` (same reserve) whose estimate predicts ``next_reps`` at ``next_kg``.

    None where more than 20 repetitions to failure would be needed: the estimate does not reach. House rule.
    """
    needed = house_factor(next_reps + reserve)
    if needed is None:
        return None
    for reps in range(1, MAX_ESTIMATE_REPS - reserve + 1):
        factor = house_factor(reps + reserve)
        if factor is not None and float(load_kg) * factor >= float(next_kg) * needed:
            return reps
    return None


def _tenth(moved_kg: Kilograms, factor: float) -> Kilograms:
    return Kilograms((moved_kg * Decimal(repr(factor))).quantize(Decimal("0.1")))
