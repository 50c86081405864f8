"""What the checks find in a program, and trying a change before it is made."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date

from upright_anvil.core.checks.model import Finding
from upright_anvil.core.checks.run import findings
from upright_anvil.core.ids import ProgramId
from upright_anvil.core.plan.compare import Difference, compare
from upright_anvil.core.plan.edits import Edit, apply_edits
from upright_anvil.core.plan.reading import day_estimate
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store import programs
from upright_anvil.store.database import Scope


@dataclass(frozen=True, slots=True)
class FindingsView:
    """The findings of one phase, at one revision."""

    revision: int
    findings: tuple[Finding, ...]


@dataclass(frozen=True, slots=True)
class MinutesChange:
    """What an edit does to the minutes of a session."""

    day: str
    week: int
    before: int
    after: int


@dataclass(frozen=True, slots=True)
class TrialView:
    """What edits would change, without making them: cells and order, minutes, findings that go and that come."""

    differences: tuple[Difference, ...]
    minutes: tuple[MinutesChange, ...]
    gone: tuple[str, ...]
    new: tuple[str, ...]


def findings_of(scope: Scope, program_id: ProgramId, phase_id: str, today: date) -> FindingsView:
    """Answer what the checks find in one phase of the current revision. Raises `NotFoundError`."""
    revision = programs.current(scope, program_id)
    row = programs.program_row(scope, program_id)
    who = standpoint(scope, row.client_id, today)
    return FindingsView(revision.number, findings(revision.program, who, phase_id))


def try_edits(scope: Scope, program_id: ProgramId, edits: Sequence[Edit], today: date) -> TrialView:
    """Answer what edits would change. Raises `DomainError` when one does not fit, `NotFoundError`."""
    row, now = programs.program_row(scope, program_id), programs.current(scope, program_id).program
    after = apply_edits(now, edits)
    who = standpoint(scope, row.client_id, today)
    names = {e.id: e.name for e in all_exercises(scope).values()}
    had = {f.message for f in findings(now, who) if not f.answered}
    has = {f.message for f in findings(after, who) if not f.answered}
    minutes = []
    for phase, changed in zip(now.phases, after.phases, strict=False):
        days = {day.id: day for day in changed.days}
        for day in phase.days:
            for index in range(min(len(phase.weeks), len(changed.weeks))):
                later = days.get(day.id)
                before = round(day_estimate(day, phase.weeks, index, who.profile) / 60)
                then = round(day_estimate(later, changed.weeks, index, who.profile) / 60) if later else 0
                if before != then:
                    minutes.append(MinutesChange(day.name, index + 1, before, then))
    return TrialView(compare(now, after, names), tuple(minutes), tuple(sorted(had - has)), tuple(sorted(has - had)))
