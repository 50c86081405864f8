"""Places and what can be lifted there; a place shared by clients is one row, edited once."""

from dataclasses import dataclass
from itertools import pairwise

from upright_anvil.core.constants import STEP_CAP
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, PlaceId
from upright_anvil.core.loads.equipment.reading import EquipmentProblem, UnderstoodLine, read_equipment
from upright_anvil.core.loads.features import EVERYWHERE, Feature
from upright_anvil.core.loads.implements import Achievable, ImplementKind
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load, Unit, in_unit
from upright_anvil.services.ids import fresh_id
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import places as store
from upright_anvil.store.tables import PlaceRow


@dataclass(frozen=True, slots=True)
class PlaceFacts:
    """What the trainer enters of a place; numbers in ``equipment`` that name no unit are in ``unit``.

    ``note`` is what to know of it: carpet, a low ceiling, the key.
    """

    name: str
    unit: Unit
    equipment: str = ""
    note: str = ""


@dataclass(frozen=True, slots=True)
class LoadsOfKind:
    """What can be lifted of one kind, lightest first; ``gaps`` marks the loads that come after a step over the cap.

    ``other_unit`` is each load in the other unit, rounded to 0.1 for reading only; ``kilograms`` are for drawing.
    """

    kind: ImplementKind
    loads: tuple[Achievable, ...]
    gaps: tuple[bool, ...]
    other_unit: tuple[Load, ...]
    kilograms: tuple[float, ...]


@dataclass(frozen=True, slots=True)
class EquipmentView:
    """An equipment text read out; ``features`` are the things without a weight that the text names;
    ``understood`` says line by line what it was taken for."""

    kinds: tuple[LoadsOfKind, ...]
    features: tuple[Feature, ...]
    things: tuple[str, ...]
    absent: tuple[Feature, ...]
    problems: tuple[EquipmentProblem, ...]
    understood: tuple[UnderstoodLine, ...]


@dataclass(frozen=True, slots=True)
class PlaceView:
    """A place with what can be lifted there, and the names of those who train there."""

    id: PlaceId
    facts: PlaceFacts
    equipment: EquipmentView
    clients: tuple[str, ...]


def place_list(scope: Scope) -> tuple[PlaceView, ...]:
    """Answer all places by name."""
    return tuple(place_view(scope, row) for row in store.all_places(scope))


def add_place(scope: Scope, facts: PlaceFacts) -> PlaceView:
    """Add a place."""
    row = PlaceRow(id=fresh_id(), name=facts.name, unit=facts.unit.value, equipment=facts.equipment, note=facts.note)
    scope.db.add(row)
    scope.db.flush()
    return place_view(scope, row)


def change_place(scope: Scope, place_id: PlaceId, facts: PlaceFacts) -> PlaceView:
    """Change a place, for everybody who trains there. Raises `NotFoundError`."""
    row = store.place(scope, place_id)
    row.name, row.unit, row.equipment, row.note = facts.name, facts.unit.value, facts.equipment, facts.note
    scope.db.flush()
    return place_view(scope, row)


def set_places(scope: Scope, client_id: ClientId, place_ids: list[PlaceId]) -> tuple[PlaceView, ...]:
    """Say where a client trains, the usual place first. Raises `NotFoundError`, `DomainError` for one named twice."""
    client(scope, client_id)
    if len(set(place_ids)) < len(place_ids):
        raise DomainError("A place is named twice.")
    for place_id in place_ids:
        store.place(scope, place_id)
    store.set_places(scope, client_id, place_ids)
    return tuple(place_view(scope, row) for row in store.places_of_client(scope, client_id))


def place_view(scope: Scope, row: PlaceRow) -> PlaceView:
    """Answer a place as the client file shows it."""
    facts = PlaceFacts(row.name, Unit(row.unit), row.equipment, row.note)
    return PlaceView(
        row.id, facts, equipment_view(facts.equipment, facts.unit), tuple(store.clients_of_place(scope, row.id))
    )


def equipment_view(text: str, unit: Unit) -> EquipmentView:
    """Read an equipment text out: every kind's loads, the big gaps, the things, and what cannot be read."""
    found = read_equipment(text, unit)
    kinds = (kind for kind in ImplementKind if found.inventory.achievable(kind))
    there = found.inventory.features
    return EquipmentView(
        kinds=tuple(_loads(found.inventory, kind) for kind in kinds),
        things=tuple(sorted(found.inventory.things)),
        features=tuple(f for f in Feature if f in there and f not in EVERYWHERE),
        absent=tuple(f for f in Feature if f in EVERYWHERE and f not in there),
        problems=found.problems,
        understood=found.understood,
    )


def inventory_of(place: PlaceRow) -> Inventory:
    """Answer what can be lifted at a place."""
    return inventory_from(place.unit, place.equipment)


def inventory_from(unit: str, equipment: str) -> Inventory:
    """Answer what can be lifted with the equipment as it is written down."""
    return read_equipment(equipment, Unit(unit)).inventory


def _loads(inventory: Inventory, kind: ImplementKind) -> LoadsOfKind:
    loads = inventory.achievable(kind)
    gaps = (False, *(before.load.step_to(after.load) > STEP_CAP for before, after in pairwise(loads)))
    return LoadsOfKind(
        kind,
        loads,
        gaps,
        tuple(_in_other_unit(made.load) for made in loads),
        tuple(float(made.load.kg) for made in loads),
    )


def _in_other_unit(load: Load) -> Load:
    other = Unit.LB if load.unit is Unit.KG else Unit.KG
    return Load(round(in_unit(load.kg, other), 1), other)
