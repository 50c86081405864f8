"""Which batteries are due again."""

from dataclasses import dataclass
from datetime import date

from upright_anvil.core.assessment.due import Due, due_again
from upright_anvil.core.ids import ClientId
from upright_anvil.store.client import testing
from upright_anvil.store.file.database import Scope


@dataclass(frozen=True, slots=True)
class DueBattery:
    """A battery a client did, and when it is due again."""

    client_id: ClientId
    battery: str
    name: str
    last: date
    due: Due


def due_batteries(scope: Scope, client_id: ClientId | None, today: date) -> tuple[DueBattery, ...]:
    """Answer the batteries of a client, or of all clients, by the day they are due again."""
    found = [
        DueBattery(client, battery, name, last, due_again(last, weeks, today))
        for client, battery, name, weeks, last in testing.latest_rounds(scope, client_id)
    ]
    return tuple(sorted(found, key=lambda d: (d.due.on, d.client_id)))
