"""When a battery is due again."""

from dataclasses import dataclass
from datetime import date, timedelta

SOON_DAYS = 7
"""Days before its date from which a re-test is shown. House rule."""


@dataclass(frozen=True, slots=True)
class Due:
    """The day something is due, and how many days late it is (negative: still to come)."""

    on: date
    late: int

    @property
    def shown(self) -> bool:
        """Answer whether it is near enough to be shown."""
        return self.late >= -SOON_DAYS


def due_again(last: date, repeat_weeks: int, today: date) -> Due:
    """Answer when a battery last done on a day is due again. House rule: each battery names its weeks."""
    on = last + timedelta(weeks=repeat_weeks)
    return Due(on, (today - on).days)
