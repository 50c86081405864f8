"""What is asked of tests."""

from datetime import date
from decimal import Decimal
from typing import Annotated

from pydantic import AwareDatetime, Field

from upright_anvil.api.request_model import Figure, Line, LoadRequest, MadeId, Note, RequestModel, Words
from upright_anvil.core.assessment.items import Battery, Better, Ended, TestItem, TestKind
from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.body.joints import Side
from upright_anvil.core.ids import NO_EXERCISE
from upright_anvil.core.plan.parts import OptionalExercise

Seconds = Annotated[int, Field(ge=1, le=7200)]


class TestRequest(RequestModel):
    """A test of the trainer's own; ``exercise`` is the one it measures, where it is one."""

    name: Words
    kind: TestKind
    standard: Note
    better: Better = Better.MORE
    typical_error: Figure
    error_is_share: bool = False
    low: Figure = Decimal(0)
    high: Figure
    exercise: OptionalExercise = NO_EXERCISE
    sides: bool = False
    variants: Annotated[tuple[Words, ...], Field(max_length=8)] = ()
    seconds: Seconds | None = None
    metres: Annotated[int, Field(ge=1, le=50000)] | None = None

    def item(self) -> TestItem:
        """Answer the core's test."""
        return self.made(TestItem, id="")


class BatteryRequest(RequestModel):
    """A battery: its list of tests, and the weeks until it is due again."""

    name: Words
    purpose: Line = ""
    tests: Annotated[list[str], Field(max_length=40)]
    repeat_weeks: Annotated[int, Field(ge=1, le=104)]

    def battery(self) -> Battery:
        """Answer the core's battery."""
        return Battery("", self.name, self.purpose, tuple(self.tests), self.repeat_weeks)


class RoundRequest(RequestModel):
    """A round to start; the id was made by the app."""

    battery: Annotated[str, Field(min_length=1, max_length=64)]
    on: date
    started_at: AwareDatetime


class ResultRequest(RequestModel):
    """One measurement; the id was made by the app."""

    id: MadeId
    test: Annotated[str, Field(min_length=1, max_length=64)]
    on: date
    value: Figure | None = None
    load: LoadRequest | None = None
    side: Side | None = None
    variant: Line = ""
    reserve: Annotated[int, Field(ge=0, le=10)] | None = None
    ended: Ended | None = None
    grade: Annotated[int, Field(ge=0, le=3)] | None = None
    note: Note = ""
    source: Annotated[str, Field(pattern="^(typed|scale)$")] = "typed"
    confirmed: bool = False
    single: bool = False
    replaces: MadeId | None = None
    round_id: MadeId | None = None
    at: AwareDatetime

    def result(self) -> TestResult:
        """Answer the core's result."""
        return self.made(TestResult, load=self.load.load() if self.load else None)
