"""Clients, and where they train."""

import logging

from fastapi.concurrency import run_in_threadpool
from sqlalchemy.exc import DatabaseError

from upright_anvil.api.clients.requests import (
    ClientChangeRequest,
    ClientRequest,
    EraseRequest,
    ExerciseNoteRequest,
    PlacesRequest,
)
from upright_anvil.api.programs.requests import ProgramRequest
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here, heavy
from upright_anvil.core.energy import EnergyAim
from upright_anvil.core.ids import ClientId, ExerciseId, SessionId
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.board import empty_program
from upright_anvil.services.board.opening import board_of
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.clients import clients, energy, erasing, exercise_notes, places
from upright_anvil.services.clients.clients import ClientEntry, ClientView
from upright_anvil.services.clients.energy import EnergyView
from upright_anvil.services.clients.erasing import ErasedClient
from upright_anvil.services.clients.places import PlaceFacts, PlaceView
from upright_anvil.services.people import audit
from upright_anvil.services.progress import exercise_progress, overview
from upright_anvil.services.progress.exercise_views import ProgressView, SessionDetail
from upright_anvil.services.progress.overview_views import OverviewView
from upright_anvil.store.file.database import BusyError

log = logging.getLogger(__name__)

router = resource("/clients", tag="clients")


@router.get("")
def list_clients(here: Here) -> list[ClientEntry]:
    """All clients by name."""
    with here.reading() as scope:
        return list(clients.client_list(scope, here.today))


@router.post("", status_code=201)
async def add_client(asked: ClientRequest, here: Here) -> ClientView:
    """Add a client; the name is enough."""
    place = asked.place.made(PlaceFacts) if asked.place else None
    weight = asked.body_weight.load() if asked.body_weight else None
    return await here.write(lambda scope: clients.add_client(scope, asked.facts(), here.now, place, weight))


@router.get("/{client_id}")
async def client_file(client_id: ClientId, here: Here) -> ClientView:
    """One client. That the health file was opened is kept."""

    def read() -> tuple[ClientView, bool]:
        with here.reading() as scope:
            return clients.client_file(scope, client_id, here.today), audit.looks_anew(scope, client_id, here.now)

    view, anew = await run_in_threadpool(read)
    if anew:
        try:
            await here.write(lambda scope: audit.keep_look(scope, client_id, here.now))
        except (BusyError, DatabaseError) as busy:
            # An emergency contact is read whatever the disk says; that it was, is said in the log.
            log.warning("that a health file was opened could not be kept", exc_info=busy)
    return view


@router.patch("/{client_id}")
async def change_client(client_id: ClientId, asked: ClientChangeRequest, here: Here) -> ClientView:
    """Change some facts of a client."""
    return await here.write(lambda scope: clients.change_client(scope, client_id, asked.changes(), here.today))


@router.post("/{client_id}/erase")
async def erase_client(client_id: ClientId, asked: EraseRequest, here: Here) -> ErasedClient:
    """Erase a client for good, with all that hangs on it; backups that are there hold it until they expire."""
    erased = await here.write(lambda scope: erasing.erase_client(scope, client_id, asked.name, here.now))
    return await run_in_threadpool(here.writer.alone, lambda: erasing.swept(here.database, erased))


@router.put("/{client_id}/places")
async def set_places(client_id: ClientId, asked: PlacesRequest, here: Here) -> list[PlaceView]:
    """Say where a client trains, the usual place first."""
    return await here.write(lambda scope: list(places.set_places(scope, client_id, asked.places)))


@router.post("/{client_id}/exercises/{exercise_id}/note")
async def note_exercise(
    client_id: ClientId, exercise_id: ExerciseId, asked: ExerciseNoteRequest, here: Here
) -> Acknowledged:
    """Keep what always goes for a client with an exercise."""
    return await here.write(
        lambda scope: exercise_notes.note_exercise(scope, client_id, exercise_id, asked.id, asked.text, here.now)
    )


@router.post("/{client_id}/program", status_code=201)
async def start_program(client_id: ClientId, asked: ProgramRequest, here: Here) -> BoardView:
    """Start a client's program."""
    saved = await here.write(
        lambda scope: empty_program.start_program(
            scope, client_id, asked.name, here.now, here.today, asked.weeks, asked.start
        )
    )
    return await here.read(lambda scope: board_of(scope, saved, here.today))


@router.get("/{client_id}/progress")
@heavy
def client_progress(
    client_id: ClientId, here: Here, exercise: ExerciseId | None = None, *, whole: bool = False
) -> ProgressView:
    """Progress with one exercise, or with the one done most: its newest sessions, or all of them."""
    with here.reading() as scope:
        return exercise_progress.client_progress(scope, client_id, exercise, here.today, whole=whole)


@router.get("/{client_id}/progress/{session_id}")
def session_detail(client_id: ClientId, session_id: SessionId, exercise: ExerciseId, here: Here) -> SessionDetail:
    """One session of an exercise looked at: its sets as blocks, every formula's figure for its best set."""
    with here.reading() as scope:
        return exercise_progress.session_detail(scope, client_id, session_id, exercise, here.today)


@router.get("/{client_id}/overview")
def client_overview(client_id: ClientId, here: Here) -> OverviewView:
    """Progress as a whole: weeks, strength, tests, body, pain, and the three things worth telling."""
    with here.reading() as scope:
        return overview.overview(scope, client_id, here.today)


@router.get("/{client_id}/energy")
def client_energy(client_id: ClientId, here: Here, aim: EnergyAim = EnergyAim.HOLD) -> EnergyView:
    """How much energy a client needs in a day, as an estimate, or why there is none."""
    with here.reading() as scope:
        return energy.energy_view(scope, client_id, aim, here.today)
