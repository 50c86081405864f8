"""The cheapest set of changes that fits a session into the minutes there are."""

from collections.abc import Sequence
from dataclasses import dataclass

from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedWeek, study_week
from upright_anvil.core.errors import DomainError
from upright_anvil.core.fitting.changes import FINDERS, Cost, Finder, FittingChange
from upright_anvil.core.ids import DayId, WeekId
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits import Edit, apply_edits

MOST_STEPS = 40


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


@dataclass(frozen=True, slots=True)
class Fit:
    """A session against its time: seconds now, seconds there are, what can be changed, what all chosen come to.

    ``fits`` says whether the chosen changes are enough.
    """

    seconds: int
    limit: int
    savings: tuple[Saving, ...]
    after: int
    fits: bool


def fit(
    program: Program,
    week_id: WeekId,
    day_id: DayId,
    limit: int,
    who: Standpoint,
    finders: Sequence[Finder] = FINDERS,
) -> Fit:
    """Answer how a session fits into ``limit`` seconds, with the changes that ``finders`` find.

    Changes are tried cheapest first and kept while the session is too long; each saves what it saves after those kept
    before it. Changes that were not needed stay on offer. Raises `DomainError` without such a session. House rule.
    """
    now = _day(program, week_id, day_id, who)[0].seconds
    left, chosen = program, list[Saving]()
    for _ in range(MOST_STEPS):
        day, week = _day(left, week_id, day_id, who)
        if day.seconds <= limit:
            break
        best = _best(left, day, week, who, finders)
        if best is None:
            break
        left = apply_edits(left, best.edits)
        chosen.append(best)
    after = _day(left, week_id, day_id, who)[0].seconds
    spare = _offers(left, *_day(left, week_id, day_id, who), who, finders)
    rest = tuple(s for s in spare if s.rank <= Cost.MAIN_SETS)[: max(8 - len(chosen), 3)]
    return Fit(now, limit, (*chosen, *rest), after, after <= limit)


def _best(
    program: Program, day: StudiedDay, week: StudiedWeek, who: Standpoint, finders: Sequence[Finder]
) -> Saving | None:
    """The cheapest change that saves something; of equally cheap ones the one that saves most."""
    for cost in Cost:
        saving = [s for s in _offers(program, day, week, who, finders, cost) if s.saves > 0]
        if saving:
            best = max(saving, key=lambda s: s.saves)
            return Saving(best.key, best.rank, best.label, best.price, best.saves, best.edits, chosen=True)
    return None


def _offers(
    program: Program,
    day: StudiedDay,
    week: StudiedWeek,
    who: Standpoint,
    finders: Sequence[Finder],
    cost: Cost | None = None,
) -> list[Saving]:
    changes = [c for find in finders for c in find(day, week, who) if cost in (None, c.cost)]
    offers = [_timed(program, day, change, who) for change in changes]
    return sorted((o for o in offers if o.saves > 0), key=lambda o: (o.rank, -o.saves))


def _timed(program: Program, day: StudiedDay, change: FittingChange, who: Standpoint) -> Saving:
    after = _day(apply_edits(program, change.edits), day.week.id, day.day.id, who)[0]
    return Saving(change.key, int(change.cost), change.label, change.price, day.seconds - after.seconds, change.edits)


def _day(program: Program, week_id: WeekId, day_id: DayId, who: Standpoint) -> tuple[StudiedDay, StudiedWeek]:
    week = study_week(program, who, week_id)
    for day in week.days if week else ():
        if week and day.day.id == day_id:
            return day, week
    raise DomainError("That session is no longer in the program.")
