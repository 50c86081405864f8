"""The trainer's own exercises, templates, tests and batteries."""

from datetime import datetime
from typing import Any

from sqlalchemy import ForeignKey
from sqlalchemy.orm import Mapped, mapped_column

from upright_anvil.core.ids import ExerciseId, PersonId, StudioId
from upright_anvil.store.tables.base import Signed, Table


class OwnExerciseRow(Signed, Table):
    """An exercise the trainer added, or (``shipped_id``) an edit of one that ships; the document is its table.

    A removed one stays, so that plans which name it still open.
    """

    __tablename__ = "own_exercise"
    id: Mapped[str] = mapped_column(primary_key=True)
    studio_id: Mapped[StudioId] = mapped_column(ForeignKey("studio.id"), index=True)
    shipped_id: Mapped[ExerciseId | None]
    name: Mapped[str]
    document: Mapped[dict[str, Any]]
    removed_at: Mapped[datetime | None]


class ExercisePictureRow(Signed, Table):
    """A photo or drawing of the trainer's own beside an exercise, small, as WebP; ``mark`` is new with each one."""

    __tablename__ = "exercise_picture"
    studio_id: Mapped[StudioId] = mapped_column(ForeignKey("studio.id"), primary_key=True)
    exercise: Mapped[ExerciseId] = mapped_column(primary_key=True)
    mark: Mapped[str]
    content: Mapped[bytes]
    at: Mapped[datetime]


class OwnBatteryRow(Signed, Table):
    """A battery of the trainer's own, or (``shipped_id``) an edit of one that ships."""

    __tablename__ = "own_battery"
    id: Mapped[str] = mapped_column(primary_key=True)
    studio_id: Mapped[StudioId] = mapped_column(ForeignKey("studio.id"), index=True)
    shipped_id: Mapped[ExerciseId | None]
    document: Mapped[dict[str, Any]]
    removed_at: Mapped[datetime | None]


class OwnTemplateRow(Signed, Table):
    """A template of the studio's, or of ``person_id`` alone; the document is its JSON.

    A removed one stays, so that removing is undone.
    """

    __tablename__ = "own_template"
    id: Mapped[str] = mapped_column(primary_key=True)
    person_id: Mapped[PersonId | None] = mapped_column(ForeignKey("person.id"))
    name: Mapped[str]
    document: Mapped[str]
    at: Mapped[datetime]
    removed_at: Mapped[datetime | None]


class OwnTestRow(Signed, Table):
    """A test of the trainer's own."""

    __tablename__ = "own_test"
    id: Mapped[str] = mapped_column(primary_key=True)
    studio_id: Mapped[StudioId] = mapped_column(ForeignKey("studio.id"), index=True)
    document: Mapped[dict[str, Any]]
