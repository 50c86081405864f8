"""The volume of a phase's weeks: what is planned, and what was done of it."""

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.plan.document import Phase, Program, Section
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.volume.bands import Band
from upright_anvil.core.volume.hard_sets import PlannedLine
from upright_anvil.core.volume.weeks import WeekVolume, week_volume
from upright_anvil.services.ids import session_id
from upright_anvil.services.log.done import Done
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
        working = (g for g in day.groups if g.section not in (Section.WARM_UP, Section.COOL_DOWN))
        for line in (line for group in working for line in group.lines):
            exercise = profile.exercise(line.exercise_in(phase.weeks[week]))
            asked = prescription_or_none(line.cells[week].text, profile.unit)
            if asked:
                planned.append(PlannedLine(exercise, asked))
            for performed in done.get((sid, line.id), ()):
                did = profile.exercise(performed.exercise)
                real.append((performed, did))
    return week_volume(planned, real, band)
