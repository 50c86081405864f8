"""Sets that differ: pyramids, top sets with back-off, drops, clusters, a last set that goes on.

Each set is judged against what was asked of it at the load used. Once all were met, the whole ladder goes up one
step, or its heaviest set does; both are offered. A last set taken lighter than planned is no failure of the others.
House rule.
"""

from collections.abc import Iterable
from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, per_cent
from upright_anvil.core.prescription.load_targets import Coded, LoadTarget, ShareOfMax
from upright_anvil.core.prescription.loads_of import with_loads
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Checkpoints, Density, Drops, EveryStart, Varied
from upright_anvil.core.prescription.targets import Most
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import ShownSet, showing, within_reserve
from upright_anvil.core.progression.model import Alternative, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import LoadStep, moved, step_up

ID: Final = "differing"
TITLE: Final = "Sets that differ"


def fits(context: ProgressionContext) -> str:
    """Answer why it cannot lead the line; empty where it can."""
    scheme = context.today.prescription.scheme
    clocked = scheme is None or isinstance(scheme, Density | EveryStart | Checkpoints)
    return "It needs sets that differ." if clocked else ""


def propose(context: ProgressionContext) -> Proposal:
    """Answer the ladder one step higher, its heaviest set alone, or the same again."""
    now, shown = context.today.prescription, showing(context.today)
    if not shown.complete:
        return answer(ID, context, Lever.HOLD, now, "Not every planned set was done: the same again before going up.")
    lighter = _taken_lighter(context)
    if lighter:
        rule = f"Set {lighter} was taken lighter than planned; the others were as asked: the same again."
        return answer(ID, context, Lever.HOLD, now, rule)
    short = [n for n, one in enumerate(shown.sets, start=1) if not _met(one)]
    if short:
        rule = f"Set {', '.join(map(str, short))} ended below what was asked of it: the same again."
        return answer(ID, context, Lever.HOLD, now, rule)
    if not within_reserve(now, shown.reserves) and now.left is not None:
        return answer(ID, context, Lever.HOLD, now, "Done with fewer reps left than asked: the same again.")
    ladder, top = _whole(context), _top(context)
    offered = [Alternative(label, write(p)) for label, p in (("The top set alone", top), ("Same again", now)) if p]
    if ladder is not None:
        to, rise, estimated = ladder
        rule = f"Every set was met: the whole ladder one step up (+{per_cent(rise)} at the most)."
        return answer(ID, context, Lever.LOAD, to, rule, offered, rise=rise, estimated=estimated)
    if top is not None:
        rise = _rise(context, now, top)
        if rise <= context.step_cap:
            rule = f"Every set was met: the top set one step up (+{per_cent(rise)})."
            estimated = any(isinstance(load, Coded) and load.sort == "band" for load in _loads(top))
            return answer(ID, context, Lever.LOAD, top, rule, same_again(now), rise=rise, estimated=estimated)
        rule = "Every set was met, and the next loads here are too far at once: more in the open set first."
        return answer(ID, context, Lever.HOLD, now, rule, offered)
    return answer(ID, context, Lever.HOLD, now, "Every set was met, and nothing heavier is known here: the same again.")


def _met(one: ShownSet) -> bool:
    return isinstance(one.asked, Most) or one.amount >= one.top


def _taken_lighter(context: ProgressionContext) -> str:
    """The numbers of sets whose load was below the one planned for them."""
    plans, found = context.today.prescription.plans, []
    for number, (plan, one) in enumerate(zip(plans, showing(context.today).sets, strict=False), start=1):
        planned = moved(context, plan.load) if plan.load is not None else None
        used = moved(context, one.load) if one.load is not None else None
        if planned is not None and used is not None and used < planned:
            found.append(str(number))
    return ", ".join(found)


def _loads(asked: Prescription) -> Iterable[LoadTarget]:
    return (plan.load for plan in asked.plans if plan.load is not None)


def _whole(context: ProgressionContext) -> tuple[Prescription, Decimal, bool] | None:
    """Every load one step up, the largest step, whether one is an estimate; None where one cannot or is too far."""
    now = context.today.prescription
    steps: dict[str, LoadStep] = {}
    for load in _loads(now):
        step = None if isinstance(load, ShareOfMax) else step_up(context, load)
        if step is None or (step.share > context.step_cap and not step.estimated):
            return None
        steps[str(load)] = step
    if not steps or (isinstance(now.scheme, Drops) and len(steps) < 2):  # noqa: PLR2004 - a drop goes on from a load
        return None
    up = with_loads(now, lambda load: steps[str(load)].to if load is not None and str(load) in steps else load)
    if up == now:
        return None
    return up, max(step.share for step in steps.values()), any(step.estimated for step in steps.values())


def _top(context: ProgressionContext) -> Prescription | None:
    """The heaviest set alone one step up; None where that is no set of its own."""
    now = context.today.prescription
    known = [(kg, load) for load in _loads(now) if (kg := moved(context, load)) is not None]
    if not known:
        return None
    heaviest = max(known, key=lambda pair: pair[0])[1]
    step = step_up(context, heaviest)
    if step is None:
        return None
    try:
        if isinstance(now.scheme, Varied) and now.scheme.loads:
            loads = tuple(step.to if load == heaviest else load for load in now.scheme.loads)
            return replace(now, load=loads[0], scheme=replace(now.scheme, loads=loads))
        return replace(now, load=step.to) if isinstance(now.load, Load) else None
    except DomainError:
        return None


def _rise(context: ProgressionContext, now: Prescription, to: Prescription) -> Decimal:
    before = max((kg for load in _loads(now) if (kg := moved(context, load)) is not None), default=None)
    after = max((kg for load in _loads(to) if (kg := moved(context, load)) is not None), default=None)
    return (after - before) / before if before and after else Decimal(0)
