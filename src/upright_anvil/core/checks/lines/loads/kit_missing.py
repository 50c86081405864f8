"""An exercise that the place has no kit for.

Example: a cable row planned for a hotel room.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.plan.read_out.resolving import lifted_with


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    place = asked.profile.inventory
    if not asked.prescription or asked.exercise.removed or asked.exercise.possible_at(place):
        return
    missing = list(asked.exercise.missing_at(place))
    if lifted_with(asked.prescription, asked.exercise, place) is None:
        missing.insert(0, " or ".join(asked.exercise.implements))
    if not missing:
        return
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
