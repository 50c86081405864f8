"""What the checks find in a program, and trying a change before it is made."""

from collections.abc import Collection, Sequence
from dataclasses import replace
from datetime import date

from upright_anvil.core.checks.run import findings
from upright_anvil.core.ids import ProgramId
from upright_anvil.core.plan.edits import Edit, apply_edits
from upright_anvil.services.board.trial import TrialView, trial
from upright_anvil.services.board.typed import written_out
from upright_anvil.services.board.views import BoardChange, FindingsView, PhaseFindings
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.programs import Revision


def findings_of(scope: Scope, program_id: ProgramId, phase_id: str, today: date) -> FindingsView:
    """Answer what the checks find in one phase of the current revision. Raises `NotFoundError`."""
    revision = programs.current(scope, program_id)
    row = programs.program_row(scope, program_id)
    who = standpoint(scope, row.client_id, today)
    return FindingsView(revision.number, findings(revision.program, who, phase_id))


def with_findings(
    scope: Scope, change: BoardChange, saved: Revision, phases: Collection[str], today: date
) -> BoardChange:
    """Answer a change with what the checks find in some phases of what was saved; a phase that is gone is left out."""
    there = [phase.id for phase in saved.program.phases if phase.id in phases]
    if not there:
        return change
    who = standpoint(scope, programs.program_row(scope, saved.program_id).client_id, today)
    found = (FindingsView(saved.number, findings(saved.program, who, phase)) for phase in there)
    return replace(change, findings=tuple(map(PhaseFindings, there, found)))


def try_edits(scope: Scope, program_id: ProgramId, edits: Sequence[Edit], today: date) -> TrialView:
    """Answer what edits would change. Raises `DomainError` when one does not fit, `NotFoundError`."""
    now = programs.current(scope, program_id).program
    after = now
    for edit in edits:
        after = apply_edits(after, written_out(scope, program_id, after, edit, today))
    return trial(scope, program_id, now, after, today)
