"""Which side leads where each side is worked."""

from upright_anvil.core.body.joints import Side
from upright_anvil.core.prescription.model import Prescription, SideRule


def sides_of(asked: Prescription, number: int) -> tuple[Side, ...]:
    """Answer the sides of a set (from 1) in their order; empty where both are worked together.

    Without a rule the left side leads; alternating, the right one leads in every even set. House rule.
    """
    if asked.side is SideRule.LEFT_ONLY:
        return (Side.LEFT,)
    if asked.side is SideRule.RIGHT_ONLY:
        return (Side.RIGHT,)
    if not asked.each_side:
        return ()
    right_first = asked.side is SideRule.RIGHT_FIRST or (asked.side is SideRule.ALTERNATE and number % 2 == 0)
    return (Side.RIGHT, Side.LEFT) if right_first else (Side.LEFT, Side.RIGHT)
