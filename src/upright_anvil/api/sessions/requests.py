"""What the floor and the review after it ask."""

from datetime import date
from typing import Annotated

from pydantic import AwareDatetime, Field, StringConstraints

from upright_anvil.api.request_model import MADE, LoadRequest, MadeId, Note, RequestModel
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.ids import NO_LINE, NO_PLACE, DayId, ExerciseId, LineId, PlaceId, ProgramId, WeekId
from upright_anvil.core.ledger.how import NOTHING_SEEN, How, LeftSide, Quality, RightSide, SetEnd, Source
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.prescription.bounds import (
    MAX_ALTERNATIVES,
    MAX_COUNTED,
    MAX_METRES,
    MAX_REPS,
    MAX_RESERVE,
    MAX_WORK_SECONDS,
)
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH
from upright_anvil.services.review.decisions import Decision
from upright_anvil.services.review.views import Verdict


class StartRequest(RequestModel):
    """A session opened on the floor."""

    program_id: Annotated[ProgramId, MADE]
    week_id: Annotated[WeekId, Field(min_length=1, max_length=64)]
    day_id: Annotated[DayId, Field(min_length=1, max_length=64)]
    started_at: AwareDatetime


class AfterwardsRequest(RequestModel):
    """A session held on a day and written down afterwards; without text all of it went as planned."""

    program_id: Annotated[ProgramId, MADE]
    week_id: Annotated[WeekId, Field(min_length=1, max_length=64)]
    day_id: Annotated[DayId, Field(min_length=1, max_length=64)]
    on: date
    place: Annotated[PlaceId, Field(max_length=64)] = NO_PLACE
    text: Annotated[str, StringConstraints(max_length=6000)] = ""


class HowRequest(RequestModel):
    """What was seen of a set beside its figures."""

    left: Annotated[LeftSide, Field(ge=0, le=MAX_WORK_SECONDS)] | None = None
    right: Annotated[RightSide, Field(ge=0, le=MAX_WORK_SECONDS)] | None = None
    lead: Side | None = None
    quality: Quality | None = None
    ended: SetEnd | None = None
    pain: Joint | None = None
    pain_side: Side | None = None
    checkpoints: Annotated[int, Field(ge=0, le=MAX_ALTERNATIVES)] | None = None
    source: Source = Source.TAP
    confirmed: bool = False
    counted: Annotated[int, Field(ge=0, le=MAX_COUNTED)] | None = None


class SetRequest(RequestModel):
    """A set as the floor logs it; the id was made there."""

    id: MadeId
    line: Annotated[LineId, Field(min_length=1, max_length=64)]
    number: Annotated[int, Field(ge=1, le=60)]
    exercise: Annotated[ExerciseId, Field(min_length=1, max_length=64)]
    outcome: Outcome
    reps: Annotated[int, Field(ge=0, le=MAX_REPS)] | None = None
    seconds: Annotated[int, Field(ge=0, le=MAX_WORK_SECONDS)] | None = None
    load: LoadRequest | None = None
    assisted: bool = False
    reserve: Annotated[int, Field(ge=0, le=MAX_RESERVE)] | None = None
    planned: Annotated[str, StringConstraints(max_length=MAX_LENGTH)] = ""
    note: Note = ""
    replaces: MadeId | None = None
    logged_at: AwareDatetime
    ramp: bool = False
    how: HowRequest = HowRequest()
    metres: Annotated[int, Field(ge=0, le=MAX_METRES)] | None = None

    def row(self) -> PerformedSet:
        """Answer the row of the ledger. Raises `DomainError` when the figures do not go together."""
        return self.made(
            PerformedSet,
            slot=SetPosition(self.line, self.number, ramp=self.ramp),
            load=self.load.load() if self.load else None,
            how=self.how.made(How) if "how" in self.model_fields_set else NOTHING_SEEN,
        )


class NoteRequest(RequestModel):
    """A note on the session, or on one of its lines."""

    id: MadeId
    line: Annotated[LineId, Field(max_length=64)] = NO_LINE
    text: Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=1000)]
    for_next: bool = False


class EffortRequest(RequestModel):
    """How hard the whole session was, 0 to 10 (Foster et al. 2001, session RPE)."""

    effort: Annotated[int, Field(ge=0, le=10)]


class FinishRequest(RequestModel):
    """The end of a session."""

    finished_at: AwareDatetime


class StationRequest(RequestModel):
    """What the next cell of a circuit's other station said when deciding."""

    line: Annotated[LineId, Field(min_length=1, max_length=64)]
    seen: Annotated[str, StringConstraints(max_length=MAX_LENGTH)]


class DecisionRequest(RequestModel):
    """A decision on a proposal; the id was made by the app."""

    id: MadeId
    line: Annotated[LineId, Field(min_length=1, max_length=64)]
    verdict: Verdict
    text: Annotated[str, StringConstraints(max_length=MAX_LENGTH)] = ""
    seen: Annotated[str, StringConstraints(max_length=MAX_LENGTH)] = ""
    reason: Annotated[str, StringConstraints(strip_whitespace=True, max_length=300)] = ""
    stations: Annotated[list[StationRequest], Field(max_length=40)] = Field(default_factory=list)

    def decision(self) -> Decision:
        """Answer the decision."""
        stations = {one.line: one.seen for one in self.stations}
        return Decision(self.id, self.line, self.verdict, self.text, self.seen, self.reason, stations)


class DecisionsRequest(RequestModel):
    """Decisions taken together: all are kept, or none."""

    decisions: Annotated[list[DecisionRequest], Field(min_length=1, max_length=40)]


class WeekRequest(RequestModel):
    """A week to add; the id was made by the app."""

    week_id: Annotated[WeekId, Field(min_length=1, max_length=64, pattern=r"^[A-Za-z0-9_-]+$")]
