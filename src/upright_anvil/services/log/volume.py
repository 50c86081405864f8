"""The volume of a phase's weeks: what is planned, and what was done of it."""

from collections.abc import Mapping, Sequence
from functools import cache
from typing import NamedTuple

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import DayId, ExerciseId, ProgramId, WeekId
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.plan.document import Day, Line, Phase, Program
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.volume.bands import Band
from upright_anvil.core.volume.hard_sets import PlannedLine, counts_as_hard, hard_sets
from upright_anvil.core.volume.weeks import WeekVolume, week_volume
from upright_anvil.services.ids import session_id
from upright_anvil.services.log.done import Done
from upright_anvil.store.log.history import BriefSet
from upright_anvil.store.tables import ProgramRow


def phase_volume(
    row: ProgramRow, program: Program, phase: Phase, profile: ClientProfile, done: Done, band: Band
) -> tuple[WeekVolume, ...]:
    """Answer each week's volume; unreadable lines count nothing."""
    return tuple(_week(row, program, phase, week, profile, done, band) for week in range(len(phase.weeks)))


def _week(
    row: ProgramRow, program: Program, phase: Phase, week: int, profile: ClientProfile, done: Done, band: Band
) -> WeekVolume:
    planned: list[PlannedLine] = []
    real: list[tuple[PerformedSet, Exercise]] = []
    for day in phase.days:
        sid = session_id(row.id, phase.weeks[week].id, program.held_by(phase.weeks[week].id, day.id))
        for line in _working(day):
            exercise = profile.exercise(line.exercise_in(phase.weeks[week]))
            asked = prescription_or_none(line.cells[week].text, profile.unit)
            if asked:
                planned.append(PlannedLine(exercise, asked))
            for performed in done.get((sid, line.id), ()):
                did = profile.exercise(performed.exercise)
                real.append((performed, did))
    return week_volume(planned, real, band)


def _working(day: Day) -> list[Line]:
    """The lines of a day that count: none of those that warm up or cool down."""
    groups = (g for g in day.groups if not g.preparing)
    return [line for group in groups for line in group.lines]


class SetCount(NamedTuple):
    """Hard sets of a week, planned and done."""

    planned: int
    done: int


class SetCounts:
    """Counts the hard sets of weeks, as `core.volume.weeks.week_volume` does, where no more is asked of a whole year.

    ``done`` are the sets that were done in each week's sessions.
    """

    def __init__(
        self, profile: ClientProfile, done: Mapping[tuple[ProgramId, WeekId, DayId], Sequence[BriefSet]]
    ) -> None:
        self._profile, self._done = profile, done
        self._asked = cache(self._asked_of)

    def of(self, program_id: ProgramId, program: Program, phase: Phase, week: int) -> SetCount:
        """Answer a week's sets; unreadable lines count nothing."""
        held_in = phase.weeks[week]
        planned = done = 0
        for day in phase.days:
            rows = self._done.get((program_id, held_in.id, program.held_by(held_in.id, day.id)), ())
            working = {line.id: line for line in _working(day)}
            planned += sum(self._asked(ln.exercise_in(held_in), ln.cells[week].text) for ln in working.values())
            done += sum(row.line in working and self._counts(row) for row in rows)
        return SetCount(planned, done)

    def _asked_of(self, exercise: ExerciseId, text: str) -> int:
        asked = prescription_or_none(text, self._profile.unit)
        return hard_sets(PlannedLine(self._profile.exercise(exercise), asked)) if asked else 0

    def _counts(self, row: BriefSet) -> bool:
        return counts_as_hard(self._profile.exercise(row.exercise), row.reps, row.seconds, row.metres, row.reserve)
