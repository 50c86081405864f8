"""As many repetitions as possible on a lift that cannot be dropped safely.

Barbell squats, hinges, presses and overhead work, and anything unstable. The fix keeps two in reserve.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.fixes import rewrite
from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.exercises import Pattern
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.prescription.targets import Most

LEFT = 2
RISKY = frozenset({Pattern.SQUAT, Pattern.HINGE, Pattern.LUNGE, Pattern.PUSH_HORIZONTAL, Pattern.PUSH_VERTICAL})


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    asks = asked.prescription
    if asks is None or not any(isinstance(plan.target, Most) for plan in asks.plans) or (asks.left or 0) >= LEFT:
        return
    barbell = asked.exercise.implement_at(asked.profile.inventory) is ImplementKind.BARBELL
    if (barbell and asked.exercise.pattern in RISKY) or not asked.exercise.stable:
        fix = rewrite(asked, f"Leave {LEFT}", reserve=LEFT, rpe=None)
        yield Violation(
            f"{asked.exercise.name}: as many as possible with {asks.left or 0} left.", line=asked.line.id, fix=fix
        )


CHECK = Check(
    id="max-on-risky",
    level="line",
    severity=Severity.CAUTION,
    title="As many as possible on a risky lift",
    why="A last repetition that fails under a bar has nowhere to go; two in reserve give the same set a way out.",
    source="House rule",
    look=_look,
)
