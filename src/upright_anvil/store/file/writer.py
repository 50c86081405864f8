"""The one writer: a thread through which everything is written, in the order it came, so that reads never wait."""

import asyncio
from collections.abc import Callable
from concurrent.futures import Future
from contextlib import suppress
from functools import partial
from queue import SimpleQueue
from threading import Lock, Thread
from typing import Generic, TypeVar

from upright_anvil.core.ids import StudioId
from upright_anvil.store.file.database import Actor, BusyError, Database, Scope

T = TypeVar("T")

PATIENCE = 5.0
"""Seconds that a write waits for those before it; then it is not made, and its sender is told to come again."""


class Writer:
    """Makes writes one after the other, each in a short transaction of its own.

    A set is handed over and its sender called back in half the time that an executor and its futures take.
    """

    def __init__(self, database: Database, patience: float = PATIENCE) -> None:
        self._database, self._patience = database, patience
        self._waiting: SimpleQueue[Callable[[], None] | None] = SimpleQueue()
        self._thread = Thread(target=self._run, name="writer", daemon=True)
        self._handing_over, self._closed = Lock(), False

    async def write(self, studio_id: StudioId, actor: Actor, work: Callable[[Scope], T]) -> T:
        """Answer what some work answers once it is on disk. Raises `BusyError` when its turn does not come in time.

        Work that has begun is waited for, so nobody is told that a write was not made which then is.
        """
        turn = _Turn(partial(self._make, studio_id, actor, work))
        self._hand_over(turn.take)
        too_late = turn.loop.call_later(self._patience, turn.give_up)
        try:
            return await turn.made
        finally:
            too_late.cancel()
            turn.give_up()  # where its sender has gone before it was begun

    def alone(self, work: Callable[[], T]) -> T:
        """Answer what some work answers that is no transaction of its own; meanwhile nothing is written.

        For what concerns the whole file. Writes that would wait too long are told to come again.
        """
        made: Future[T] = Future()

        def take() -> None:
            try:
                made.set_result(work())
            except BaseException as error:
                made.set_exception(error)

        self._hand_over(take)
        return made.result()

    def _make(self, studio_id: StudioId, actor: Actor, work: Callable[[Scope], T]) -> T:
        with self._database.writing(studio_id, actor) as scope:
            return work(scope)

    def _hand_over(self, take: Callable[[], None] | None) -> None:
        with self._handing_over:
            if self._closed:
                raise RuntimeError("The writer has ended.")
            if self._thread.ident is None:
                self._thread.start()
            self._closed = take is None
            self._waiting.put(take)

    def _run(self) -> None:
        while (take := self._waiting.get()) is not None:
            take()
            del take  # what it held is let go before the next comes

    def close(self) -> None:
        """End the thread once all that waits is written."""
        if not self._closed:
            self._hand_over(None)
        self._thread.join()


class _Turn(Generic[T]):
    """A write that waits for its turn: it is begun by the thread or given up by its sender, never both."""

    def __init__(self, work: Callable[[], T]) -> None:
        self.loop = asyncio.get_running_loop()
        self.made: asyncio.Future[T] = self.loop.create_future()
        self._work, self._settled = work, Lock()

    def take(self) -> None:
        """Make it and call its sender back, in the writer's thread; nothing where it was given up."""
        if not self._settled.acquire(blocking=False):
            return
        try:
            answer = self._work()
        except BaseException as error:
            self._call_back(partial(self.made.set_exception, error))
        else:
            self._call_back(partial(self.made.set_result, answer))

    def _call_back(self, tell: Callable[[], None]) -> None:
        def told() -> None:
            if not self.made.done():  # its sender may have gone
                tell()

        with suppress(RuntimeError):  # the loop has ended, and with it whoever waited
            self.loop.call_soon_threadsafe(told)

    def give_up(self) -> None:
        """Let it not be made, where it is not begun."""
        if self._settled.acquire(blocking=False) and not self.made.done():
            self.made.set_exception(BusyError())
