"""Making a backup whenever one is due, while the server runs."""

import logging
from threading import Event, Thread
from typing import Final

from upright_anvil.api.studio import Studio
from upright_anvil.core.steps import untold
from upright_anvil.services.backups.backups import make_backup

LOOK_EVERY: Final = 300.0
"""Seconds between two looks at whether a backup is due."""

log = logging.getLogger(__name__)


class BackupSchedule:
    """A thread that looks now and then; what goes wrong is logged and tried again at the next look."""

    def __init__(self, studio: Studio, look_every: float = LOOK_EVERY) -> None:
        self._studio, self._look_every, self._ended = studio, look_every, Event()
        self._thread = Thread(target=self._run, name="backups", daemon=True)

    def start(self) -> None:
        """Begin to look."""
        self._thread.start()

    def end(self) -> None:
        """End, once a backup that was begun is made."""
        self._ended.set()
        self._thread.join()

    def look(self) -> bool:
        """Make a backup if one is due; answer whether one was made."""
        studio = self._studio
        try:
            with studio.backing_up:
                if not studio.backups.is_due(studio.now):
                    return False
                make_backup(studio.database.path, studio.backups, studio.now, untold)
        except Exception:
            log.exception("no backup was made")
            return False
        return True

    def _run(self) -> None:
        self.look()
        while not self._ended.wait(self._look_every):
            self.look()
