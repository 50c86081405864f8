"""One line through the weeks to come: what is asked, what would be done of it, what would be proposed, week by week.

Every proposal is taken as it comes and rolls on along the line's path, so what is seen here is what accepting all of
them would come to. House rule.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import date, timedelta
from decimal import Decimal
from typing import Final

from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Distance, Reps, Seconds
from upright_anvil.core.progression.judge import proposal
from upright_anvil.core.progression.kinds import WorkKind, kind_of
from upright_anvil.core.progression.model import Exposure, ProgressionContext, Proposal
from upright_anvil.core.progression.moves.steps import moved
from upright_anvil.core.progression.rolling import LaterWeek, rolled
from upright_anvil.core.projection.scenario import Edge, Level, Scenario, level_of, longest, strongest, trained
from upright_anvil.core.projection.simulated_sets import counted, held
from upright_anvil.core.strength.estimate import share_of_max

GUESSED_ERROR: Final = 0.08
"""How far off the maximum is that is read from the plan alone, as a share. House figure."""

GUESSED_TREND, GUESSED_TREND_ERROR = 0.003, 0.006
"""What is thought of the trend of somebody who has not done the exercise yet, a week. House figures."""

KEPT_EXPOSURES: Final = 6
"""Sessions a judgement looks back on at most."""


@dataclass(frozen=True, slots=True)
class WeekAhead:
    """A week to come: its Monday, what it asks for (None: rests or cannot be read), whether it eases off."""

    monday: date
    asks: Prescription | None
    easing_off: bool = False


@dataclass(frozen=True, slots=True)
class CourseWeek:
    """A week as it would come: what is asked, whether it is trained, and what would be proposed after it."""

    asked: Prescription | None
    trained: bool
    proposal: Proposal | None = None


@dataclass(frozen=True, slots=True)
class ProjectedLine:
    """A line to look ahead of: what the judgements look at (its sessions so far may be none), its policy, its weeks.

    ``context.exposures`` are the sessions so far; ``together`` says that it is a station of a circuit.
    """

    context: ProgressionContext
    policy: str
    weeks: tuple[WeekAhead, ...]
    together: bool = False


def cannot(line: ProjectedLine) -> str:  # noqa: PLR0911 - one answer a reason
    """Answer why a line cannot be looked ahead of, in words; empty where it can."""
    first = next((week.asks for week in line.weeks if week.asks is not None), None)
    if first is None:
        return "Nothing is asked for in these weeks."
    if first.ramp:
        return "These sets only lead up to the work."
    kind = kind_of(line.context.exercise, first, preparing=line.context.preparing)
    if kind is WorkKind.PREPARATION:
        return "It gets ready, loosens or winds down: it stays as it is."
    if line.together:
        return "A circuit is judged as one after it was run, and follows the plan as written."
    if first.scheme is not None:
        return "Sets that differ or run by the clock follow the plan as written."
    if first.others:
        return "Other loads beside the planned one follow the plan as written."
    if not isinstance(first.target, Reps | Seconds):
        return "As many as possible and distances follow the plan as written."
    if kind not in _REACHED:
        return f"A {kind} is raised by what is seen of it, so it follows the plan as written."
    if isinstance(first.target, Reps) and not _moves(line, first):
        return "What moves is not known in kilograms or pounds, so nothing can be reckoned ahead."
    return ""


_REACHED: Final = frozenset({WorkKind.LIFT, WorkKind.HOLD, WorkKind.BALANCE})
"""Kinds of work whose next weeks can be reckoned with."""


def course(line: ProjectedLine, outlook: Scenario, edge: Edge = Edge.MID) -> tuple[CourseWeek, ...]:
    """Answer the weeks to come of a line that `cannot` has nothing against. Deterministic; nothing is drawn by lot."""
    level = _level(line)
    best = _best_hold(line)
    asks = [week.asks for week in line.weeks]
    exposures = list(line.context.exposures[-KEPT_EXPOSURES:])
    found = []
    for n, week in enumerate(line.weeks):
        asked = asks[n]
        if asked is None or not trained(outlook, n):
            found.append(CourseWeek(asked, trained=False))
            continue
        done = _done(line, asked, level, best, outlook, edge, n)
        if week.easing_off or not done:
            found.append(CourseWeek(asked, trained=True))
            continue
        exposures = [*exposures[1 - KEPT_EXPOSURES :], Exposure(week.monday, asked, tuple(done))]
        ahead = next((m for m in range(n + 1, len(asks)) if trained(outlook, m) and not line.weeks[m].easing_off), None)
        decided = _proposed(line, exposures, level, outlook, edge, n, ahead)
        found.append(CourseWeek(asked, trained=True, proposal=decided))
        if decided.exercise:
            break
        if ahead is not None:
            _write(asks, ahead, decided.prescription, line)
    return tuple(found)


def _write(asks: list[Prescription | None], ahead: int, decided: Prescription, line: ProjectedLine) -> None:
    said = asks[ahead]
    later = [LaterWeek(asks[m], line.weeks[m].easing_off) for m in range(ahead + 1, len(asks))]
    asks[ahead] = decided
    if said is not None:
        for m, taken in enumerate(rolled(said, decided, later, line.context, line.context.step_cap), ahead + 1):
            asks[m] = taken if taken is not None else asks[m]


def _done(
    line: ProjectedLine, asked: Prescription, level: Level | None, best: int, outlook: Scenario, edge: Edge, week: int
) -> list[PerformedSet]:
    match asked.target:
        case Reps() if level is not None:
            kg = moved(line.context, asked.load) if asked.load is not None else _own(line)
            strong = strongest(level, outlook, edge, week)
            return counted(asked, asked.target, float(kg), strong, line.context.steepness) if kg else []
        case Seconds():
            return held(asked, asked.target, longest(best, outlook, edge, week))
        case _:
            return []


def _proposed(
    line: ProjectedLine,
    exposures: list[Exposure],
    level: Level | None,
    outlook: Scenario,
    edge: Edge,
    n: int,
    ahead: int | None,
) -> Proposal:
    on = exposures[-1].on
    strength = line.context.strength
    if strength is not None and level is not None:
        kg = strongest(level, outlook, edge, n)
        strength = replace(strength, kg=kg, last=on, sessions=strength.sessions + n + 1, lately=None, path=())
    lost = sum(1 for m in range(n + 1, ahead or 0) if not trained(outlook, m))
    then = on + timedelta(days=7 * (1 + lost))
    context = replace(line.context, exposures=tuple(exposures), strength=strength, next_on=then, rests=(), brief=True)
    return proposal(context, line.policy)


def _own(line: ProjectedLine) -> Decimal | None:
    share, body = line.context.exercise.bodyweight_share, line.context.body_kg
    return share * body if share and body else None


def _moves(line: ProjectedLine, asked: Prescription) -> Decimal | None:
    return moved(line.context, asked.load) if asked.load is not None else _own(line)


def _level(line: ProjectedLine) -> Level | None:
    """The estimate; without one, what the plan takes for granted: its first load for its repetitions and reserve."""
    if line.context.strength is not None:
        return level_of(line.context.strength)
    first = next((week.asks for week in line.weeks if week.asks is not None), None)
    kg = _moves(line, first) if first is not None else None
    if first is None or not kg or not isinstance(first.target, Reps):
        return None
    factor = share_of_max(first.target.low + (2 if first.left is None else first.left)) ** line.context.steepness
    return Level(float(kg) / factor, GUESSED_ERROR, GUESSED_TREND, GUESSED_TREND_ERROR)


def _best_hold(line: ProjectedLine) -> int:
    """The longest hold of the last session, else what is asked first, seconds."""
    if line.context.exposures:
        seconds = [row.seconds for row in line.context.exposures[-1].sets if row.seconds]
        if seconds:
            return max(seconds)
    first = next((week.asks for week in line.weeks if week.asks is not None), None)
    return first.amount if first is not None and not isinstance(first.target, Distance) else 0


def further(weeks: Sequence[WeekAhead], many: int) -> tuple[WeekAhead, ...]:
    """Answer the weeks with as many more as make up a number, each asking for the last building week's again."""
    last = next((week for week in reversed(weeks) if week.asks is not None and not week.easing_off), None)
    if last is None:
        return tuple(weeks)
    more = range(1, max(many - len(weeks), 0) + 1)
    return (*weeks, *(WeekAhead(weeks[-1].monday + timedelta(days=7 * n), last.asks) for n in more))
