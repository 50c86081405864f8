"""The one writer: a thread through which everything is written, in the order it came, so that reads never wait."""

import asyncio
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from typing import TypeVar

from upright_anvil.core.ids import StudioId
from upright_anvil.store.file.database import Actor, BusyError, Database, Scope

T = TypeVar("T")

PATIENCE = 5.0
"""Seconds that a write waits for those before it; then it is not made, and its sender is told to come again."""


class Writer:
    """Makes writes one after the other, each in a short transaction of its own."""

    def __init__(self, database: Database, patience: float = PATIENCE) -> None:
        self._database, self._patience = database, patience
        self._thread = ThreadPoolExecutor(max_workers=1, thread_name_prefix="writer")

    async def write(self, studio_id: StudioId, actor: Actor, work: Callable[[Scope], T]) -> T:
        """Answer what some work answers once it is on disk. Raises `BusyError` when its turn does not come in time.

        Work that has begun is waited for, so nobody is told that a write was not made which then is.
        """
        made = self._thread.submit(self._make, studio_id, actor, work)
        given_up = False

        def give_up() -> None:
            nonlocal given_up
            given_up = made.cancel()  # what has begun cannot be cancelled any more

        too_late = asyncio.get_running_loop().call_later(self._patience, give_up)
        try:
            return await asyncio.wrap_future(made)
        except asyncio.CancelledError:
            if given_up:
                raise BusyError from None
            raise
        finally:
            too_late.cancel()

    def alone(self, work: Callable[[], T]) -> T:
        """Answer what some work answers that is no transaction of its own; meanwhile nothing is written.

        For what concerns the whole file. Writes that would wait too long are told to come again.
        """
        return self._thread.submit(work).result()

    def _make(self, studio_id: StudioId, actor: Actor, work: Callable[[Scope], T]) -> T:
        with self._database.writing(studio_id, actor) as scope:
            return work(scope)

    def close(self) -> None:
        """End the thread once what was begun is written."""
        self._thread.shutdown()
