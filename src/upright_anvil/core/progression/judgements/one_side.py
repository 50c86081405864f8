"""One side behind: the weaker side leads and sets the repetitions. House rule.

Two repetitions or 15 % behind in most sets count as behind.
"""

from collections import Counter
from dataclasses import replace
from typing import Final

from upright_anvil.core.ledger.how import LeftSide, RightSide
from upright_anvil.core.prescription.model import SideRule
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import lesser_of
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal

ID: Final = "one-side"
REPS: Final = 2
SHARE: Final = 0.15


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer the weaker side first; None where both went alike, or it leads already."""
    behind = Counter[str]()
    for row in context.today.sets:
        left, right = row.how.left, row.how.right
        if left is not None and right is not None and _apart(left, right):
            behind["left" if left < right else "right"] += 1
    if not behind:
        return None
    side, sets = behind.most_common(1)[0]
    leads = SideRule.LEFT_FIRST if side == "left" else SideRule.RIGHT_FIRST
    base = lesser_of(context)
    if sets * 2 <= len(context.today.sets) or not base.each_side or base.side is leads:
        return None
    rule = (
        f"The {side} side was behind in {sets} of {len(context.today.sets)} sets: it leads, and sets the repetitions."
    )
    return answer(ID, context, Lever.SIDE, replace(base, side=leads), rule, same_again(base))


def _apart(left: LeftSide, right: RightSide) -> bool:
    return abs(left - right) >= REPS or abs(left - right) > SHARE * max(left, right)
