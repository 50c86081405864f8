"""Programs and their revisions."""

from datetime import date, datetime

from sqlalchemy import ForeignKey, Index, text
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.store.tables.base import Packed, Signed, Table


class ProgramRow(Signed, Table):
    """A client's program; ``revision`` is the number of the one that holds.

    ``made_on`` is the day it was made in the studio's own zone, ``starts_on`` the first Monday of the revision that
    holds, kept in step by `store.programs.append`; ``ended_on`` the day it was ended by hand. With ``brought_in`` it is
    none to train by but the record of past sessions, brought in from a file.
    """

    __tablename__ = "program"
    id: Mapped[ProgramId] = mapped_column(primary_key=True)
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), index=True)
    revision: Mapped[int]
    created_at: Mapped[datetime]
    made_on: Mapped[date]
    starts_on: Mapped[date]
    ended_on: Mapped[date | None]
    brought_in: Mapped[str | None] = mapped_column(ForeignKey("brought_in.id"))
    __table_args__ = (
        Index("program_brought_in", "brought_in", sqlite_where=text("brought_in IS NOT NULL")),
        Index("program_by_start", "starts_on"),
        Index(
            "program_not_ended",
            "client_id",
            "starts_on",
            sqlite_where=text("ended_on IS NULL AND brought_in IS NULL"),
        ),
    )


class RevisionRow(Signed, Table):
    """One immutable state of a program.

    ``undo_to`` and ``redo_to`` are the revisions whose content undo and redo bring back from here.
    """

    __tablename__ = "revision"
    program_id: Mapped[ProgramId] = mapped_column(ForeignKey("program.id"), primary_key=True)
    number: Mapped[int] = mapped_column(primary_key=True)
    at: Mapped[datetime]
    reason: Mapped[str]
    undo_to: Mapped[int | None]
    redo_to: Mapped[int | None]
    document: Mapped[str] = mapped_column(Packed)
