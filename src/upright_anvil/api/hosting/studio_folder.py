"""Many studios in one process: a folder of files, each opened when it is asked for and closed when nobody asks."""

import asyncio
import gc
import logging
import re
import time
from collections.abc import AsyncIterator, Callable, Iterator
from concurrent.futures import ThreadPoolExecutor
from contextlib import asynccontextmanager
from dataclasses import dataclass, field
from datetime import datetime
from pathlib import Path
from threading import Lock
from typing import Final

from starlette.concurrency import run_in_threadpool

from upright_anvil.api.clock import Clock
from upright_anvil.api.hosting.studios import NotServedError
from upright_anvil.api.studio import AT_ONCE, THE_STUDIO, Shared, Studio
from upright_anvil.store.file.database import Database
from upright_anvil.store.file.opening import UnusableFileError
from upright_anvil.store.studio.people import anybody_signs_in

ENDING: Final = ".sqlite3"

CLOSED_AFTER: Final = 600.0
"""Seconds without a request after which a studio's file is closed. House rule."""

MOST_OPEN: Final = 64
"""Files open at once while others are not asked for; those being asked for stay open beyond it. House rule."""

IDLE_LOOK_EVERY: Final = 30.0
"""Seconds between two looks at which files may be closed."""

TRIED_AGAIN_AFTER: Final = 10.0
"""Seconds after which a file that could not be opened is tried again."""

NOBODY_CAN_COME_IN: Final = "Nobody can sign in to this studio yet: its owner's passphrase is chosen at the machine."

_HOST = re.compile(r"(?!-)[a-z0-9-]{1,63}(?<!-)(\.(?!-)[a-z0-9-]{1,63}(?<!-))*")

log = logging.getLogger(__name__)


@dataclass
class _Kept:
    """What the process keeps of a studio, open or not.

    ``turning`` is held while the file is being opened or closed: SQLite wants a file that it closes for itself alone.
    """

    opening: asyncio.Lock = field(default_factory=asyncio.Lock)
    turning: Lock = field(default_factory=Lock)
    backing_up: Lock = field(default_factory=Lock)
    seen: dict[str, datetime] = field(default_factory=dict)
    studio: Studio | None = None
    lent: int = 0
    asked_at: float = 0.0
    trouble: str = ""
    troubled_at: float = 0.0


class StudioFolder:
    """The studios of a folder: the file ``kestrel.example.org.sqlite3`` is the studio called ``kestrel.example.org``.

    ``open_file`` opens a file and brings it up to date; it raises `UnusableFileError`. Heavy work of all of them goes
    through one pool of threads, so that one studio's board does not take the processor from all others.
    """

    def __init__(
        self,
        folder: Path,
        open_file: Callable[[Path], Database],
        clock: Clock,
        *,
        closed_after: float = CLOSED_AFTER,
        most_open: int = MOST_OPEN,
    ) -> None:
        self.folder, self._open_file, self._clock = folder, open_file, clock
        self._closed_after, self._most_open = closed_after, most_open
        self._kept: dict[str, _Kept] = {}
        self._lock = Lock()
        self._drawing = ThreadPoolExecutor(max_workers=AT_ONCE, thread_name_prefix="drawing")

    def file(self, name: str) -> Path:
        """Answer the file of a studio that is called so, whether it is there or not."""
        return self.folder / f"{name}{ENDING}"

    def __contains__(self, name: object) -> bool:
        """Whether there is a studio of that name."""
        return isinstance(name, str) and _HOST.fullmatch(name) is not None and self.file(name).is_file()

    def names(self) -> tuple[str, ...]:
        """Answer the names of all studios, open or not."""
        found = (file.name.removesuffix(ENDING) for file in self.folder.glob(f"*{ENDING}"))
        return tuple(sorted(name for name in found if name in self))

    def open_names(self) -> tuple[str, ...]:
        """Answer the names of the studios whose files are open now."""
        with self._lock:
            return tuple(sorted(name for name, kept in self._kept.items() if kept.studio is not None))

    def opened(self) -> tuple[Studio, ...]:
        """Answer the studios whose files are open now; one may be closed meanwhile."""
        with self._lock:
            return tuple(kept.studio for kept in self._kept.values() if kept.studio is not None)

    @asynccontextmanager
    async def lent(self, name: str) -> AsyncIterator[Studio]:
        """Lend a studio for a request. Raises `NotServedError` where its file cannot be used."""
        kept = self._of(name)
        with self._lock:
            kept.lent += 1
        try:
            # Nobody closes what is lent, so this one stays the one until it is given back.
            studio = kept.studio or await self._opened(name, kept)
            yield studio
        finally:
            with self._lock:
                kept.lent -= 1
                kept.asked_at = time.monotonic()

    def backed_up(self) -> Iterator[tuple[Path, Lock]]:
        """Answer the files of all studios, open or not, and what is held while a backup is made or restored."""
        for name in self.names():
            yield self.file(name), self._of(name).backing_up

    def close_idle(self) -> tuple[str, ...]:
        """Close files that nobody has asked for in a while, answer their names.

        Of more than may be open those go whose last request is longest ago.
        """
        with self._lock:
            opened = sorted((kept.asked_at, name) for name, kept in self._kept.items() if kept.studio is not None)
            too_many = len(opened) - self._most_open
            since = time.monotonic() - self._closed_after
            going = {
                name: studio
                for place, (asked_at, name) in enumerate(opened)
                if (place < too_many or asked_at <= since) and (studio := self._taken(name)) is not None
            }
        for name, studio in going.items():
            with self._of(name).turning:
                studio.close()
        self._collect_if_quiet(bool(going))
        return tuple(going)

    def _collect_if_quiet(self, something_went: bool) -> None:
        """What closed files leave behind points at itself; it is collected where nobody would have to wait for that."""
        with self._lock:
            quiet = not any(kept.lent for kept in self._kept.values())
        if something_went and quiet:
            gc.collect()

    def close(self) -> None:
        """Close all files, once what was begun is written."""
        with self._lock:
            going = [studio for name in self._kept if (studio := self._taken(name, lent=True)) is not None]
        for studio in going:
            studio.close()
        self._drawing.shutdown()

    def _of(self, name: str) -> _Kept:
        with self._lock:
            return self._kept.setdefault(name, _Kept())

    def _taken(self, name: str, *, lent: bool = False) -> Studio | None:
        """Take a studio out to be closed, unless it is lent; under the lock."""
        kept = self._kept[name]
        if kept.lent and not lent:
            return None
        studio, kept.studio = kept.studio, None
        return studio

    async def _opened(self, name: str, kept: _Kept) -> Studio:
        async with kept.opening:
            if kept.studio is not None:
                return kept.studio
            if kept.trouble and time.monotonic() - kept.troubled_at < TRIED_AGAIN_AFTER:
                raise NotServedError(kept.trouble)
            try:
                studio = await run_in_threadpool(self._open, name, kept)
            except (UnusableFileError, NotServedError) as unusable:
                # The place of the file is nobody's business but the log's.
                kept.trouble = str(unusable).removeprefix(f"{self.file(name)}: ")
                kept.troubled_at = time.monotonic()
                log.exception("a studio's file could not be opened")
                raise NotServedError(kept.trouble) from unusable
            kept.trouble, kept.studio = "", studio
            return studio

    def _open(self, name: str, kept: _Kept) -> Studio:
        with kept.turning:
            database = self._open_file(self.file(name))
        database.clock = self._clock
        with database.reading(THE_STUDIO) as scope:
            somebody = anybody_signs_in(scope)
        if not somebody:
            database.close()
            raise NotServedError(NOBODY_CAN_COME_IN)
        shared = Shared(
            database,
            THE_STUDIO,
            always_sign_in=True,
            drawing=self._drawing,
            backing_up=kept.backing_up,
            seen=kept.seen,
        )
        return Studio(database, self._clock, others=shared)
