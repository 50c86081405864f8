"""What is written down of a client's health."""

from datetime import date, datetime
from typing import Any

from sqlalchemy import ForeignKey
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.core.ids import ClientId
from upright_anvil.store.tables.base import Owned, Table


class HistoryRow(Owned, Table):
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


class CycleReportRow(Owned, Table):
    """What a client who opted in reports of her cycle, in her own words and an energy of 1 to 5."""

    __tablename__ = "cycle_report"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    on_date: Mapped[date]
    energy: Mapped[int]
    words: Mapped[str]
    at: Mapped[datetime]


class ScreeningRow(Owned, Table):
    """A health screen: the answers, and the outcome they came to on that day."""

    __tablename__ = "screening"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    on_date: Mapped[date]
    answers: Mapped[dict[str, Any]]
    outcome: Mapped[str]
    at: Mapped[datetime]


class ClearanceRow(Owned, Table):
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
