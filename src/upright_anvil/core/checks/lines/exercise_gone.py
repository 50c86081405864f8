"""A line whose exercise was removed from the library.

The plan still names it and it is still trained; cues, muscles and substitutes are gone with it.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    if asked.text and asked.exercise.removed:
        yield Violation(f"{asked.exercise.name} is no longer in the library.", line=asked.line.id)


CHECK = Check(
    id="exercise-gone",
    level="line",
    severity=Severity.QUESTION,
    title="Exercise no longer in the library",
    why="Without its entry nobody knows its muscles, joints and kit.",
    source="House rule",
    look=_look,
)
