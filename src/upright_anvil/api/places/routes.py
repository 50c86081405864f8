"""Places and what can be lifted there."""

from upright_anvil.api.clients.requests import EquipmentRequest, PlaceRequest
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.core.ids import PlaceId
from upright_anvil.formats.shipped.kit_file import UsualKits, usual_kits
from upright_anvil.services.clients import places
from upright_anvil.services.clients.places import EquipmentView, PlaceFacts, PlaceView

router = resource(tag="places")


@router.get("/places")
def list_places(here: Here) -> list[PlaceView]:
    """All places by name."""
    with here.reading() as scope:
        return list(places.place_list(scope))


@router.post("/places", status_code=201)
async def add_place(asked: PlaceRequest, here: Here) -> PlaceView:
    """Add a place."""
    return await here.write(lambda scope: places.add_place(scope, asked.made(PlaceFacts)))


@router.put("/places/{place_id}")
async def change_place(place_id: PlaceId, asked: PlaceRequest, here: Here) -> PlaceView:
    """Change a place, for everybody who trains there."""
    return await here.write(lambda scope: places.change_place(scope, place_id, asked.made(PlaceFacts)))


@router.get("/usual-kits")
def list_usual_kits() -> UsualKits:
    """Usual kits to start a place from, and pieces to pick."""
    return usual_kits()


@router.post("/equipment/read")
def read_equipment(asked: EquipmentRequest) -> EquipmentView:
    """Read an equipment text out; nothing is kept."""
    return places.equipment_view(asked.text, asked.unit)
