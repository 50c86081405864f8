"""Reserve-led: the load that the strength estimate says leaves what was asked, at the bottom of the range.

The estimate over time and the client's own rep curve choose the load: the nearest that can be made, never more than the
cap above today's. Without an estimate the sets' own reserve decides. House rule, rules of strength estimates.
"""

from dataclasses import replace
from decimal import Decimal
from math import exp, log
from typing import Final

from upright_anvil.core.blocks import added_load
from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import base_of, showing
from upright_anvil.core.progression.model import Exposure, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.fitting import plain_reps
from upright_anvil.core.progression.moves.steps import longest_stride, moved, nearest_to
from upright_anvil.core.progression.policies import double_progression
from upright_anvil.core.strength.attempts import MANY_LEFT, MANY_LEFT_MEANS, TIRED_PER_SET
from upright_anvil.core.strength.estimate import house_factor
from upright_anvil.core.strength.kalman import DAYS_A_WEEK

ID: Final = "reserve-led"
TITLE: Final = "Reserve-led"
RESERVE: Final = 2
OWN_SESSIONS: Final = 6
OWN_DOUBT: Final = 2.0
ENOUGH_SAID: Final = 2
"""Sets of a session whose reserve must be said before it goes up, unless the estimate rests on six sessions."""
"""Sessions of its own that a line's word rests on at most, and how many it is drawn towards the estimate by."""


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    return plain_reps(context)


def wanted_kg(context: ProgressionContext, reps: int, reserve: int) -> float | None:
    """Answer the kilograms that leave a reserve after some repetitions; None without an estimate or above R = 20."""
    factor = house_factor(reps + reserve)
    if context.strength is None or factor is None:
        return None
    # Aimed at the middle set: the ones before it tire the ones after.
    tired = TIRED_PER_SET * (context.today.prescription.sets - 1) / 2
    return context.strength.kg * exp(own_word(context) - context.steepness * log(factor) - tired)


def own_word(context: ProgressionContext) -> float:
    """Answer by how much the line's own last sessions show more than the estimate of all, as a logarithm.

    The estimate weighs heavy and light days together; where the client's curve differs from both, each line has the
    last word on itself: its mean over four sessions at most, drawn towards the estimate while they are few. House rule.
    """
    strength = context.strength
    assert strength is not None  # noqa: S101 - the caller has checked
    shown = [
        mean - log(strength.kg) + strength.trend * (context.today.on - exposure.on).days / DAYS_A_WEEK
        for exposure in context.exposures[-OWN_SESSIONS:]
        if (mean := _shown(context, exposure)) is not None
    ]
    return sum(shown) / (len(shown) + OWN_DOUBT) if shown else 0.0


def _shown(context: ProgressionContext, exposure: Exposure) -> float | None:
    """The log of the maximum that a session's clean sets with their reserve show; None where they show none."""
    found = []
    for place, row in enumerate(exposure.sets):
        kg = moved(context, load) if (load := added_load(row)) is not None else None
        if row.reserve is None or not row.reps:
            continue
        factor = house_factor(row.reps + (MANY_LEFT_MEANS if row.reserve >= MANY_LEFT else row.reserve))
        if kg and factor is not None and row.how.clean_enough:
            found.append(log(float(kg)) + context.steepness * log(factor) + TIRED_PER_SET * place)
    return sum(found) / len(found) if found else None


def _tells_enough(context: ProgressionContext) -> bool:
    """Whether today's sets carry a rise: all of them done, in the range, and two of them with their reserve said."""
    shown = showing(context.today)
    said = sum(1 for reserve in shown.reserves if reserve is not None)
    return shown.complete and shown.in_range and (said >= min(ENOUGH_SAID, len(shown.sets)) or _well_known(context))


def _well_known(context: ProgressionContext) -> bool:
    return context.strength is not None and context.strength.sessions >= OWN_SESSIONS


def propose(context: ProgressionContext) -> Proposal:
    """Answer the load for the same repetitions next time."""
    now, shown = context.today.prescription, showing(context.today)
    base = base_of(context)
    here = moved(context, base.load) if base.load is not None else None
    if not shown.amounts or not isinstance(now.target, Reps) or base.load is None or not here:
        return answer(ID, context, Lever.HOLD, base, "Nothing to go by: the same again.")
    reserve = RESERVE if now.left is None else now.left
    wanted = wanted_kg(context, now.target.low, reserve)
    if wanted is None:
        return replace(double_progression.propose(context), policy=ID)
    share = Decimal(repr(round(wanted, 3))) / here - 1
    said = f"The estimate of {context.strength.kg:.1f} kg leaves {reserve} after {now.target.low} at {wanted:.1f} kg"  # type: ignore[union-attr]
    if share > 0 and not _tells_enough(context):
        rule = f"{said}, but today's sets say too little to go up from: the same again."
        return answer(ID, context, Lever.HOLD, base, rule)
    stride = longest_stride(context.exercise, context.step_cap)
    step = nearest_to(context, base.load, min(share, stride), stride)
    if step is None:
        way_on = double_progression.propose(context) if share > stride else None
        if way_on is not None and way_on.lever is not Lever.LOAD:
            return replace(way_on, policy=ID)
        return answer(ID, context, Lever.HOLD, base, f"{said}: today's load is the nearest that can be made.")
    rule = f"{said}: {step.to} ({'+' if step.share > 0 else ''}{per_cent(step.share)})."
    lever = Lever.LOAD if step.share > 0 else Lever.EASE
    return answer(ID, context, lever, replace(base, load=step.to), rule, same_again(base), rise=step.share)
