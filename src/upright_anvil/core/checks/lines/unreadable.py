"""A cell that cannot be read as a prescription.

It stays as typed and is trained as nothing: no time, no sets, no log against it. Example: ``3 x heavy``.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    if asked.text and asked.prescription is None:
        yield Violation(f"{asked.exercise.name}: '{asked.text}' cannot be read.", line=asked.line.id)


CHECK = Check(
    id="unreadable",
    level="line",
    severity=Severity.ERROR,
    title="A line that cannot be read",
    why="What cannot be read counts no time and no sets, and the floor cannot lead through it.",
    source="House rule",
    look=_look,
)
