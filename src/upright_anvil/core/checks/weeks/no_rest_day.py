"""No day without training."""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedWeek

DAYS = 7


def _look(week: StudiedWeek, _who: Standpoint) -> Iterator[Violation]:
    weekdays = {day.day.weekday for day in week.days if day.trained}
    if len(weekdays) >= DAYS:
        yield Violation("Every day of the week is trained.")


CHECK = Check(
    id="no-rest-day",
    level="week",
    severity=Severity.QUESTION,
    title="No rest day",
    why="A week with no free day leaves nowhere for a missed session to go.",
    source="House rule",
    look=_look,
)
