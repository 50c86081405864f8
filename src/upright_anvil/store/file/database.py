"""Opening the one file of data, and the scope every query goes through."""

import os
import sqlite3
from collections.abc import Callable, Hashable, Iterator
from contextlib import contextmanager
from dataclasses import dataclass, field
from datetime import UTC, datetime
from pathlib import Path
from typing import Any, TypeVar

from sqlalchemy import Connection, Engine, create_engine, event
from sqlalchemy.exc import DatabaseError
from sqlalchemy.orm import ORMExecuteState, Session

from upright_anvil.core.ids import DeviceId, PersonId, StudioId
from upright_anvil.store.file.audit_trail import AuditTrail
from upright_anvil.store.file.memo import Memory
from upright_anvil.store.file.own_rows import of_studio
from upright_anvil.store.tables.base import Owned, Signed, Table, unpacked

V = TypeVar("V")

MIGRATIONS = Path(__file__).parents[1] / "migrations"

MOST_EMPTY = 0.2
"""The share of a file that may stay empty after its tables were brought up to date; beyond it, it is written anew."""

LOCK_PATIENCE = 3.0
"""Seconds that a write waits while another process writes."""


class BusyError(Exception):
    """A write could not be made now, because others held it up; nothing was changed."""

    def __init__(self) -> None:
        super().__init__("The data are being written by something else just now. Nothing was changed; try again.")


@dataclass(frozen=True, slots=True)
class Actor:
    """Who does something, and on which device; None where nobody signed in."""

    person_id: PersonId | None = None
    device_id: DeviceId | None = None


NOBODY = Actor()
"""What the app does by itself."""


@dataclass(frozen=True, slots=True)
class Scope:
    """A transaction in one studio's data, in somebody's name: what every query of the store takes."""

    connection: Connection
    studio_id: StudioId
    actor: Actor = NOBODY
    memory: Memory = field(default_factory=Memory, repr=False, compare=False)
    seen: dict[Hashable, Any] | None = field(default=None, repr=False, compare=False)
    """What was found and cannot change while this only reads, by what was asked; None where it writes."""
    held: dict[Hashable, Any] = field(default_factory=dict, repr=False, compare=False)
    """Rows that were read, so that one is not read again, and what is never written again, by what was asked."""

    @property
    def driver(self) -> sqlite3.Connection:
        """The driver's own connection, in this transaction: for what is said to SQLite past SQLAlchemy."""
        driver = driver_of(self.connection)
        if not driver.in_transaction:
            driver.execute("BEGIN")  # all that is read in it is of one state
        return driver

    def let_go(self) -> None:
        """End what was read so far, so that it holds nobody up; what is read next is of a newer state."""
        self.connection.rollback()
        driver_of(self.connection).rollback()

    @property
    def db(self) -> Session:
        """What looks after rows that may be changed; it is made when it is asked for, for most never need it."""
        return self.for_good(_StudiosSession, lambda: _StudiosSession(self.connection, self.studio_id, self.actor))

    def write_what_waits(self) -> None:
        """Put what was changed so far before the database, so that a query finds it."""
        if self.seen is None and _StudiosSession in self.held:
            self.db.flush()

    def _end(self, now: Callable[[], datetime] | None) -> None:
        """Write what is left with who changed it, or with no ``now`` let go of all rows."""
        session = self.held.get(_StudiosSession)
        if session is None:
            return
        if now is None:
            session.close()
            return
        session.flush()
        session.add_all(session.trail.entries(session, now()))
        session.flush()

    def for_good(self, asked: Hashable, find: Callable[[], V]) -> V:
        """Answer what is found and is never written again, looked for once a transaction."""
        if asked not in self.held:
            self.held[asked] = find()
        found: V = self.held[asked]
        return found

    def once(self, asked: Hashable, find: Callable[[], V]) -> V:
        """Answer what is found, looked for once while this only reads."""
        if self.seen is None:
            return find()
        if asked not in self.seen:
            self.seen[asked] = find()
        found: V = self.seen[asked]
        return found


class _StudiosSession(Session):
    """What is asked of a studio: every query finds its own rows only, every new row is signed."""

    def __init__(self, connection: Connection, studio_id: StudioId, actor: Actor) -> None:
        # Committing is for whoever opened the transaction.
        super().__init__(connection, expire_on_commit=False, join_transaction_mode="rollback_only")
        self.studio_id, self.actor = studio_id, actor
        self.trail = AuditTrail()


ANY_STUDIO = {"any_studio": True}
"""Execution options of queries that must see whether an id is another studio's, or that count in an index alone."""


@event.listens_for(_StudiosSession, "do_orm_execute")
def _only_own_rows(state: ORMExecuteState) -> None:
    session = state.session
    if isinstance(session, _StudiosSession) and not state.execution_options.get("any_studio"):
        state.statement = of_studio(state.statement, session.studio_id)


@event.listens_for(_StudiosSession, "before_flush")
def _sign_new_rows(session: Session, *_: object) -> None:
    if not isinstance(session, _StudiosSession):
        return
    for row in session.new:
        if isinstance(row, Owned):
            row.studio_id = session.studio_id
        if isinstance(row, Signed):
            row.actor_id, row.device_id = session.actor.person_id, session.actor.device_id
    session.trail.notice(session)


class Database:
    """One SQLite file in WAL mode, foreign keys on, every commit on disk before it is acknowledged."""

    clock: Callable[[], datetime]
    """What says when something was done."""

    def __init__(self, path: Path, lock_patience: float = LOCK_PATIENCE) -> None:
        self.path, self.clock, self.memory = path, lambda: datetime.now(UTC), Memory()
        keep_private(path)
        # What a query was asked with is somebody's health: it stands in no error and no log.
        self.engine = create_engine(f"sqlite:///{path}", connect_args={"timeout": lock_patience}, hide_parameters=True)
        _prepare(self.engine)
        self._ready_to_write: list[tuple[Connection, sqlite3.Connection]] = []

    def create(self, version: str) -> None:
        """Make the tables of the newest migration, ``version``, in an empty file; a test holds both ways alike."""
        with self.engine.begin() as connection:
            Table.metadata.create_all(connection)
            connection.exec_driver_sql("CREATE TABLE alembic_version (version_num VARCHAR(32) NOT NULL PRIMARY KEY)")
            connection.exec_driver_sql("INSERT INTO alembic_version VALUES (?)", (version,))

    def migrate(self) -> None:
        """Bring the tables to the newest migration."""
        from alembic import command
        from alembic.config import Config

        config = Config()
        config.set_main_option("script_location", str(MIGRATIONS))
        with self.engine.connect() as connection:
            # A table that others point at can only be rebuilt while foreign keys are off, which is said before BEGIN.
            driver = driver_of(connection)
            driver.execute("PRAGMA foreign_keys=OFF")
            config.attributes["connection"] = connection
            command.upgrade(config, "head")
            connection.commit()
            driver.execute("PRAGMA foreign_keys=ON")
            pages, free = (driver.execute(f"PRAGMA {of}").fetchone()[0] for of in ("page_count", "freelist_count"))
            if free > pages * MOST_EMPTY:
                driver.execute("VACUUM")

    @contextmanager
    def reading(self, studio_id: StudioId, actor: Actor = NOBODY) -> Iterator[Scope]:
        """Open a transaction that only reads."""
        with self.engine.connect() as connection:
            scope = Scope(connection, studio_id, actor, self.memory, {})
            try:
                yield scope
            except sqlite3.DatabaseError as error:
                raise _told(error) from error
            finally:
                scope._end(None)

    @contextmanager
    def writing(self, studio_id: StudioId, actor: Actor = NOBODY) -> Iterator[Scope]:
        """Open a transaction that writes; it is on disk when the block ends, or undone when it raises.

        What it changes is kept with who did it. Raises `BusyError` when another process holds the lock for longer than
        a write waits.
        """
        try:
            ready = self._ready_to_write.pop()
        except IndexError:  # the first time, or others write too
            fresh = self.engine.connect()
            ready = fresh, driver_of(fresh)
        connection, driver = ready
        try:
            driver.execute("BEGIN IMMEDIATE")
            scope = Scope(connection, studio_id, actor, self.memory)
            try:
                yield scope
                scope._end(self.clock)
                # SQLAlchemy takes part from the first query that is its own on: then it is for it to commit.
                (connection if connection.in_transaction() else driver).commit()
            finally:
                scope._end(None)
        except sqlite3.DatabaseError as error:
            if getattr(error, "sqlite_errorcode", None) == sqlite3.SQLITE_BUSY:
                raise BusyError from error
            raise _told(error) from error
        finally:
            if connection.in_transaction():
                connection.rollback()
            if driver.in_transaction:
                driver.rollback()
            self._ready_to_write.append(ready)

    def close(self) -> None:
        """Close all connections."""
        while self._ready_to_write:
            connection, _ = self._ready_to_write.pop()
            connection.close()
        self.engine.dispose()


def _told(error: sqlite3.DatabaseError) -> DatabaseError:
    return DatabaseError(None, None, error, hide_parameters=True)


def driver_of(connection: Connection) -> sqlite3.Connection:
    """Answer the driver's own connection, for what is said to SQLite past SQLAlchemy."""
    driver = connection.connection.driver_connection
    assert isinstance(driver, sqlite3.Connection)  # noqa: S101 - what it opens
    return driver


def keep_private(path: Path) -> None:
    """See that a file of data is there and that nobody else on the machine reads it: 0600, a new folder 0700.

    Raises `OSError` where it cannot be made. What SQLite puts beside it takes over its permissions.
    """
    path.parent.mkdir(parents=True, exist_ok=True, mode=0o700)
    os.close(os.open(path, os.O_CREAT | os.O_RDWR, 0o600))
    for file in (path, *(path.with_name(path.name + end) for end in ("-wal", "-shm"))):
        if file.exists() and file.stat().st_uid == os.getuid():
            file.chmod(0o600)


def _prepare(engine: Engine) -> None:
    @event.listens_for(engine, "connect")
    def _settings(connection: Any, _: object) -> None:
        connection.create_function("unpacked", 1, unpacked, deterministic=True)
        connection.isolation_level = None  # transactions begin where SQLAlchemy says, not where the driver guesses
        for pragma in ("journal_mode=WAL", "foreign_keys=ON", "synchronous=FULL", "secure_delete=ON"):
            connection.execute(f"PRAGMA {pragma}")

    @event.listens_for(engine, "begin")
    def _begin(connection: Connection) -> None:
        driver = driver_of(connection)
        if not driver.in_transaction:  # a writing one has begun
            driver.execute("BEGIN")
