"""That something was written to a session, told to whoever watches it, so that a second device shows it at once."""

import asyncio
from collections.abc import AsyncIterator

from upright_anvil.core.ids import SessionId

HEARTBEAT_SECONDS = 15.0
"""After so long without news a sign of life is sent, so that a broken line is noticed."""


class News:
    """Who watches which session, on the event loop."""

    def __init__(self) -> None:
        self._watching: dict[SessionId, set[asyncio.Event]] = {}

    def tell(self, session_id: SessionId) -> None:
        """Say that something of a session was written."""
        for watcher in self._watching.get(session_id, ()):
            watcher.set()

    async def of(self, session_id: SessionId) -> AsyncIterator[bool]:
        """Answer True each time there is news of a session, False as a sign of life; the first at once."""
        told = asyncio.Event()
        self._watching.setdefault(session_id, set()).add(told)
        try:
            yield False
            while True:
                try:
                    await asyncio.wait_for(told.wait(), HEARTBEAT_SECONDS)
                except TimeoutError:
                    yield False
                    continue
                told.clear()
                yield True
        finally:
            self._watching[session_id].discard(told)
            if not self._watching[session_id]:
                del self._watching[session_id]
