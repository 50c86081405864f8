"""How fast a client trains, and a profile as far as times go by it: no strength, and none of what estimates it."""

from collections.abc import Collection, Iterable, Mapping, Sequence
from dataclasses import replace
from datetime import timedelta
from typing import Final

from upright_anvil.core.constants import PACE_SESSIONS
from upright_anvil.core.ids import ClientId, PlaceId
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.timing.estimate import pace_factor
from upright_anvil.services.clients.places import inventory_of
from upright_anvil.services.shelf import Library, library
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log.training_sessions import TimedSession, newest_sessions, read_newest_sessions
from upright_anvil.store.studio.places import places_of_client
from upright_anvil.store.tables import ClientRow

SHORTEST_SESSION = timedelta(minutes=5)
LONGEST_SESSION = timedelta(hours=4)
"""A session outside these was left open or logged afterwards, so it says nothing of the pace. House rule."""


def timing_profile(
    scope: Scope,
    who: ClientRow,
    inventories: Mapping[PlaceId, Inventory],
    shelf: Library,
    recent: Sequence[TimedSession],
) -> ClientProfile:
    """Answer a client's profile as far as times go by it: unit, places, exercises and pace; of the rest nothing.

    ``inventories`` are those of the client's places, the usual one first, ``recent`` the sessions of the last weeks:
    none is older than one that is not among them.
    """
    lasted = _lasted(recent)
    pace = pace_factor(lasted) if len(lasted) >= PACE_SESSIONS else client_pace(scope, who.id)
    return replace(_timed_by(who, inventories, shelf), pace=pace)


def unpaced_profile(scope: Scope, client_id: ClientId) -> ClientProfile:
    """Answer the same of a client by id, at the pace of the estimate itself. Raises `NotFoundError`."""
    places = {place.id: inventory_of(place) for place in places_of_client(scope, client_id)}
    return _timed_by(client(scope, client_id), places, library(scope))


def _timed_by(who: ClientRow, places: Mapping[PlaceId, Inventory], shelf: Library) -> ClientProfile:
    usual = next(iter(places.values()), Inventory())
    return replace(ClientProfile.nothing_known(Unit(who.unit), usual, shelf.exercises, shelf.ladders), places=places)


LOOKED_BACK: Final[tuple[int, int, None]] = (3 * PACE_SESSIONS, 30 * PACE_SESSIONS, None)
"""How many of the newest sessions are read for the pace, until enough of them have times that say something."""


def client_pace(scope: Scope, client_id: ClientId) -> float:
    """The pace factor of a client: of the newest sessions, never of all of years."""
    newest: Sequence[TimedSession] = ()
    for most in LOOKED_BACK:
        newest = newest_sessions(scope, client_id, most)
        if most is None or len(newest) < most or len(_lasted(newest)) >= PACE_SESSIONS:
            break
    return pace_of(newest)


def read_paces(scope: Scope, clients: Collection[ClientId]) -> None:
    """Read what the pace of some clients goes by at once, where nothing is written meanwhile."""
    read_newest_sessions(scope, clients, LOOKED_BACK[0])


def pace_of(sessions: Iterable[TimedSession]) -> float:
    """Answer the client's pace factor from finished sessions, oldest first."""
    return pace_factor(_lasted(sessions))


def _lasted(sessions: Iterable[TimedSession]) -> list[tuple[float, float]]:
    """Seconds taken and estimated, of the sessions whose times say something."""
    lasted = (
        (s.finished_at - s.started_at, s.estimated_seconds)
        for s in sessions
        if s.finished_at is not None and SHORTEST_SESSION <= s.finished_at - s.started_at <= LONGEST_SESSION
    )
    return [(length.total_seconds(), float(estimate)) for length, estimate in lasted if length and estimate > 0]
