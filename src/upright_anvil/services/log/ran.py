"""The programs a client has trained by over the years, each with the days on which it ran."""

from dataclasses import dataclass
from datetime import date, timedelta

from upright_anvil.core.ids import ClientId
from upright_anvil.core.plan.document import Program
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.tables import ProgramRow


@dataclass(frozen=True, slots=True)
class ProgramRun:
    """A program as it holds, and the first and last day on which it ran: to its end, or the next program's start."""

    row: ProgramRow
    program: Program
    first: date
    last: date


def programs_run(scope: Scope, client_id: ClientId, today: date, since: date = date.min) -> list[ProgramRun]:
    """Answer the client's programs that have begun, oldest first; the later of two takes over where they overlap.

    Those before the one that held on the day ``since`` are left out.
    """
    found: list[ProgramRun] = []
    after = date.max
    begun = [row for row in programs.programs_since(scope, client_id, min(since, today)) if row.starts_on <= today]
    current = programs.current_of(scope, [row.id for row in begun])
    for row in begun:
        program = current[row.id].program
        last = min(program.end, row.ended_on or date.max, after - timedelta(days=1))
        if last >= row.starts_on:
            found.append(ProgramRun(row, program, row.starts_on, last))
            after = row.starts_on
    return found[::-1]
