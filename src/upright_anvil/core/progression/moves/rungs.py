"""Whether the next rung of a ladder may be proposed, and what it begins with.

A harder rung needs the estimate or repetitions for it, begins at the bottom, never leads from strength work to jumps
or throws, and never past a joint that is spared (`health` keeps those out before). House rule.
"""

from dataclasses import replace
from typing import Final

from upright_anvil.core.constants import DEFAULT_RESERVE
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps, Seconds, Target
from upright_anvil.core.progression.evidence import base_of, showing
from upright_anvil.core.progression.kinds import explosive
from upright_anvil.core.progression.model import ProgressionContext
from upright_anvil.core.progression.moves.steps import load_of_rung, moved
from upright_anvil.core.strength.estimate import house_factor

FIRST_REPS: Final = Reps(5, 6)
"""What a harder rung begins with, repetitions. Rules of progression."""

ENOUGH_REPS: Final = 12
"""Repetitions in every set from which on the next rung is tried where nothing is known in kilograms. House rule."""

ENOUGH_SECONDS: Final = 45
"""Seconds of every hold from which on the same is so. House rule."""

FIRST_SHARE: Final = 2
"""A hold on the next rung begins with its seconds divided by this, ten at the least. House rule."""


def may_climb(context: ProgressionContext) -> str:
    """Answer why the next rung may not be proposed yet; empty where it may. House rule."""
    rung = context.harder
    if rung is None:
        return "No harder rung of this exercise can be done here."
    if explosive(rung) and not explosive(context.exercise):
        return f"{rung.name} is a jump or throw, and this is not."
    now, shown = context.today.prescription, showing(context.today)
    if isinstance(now.target, Seconds):
        if shown.least < ENOUGH_SECONDS:
            return f"{rung.name} needs holds of {ENOUGH_SECONDS} s first."
        return ""
    predicted = _predicted(context)
    if predicted is None:
        return "" if shown.least >= ENOUGH_REPS else f"{rung.name} needs {ENOUGH_REPS} repetitions in every set first."
    return predicted


def _predicted(context: ProgressionContext) -> str | None:
    """What the kilograms say: empty where the client is strong enough, None where nothing is known of them."""
    rung, strength = context.harder, context.strength
    assert rung is not None  # noqa: S101 - the caller has checked
    base = base_of(context)
    there = moved(replace(context, exercise=rung), BodyweightLoad()) if rung.bodyweight_share else None
    here = moved(context, base.load or BodyweightLoad()) if context.exercise.bodyweight_share or base.load else None
    needed = house_factor(FIRST_REPS.low + DEFAULT_RESERVE)
    if there is None or here is None or needed is None:
        return None
    if strength is not None:
        able = strength.kg
    else:
        shown = showing(context.today)
        factor = house_factor(shown.least + (base.left or 0))
        if factor is None:
            return "" if there <= here else None
        able = float(here) * factor
    if able >= float(there) * needed:
        return "" if showing(context.today).least >= ENOUGH_REPS or there > here else None
    return f"{rung.name} moves {there:.0f} kg, more than the estimate of {able:.0f} kg allows for five with two left."


def on_the_rung(context: ProgressionContext, now: Prescription) -> Prescription:
    """Answer what the next rung begins with: five to six repetitions, or half the seconds. House rule."""
    rung = context.harder
    assert rung is not None  # noqa: S101 - the caller has checked
    target: Target = FIRST_REPS
    if isinstance(now.target, Seconds):
        target = Seconds(max(10, now.target.seconds // FIRST_SHARE))
    return replace(now, target=target, load=load_of_rung(rung), scheme=None, tempo=context.home.tempo, others=())
