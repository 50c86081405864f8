"""More training days than the client has."""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedWeek


def _look(week: StudiedWeek, who: Standpoint) -> Iterator[Violation]:
    planned = [day for day in week.days if day.trained and not day.day.top_up]
    if len(planned) > who.days_a_week:
        yield Violation(f"{len(planned)} days are planned; the client has {who.days_a_week} a week.")


CHECK = Check(
    id="days-wanted",
    level="week",
    severity=Severity.QUESTION,
    title="More days than the client has",
    why="Days the client does not have turn into missed sessions.",
    source="House rule",
    look=_look,
)
