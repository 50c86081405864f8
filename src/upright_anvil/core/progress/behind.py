"""Who falls behind, and what any notice of a client is: one line of evidence. House rules."""

from dataclasses import dataclass
from datetime import date
from enum import StrEnum
from typing import Final

LOOKS_BACK: Final = 21
"""Days of planned sessions looked back on."""

MISSED_FROM: Final = 2
HELD_SHARE: Final = 0.7
"""Falling behind: two planned sessions or more not held, and less than seven in ten held."""


class Trouble(StrEnum):
    """What wants a look, the most pressing first."""

    BEHIND = "falling behind"
    FALLING = "falling"
    STALLED = "stalling"


@dataclass(frozen=True, slots=True)
class Notice:
    """One thing that wants a look: what, one line of evidence, and the exercise it is about (empty: the client)."""

    trouble: Trouble
    text: str
    exercise: str = ""


def behind(held: int, planned: int, last: date | None, today: date) -> Notice | None:
    """Answer whether a client falls behind the plan of the last three weeks; None where not."""
    if planned - held < MISSED_FROM or held >= planned * HELD_SHARE:
        return None
    since = f"last on {last:%d %b}" if last is not None else "never yet"
    if last is not None and last == today:
        since = "back today"
    return Notice(Trouble.BEHIND, f"{held} of {planned} sessions in three weeks, {since}.")
