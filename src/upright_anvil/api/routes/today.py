"""Today."""

from fastapi import APIRouter

from upright_anvil.api.studio import Here
from upright_anvil.flows import today
from upright_anvil.flows.today import TodayView

router = APIRouter(tags=["today"])


@router.get("/today")
def open_today(here: Here) -> TodayView:
    """Today's sessions and the decisions waiting."""
    with here.reading() as scope:
        return today.open_today(scope, here.today)
