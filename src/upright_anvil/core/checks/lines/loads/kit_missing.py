"""An exercise that the place has no kit for.

Example: a cable row planned for a hotel room.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    if not asked.prescription or asked.exercise.removed or asked.exercise.possible_at(asked.profile.inventory):
        return
    missing = list(asked.exercise.missing_at(asked.profile.inventory))
    if asked.exercise.implement_at(asked.profile.inventory) is None:
        missing.insert(0, " or ".join(asked.exercise.implements))
    yield Violation(
        f"{asked.exercise.name} needs {', '.join(missing)}, which the place does not have.",
        line=asked.line.id,
        swap=True,
    )


CHECK = Check(
    id="kit-missing",
    level="line",
    severity=Severity.CAUTION,
    title="Kit that is not there",
    why="What is not there cannot be lifted; better known now than on the day.",
    source="House rule",
    look=_look,
)
