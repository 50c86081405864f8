"""What the board shows of a program: plain values, read out against the client."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date, datetime

from upright_anvil.core.blocks import Bar
from upright_anvil.core.checks.model import Finding
from upright_anvil.core.health.cautions import Caution
from upright_anvil.core.ids import ClientId, DayId, ExerciseId, LineId, PlaceId, ProgramId, SessionId, WeekId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Pairing, Section, WeekKind
from upright_anvil.core.plan.parts import LeadRule, RestrictedFlow
from upright_anvil.core.plan.read_out.reading import ReadCell
from upright_anvil.core.plan.standing import ProgramStanding
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.volume.weeks import WeekVolume


@dataclass(frozen=True, slots=True)
class WeekView:
    """One week of a phase: its number in the program, its Monday, whether it is this week.

    ``pause`` is how many weeks without training lie before it, ``pause_reason`` why.
    """

    id: WeekId
    number: int
    kind: WeekKind
    monday: date
    is_now: bool
    variant: str
    place: PlaceId
    pause: int
    pause_reason: str


@dataclass(frozen=True, slots=True)
class ExerciseHead:
    """An exercise by id and name."""

    id: ExerciseId
    name: str


@dataclass(frozen=True, slots=True)
class CellView:
    """A cell with what was done in it."""

    plan: ReadCell
    done: tuple[Bar, ...]


@dataclass(frozen=True, slots=True)
class LineView:
    """A line of the board; ``variant_b``, ``easier`` and ``harder`` are other exercises, None where none is named."""

    id: LineId
    exercise_id: ExerciseId
    exercise: str
    removed: bool
    joints: tuple[Caution, ...]
    cells: tuple[CellView, ...]
    reason: str
    cues: tuple[str, ...]
    variant_b: ExerciseHead | None
    easier: ExerciseHead | None
    harder: ExerciseHead | None
    policy: str = ""
    restricted: RestrictedFlow | None = None
    restricted_words: str = ""


@dataclass(frozen=True, slots=True)
class GroupUsual:
    """The figures that hold where a group says none, seconds; None where its lines say it."""

    rest_inside: int | None
    rest_after: int | None
    every: int
    time_cap: int


@dataclass(frozen=True, slots=True)
class GroupView:
    """Lines of a day done together; a line on its own is a group of one.

    ``rounds`` are the most sets of any of its lines, week by week. What holds where the group says nothing stands in
    ``usual``.
    """

    id: str
    kind: GroupKind
    pairing: Pairing
    section: Section
    rest_inside: int | None
    rest_after: int | None
    break_after: int | None
    every: int | None
    time_cap: int | None
    lead: LeadRule
    words: tuple[str, ...]
    optional_rounds: int
    rounds: tuple[int | None, ...]
    usual: GroupUsual
    lines: tuple[LineView, ...]


@dataclass(frozen=True, slots=True)
class StartedSession:
    """A session that was started, and whether it was finished."""

    id: SessionId
    finished: bool


@dataclass(frozen=True, slots=True)
class MovedView:
    """A session that is not held as planned: on another date, merged into a day (by name), or dropped (neither)."""

    to: date | None
    into: str
    reason: str


@dataclass(frozen=True, slots=True)
class DayView:
    """A day of the board; ``seconds`` is its estimated time, ``sessions`` the started session, week by week."""

    id: DayId
    name: str
    weekday: int
    seconds: tuple[int, ...]
    sessions: tuple[StartedSession | None, ...]
    groups: tuple[GroupView, ...]
    place: PlaceId
    minutes: int | None
    top_up: bool
    alone: bool
    moved: tuple[MovedView | None, ...]

    @property
    def lines(self) -> tuple[LineView, ...]:
        """The day's lines in order."""
        return tuple(line for group in self.groups for line in group.lines)


@dataclass(frozen=True, slots=True)
class PhaseView:
    """A phase of the board; ``volume`` is told week by week."""

    id: str
    name: str
    purpose: str
    method: str
    restricted: RestrictedFlow | None
    weeks: tuple[WeekView, ...]
    days: tuple[DayView, ...]
    volume: tuple[WeekVolume, ...]


@dataclass(frozen=True, slots=True)
class RevisionView:
    """What the board says of its revision, and where undo and redo lead."""

    number: int
    at: datetime
    reason: str
    undo_to: int | None
    redo_to: int | None


@dataclass(frozen=True, slots=True)
class PlaceHead:
    """One of the client's places, the usual one first."""

    id: PlaceId
    name: str


@dataclass(frozen=True, slots=True)
class BoardView:
    """A program as the board shows it, and where it stands beside the client's others.

    ``always`` is what goes for the client with an exercise in every program.
    """

    program_id: ProgramId
    client_id: ClientId
    client: str
    unit: Unit
    minutes: int
    pace: float
    name: str
    start: date
    end: date
    standing: ProgramStanding
    ended_on: date | None
    revision: RevisionView
    phases: tuple[PhaseView, ...]
    places: tuple[PlaceHead, ...]
    always: Mapping[ExerciseId, str]


@dataclass(frozen=True, slots=True)
class PhaseChange:
    """The days of a phase that a save changed, and the phase's volume as it is now, week by week."""

    id: str
    days: tuple[DayView, ...]
    volume: tuple[WeekVolume, ...]


@dataclass(frozen=True, slots=True)
class FindingsView:
    """The findings of one phase, at one revision."""

    revision: int
    findings: tuple[Finding, ...]


@dataclass(frozen=True, slots=True)
class PhaseFindings:
    """What the checks find in a phase after a save."""

    phase: str
    found: FindingsView


@dataclass(frozen=True, slots=True)
class BoardChange:
    """What a save made of the board of revision ``base``: its changed days, or all of it where more changed.

    ``findings`` are those of the phases that were asked for with it.
    """

    program_id: ProgramId
    base: int
    revision: RevisionView
    phases: tuple[PhaseChange, ...]
    board: BoardView | None
    findings: tuple[PhaseFindings, ...] = ()
