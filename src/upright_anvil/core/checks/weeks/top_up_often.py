"""Top-up sessions too often.

A short optional session for lagging groups: one a week, two at most.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedWeek

MOST = 2


def _look(week: StudiedWeek, _who: Standpoint) -> Iterator[Violation]:
    often = [day.day.name for day in week.days if day.day.top_up]
    if len(often) > MOST:
        yield Violation(f"{len(often)} top-up sessions in one week: {', '.join(often)}.")


CHECK = Check(
    id="top-up-often",
    level="week",
    severity=Severity.QUESTION,
    title="Top-ups too often",
    why="A top-up that comes as often as the plan is the plan, without its rest.",
    source="House rule",
    look=_look,
)
