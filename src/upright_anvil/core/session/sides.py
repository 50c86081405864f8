"""Which side leads where each side is worked."""

from dataclasses import replace

from upright_anvil.core.body.joints import Side
from upright_anvil.core.plan.parts import LeadRule
from upright_anvil.core.prescription.model import Prescription, SideRule


def led_by(asked: Prescription | None, lead: LeadRule) -> Prescription | None:
    """Answer a line's prescription with the side that its group says leads, where it says none itself."""
    if asked is None or not lead or not asked.each_side or asked.side is not None:
        return asked
    return replace(asked, side=SideRule(lead))


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
