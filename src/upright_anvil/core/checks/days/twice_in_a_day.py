"""The same exercise twice in one session, ramp-up aside."""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay
from upright_anvil.core.exercises import ExerciseKind

FINE = frozenset({ExerciseKind.WARM_UP, ExerciseKind.MOBILITY, ExerciseKind.CARDIO, ExerciseKind.STRETCH})


def _look(day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    seen: set[str] = set()
    for asked in day.asked:
        if not asked.prescription or asked.prescription.ramp or asked.exercise.kind in FINE:
            continue
        if asked.exercise.id in seen and not asked.line.reason:
            yield Violation(
                f"{asked.exercise.name} stands twice in {day.day.name}.", day=day.day.id, line=asked.line.id
            )
        seen.add(asked.exercise.id)


CHECK = Check(
    id="twice-in-a-day",
    level="day",
    severity=Severity.QUESTION,
    title="The same exercise twice",
    why="Two lines of one exercise are usually a slip of copying.",
    source="House rule",
    look=_look,
)
