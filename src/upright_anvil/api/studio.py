"""What every route is given: the data, the trainer and the clock."""

import asyncio
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from contextlib import AbstractContextManager
from dataclasses import dataclass, field
from datetime import date, datetime
from functools import cached_property
from threading import Lock
from typing import Annotated, TypeVar

from fastapi import Depends, Request

from upright_anvil.api.clock import Clock, shifted_clock
from upright_anvil.api.news import News
from upright_anvil.core.ids import SessionId, TrainerId
from upright_anvil.services.backups.folder import BackupFolder
from upright_anvil.store.database import Database, Scope
from upright_anvil.store.writer import Writer

THE_TRAINER = TrainerId("trainer")
"""There is one trainer until people can sign in."""


T = TypeVar("T")

AT_ONCE = 2
"""Boards, drafts and reviews that are worked out at the same time; more would only wait for each other."""


@dataclass(frozen=True)
class Studio:
    """The database in the name of the signed-in trainer, and the clock."""

    database: Database
    clock: Clock = field(default_factory=shifted_clock)
    trainer_id: TrainerId = THE_TRAINER

    @property
    def now(self) -> datetime:
        """This moment."""
        return self.clock()

    @property
    def today(self) -> date:
        """Today's date where the studio is."""
        return self.clock().date()

    @cached_property
    def news(self) -> News:
        """Who watches which session."""
        return News()

    @cached_property
    def drawing(self) -> ThreadPoolExecutor:
        """The threads for heavy work."""
        return ThreadPoolExecutor(max_workers=AT_ONCE, thread_name_prefix="drawing")

    @cached_property
    def backups(self) -> BackupFolder:
        """The studio's backups."""
        return BackupFolder(self.database.path)

    @cached_property
    def backing_up(self) -> Lock:
        """Held while a backup is made or restored."""
        return Lock()

    @cached_property
    def writer(self) -> Writer:
        """The one writer."""
        return Writer(self.database)

    async def read(self, work: Callable[[Scope], T]) -> T:
        """Answer what some work answers, off the event loop, in a transaction that only reads.

        What is worked out around a write is heavy: a few at a time, so that sets and plain reads come in between.
        """

        def made() -> T:
            with self.reading() as scope:
                return work(scope)

        return await asyncio.wrap_future(self.drawing.submit(made))

    async def write(self, work: Callable[[Scope], T], *, about: SessionId | None = None) -> T:
        """Answer what some work answers once it is on disk; it takes its turn. Raises `BusyError`.

        Who watches the session that it is ``about`` is told.
        """
        answer = await self.writer.write(self.trainer_id, work)
        if about is not None:
            self.news.tell(about)
        return answer

    def close(self) -> None:
        """End the writer, once what was begun is written, and close all connections."""
        if "writer" in vars(self):
            self.writer.close()
        if "drawing" in vars(self):
            self.drawing.shutdown()
        self.database.close()

    def reading(self) -> AbstractContextManager[Scope]:
        """Open a transaction that only reads."""
        return self.database.reading(self.trainer_id)

    def writing(self) -> AbstractContextManager[Scope]:
        """Open a transaction that is on disk when its block ends."""
        return self.database.writing(self.trainer_id)


async def _studio(request: Request) -> Studio:
    studio = request.app.state.studio
    assert isinstance(studio, Studio)  # noqa: S101 - set when the app is made
    return studio


Here = Annotated[Studio, Depends(_studio)]
"""The studio, as a route's parameter."""
