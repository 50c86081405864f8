"""One prescription, any load to hand: ``3 x 12, 12 kg, or 16 kg x 8-10``, each judged by what was asked of it.

All sets with one of the loads: that load leads, and takes its next step once its own range is done; what was planned
stays beside it. House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.bounds import MAX_ALTERNATIVES
from upright_anvil.core.prescription.load_targets import as_weight
from upright_anvil.core.prescription.model import OtherKit, Prescription
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import showing
from upright_anvil.core.progression.model import Exposure, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.policies import double_progression

ID: Final = "any-kit"
TITLE: Final = "Any load to hand"


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    return "" if context.today.prescription.others else "It needs other loads beside the planned one."


def propose(context: ProgressionContext) -> Proposal:
    """Answer the next step of the load that was used, or the line as it is."""
    now, shown = context.today.prescription, showing(context.today)
    used = {str(one.load) for one in shown.sets}
    first = shown.sets[0] if shown.sets else None
    if first is None or len(used) > 1 or not isinstance(first.asked, Reps) or now.scheme is not None:
        rule = "Loads changed from set to set: each was judged by what was asked of it; the same line again."
        return answer(ID, context, Lever.HOLD, now, rule)
    if not shown.in_range:
        rule = f"A set ended at {shown.least} with {first.load}, below the {first.asked} asked of it: the same again."
        return answer(ID, context, Lever.HOLD, now, rule)
    if not shown.at_top:
        rule = f"{shown.least} with {first.load} lies in its range of {first.asked}: the same line again."
        return answer(ID, context, Lever.HOLD, now, rule)
    if _beyond(now, first.load):
        rule = f"{first.load} is heavier than all that the line names: nothing goes up from there; name it if it stays."
        return answer(ID, context, Lever.HOLD, now, rule)
    led = double_progression.propose(_led_by(context, now, first.load, first.asked))
    if led.lever is not Lever.LOAD:
        rule = f"Every set at the top of its range with {first.load}: the same line, or the next load if you have one."
        return answer(ID, context, Lever.HOLD, now, rule, led.alternatives)
    others = _beside(now, first.load)
    return replace(led, policy=ID, prescription=replace(led.prescription, others=others))


def _led_by(context: ProgressionContext, now: Prescription, load: object, asked: Reps) -> ProgressionContext:
    """The context as if the load that was used had been the planned one."""
    alone = replace(now, target=asked, load=load if isinstance(load, Load) else now.load, others=())
    exposures = (*context.exposures[:-1], Exposure(context.today.on, alone, context.today.sets))
    return replace(context, exposures=exposures, home=alone)


def _beyond(now: Prescription, used: object) -> bool:
    named = [one for one in (as_weight(now.load), *(one.load for one in now.others)) if isinstance(one, Load)]
    return isinstance(used, Load) and bool(named) and used.kg > max(one.kg for one in named)


def _is(load: object, used: object) -> bool:
    return load.same_as(used) if isinstance(load, Load) and isinstance(used, Load) else load == used


def _beside(now: Prescription, used: object) -> tuple[OtherKit, ...]:
    """The planned load and the others, without the one that leads now."""
    weight = as_weight(now.load)
    planned = [OtherKit(weight, now.target)] if isinstance(weight, Load) else []
    kept = [one for one in (*planned, *now.others) if not _is(one.load, used)]
    return tuple(kept[:MAX_ALTERNATIVES])
