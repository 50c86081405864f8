"""Trainers, clients and places."""

from datetime import date, datetime

from sqlalchemy import ForeignKey
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.core.ids import ClientId, PlaceId, TrainerId
from upright_anvil.store.tables.base import Owned, Table


class TrainerRow(Table):
    """A trainer; one for now. ``library_mark`` is new whenever the trainer's own exercises change."""

    __tablename__ = "trainer"
    id: Mapped[TrainerId] = mapped_column(primary_key=True)
    name: Mapped[str]
    library_mark: Mapped[str | None]


class SettingRow(Owned, Table):
    """One of the trainer's own settings, by name."""

    __tablename__ = "setting"
    trainer_id: Mapped[TrainerId] = mapped_column(ForeignKey("trainer.id"), primary_key=True)
    name: Mapped[str] = mapped_column(primary_key=True)
    value: Mapped[str]


class PlaceRow(Owned, Table):
    """A place and its equipment, as text in the unit it was written in; ``note`` is what to know of it."""

    __tablename__ = "place"
    id: Mapped[PlaceId] = mapped_column(primary_key=True)
    trainer_id: Mapped[TrainerId] = mapped_column(ForeignKey("trainer.id"), index=True)
    name: Mapped[str]
    unit: Mapped[str]
    equipment: Mapped[str]
    note: Mapped[str]


class ClientRow(Owned, Table):
    """A client; empty text and None stand for what nobody has said yet. Weekdays are digits, Monday = 0.

    ``brought_in`` says with what the client was brought in from a file.
    """

    __tablename__ = "client"
    id: Mapped[ClientId] = mapped_column(primary_key=True)
    trainer_id: Mapped[TrainerId] = mapped_column(ForeignKey("trainer.id"), index=True)
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
    consent_on: Mapped[date | None]
    cycle_reports: Mapped[bool]
    former: Mapped[bool]
    likes: Mapped[str]
    dislikes: Mapped[str]
    ready_by: Mapped[date | None]
    language: Mapped[str]
    sex: Mapped[str]
    height_cm: Mapped[int | None]
    activity: Mapped[str]
    created_at: Mapped[datetime]
    brought_in: Mapped[str | None] = mapped_column(ForeignKey("brought_in.id"), index=True)


class ClientPlaceRow(Owned, Table):
    """Where a client trains; position 0 is the usual place."""

    __tablename__ = "client_place"
    client_id: Mapped[ClientId] = mapped_column(ForeignKey("client.id"), primary_key=True)
    place_id: Mapped[PlaceId] = mapped_column(ForeignKey("place.id"), primary_key=True, index=True)
    position: Mapped[int]
