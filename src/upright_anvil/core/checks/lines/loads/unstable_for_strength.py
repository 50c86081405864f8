"""An unstable or partial move as main work for strength.

Less load on a wobbling base, so less of what builds strength; fine as variety or for balance.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.goals import GoalKind


def _look(asked: StudiedLine, _day: StudiedDay, who: Standpoint) -> Iterator[Violation]:
    if (
        asked.prescription
        and asked.is_main
        and not asked.exercise.stable
        and who.wants(GoalKind.STRENGTH, GoalKind.SIZE)
    ):
        yield Violation(
            f"{asked.exercise.name} is an unstable variant in the main section, for {who.goal}.",
            line=asked.line.id,
            swap=True,
        )


CHECK = Check(
    id="unstable-for-strength",
    level="line",
    severity=Severity.QUESTION,
    title="Unstable work for a strength goal",
    why="On an unstable base less can be lifted; strength follows the load.",
    source="House rule",
    look=_look,
)
