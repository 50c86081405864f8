"""A connection whose request does not say what it wants in time is closed."""

from asyncio import TimerHandle, Transport
from typing import Final

from uvicorn.protocols.http.httptools_impl import HttpToolsProtocol

HEAD_PATIENCE: Final = 20.0
"""Seconds within which the head of a request has come."""


class PatientProtocol(HttpToolsProtocol):
    """The server's own protocol, which waits for a head so long and no longer."""

    patience = HEAD_PATIENCE
    _too_late: TimerHandle | None = None

    def connection_made(self, transport: Transport) -> None:  # type: ignore[override]
        """Begin to wait for the first head."""
        super().connection_made(transport)
        self._wait()

    def on_message_begin(self) -> None:
        """Begin to wait for a further head of the same connection."""
        super().on_message_begin()
        self._wait()

    def on_headers_complete(self) -> None:
        """The head has come."""
        self._end_waiting()
        super().on_headers_complete()

    def connection_lost(self, exc: Exception | None) -> None:
        """There is nothing to wait for any more."""
        self._end_waiting()
        super().connection_lost(exc)

    def _wait(self) -> None:
        self._end_waiting()
        self._too_late = self.loop.call_later(self.patience, self.transport.close)

    def _end_waiting(self) -> None:
        if self._too_late is not None:
            self._too_late.cancel()
            self._too_late = None
