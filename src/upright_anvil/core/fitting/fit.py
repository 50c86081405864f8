"""The cheapest set of changes that fits a session into the minutes there are, in one week or in all alike."""

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import dataclass, field, replace

from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedWeek, study_week
from upright_anvil.core.errors import DomainError
from upright_anvil.core.fitting.changes import FittingChange, edits_of
from upright_anvil.core.fitting.cost import Cost, TimeLever
from upright_anvil.core.fitting.finders import FINDERS
from upright_anvil.core.ids import DayId, LineId, WeekId
from upright_anvil.core.plan.document import Phase, Program
from upright_anvil.core.plan.edits import Edit, apply_edits
from upright_anvil.core.plan.locate import find_day
from upright_anvil.core.plan.read_out.reading import day_estimate

MOST_STEPS = 60
OFFERS = 8
LEAST_OFFERS = 3


@dataclass(frozen=True, slots=True)
class Saving:
    """One change with what it saves (seconds) and what it costs; ``chosen`` are those that together fit the time."""

    key: str
    rank: int
    label: str
    price: str
    saves: int
    edits: tuple[Edit, ...]
    chosen: bool = False
    lever: TimeLever = TimeLever.RESTS


@dataclass(frozen=True, slots=True)
class Fit:
    """A session against its time: seconds now, seconds there are, what can be changed, what all chosen come to.

    ``fits`` says whether the chosen changes are enough; ``left`` are the exercises that stay, each with what it then
    asks for.
    """

    seconds: int
    limit: int
    savings: tuple[Saving, ...]
    after: int
    fits: bool
    left: tuple[str, ...] = ()


@dataclass(frozen=True, slots=True)
class FitTerms:
    """On which terms a session is fitted: in all weeks from its own on or in one, without some ways, sparing lines."""

    all_weeks: bool = False
    without: frozenset[TimeLever] = frozenset()
    spared: frozenset[LineId] = field(default_factory=frozenset)


THIS_WEEK = FitTerms()


def fit(
    program: Program, week_id: WeekId, day_id: DayId, limit: int, who: Standpoint, terms: FitTerms = THIS_WEEK
) -> Fit:
    """Answer how a session fits into ``limit`` seconds.

    Changes are tried cheapest first and kept while the session is too long; of equally cheap ones the gentlest that is
    enough, else the one that saves most. Each saves what it saves after those kept before it. With ``all_weeks`` the
    longest week from this one on is fitted and the others get the same. What was not needed stays on offer. Raises
    `DomainError` without such a session. House rule.
    """
    session = _Session(program, week_id, day_id, who, terms)
    now = session.seconds(program)
    left, chosen = program, list[Saving]()
    for cost in Cost:
        while len(chosen) < MOST_STEPS and session.seconds(left) > limit:
            taken = session.cheapest(left, cost, limit)
            if taken is None:
                break
            for part in taken:
                chosen.append(replace(part, chosen=True))
                left = apply_edits(left, part.edits)
    after = session.seconds(left)
    spare = session.spare(left)[: max(OFFERS - len(chosen), LEAST_OFFERS)]
    return Fit(now, limit, (*chosen, *spare), after, after <= limit, session.what_is_left(left))


class _Session:
    """One session to be fitted: how long it takes, and what would make it shorter."""

    def __init__(self, program: Program, week_id: WeekId, day_id: DayId, who: Standpoint, terms: FitTerms) -> None:
        phase, _ = find_day(program, day_id)
        at = next((n for n, week in enumerate(phase.weeks) if week.id == week_id), None)
        if at is None:
            raise DomainError("That session is no longer in the program.")
        self.day_id, self.who, self.terms = day_id, who, terms
        self.weeks = range(at, len(phase.weeks)) if terms.all_weeks else (at,)
        self.week = max(self.weeks, key=lambda week: (self._seconds_in(program, week), -week))
        self.week_id = phase.weeks[self.week].id
        self.shortened: set[str] = set()

    def seconds(self, program: Program) -> int:
        """The estimated seconds of the longest week that is meant."""
        return self._seconds_in(program, self.week)

    def _seconds_in(self, program: Program, week: int) -> int:
        phase, day = find_day(program, self.day_id)
        return day_estimate(day, phase.weeks, week, self.who.profile)

    def cheapest(self, program: Program, cost: Cost, limit: int) -> list[Saving] | None:
        """The gentlest change of a cost that is enough, else the one that saves most; rests line by line."""
        changes = [c for c in self._changes(program) if c.cost is cost and c.key not in self.shortened]
        timed = [(change, self._saves(program, change)) for change in changes]
        saving = [one for one in timed if one[1] > 0]
        if not saving:
            return None
        needed = self.seconds(program) - limit
        enough = [one for one in saving if one[1] >= needed]
        change, _ = min(enough, key=lambda one: one[1]) if enough else max(saving, key=lambda one: one[1])
        if cost.lever is TimeLever.RESTS:
            # The way down was taken as far as it was needed, or as far as it goes.
            self.shortened.add(change.key)
        return list(self._parts(program, change))

    def spare(self, program: Program) -> list[Saving]:
        """What else would save time, the gentlest step of each kind, cheapest first."""
        found: dict[str, Saving] = {}
        for change in self._changes(program):
            saves = self._saves(program, change)
            if saves > 0 and change.cost <= Cost.MAIN_SETS and change.key not in found:
                found[change.key] = self._saving(program, change, saves)
        return sorted(found.values(), key=lambda one: (one.rank, -one.saves))

    def what_is_left(self, program: Program) -> tuple[str, ...]:
        """The exercises that stay, each with what it asks for."""
        day, _ = self._studied(program)
        return tuple(f"{a.exercise.name} {a.text}" for a in day.asked if a.text)

    def _changes(self, program: Program) -> Iterator[FittingChange]:
        day, week = self._studied(program)
        for find in FINDERS:
            for change in find(day, week, self.who):
                if change.cost.lever not in self.terms.without and not change.lines & self.terms.spared:
                    yield change

    def _studied(self, program: Program) -> tuple[StudiedDay, StudiedWeek]:
        week = study_week(program, self.who, self.week_id)
        for day in week.days if week else ():
            if week and day.day.id == self.day_id:
                return day, week
        raise DomainError("That session is no longer in the program.")

    def _parts(self, program: Program, change: FittingChange) -> Iterator[Saving]:
        """Rests of several lines shrink together and are told line by line, each with what it saves."""
        for one in change.parts():
            saving = self._saving(program, one, self._saves(program, one))
            program = apply_edits(program, saving.edits)
            yield saving

    def _saves(self, program: Program, change: FittingChange) -> int:
        return self.seconds(program) - self.seconds(apply_edits(program, self._edits(program, change, (self.week,))))

    def _saving(self, program: Program, change: FittingChange, saves: int) -> Saving:
        edits = self._edits(program, change, self.weeks)
        return Saving(change.key, int(change.cost), change.label, change.price, saves, edits, lever=change.cost.lever)

    def _edits(self, program: Program, change: FittingChange, weeks: Sequence[int]) -> tuple[Edit, ...]:
        phase: Phase = find_day(program, self.day_id)[0]
        return edits_of(change, phase, weeks, self.who.profile.unit)


def chosen_edits(found: Fit) -> Iterable[Edit]:
    """Answer the edits of all that was chosen, in order."""
    return (edit for saving in found.savings if saving.chosen for edit in saving.edits)
