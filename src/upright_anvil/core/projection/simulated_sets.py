"""What a client of some strength would do of a prescription: the sets as they would be logged. House rules."""

from bisect import bisect_right
from functools import lru_cache
from math import inf, log
from typing import Final

from upright_anvil.core.constants import DEFAULT_RESERVE
from upright_anvil.core.ids import NO_EXERCISE, LineId
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.bounds import MAX_REPS
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, as_weight
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps, Seconds
from upright_anvil.core.strength.attempts import MANY_LEFT, TIRED_PER_SET
from upright_anvil.core.strength.estimate import share_of_max

_FALL: Final = [-log(share_of_max(r)) for r in range(1, MAX_REPS + 1)]
"""How far below the maximum a load is that can be done 1, 2, 3 … times (logarithm)."""

CLOSE: Final = 1e-9


def reps_to_failure_at(max_kg: float, moved_kg: float, steepness: float, place: int) -> int:
    """Answer how many repetitions can be done with a load (kg moved) after ``place`` sets; 0 where it is too heavy.

    The house curve, as steep as the client's own, and what each set before costs.
    """
    if moved_kg <= 0:
        return MAX_REPS
    room = (log(max_kg / moved_kg) - TIRED_PER_SET * place) / steepness if max_kg > 0 else -inf
    return bisect_right(_FALL, room + CLOSE)


def counted(asked: Prescription, target: Reps, moved_kg: float, max_kg: float, steepness: float) -> list[PerformedSet]:
    """Answer the sets of a counted line: up the range as far as the reserve asked allows, no further than its top."""
    wanted, rows = DEFAULT_RESERVE if asked.left is None else asked.left, []
    for place in range(asked.sets):
        most = reps_to_failure_at(max_kg, moved_kg, steepness, place)
        reps = min(max(most - wanted, min(target.low, most)), target.high)
        left = None if asked.left is None else min(most - reps, MANY_LEFT)
        rows.append(_row(asked.load, place, reps=reps, reserve=left))
    return rows


def held(asked: Prescription, target: Seconds, longest: float) -> list[PerformedSet]:
    """Answer the sets of a timed line: as long as asked, or as long as the client lasts (seconds)."""
    return [_row(asked.load, place, seconds=min(target.seconds, int(longest))) for place in range(asked.sets)]


@lru_cache(maxsize=4096)
def _row(
    asked: LoadTarget | None,
    place: int,
    reps: int | None = None,
    seconds: int | None = None,
    reserve: int | None = None,
) -> PerformedSet:
    """One set; the courses of a line share those that say the same."""
    load = as_weight(asked)
    hung = load.added if isinstance(load, BodyweightLoad) else load if isinstance(load, Load) else None
    return PerformedSet(
        id=f"ahead-{place}",
        slot=SetPosition(LineId("ahead"), place + 1),
        exercise=NO_EXERCISE,
        outcome=Outcome.DONE,
        reps=reps,
        seconds=seconds,
        load=hung,
        assisted=isinstance(load, BodyweightLoad) and load.assisted,
        reserve=reserve,
    )
