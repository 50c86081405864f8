"""What stands still of each client is worked out beside the requests, once their log has gone on, and kept."""

from collections.abc import Callable, Iterable

from upright_anvil.api.studio import Studio
from upright_anvil.services.today.alerts import not_kept_yet
from upright_anvil.store.file.database import NOBODY
from upright_anvil.store.log.alerts import keep_alert
from upright_anvil.store.programs import running_program

LOOK_EVERY = 60.0
"""Seconds between two looks at whose log has gone on."""


class AlertKeeping:
    """Looks at studios; each client is worked out in a read of its own, and kept in a short write."""

    def __init__(self, studios: Callable[[], Iterable[Studio]]) -> None:
        self._studios = studios

    def look(self) -> int:
        """Work out and keep what is not kept yet; answer for how many clients."""
        return sum(_of_studio(studio) for studio in self._studios())


def _of_studio(studio: Studio) -> int:
    with studio.reading() as scope:
        waiting = not_kept_yet(scope, studio.today)
    if not waiting:
        return 0
    from upright_anvil.services.today.standing_still import what_stands_still

    for client_id, state in waiting.items():
        with studio.reading() as scope:
            program = running_program(scope, client_id, studio.today)
            found = what_stands_still(scope, client_id, program, studio.today) if program else None
        with studio.database.writing(studio.studio_id, NOBODY) as scope:
            keep_alert(scope, client_id, state, found, studio.now)
    return len(waiting)
