"""Pain: never up. Pain in two sessions running: the easier rung, where there is one, else a tenth less.

Example: the left knee hurt in set 3: the same again at the most, and only once it is calm. House rule.
"""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import base_of
from upright_anvil.core.progression.model import Exposure, Lever, Proposal, Situation
from upright_anvil.core.progression.steps import eased, load_of_rung

ID: Final = "pain"
CUT: Final = Decimal("0.10")


def judge(situation: Situation) -> Proposal | None:
    """Answer what pain asks for; None where nothing hurt."""
    if not _hurt(situation.today):
        return None
    base = base_of(situation)
    where = next(row.how for row in situation.today.sets if row.how.pain is not None)
    what = f"{where.pain_side} {where.pain}" if where.pain_side else str(where.pain)
    before = situation.exposures[-2] if len(situation.exposures) > 1 else None
    if before is None or not _hurt(before):
        rule = (
            f"The {what} hurt: nothing goes up. The same again only once it is calm, lighter or swapped if it is not."
        )
        return answer(ID, situation, Lever.HOLD, base, rule)
    if situation.easier is not None:
        rung = replace(base, load=load_of_rung(situation.easier), scheme=None, others=())
        rule = f"The {what} hurt in two sessions running: one rung easier, {situation.easier.name}."
        return answer(ID, situation, Lever.EASE, rung, rule, exercise=situation.easier.id)
    less = eased(situation, base.load, CUT) if base.load is not None else None
    rule = f"The {what} hurt in two sessions running: lighter, or swap it; a clinician should see what comes back."
    if less is None:
        return answer(ID, situation, Lever.HOLD, base, rule)
    return answer(ID, situation, Lever.EASE, replace(base, load=less.to), rule, rise=less.share)


def _hurt(exposure: Exposure) -> bool:
    return any(row.how.pain is not None for row in exposure.sets)
