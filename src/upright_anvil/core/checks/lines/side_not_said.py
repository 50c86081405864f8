"""A one-sided exercise that does not say each side.

The slip halves or doubles the work. The fix writes each side.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.fixes import rewrite
from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    asks = asked.prescription
    if asks and asked.exercise.one_sided and not asks.each_side and asks.side is None:
        yield Violation(
            f"{asked.exercise.name} is done one side at a time, and the line does not say each side.",
            line=asked.line.id,
            fix=rewrite(asked, "Each side", each_side=True),
        )


CHECK = Check(
    id="side-not-said",
    level="line",
    severity=Severity.QUESTION,
    title="One side or each?",
    why="A one-sided move counts each side; without it nobody knows whether both are meant.",
    source="Rules, prescription",
    look=_look,
)
