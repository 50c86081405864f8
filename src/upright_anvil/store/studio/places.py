"""Places, and who trains at them."""

from collections.abc import Sequence
from typing import Any

from sqlalchemy import bindparam, func, select

from upright_anvil.core.ids import ClientId, PlaceId
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.by_id import found
from upright_anvil.store.rows.query import Query
from upright_anvil.store.tables import ClientPlaceRow, ClientRow, PlaceRow

_PLACES: Query[PlaceRow] = Query(
    select(PlaceRow)
    .join(ClientPlaceRow, ClientPlaceRow.place_id == PlaceRow.id)
    .where(ClientPlaceRow.client_id == bindparam("client"))
    .order_by(ClientPlaceRow.position, PlaceRow.id)
)


def all_places(scope: Scope) -> Sequence[PlaceRow]:
    """Answer the trainer's places by name."""
    query = select(PlaceRow).order_by(PlaceRow.name, PlaceRow.id)
    return scope.db.scalars(query).all()


def place(scope: Scope, place_id: PlaceId) -> PlaceRow:
    """Answer one place. Raises `NotFoundError`."""
    return found(scope, PlaceRow, place_id, "place")


def places_of_client(scope: Scope, client_id: ClientId) -> Sequence[PlaceRow]:
    """Answer where a client trains, the usual place first."""
    return _PLACES.all(scope, client=client_id)


def usual_places(scope: Scope) -> dict[ClientId, str]:
    """Answer the name of each client's usual place, by client."""
    return {client: name for client, name in _USUAL.all(scope)}  # noqa: C416 - rows become plain pairs


_USUAL: Query[tuple[ClientId, str]] = Query(
    select(ClientPlaceRow.client_id, PlaceRow.name)
    .join(PlaceRow, ClientPlaceRow.place_id == PlaceRow.id)
    .order_by(ClientPlaceRow.position.desc())
)


def kit_of_clients(scope: Scope) -> dict[ClientId, tuple[tuple[str, ...], ...]]:
    """Answer the ids, units and equipment of each client's places, the usual one first."""
    found: dict[ClientId, tuple[tuple[str, ...], ...]] = {}
    for client, *place in _KIT.all(scope):
        found[client] = (*found.get(client, ()), tuple(place))
    return found


_KIT: Query[Any] = Query(
    select(ClientPlaceRow.client_id, PlaceRow.id, PlaceRow.unit, PlaceRow.equipment)
    .join(PlaceRow, ClientPlaceRow.place_id == PlaceRow.id)
    .order_by(ClientPlaceRow.position, PlaceRow.id)
)


def clients_of_place(scope: Scope, place_id: PlaceId) -> Sequence[str]:
    """Answer the names of the clients who train at a place."""
    query = (
        select(ClientRow.name)
        .join(ClientPlaceRow, ClientPlaceRow.client_id == ClientRow.id)
        .where(ClientPlaceRow.place_id == place_id)
        .order_by(ClientRow.name)
    )
    return scope.db.scalars(query).all()


def most_shared(scope: Scope) -> PlaceId | None:
    """Answer the id of the place most clients train at, None while there is no place."""
    query = (
        select(PlaceRow.id)
        .outerjoin(ClientPlaceRow, ClientPlaceRow.place_id == PlaceRow.id)
        .group_by(PlaceRow.id)
        .order_by(func.count(ClientPlaceRow.client_id).desc(), PlaceRow.name, PlaceRow.id)
        .limit(1)
    )
    return scope.db.scalars(query).first()


def set_places(scope: Scope, client_id: ClientId, place_ids: Sequence[PlaceId]) -> None:
    """Make these the places of a client, the usual one first."""
    kept = {row.place_id: row for row in _links(scope, client_id)}
    for position, place_id in enumerate(place_ids):
        if place_id in kept:
            kept.pop(place_id).position = position
        else:
            scope.db.add(ClientPlaceRow(client_id=client_id, place_id=place_id, position=position))
    for row in kept.values():
        scope.db.delete(row)
    scope.db.flush()


def _links(scope: Scope, client_id: ClientId) -> Sequence[ClientPlaceRow]:
    query = select(ClientPlaceRow).where(ClientPlaceRow.client_id == client_id)
    return scope.db.scalars(query).all()
