"""The studio, its settings, clients and places."""

from datetime import date, datetime

from sqlalchemy import ForeignKey
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.core.ids import ClientId, PersonId, PlaceId, StudioId
from upright_anvil.store.tables.base import Owned, Signed, Table


class StudioRow(Table):
    """A studio; one a file. ``library_mark`` is new whenever the studio's own exercises change."""

    __tablename__ = "studio"
    id: Mapped[StudioId] = mapped_column(primary_key=True)
    name: Mapped[str]
    library_mark: Mapped[str | None]


class SettingRow(Owned, Table):
    """A setting by name: the studio's where ``person_id`` is empty, else somebody's own beside it."""

    __tablename__ = "setting"
    studio_id: Mapped[StudioId] = mapped_column(ForeignKey("studio.id"), primary_key=True)
    person_id: Mapped[str] = mapped_column(primary_key=True)
    name: Mapped[str] = mapped_column(primary_key=True)
    value: Mapped[str]


class PlaceRow(Signed, Table):
    """A place and its equipment, as text in the unit it was written in; ``note`` is what to know of it."""

    __tablename__ = "place"
    id: Mapped[PlaceId] = mapped_column(primary_key=True)
    studio_id: Mapped[StudioId] = mapped_column(ForeignKey("studio.id"), index=True)
    name: Mapped[str]
    unit: Mapped[str]
    equipment: Mapped[str]
    note: Mapped[str]


class ClientRow(Signed, Table):
    """A client; empty text and None stand for what nobody has said yet. Weekdays are digits, Monday = 0.

    ``lead_id`` is the client's own trainer; ``cover_id`` stands in through ``cover_until``. ``brought_in`` says with
    what the client was brought in from a file.
    """

    __tablename__ = "client"
    id: Mapped[ClientId] = mapped_column(primary_key=True)
    studio_id: Mapped[StudioId] = mapped_column(ForeignKey("studio.id"), index=True)
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
    school: Mapped[str]
    birth_year: Mapped[int | None]
    contact: Mapped[str]
    emergency_contact: Mapped[str]
    cycle_reports: Mapped[bool]
    former: Mapped[bool]
    likes: Mapped[str]
    dislikes: Mapped[str]
    ready_by: Mapped[date | None]
    language: Mapped[str]
    sex: Mapped[str]
    height_cm: Mapped[int | None]
    activity: Mapped[str]
    lead_id: Mapped[PersonId | None] = mapped_column(ForeignKey("person.id"))
    cover_id: Mapped[PersonId | None] = mapped_column(ForeignKey("person.id"))
    cover_until: Mapped[date | None]
    created_at: Mapped[datetime]
    brought_in: Mapped[str | None] = mapped_column(ForeignKey("brought_in.id"), index=True)


class ClientPlaceRow(Signed, Table):
    """Where a client trains; position 0 is the usual place."""

    __tablename__ = "client_place"
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), primary_key=True)
    place_id: Mapped[PlaceId] = mapped_column(ForeignKey("place.id"), primary_key=True, index=True)
    position: Mapped[int]
