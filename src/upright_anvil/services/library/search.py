"""Finding an exercise by what is typed, at a place, for a client."""

from dataclasses import dataclass
from datetime import date

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.cautions import Caution, CautionGrade, joint_cautions
from upright_anvil.core.ids import ClientId, PlaceId
from upright_anvil.core.library.search import understood
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text.named import parted
from upright_anvil.services.clients.places import inventory_of
from upright_anvil.services.health.health_file import standing_of
from upright_anvil.services.library.naming import is_loaded, loads_in
from upright_anvil.services.profile.history import history
from upright_anvil.services.shelf import library
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio.places import place


@dataclass(frozen=True, slots=True)
class SearchHit:
    """An exercise found, with what a client's joints say of it.

    ``named`` where the words really name it, so that it may be taken unseen; ``name`` is the one of its names they fit.
    """

    exercise: Exercise
    cautions: tuple[Caution, ...]
    named: bool = False
    name: str = ""


@dataclass(frozen=True, slots=True)
class Found:
    """What was found, best first, how many there are to choose from in all, and what was typed behind the name.

    ``understood`` is the name with its abbreviations written out; empty where there were none.
    """

    hits: tuple[SearchHit, ...]
    of: int
    name: str
    line: str
    understood: str = ""


def find(
    scope: Scope,
    query: str,
    limit: int,
    today: date,
    client_id: ClientId | None = None,
    place_id: PlaceId | None = None,
) -> Found:
    """Answer the exercises that fit a query, best first.

    With a place only what can be done there; with a client what stops a joint comes last, and where nothing was typed
    what the client has done most comes first. Raises `NotFoundError`.
    """
    shelf = library(scope)
    typed = parted(query.strip())
    standing = standing_of(scope, client_id, today) if client_id else ()
    loaded = is_loaded(loads_in(typed.line, Unit.KG))
    at = inventory_of(place(scope, place_id)) if place_id else None
    if at is None and not standing:
        plain = shelf.index.search(typed.name, limit, loaded=loaded)
        hits = [SearchHit(hit.exercise, (), hit.named, hit.name) for hit in plain]
        return Found(tuple(hits), len(shelf.exercises), typed.name, typed.line, understood(typed.name))
    found = shelf.index.search(typed.name, len(shelf.exercises), loaded=loaded)
    if not typed.name and client_id:
        done = history(scope, client_id).sessions_by_exercise
        found = tuple(sorted(found, key=lambda hit: -done.get(hit.exercise.id, 0)))
    hits = [
        SearchHit(hit.exercise, joint_cautions(hit.exercise, standing), hit.named, hit.name)
        for hit in found
        if at is None or hit.exercise.possible_at(at)
    ]
    hits.sort(key=lambda hit: any(c.grade is CautionGrade.STOP for c in hit.cautions))
    return Found(tuple(hits[:limit]), len(shelf.exercises), typed.name, typed.line, understood(typed.name))
