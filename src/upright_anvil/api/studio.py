"""What every route is given: the data, the trainer and the clock."""

import asyncio
from collections.abc import Awaitable, Callable, Mapping
from concurrent.futures import ThreadPoolExecutor
from contextlib import AbstractContextManager
from contextvars import copy_context
from dataclasses import dataclass, field, replace
from datetime import date, datetime
from functools import cached_property, partial, wraps
from threading import Lock
from typing import Annotated, Any, ParamSpec, TypeVar

from fastapi import Depends
from starlette.requests import HTTPConnection

from upright_anvil.api.clock import Clock, shifted_clock
from upright_anvil.api.guard.access_book import AccessBook, Visitor
from upright_anvil.api.news import News
from upright_anvil.core.ids import PersonId, SessionId, StudioId
from upright_anvil.core.people.roles import Role
from upright_anvil.services.backups.folder import BackupFolder
from upright_anvil.services.people.passkeys import Challenges
from upright_anvil.store.file.database import Actor, Database, Scope
from upright_anvil.store.file.writer import Writer

THE_STUDIO = StudioId("trainer")
"""One studio a file; files of before there were studios call it so."""

THE_OWNER = PersonId("trainer")
"""The first of its people: whoever sits at the machine, until there is a passphrase."""


P = ParamSpec("P")
T = TypeVar("T")

AT_ONCE = 2
"""Boards, drafts and reviews that are worked out at the same time; more would only wait for each other."""


class Shared:
    """What everybody in a studio shares while the app runs."""

    def __init__(
        self,
        database: Database,
        studio_id: StudioId,
        *,
        always_sign_in: bool = False,
        drawing: ThreadPoolExecutor | None = None,
        backing_up: "Lock | None" = None,
        seen: dict[str, datetime] | None = None,
    ) -> None:
        """``drawing``, ``backing_up`` and ``seen`` (see `AccessBook`) where they outlast this opening of the file."""
        self.access = AccessBook(database, studio_id, always=always_sign_in, seen=seen)
        self.challenges = Challenges()
        self.news = News()
        self.backups = BackupFolder(database.path)
        self.backing_up = backing_up or Lock()
        self._common_drawing = drawing
        self._database = database

    @cached_property
    def coming_in(self) -> asyncio.Lock:
        """Held while a secret is compared: one after the other, so that no try slips past the count."""
        return asyncio.Lock()

    @cached_property
    def drawing(self) -> ThreadPoolExecutor:
        """The threads for heavy work."""
        return self._common_drawing or ThreadPoolExecutor(max_workers=AT_ONCE, thread_name_prefix="drawing")

    @cached_property
    def writer(self) -> Writer:
        """The one writer."""
        return Writer(self._database)

    def close(self) -> None:
        """End the threads, once what was begun is written."""
        if "writer" in vars(self):
            self.writer.close()
        if "drawing" in vars(self) and self._common_drawing is None:
            self.drawing.shutdown()


@dataclass(frozen=True)
class Studio:
    """The studio's data in somebody's name, and the clock."""

    database: Database
    clock: Clock = field(default_factory=shifted_clock)
    studio_id: StudioId = THE_STUDIO
    actor: Actor = field(default=Actor(THE_OWNER))
    role: Role = Role.OWNER
    others: Shared | None = field(default=None, repr=False)

    def __post_init__(self) -> None:
        if self.others is None:
            object.__setattr__(self, "others", Shared(self.database, self.studio_id))
            self.database.clock = self.clock

    @property
    def shared(self) -> Shared:
        """What everybody in the studio shares."""
        assert self.others is not None  # noqa: S101 - set when it is made
        return self.others

    def of(self, actor: Actor, role: Role) -> "Studio":
        """Answer the same studio in somebody's name."""
        return replace(self, actor=actor, role=role)

    @property
    def now(self) -> datetime:
        """This moment."""
        return self.clock()

    @property
    def today(self) -> date:
        """Today's date where the studio is."""
        return self.clock().date()

    @property
    def news(self) -> News:
        """Who watches which session."""
        return self.shared.news

    @property
    def drawing(self) -> ThreadPoolExecutor:
        """The threads for heavy work."""
        return self.shared.drawing

    @property
    def backups(self) -> BackupFolder:
        """The studio's backups."""
        return self.shared.backups

    @property
    def backing_up(self) -> Lock:
        """Held while a backup is made or restored."""
        return self.shared.backing_up

    @property
    def writer(self) -> Writer:
        """The one writer."""
        return self.shared.writer

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
        answer = await self.writer.write(self.studio_id, self.actor, work)
        if about is not None:
            self.news.tell(about)
        return answer

    def close(self) -> None:
        """End what runs beside, and close all connections."""
        self.shared.close()
        self.database.close()

    def reading(self) -> AbstractContextManager[Scope]:
        """Open a transaction that only reads."""
        return self.database.reading(self.studio_id, self.actor)

    def writing(self) -> AbstractContextManager[Scope]:
        """Open a transaction that is on disk when its block ends."""
        return self.database.writing(self.studio_id, self.actor)


def heavy(endpoint: Callable[P, T]) -> Callable[P, Awaitable[T]]:
    """Let an endpoint that takes ``here`` do its work in the threads for heavy work.

    A few boards at a time: more of them would only wait for each other, and hold up the sets of everybody.
    """

    @wraps(endpoint)
    async def elsewhere(*args: P.args, **given: P.kwargs) -> T:
        here = given["here"]
        assert isinstance(here, Studio)  # noqa: S101 - what `Here` gives
        work = partial(copy_context().run, endpoint, *args, **given)
        return await asyncio.wrap_future(here.drawing.submit(work))

    return elsewhere


async def studio_of(asked: HTTPConnection) -> Studio:
    """Answer the studio that is lent for a request, in the name of who asks."""
    return studio_in(asked.scope["state"])


def studio_in(state: Mapping[str, Any]) -> Studio:
    """Answer the same from what a request carries along."""
    studio = state["studio"]
    assert isinstance(studio, Studio)  # noqa: S101 - lent for the request
    visitor = _signed_in(state)
    return studio if visitor is None else studio.of(Actor(visitor.person_id, visitor.device_id), visitor.role)


def role_of(state: Mapping[str, Any]) -> Role:
    """Answer the role of who asks, from what a request carries along."""
    visitor = _signed_in(state)
    role = state["studio"].role if visitor is None else visitor.role
    assert isinstance(role, Role)  # noqa: S101 - a studio's or a visitor's
    return role


def _signed_in(state: Mapping[str, Any]) -> Visitor | None:
    """Who asks, None where nobody has to sign in."""
    return state.get("visitor") if state.get("demanded") else None


Here = Annotated[Studio, Depends(studio_of)]
"""The studio, as a route's parameter."""
