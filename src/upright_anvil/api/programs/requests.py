"""What is asked of a program."""

from decimal import Decimal
from typing import Annotated

from pydantic import Field, StringConstraints

from upright_anvil.api.request_model import RequestModel, Words
from upright_anvil.core.drafting.draft import MOST_WEEKS, Wish
from upright_anvil.core.ids import NO_LINE, NO_WEEK, ExerciseId, LineId, WeekId
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.parts import ExerciseKey, Id, LineKey, OptionalWeek, WeekKey
from upright_anvil.core.plan.paths import Path, PathKind
from upright_anvil.core.prescription.bounds import MAX_PER_CENT
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH


class ProgramRequest(RequestModel):
    """A new program."""

    name: Words = "Strength"
    weeks: Annotated[int, Field(ge=1, le=52)] = 4


class EditsRequest(RequestModel):
    """Edits, and the revision they started from."""

    base: Annotated[int, Field(ge=1)]
    edits: Annotated[list[Edit], Field(min_length=1, max_length=200)]
    reason: Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=300)]


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


class TemplateRequest(RequestModel):
    """A template to start from."""

    template: Annotated[str, StringConstraints(min_length=1, max_length=80)]


class TemplatePhaseRequest(TemplateRequest):
    """A template to add as the next phase, and the revision it is added to."""

    base: Annotated[int, Field(ge=1)]


class TemplateDayRequest(TemplatePhaseRequest):
    """A day of a template (from 0) to add to a phase."""

    phase: Id
    day: Annotated[int, Field(ge=0, le=6)] = 0


class DraftRequest(RequestModel):
    """What is wanted of a draft: weeks, the seed, exercises pinned to slots and exercises rolled away from them."""

    weeks: Annotated[int, Field(ge=1, le=MOST_WEEKS)] = 8
    seed: Annotated[int, Field(ge=1, le=1_000_000)] = 1
    pins: Annotated[dict[Id, ExerciseKey], Field(max_length=60, default_factory=dict)]
    avoid: Annotated[dict[Id, Annotated[list[Id], Field(max_length=60)]], Field(max_length=60, default_factory=dict)]

    def wish(self) -> Wish:
        """The wish."""
        return Wish(self.weeks, self.seed, self.pins, {slot: frozenset(away) for slot, away in self.avoid.items()})


class RestoreRequest(RequestModel):
    """A revision to bring back, and the one it was asked at."""

    base: Annotated[int, Field(ge=1)]
    number: Annotated[int, Field(ge=1)]
