"""An easier week that is due or earned after a session."""

from dataclasses import dataclass
from datetime import date

from upright_anvil.core.health.readiness import ReadinessGrade, Report, grade
from upright_anvil.core.ids import ClientId, WeekId
from upright_anvil.core.plan.changing.easing import built_before, week_after
from upright_anvil.core.plan.document import Program, Section, WeekKind
from upright_anvil.core.plan.locate import find_phase, week_index
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.progression.easier_week import EasierKind, easier_week
from upright_anvil.services.floor.session import FoundSession
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log.floor import readiness_of_client


@dataclass(frozen=True, slots=True)
class EasierNext:
    """That an easier week is due or earned and why, and the week that can be made one."""

    kind: EasierKind
    why: str
    phase_id: str
    week_id: WeekId
    week: int


def grades_of(scope: Scope, client_id: ClientId, until: date) -> list[ReadinessGrade]:
    """Answer the client's last reports of readiness up to a day, oldest first."""
    rows = readiness_of_client(scope, client_id, until)
    return [grade(Report(row.sleep, row.energy, row.stress, row.soreness)) for row in rows]


def easier_next(
    scope: Scope, found: FoundSession, program: Program, profile: ClientProfile, on: date
) -> EasierNext | None:
    """Answer whether an easier week is due or earned after a session; None where next week eases off already."""
    after = week_after(program, found.phase.id, found.week)
    if after is None:
        return None
    phase = find_phase(program, after[0])
    if phase.weeks[week_index(phase, after[1])].kind is WeekKind.EASE_OFF:
        return None
    week = found.phase.weeks[found.week]
    main = [line for group in found.day.groups if group.section is Section.MAIN for line in group.lines]
    trained = dict.fromkeys(line.exercise_in(week) for line in main)
    known = profile.known.strengths
    lifts = [(profile.exercise(e).name, known[e]) for e in trained if e in known]
    built = built_before(program, found.phase.id, found.week)
    said = easier_week(lifts, grades_of(scope, found.program.client_id, on), built)
    return EasierNext(said.kind, said.why, *after) if said is not None else None
