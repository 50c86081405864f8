"""What the floor asks to be changed for the day."""

from typing import Annotated, Literal

from pydantic import Field, StringConstraints

from upright_anvil.api.request_model import Line, LoadRequest, MadeId, RequestModel
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.readiness import BEST, LEAST, Pain, Report
from upright_anvil.core.ids import ExerciseId, LineId, PlaceId
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH
from upright_anvil.services.floor.changes.change_requests import (
    Wanted,
    WantsAdd,
    WantsDrop,
    WantsLoad,
    WantsMove,
    WantsPlace,
    WantsReadiness,
    WantsSwap,
    WantsTime,
)

Figure = Annotated[int, Field(ge=LEAST, le=BEST)]
PART = Field(min_length=1, max_length=64, pattern=r"^[A-Za-z0-9_-]+$")


class PainRequest(RequestModel):
    """What hurts, with its side where there are two."""

    joint: Joint
    side: Side | None = None


class ReadinessRequest(RequestModel):
    """How the client came: sleep and energy (5 = very good), stress and soreness (5 = a lot)."""

    sort: Literal["readiness"]
    sleep: Figure
    energy: Figure
    stress: Figure
    soreness: Figure
    pains: Annotated[list[PainRequest], Field(max_length=8)] = Field(default_factory=list)


class TimeRequest(RequestModel):
    """Only so many minutes are left."""

    sort: Literal["late"]
    minutes: Annotated[int, Field(ge=5, le=240)]


class OtherPlaceRequest(RequestModel):
    """Trained at another place today."""

    sort: Literal["place"]
    place: Annotated[PlaceId, PART]


class SwapRequest(RequestModel):
    """Another exercise for a line."""

    sort: Literal["swap"]
    line: Annotated[LineId, PART]
    exercise: Annotated[ExerciseId, PART]
    why: Line = ""


class LoadChangeRequest(RequestModel):
    """Another load for the sets of a line that are left."""

    sort: Literal["load"]
    line: Annotated[LineId, PART]
    load: LoadRequest
    assisted: bool = False


class DropRequest(RequestModel):
    """A line left out."""

    sort: Literal["drop"]
    line: Annotated[LineId, PART]
    why: Line = ""


class AddRequest(RequestModel):
    """One more exercise; the line's id was made by the app."""

    sort: Literal["add"]
    line: Annotated[LineId, PART]
    exercise: Annotated[ExerciseId, PART]
    text: Annotated[str, StringConstraints(max_length=MAX_LENGTH)] = ""


class MoveRequest(RequestModel):
    """A line with its group at another place of the order, from 0."""

    sort: Literal["move"]
    line: Annotated[LineId, PART]
    position: Annotated[int, Field(ge=0, le=40)]


WantedRequest = Annotated[
    ReadinessRequest
    | TimeRequest
    | OtherPlaceRequest
    | SwapRequest
    | LoadChangeRequest
    | DropRequest
    | AddRequest
    | MoveRequest,
    Field(discriminator="sort"),
]


class ChangeRequest(RequestModel):
    """A change of the day to make; ``left_out`` names the parts of it that were not wanted."""

    id: MadeId
    wanted: WantedRequest
    left_out: Annotated[list[Annotated[str, Field(max_length=200)]], Field(max_length=60)] = Field(default_factory=list)


class UndoChangeRequest(RequestModel):
    """A change, or one part of it, to take back."""

    id: MadeId
    undoes: Annotated[str, Field(min_length=1, max_length=300)]


def wanted_of(asked: WantedRequest) -> Wanted:
    """Answer what is asked for as the services take it. Raises `DomainError` for a side that is none."""
    match asked:
        case ReadinessRequest():
            pains = tuple(Pain(pain.joint, pain.side) for pain in asked.pains)
            return WantsReadiness(Report(asked.sleep, asked.energy, asked.stress, asked.soreness, pains))
        case TimeRequest():
            return WantsTime(asked.minutes)
        case OtherPlaceRequest():
            return WantsPlace(asked.place)
        case SwapRequest():
            return WantsSwap(asked.line, asked.exercise, asked.why)
        case LoadChangeRequest():
            return WantsLoad(asked.line, asked.load.load(), asked.assisted)
        case DropRequest():
            return WantsDrop(asked.line, asked.why)
        case AddRequest():
            return WantsAdd(asked.line, asked.exercise, asked.text)
        case MoveRequest():
            return WantsMove(asked.line, asked.position)
