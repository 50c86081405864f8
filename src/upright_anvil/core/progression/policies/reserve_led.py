"""Reserve-led: the load that the strength estimate says leaves what was asked, at the bottom of the range.

The estimate over time and the client's own rep curve choose the load; it is rounded to one that can be made, never more
than the cap above today's. Without an estimate the sets' own reserve decides. House rule, rules of strength estimates.
"""

from dataclasses import replace
from decimal import Decimal
from math import exp, log
from typing import Final

from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.load_targets import LoadTarget
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import showing
from upright_anvil.core.progression.fitting import plain_reps
from upright_anvil.core.progression.model import Lever, Proposal, Situation
from upright_anvil.core.progression.policies import double_progression
from upright_anvil.core.progression.steps import eased, moved, step_up, within_cap
from upright_anvil.core.strength.estimate import house_factor

ID: Final = "reserve-led"
TITLE: Final = "Reserve-led"
RESERVE: Final = 2
NEAR: Final = Decimal("0.015")
"""A load this near to what is wanted is left as it is, as a share. House rule."""


def fits(situation: Situation) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    return plain_reps(situation)


def wanted_kg(situation: Situation, reps: int, reserve: int) -> float | None:
    """Answer the kilograms that leave a reserve after some repetitions; None without an estimate or above R = 20."""
    factor = house_factor(reps + reserve)
    if situation.strength is None or factor is None:
        return None
    return situation.strength.kg / exp(situation.steepness * log(factor))


def propose(situation: Situation) -> Proposal:
    """Answer the load for the same repetitions next time."""
    now, shown = situation.today.prescription, showing(situation.today)
    base = replace(now, load=shown.load if shown.load is not None else now.load)
    here = moved(situation, base.load) if base.load is not None else None
    if not shown.amounts or not isinstance(now.target, Reps) or base.load is None or not here:
        return answer(ID, situation, Lever.HOLD, base, "Nothing to go by: the same again.")
    reserve = RESERVE if now.left is None else now.left
    wanted = wanted_kg(situation, now.target.low, reserve)
    if wanted is None:
        return replace(double_progression.propose(situation), policy=ID)
    share = Decimal(repr(round(wanted, 3))) / here - 1
    said = f"The estimate of {situation.strength.kg:.1f} kg leaves {reserve} after {now.target.low} at {wanted:.1f} kg"  # type: ignore[union-attr]
    if shown.least < now.target.low and share > 0:
        share = Decimal(0)
    if abs(share) <= NEAR:
        return answer(ID, situation, Lever.HOLD, base, f"{said}: today's load again.")
    if share > 0:
        return _up(situation, base.load, share, said)
    less = eased(situation, base.load, -share)
    if less is None:
        return answer(ID, situation, Lever.HOLD, base, f"{said}, and nothing lighter can be made: the same again.")
    rule = f"{said}: {less.to} ({per_cent(less.share)})."
    return answer(ID, situation, Lever.EASE, replace(base, load=less.to), rule, same_again(base), rise=less.share)


def _up(situation: Situation, load: LoadTarget, share: Decimal, said: str) -> Proposal:
    now = situation.today.prescription
    base = replace(now, load=load)
    step = within_cap(situation, load, min(share + NEAR, situation.step_cap))
    if step is not None:
        rule = f"{said}: {step.to} (+{per_cent(step.share)})."
        return answer(ID, situation, Lever.LOAD, replace(base, load=step.to), rule, same_again(base), rise=step.share)
    nearest = step_up(situation, load)
    if nearest is not None and nearest.share <= situation.step_cap:
        rule = f"{said}, less than {nearest.to}: the same load again."
        return answer(ID, situation, Lever.HOLD, base, rule)
    return replace(double_progression.propose(situation), policy=ID)
