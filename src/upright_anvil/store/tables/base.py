"""What all tables share."""

import zlib
from datetime import UTC, datetime
from typing import Any

from sqlalchemy import JSON, ForeignKey, Integer, LargeBinary, String
from sqlalchemy.engine import Dialect
from sqlalchemy.orm import DeclarativeBase, Mapped, mapped_column
from sqlalchemy.types import TypeDecorator

from upright_anvil.core.ids import (
    ClientId,
    DayId,
    DeviceId,
    ExerciseId,
    LineId,
    PersonId,
    PlaceId,
    ProgramId,
    SessionId,
    StudioId,
    WeekId,
)
from upright_anvil.core.ledger.how import LeftSide, RightSide


class Packed(TypeDecorator[str]):
    """A long text, kept compressed: a program's document takes a tenth, and each can be read without the others."""

    impl = LargeBinary
    cache_ok = True

    @property
    def python_type(self) -> type[str]:
        """What it is outside the table."""
        return str

    def process_bind_param(self, value: str | None, dialect: Dialect) -> bytes | None:
        """Pack a text."""
        return None if value is None else packed(value)

    def process_result_value(self, value: Any, dialect: Dialect) -> str | None:
        """Unpack it."""
        return unpacked(value)


def packed(text: str) -> bytes:
    """Answer a text packed."""
    return zlib.compress(text.encode(), PACKED_AT)


def unpacked(value: bytes | None) -> str | None:
    """Answer a packed text; a function of the database too, so that it can be searched (``unpacked(document)``)."""
    return None if value is None else zlib.decompress(value).decode()


PACKED_AT = 6
"""How hard texts are packed, 1 to 9."""


class Instant(TypeDecorator[datetime]):
    """A moment, kept as ISO 8601 text in UTC."""

    impl = String
    cache_ok = True

    def process_bind_param(self, value: datetime | None, dialect: Dialect) -> str | None:
        """Write a moment; one without a time zone is refused."""
        return None if value is None else moment_text(value)

    def process_result_value(self, value: Any, dialect: Dialect) -> datetime | None:
        """Read a moment."""
        return None if value is None else datetime.fromisoformat(value)


def moment_text(moment: datetime) -> str:
    """Answer a moment as it is kept. Raises `ValueError` without a time zone."""
    if moment.tzinfo is None:
        raise ValueError("a moment needs its time zone")
    return moment.astimezone(UTC).isoformat(timespec="milliseconds")


_NAMED: dict[Any, Any] = {LeftSide: Integer(), RightSide: Integer()} | {
    kind: String()
    for kind in (
        StudioId, PersonId, DeviceId, ClientId, ProgramId, SessionId, PlaceId, WeekId, DayId, LineId, ExerciseId
    )
}  # fmt: skip


class Table(DeclarativeBase):
    """The base of all tables."""

    type_annotation_map = {  # noqa: RUF012 - SQLAlchemy's own attribute
        datetime: Instant,
        dict[str, Any]: JSON,
        list[str]: JSON,
        **_NAMED,
    }


class Owned:
    """A row of one studio: a scope finds no other's and signs its own (`store.file.database`)."""

    studio_id: Mapped[StudioId] = mapped_column(ForeignKey("studio.id"))


class Signed(Owned):
    """A row that says who made it and on which device, apart from whose it is; None from before people signed in."""

    actor_id: Mapped[PersonId | None] = mapped_column(ForeignKey("person.id"))
    device_id: Mapped[DeviceId | None] = mapped_column(ForeignKey("device.id"))
