"""Estimated time of lines and days (rules, time).

Repetition seconds = sum of the tempo; set = repetitions x repetition seconds, both sides and the change where each
side counts; a straight block = sets and the rests between them; between exercises a transition, never a rest.
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
    TRANSITION_CHANGE_SECONDS,
    TRANSITION_SECONDS,
)
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.prescription.model import Prescription, Reps


@dataclass(frozen=True, slots=True)
class TimedLine:
    """A line to be timed: what is asked, of which exercise, with what in hand."""

    prescription: Prescription
    exercise: Exercise
    implement: ImplementKind | None


def set_seconds(prescription: Prescription, exercise: Exercise) -> int:
    """Answer the seconds one set takes, both sides included. House rule."""
    p = prescription
    if isinstance(p.target, Reps):
        one_side = p.target.high * (p.tempo.rep_seconds if p.tempo else exercise.rep_seconds)
    else:
        one_side = p.target.seconds
    return 2 * one_side + CHANGE_SIDES_SECONDS if p.each_side else one_side


def line_seconds(line: TimedLine) -> int:
    """Answer the seconds of a straight block: its sets and the rests between them. House rule."""
    rest = line.prescription.rest if line.prescription.rest is not None else DEFAULT_REST_SECONDS
    return line.prescription.sets * set_seconds(line.prescription, line.exercise) + (line.prescription.sets - 1) * rest


def day_seconds(lines: Sequence[TimedLine], pace: float = 1.0) -> int:
    """Answer the seconds of a day's lines in order, transitions included, times the client's pace. House rule."""
    total = sum(line_seconds(line) for line in lines)
    return round((total + transition_seconds([line.implement for line in lines])) * pace)


def transition_seconds(implements: Sequence[ImplementKind | None]) -> int:
    """Answer the seconds between lines in order, from what each is loaded with. House rule."""
    return sum(
        TRANSITION_SECONDS if before is after else TRANSITION_CHANGE_SECONDS for before, after in pairwise(implements)
    )


def pace_factor(actual_and_estimated: Sequence[tuple[float, float]]) -> float:
    """Answer the client's pace from (actual, estimated) seconds of logged sessions, oldest first.

    The median ratio of the last ten, kept within 0.7 and 1.6; 1.0 before there are three. House rule.
    """
    ratios = [actual / estimated for actual, estimated in actual_and_estimated if actual > 0 and estimated > 0]
    if len(ratios) < PACE_NEEDS:
        return 1.0
    return min(max(median(ratios[-PACE_SESSIONS:]), PACE_MIN), PACE_MAX)
