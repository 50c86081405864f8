"""What requests ask: strict models that refuse unknown fields and name their bounds."""

from decimal import Decimal
from typing import Annotated

from pydantic import AwareDatetime, BaseModel, BeforeValidator, ConfigDict, Field, StringConstraints

from upright_anvil.core.exercises import Pattern
from upright_anvil.core.ledger.rows import Outcome
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.prescription.model import MAX_HOLD_SECONDS, MAX_REPS, MAX_RESERVE
from upright_anvil.core.prescription.shorthand import MAX_LENGTH
from upright_anvil.flows.review import Verdict


def _no_floats(value: object) -> object:
    """A load is written as text or a whole number: a float has lost its decimals before it gets here."""
    if isinstance(value, float):
        raise ValueError(  # noqa: TRY004 - validators answer with ValueError
            "a decimal number is sent as text, for example '62.5'"
        )
    return value


Number = Annotated[Decimal, BeforeValidator(_no_floats), Field(ge=0, le=3000, max_digits=8, decimal_places=4)]
Words = Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=80)]
Note = Annotated[str, StringConstraints(strip_whitespace=True, max_length=1000)]
MadeId = Annotated[str, Field(min_length=8, max_length=64, pattern=r"^[A-Za-z0-9_-]+$")]


class Asked(BaseModel):
    """The base of all requests."""

    model_config = ConfigDict(extra="forbid", frozen=True)


class AskedLoad(Asked):
    """A load with its unit."""

    value: Number
    unit: Unit

    def load(self) -> Load:
        """Answer the core's load. Raises `Refusal` past the heaviest."""
        return Load.of(self.value, self.unit)


class AskedClient(Asked):
    """A client and the place, as the file's form sends them."""

    name: Words
    unit: Unit = Unit.KG
    goal: Annotated[str, StringConstraints(strip_whitespace=True, max_length=200)] = ""
    about: Note = ""
    minutes: Annotated[int, Field(ge=10, le=240)] = 60
    days_a_week: Annotated[int, Field(ge=1, le=7)] = 3
    body_weight: AskedLoad | None = None
    place_name: Words = "Studio"
    equipment: Annotated[str, StringConstraints(max_length=4000)] = ""


class AskedEquipment(Asked):
    """An equipment text to be read out."""

    text: Annotated[str, StringConstraints(max_length=4000)]
    unit: Unit = Unit.KG


class AskedProgram(Asked):
    """A new program."""

    name: Words = "Strength"
    weeks: Annotated[int, Field(ge=1, le=52)] = 4


class AskedEdits(Asked):
    """Edits, and the revision they started from."""

    base: Annotated[int, Field(ge=1)]
    edits: Annotated[list[Edit], Field(min_length=1, max_length=200)]
    reason: Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=300)]


class AskedUndo(Asked):
    """Undo or redo, and the revision it was asked at."""

    base: Annotated[int, Field(ge=1)]


class AskedReading(Asked):
    """A line to be read, for an exercise and a program's client."""

    text: Annotated[str, StringConstraints(max_length=MAX_LENGTH)]
    exercise: Annotated[str, StringConstraints(max_length=64)]


class AskedExercise(Asked):
    """An exercise of the trainer's own."""

    name: Words
    pattern: Pattern
    implement: ImplementKind
    one_sided: bool = False


class AskedStart(Asked):
    """A session opened on the floor."""

    program_id: MadeId
    week_id: Annotated[str, Field(min_length=1, max_length=64)]
    day_id: Annotated[str, Field(min_length=1, max_length=64)]
    started_at: AwareDatetime


class AskedSet(Asked):
    """A set as the floor logs it; the id was made there."""

    id: MadeId
    line: Annotated[str, Field(min_length=1, max_length=64)]
    number: Annotated[int, Field(ge=1, le=60)]
    exercise: Annotated[str, Field(min_length=1, max_length=64)]
    outcome: Outcome
    reps: Annotated[int, Field(ge=0, le=MAX_REPS)] | None = None
    seconds: Annotated[int, Field(ge=0, le=MAX_HOLD_SECONDS)] | None = None
    load: AskedLoad | None = None
    assisted: bool = False
    reserve: Annotated[int, Field(ge=0, le=MAX_RESERVE)] | None = None
    planned: Annotated[str, StringConstraints(max_length=MAX_LENGTH)] = ""
    note: Note = ""
    replaces: MadeId | None = None
    logged_at: AwareDatetime


class AskedNote(Asked):
    """A note on the session, or on one of its lines."""

    id: MadeId
    line: Annotated[str, Field(max_length=64)] = ""
    text: Annotated[str, StringConstraints(strip_whitespace=True, min_length=1, max_length=1000)]


class AskedFinish(Asked):
    """The end of a session."""

    finished_at: AwareDatetime


class AskedDecision(Asked):
    """A decision on a proposal; the id was made by the app."""

    id: MadeId
    line: Annotated[str, Field(min_length=1, max_length=64)]
    verdict: Verdict
    text: Annotated[str, StringConstraints(max_length=MAX_LENGTH)] = ""
    seen: Annotated[str, StringConstraints(max_length=MAX_LENGTH)] = ""
    reason: Annotated[str, StringConstraints(strip_whitespace=True, max_length=300)] = ""


class AskedDecisions(Asked):
    """Decisions taken together: all are kept, or none."""

    decisions: Annotated[list[AskedDecision], Field(min_length=1, max_length=40)]


class AskedWeek(Asked):
    """A week to add; the id was made by the app."""

    week_id: Annotated[str, Field(min_length=1, max_length=64, pattern=r"^[A-Za-z0-9_-]+$")]
