"""How long files are kept after a client was there last, and whose are due: nothing is erased by itself."""

from dataclasses import dataclass
from datetime import date
from typing import Final

from upright_anvil.core.ids import ClientId
from upright_anvil.store.client import clients
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import training_sessions
from upright_anvil.store.studio import settings as store

YEARS: Final = 3
"""Years without a set figure. House rule: how long must or may be is local law and the studio's insurer's say."""

_NAME = "retention_years"


@dataclass(frozen=True, slots=True)
class DueFile:
    """A file that is kept longer than the studio means to: when the client was there last, and whether they left."""

    client_id: ClientId
    client: str
    last_on: date
    former: bool


@dataclass(frozen=True, slots=True)
class Retention:
    """The studio's period in years, and the files it has run out for, the oldest first."""

    years: int
    due: tuple[DueFile, ...]


def retention(scope: Scope, today: date) -> Retention:
    """Answer the period and whose files are due."""
    years = int(store.settings(scope).get(_NAME, YEARS))
    last = training_sessions.last_sessions(scope)
    found = [(last.get(row.id, row.created_at.date()), row) for row in clients.all_clients(scope)]
    due = [DueFile(row.id, row.name, on, row.former) for on, row in found if _years_later(on, years) <= today]
    return Retention(years, tuple(sorted(due, key=lambda file: (file.last_on, file.client))))


def _years_later(day: date, years: int) -> date:
    try:
        return day.replace(year=day.year + years)
    except ValueError:
        return date(day.year + years, 3, 1)  # the 29th of February


def change_retention(scope: Scope, years: int, today: date) -> Retention:
    """Change the period."""
    store.keep_setting(scope, _NAME, str(years), of_all=True)
    scope.db.flush()
    return retention(scope, today)
