"""When a scale's reading has settled."""

from collections.abc import Sequence
from dataclasses import dataclass
from decimal import Decimal
from statistics import median

SETTLE_SECONDS = 1.5
SETTLE_SPAN_KG = 0.1
LEAST_READINGS = 5
LEAST_KG = 20.0
"""A weight has settled when the readings of 1.5 s, five or more, lie within 0.1 kg, above 20 kg. House rule."""


@dataclass(frozen=True, slots=True)
class Reading:
    """What a scale shows at a moment: seconds since somebody stepped on, kilograms."""

    seconds: float
    kg: float


def settled(readings: Sequence[Reading]) -> Decimal | None:
    """Answer the settled weight in kilograms to 0.1, None while it still moves. House rule."""
    if not readings:
        return None
    since = readings[-1].seconds - SETTLE_SECONDS
    window = [r.kg for r in readings if r.seconds >= since]
    covers = readings[0].seconds <= since
    if not covers or len(window) < LEAST_READINGS or max(window) - min(window) > SETTLE_SPAN_KG:
        return None
    weight = median(window)
    return Decimal(f"{weight:.1f}") if weight >= LEAST_KG else None
