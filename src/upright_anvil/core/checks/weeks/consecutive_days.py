"""The same muscle hard on consecutive days.

Five fractional hard sets or more on both; weeks are a circle, so that Sunday stands beside Monday. The fix moves
the second day to a weekday with room.
"""

from collections.abc import Iterator
from itertools import pairwise

from upright_anvil.core.checks.model import Check, Fix, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedWeek
from upright_anvil.core.plan.edits.days import ChangeDay

HARD = 5
DAYS = 7
NAMES = ("Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday")


def _look(week: StudiedWeek, _who: Standpoint) -> Iterator[Violation]:
    for first, second in pairwise((*week.days, *week.days[:1])):
        if (second.day.weekday - first.day.weekday) % DAYS != 1 or second.day.top_up:
            continue
        hard = [m for m, sets in second.muscles.items() if sets >= HARD and first.muscles.get(m, 0) >= HARD]
        if hard:
            yield Violation(
                f"{first.day.name} and {second.day.name} follow each other, both hard on {', '.join(sorted(hard))}.",
                day=second.day.id,
                fix=_apart(week, second),
            )


def _apart(week: StudiedWeek, day: StudiedDay) -> Fix | None:
    taken = {d.day.weekday for d in week.days if d is not day}
    free = [n for n in range(DAYS) if not taken & {(n - 1) % DAYS, n, (n + 1) % DAYS}]
    if not free:
        return None
    to = min(free, key=lambda n: (abs(n - day.day.weekday), n))
    return Fix(f"Move {day.day.name} to {NAMES[to]}", (ChangeDay(day=day.day.id, name=day.day.name, weekday=to),))


CHECK = Check(
    id="consecutive-days",
    level="week",
    severity=Severity.QUESTION,
    title="Hard on consecutive days",
    why="A muscle worked hard wants about two days before it is worked hard again.",
    source="ACSM, MSSE 2009;41:687; house rule",
    look=_look,
)
