"""The tables. Every row that belongs to a client carries its trainer."""

from datetime import UTC, date, datetime
from typing import Any

from sqlalchemy import JSON, ForeignKey, Index, String, UniqueConstraint
from sqlalchemy.engine import Dialect
from sqlalchemy.orm import DeclarativeBase, Mapped, mapped_column
from sqlalchemy.types import TypeDecorator


class Instant(TypeDecorator[datetime]):
    """A moment, kept as ISO 8601 text in UTC."""

    impl = String
    cache_ok = True

    def process_bind_param(self, value: datetime | None, dialect: Dialect) -> str | None:
        """Write a moment; one without a time zone is refused."""
        if value is None:
            return None
        if value.tzinfo is None:
            raise ValueError("a moment needs its time zone")
        return value.astimezone(UTC).isoformat(timespec="milliseconds")

    def process_result_value(self, value: Any, dialect: Dialect) -> datetime | None:
        """Read a moment."""
        return None if value is None else datetime.fromisoformat(value)


class Table(DeclarativeBase):
    """The base of all tables."""

    type_annotation_map = {datetime: Instant, dict[str, Any]: JSON}  # noqa: RUF012 - SQLAlchemy's own attribute


class TrainerRow(Table):
    """A trainer; one for now."""

    __tablename__ = "trainer"
    id: Mapped[str] = mapped_column(primary_key=True)
    name: Mapped[str]


class PlaceRow(Table):
    """A place and its equipment, as text in the unit it was written in."""

    __tablename__ = "place"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"), index=True)
    name: Mapped[str]
    unit: Mapped[str]
    equipment: Mapped[str]


class ClientRow(Table):
    """A client."""

    __tablename__ = "client"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"), index=True)
    place_id: Mapped[str] = mapped_column(ForeignKey("place.id"))
    name: Mapped[str]
    unit: Mapped[str]
    goal: Mapped[str]
    about: Mapped[str]
    minutes: Mapped[int]
    days_a_week: Mapped[int]
    body_weight: Mapped[str | None]
    created_at: Mapped[datetime]


class OwnExerciseRow(Table):
    """An exercise the trainer added; a removed one stays, so that plans which name it still open."""

    __tablename__ = "own_exercise"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"), index=True)
    name: Mapped[str]
    pattern: Mapped[str]
    implement: Mapped[str]
    one_sided: Mapped[bool]
    removed_at: Mapped[datetime | None]


class ProgramRow(Table):
    """A client's program; ``revision`` is the number of the one that holds."""

    __tablename__ = "program"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"), index=True)
    revision: Mapped[int]
    created_at: Mapped[datetime]


class RevisionRow(Table):
    """One immutable state of a program.

    ``undo_to`` and ``redo_to`` are the revisions whose content undo and redo bring back from here.
    """

    __tablename__ = "revision"
    program_id: Mapped[str] = mapped_column(ForeignKey("program.id"), primary_key=True)
    number: Mapped[int] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    author: Mapped[str]
    at: Mapped[datetime]
    reason: Mapped[str]
    undo_to: Mapped[int | None]
    redo_to: Mapped[int | None]
    document: Mapped[str]


class SessionRow(Table):
    """One training session on the floor: which day of which week, from which revision, when."""

    __tablename__ = "session"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"))
    program_id: Mapped[str] = mapped_column(ForeignKey("program.id"))
    revision: Mapped[int]
    week_id: Mapped[str]
    day_id: Mapped[str]
    on_date: Mapped[date]
    estimated_seconds: Mapped[int]
    started_at: Mapped[datetime]
    finished_at: Mapped[datetime | None]
    __table_args__ = (
        UniqueConstraint("program_id", "week_id", "day_id"),
        Index("session_by_client", "client_id", "on_date"),
    )


class PerformedSetRow(Table):
    """One row of the ledger of performed sets, in the order of arrival (``seq``); never changed, never removed."""

    __tablename__ = "performed_set"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"))
    session_id: Mapped[str] = mapped_column(ForeignKey("session.id"), index=True)
    line: Mapped[str]
    number: Mapped[int]
    exercise: Mapped[str]
    outcome: Mapped[str]
    reps: Mapped[int | None]
    seconds: Mapped[int | None]
    load: Mapped[str | None]
    load_unit: Mapped[str | None]
    assisted: Mapped[bool]
    reserve: Mapped[int | None]
    planned: Mapped[str]
    note: Mapped[str]
    replaces: Mapped[str | None]
    logged_at: Mapped[datetime]
    received_at: Mapped[datetime]
    __table_args__ = (Index("performed_set_by_client", "client_id", "exercise", "seq"),)


class NoteRow(Table):
    """A note on a session or one of its lines; corrections are new rows with the same slot."""

    __tablename__ = "note"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"), index=True)
    session_id: Mapped[str] = mapped_column(ForeignKey("session.id"), index=True)
    line: Mapped[str]
    text: Mapped[str]
    at: Mapped[datetime]


class DecisionRow(Table):
    """What the trainer decided on a proposal, with the proposal as it was shown."""

    __tablename__ = "decision"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"), index=True)
    session_id: Mapped[str] = mapped_column(ForeignKey("session.id"), index=True)
    line: Mapped[str]
    verdict: Mapped[str]
    proposed: Mapped[str]
    taken: Mapped[str]
    rule: Mapped[str]
    reason: Mapped[str]
    revision: Mapped[int | None]
    at: Mapped[datetime]
