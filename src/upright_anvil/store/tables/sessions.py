"""Sessions and the ledger of what was done in them."""

from datetime import date, datetime

from sqlalchemy import ForeignKey, Index, UniqueConstraint
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.store.tables.base import Table


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
