"""Whether the demo is told at all: how it is told is read where there is a file to fill, not at every start."""

from datetime import datetime

from upright_anvil.core.ids import StudioId
from upright_anvil.store.client.clients import all_clients
from upright_anvil.store.file.database import Database


def fill_if_empty(database: Database, studio_id: StudioId, now: datetime) -> None:
    """Fill an empty studio with the demo as of ``now``; one that has clients is left alone."""
    with database.reading(studio_id) as scope:
        if all_clients(scope):
            return
    from upright_anvil.demo.scenario import fill  # noqa: PLC0415 - that is when it is read

    fill(database, studio_id, now)
