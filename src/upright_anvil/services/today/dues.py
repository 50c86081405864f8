"""What is due for clients: screens and clearances first, then programs that end, then re-tests."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date
from enum import StrEnum

from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.services.assessment.due import due_batteries
from upright_anvil.services.health.health_file import all_screenings
from upright_anvil.services.today.ending import ending_programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.tables import ProgramRow


class DueKind(StrEnum):
    """What is due."""

    RETEST = "re-test"
    PROGRAM = "program ends"
    SCREEN = "health screen"
    CLEARANCE = "clearance"


@dataclass(frozen=True, slots=True)
class DueToday:
    """Something due for a client: what, its name, the day, the days it is late (negative: to come), one sentence.

    ``program_id`` is the program it is about, None for the others.
    """

    kind: DueKind
    client_id: ClientId
    client: str
    name: str
    on: date | None
    late: int
    text: str
    program_id: ProgramId | None = None


def dues_of(
    scope: Scope, running: Mapping[ClientId, ProgramRow], names: Mapping[ClientId, str], today: date
) -> tuple[DueToday, ...]:
    """Answer what is due for clients, given by name and with the program that runs."""
    return (
        *_health_dues(scope, names, today),
        *_endings(scope, running, names, today),
        *_retests(scope, names, today),
    )


def _health_dues(scope: Scope, names: Mapping[ClientId, str], today: date) -> list[DueToday]:
    """Clearances not recorded first, then screens that are missing or old."""
    dues = []
    for who, standing in all_screenings(scope, list(names), today).items():
        if standing.awaited and standing.outcome:
            text = standing.reminder or standing.reason
            dues.append(DueToday(DueKind.CLEARANCE, who, names[who], standing.outcome, None, 0, text))
        elif standing.due:
            late = (today - standing.repeat_on).days if standing.repeat_on else 0
            text = standing.reminder or standing.reason
            dues.append(DueToday(DueKind.SCREEN, who, names[who], "Health screen", standing.repeat_on, late, text))
    return sorted(dues, key=lambda d: (d.kind is not DueKind.CLEARANCE, d.client))


def _endings(
    scope: Scope, running: Mapping[ClientId, ProgramRow], names: Mapping[ClientId, str], today: date
) -> list[DueToday]:
    return [
        DueToday(
            DueKind.PROGRAM,
            one.client_id,
            names[one.client_id],
            one.name,
            one.on,
            (today - one.on).days,
            one.text,
            one.program_id,
        )
        for one in ending_programs(scope, running, today)
    ]


def _retests(scope: Scope, names: Mapping[ClientId, str], today: date) -> list[DueToday]:
    dues = [d for d in due_batteries(scope, None, today) if d.due.shown and d.client_id in names]
    dues.sort(key=lambda d: (-d.due.late, names[d.client_id], d.name))
    return [
        DueToday(
            DueKind.RETEST,
            d.client_id,
            names[d.client_id],
            d.name,
            d.due.on,
            d.due.late,
            f"Last on {d.last:%d %b %Y}",
        )
        for d in dues
    ]
