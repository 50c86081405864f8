"""Today."""

from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.services.today import today
from upright_anvil.services.today.today import TodayView

router = resource(tag="today")


@router.get("/today")
def open_today(here: Here) -> TodayView:
    """Today's sessions and the decisions waiting."""
    with here.reading() as scope:
        return today.open_today(scope, here.today)
