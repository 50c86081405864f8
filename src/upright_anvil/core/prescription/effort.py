"""How hard a prescription is meant to be, as the health screen asks."""

from decimal import Decimal
from typing import Final

from upright_anvil.core.prescription.load_targets import ShareOfMax
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Most

VIGOROUS_LEFT: Final = 2
"""So many repetitions left, or fewer, is vigorous work. House rule, after Riebe et al., MSSE 2015;47:2473."""

VIGOROUS_SHARE: Final = Decimal("0.80")
"""A load of this share of the maximum, or more, is vigorous work. House rule."""


def is_vigorous(asked: Prescription, share: Decimal | None = None) -> bool:
    """Answer whether work is vigorous: two or fewer in reserve, as many as possible, or 80 % and more.

    ``share`` is the load as a share of the estimated maximum, where it is known. Ramp-up sets are not. House rule.
    """
    if asked.ramp:
        return False
    close = asked.left is not None and asked.left <= VIGOROUS_LEFT
    written = isinstance(asked.load, ShareOfMax) and asked.load.per_cent / 100 >= VIGOROUS_SHARE
    heavy = share is not None and share >= VIGOROUS_SHARE
    return close or written or heavy or any(isinstance(plan.target, Most) for plan in asked.plans)
