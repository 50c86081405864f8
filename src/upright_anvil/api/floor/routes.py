"""The floor: one session, what a change of the day would do, its clocks, what to do instead, what is on the bar."""

from typing import Annotated

from fastapi import Query

from upright_anvil.api.floor.requests import AnyChangeRequest
from upright_anvil.api.request_model import Number
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.clock.model import Clock
from upright_anvil.core.health.readiness import Pain
from upright_anvil.core.ids import DayId, LineId, ProgramId, WeekId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.loads.on_the_bar import BarPicture
from upright_anvil.core.session.swapping import Instead
from upright_anvil.services.floor import clocks
from upright_anvil.services.floor.changes.changing import Preview, preview
from upright_anvil.services.floor.opening import FloorView, open_floor

router = resource("/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor", tag="floor")


@router.get("")
def open_session(program_id: ProgramId, week_id: WeekId, day_id: DayId, here: Here) -> FloorView:
    """One session: what is planned, what was done last time, what is done so far."""
    with here.reading() as scope:
        return open_floor(scope, program_id, week_id, day_id, here.today)


@router.post("/preview")
def preview_change(
    program_id: ProgramId, week_id: WeekId, day_id: DayId, asked: AnyChangeRequest, here: Here
) -> Preview:
    """What a change of the day would do; nothing is kept."""
    with here.reading() as scope:
        return preview(scope, program_id, week_id, day_id, asked.asks(), here.today)


@router.get("/clocks")
def session_clocks(program_id: ProgramId, week_id: WeekId, day_id: DayId, here: Here) -> list[Clock]:
    """The timelines of the session's timed groups."""
    with here.reading() as scope:
        return list(clocks.session_clocks(scope, program_id, week_id, day_id, here.today))


@router.get("/lines/{line_id}/instead")
def instead(
    program_id: ProgramId,
    week_id: WeekId,
    day_id: DayId,
    line_id: LineId,
    here: Here,
    pain: Joint | None = None,
    side: Side | None = None,
) -> list[Instead]:
    """What a line could train today instead, sparing what hurts."""
    hurts = Pain(pain, side if pain.paired else None) if pain else None
    with here.reading() as scope:
        return list(clocks.instead_of(scope, program_id, week_id, day_id, line_id, hurts, here.today))


@router.get("/bar")
def on_the_bar(
    program_id: ProgramId,
    week_id: WeekId,
    day_id: DayId,
    here: Here,
    load: Annotated[Number, Query()],
    unit: Unit,
) -> BarPicture | None:
    """The bar for a load at today's place, and what to change from what was lifted last."""
    with here.reading() as scope:
        return clocks.plates_on_the_bar(scope, program_id, week_id, day_id, Load.of(load, unit), here.today)
