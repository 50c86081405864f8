"""What stands still of a client, worked out from the whole log: read only where it is not kept yet (`alerts`)."""

from datetime import date, timedelta

from upright_anvil.core.ids import ClientId
from upright_anvil.core.plan.document import Program, Section
from upright_anvil.core.progress.behind import Notice
from upright_anvil.core.progress.standing_still import standing_still
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.tables import ProgramRow


def what_stands_still(scope: Scope, client_id: ClientId, program: ProgramRow, today: date) -> Notice | None:
    """Answer the main lift of the weeks now that falls or stands still."""
    main = _main_lifts(programs.revision(scope, program.id, program.revision).program, today)
    profile = client_profile(scope, client_id, today, paced=False)
    known = profile.known.strengths
    return standing_still([(profile.exercise(name).name, strength) for name, strength in known.items() if name in main])


def _main_lifts(program: Program, today: date) -> set[str]:
    now = [phase for phase, _, monday in program.weeks() if monday <= today < monday + timedelta(days=7)]
    phases = now or [program.phases[-1]]
    return {
        exercise
        for day in phases[0].days
        for group in day.groups
        if group.section is Section.MAIN
        for line in group.lines
        for exercise in (line.exercise, line.exercise_b)
        if exercise
    }
