"""Whose client somebody is: the trainer who leads, and who stands in for a while."""

from dataclasses import dataclass
from datetime import date

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, PersonId
from upright_anvil.core.people.roles import Permission, Role, may
from upright_anvil.store.client import clients
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import people
from upright_anvil.store.tables import ClientRow


@dataclass(frozen=True, slots=True)
class Leading:
    """Who leads a client, and who covers through which day; empty and None where nobody does."""

    lead_id: PersonId | None
    lead: str
    cover_id: PersonId | None
    cover: str
    cover_until: date | None
    mine: bool


def leading(scope: Scope, row: ClientRow, today: date) -> Leading:
    """Answer whose client somebody is today."""
    names = people.names(scope)
    covered = row.cover_id if row.cover_until is not None and row.cover_until >= today else None
    me = scope.actor.person_id
    return Leading(
        lead_id=row.lead_id,
        lead=names.get(row.lead_id, "") if row.lead_id else "",
        cover_id=covered,
        cover=names.get(covered, "") if covered else "",
        cover_until=row.cover_until if covered else None,
        mine=me is not None and me in (row.lead_id, covered),
    )


def mine_of(scope: Scope, today: date) -> frozenset[ClientId]:
    """Answer the clients whom somebody leads or covers today, and those whom nobody leads yet.

    Where there is nobody else it is everybody.
    """
    me = scope.actor.person_id
    rows = clients.all_clients(scope)
    alone = sum(row.active for row in people.people(scope)) <= 1
    return frozenset(
        row.id
        for row in rows
        if alone or row.lead_id in (None, me) or (me == row.cover_id and row.cover_until and row.cover_until >= today)
    )


def hand_over(scope: Scope, client_id: ClientId, lead_id: PersonId, today: date) -> Leading:
    """Give a client to another trainer; a cover ends with it. Raises `NotFoundError`, `DomainError`."""
    row = clients.client(scope, client_id)
    _plans(scope, lead_id)
    row.lead_id, row.cover_id, row.cover_until = lead_id, None, None
    scope.db.flush()
    return leading(scope, row, today)


def cover(scope: Scope, client_id: ClientId, cover_id: PersonId | None, until: date | None, today: date) -> Leading:
    """Let somebody stand in through a day, or end that with None. Raises `NotFoundError`, `DomainError`."""
    row = clients.client(scope, client_id)
    if cover_id is None:
        row.cover_id = row.cover_until = None
    else:
        if until is None or until < today:
            raise DomainError("Say through which day; one that is still to come.")
        _plans(scope, cover_id)
        row.cover_id, row.cover_until = cover_id, until
    scope.db.flush()
    return leading(scope, row, today)


def _plans(scope: Scope, person_id: PersonId) -> None:
    row = people.person(scope, person_id)
    if not row.active or not may(Role(row.role), Permission.PLAN):
        raise DomainError(f"{row.name} is no trainer of the studio.")
