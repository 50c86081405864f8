"""Something done now and then beside the requests, in a thread of its own."""

import logging
from collections.abc import Callable
from threading import Event, Thread

log = logging.getLogger(__name__)


class Repeated:
    """Calls something, and again every so many seconds; what goes wrong is logged and tried again the next time."""

    def __init__(self, name: str, work: Callable[[], object], every: float) -> None:
        self._work, self._every, self._after, self._ended = work, every, 0.0, Event()
        self._thread = Thread(target=self._run, name=name, daemon=True)

    def start(self, after: float = 0.0) -> None:
        """Begin, after some seconds."""
        self._after = after
        self._thread.start()

    def end(self) -> None:
        """End, once what was begun is done."""
        self._ended.set()
        self._thread.join()

    def _run(self) -> None:
        wait = self._after
        while not self._ended.wait(wait):
            try:
                self._work()
            except Exception:
                log.exception("%s: something went wrong", self._thread.name)
            wait = self._every
