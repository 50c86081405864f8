"""Too many different exercises for a beginner.

Each new move is learnt, not yet trained. Preparation is not counted.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay
from upright_anvil.core.exercises import ExerciseKind

MOST = 7
PREPARING = frozenset({ExerciseKind.WARM_UP, ExerciseKind.MOBILITY, ExerciseKind.STRETCH})


def _look(day: StudiedDay, who: Standpoint) -> Iterator[Violation]:
    if not who.is_new:
        return
    different = {a.exercise.id for a in day.asked if a.prescription and a.exercise.kind not in PREPARING}
    if len(different) > MOST:
        yield Violation(
            f"{day.day.name} has {len(different)} different exercises; in the first months {MOST} are plenty.",
            day=day.day.id,
        )


CHECK = Check(
    id="novelty",
    level="day",
    severity=Severity.QUESTION,
    title="Too much that is new",
    why="In the first months few moves, repeated often, are learnt fastest.",
    source="House rule",
    look=_look,
)
