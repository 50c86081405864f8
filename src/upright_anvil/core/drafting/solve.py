"""The choice itself: which exercise with how many sets in which slot, solved as one integer program by HiGHS.

Maximise the points of what is chosen, minus what is missed: empty slots, muscles outside the band, push and pull far
apart, minutes left over. Hard: the minutes of each day, each exercise once a day and twice a week, at most ten sets for
a muscle in a session, no heavy legs on or beside a day of long endurance. A wish that cannot be kept has its slack
counted and is named.
"""

from collections import defaultdict
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from itertools import combinations
from typing import Any

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.drafting.candidates import Candidate
from upright_anvil.core.drafting.slots import DayShape, DraftSlot, SlotWork
from upright_anvil.core.exercises import Pattern
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.plan.document import Section
from upright_anvil.core.plan.weekdays import days_apart
from upright_anvil.core.volume.bands import BIG_MUSCLES, SOFT_EDGE, Band
from upright_anvil.core.volume.hard_sets import muscle_share

MOST_IN_SESSION = 10
HARD_DAY = 4.5
PUSH = (Pattern.PUSH_HORIZONTAL, Pattern.PUSH_VERTICAL)
PULL = (Pattern.PULL_HORIZONTAL, Pattern.PULL_VERTICAL)
FRONT = (Pattern.SQUAT, Pattern.LUNGE)
RATIO = 1.4
BELOW, ABOVE, APART, AGAIN, EXTRA_SET = 14.0, 100.0, 10.0, 30.0, 4.0
"""Points lost for a set below or above the band, a set of push and pull apart, an exercise twice, and won for a set."""
LEFT_OVER, EXTRA_MINUTE, TOO_LITTLE = 0.12, 1.2, 0.8
"""Points lost for a second left over, won for a minute of endurance, lost for a second of it that lacks."""
MOST_NODES = 60
USED = 0.93
"""Share of a day's seconds that is meant to be used."""
LEGS = (Muscle.QUADRICEPS, Muscle.HAMSTRINGS, Muscle.GLUTES)
LEGS_BESIDE_ENDURANCE = 7.5
_HARD = frozenset(SlotWork) - {SlotWork.ENDURANCE}
EXTRA_MAIN_SET = 8.0


@dataclass(frozen=True, slots=True)
class Choice:
    """What fills a slot."""

    slot: DraftSlot
    candidate: Candidate
    sets: int


@dataclass(frozen=True, slots=True)
class Task:
    """What the solver is given: days with their slots, who may fill them, seconds of each, and the wishes.

    ``seconds`` answers slot, exercise and amount (sets, of endurance minutes) in seconds, changes included; ``limits``
    are the days' seconds, less what stands around the work. ``pins`` name the exercise of a slot;
    ``endurance`` is the share of the week's seconds that endurance is to have, ``most_lines`` how many exercises a day
    may have.
    """

    days: Sequence[DayShape]
    candidates: Mapping[str, Sequence[Candidate]]
    seconds: Mapping[tuple[str, ExerciseId, int], int]
    sets: Mapping[str, Sequence[int]]
    limits: Sequence[int]
    band: Band
    pins: Mapping[str, ExerciseId]
    endurance: float = 0.0
    most_lines: int | None = None


@dataclass(frozen=True, slots=True)
class Solved:
    """The choices in the order of the slots, and for each big muscle how many sets stay below the band."""

    choices: tuple[Choice, ...]
    short: Mapping[Muscle, float]


def solve(task: Task) -> Solved:
    """Answer the best week. Deterministic: one thread, a limit of nodes and none of time, a gap of five per cent."""
    return _Model(task).solved()


def _worth(slot: DraftSlot) -> float:
    """Points for each set of a line, or minute of endurance."""
    if slot.work is SlotWork.ENDURANCE:
        return EXTRA_MINUTE
    main = slot.section is Section.MAIN and slot.work is SlotWork.STRENGTH
    return EXTRA_MAIN_SET if main else EXTRA_SET


class _Model:
    """The integer program while it is put together."""

    def __init__(self, task: Task) -> None:
        import highspy

        self.task = task
        self.highs = highspy.Highs()  # type: ignore[no-untyped-call]
        self.highs.setOptionValue("log_to_console", False)
        self.highs.setOptionValue("output_flag", False)
        self.highs.setOptionValue("threads", 1)
        self.highs.setOptionValue("mip_rel_gap", 0.05)
        self.highs.setOptionValue("random_seed", 1)
        # Enough for a good week, and no more: a limit of time would not be the same on every machine.
        self.highs.setOptionValue("mip_max_nodes", MOST_NODES)
        self.taken: dict[tuple[str, ExerciseId, int], Any] = {}
        self.goal: Any = 0.0
        self.of_day: dict[int, list[tuple[DraftSlot, Candidate, int, Any]]] = defaultdict(list)
        self.short: dict[Muscle, Any] = {}

    def solved(self) -> Solved:
        self._choices()
        for number, limit in enumerate(self.task.limits):
            spent = self._sum(self.task.seconds[s.id, c.exercise.id, k] * x for s, c, k, x in self.of_day[number])
            if self.of_day[number]:
                self.highs.addConstr(spent <= limit)
                over = self.highs.addVariable(0, max(limit, 1))
                self.highs.addConstr(spent + over >= USED * limit)
                self.goal = self.goal - LEFT_OVER * over
                if self.task.most_lines is not None:
                    self.highs.addConstr(self._sum(x for *_, x in self.of_day[number]) <= self.task.most_lines)
        self._once()
        self._muscles()
        self._legs_beside_endurance()
        self._endurance_share()
        self._balance()
        self.highs.maximize(self.goal)
        value = self.highs.val
        chosen = [
            Choice(slot, candidate, sets)
            for day in range(len(self.task.days))
            for slot, candidate, sets, x in self.of_day[day]
            if value(x) > 0.5  # noqa: PLR2004 - a binary
        ]
        return Solved(tuple(chosen), {muscle: float(value(slack)) for muscle, slack in self.short.items()})

    def _choices(self) -> None:
        for number, day in enumerate(self.task.days):
            for slot in day.slots:
                pinned = self.task.pins.get(slot.id)
                options = []
                for candidate in self.task.candidates[slot.id]:
                    if pinned and candidate.exercise.id != pinned:
                        continue
                    for sets in self.task.sets[slot.id]:
                        x = self.highs.addBinary()
                        each = _worth(slot)
                        worth = slot.wanted + candidate.points + each * sets
                        self.goal = self.goal + worth * x
                        options.append(x)
                        self.of_day[number].append((slot, candidate, sets, x))
                if options:
                    self.highs.addConstr(self._sum(options) <= 1)

    def _once(self) -> None:
        week: dict[str, list[Any]] = defaultdict(list)
        for number in range(len(self.task.days)):
            today: dict[str, list[Any]] = defaultdict(list)
            for slot, candidate, _, x in self.of_day[number]:
                # Endurance may be the same all week; what is trained twice a day is not.
                if slot.work is not SlotWork.ENDURANCE:
                    today[candidate.exercise.id].append(x)
            for exercise, xs in today.items():
                self.highs.addConstr(self._sum(xs) <= 1)
                week[exercise] += xs
        for xs in week.values():
            again = self.highs.addVariable(0, 1)
            self.highs.addConstr(self._sum(xs) <= 1 + again)
            self.goal = self.goal - AGAIN * again

    def _muscles(self) -> None:
        band = self.task.band
        for muscle in Muscle:
            by_day = [self._sets_of(day, muscle) for day in range(len(self.task.days))]
            for day_sets in by_day:
                if day_sets is not None:
                    self.highs.addConstr(day_sets <= MOST_IN_SESSION)
            real = [sets for sets in by_day if sets is not None]
            if real:
                above = self.highs.addVariable(0, float(SOFT_EDGE) * band.high)
                self.highs.addConstr(self._sum(real) - above <= band.high)
                self.goal = self.goal - ABOVE * above
            if muscle in BIG_MUSCLES:
                below = self.short[muscle] = self.highs.addVariable(0, 100)
                self.highs.addConstr((self._sum(real) + below if real else below) >= band.low)
                self.goal = self.goal - BELOW * below
            self._apart(by_day)

    def _apart(self, by_day: Sequence[Any]) -> None:
        """Of two days in a row only one is hard on a muscle."""
        for number, other in self._neighbours():
            if by_day[number] is not None and by_day[other] is not None:
                which = self.highs.addBinary()
                self.highs.addConstr(by_day[number] <= HARD_DAY + MOST_IN_SESSION * which)
                self.highs.addConstr(by_day[other] <= HARD_DAY + MOST_IN_SESSION * (1 - which))

    def _neighbours(self) -> list[tuple[int, int]]:
        """Pairs of days that follow each other; Sunday stands beside Monday."""
        days = self.task.days
        pairs = combinations(range(len(days)), 2)
        return [(one, other) for one, other in pairs if days_apart(days[one].weekday, days[other].weekday) == 1]

    def _legs_beside_endurance(self) -> None:
        """Heavy legs stay off a day of long endurance and the days beside it."""
        days = self.task.days
        spared = [n for n, day in enumerate(days) if day.spares_legs]
        for number in range(len(days)):
            if not any(days_apart(days[number].weekday, days[n].weekday) <= 1 for n in spared):
                continue
            legs = [sets for muscle in LEGS if (sets := self._sets_of(number, muscle)) is not None]
            if legs:
                self.highs.addConstr(self._sum(legs) <= LEGS_BESIDE_ENDURANCE)

    def _endurance_share(self) -> None:
        spent = self._sum(
            self.task.seconds[slot.id, candidate.exercise.id, k] * x
            for options in self.of_day.values()
            for slot, candidate, k, x in options
            if slot.work is SlotWork.ENDURANCE
        )
        if spent is None or not self.task.endurance:
            return
        wanted = self.task.endurance * sum(self.task.limits)
        lacking = self.highs.addVariable(0, wanted)
        self.highs.addConstr(spent + lacking >= wanted)
        self.goal = self.goal - TOO_LITTLE * lacking

    def _balance(self) -> None:
        push, pull = self._pattern_sets(PUSH), self._pattern_sets(PULL)
        if push is not None and pull is not None:
            slack = self.highs.addVariable(0, 100)
            self.highs.addConstr(push <= RATIO * pull + slack)
            self.highs.addConstr(pull <= RATIO * push + slack)
            self.goal = self.goal - APART * slack
        front, hinge = self._pattern_sets(FRONT), self._pattern_sets((Pattern.HINGE,))
        if front is not None and hinge is not None:
            slack = self.highs.addVariable(0, 100)
            self.highs.addConstr(front <= 2.5 * hinge + slack)
            self.goal = self.goal - APART * slack

    def _sets_of(self, day: int, muscle: Muscle) -> Any:
        return self._sum(
            counts * sets * x
            for slot, candidate, sets, x in self.of_day[day]
            if slot.work in _HARD and (counts := float(muscle_share(candidate.exercise, muscle)))
        )

    def _pattern_sets(self, patterns: Sequence[Pattern]) -> Any:
        return self._sum(
            sets * x
            for day in range(len(self.task.days))
            for slot, candidate, sets, x in self.of_day[day]
            if slot.work in _HARD and candidate.exercise.pattern in patterns
        )

    def _sum(self, parts: Any) -> Any:
        """The sum of expressions; None of none."""
        parts = list(parts)
        return self.highs.qsum(parts) if parts else None
