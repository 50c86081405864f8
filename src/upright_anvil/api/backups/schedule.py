"""Making a backup of each file of data whenever one is due, while the server runs."""

import logging
from collections.abc import Callable, Iterable
from pathlib import Path
from threading import Lock
from typing import Final

from upright_anvil.api.clock import Clock
from upright_anvil.core.steps import untold
from upright_anvil.services.backups.backups import make_backup
from upright_anvil.services.backups.folder import BackupFolder

LOOK_EVERY: Final = 300.0
"""Seconds between two looks at whether a backup is due."""

log = logging.getLogger(__name__)


class BackupSchedule:
    """Looks at files and what is held while a backup of each is made; what goes wrong with one stops no other."""

    def __init__(self, files: Callable[[], Iterable[tuple[Path, Lock]]], clock: Clock) -> None:
        self._files, self._clock = files, clock

    def look(self) -> int:
        """Make the backups that are due; answer how many were made."""
        return sum(self._made(data, lock) for data, lock in self._files())

    def _made(self, data: Path, lock: Lock) -> bool:
        folder = BackupFolder(data)
        try:
            with lock:
                if not folder.is_due(self._clock()):
                    return False
                make_backup(data, folder, self._clock(), untold)
        except Exception:
            log.exception("no backup was made")
            return False
        return True
