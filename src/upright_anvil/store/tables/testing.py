"""Test rounds and results."""

from datetime import date, datetime

from sqlalchemy import ForeignKey, Index
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.core.ids import ClientId
from upright_anvil.store.tables.base import Signed, Table


class TestRoundRow(Signed, Table):
    """A battery done with a client on a day; the tests are those the battery had then."""

    __tablename__ = "test_round"
    id: Mapped[str] = mapped_column(primary_key=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"))
    battery: Mapped[str]
    battery_name: Mapped[str]
    tests: Mapped[list[str]]
    repeat_weeks: Mapped[int]
    on_date: Mapped[date]
    started_at: Mapped[datetime]
    finished_at: Mapped[datetime | None]
    __table_args__ = (Index("test_round_by_client", "client_id", "on_date"),)


class TestResultRow(Signed, Table):
    """One measurement, in a round or on its own (body weight, girths); never changed, corrections are new rows."""

    __tablename__ = "test_result"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"))
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
