"""Estimated time of lines and days (rules, time).

Repetition seconds = sum of the tempo; set = repetitions x repetition seconds, both sides and the change where each
side counts; between exercises a transition or the break that is said, never a rest. Blocks: `timing.groups`.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import pairwise
from statistics import median

from upright_anvil.core.constants import (
    CHANGE_SIDES_SECONDS,
    DEFAULT_REST_SECONDS,
    PACE_MAX,
    PACE_MIN,
    PACE_NEEDS,
    PACE_SESSIONS,
    RUNNING_PACE,
    TRANSITION_CHANGE_SECONDS,
    TRANSITION_SECONDS,
    WALKING_PACE,
)
from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes import Cluster, Density
from upright_anvil.core.prescription.schemes.base import SetPlan
from upright_anvil.core.prescription.targets import Distance, amount_of, reps_of


@dataclass(frozen=True, slots=True)
class TimedLine:
    """A line to be timed: what is asked, of which exercise, with what in hand."""

    prescription: Prescription
    exercise: Exercise
    implement: ImplementKind | None


def one_set(plan: SetPlan, prescription: Prescription, exercise: Exercise) -> int:
    """Answer the seconds of one planned set, both sides and the change between them included. House rule.

    Repetitions take the tempo's seconds, else the exercise's own; a distance is reckoned at a walking pace, or a
    runner's for endurance work.
    """
    reps = reps_of(plan.target)
    if reps is not None:
        each = prescription.tempo.rep_seconds if prescription.tempo else exercise.rep_seconds
        one_side = reps * each
    elif isinstance(plan.target, Distance):
        one_side = round(plan.target.metres / pace_of(exercise))
    else:
        one_side = amount_of(plan.target)
    if prescription.within is not None:
        one_side = prescription.within
    if prescription.partials:
        each = prescription.tempo.rep_seconds if prescription.tempo else exercise.rep_seconds
        one_side += prescription.partials * each
    if isinstance(prescription.scheme, Cluster):
        one_side += prescription.scheme.pause * (len(prescription.scheme.parts) - 1)
    return 2 * one_side + CHANGE_SIDES_SECONDS if prescription.each_side else one_side


def performed_seconds(
    reps: int | None, seconds: int | None, asked: Prescription | None, exercise: Exercise, metres: int | None = None
) -> float:
    """Answer the seconds a performed set took: its own, or its reps at the tempo asked, both sides. House rule.

    A distance that nobody timed is reckoned at the pace of its kind.
    """
    if seconds is not None:
        return float(seconds)
    if metres is not None:
        return metres / pace_of(exercise)
    each = asked.tempo.rep_seconds if asked is not None and asked.tempo else exercise.rep_seconds
    one_side = float((reps or 0) * each)
    return 2 * one_side + CHANGE_SIDES_SECONDS if asked is not None and asked.each_side else one_side


def pace_of(exercise: Exercise) -> float:
    """Answer the metres a second that a distance is reckoned at: a runner's for endurance work, else a walk's."""
    return RUNNING_PACE if exercise.kind is ExerciseKind.CARDIO else WALKING_PACE


def set_seconds(prescription: Prescription, exercise: Exercise) -> int:
    """Answer the seconds the longest set takes, both sides included. House rule."""
    return max(one_set(plan, prescription, exercise) for plan in prescription.plans)


def rest_of(prescription: Prescription) -> int:
    """Answer the rest between sets, seconds; a house figure where the line does not say."""
    return prescription.rest if prescription.rest is not None else DEFAULT_REST_SECONDS


def rounds_in_time(prescription: Prescription, exercise: Exercise) -> int:
    """Answer how many sets to reckon with: those that are written, or the rounds that fit into a time. House rule."""
    if isinstance(prescription.scheme, Density):
        round_seconds = set_seconds(prescription, exercise) + (prescription.rest or 0)
        return max(1, prescription.scheme.seconds // max(round_seconds, 1))
    return len(prescription.plans)


@dataclass(frozen=True, slots=True)
class TimedBlock:
    """A stretch of a session: its seconds, what is in hand when it begins and ends, the break behind it if said."""

    seconds: int
    first: ImplementKind | None
    last: ImplementKind | None
    break_after: int | None = None


def day_seconds(blocks: Sequence[TimedBlock], pace: float = 1.0) -> int:
    """Answer the seconds of a day's blocks in order, transitions included, times the client's pace. House rule."""
    changes = sum(transition(before, after) for before, after in pairwise(blocks))
    return round((sum(block.seconds for block in blocks) + changes) * pace)


def transition(before: TimedBlock, after: TimedBlock) -> int:
    """Answer the seconds from one block to the next: the break that is said, else what the change takes. House rule."""
    if before.break_after is not None:
        return before.break_after
    return TRANSITION_SECONDS if before.last is after.first else TRANSITION_CHANGE_SECONDS


def pace_factor(actual_and_estimated: Sequence[tuple[float, float]]) -> float:
    """Answer the client's pace from (actual, estimated) seconds of logged sessions, oldest first.

    The median ratio of the last ten, kept within 0.7 and 1.6; 1.0 before there are three. House rule.
    """
    ratios = [actual / estimated for actual, estimated in actual_and_estimated if actual > 0 and estimated > 0]
    if len(ratios) < PACE_NEEDS:
        return 1.0
    return min(max(median(ratios[-PACE_SESSIONS:]), PACE_MIN), PACE_MAX)
