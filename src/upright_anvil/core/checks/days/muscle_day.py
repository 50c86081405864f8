"""Too many hard sets for one muscle in one session.

Beyond about ten fractional sets a session adds little but soreness; spread them over the week.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay
from upright_anvil.core.loads.load import plain
from upright_anvil.core.volume.bands import SOFT_EDGE

MOST = 10


def _look(day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    many = [f"{plain(sets)} for {muscle}" for muscle, sets in day.muscles.items() if sets > MOST * (1 + SOFT_EDGE)]
    if many:
        said = many[0].replace(" for ", " hard sets for ", 1)
        yield Violation(
            f"{day.day.name}: {', '.join([said, *many[1:]])}; beyond {MOST} in a session is a lot.", day=day.day.id
        )


CHECK = Check(
    id="muscle-day",
    level="day",
    severity=Severity.QUESTION,
    title="Too much of one muscle in a session",
    why="Sets beyond about ten for a muscle in one session add fatigue faster than gain.",
    source="House rule, from Pelland et al. 2025",
    look=_look,
)
