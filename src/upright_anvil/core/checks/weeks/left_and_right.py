"""Left and right unequal.

A left-only line owes a right-only one in the same week.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedWeek
from upright_anvil.core.prescription.model import SideRule


def _look(week: StudiedWeek, _who: Standpoint) -> Iterator[Violation]:
    left = sum(
        len(a.prescription.plans) for a in week.asked if a.prescription and a.prescription.side is SideRule.LEFT_ONLY
    )
    right = sum(
        len(a.prescription.plans) for a in week.asked if a.prescription and a.prescription.side is SideRule.RIGHT_ONLY
    )
    if left != right:
        yield Violation(f"{left} sets for the left side only, {right} for the right.")


CHECK = Check(
    id="left-and-right",
    level="week",
    severity=Severity.QUESTION,
    title="Left and right unequal",
    why="What one side gets the other is owed, unless it is meant to catch up.",
    source="Rules, prescription",
    look=_look,
)
