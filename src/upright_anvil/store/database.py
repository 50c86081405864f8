"""Opening the one file of data, and the scope every query goes through."""

import os
import sqlite3
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from pathlib import Path
from typing import Any

from alembic import command
from alembic.config import Config
from sqlalchemy import Connection, Engine, create_engine, event
from sqlalchemy.exc import OperationalError
from sqlalchemy.orm import ORMExecuteState, Session, with_loader_criteria

from upright_anvil.core.ids import TrainerId
from upright_anvil.store.tables.base import Owned

MIGRATIONS = Path(__file__).parent / "migrations"

LOCK_PATIENCE = 3.0
"""Seconds that a write waits while another process writes."""


class BusyError(Exception):
    """A write could not be made now, because others held it up; nothing was changed."""

    def __init__(self) -> None:
        super().__init__("The data are being written by something else just now. Nothing was changed; try again.")


@dataclass(frozen=True, slots=True)
class Scope:
    """A transaction in the name of one trainer: what every query of the store takes."""

    db: Session
    trainer_id: TrainerId


class _TrainersSession(Session):
    """What a trainer asks: every query finds the trainer's own rows only, every new row is the trainer's."""

    def __init__(self, engine: Engine, trainer_id: TrainerId) -> None:
        super().__init__(engine, expire_on_commit=False)
        self.trainer_id = trainer_id


ANY_TRAINER = {"any_trainer": True}
"""Execution options of the one query that must see whether an id is somebody else's."""


@event.listens_for(_TrainersSession, "do_orm_execute")
def _only_own_rows(state: ORMExecuteState) -> None:
    session = state.session
    if isinstance(session, _TrainersSession) and not state.execution_options.get("any_trainer"):
        trainer_id = session.trainer_id
        state.statement = state.statement.options(
            with_loader_criteria(Owned, lambda kind: kind.trainer_id == trainer_id, include_aliases=True)
        )


@event.listens_for(_TrainersSession, "before_flush")
def _sign_new_rows(session: Session, *_: object) -> None:
    for row in session.new:
        if isinstance(row, Owned) and isinstance(session, _TrainersSession):
            row.trainer_id = session.trainer_id


class Database:
    """One SQLite file in WAL mode, foreign keys on, every commit on disk before it is acknowledged."""

    def __init__(self, path: Path, lock_patience: float = LOCK_PATIENCE) -> None:
        self.path = path
        keep_private(path)
        # What a query was asked with is somebody's health: it stands in no error and no log.
        self.engine = create_engine(f"sqlite:///{path}", connect_args={"timeout": lock_patience}, hide_parameters=True)
        _prepare(self.engine)
        self._writing = self.engine.execution_options(writes=True)

    def migrate(self) -> None:
        """Bring the tables to the newest migration."""
        config = Config()
        config.set_main_option("script_location", str(MIGRATIONS))
        with self.engine.connect() as connection:
            # A table that others point at can only be rebuilt while foreign keys are off, which is said before BEGIN.
            driver = connection.connection.driver_connection
            assert driver is not None  # noqa: S101 - a connection that was just opened
            driver.execute("PRAGMA foreign_keys=OFF")
            config.attributes["connection"] = connection
            command.upgrade(config, "head")
            connection.commit()
            driver.execute("PRAGMA foreign_keys=ON")

    @contextmanager
    def reading(self, trainer_id: TrainerId) -> Iterator[Scope]:
        """Open a transaction that only reads."""
        with _TrainersSession(self.engine, trainer_id) as session:
            yield Scope(session, trainer_id)

    @contextmanager
    def writing(self, trainer_id: TrainerId) -> Iterator[Scope]:
        """Open a transaction that writes; it is on disk when the block ends, or undone when it raises.

        Raises `BusyError` when another process holds the lock for longer than a write waits.
        """
        with _TrainersSession(self._writing, trainer_id) as session, session.begin():
            try:
                session.connection()
            except OperationalError as locked:
                if getattr(locked.orig, "sqlite_errorcode", None) == sqlite3.SQLITE_BUSY:
                    raise BusyError from locked
                raise
            yield Scope(session, trainer_id)

    def close(self) -> None:
        """Close all connections."""
        self.engine.dispose()


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
        connection.isolation_level = None  # transactions begin where SQLAlchemy says, not where the driver guesses
        for pragma in ("journal_mode=WAL", "foreign_keys=ON", "synchronous=FULL", "secure_delete=ON"):
            connection.execute(f"PRAGMA {pragma}")

    @event.listens_for(engine, "begin")
    def _begin(connection: Connection) -> None:
        writes = connection.get_execution_options().get("writes", False)
        connection.exec_driver_sql("BEGIN IMMEDIATE" if writes else "BEGIN")
