"""A phase with no training days."""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedPhase


def _look(phase: StudiedPhase, _who: Standpoint) -> Iterator[Violation]:
    if not phase.phase.days:
        yield Violation(f"{phase.phase.name} has no training days.")


CHECK = Check(
    id="empty-phase",
    level="phase",
    severity=Severity.NOTE,
    title="A phase without days",
    why="A phase without days is weeks of nothing in the calendar.",
    source="House rule",
    look=_look,
)
