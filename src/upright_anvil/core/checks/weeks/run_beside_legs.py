"""A run next to heavy legs.

Running or hard endurance work on the same day as work that is hard on the legs, the day before it or the day after;
weeks are a circle, so that Sunday stands beside Monday.
"""

from collections.abc import Iterator

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedLine, StudiedWeek
from upright_anvil.core.exercises import ExerciseKind, Pattern
from upright_anvil.core.timing.estimate import TimedLine
from upright_anvil.core.timing.groups import line_seconds

LEGS = frozenset({Muscle.QUADRICEPS, Muscle.HAMSTRINGS, Muscle.GLUTES})
HEAVY = 8
LONG_SECONDS = 900
DAYS = 7


def _look(week: StudiedWeek, _who: Standpoint) -> Iterator[Violation]:
    for run in week.days:
        if not any(
            a.exercise.kind is ExerciseKind.CARDIO and a.exercise.pattern is Pattern.LOCOMOTION and _long(a)
            for a in run.asked
        ):
            continue
        for legs in week.days:
            heavy = sum(sets for muscle, sets in legs.muscles.items() if muscle in LEGS)
            apart = (legs.day.weekday - run.day.weekday) % DAYS
            if heavy < HEAVY or apart not in (0, 1, DAYS - 1):
                continue
            said = (
                f"{run.day.name} has a run and work that is hard on the legs."
                if apart == 0
                else f"The run on {run.day.name} is a day from {legs.day.name}, which is hard on the legs."
            )
            yield Violation(said, day=run.day.id)


def _long(asked: StudiedLine) -> bool:
    """Whether it is a run of its own, not a warm-up: a quarter of an hour and more."""
    return (
        asked.prescription is not None
        and line_seconds(TimedLine(asked.prescription, asked.exercise, None)) >= LONG_SECONDS
    )


CHECK = Check(
    id="run-beside-legs",
    level="week",
    severity=Severity.QUESTION,
    title="A run beside heavy legs",
    why="Tired legs run badly, and run legs lift badly; a day between serves both.",
    source="House rule",
    look=_look,
)
