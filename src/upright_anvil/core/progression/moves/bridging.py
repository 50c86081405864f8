"""A step past the cap: repetitions as far as the estimate reaches, then slower, then the step, once it is earned.

Where the estimate does not reach (beyond 20 repetitions to failure), nothing bridges it: more repetitions as far as
the goal asks, then another implement or a rung; the jump itself is only ever the trainer's own choice, with its per
cent. Example: 3 x 8-10 with 10 kg dumbbells and 12 kg next (+20 %): 3 x 10-15 first, then slower, then 12 kg x 8. Steps
beyond a quarter are never called bridged. Source: rules, progression; house rule.
"""

from dataclasses import replace
from decimal import Decimal
from typing import Final

from upright_anvil.core.constants import BRIDGE_SLOWER_SECONDS
from upright_anvil.core.loads.load import per_cent
from upright_anvil.core.prescription.bounds import MAX_PHASE_SECONDS
from upright_anvil.core.prescription.load_targets import LoadTarget
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps, Target
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.answering import answer, same_again
from upright_anvil.core.progression.evidence import lowest, showing
from upright_anvil.core.progression.model import Alternative, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import LoadStep, moved
from upright_anvil.core.strength.estimate import house_factor, reps_that_predict

MOST_BRIDGED: Final = Decimal("0.25")
"""The largest step that repetitions and slower lowering may bridge, as a share of the load now. House rule."""


def bridge(policy: str, context: ProgressionContext, base: Prescription, step: LoadStep) -> Proposal:
    """Answer what comes before a step past the cap, or the step once it is earned. House rule."""
    assert isinstance(base.target, Reps) and base.load is not None  # noqa: S101 - the caller has checked
    jump = home_again(context, base, step.to)
    jump_now = (Alternative(f"Jump to {step.to} now (+{per_cent(step.share)})", write(jump)),)
    too_big = (
        f"The next load here is {step.to} (+{per_cent(step.share)}), more than {per_cent(context.step_cap)} at once"
    )
    needed = reps_needed(context, base, step.to) if step.share <= MOST_BRIDGED else None
    if needed is None:
        return _no_bridge(policy, context, base, too_big, jump_now)
    if base.target.high < needed and not is_slow_enough(context, base):
        more = replace(base, target=Reps(base.target.high, needed))
        low = lowest(home_reps(context, base))
        rule = f"{too_big}: first up to {needed} reps at {base.load}, which predicts {low} at {step.to}."
        return answer(policy, context, Lever.REPS, more, rule, jump_now, bridging=True)
    if not is_slow_enough(context, base):
        slow = replace(base, target=home_reps(context, base), tempo=slower(context, base))
        rule = f"{too_big}, and the reps are there: now slower lowering at {base.load}, then the step."
        return answer(policy, context, Lever.TEMPO, slow, rule, jump_now, bridging=True)
    if not earned(context, base, step.to, needed):
        more = replace(base, target=Reps(base.target.high, max(needed, base.target.high)), tempo=context.home.tempo)
        rule = f"{too_big}, and the repetitions that predict it ({needed} at {base.load}) were not seen: those first."
        return answer(policy, context, Lever.REPS, more, rule, jump_now, bridging=True)
    rule = f"{too_big}. Reps and slower lowering have bridged it: {step.to}, reps back to the bottom."
    return answer(policy, context, Lever.LOAD, jump, rule, same_again(base), rise=step.share, bridged=True)


def _no_bridge(
    policy: str, context: ProgressionContext, base: Prescription, too_big: str, jump_now: tuple[Alternative, ...]
) -> Proposal:
    """The estimate does not reach to the next load: repetitions, then another implement or a rung."""
    assert isinstance(base.target, Reps)  # noqa: S101 - the caller has checked
    if base.target.high < context.most_reps:
        top = min(base.target.high + 2, context.most_reps)
        more = replace(base, target=Reps(base.target.high, top))
        rule = f"{too_big}, further than repetitions can predict: more of them at {base.load} first."
        return answer(policy, context, Lever.REPS, more, rule, jump_now)
    rung = f", or {context.harder.name}" if context.harder is not None else ""
    rule = f"{too_big}, further than repetitions predict: another implement with smaller steps{rung}, or your choice."
    return answer(policy, context, Lever.HOLD, base, rule, jump_now)


def reps_needed(context: ProgressionContext, base: Prescription, to: LoadTarget) -> int | None:
    """Answer the reps at today's load that predict the bottom of the range at the next; None out of reach."""
    here, there = (moved(context, load) if load else None for load in (base.load, to))
    if not here or not there:
        return None
    return reps_that_predict(here, base.left or 0, there, lowest(home_reps(context, base)))


def earned(context: ProgressionContext, base: Prescription, to: LoadTarget, needed: int) -> bool:
    """Answer whether the next load is predicted: by the estimate, or by a session with the repetitions needed."""
    there = moved(context, to)
    factor = house_factor(lowest(home_reps(context, base)) + (base.left or 0))
    strength = context.strength
    if strength is not None and there and factor is not None and strength.kg >= float(there) * factor:
        return True
    return any(
        shown.sets and shown.complete and shown.least >= needed and str(shown.load) == str(base.load)
        for shown in map(showing, context.exposures)
    )


def home_again(context: ProgressionContext, base: Prescription, load: LoadTarget) -> Prescription:
    """Answer the work at another load, back at the reps and the tempo the phase began with."""
    return replace(base, load=load, target=home_reps(context, base), tempo=context.home.tempo)


def home_reps(context: ProgressionContext, base: Prescription) -> Target:
    """Answer the reps of the phase's beginning where today's have climbed from there, else today's: never more reps."""
    home, now = context.home.target, base.target
    if isinstance(home, Reps) and isinstance(now, Reps) and home.low <= now.low and home.high <= now.high:
        return home
    return now


def is_slow_enough(context: ProgressionContext, base: Prescription) -> bool:
    """Answer whether the lowering has been made as much slower as a bridge asks."""
    lowering = base.tempo.lowering if base.tempo else None
    return lowering is not None and lowering >= min(_home_lowering(context) + BRIDGE_SLOWER_SECONDS, MAX_PHASE_SECONDS)


def slower(context: ProgressionContext, base: Prescription) -> Tempo:
    """Answer the tempo with the lowering that a bridge asks for."""
    tempo = base.tempo or Tempo(2, 0, 1, 0)
    return replace(tempo, lowering=min(_home_lowering(context) + BRIDGE_SLOWER_SECONDS, MAX_PHASE_SECONDS))


def _home_lowering(context: ProgressionContext) -> int:
    tempo = context.home.tempo
    return 2 if tempo is None or tempo.lowering is None else tempo.lowering
