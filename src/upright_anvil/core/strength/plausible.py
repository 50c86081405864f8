"""A set that shows far more strength than ever before is asked about: it may be a typing slip, or the other unit."""

from decimal import Decimal
from typing import Final

from upright_anvil.core.constants import KG_PER_LB
from upright_anvil.core.loads.load import per_cent

ASKED_FROM: Final = Decimal("0.30")
"""How far above the best estimate so far a set is asked about, as a share. House rule."""

NEAR_UNIT: Final = Decimal("0.15")


def doubt(estimate_kg: Decimal | None, best_kg: Decimal | None) -> str:
    """Answer what to ask about a set from its estimated maximum and the best before, kg; empty where it is plausible.

    A set that would be plausible in pounds says so. House rule.
    """
    if not estimate_kg or not best_kg or estimate_kg <= best_kg * (1 + ASKED_FROM):
        return ""
    above = per_cent(estimate_kg / best_kg - 1)
    in_pounds = estimate_kg * KG_PER_LB / best_kg
    other = " Were those pounds?" if abs(in_pounds - 1) <= NEAR_UNIT else ""
    return f"That shows {above} more strength than ever before. Is it right?{other} Tap the set to correct it."
