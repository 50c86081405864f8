"""Programs that come to their end with nothing prepared behind them."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date, timedelta

from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.services.today.agenda import agenda_of
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.tables import ProgramRow

LAST_DAYS = 7
"""Days before its end from which a program without a next one is named. House rule."""

OVER_DAYS = 28
"""Days behind its end after which it is named no more: the client trains by something else, or not. House rule."""


@dataclass(frozen=True, slots=True)
class EndingProgram:
    """A program that ends: its name, its last day, and a sentence."""

    client_id: ClientId
    program_id: ProgramId
    name: str
    on: date
    text: str


def ending_programs(scope: Scope, running: Mapping[ClientId, ProgramRow], today: date) -> list[EndingProgram]:
    """Answer the running programs in their last week, or just over, whose client has no next one; soonest first."""
    followed = programs.clients_with_later_program(scope, today)
    found = []
    for client_id, program in running.items():
        agenda = agenda_of(scope, program)
        end = agenda.end
        if client_id in followed or not end - timedelta(days=LAST_DAYS) < today <= end + timedelta(days=OVER_DAYS):
            continue
        said = f"Ended on {end:%d %b}" if end < today else f"Ends on {end:%d %b}"
        found.append(EndingProgram(client_id, program.id, agenda.name, end, f"{said}; nothing is prepared after it"))
    return sorted(found, key=lambda one: one.on)
