"""What is written down of a client's health."""

from datetime import date, datetime
from typing import Any

from sqlalchemy import ForeignKey, Index
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.core.ids import ClientId
from upright_anvil.store.tables.base import Signed, Table


class HistoryRow(Signed, Table):
    """A dated entry on a joint or condition; a correction is a new row, a withdrawn entry stays and says so."""

    __tablename__ = "history_entry"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    on_date: Mapped[date]
    topic: Mapped[str]
    side: Mapped[str | None]
    state: Mapped[str]
    words: Mapped[str]
    clinician: Mapped[bool]
    due_on: Mapped[date | None]
    withdrawn_at: Mapped[datetime | None]
    at: Mapped[datetime]


class CycleReportRow(Signed, Table):
    """What a client who opted in reports of her cycle, in her own words and an energy of 1 to 5."""

    __tablename__ = "cycle_report"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    on_date: Mapped[date]
    energy: Mapped[int]
    words: Mapped[str]
    at: Mapped[datetime]


class ScreeningRow(Signed, Table):
    """A health screen: the answers, and the outcome they came to on that day."""

    __tablename__ = "screening"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    on_date: Mapped[date]
    answers: Mapped[dict[str, Any]]
    outcome: Mapped[str]
    at: Mapped[datetime]


class ClearanceRow(Signed, Table):
    """What a clinician allowed."""

    __tablename__ = "clearance"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    on_date: Mapped[date]
    by: Mapped[str]
    up_to: Mapped[str]
    limits: Mapped[str]
    at: Mapped[datetime]
    __table_args__ = (Index("clearance_by_date", "on_date"),)


class ConsentRow(Signed, Table):
    """What a client agreed to, in the words shown; empty where only the day is known. It ends by ``withdrawn_on``."""

    __tablename__ = "consent"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    text: Mapped[str]
    on_date: Mapped[date]
    withdrawn_on: Mapped[date | None]
    at: Mapped[datetime]
