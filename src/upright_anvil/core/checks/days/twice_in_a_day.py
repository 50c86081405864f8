"""The same exercise twice in one session, ramp-up aside."""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay
from upright_anvil.core.exercises import ExerciseKind
from upright_anvil.core.prescription.model import SideRule

ONE_SIDE = frozenset({SideRule.LEFT_ONLY, SideRule.RIGHT_ONLY})
"""The left in one line and the right in another are one exercise, not two."""
FINE = frozenset({ExerciseKind.WARM_UP, ExerciseKind.MOBILITY, ExerciseKind.CARDIO, ExerciseKind.STRETCH})


def _look(day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    seen: dict[str, set[SideRule | None]] = {}
    for asked in day.asked:
        if not asked.prescription or asked.prescription.ramp or asked.exercise.kind in FINE:
            continue
        sides = seen.setdefault(asked.exercise.id, set())
        if sides and not (sides | {asked.prescription.side} <= ONE_SIDE and asked.prescription.side not in sides):
            if asked.line.reason:
                continue
            yield Violation(
                f"{asked.exercise.name} stands twice in {day.day.name}.", day=day.day.id, line=asked.line.id
            )
        sides.add(asked.prescription.side)


CHECK = Check(
    id="twice-in-a-day",
    level="day",
    severity=Severity.QUESTION,
    title="The same exercise twice",
    why="Two lines of one exercise are usually a slip of copying.",
    source="House rule",
    look=_look,
)
