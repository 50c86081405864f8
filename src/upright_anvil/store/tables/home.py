"""Home sheets and what came back from them."""

from datetime import datetime

from sqlalchemy import ForeignKey, Index
from sqlalchemy import text as sql
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.core.ids import ClientId, DayId, ProgramId, SessionId, WeekId
from upright_anvil.store.tables.base import Signed, Table


class HomeSheetRow(Signed, Table):
    """A sheet as it was given to the client: the document never changes, whatever becomes of the program.

    ``send_code`` lets it send to the studio's address once, until ``send_until``.
    """

    __tablename__ = "home_sheet"
    id: Mapped[str] = mapped_column(primary_key=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    program_id: Mapped[ProgramId] = mapped_column(ForeignKey("program.id"))
    made_at: Mapped[datetime]
    document: Mapped[str]
    send_code: Mapped[str]
    send_until: Mapped[datetime | None]


class HomeResultRow(Signed, Table):
    """A result that came back: its text, and the session it went into; none while it waits to be looked at."""

    __tablename__ = "home_result"
    seq: Mapped[int] = mapped_column(primary_key=True)
    id: Mapped[str] = mapped_column(unique=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"))
    sheet_id: Mapped[str] = mapped_column(ForeignKey("home_sheet.id"), index=True)
    week_id: Mapped[WeekId]
    day_id: Mapped[DayId]
    text: Mapped[str]
    note: Mapped[str]
    hurt: Mapped[bool]
    session_id: Mapped[SessionId | None] = mapped_column(ForeignKey("session.id"))
    set_aside: Mapped[bool]
    read: Mapped[bool]
    received_at: Mapped[datetime]
    __table_args__ = (
        Index("home_result_by_client", "client_id", "seq"),
        Index("home_result_unread", "seq", sqlite_where=sql("read IS 0 AND set_aside IS 0")),
    )
