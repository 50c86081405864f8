"""A day with nothing on it."""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay


def _look(day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    if not day.day.groups:
        yield Violation(f"{day.day.name} has no exercises yet.", day=day.day.id)


CHECK = Check(
    id="empty-day",
    level="day",
    severity=Severity.NOTE,
    title="Nothing planned",
    why="An empty day stands in the calendar and on the floor.",
    source="House rule",
    look=_look,
)
