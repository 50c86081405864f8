"""A change to one session: what it does, why, and the edits that make it. It never touches the program itself."""

from collections.abc import Iterable
from dataclasses import dataclass
from enum import StrEnum

from upright_anvil.core.ids import NO_LINE, LineId
from upright_anvil.core.plan.edits import Edit


class Sort(StrEnum):
    """What a change of the day comes from."""

    AWAY = "away"
    READINESS = "readiness"
    LATE = "late"
    PLACE = "place"
    SWAP = "swap"
    LOAD = "load"
    DROP = "drop"
    ADD = "add"
    MOVE = "move"
    ROUND = "round"


@dataclass(frozen=True, slots=True)
class DayChange:
    """One change to a session. ``key`` names it within what was asked, ``line`` the line it is about, if one.

    A change without edits is only said: something that was looked at and left as it is.
    """

    key: str
    label: str
    why: str
    edits: tuple[Edit, ...] = ()
    line: LineId = NO_LINE


def edits_of(changes: Iterable[DayChange]) -> tuple[Edit, ...]:
    """Answer the edits of some changes in order."""
    return tuple(edit for change in changes for edit in change.edits)
