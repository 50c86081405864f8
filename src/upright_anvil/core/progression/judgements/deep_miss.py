"""A deep miss: the first set ended far below the range with nothing left, so the load is cut at once.

Below two thirds of the bottom of the range, and no repetition left (or the set ended for want of strength): the cut is
what the curve says that set and the range asked for differ by, 5 % at the least and 30 % at the most. House rule.
"""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.constants import DEFAULT_RESERVE
from upright_anvil.core.ledger.how import SetEnd
from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import lesser_of, showing
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import eased
from upright_anvil.core.strength.estimate import house_factor

ID: Final = "deep-miss"
SHARE: Final = Decimal(2) / 3
"""Of the bottom of the range: what the first set must reach. Rules of progression."""

LEAST_CUT, MOST_CUT = Decimal("0.05"), Decimal("0.30")
LATER_SETS_TOO: Final = 2
"""With nobody saying what was left, so many sets must miss as deeply. House rule."""


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer the lighter load after a deep miss; None after any other session."""
    now, shown = context.today.prescription, showing(context.today)
    if not isinstance(now.target, Reps) or now.scheme is not None or not shown.sets or now.load is None:
        return None
    first = shown.sets[0]
    if not isinstance(first.asked, Reps) or first.amount >= SHARE * first.asked.low or not _spent(context):
        return None
    base = lesser_of(context)
    asked = first.asked.low + (DEFAULT_RESERVE if now.left is None else now.left)
    done, wanted = house_factor(max(first.amount, 1)), house_factor(asked)
    share = Decimal(repr(round(1 - done / wanted, 4))) if done and wanted else MOST_CUT
    cut = min(max(share, LEAST_CUT), MOST_CUT)
    less = eased(context, base.load, cut) if base.load is not None else None
    said = f"The first set ended at {first.amount} of {first.asked.low} with nothing left"
    if less is None:
        return answer(ID, context, Lever.HOLD, base, f"{said}, and nothing lighter can be made: an easier move.")
    rule = f"{said}: {per_cent(cut)} less at once, {less.to}."
    return answer(ID, context, Lever.EASE, replace(base, load=less.to), rule, same_again(base), rise=less.share)


def _spent(context: ProgressionContext) -> bool:
    """Whether nothing was left: said, or seen by how the sets ended."""
    rows = context.today.sets
    first = rows[0]
    if first.reserve is not None:
        return first.reserve == 0
    if first.how.ended in (SetEnd.WILL, SetEnd.BREATH):
        return True
    target = context.today.prescription.target
    low = target.low if isinstance(target, Reps) else 1
    deep = [row for row in rows if (row.reps or 0) < SHARE * low]
    return len(deep) == len(rows) >= LATER_SETS_TOO
