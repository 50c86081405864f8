"""What every route is given: the data, the trainer and the clock."""

from contextlib import AbstractContextManager
from dataclasses import dataclass, field
from datetime import date, datetime
from typing import Annotated

from fastapi import Depends, Request

from upright_anvil.api.clock import Clock, shifted_clock
from upright_anvil.core.ids import TrainerId
from upright_anvil.store.database import Database, Scope

THE_TRAINER = TrainerId("trainer")
"""There is one trainer until people can sign in."""


@dataclass(frozen=True, slots=True)
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
