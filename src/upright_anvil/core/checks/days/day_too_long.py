"""A session that does not fit the client's minutes.

The estimate counts sets, rests, changes and the client's pace; the day's own minutes come before the client's.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay


def _look(day: StudiedDay, who: Standpoint) -> Iterator[Violation]:
    limit, needs = day.day.minutes or who.minutes, round(day.seconds / 60)
    if needs > limit:
        yield Violation(f"{day.day.name} takes about {needs} min; there are {limit}.", day=day.day.id)


CHECK = Check(
    id="day-too-long",
    level="day",
    severity=Severity.CAUTION,
    title="Longer than the hour",
    why="What does not fit is cut on the day, and then from the end.",
    source="Rules, time",
    look=_look,
)
