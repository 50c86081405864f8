"""One row of the ledger of performed sets."""

from dataclasses import dataclass
from datetime import datetime
from enum import StrEnum

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ExerciseId, LineId, PersonId
from upright_anvil.core.ledger.how import NOTHING_SEEN, How
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.bounds import MAX_METRES, MAX_REPS, MAX_RESERVE, MAX_SETS, MAX_WORK_SECONDS
from upright_anvil.core.prescription.schemes.base import write_time
from upright_anvil.core.prescription.targets import distance_words, duration_words


class Outcome(StrEnum):
    """What became of a set: done, skipped on purpose, or taken back (the row that cleared it is kept too)."""

    DONE = "done"
    SKIPPED = "skipped"
    CLEARED = "cleared"


@dataclass(frozen=True, slots=True)
class SetPosition:
    """The place a set belongs to: a line of the plan and the number of the set, from 1.

    Ramp-up sets of a line are counted apart: ``ramp`` says that it is one of them.
    """

    line: LineId
    number: int
    ramp: bool = False


def amount_words(reps: int | None, seconds: int | None, metres: int | None, counted: int | None) -> str:
    """Say what was done: ``8 reps``, ``40 s, 14 reps``, ``3 km in 18:30``."""
    if reps is not None:
        return f"{reps} reps"
    if metres is not None:
        took = f" in {write_time(seconds)}" if seconds else ""
        return f"{distance_words(metres)}{took}"
    beside = f", {counted} reps" if counted is not None else ""
    return f"{duration_words(seconds or 0)}{beside}"


@dataclass(frozen=True, slots=True)
class PerformedSet:
    """What happened in one slot, as one device saw it.

    ``load`` follows the counting convention of the implement; for a body-weight move it is what was added, and
    ``assisted`` says it was taken off instead. ``reserve`` is repetitions left, None when nobody said. ``planned`` is
    the line's shorthand at that moment, empty for a set that was added. ``replaces`` is the row that stood in this
    slot when the device made this one, None when the slot was empty. ``actor_id`` is who logged it. ``how`` is what
    was seen of it beside the figures. Where each side went differently, ``how.left`` and ``how.right`` say so and the
    figure of the set is the lower. ``metres`` is the distance covered, with the seconds it took where they were taken.
    """

    id: str
    slot: SetPosition
    exercise: ExerciseId
    outcome: Outcome
    reps: int | None = None
    seconds: int | None = None
    load: Load | None = None
    assisted: bool = False
    reserve: int | None = None
    planned: str = ""
    note: str = ""
    replaces: str | None = None
    logged_at: datetime | None = None
    actor_id: PersonId | None = None
    how: How = NOTHING_SEEN
    metres: int | None = None

    def __post_init__(self) -> None:
        if not 1 <= self.slot.number <= 3 * MAX_SETS:
            raise DomainError(f"A set's number must be 1 to {3 * MAX_SETS}, not {self.slot.number}.")
        counted, timed = self.reps is not None, self.seconds is not None or self.metres is not None
        if self.outcome is Outcome.DONE and counted == timed:
            raise DomainError("A set that was done has repetitions, or seconds, or a distance and its time.")
        if self.reps is not None and not 0 <= self.reps <= MAX_REPS:
            raise DomainError(f"Repetitions must be 0 to {MAX_REPS}, not {self.reps}.")
        if self.seconds is not None and not 0 <= self.seconds <= MAX_WORK_SECONDS:
            raise DomainError(f"Seconds must be 0 to {MAX_WORK_SECONDS}, not {self.seconds}.")
        if self.metres is not None and not 0 <= self.metres <= MAX_METRES:
            raise DomainError(f"Metres must be 0 to {MAX_METRES}, not {self.metres}.")
        if self.how.counted is not None and (self.seconds is None or self.metres is not None):
            raise DomainError("Repetitions are counted beside the seconds of work by the clock.")
        self.how.check(self.reps if self.reps is not None else self.seconds)
        if self.reserve is not None and not 0 <= self.reserve <= MAX_RESERVE:
            raise DomainError(f"Reps left must be 0 to {MAX_RESERVE}, not {self.reserve}.")

    @property
    def amount(self) -> str:
        """What was done, in words. See `amount_words`."""
        return amount_words(self.reps, self.seconds, self.metres, self.how.counted)
