"""Double progression: reps climb to the top of their range, then the load takes one achievable step.

Every set at the top of the range within the reserve: the next achievable load, reps back to the bottom. Else one more
rep where the last set allowed it. A step of more than the cap (10 %, ACSM 2009, MSSE 41:687) is bridged: first reps at
today's load until the strength estimate predicts the bottom of the range at the next load, then slower lowering, then
the step. Example: 3 x 8-10 with 10 kg dumbbells and 12 kg next (+20 %): 3 x 10-15 first, then slower, then 12 kg x 8.

Sources: rules, progression; the order reps, tempo, jump is a house rule.
"""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.constants import BRIDGE_SLOWER_SECONDS, MAX_ESTIMATE_REPS
from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.bounds import MAX_REPS
from upright_anvil.core.prescription.load_targets import BodyweightLoad, Coded, LoadTarget, ShareOfMax
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.shorthand import write
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.evidence import Showing, showing, within_reserve
from upright_anvil.core.progression.holding import longer_holds
from upright_anvil.core.progression.model import Alternative, Lever, Proposal, Situation
from upright_anvil.core.progression.steps import LoadStep, moved, step_down, step_up
from upright_anvil.core.strength.estimate import reps_that_predict

ID: Final = "double-progression"
TITLE: Final = "Double progression"


def propose(situation: Situation) -> Proposal:
    """Answer what to ask for next time: a load the place can make, no rise past the cap unless it was bridged."""
    now, shown = situation.today.prescription, showing(situation.today)
    base = replace(now, load=shown.load if shown.load is not None else now.load)
    if not shown.amounts:
        return _answer(situation, Lever.HOLD, now, "Nothing was done, so the same again.")
    if other := _led_otherwise(now):
        return _answer(situation, Lever.HOLD, now, other)
    match now.target:
        case Seconds():
            return longer_holds(situation, now.target, base, ID)
        case Reps():
            return _reps(situation, now.target, base, shown)
        case Most() | Distance():
            return _answer(situation, Lever.HOLD, now, "Nothing to climb to is written here: the same again.")


def _led_otherwise(now: Prescription) -> str | None:
    """Why a line is not led by repetitions and load; None where it is."""
    if isinstance(now.load, ShareOfMax):
        return "The load is a share of the maximum, so it follows the estimate: the same again."
    if isinstance(now.load, Coded):
        return f"What comes after {now.load} is for you to say: the same again."
    if now.scheme is not None:
        return "Sets that differ or run by the clock are not led by reps in a range: the same again."
    if now.ramp:
        return "These sets only lead up to the work: the same again."
    return None


def _reps(situation: Situation, target: Reps, base: Prescription, shown: Showing) -> Proposal:
    kept = within_reserve(base, shown.reserves)
    if shown.least < target.low:
        return _short(situation, base, shown)
    if not shown.complete:
        return _answer(situation, Lever.HOLD, base, "Not every planned set was done: the same again before going up.")
    if shown.least >= target.high and kept:
        return _raise(situation, base)
    if shown.least >= target.high:
        rule = "Top of the range reached, but with fewer reps left than asked: the same again."
        return _answer(situation, Lever.HOLD, base, rule)
    if _last_allows(base, shown):
        reached = min(shown.least + 1, target.high)
        more = replace(base, target=Reps(reached, target.high))
        rule = f"The last set had room: one more rep, at least {reached} in every set before the load goes up."
        return _answer(situation, Lever.REPS, more, rule, (Alternative("Same again", write(base)),))
    return _answer(situation, Lever.HOLD, base, "In the range with nothing to spare in the last set: the same again.")


def _last_allows(base: Prescription, shown: Showing) -> bool:
    last = shown.reserves[-1]
    return base.left is None or last is None or last >= base.left


def _short(situation: Situation, base: Prescription, shown: Showing) -> Proposal:
    """Below the range: hold once, then one achievable load down."""
    before = situation.exposures[-2] if len(situation.exposures) > 1 else None
    again = bool(before and before.sets and showing(before).least < _low(before.prescription))
    step = step_down(situation, base.load) if base.load is not None and again else None
    if step is None:
        rule = f"A set ended at {shown.least}, below the range: the same again before anything else."
        return _answer(situation, Lever.HOLD, base, rule)
    rule = f"Below the range in two sessions running: one load down, to {step.to} ({per_cent(step.share)})."
    eased = _home_again(situation, base, step.to)
    return _answer(situation, Lever.EASE, eased, rule, (Alternative("Same again", write(base)),), rise=step.share)


def _low(prescription: Prescription) -> int:
    return prescription.target.low if isinstance(prescription.target, Reps) else prescription.amount


def _raise(situation: Situation, base: Prescription) -> Proposal:
    """Every set at the top: the next achievable load, bridged where the step is too big."""
    assert isinstance(base.target, Reps)  # noqa: S101 - the caller has checked
    step = step_up(situation, base.load) if base.load is not None else None
    same = (Alternative("Same again", write(base)),)
    if base.load is None:
        more = replace(base, target=Reps(base.target.high, min(base.target.high + 1, MAX_REPS)))
        return _answer(situation, Lever.REPS, more, "Top of the range with no load written: one more rep.", same)
    if step is None:
        return _heaviest(situation, base)
    jump = _home_again(situation, base, step.to)
    if step.share <= situation.step_cap:
        rule = f"Every set at the top of the range: {step.to} next ({_signed(step)}), reps back to the bottom."
        return _answer(situation, Lever.LOAD, jump, rule, same, rise=step.share)
    return _bridge(situation, base, step, jump)


def _bridge(situation: Situation, base: Prescription, step: LoadStep, jump: Prescription) -> Proposal:
    """The step is past the cap: more reps, then slower, then the jump."""
    assert isinstance(base.target, Reps) and base.load is not None  # noqa: S101 - the caller has checked
    too_big = f"The next load here is {step.to} ({_signed(step)}), more than {per_cent(situation.step_cap)} at once"
    if _is_slow(situation, base):
        rule = f"{too_big}. Reps and slower lowering have bridged it: {step.to}, reps back to the bottom."
        same = (Alternative("Same again", write(base)),)
        return _answer(situation, Lever.LOAD, jump, rule, same, rise=step.share, bridged=True)
    jump_now = (Alternative(f"Jump to {step.to} now", write(jump)),)
    needed = _bridge_reps(situation, base, step.to)
    if base.target.high < needed:
        more = replace(base, target=Reps(base.target.high, needed))
        rule = (
            f"{too_big}: first up to {needed} reps at {base.load}, which predicts {_low(situation.home)} at {step.to}."
        )
        return replace(_answer(situation, Lever.REPS, more, rule, jump_now), bridging=True)
    slower = replace(base, target=situation.home.target, tempo=_slower(situation, base))
    rule = f"{too_big}, and the reps are there: now slower lowering at {base.load}, then the step."
    return replace(_answer(situation, Lever.TEMPO, slower, rule, jump_now), bridging=True)


def _bridge_reps(situation: Situation, base: Prescription, to: LoadTarget) -> int:
    """Reps at today's load whose estimate predicts the bottom of the range at the next, within the estimate's reach."""
    reserve = base.left or 0
    here, there = (moved(situation, load) if load else None for load in (base.load, to))
    reps = reps_that_predict(here, reserve, there, _low(situation.home)) if here and there else None
    return reps if reps is not None else MAX_ESTIMATE_REPS - reserve


def _heaviest(situation: Situation, base: Prescription) -> Proposal:
    """Nothing heavier can be made here."""
    if isinstance(base.load, BodyweightLoad) and base.load.assisted:
        rule = "Every set at the top of the range: take less assistance next time, as little as the kit allows."
        return _answer(situation, Lever.HOLD, base, rule)
    same = (Alternative("Same again", write(base)),)
    nothing = "Every set at the top of the range, and nothing heavier can be made here"
    if not _is_slow(situation, base):
        slower = replace(base, target=situation.home.target, tempo=_slower(situation, base))
        return _answer(situation, Lever.TEMPO, slower, f"{nothing}: slower lowering.", same)
    rule = f"{nothing}: time for a harder variant, one side at a time, or another place."
    return _answer(situation, Lever.HOLD, base, rule)


def _home_again(situation: Situation, base: Prescription, load: LoadTarget) -> Prescription:
    target = situation.home.target if isinstance(situation.home.target, Reps) else base.target
    return replace(base, load=load, target=target, tempo=situation.home.tempo)


def _home_lowering(situation: Situation) -> int:
    tempo = situation.home.tempo
    return 2 if tempo is None or tempo.lowering is None else tempo.lowering


def _is_slow(situation: Situation, base: Prescription) -> bool:
    lowering = base.tempo.lowering if base.tempo else None
    return lowering is not None and lowering >= _home_lowering(situation) + BRIDGE_SLOWER_SECONDS


def _slower(situation: Situation, base: Prescription) -> Tempo:
    tempo = base.tempo or Tempo(2, 0, 1, 0)
    return replace(tempo, lowering=min(_home_lowering(situation) + BRIDGE_SLOWER_SECONDS, 60))


def _signed(step: LoadStep) -> str:
    return f"+{per_cent(step.share)}"


def _answer(
    situation: Situation,
    lever: Lever,
    prescription: Prescription,
    rule: str,
    alternatives: tuple[Alternative, ...] = (),
    *,
    rise: Decimal = Decimal(0),
    bridged: bool = False,
) -> Proposal:
    return answer(ID, situation, lever, prescription, rule, alternatives, rise=rise, bridged=bridged)
