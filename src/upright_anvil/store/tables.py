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

    type_annotation_map = {datetime: Instant, dict[str, Any]: JSON, list[str]: JSON}  # noqa: RUF012 - SQLAlchemy's own attribute


class TrainerRow(Table):
    """A trainer; one for now. ``library_mark`` is new whenever the trainer's own exercises change."""

    __tablename__ = "trainer"
    id: Mapped[str] = mapped_column(primary_key=True)
    name: Mapped[str]
    library_mark: Mapped[str | None]


class PlaceRow(Table):
    """A place and its equipment, as text in the unit it was written in."""

    __tablename__ = "place"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"), index=True)
    name: Mapped[str]
    unit: Mapped[str]
    equipment: Mapped[str]


class ClientRow(Table):
    """A client; empty text and None stand for what nobody has said yet. Weekdays are digits, Monday = 0."""

    __tablename__ = "client"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"), index=True)
    name: Mapped[str]
    unit: Mapped[str]
    aim: Mapped[str]
    goal: Mapped[str]
    second_aim: Mapped[str]
    second_goal: Mapped[str]
    about: Mapped[str]
    minutes: Mapped[int]
    days_a_week: Mapped[int]
    weekdays: Mapped[str]
    training_age: Mapped[str]
    birth_year: Mapped[int | None]
    contact: Mapped[str]
    emergency_contact: Mapped[str]
    consent_on: Mapped[date | None]
    cycle_reports: Mapped[bool]
    created_at: Mapped[datetime]


class ClientPlaceRow(Table):
    """Where a client trains; position 0 is the usual place."""

    __tablename__ = "client_place"
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"), primary_key=True)
    place_id: Mapped[str] = mapped_column(ForeignKey("place.id"), primary_key=True, index=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    position: Mapped[int]


class HistoryRow(Table):
    """A dated entry on a joint or condition; a correction is a new row, a withdrawn entry stays and says so."""

    __tablename__ = "history_entry"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"), index=True)
    on_date: Mapped[date]
    topic: Mapped[str]
    side: Mapped[str | None]
    state: Mapped[str]
    words: Mapped[str]
    clinician: Mapped[bool]
    due_on: Mapped[date | None]
    withdrawn_at: Mapped[datetime | None]
    at: Mapped[datetime]


class CycleReportRow(Table):
    """What a client who opted in reports of her cycle, in her own words and an energy of 1 to 5."""

    __tablename__ = "cycle_report"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"), index=True)
    on_date: Mapped[date]
    energy: Mapped[int]
    words: Mapped[str]
    at: Mapped[datetime]


class ScreeningRow(Table):
    """A health screen: the answers, and the outcome they came to on that day."""

    __tablename__ = "screening"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"), index=True)
    on_date: Mapped[date]
    answers: Mapped[dict[str, Any]]
    outcome: Mapped[str]
    at: Mapped[datetime]


class ClearanceRow(Table):
    """What a clinician allowed."""

    __tablename__ = "clearance"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"), index=True)
    on_date: Mapped[date]
    by: Mapped[str]
    up_to: Mapped[str]
    limits: Mapped[str]
    at: Mapped[datetime]


class OwnExerciseRow(Table):
    """An exercise the trainer added, or (``shipped_id``) an edit of one that ships; the document is its table.

    A removed one stays, so that plans which name it still open.
    """

    __tablename__ = "own_exercise"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"), index=True)
    shipped_id: Mapped[str | None]
    name: Mapped[str]
    document: Mapped[dict[str, Any]]
    removed_at: Mapped[datetime | None]


class OwnBatteryRow(Table):
    """A battery of the trainer's own, or (``shipped_id``) an edit of one that ships."""

    __tablename__ = "own_battery"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"), index=True)
    shipped_id: Mapped[str | None]
    document: Mapped[dict[str, Any]]
    removed_at: Mapped[datetime | None]


class OwnTestRow(Table):
    """A test of the trainer's own."""

    __tablename__ = "own_test"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"), index=True)
    document: Mapped[dict[str, Any]]


class TestRoundRow(Table):
    """A battery done with a client on a day; the tests are those the battery had then."""

    __tablename__ = "test_round"
    id: Mapped[str] = mapped_column(primary_key=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"))
    battery: Mapped[str]
    battery_name: Mapped[str]
    tests: Mapped[list[str]]
    repeat_weeks: Mapped[int]
    on_date: Mapped[date]
    started_at: Mapped[datetime]
    finished_at: Mapped[datetime | None]
    __table_args__ = (Index("test_round_by_client", "client_id", "on_date"),)


class TestResultRow(Table):
    """One measurement, in a round or on its own (body weight, girths); never changed, corrections are new rows."""

    __tablename__ = "test_result"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    trainer_id: Mapped[str] = mapped_column(ForeignKey("trainer.id"))
    client_id: Mapped[str] = mapped_column(ForeignKey("client.id"))
    round_id: Mapped[str | None] = mapped_column(ForeignKey("test_round.id"), index=True)
    test: Mapped[str]
    on_date: Mapped[date]
    value: Mapped[str | None]
    load: Mapped[str | None]
    load_unit: Mapped[str | None]
    side: Mapped[str | None]
    variant: Mapped[str]
    reserve: Mapped[int | None]
    ended: Mapped[str | None]
    grade: Mapped[int | None]
    note: Mapped[str]
    source: Mapped[str]
    confirmed: Mapped[bool]
    single: Mapped[bool]
    replaces: Mapped[str | None]
    at: Mapped[datetime]
    received_at: Mapped[datetime]
    __table_args__ = (Index("test_result_by_client", "client_id", "test", "seq"),)


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
