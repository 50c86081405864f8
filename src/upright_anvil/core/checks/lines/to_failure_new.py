"""Sets to failure in the first months.

Beginners gain as well with two or three in reserve, and their form goes first. The fix leaves two.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.fixes import rewrite
from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.exercises import ExerciseKind
from upright_anvil.core.prescription.targets import Most


def _look(asked: StudiedLine, _day: StudiedDay, who: Standpoint) -> Iterator[Violation]:
    asks = asked.prescription
    if asks is None or not who.is_new or asked.exercise.kind is not ExerciseKind.LIFT:
        return
    as_many_as_possible = asks.left is None and any(isinstance(plan.target, Most) for plan in asks.plans)
    if asks.left == 0 or as_many_as_possible:
        fix = rewrite(asked, "Leave 2", reserve=2, rpe=None)
        yield Violation(
            f"{asked.exercise.name}: nothing left in reserve in the client's first months.", line=asked.line.id, fix=fix
        )


CHECK = Check(
    id="to-failure-new",
    level="line",
    severity=Severity.CAUTION,
    title="To failure in the first months",
    why="In the first months form fails before the muscle does.",
    source="ACSM, MSSE 2009;41:687; house rule",
    look=_look,
)
