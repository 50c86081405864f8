"""Batteries, test rounds and results, and the scale."""

import asyncio
from collections.abc import AsyncIterator

from fastapi.responses import StreamingResponse

from upright_anvil.api.assessment.requests import BatteryRequest, ResultRequest, RoundRequest, TestRequest
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.core.assessment.items import Battery, TestItem
from upright_anvil.core.ids import ClientId
from upright_anvil.services.assessment import batteries, rounds, weighing
from upright_anvil.services.assessment.batteries import BatteryShelf
from upright_anvil.services.assessment.rounds import KeptResult, RoundView, SideBySide
from upright_anvil.services.assessment.weighing import ScaleReading
from upright_anvil.simulators.scale import READINGS_A_SECOND

router = resource(tag="testing")


@router.get("/batteries")
def battery_shelf(here: Here) -> BatteryShelf:
    """All batteries and tests."""
    with here.reading() as scope:
        return batteries.shelf(scope)


@router.post("/batteries", status_code=201)
async def add_battery(asked: BatteryRequest, here: Here) -> Battery:
    """Add a battery of the trainer's own."""
    return await here.write(lambda scope: batteries.save_battery(scope, None, asked.battery()))


@router.put("/batteries/{battery_id}")
async def change_battery(battery_id: str, asked: BatteryRequest, here: Here) -> Battery:
    """Change an own battery, or keep an edit of a shipped one apart from it."""
    return await here.write(lambda scope: batteries.save_battery(scope, battery_id, asked.battery()))


@router.delete("/batteries/{battery_id}", status_code=204)
async def remove_battery(battery_id: str, here: Here) -> None:
    """Remove an own battery, or an edit."""
    await here.write(lambda scope: batteries.remove_battery(scope, battery_id, here.now))


@router.post("/tests", status_code=201)
async def add_test(asked: TestRequest, here: Here) -> TestItem:
    """Add a test of the trainer's own."""
    return await here.write(lambda scope: batteries.add_test(scope, asked.item()))


@router.put("/clients/{client_id}/rounds/{round_id}")
async def start_round(client_id: ClientId, round_id: str, asked: RoundRequest, here: Here) -> RoundView:
    """Start a round."""
    return await here.write(
        lambda scope: rounds.start_round(scope, client_id, round_id, asked.battery, asked.started_at, asked.on)
    )


@router.get("/rounds/{round_id}")
def open_round(round_id: str, here: Here) -> RoundView:
    """One round with what was measured the time before."""
    with here.reading() as scope:
        return rounds.open_round(scope, round_id, here.today)


@router.post("/rounds/{round_id}/finish")
async def finish_round(round_id: str, here: Here) -> RoundView:
    """Close a round."""
    return await here.write(lambda scope: rounds.finish_round(scope, round_id, here.now, here.today))


@router.post("/clients/{client_id}/results")
async def keep_result(client_id: ClientId, asked: ResultRequest, here: Here) -> KeptResult:
    """Keep a result; answered only when it is on disk. An implausible one is asked about first."""
    return await here.write(lambda scope: rounds.keep_result(scope, client_id, asked.result(), here.now, here.today))


@router.get("/clients/{client_id}/side-by-side")
def side_by_side(client_id: ClientId, here: Here, earlier: str | None = None, later: str | None = None) -> SideBySide:
    """Two rounds side by side."""
    with here.reading() as scope:
        return rounds.side_by_side(scope, client_id, earlier, later)


@router.get("/clients/{client_id}/scale", response_model=ScaleReading)
def scale(client_id: ClientId, here: Here) -> StreamingResponse:
    """The scale's readings as server-sent events, until the weight has settled."""
    with here.reading() as scope:
        shown = weighing.weighing(scope, client_id, here.today)

    async def events() -> AsyncIterator[str]:
        for reading in shown:
            yield f"data: {weighing.as_json(reading)}\n\n"
            await asyncio.sleep(1 / READINGS_A_SECOND)

    return StreamingResponse(events(), media_type="text/event-stream", headers={"Cache-Control": "no-store"})
