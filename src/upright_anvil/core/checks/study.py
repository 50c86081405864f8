"""A plan prepared for the checks: every line of every week with its exercise, prescription and place, read once."""

from collections.abc import Iterator
from dataclasses import dataclass
from datetime import date, timedelta
from decimal import Decimal
from functools import cached_property, lru_cache

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import Condition
from upright_anvil.core.ids import WeekId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Day, Group, Line, Phase, Program, Section, Week
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import day_estimate, prescription_or_none, profiles_by_week
from upright_anvil.core.plan.read_out.resolving import resolved
from upright_anvil.core.prescription.effort import is_vigorous
from upright_anvil.core.prescription.load_targets import LoadTarget, moved_kg
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.same import Same
from upright_anvil.core.volume.bands import Band, band_for
from upright_anvil.core.volume.hard_sets import PlannedLine, fractional, hard_sets


@dataclass(frozen=True, slots=True)
class Standpoint:
    """Whom the plan is for: goals, training age, minutes and days wanted, and whether vigorous work is cleared.

    ``clearance`` says what the health screen still asks for, empty where nothing stands against vigorous work.
    """

    profile: ClientProfile
    goal: GoalKind = GoalKind.NOT_SAID
    second_goal: GoalKind = GoalKind.NOT_SAID
    training_age: TrainingAge = TrainingAge.NOT_SAID
    minutes: int = 60
    days_a_week: int = 3
    clearance: str = ""

    @property
    def band(self) -> Band:
        """The band of hard sets a week."""
        return band_for(self.goal, self.training_age)

    @property
    def is_new(self) -> bool:
        """Whether these are the client's first months."""
        return self.training_age in (TrainingAge.SEDENTARY, TrainingAge.NEW)

    @property
    def goes_heavy(self) -> bool:
        """Whether heavy work is open: past the first months, cleared, with no condition that asks to leave plenty."""
        held_back = {Condition.PREGNANCY, Condition.AFTER_BIRTH, Condition.HEART, Condition.BLOOD_PRESSURE}
        waits = any(at.topic in held_back for at in self.profile.standing)
        return not (self.is_new or self.clearance or waits)

    def wants(self, *goals: GoalKind) -> bool:
        """Answer whether the main goal is one of these."""
        return self.goal in goals


@lru_cache(maxsize=8192)
def _hard(text: str, unit: Unit, exercise: Same[Exercise]) -> int:
    """Hard sets of a text; the same text is asked about by many checks."""
    prescription = prescription_or_none(text, unit)
    return hard_sets(PlannedLine(exercise.value, prescription)) if prescription else 0


@dataclass(frozen=True)
class StudiedLine:
    """One line in one week: what is asked, of which exercise, where. ``text`` is what stands in the cell."""

    line: Line
    group: Group
    exercise: Exercise
    text: str
    prescription: Prescription | None
    week: Week
    profile: ClientProfile
    day: str = ""

    @cached_property
    def hard(self) -> int:
        """Hard sets of the line; what stands in a warm-up or cool-down counts none."""
        if self.group.preparing:
            return 0
        return _hard(self.text, self.profile.unit, Same(self.exercise))

    @cached_property
    def share(self) -> Decimal | None:
        """The heaviest planned load as a share of the estimated maximum (1 = the maximum); None where unknown."""
        most = self.profile.max_kg.get(self.exercise.id)
        if not self.prescription or not most:
            return None
        shares = [self._moved(plan.load) for plan in self.prescription.plans]
        known = [kg / most for kg in shares if kg is not None]
        return max(known, default=None)

    def _moved(self, load: LoadTarget | None) -> Decimal | None:
        found = resolved(load, self.exercise, self.profile)
        if found is not None and found.load is None:
            return None
        real = found.load if found else load
        return moved_kg(real, self.exercise.bodyweight_share, self.profile.body_kg)

    @property
    def is_main(self) -> bool:
        """Whether it is a lift of the main section."""
        return self.group.section is Section.MAIN and self.exercise.kind is ExerciseKind.LIFT

    @property
    def compound(self) -> bool:
        """Whether it moves more than one joint: not single-joint work, not mobility."""
        return self.exercise.pattern not in (Pattern.SINGLE_JOINT, Pattern.MOBILITY)


@dataclass(frozen=True)
class StudiedDay:
    """One session: its lines in order, with what it trains."""

    phase: Phase
    day: Day
    week: Week
    index: int
    number: int
    on: date
    asked: tuple[StudiedLine, ...]
    profile: ClientProfile

    @cached_property
    def seconds(self) -> int:
        """The estimated time, seconds."""
        return day_estimate(self.day, self.phase.weeks, self.index, self.profile)

    @cached_property
    def muscles(self) -> dict[Muscle, Decimal]:
        """Fractional hard sets by muscle."""
        return fractional((asked.exercise, asked.hard) for asked in self.asked)

    @property
    def trained(self) -> bool:
        """Whether anything readable is planned."""
        return any(asked.prescription for asked in self.asked)


@dataclass(frozen=True)
class StudiedWeek:
    """One week of a phase with its sessions by date."""

    phase: Phase
    week: Week
    index: int
    number: int
    days: tuple[StudiedDay, ...]

    @cached_property
    def muscles(self) -> dict[Muscle, Decimal]:
        """Fractional hard sets by muscle."""
        return fractional((asked.exercise, asked.hard) for asked in self.asked)

    @property
    def asked(self) -> Iterator[StudiedLine]:
        """All lines of the week."""
        return (asked for day in self.days for asked in day.asked)

    @cached_property
    def patterns(self) -> dict[Pattern, int]:
        """Hard sets by pattern."""
        found: dict[Pattern, int] = {}
        for asked in self.asked:
            if asked.hard:
                found[asked.exercise.pattern] = found.get(asked.exercise.pattern, 0) + asked.hard
        return found

    @cached_property
    def hard(self) -> int:
        """Hard sets in all."""
        return sum(asked.hard for asked in self.asked)


@dataclass(frozen=True)
class StudiedPhase:
    """A phase with its weeks in order, and the last week of the phase before it."""

    phase: Phase
    weeks: tuple[StudiedWeek, ...]
    before: StudiedWeek | None = None

    @property
    def first_vigorous(self) -> StudiedLine | None:
        """The first line that is vigorous work; None where there is none."""
        asked = (one for week in self.weeks for one in week.asked)
        return next((o for o in asked if o.prescription is not None and is_vigorous(o.prescription, o.share)), None)


def study(program: Program, who: Standpoint, phase_id: str | None = None) -> tuple[StudiedPhase, ...]:
    """Read a program out for the checks, all of it or one phase. House rule."""
    studied: list[StudiedPhase] = []
    dated = list(enumerate(program.weeks(), start=1))
    for phase in program.phases:
        if phase_id not in (None, phase.id):
            continue
        weeks = tuple(
            _week(phase, phase.weeks[index], index, number, monday, who.profile)
            for number, (of, index, monday) in dated
            if of.id == phase.id
        )
        studied.append(StudiedPhase(phase, weeks, studied[-1].weeks[-1] if studied else None))
    return tuple(studied)


def study_week(program: Program, who: Standpoint, week_id: WeekId) -> StudiedWeek | None:
    """Read one week out for the checks; None where the program has none with this id."""
    for number, (phase, index, monday) in enumerate(program.weeks(), start=1):
        if phase.weeks[index].id == week_id:
            return _week(phase, phase.weeks[index], index, number, monday, who.profile)
    return None


def _week(phase: Phase, week: Week, index: int, number: int, monday: date, profile: ClientProfile) -> StudiedWeek:
    days = []
    for day in sorted(phase.days, key=lambda d: d.weekday):
        here = profiles_by_week(day, (week,), profile)[0]
        asked = tuple(
            StudiedLine(
                line,
                group,
                here.exercise(line.exercise_in(week)),
                line.cells[index].text,
                prescription_or_none(line.cells[index].text, here.unit),
                week,
                here,
                day.id,
            )
            for group in day.groups
            for line in group.lines
        )
        days.append(StudiedDay(phase, day, week, index, number, monday + timedelta(days=day.weekday), asked, here))
    return StudiedWeek(phase, week, index, number, tuple(days))
