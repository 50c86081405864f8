"""Facts worth praising, found in a session: first times, bests, the most even work. Nothing is made up."""

from collections.abc import Sequence
from dataclasses import dataclass
from enum import StrEnum
from typing import Protocol

from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.load import Load
from upright_anvil.core.prescription.targets import distance_words, duration_words

MOST_FACTS = 5
EVEN_FROM = 3
"""Sets it takes before work can be even. House rule."""


class FactKind(StrEnum):
    """What sort of fact, most telling first."""

    BEST = "best"
    HEAVIEST = "heaviest"
    MOST_REPS = "most reps at this load"
    LONGEST = "longest"
    FIRST = "first time"
    EVEN = "most even"


@dataclass(frozen=True, slots=True)
class Fact:
    """One fact: its kind, the exercise, one sentence with its numbers."""

    kind: FactKind
    exercise: str
    text: str


class SetFigures(Protocol):
    """The figures of a set that was done; of each different one of years, one is enough."""

    @property
    def load(self) -> Load | None:
        """What was lifted."""

    @property
    def assisted(self) -> bool:
        """Whether the load helped."""

    @property
    def reps(self) -> int | None:
        """Repetitions."""

    @property
    def seconds(self) -> int | None:
        """How long it took."""

    @property
    def metres(self) -> int | None:
        """How far it went."""


@dataclass(frozen=True, slots=True)
class PastSet:
    """The figures of a set of an earlier session."""

    load: Load | None
    assisted: bool
    reps: int | None
    seconds: int | None
    metres: int | None


@dataclass(frozen=True, slots=True)
class Work:
    """What was done of an exercise today and before, with each set's estimated maximum where there is one (kg)."""

    exercise: str
    today: tuple[PerformedSet, ...]
    before: Sequence[SetFigures]
    today_max: float | None = None
    before_max: float | None = None


def facts(work: Sequence[Work]) -> tuple[Fact, ...]:
    """Answer the facts of a session, the most telling first, at most five and one an exercise. House rule.

    Sets with pain or broken form prove nothing.
    """
    found = [fact for one in work if (fact := _of(one)) is not None]
    even = _most_even(work)
    if even is not None and all(fact.exercise != even.exercise for fact in found):
        found.append(even)
    order = list(FactKind)
    return tuple(sorted(found, key=lambda fact: order.index(fact.kind))[:MOST_FACTS])


def _of(work: Work) -> Fact | None:
    today = [row for row in work.today if row.how.clean_enough]
    if not today:
        return None
    if not work.before:
        return Fact(FactKind.FIRST, work.exercise, f"First time with {work.exercise}: {_set(today[0])}.")
    if work.today_max is not None and work.before_max is not None and work.today_max > work.before_max * 1.005:
        gain = round((work.today_max / work.before_max - 1) * 100, 1)
        return Fact(
            FactKind.BEST, work.exercise, f"Best {work.exercise} yet: estimated max {gain:g} % above the last best."
        )
    return _heavier(work, today) or _more(work, today)


def _heavier(work: Work, today: Sequence[PerformedSet]) -> Fact | None:
    now = max((row for row in today if row.load and not row.assisted), key=_kg, default=None)
    then = max((_kg(row) for row in work.before if row.load and not row.assisted), default=None)
    if now is None or then is None or _kg(now) <= then:
        return None
    return Fact(FactKind.HEAVIEST, work.exercise, f"Heaviest {work.exercise} so far: {_set(now)}.")


def _more(work: Work, today: Sequence[PerformedSet]) -> Fact | None:
    for row in sorted(today, key=lambda r: -(r.metres or r.seconds or r.reps or 0)):
        alike = [b for b in work.before if _same(b.load, row.load) and b.assisted is row.assisted]
        if row.metres:
            then = max((b.metres or 0 for b in work.before), default=0)
            if then and row.metres > then:
                text = f"Furthest {work.exercise} so far: {row.amount}, before {distance_words(then)}."
                return Fact(FactKind.LONGEST, work.exercise, text)
        elif row.seconds is not None:
            then = max((b.seconds or 0 for b in alike), default=0)
            if then and row.seconds > then:
                text = f"Longest {work.exercise} so far: {duration_words(row.seconds)}, before {duration_words(then)}."
                return Fact(FactKind.LONGEST, work.exercise, text)
        else:
            then = max((b.reps or 0 for b in alike), default=0)
            if then and (row.reps or 0) > then:
                text = f"Most reps of {work.exercise} at this load: {_set(row)}, before {then}."
                return Fact(FactKind.MOST_REPS, work.exercise, text)
    return None


def _most_even(work: Sequence[Work]) -> Fact | None:
    """The exercise with the most sets that were all alike, all clean."""
    even = [
        one
        for one in work
        if len(one.today) >= EVEN_FROM
        and all(row.how.clean_enough for row in one.today)
        and len({(row.reps, row.seconds, row.metres, row.load, row.assisted) for row in one.today}) == 1
    ]
    if not even:
        return None
    best = max(even, key=lambda one: len(one.today))
    return Fact(
        FactKind.EVEN,
        best.exercise,
        f"Most even: {best.exercise}, {len(best.today)} sets alike, {_set(best.today[0])}.",
    )


def _set(row: PerformedSet) -> str:
    if row.load is None:
        return row.amount
    return f"{row.amount} with {row.load} {'of help' if row.assisted else ''}".strip()


def _kg(row: SetFigures) -> float:
    return float(row.load.kg) if row.load else 0.0


def _same(one: Load | None, other: Load | None) -> bool:
    return one is other or (one is not None and other is not None and one.same_as(other))
