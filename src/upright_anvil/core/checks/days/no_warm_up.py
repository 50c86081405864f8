"""A session that starts without a warm-up.

For those who are new, not active so far or mind a joint.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay
from upright_anvil.core.exercises import ExerciseKind
from upright_anvil.core.health.history import State
from upright_anvil.core.plan.document import Section

PREPARING = frozenset({ExerciseKind.WARM_UP, ExerciseKind.MOBILITY})


def _look(day: StudiedDay, who: Standpoint) -> Iterator[Violation]:
    minded = who.is_new or any(at.state is not State.OVER for at in day.profile.standing)
    warm = any(a.group.section is Section.WARM_UP or a.exercise.kind in PREPARING for a in day.asked)
    if minded and day.trained and not warm:
        yield Violation(f"{day.day.name} starts without a warm-up.", day=day.day.id)


CHECK = Check(
    id="no-warm-up",
    level="day",
    severity=Severity.NOTE,
    title="No warm-up",
    why="A few easy minutes first help most those who are new or mind a joint.",
    source="House rule",
    look=_look,
)
