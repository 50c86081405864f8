"""What is asked of a program."""

from datetime import date
from decimal import Decimal
from typing import Annotated

from pydantic import Field, StringConstraints, model_validator

from upright_anvil.api.request_model import RequestModel, Words
from upright_anvil.core.drafting.draft import MOST_WEEKS, Wish
from upright_anvil.core.ids import NO_EXERCISE, NO_LINE, NO_WEEK, ExerciseId, LineId, PlaceId, ProgramId, WeekId
from upright_anvil.core.plan.changing.paths import Path, PathKind
from upright_anvil.core.plan.changing.replacing import Replaced, ReplaceWish
from upright_anvil.core.plan.document import MAX_PHASES
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.parts import ExerciseKey, Id, LineKey, OptionalWeek, WeekKey
from upright_anvil.core.prescription.bounds import MAX_PER_CENT
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH
from upright_anvil.services.starting.sources import NO_PROGRAM, StartingPoint
from upright_anvil.services.starting.starting import DraftWish
from upright_anvil.services.starting.taking_over import DayChoice


class ProgramRequest(RequestModel):
    """A new program; without a start it begins this week, from Thursday on with the next."""

    name: Words = "Strength"
    weeks: Annotated[int, Field(ge=1, le=52)] = 4
    start: date | None = None


class EditsRequest(RequestModel):
    """Edits, and the revision they started from; ``look`` are phases whose findings are answered with the change."""

    base: Annotated[int, Field(ge=1)]
    edits: Annotated[list[Edit], Field(min_length=1, max_length=200)]
    reason: Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=300)]
    look: Annotated[tuple[Annotated[str, Field(max_length=64)], ...], Field(max_length=MAX_PHASES)] = ()


MOST_PASTED = 200_000
"""Characters of a pasted program."""


class PastedRequest(RequestModel):
    """A program as rows, pasted from a spreadsheet."""

    text: Annotated[str, Field(min_length=1, max_length=MOST_PASTED)]


class BringInRequest(PastedRequest):
    """The same to be written into a phase; ``chosen`` names exercises by row where the name does not."""

    base: Annotated[int, Field(ge=1)]
    phase: Id
    chosen: Annotated[dict[int, ExerciseKey], Field(max_length=600)] = Field(default_factory=dict)


class UndoRequest(RequestModel):
    """Undo or redo, and the revision it was asked at."""

    base: Annotated[int, Field(ge=1)]


class ReadingRequest(RequestModel):
    """A line to be read, for an exercise and a program's client; ``line`` and ``week`` are the cell it stands in."""

    text: Annotated[str, StringConstraints(max_length=MAX_LENGTH)]
    exercise: Annotated[ExerciseId, StringConstraints(max_length=64)]
    line: Annotated[LineId, StringConstraints(max_length=64)] = NO_LINE
    week: Annotated[WeekId, StringConstraints(max_length=64)] = NO_WEEK


class TrialRequest(RequestModel):
    """Edits to be tried, without making them."""

    edits: Annotated[list[Edit], Field(min_length=1, max_length=200)]


class PathRequest(RequestModel):
    """A path to fill lines along from a week on; ``step`` is in the path's own unit, ``per_cents`` are a wave's."""

    base: Annotated[int, Field(ge=1)]
    lines: Annotated[list[LineKey], Field(min_length=1, max_length=40)]
    week: WeekKey
    until: OptionalWeek = NO_WEEK
    kind: PathKind
    step: Annotated[Decimal, Field(ge=-500, le=500, decimal_places=2)] = Decimal(0)
    per_cents: Annotated[
        list[Annotated[Decimal, Field(ge=1, le=MAX_PER_CENT, multiple_of=Decimal("0.5"))]],
        Field(max_length=26, default_factory=list),
    ]

    def path(self) -> Path:
        """The path."""
        return Path(self.kind, self.step, tuple(self.per_cents))


class ReplaceRequest(RequestModel):
    """What to find in a program and what to put there; an exercise by its id, a load or rest as typed."""

    base: Annotated[int, Field(ge=1)]
    what: Replaced
    find: Annotated[str, StringConstraints(max_length=64)] = ""
    put: Annotated[str, StringConstraints(min_length=1, max_length=64)]
    phase: Annotated[str, StringConstraints(max_length=64)] = ""
    exercise: Annotated[ExerciseId, StringConstraints(max_length=64)] = NO_EXERCISE
    from_week: OptionalWeek = NO_WEEK

    def wish(self) -> ReplaceWish:
        """The wish."""
        return ReplaceWish(self.what, self.find, self.put, self.phase, self.exercise, self.from_week)


class SourceRequest(RequestModel):
    """What to begin from: a template, or a program of any client, all of it or ``of_phase`` alone."""

    template: Annotated[str, StringConstraints(max_length=80)] = ""
    program: Annotated[ProgramId, StringConstraints(max_length=64)] = NO_PROGRAM
    of_phase: Annotated[str, StringConstraints(max_length=64)] = ""

    @model_validator(mode="after")
    def _one_of_them(self) -> "SourceRequest":
        if bool(self.template) is bool(self.program):
            raise ValueError("name either a template or a program to take over")
        return self

    def source(self) -> StartingPoint:
        """The source."""
        return StartingPoint(self.template, self.program, self.of_phase)


class FromSourceRequest(SourceRequest):
    """The same to begin a program with, in the week of ``start``."""

    start: date | None = None


class SourcePhaseRequest(SourceRequest):
    """A source to add as the next phase, and the revision it is added to."""

    base: Annotated[int, Field(ge=1)]


class SourceDayRequest(SourcePhaseRequest):
    """A day of a source (from 0) to add to a phase."""

    phase: Id
    day: Annotated[int, Field(ge=0, le=6)] = 0

    def choice(self) -> DayChoice:
        """The day."""
        return DayChoice(self.source(), self.day, self.phase)


class OwnTemplateRequest(SourceRequest):
    """A phase to keep as a template; ``suits`` says whom it is for, ``mine`` that no colleague sees it."""

    name: Words
    suits: Annotated[str, StringConstraints(strip_whitespace=True, max_length=200)] = ""
    mine: bool = False


class RemovedRequest(RequestModel):
    """Whether something is taken out."""

    removed: bool


class CarryOnRequest(RequestModel):
    """The next program from a last one; ``without`` are lines that stay behind."""

    program: ProgramId
    name: Words = "Strength"
    without: Annotated[list[LineKey], Field(max_length=300, default_factory=list)]
    start: date | None = None


class EndRequest(RequestModel):
    """The day a program is ended; none takes that back."""

    on: date | None = None


class AwayRequest(RequestModel):
    """A week (from 1) at another place of the client."""

    week: Annotated[int, Field(ge=1, le=MOST_WEEKS)]
    place: PlaceId


class DraftRequest(RequestModel):
    """What is wanted of a draft: weeks, the seed, exercises pinned to slots and exercises rolled away from them.

    Without ``weeks`` as many as there are to the day to be ready by, else eight; it begins in the week of ``start``.
    """

    weeks: Annotated[int, Field(ge=1, le=MOST_WEEKS)] | None = None
    start: date | None = None
    away: Annotated[list[AwayRequest], Field(max_length=MOST_WEEKS, default_factory=list)]
    seed: Annotated[int, Field(ge=1, le=1_000_000)] = 1
    pins: Annotated[dict[Id, ExerciseKey], Field(max_length=60, default_factory=dict)]
    avoid: Annotated[dict[Id, Annotated[list[Id], Field(max_length=60)]], Field(max_length=60, default_factory=dict)]

    def wish(self) -> DraftWish:
        """The wish."""
        rolled = {slot: frozenset(away) for slot, away in self.avoid.items()}
        away = {one.week: one.place for one in self.away}
        return DraftWish(Wish(self.weeks, self.seed, self.pins, rolled), self.start, away)


class RestoreRequest(RequestModel):
    """A revision to bring back, and the one it was asked at."""

    base: Annotated[int, Field(ge=1)]
    number: Annotated[int, Field(ge=1)]
