"""Who falls behind and what stands still, with one line of evidence each. House rules."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date
from enum import StrEnum
from typing import Final

from upright_anvil.core.progression.judgements.plateau import falls, no_useful_gain
from upright_anvil.core.strength.standing import Strength

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


def standing_still(lifts: Sequence[tuple[str, Strength]]) -> Notice | None:
    """Answer the lift that falls or stands still most surely, of names with their strength; None where all rise."""
    found = []
    for name, strength in lifts:
        line = strength.lately if falls(strength) else strength.ten_weeks if no_useful_gain(strength) else None
        if line is None:
            continue
        trouble = Trouble.FALLING if line.way == "falling" else Trouble.STALLED
        weeks = round(line.days / 7)
        text = f"{name}: {line.week * 100:+.1f} % a week over {weeks} weeks, {line.best * 100:+.1f} % at best."
        found.append((line.best, Notice(trouble, text, strength.exercise)))
    return min(found, key=lambda entry: entry[0])[1] if found else None
