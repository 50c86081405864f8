"""Which days of the week a program is trained on: the client's fixed days first, else with room between. House rule."""

from collections.abc import Iterable, Sequence
from itertools import combinations
from typing import Final

WEEK_DAYS: Final = 7
MOST_DAYS: Final = 6
_SPREAD: Final = {1: (0,), 2: (0, 3), 3: (0, 2, 4), 4: (0, 1, 3, 4), 5: (0, 1, 2, 4, 5), 6: (0, 1, 2, 3, 4, 5)}


def training_days(days_a_week: int, fixed_days: Iterable[int] = ()) -> tuple[tuple[int, ...], tuple[str, ...]]:
    """Answer the weekdays of a week (Monday = 0) in order, and in words where fixed days and number do not fit.

    1 to 6 days; a seventh stays free. Of more fixed days than sessions those with the most room between are taken,
    of fewer the others lie where there is room.
    """
    wanted = min(max(days_a_week, 1), MOST_DAYS)
    told = ["Six days are planned: one day a week stays free."] if days_a_week > MOST_DAYS else []
    fixed = tuple(sorted({day for day in fixed_days if 0 <= day < WEEK_DAYS}))
    if not fixed:
        return _SPREAD[wanted], tuple(told)
    if len(fixed) < wanted:
        best = max(
            combinations([day for day in range(WEEK_DAYS) if day not in fixed], wanted - len(fixed)),
            key=lambda more: _room(sorted((*fixed, *more))),
        )
        told.append(f"Only {len(fixed)} days are fixed and {wanted} agreed: the others lie where there is room.")
        return tuple(sorted((*fixed, *best))), tuple(told)
    if len(fixed) > wanted:
        told.append(f"{len(fixed)} days are fixed and {wanted} agreed: those with the most room between are taken.")
    return max(combinations(fixed, wanted), key=_room), tuple(told)


def _room(days: Sequence[int]) -> tuple[int, int]:
    """The least days between two sessions, weeks being a circle, and how evenly they lie."""
    gaps = [(days[(n + 1) % len(days)] - day - 1) % WEEK_DAYS + 1 for n, day in enumerate(days)]
    return min(gaps), -sum(gap * gap for gap in gaps)


def days_apart(one: int, other: int) -> int:
    """Answer how many days lie from one weekday to another the shorter way round; weeks are a circle."""
    there = (other - one) % WEEK_DAYS
    return min(there, WEEK_DAYS - there)
