"""What the floor asks to be changed for the day."""

from typing import Annotated, Literal

from pydantic import Field, StringConstraints

from upright_anvil.api.request_model import Line, LoadRequest, MadeId, RequestModel
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.readiness import BEST, LEAST, Pain, Report
from upright_anvil.core.ids import ExerciseId, LineId, PlaceId
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH
from upright_anvil.services.floor.changes.change_requests import (
    RequestedAdd,
    RequestedChange,
    RequestedDrop,
    RequestedLoad,
    RequestedMove,
    RequestedPlace,
    RequestedReadiness,
    RequestedRound,
    RequestedSwap,
    RequestedTime,
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

    def asks(self) -> RequestedChange:
        """Answer what is asked for as the services take it. Raises `DomainError` for a side that is none."""
        pains = tuple(Pain(pain.joint, pain.side) for pain in self.pains)
        return RequestedReadiness(Report(self.sleep, self.energy, self.stress, self.soreness, pains))


class TimeRequest(RequestModel):
    """Only so many minutes are left."""

    sort: Literal["late"]
    minutes: Annotated[int, Field(ge=5, le=240)]

    def asks(self) -> RequestedChange:
        """Answer what is asked for as the services take it."""
        return RequestedTime(self.minutes)


class OtherPlaceRequest(RequestModel):
    """Trained at another place today."""

    sort: Literal["place"]
    place: Annotated[PlaceId, PART]

    def asks(self) -> RequestedChange:
        """Answer what is asked for as the services take it."""
        return RequestedPlace(self.place)


class SwapRequest(RequestModel):
    """Another exercise for a line."""

    sort: Literal["swap"]
    line: Annotated[LineId, PART]
    exercise: Annotated[ExerciseId, PART]
    why: Line = ""

    def asks(self) -> RequestedChange:
        """Answer what is asked for as the services take it."""
        return RequestedSwap(self.line, self.exercise, self.why)


class LoadChangeRequest(RequestModel):
    """Another load for the sets of a line that are left."""

    sort: Literal["load"]
    line: Annotated[LineId, PART]
    load: LoadRequest
    assisted: bool = False

    def asks(self) -> RequestedChange:
        """Answer what is asked for as the services take it."""
        return RequestedLoad(self.line, self.load.load(), self.assisted)


class DropRequest(RequestModel):
    """A line left out."""

    sort: Literal["drop"]
    line: Annotated[LineId, PART]
    why: Line = ""

    def asks(self) -> RequestedChange:
        """Answer what is asked for as the services take it."""
        return RequestedDrop(self.line, self.why)


class AddRequest(RequestModel):
    """One more exercise; the line's id was made by the app."""

    sort: Literal["add"]
    line: Annotated[LineId, PART]
    exercise: Annotated[ExerciseId, PART]
    text: Annotated[str, StringConstraints(max_length=MAX_LENGTH)] = ""

    def asks(self) -> RequestedChange:
        """Answer what is asked for as the services take it."""
        return RequestedAdd(self.line, self.exercise, self.text)


class MoveRequest(RequestModel):
    """A line with its group at another place of the order, from 0."""

    sort: Literal["move"]
    line: Annotated[LineId, PART]
    position: Annotated[int, Field(ge=0, le=40)]

    def asks(self) -> RequestedChange:
        """Answer what is asked for as the services take it."""
        return RequestedMove(self.line, self.position)


class MoreRoundRequest(RequestModel):
    """One more round of the group that a line stands in."""

    sort: Literal["round"]
    line: Annotated[LineId, PART]

    def asks(self) -> RequestedChange:
        """Answer what is asked for as the services take it."""
        return RequestedRound(self.line)


AnyChangeRequest = Annotated[
    ReadinessRequest
    | TimeRequest
    | OtherPlaceRequest
    | SwapRequest
    | LoadChangeRequest
    | DropRequest
    | AddRequest
    | MoveRequest
    | MoreRoundRequest,
    Field(discriminator="sort"),
]


class ChangeRequest(RequestModel):
    """A change of the day to make; ``left_out`` names the parts of it that were not wanted."""

    id: MadeId
    wanted: AnyChangeRequest
    left_out: Annotated[list[Annotated[str, Field(max_length=200)]], Field(max_length=60)] = Field(default_factory=list)


class UndoChangeRequest(RequestModel):
    """A change, or one part of it, to take back."""

    id: MadeId
    undoes: Annotated[str, Field(min_length=1, max_length=300)]
