"""Which of a client's programs runs, which is prepared for later, and which is over. House rule."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date
from enum import StrEnum

from upright_anvil.core.ids import ProgramId


class ProgramStanding(StrEnum):
    """Where a program stands beside the client's others."""

    RUNS = "runs"
    PREPARED = "prepared"
    OVER = "over"


@dataclass(frozen=True, slots=True)
class ProgramDates:
    """What a program's standing goes by: its first Monday, the day it was ended by hand, and when it was made."""

    id: ProgramId
    start: date
    ended: date | None
    made: str


def running(programs: Sequence[ProgramDates], today: date) -> ProgramId | None:
    """Answer the program that runs: of those not ended the last to have begun, before that the first to begin.

    None where all are ended, or there are none. Of two that begin in the same week the one made later.
    """
    going = [one for one in programs if one.ended is None]
    begun = [one for one in going if one.start <= today]
    if begun:
        return max(begun, key=lambda one: (one.start, one.made)).id
    return min(going, key=lambda one: (one.start, one.made)).id if going else None


def standings(programs: Sequence[ProgramDates], today: date) -> dict[ProgramId, ProgramStanding]:
    """Answer where each program stands: beside the one that runs, what begins after it is prepared, else it is over."""
    runs = running(programs, today)
    found = {}
    for one in programs:
        later = one.ended is None and one.start > today
        found[one.id] = ProgramStanding.PREPARED if later else ProgramStanding.OVER
    return found if runs is None else found | {runs: ProgramStanding.RUNS}
