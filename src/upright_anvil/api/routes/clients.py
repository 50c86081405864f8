"""Clients and what can be lifted at their place."""

from fastapi import APIRouter

from upright_anvil.api.asked import AskedClient, AskedEquipment, AskedProgram
from upright_anvil.api.studio import Here
from upright_anvil.flows import board, clients, progress
from upright_anvil.flows.board import BoardView
from upright_anvil.flows.clients import ClientFacts, ClientView, EquipmentView
from upright_anvil.flows.progress import ProgressView

router = APIRouter(tags=["clients"])


def _facts(asked: AskedClient) -> ClientFacts:
    fields = asked.model_dump(exclude={"body_weight"})
    return ClientFacts(**fields, body_weight=asked.body_weight.load() if asked.body_weight else None)


@router.get("/clients")
def list_clients(here: Here) -> list[ClientView]:
    """All clients by name."""
    with here.reading() as scope:
        return list(clients.client_list(scope))


@router.post("/clients", status_code=201)
def add_client(asked: AskedClient, here: Here) -> ClientView:
    """Add a client and the place."""
    with here.writing() as scope:
        return clients.add_client(scope, _facts(asked), here.now)


@router.get("/clients/{client_id}")
def client_file(client_id: str, here: Here) -> ClientView:
    """One client."""
    with here.reading() as scope:
        return clients.client_file(scope, client_id)


@router.put("/clients/{client_id}")
def change_client(client_id: str, asked: AskedClient, here: Here) -> ClientView:
    """Change a client and the place."""
    with here.writing() as scope:
        return clients.change_client(scope, client_id, _facts(asked))


@router.post("/equipment/read")
def read_equipment(asked: AskedEquipment) -> EquipmentView:
    """Read an equipment text out; nothing is kept."""
    return clients.equipment_view(asked.text, asked.unit)


@router.post("/clients/{client_id}/program", status_code=201)
def start_program(client_id: str, asked: AskedProgram, here: Here) -> BoardView:
    """Start a client's program."""
    with here.writing() as scope:
        return board.start_program(scope, client_id, asked.name, here.now, here.today, asked.weeks)


@router.get("/clients/{client_id}/progress")
def client_progress(client_id: str, here: Here, exercise: str | None = None) -> ProgressView:
    """Progress with one exercise, or with the one done most."""
    with here.reading() as scope:
        return progress.client_progress(scope, client_id, exercise)
