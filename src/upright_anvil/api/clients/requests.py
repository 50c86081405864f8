"""What is asked of a client's file and of places."""

from datetime import date
from typing import Annotated

from pydantic import Field, StringConstraints, ValidationInfo, field_validator

from upright_anvil.api.request_model import MADE, Line, LoadRequest, MadeId, Note, RequestModel, Words
from upright_anvil.core.energy import Activity, Sex
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.ids import PlaceId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.phrases import Language
from upright_anvil.core.progression.schools import School
from upright_anvil.services.clients.clients import ClientFacts

Minutes = Annotated[int, Field(ge=10, le=240)]
Days = Annotated[int, Field(ge=1, le=7)]
Weekday = Annotated[int, Field(ge=0, le=6)]
Equipment = Annotated[str, StringConstraints(max_length=4000)]


class PlaceRequest(RequestModel):
    """A place with its equipment."""

    name: Words
    unit: Unit
    equipment: Equipment = ""
    note: Line = ""


class ExerciseNoteRequest(RequestModel):
    """What always goes for a client with an exercise; empty where it goes no more. The id was made by the app."""

    id: MadeId
    text: Note = ""


class ClientChangeRequest(RequestModel):
    """Some facts of a client; what is left out stays as it is."""

    name: Words | None = None
    unit: Unit | None = None
    aim: GoalKind | None = None
    goal: Line | None = None
    second_aim: GoalKind | None = None
    second_goal: Line | None = None
    about: Note | None = None
    minutes: Minutes | None = None
    days_a_week: Days | None = None
    weekdays: list[Weekday] | None = None
    training_age: TrainingAge | None = None
    school: School | None = None
    birth_year: int | None = None
    contact: Line | None = None
    emergency_contact: Line | None = None
    cycle_reports: bool | None = None
    former: bool | None = None
    likes: Line | None = None
    dislikes: Line | None = None
    ready_by: date | None = None
    language: Language | None = None
    sex: Sex | None = None
    height_cm: int | None = None
    activity: Activity | None = None

    @field_validator("*", mode="before")
    @classmethod
    def _no_emptying(cls, value: object, info: ValidationInfo) -> object:
        """Only what may be unknown can be emptied."""
        if value is None and info.field_name not in (
            "birth_year",
            "ready_by",
            "height_cm",
            "place",
            "body_weight",
        ):
            raise ValueError("leave it out, or say a value")
        return value

    def changes(self) -> dict[str, object]:
        """Answer what was said; None empties the birth year, the day to be ready by and the height."""
        said = {name: getattr(self, name) for name in self.model_fields_set}
        if "weekdays" in said:
            said["weekdays"] = tuple(said["weekdays"])
        return said


class ClientRequest(ClientChangeRequest):
    """A new client; name and unit are enough. Without a place it is the one most clients share."""

    name: Words
    unit: Unit
    place: PlaceRequest | None = None
    body_weight: LoadRequest | None = None

    def facts(self) -> ClientFacts:
        """Answer the flow's facts."""
        said = {k: v for k, v in self.changes().items() if k not in ("place", "body_weight")}
        return ClientFacts(**said)  # type: ignore[arg-type]


class EraseRequest(RequestModel):
    """The whole name of a client who is to be erased for good."""

    name: Annotated[str, StringConstraints(max_length=300)]


class PlacesRequest(RequestModel):
    """Where a client trains, the usual place first."""

    places: Annotated[list[Annotated[PlaceId, MADE]], Field(max_length=12)]


class EquipmentRequest(RequestModel):
    """An equipment text to be read out."""

    text: Equipment
    unit: Unit
