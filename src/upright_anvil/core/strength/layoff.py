"""What weeks without training cost: how far to step back before going on, and how far strength has fallen.

One table for both, so that a proposal, the floor and the estimate never say different things. House rule.
"""

from decimal import Decimal
from itertools import pairwise
from typing import Final

import numpy as np

from upright_anvil.core.strength.attempts import Floats

SHORT_GAP_DAYS: Final = 10
"""Days without the exercise up to which nothing has been missed. House rule."""

HELD_DAYS: Final = 14
"""Days without the exercise for which strength holds its level; it does not rise in them. House rule."""

STEP_BACK: Final = ((SHORT_GAP_DAYS, Decimal(0)), (14, Decimal("0.04")), (21, Decimal("0.10")), (42, Decimal("0.20")))
"""Days without the exercise, and the share by which to step back; evenly between. House rule."""

RETEST_DAYS: Final = 42
"""Days after which to test again before planning further. House rule."""

FALLS_ON: Final = ((HELD_DAYS, 0.0), (21, 0.10), (RETEST_DAYS, 0.20), (180, 0.30), (730, 0.40))
"""Days without the exercise, and the share of strength reckoned as lost: as the step back from three weeks on, and
further, more slowly, beyond it. House rule."""

LOSS_DOUBT: Final = 0.5
"""How far the loss reckoned with may be off, as a share of itself (one standard error). House figure."""


def step_back(days: int) -> Decimal:
    """Answer the share by which to step back after so many days without the exercise (0.10 = 10 % less).

    None up to 10 days, then growing evenly to 4 % at two weeks, 10 % at three and 20 % at six and beyond. House rule.
    """
    for (from_day, least), (to_day, most) in pairwise(STEP_BACK):
        if days <= to_day:
            return least + (most - least) * max(days - from_day, 0) / (to_day - from_day)
    return STEP_BACK[-1][1]


def lost(days: Floats) -> Floats:
    """Answer the share of strength reckoned as lost after days without the exercise, element by element.

    Nothing for two weeks, 10 % at three, 20 % at six, 30 % at half a year, 40 % at two years and beyond. House rule.
    """
    at, shares = zip(*FALLS_ON, strict=True)
    return np.asarray(np.interp(days, at, shares), dtype=np.float64)
