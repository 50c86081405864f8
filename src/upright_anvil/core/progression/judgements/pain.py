"""Pain: never up. Pain in two sessions running: the easier rung, where there is one, else a tenth less.

Any set of the exercise counts, in whichever line, region named or not. Example: the left knee hurt in set 3: the same
again at the most, and only once it is calm. House rule.
"""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import lesser_of
from upright_anvil.core.progression.limits import never_up
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import eased, load_of_rung, moved

ID: Final = "pain"
CUT: Final = Decimal("0.10")


def judge(context: ProgressionContext) -> Proposal | None:
    """Answer what pain asks for; None where nothing hurt."""
    said = never_up.pain(context)
    if not said:
        return None
    base = lesser_of(context)
    before = context.exposures[-2] if len(context.exposures) > 1 else None
    if before is None or not never_up.hurt(before.sets):
        rule = f"{said}: nothing goes up. The same again only once it is calm, lighter or swapped if it is not."
        return answer(ID, context, Lever.HOLD, base, rule)
    rung = context.easier
    if rung is not None and easier_to_move(context):
        target = base.target if not isinstance(base.target, Reps) else Reps(base.target.low, base.target.high)
        easier = replace(base, target=target, load=load_of_rung(rung), scheme=None, others=())
        rule = f"{said} in two sessions running: one rung easier, {rung.name}."
        return answer(ID, context, Lever.EASE, easier, rule, exercise=rung.id)
    less = eased(context, base.load, CUT) if base.load is not None and base.scheme is None else None
    rule = f"{said} in two sessions running: lighter, or swap it; a clinician should see what comes back."
    if less is None:
        return answer(ID, context, Lever.HOLD, base, rule)
    return answer(ID, context, Lever.EASE, replace(base, load=less.to), rule, rise=less.share)


def easier_to_move(context: ProgressionContext) -> bool:
    """Answer whether the easier rung moves no more than today's work did, as far as that is known."""
    rung, base = context.easier, lesser_of(context)
    if rung is None:
        return False
    here = moved(context, base.load) if base.load is not None else None
    there = rung.bodyweight_share * context.body_kg if context.body_kg is not None else None
    return not (here and there) or there <= here
