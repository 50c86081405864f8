"""Clients from a pasted table: first what was understood, then all of them at once."""

from dataclasses import dataclass
from datetime import datetime

from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.pasted.client_rows import ClientRowRead, PastedClients, client_rows
from upright_anvil.core.pasted.table import LeftRow, table_of
from upright_anvil.services.bringing.brought_in import BroughtIn
from upright_anvil.services.clients.clients import FACTS, ClientFacts
from upright_anvil.services.ids import fresh_id
from upright_anvil.store.client import testing
from upright_anvil.store.client.clients import all_clients
from upright_anvil.store.client.consents import add_consent
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import bringing
from upright_anvil.store.studio import places
from upright_anvil.store.tables import ClientRow

MOST_CLIENTS = 500
"""Rows at once."""

ADVICE = "Bring them in a few hundred at a time."


@dataclass(frozen=True, slots=True)
class PastedClient:
    """A client as the row was understood; ``there`` where a client of that name is in the studio already."""

    read: ClientRowRead
    there: bool


@dataclass(frozen=True, slots=True)
class PastedClientsView:
    """What pasted clients come to, before anything is written; ``columns_left`` are headings not read."""

    clients: tuple[PastedClient, ...]
    columns_left: tuple[str, ...]
    left: tuple[LeftRow, ...]


def pasted_clients(scope: Scope, text: str, unit: Unit, now: datetime) -> PastedClientsView:
    """Answer what a pasted text was understood as. Raises `DomainError` where it names no client."""
    found = _read(text, unit, now)
    there = {row.name.casefold() for row in all_clients(scope)}
    clients = tuple(PastedClient(client, client.name.casefold() in there) for client in found.clients)
    return PastedClientsView(clients, found.columns_left, found.left)


def bring_in_clients(scope: Scope, text: str, unit: Unit, now: datetime) -> BroughtIn:
    """Add the clients of a pasted text who are not in the studio yet; a place is theirs where most clients share one.

    Raises `DomainError` where nobody is new.
    """
    new = [one.read for one in pasted_clients(scope, text, unit, now).clients if not one.there]
    if not new:
        raise DomainError("All of these clients are in the studio already.")
    batch = fresh_id()
    bringing.add_brought_in(scope, batch, "clients", now)
    place = places.most_shared(scope)
    for number, read in enumerate(new, start=1):
        row = ClientRow(
            id=fresh_id(), created_at=now, brought_in=batch, lead_id=scope.actor.person_id, **FACTS.write(_facts(read))
        )
        scope.db.add(row)
        scope.db.flush()
        if place:
            places.set_places(scope, row.id, [place])
        if read.consent_on:
            add_consent(scope, row.id, f"{batch}{number:05x}", "", read.consent_on, now)
        if read.body_weight:
            weighed = TestResult(f"{batch}{number:05x}", testing.BODY_WEIGHT, now.date(), load=read.body_weight, at=now)
            testing.add_result(scope, row.id, weighed, now)
    return BroughtIn(batch, len(new), 0)


def _read(text: str, unit: Unit, now: datetime) -> PastedClients:
    return client_rows(table_of(text, MOST_CLIENTS, ADVICE), unit, now.date())


def _facts(read: ClientRowRead) -> ClientFacts:
    usual = ClientFacts(read.name, read.unit)
    return ClientFacts(
        name=read.name,
        unit=read.unit,
        aim=read.aim,
        goal=read.goal,
        second_goal=read.second_goal,
        about=read.about,
        minutes=read.minutes or usual.minutes,
        days_a_week=read.days_a_week or usual.days_a_week,
        weekdays=read.weekdays,
        training_age=read.training_age,
        birth_year=read.birth_year,
        contact=read.contact,
        emergency_contact=read.emergency_contact,
    )
