"""The parts of a plan document below the phase: weeks, days, groups, lines, cells.

A cell holds its shorthand as text. The text is the one record of what was planned: `shorthand.read` gives the
prescription, and a line that cannot be read is kept as it was typed. Documents are immutable; edits make new ones.
"""

from datetime import date
from enum import StrEnum
from typing import Annotated, Literal

from pydantic import BaseModel, ConfigDict, Field, model_validator

from upright_anvil.core.ids import NO_DAY, NO_EXERCISE, NO_PLACE, DayId, ExerciseId, LineId, PlaceId, WeekId
from upright_anvil.core.prescription.bounds import MAX_REST_SECONDS
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH

MAX_LINES = 40
MAX_CUES = 5
MAX_PAUSE_WEEKS = 52

_KEY = Field(min_length=1, max_length=64, pattern=r"^[A-Za-z0-9_-]+$")
Id = Annotated[str, _KEY]
WeekKey = Annotated[WeekId, _KEY]
DayKey = Annotated[DayId, _KEY]
LineKey = Annotated[LineId, _KEY]
ExerciseKey = Annotated[ExerciseId, _KEY]
Name = Annotated[str, Field(min_length=1, max_length=80)]
_OPTIONAL = Field(max_length=64, pattern=r"^[A-Za-z0-9_-]*$")
OptionalId = Annotated[str, _OPTIONAL]
OptionalExercise = Annotated[ExerciseId, _OPTIONAL]
OptionalPlace = Annotated[PlaceId, _OPTIONAL]
OptionalDay = Annotated[DayId, _OPTIONAL]
OptionalLine = Annotated[LineId, _OPTIONAL]
OptionalWeek = Annotated[WeekId, _OPTIONAL]
Words = Annotated[str, Field(max_length=300)]
RestSeconds = Annotated[int, Field(ge=0, le=MAX_REST_SECONDS)]
Minutes = Annotated[int, Field(ge=5, le=240)]


class Part(BaseModel):
    """Any part of the document: frozen, and strict about unknown fields."""

    model_config = ConfigDict(frozen=True, extra="forbid")


class WeekKind(StrEnum):
    """What a week does in its phase."""

    BUILD = "build"
    HOLD = "hold"
    EASE_OFF = "ease off"


Variant = Literal["", "A", "B"]
"""Which variants a week trains, where weeks alternate."""


class Week(Part):
    """One week of a phase; ``place`` is where it is trained when the client travels."""

    id: WeekKey
    kind: WeekKind = WeekKind.BUILD
    variant: Variant = ""
    place: OptionalPlace = NO_PLACE


class Cell(Part):
    """What a line asks for in one week: shorthand, or whatever was typed; empty when the line rests that week."""

    text: Annotated[str, Field(max_length=MAX_LENGTH)] = ""


class RestrictedFlow(Part):
    """Work with restricted blood flow: which limbs, how tight, how the cuffs are let off, the load in per cent of max.

    ``pressure`` and ``cycles`` are the trainer's words.
    """

    limb: Literal["arms", "legs", "one arm", "one leg"] | None = None
    pressure: Annotated[str, Field(min_length=1, max_length=60)] = "as taught"
    cycles: Annotated[str, Field(max_length=80)] = ""
    load_share: Annotated[int, Field(ge=5, le=80)] | None = None

    @property
    def words(self) -> str:
        """What it is, in words: ``cuffs on the legs, pressure as taught, off between exercises, 30 % of the max``."""
        said = [f"cuffs on {'the ' if self.limb in ('arms', 'legs') else ''}{self.limb}" if self.limb else "cuffs"]
        said.append(f"pressure {self.pressure}")
        said += [self.cycles] if self.cycles else []
        said += [f"{self.load_share} % of the max"] if self.load_share else []
        return ", ".join(said)


class Line(Part):
    """One exercise through the weeks of a phase; ``cells`` has one cell a week, in their order.

    ``home`` is the shorthand that a rise goes back to, where the first cell no longer says it; else it is empty.
    ``exercise_b`` takes the exercise's place in B weeks. ``easier`` and ``harder`` are the rungs named in advance,
    ``cues`` those chosen for this client, ``reason`` what the line is for, ``policy`` how it is raised where that is
    not the client's school, ``restricted`` that the blood flow is restricted in it.
    """

    id: LineKey
    exercise: ExerciseKey
    cells: tuple[Cell, ...]
    home: Annotated[str, Field(max_length=MAX_LENGTH)] = ""
    exercise_b: OptionalExercise = NO_EXERCISE
    easier: OptionalExercise = NO_EXERCISE
    harder: OptionalExercise = NO_EXERCISE
    cues: Annotated[tuple[Annotated[str, Field(max_length=120)], ...], Field(max_length=MAX_CUES)] = ()
    reason: Words = ""
    policy: OptionalId = ""
    restricted: RestrictedFlow | None = None

    @property
    def begun_with(self) -> str:
        """The shorthand the line began with: reps go back to its range and tempo after a rise."""
        return self.home or next((cell.text for cell in self.cells if cell.text), "")

    def exercise_in(self, week: Week) -> ExerciseId:
        """Answer the exercise this line trains in a week."""
        return self.exercise_b if week.variant == "B" and self.exercise_b else self.exercise


class Section(StrEnum):
    """The sections of a session, in their usual order."""

    WARM_UP = "warm-up"
    MAIN = "main"
    ACCESSORY = "accessory"
    TRUNK = "trunk"
    FINISHER = "finisher"
    CARDIO = "cardio"
    COOL_DOWN = "cool-down"


class Pairing(StrEnum):
    """What a pair is for."""

    NONE = ""
    OPPOSITE = "opposite muscles"
    SAME = "same muscle"
    EXPLOSIVE = "strength, then explosive"


LeadRule = Literal["", "left first", "right first", "alternate lead"]
"""Which side leads in every round of a group, where its lines do not say; alternating, the other one in each round."""

EXACTLY = {GroupKind.SINGLE: 1, GroupKind.PAIR: 2, GroupKind.TRI_SET: 3}


class Group(Part):
    """Lines done together, round by round; a line on its own is a group of one.

    ``rest_inside`` is the rest between the lines of a round, ``rest_after`` the rest after a round, ``break_after`` the
    break behind the group, seconds; without them a house figure holds. ``every`` is from start to start on the minute,
    ``time_cap`` the time for most rounds. ``lead`` says which side leads, ``words`` has a word for each round
    ("slower"), ``optional_rounds`` counts the last rounds that are done only if there is time.
    """

    id: Id
    kind: GroupKind = GroupKind.SINGLE
    lines: tuple[Line, ...] = ()
    section: Section = Section.MAIN
    pairing: Pairing = Pairing.NONE
    rest_inside: RestSeconds | None = None
    rest_after: RestSeconds | None = None
    break_after: RestSeconds | None = None
    every: Annotated[int, Field(ge=10, le=900)] | None = None
    time_cap: Annotated[int, Field(ge=60, le=3600)] | None = None
    lead: LeadRule = ""
    words: Annotated[tuple[Annotated[str, Field(max_length=60)], ...], Field(max_length=20)] = ()
    optional_rounds: Annotated[int, Field(ge=0, le=19)] = 0

    @model_validator(mode="after")
    def _as_many_as_its_kind(self) -> "Group":
        count, exact = len(self.lines), EXACTLY.get(self.kind)
        if exact is not None and count != exact:
            raise ValueError(f"a {self.kind} has {exact} line{'s' if exact > 1 else ''}, not {count}")
        if exact is None and not count:
            raise ValueError(f"a {self.kind} needs at least one line")
        if self.pairing and self.kind is not GroupKind.PAIR:
            raise ValueError("only a pair says what it pairs")
        return self

    @property
    def preparing(self) -> bool:
        """Whether it gets ready or winds down."""
        return self.section in (Section.WARM_UP, Section.COOL_DOWN)

    def is_circuit_in(self, week: int) -> bool:
        """Answer whether it is judged as one: a circuit or intervals of more than one station in a week, from 0."""
        trained = [line for line in self.lines if week < len(line.cells) and line.cells[week].text]
        return self.kind.by_rounds and len(trained) > 1


def kind_for(kind: GroupKind, count: int) -> GroupKind:
    """Answer what a group is called once it has this many lines: a pair that loses one is a single line. House rule."""
    if count <= 1:
        return GroupKind.SINGLE
    if kind.by_rounds:
        return kind
    return {2: GroupKind.PAIR, 3: GroupKind.TRI_SET}.get(count, GroupKind.CIRCUIT)


class Day(Part):
    """One training day of every week; ``weekday`` counts from Monday = 0.

    ``place`` is where it is trained, ``minutes`` how long it may take, where they are not the client's usual ones;
    ``alone`` says that the client does it without the trainer.
    """

    id: DayKey
    name: Name
    weekday: Annotated[int, Field(ge=0, le=6)]
    groups: tuple[Group, ...] = ()
    place: OptionalPlace = NO_PLACE
    minutes: Minutes | None = None
    top_up: bool = False
    alone: bool = False

    @property
    def lines(self) -> tuple[Line, ...]:
        """The day's lines in order."""
        return tuple(line for group in self.groups for line in group.lines)


class Pause(Part):
    """Weeks without training before a week of the program, which with all that follow comes so much later."""

    before: WeekKey
    weeks: Annotated[int, Field(ge=1, le=MAX_PAUSE_WEEKS)]
    reason: Words = ""


class Answer(Part):
    """The trainer's reason for what a check asked; it holds as long as the finding says the same ``message``."""

    check: Id
    where: Annotated[str, Field(max_length=200)]
    message: Annotated[str, Field(max_length=500)]
    reason: Annotated[str, Field(min_length=1, max_length=300)]


class MovedSession(Part):
    """One session that is not held as planned: moved to a date, merged into another day, or dropped (neither)."""

    week: WeekKey
    day: DayKey
    to: date | None = None
    into: OptionalDay = NO_DAY
    reason: Words = ""
