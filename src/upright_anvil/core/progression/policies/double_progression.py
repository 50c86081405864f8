"""Double progression: reps climb to the top of their range, then the load takes one achievable step.

Every set at the top of the range within the reserve: the next achievable load, reps back to the bottom. Else one more
rep where the last set allowed it. A step of more than the cap (10 %, ACSM 2009, MSSE 41:687) is bridged (`bridging`).
With nothing heavier at hand: repetitions first, then slower, then a rung or one side. Bands and coded steps move to the
next one listed. Sources: rules, progression; the order is a house rule.
"""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.bounds import MAX_REPS
from upright_anvil.core.prescription.coding import coded
from upright_anvil.core.prescription.load_targets import BodyweightLoad, Coded, OpenLoad, ShareOfMax
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import Showing, base_of, showing, within_reserve
from upright_anvil.core.progression.limits.holding import longer_holds
from upright_anvil.core.progression.model import Alternative, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.bridging import bridge, home_again, home_reps, is_slow_enough, slower
from upright_anvil.core.progression.moves.steps import LoadStep, step_down, step_up

ID: Final = "double-progression"
TITLE: Final = "Double progression"


def propose(context: ProgressionContext) -> Proposal:  # noqa: PLR0911 - one answer a reason
    """Answer what to ask for next time: a load the place can make, no rise past the cap unless it was bridged."""
    now, shown = context.today.prescription, showing(context.today)
    base = base_of(context)
    if not shown.sets:
        return _answer(context, Lever.HOLD, now, "Nothing was done, so the same again.")
    if isinstance(now.load, ShareOfMax):
        rule = "The load is a share of the maximum, so it follows the estimate: the same again."
        return _answer(context, Lever.HOLD, now, rule)
    if now.scheme is not None:
        rule = "Sets that differ or run by the clock are not led by reps in a range: the same again."
        return _answer(context, Lever.HOLD, now, rule)
    if now.ramp:
        return _answer(context, Lever.HOLD, now, "These sets only lead up to the work: the same again.")
    if isinstance(now.load, Coded) and coded(now.load, context.place) is None:
        return _answer(context, Lever.HOLD, now, f"The place knows no {now.load}: what comes next is yours to say.")
    if isinstance(now.load, OpenLoad) and base.load == now.load:
        return _answer(context, Lever.HOLD, now, "The load was left open: say one, then it can be led.")
    match now.target:
        case Seconds():
            return longer_holds(context, now.target, base, ID)
        case Reps():
            return _reps(context, base, shown)
        case Most() | Distance():
            return _answer(context, Lever.HOLD, now, "Nothing to climb to is written here: the same again.")


def _reps(context: ProgressionContext, base: Prescription, shown: Showing) -> Proposal:
    assert isinstance(base.target, Reps)  # noqa: S101 - the caller has checked
    kept = within_reserve(base, shown.reserves)
    if not shown.in_range:
        return _short(context, base, shown)
    if not shown.complete:
        return _answer(context, Lever.HOLD, base, "Not every planned set was done: the same again before going up.")
    if shown.at_top and kept:
        return _raise(context, base)
    if shown.at_top:
        rule = "Top of the range reached, but with fewer reps left than asked: the same again."
        return _answer(context, Lever.HOLD, base, rule)
    if kept and _last_allows(base, shown):
        reached = min(shown.least + 1, base.target.high)
        more = replace(base, target=Reps(reached, base.target.high))
        rule = f"The last set had room: one more rep, at least {reached} in every set before the load goes up."
        return _answer(context, Lever.REPS, more, rule, (Alternative("Same again", write(base)),))
    return _answer(context, Lever.HOLD, base, "In the range with nothing to spare in the last set: the same again.")


def _last_allows(base: Prescription, shown: Showing) -> bool:
    last = shown.reserves[-1]
    return base.left is None or last is None or last >= base.left


def _short(context: ProgressionContext, base: Prescription, shown: Showing) -> Proposal:
    """Below the range: hold once, then one achievable load down."""
    before = context.exposures[-2] if len(context.exposures) > 1 else None
    again = bool(before and before.sets and not showing(before).in_range)
    step = step_down(context, base.load) if base.load is not None and again else None
    if step is None:
        rule = f"A set ended at {shown.least}, below the range: the same again before anything else."
        return _answer(context, Lever.HOLD, base, rule)
    rule = f"Below the range in two sessions running: one load down, to {step.to} ({per_cent(step.share)})."
    eased = home_again(context, base, step.to)
    return _answer(context, Lever.EASE, eased, rule, (Alternative("Same again", write(base)),), rise=step.share)


def _raise(context: ProgressionContext, base: Prescription) -> Proposal:
    """Every set at the top: the next achievable load, bridged where the step is too big."""
    assert isinstance(base.target, Reps)  # noqa: S101 - the caller has checked
    step = step_up(context, base.load) if base.load is not None else None
    same = (Alternative("Same again", write(base)),)
    if base.load is None:
        return _more_reps(context, base, "Top of the range with no load written", same)
    if step is None:
        return _heaviest(context, base)
    jump = home_again(context, base, step.to)
    if step.estimated:
        rule = f"Every set at the top of the range: {step.to} is the next one listed, an estimate; begin at the bottom."
        return answer(ID, context, Lever.LOAD, jump, rule, same, rise=step.share, estimated=True)
    if step.share <= context.step_cap:
        rule = f"Every set at the top of the range: {step.to} next ({_signed(step)}), reps back to the bottom."
        return _answer(context, Lever.LOAD, jump, rule, same, rise=step.share)
    return bridge(ID, context, base, step)


def _more_reps(context: ProgressionContext, base: Prescription, why: str, same: tuple[Alternative, ...]) -> Proposal:
    assert isinstance(base.target, Reps)  # noqa: S101 - the caller has checked
    top = min(base.target.high + 1, MAX_REPS)
    more = replace(base, target=Reps(min(base.target.high, top), top))
    return _answer(context, Lever.REPS, more, f"{why}: one more rep.", same)


def _heaviest(context: ProgressionContext, base: Prescription) -> Proposal:
    """Nothing heavier can be made here: repetitions first, then slower, then a rung or one side."""
    assert isinstance(base.target, Reps)  # noqa: S101 - the caller has checked
    if isinstance(base.load, BodyweightLoad) and base.load.assisted:
        rule = "Every set at the top of the range: take less assistance next time, as little as the kit allows."
        return _answer(context, Lever.HOLD, base, rule)
    same = (Alternative("Same again", write(base)),)
    nothing = "Every set at the top of the range, and nothing heavier can be made here"
    if base.target.high < context.most_reps:
        return _more_reps(context, base, nothing, same)
    if not is_slow_enough(context, base):
        slow = replace(base, target=home_reps(context, base), tempo=slower(context, base))
        return _answer(context, Lever.TEMPO, slow, f"{nothing}: slower lowering.", same)
    rule = f"{nothing}: time for a harder variant, one side at a time, or another place."
    return _answer(context, Lever.HOLD, base, rule)


def _signed(step: LoadStep) -> str:
    return f"+{per_cent(step.share)}"


def _answer(
    context: ProgressionContext,
    lever: Lever,
    prescription: Prescription,
    rule: str,
    alternatives: tuple[Alternative, ...] = (),
    *,
    rise: Decimal = Decimal(0),
) -> Proposal:
    return answer(ID, context, lever, prescription, rule, alternatives, rise=rise)
