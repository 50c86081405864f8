"""Sessions and the ledger of what was done in them."""

from datetime import date, datetime
from typing import Any

from sqlalchemy import ForeignKey, Index, UniqueConstraint
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.core.ids import ClientId, DayId, ExerciseId, LineId, ProgramId, SessionId, WeekId
from upright_anvil.core.ledger.how import LeftSide, RightSide
from upright_anvil.store.tables.base import Owned, Signed, Table


class SessionRow(Signed, Table):
    """One training session on the floor: which day of which week, from which revision, when."""

    __tablename__ = "session"
    id: Mapped[SessionId] = mapped_column(primary_key=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"))
    program_id: Mapped[ProgramId] = mapped_column(ForeignKey("program.id"))
    revision: Mapped[int]
    week_id: Mapped[WeekId]
    day_id: Mapped[DayId]
    on_date: Mapped[date]
    estimated_seconds: Mapped[int]
    started_at: Mapped[datetime]
    finished_at: Mapped[datetime | None]
    effort: Mapped[int | None]
    __table_args__ = (
        UniqueConstraint("program_id", "week_id", "day_id"),
        Index("session_by_client", "client_id", "on_date"),
        Index("session_by_date", "on_date"),
    )


class PerformedSetRow(Signed, Table):
    """One row of the ledger of performed sets, in the order of arrival (``seq``); never changed, never removed."""

    __tablename__ = "performed_set"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"))
    session_id: Mapped[SessionId] = mapped_column(ForeignKey("session.id"), index=True)
    line: Mapped[LineId]
    number: Mapped[int]
    exercise: Mapped[ExerciseId]
    outcome: Mapped[str]
    reps: Mapped[int | None]
    seconds: Mapped[int | None]
    load: Mapped[str | None]
    load_unit: Mapped[str | None]
    assisted: Mapped[bool]
    reserve: Mapped[int | None]
    planned: Mapped[str]
    note: Mapped[str]
    ramp: Mapped[bool]
    left: Mapped[LeftSide | None]
    right: Mapped[RightSide | None]
    lead: Mapped[str | None]
    quality: Mapped[str | None]
    ended: Mapped[str | None]
    pain: Mapped[str | None]
    pain_side: Mapped[str | None]
    checkpoints: Mapped[int | None]
    source: Mapped[str]
    confirmed: Mapped[bool]
    counted: Mapped[int | None]
    metres: Mapped[int | None]
    replaces: Mapped[str | None]
    logged_at: Mapped[datetime]
    received_at: Mapped[datetime]
    __table_args__ = (Index("performed_set_in_order", "client_id", "seq"),)


class NoteRow(Signed, Table):
    """A note on a session or one of its lines; ``for_next`` is shown at the next session of the client."""

    __tablename__ = "note"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    session_id: Mapped[SessionId] = mapped_column(ForeignKey("session.id"), index=True)
    line: Mapped[LineId]
    text: Mapped[str]
    for_next: Mapped[bool]
    at: Mapped[datetime]


class ExerciseNoteRow(Signed, Table):
    """What always goes for a client with an exercise; the newest row of the two holds, an empty one ends it."""

    __tablename__ = "exercise_note"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    exercise: Mapped[ExerciseId]
    text: Mapped[str]
    at: Mapped[datetime]


class SessionChangeRow(Signed, Table):
    """A change to one session, made on the day: what was asked, what it does to the plan; undoing it is a row too."""

    __tablename__ = "session_change"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    session_id: Mapped[SessionId] = mapped_column(ForeignKey("session.id"), index=True)
    sort: Mapped[str]
    asked: Mapped[dict[str, Any]]
    changes: Mapped[dict[str, Any]]
    undoes: Mapped[str | None]
    at: Mapped[datetime]


class ReadinessRow(Signed, Table):
    """How the client came to a session: 1 to 5 each, and what hurts."""

    __tablename__ = "readiness"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    session_id: Mapped[SessionId] = mapped_column(ForeignKey("session.id"), index=True)
    sleep: Mapped[int]
    energy: Mapped[int]
    stress: Mapped[int]
    soreness: Mapped[int]
    pains: Mapped[list[str]]
    at: Mapped[datetime]


class MeasureRow(Signed, Table):
    """What a device measured of a set, beside what the trainer says of it."""

    __tablename__ = "set_measure"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    session_id: Mapped[SessionId] = mapped_column(ForeignKey("session.id"), index=True)
    line: Mapped[LineId]
    number: Mapped[int]
    sort: Mapped[str]
    figures: Mapped[dict[str, Any]]
    at: Mapped[datetime]


class DecisionRow(Signed, Table):
    """What the trainer decided on a proposal, with the proposal as it was shown."""

    __tablename__ = "decision"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    session_id: Mapped[SessionId] = mapped_column(ForeignKey("session.id"), index=True)
    line: Mapped[LineId]
    verdict: Mapped[str]
    proposed: Mapped[str]
    taken: Mapped[str]
    rule: Mapped[str]
    reason: Mapped[str]
    revision: Mapped[int | None]
    at: Mapped[datetime]


class ClientAlertRow(Owned, Table):
    """What stands still of a client, as worked out from the log when it was in a ``state``; no ``trouble``: nothing."""

    __tablename__ = "client_alert"
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), primary_key=True)
    state: Mapped[str]
    trouble: Mapped[str | None]
    text: Mapped[str]
    exercise: Mapped[str]
    at: Mapped[datetime]
