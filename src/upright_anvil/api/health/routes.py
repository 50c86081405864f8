"""A client's history, health screen and clearance, and the signs that end a session."""

from upright_anvil.api.health.requests import ClearanceRequest, CycleReportRequest, EntryRequest, ScreenRequest
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.core.ids import ClientId
from upright_anvil.services.health import health_file
from upright_anvil.services.health.health_file import HealthView, WarningSigns

router = resource(tag="health")


@router.get("/warning-signs")
def warning_signs() -> WarningSigns:
    """The signs that end a session, and what to do then."""
    return WarningSigns()


@router.post("/clients/{client_id}/history", status_code=201)
async def add_entry(client_id: ClientId, asked: EntryRequest, here: Here) -> HealthView:
    """Add an entry to a client's history."""
    return await here.write(lambda scope: health_file.add_entry(scope, client_id, asked.entry(), here.now, here.today))


@router.delete("/clients/{client_id}/history/{entry_id}")
async def withdraw_entry(client_id: ClientId, entry_id: str, here: Here) -> HealthView:
    """Withdraw an entry made by mistake."""
    return await here.write(lambda scope: health_file.withdraw_entry(scope, client_id, entry_id, here.now, here.today))


@router.put("/clients/{client_id}/history/{entry_id}")
async def restore_entry(client_id: ClientId, entry_id: str, here: Here) -> HealthView:
    """Undo a withdrawal."""
    return await here.write(lambda scope: health_file.restore_entry(scope, client_id, entry_id, here.today))


@router.post("/clients/{client_id}/screens", status_code=201)
async def add_screen(client_id: ClientId, asked: ScreenRequest, here: Here) -> HealthView:
    """Keep a health screen."""
    return await here.write(
        lambda scope: health_file.add_screen(scope, client_id, asked.answers(), asked.on, here.now, here.today)
    )


@router.post("/clients/{client_id}/clearances", status_code=201)
async def add_clearance(client_id: ClientId, asked: ClearanceRequest, here: Here) -> HealthView:
    """Record what a clinician allowed."""
    return await here.write(
        lambda scope: health_file.add_clearance(scope, client_id, asked.clearance(), here.now, here.today)
    )


@router.post("/clients/{client_id}/cycle-reports", status_code=201)
async def add_cycle_report(client_id: ClientId, asked: CycleReportRequest, here: Here) -> HealthView:
    """Keep a cycle report of a client who opted in."""
    return await here.write(
        lambda scope: health_file.add_cycle_report(scope, client_id, asked.report(), here.now, here.today)
    )
