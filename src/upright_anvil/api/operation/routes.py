"""Whether the server is well, for whatever watches over it; nothing of the studio is told."""

from dataclasses import dataclass
from typing import Literal

from upright_anvil import __version__
from upright_anvil.api.routing import resource
from upright_anvil.api.studio import Here
from upright_anvil.store.tables import StudioRow

router = resource(tag="operation")


@dataclass(frozen=True, slots=True)
class Health:
    """That the server answers, reads its data, and which version it is."""

    status: Literal["well"]
    version: str


@router.get("/health")
def health(here: Here) -> Health:
    """Answer that the server is well; 503 where its data cannot be read."""
    with here.reading() as scope:
        scope.db.query(StudioRow.id).limit(1).one_or_none()
    return Health("well", __version__)
