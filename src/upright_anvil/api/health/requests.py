"""What is asked of a client's history and health screen."""

from datetime import date
from typing import Annotated

from pydantic import Field

from upright_anvil.api.request_model import Line, MadeId, Note, RequestModel, Words
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.history import Condition, Entry, State
from upright_anvil.core.health.screening import Answers, Clearance, Disease, Intensity, Sign
from upright_anvil.services.health.health_file import CycleReport


class EntryRequest(RequestModel):
    """An entry on a joint or condition; the id was made by the app."""

    id: MadeId
    on: date
    topic: Joint | Condition
    side: Side | None = None
    state: State
    words: Note = ""
    clinician: bool = False
    due_on: date | None = None

    def entry(self) -> Entry:
        """Answer the core's entry."""
        return Entry(self.id, self.on, self.topic, self.state, self.side, self.words, self.clinician, self.due_on)


class ScreenRequest(RequestModel):
    """The answers of a health screen."""

    on: date
    active: bool
    diseases: tuple[Disease, ...] = ()
    signs: tuple[Sign, ...] = ()
    intends: Intensity = Intensity.LIGHT_TO_MODERATE

    def answers(self) -> Answers:
        """Answer the core's answers."""
        return Answers(self.active, frozenset(self.diseases), frozenset(self.signs), self.intends)


class ClearanceRequest(RequestModel):
    """What a clinician allowed."""

    on: date
    by: Words
    up_to: Intensity
    limits: Line = ""

    def clearance(self) -> Clearance:
        """Answer the core's clearance."""
        return Clearance(self.on, self.by, self.up_to, self.limits)


class CycleReportRequest(RequestModel):
    """What a client who opted in reports."""

    on: date
    energy: Annotated[int, Field(ge=1, le=5)]
    words: Line = ""

    def report(self) -> CycleReport:
        """Answer the flow's report."""
        return CycleReport(self.on, self.energy, self.words)
