"""Clients and the place they train in."""

from dataclasses import dataclass
from datetime import datetime
from itertools import pairwise

from upright_anvil.core.constants import STEP_CAP
from upright_anvil.core.loads.equipment_text import EquipmentProblem, read_equipment
from upright_anvil.core.loads.implements import Achievable, ImplementKind
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.flows.ids import fresh_id
from upright_anvil.store import clients as store
from upright_anvil.store import programs
from upright_anvil.store.database import Scope
from upright_anvil.store.tables import ClientRow, PlaceRow


@dataclass(frozen=True, slots=True)
class ClientFacts:
    """What the trainer enters of a client and the one place."""

    name: str
    unit: Unit
    goal: str
    about: str
    minutes: int
    days_a_week: int
    body_weight: Load | None
    place_name: str
    equipment: str


@dataclass(frozen=True, slots=True)
class LoadsOfKind:
    """What can be lifted of one kind, lightest first; ``gaps`` marks the loads that come after a step over the cap."""

    kind: ImplementKind
    loads: tuple[Achievable, ...]
    gaps: tuple[bool, ...]


@dataclass(frozen=True, slots=True)
class EquipmentView:
    """An equipment text read out."""

    kinds: tuple[LoadsOfKind, ...]
    problems: tuple[EquipmentProblem, ...]


@dataclass(frozen=True, slots=True)
class ClientView:
    """A client as the file shows it."""

    id: str
    facts: ClientFacts
    equipment: EquipmentView
    program_id: str | None


def client_list(scope: Scope) -> tuple[ClientView, ...]:
    """Answer all clients by name."""
    return tuple(_view(scope, row) for row in store.all_clients(scope))


def client_file(scope: Scope, client_id: str) -> ClientView:
    """Answer one client. Raises `NotFoundError`."""
    return _view(scope, store.client(scope, client_id))


def add_client(scope: Scope, facts: ClientFacts, now: datetime) -> ClientView:
    """Add a client and the place."""
    place = PlaceRow(
        id=fresh_id(),
        trainer_id=scope.trainer_id,
        name=facts.place_name,
        unit=facts.unit.value,
        equipment=facts.equipment,
    )
    scope.db.add(place)
    scope.db.flush()
    row = ClientRow(id=fresh_id(), trainer_id=scope.trainer_id, place_id=place.id, created_at=now, **_columns(facts))
    scope.db.add(row)
    scope.db.flush()
    return _view(scope, row)


def change_client(scope: Scope, client_id: str, facts: ClientFacts) -> ClientView:
    """Change a client and the place. Raises `NotFoundError`."""
    row = store.client(scope, client_id)
    for name, value in _columns(facts).items():
        setattr(row, name, value)
    place = store.place(scope, row.place_id)
    place.name, place.unit, place.equipment = facts.place_name, facts.unit.value, facts.equipment
    scope.db.flush()
    return _view(scope, row)


def equipment_view(text: str, unit: Unit) -> EquipmentView:
    """Read an equipment text out: every kind's loads, the big gaps, and the lines that cannot be read."""
    found = read_equipment(text, unit)
    kinds = (kind for kind in ImplementKind if found.inventory.achievable(kind))
    return EquipmentView(tuple(_loads(found.inventory, kind) for kind in kinds), found.problems)


def inventory_of(scope: Scope, client: ClientRow) -> Inventory:
    """Answer what can be lifted where the client trains."""
    place = store.place(scope, client.place_id)
    return read_equipment(place.equipment, Unit(place.unit)).inventory


def _loads(inventory: Inventory, kind: ImplementKind) -> LoadsOfKind:
    loads = inventory.achievable(kind)
    gaps = (False, *(before.load.step_to(after.load) > STEP_CAP for before, after in pairwise(loads)))
    return LoadsOfKind(kind, loads, gaps)


def _columns(facts: ClientFacts) -> dict[str, object]:
    return {
        "name": facts.name,
        "unit": facts.unit.value,
        "goal": facts.goal,
        "about": facts.about,
        "minutes": facts.minutes,
        "days_a_week": facts.days_a_week,
        "body_weight": str(facts.body_weight) if facts.body_weight else None,
    }


def body_weight(row: ClientRow) -> Load | None:
    """Answer the client's body weight as it was entered."""
    return Load.of(*row.body_weight.split(" ")) if row.body_weight else None


def _view(scope: Scope, row: ClientRow) -> ClientView:
    place = store.place(scope, row.place_id)
    facts = ClientFacts(
        name=row.name,
        unit=Unit(row.unit),
        goal=row.goal,
        about=row.about,
        minutes=row.minutes,
        days_a_week=row.days_a_week,
        body_weight=body_weight(row),
        place_name=place.name,
        equipment=place.equipment,
    )
    program = programs.program_of_client(scope, row.id)
    return ClientView(row.id, facts, equipment_view(place.equipment, Unit(place.unit)), program.id if program else None)
