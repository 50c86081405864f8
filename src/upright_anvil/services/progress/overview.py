"""The progress of a client as a whole: what was planned and done week by week, strength, tests, body, pain."""

from collections import Counter, defaultdict
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from datetime import date, timedelta
from decimal import Decimal

from upright_anvil.core.health.history import State
from upright_anvil.core.health.history import current as standing_now
from upright_anvil.core.ids import ClientId, ExerciseId, SessionId
from upright_anvil.core.loads.load import Kilograms, Unit, in_unit
from upright_anvil.core.plan.document import Phase, WeekKind
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.progress.at_load import LoadedSet
from upright_anvil.core.progress.highlights import Telling, of_coming, worth_telling
from upright_anvil.core.strength.over_time import EVERY
from upright_anvil.core.strength.standing import Strength
from upright_anvil.services.assessment.rounds import Pair, SideBySide, side_by_side
from upright_anvil.services.board.empty_program import monday_of
from upright_anvil.services.ids import session_id
from upright_anvil.services.log.ran import ProgramRun, programs_run
from upright_anvil.services.log.volume import SetCount, SetCounts
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.history import History, history, is_clean
from upright_anvil.services.profile.strength import load_of
from upright_anvil.services.progress.highlights import in_clients_unit, name_of, tellings
from upright_anvil.services.progress.overview_views import (
    BodyPoint,
    Lift,
    LiftPoint,
    OverviewView,
    OverviewWeek,
    PainRow,
    TestedTwice,
)
from upright_anvil.store import programs
from upright_anvil.store.client import health
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.log.history import BriefSet
from upright_anvil.store.log.training_sessions import HeldSession
from upright_anvil.store.tables import DecisionRow

WEEKS_BACK = 52
COMING_WEEKS = 8
"""Weeks looked back on for what was held of what was planned. House rule."""

MOST_LIFTS = 12
LEAST_SESSIONS = 3
"""A lift is drawn from so many sessions on."""


@dataclass(frozen=True, slots=True)
class _Planned:
    """A week of a program on the calendar."""

    run: ProgramRun
    phase: Phase
    index: int
    number: int


def overview(scope: Scope, client_id: ClientId, today: date) -> OverviewView:
    """Answer a client's progress over the last year. Raises `NotFoundError`."""
    who = client(scope, client_id)
    since = today - timedelta(weeks=WEEKS_BACK)
    sessions = training_sessions.recent_sessions(scope, client_id, monday_of(since))
    dates = {s.id: s.on_date for s in sessions}
    profile = client_profile(scope, client_id, today, path_of=EVERY)
    strong = profile.known.strengths
    row, runs = programs.running_program(scope, client_id, today), programs_run(scope, client_id, today, since)
    planned = _planned(runs, since, today)
    within = [s for s in sessions if s.on_date >= since]
    done = _done(history(scope, client_id), within)
    pains = sorted({(s.on_date, _hurt(r)) for s, rows in done for r in rows if r.pain is not None})
    counts = SetCounts(profile, {(s.program_id, s.week_id, s.day_id): rows for s, rows in done})
    held = Counter(monday_of(s.on_date) for s in within if s.finished_at is not None)
    due = _due(runs, {s.id: s.on_date for s in sessions if s.finished_at is not None}, today)
    taken = _decided(ledger.decisions_of_sessions(scope, list(dates)), dates)
    weeks = []
    for monday in _mondays({*planned, *held}, today):
        week = planned.get(monday)
        sets = counts.of(week.run.row.id, week.run.program, week.phase, week.index) if week else SetCount(0, 0)
        raised, declined = taken.get(monday, (0, 0))
        weeks.append(
            OverviewWeek(
                monday=monday,
                phase=week.phase.name if week else "",
                number=week.number if week else 0,
                easing_off=week is not None and week.phase.weeks[week.index].kind is WeekKind.EASE_OFF,
                planned=due.get(monday, 0),
                held=held.get(monday, 0),
                sets_planned=sets.planned,
                sets_done=sets.done,
                hurt=tuple(sorted({joint for on, joint in pains if monday_of(on) == monday})),
                raised=raised,
                declined=declined,
            )
        )
    sides = side_by_side(scope, client_id, None, None)
    return OverviewView(
        client_id=who.id,
        client=who.name,
        unit=profile.unit,
        program_id=row.id if row else None,
        telling=worth_telling(
            [*tellings(strong, profile, _loaded(done), sides, pains, within, today), _coming(weeks, today)]
        ),
        weeks=tuple(weeks),
        lifts=_lifts(strong, profile, since),
        tests=tuple(tested_twice(pair, sides, profile.unit) for pair in sides.pairs if pair.change is not None),
        body=_body(profile, since),
        pain=_pain_rows(scope, client_id, pains, today),
    )


def _mondays(known: set[date], today: date) -> list[date]:
    """All weeks from the first known to this one, gaps included."""
    if not known:
        return []
    first, last = min(known), monday_of(today)
    return [first + timedelta(weeks=n) for n in range((last - first).days // 7 + 1)]


def _planned(runs: Sequence[ProgramRun], since: date, today: date) -> dict[date, _Planned]:
    """The weeks that the programs asked for up to this week."""
    return {
        monday: _Planned(run, phase, index, number)
        for run in runs
        for number, (phase, index, monday) in enumerate(run.program.weeks(), start=1)
        if since <= monday <= today and run.first <= monday <= run.last
    }


def _due(runs: Sequence[ProgramRun], held: Mapping[SessionId, date], today: date) -> Counter[date]:
    """How many sessions each week asked for up to yesterday, and today's once it was held.

    What lies before the day a program was made was never missed; it counts where it was held.
    """
    due, held_on = Counter[date](), set(held.values())
    for run in runs:
        for phase, index, day, on in run.program.sessions():
            asks = any(line.cells[index].text for line in day.lines) and run.first <= on <= run.last
            missable = on >= run.row.made_on or session_id(run.row.id, phase.weeks[index].id, day.id) in held
            if asks and missable and (on < today or (on == today and today in held_on)):
                due[monday_of(on)] += 1
    return due


def _decided(decisions: Sequence[DecisionRow], dates: Mapping[SessionId, date]) -> dict[date, tuple[int, int]]:
    found: dict[date, tuple[int, int]] = {}
    for row in decisions:
        if row.session_id in dates:
            monday = monday_of(dates[row.session_id])
            raised, declined = found.get(monday, (0, 0))
            found[monday] = (raised, declined + 1) if row.verdict == "declined" else (raised + 1, declined)
    return found


def _done(past: History, sessions: Sequence[HeldSession]) -> list[tuple[HeldSession, Sequence[BriefSet]]]:
    """The sets that were done in some sessions."""
    return [(held, past.in_session.get(held.id, ())) for held in sessions]


def _hurt(row: BriefSet) -> str:
    return f"{row.pain_side} {row.pain}" if row.pain_side else str(row.pain)


def _loaded(done: Sequence[tuple[HeldSession, Sequence[BriefSet]]]) -> dict[ExerciseId, list[LoadedSet]]:
    found: dict[ExerciseId, list[LoadedSet]] = defaultdict(list)
    for held, rows in done:
        for row in rows:
            load = load_of(row.load, row.load_unit)
            found[row.exercise].append(LoadedSet(held.on_date, load, row.assisted, row.reps, is_clean(row)))
    return found


def _pain_rows(
    scope: Scope, client_id: ClientId, pains: Sequence[tuple[date, str]], today: date
) -> tuple[PainRow, ...]:
    states = {
        s.name: str(s.state) for s in standing_now(health.history(scope, client_id), today) if s.state is not State.OVER
    }
    days: dict[str, list[date]] = defaultdict(list)
    for on, joint in pains:
        days[joint].append(on)
    rows = [PainRow(joint, tuple(on), states.get(joint, "")) for joint, on in days.items()]
    return tuple(sorted(rows, key=lambda row: row.days[-1], reverse=True))


def _lifts(strong: Mapping[ExerciseId, Strength], profile: ClientProfile, since: date) -> tuple[Lift, ...]:
    known = [s for s in strong.values() if s.sessions >= LEAST_SESSIONS]
    known.sort(key=lambda s: (-s.sessions, s.exercise))
    return tuple(_lift(strength, profile, since) for strength in known[:MOST_LIFTS])


def in_unit_of(kg: float, unit: Unit) -> Decimal:
    """Answer an estimate in the client's unit, to a tenth."""
    return in_unit(Kilograms(Decimal(repr(kg))), unit).quantize(Decimal("0.1"))


def _lift(strength: Strength, profile: ClientProfile, since: date) -> Lift:
    def shown(kg: float) -> Decimal:
        return in_unit_of(kg, profile.unit)

    exercise, lately, begun = profile.exercise(strength.exercise), strength.lately, strength.begun_at
    return Lift(
        exercise_id=exercise.id,
        exercise=exercise.name,
        sessions=strength.sessions,
        value=shown(strength.kg),
        low=shown(strength.low),
        high=shown(strength.high),
        gain=round((strength.kg / begun - 1) * 100, 1) if begun and strength.sessions > LEAST_SESSIONS else None,
        week=round(lately.week * 100, 2) if lately else None,
        week_low=round(lately.worst * 100, 2) if lately else None,
        week_high=round(lately.best * 100, 2) if lately else None,
        way=lately.way if lately else "",
        with_body=bool(exercise.bodyweight_share),
        path=tuple(LiftPoint(p.on, shown(p.kg), shown(p.low), shown(p.high)) for p in strength.path if p.on >= since),
    )


def tested_twice(pair: Pair, sides: SideBySide, unit: Unit) -> TestedTwice:
    """Answer a test done twice, its figures in the client's unit where they are a weight."""
    assert pair.change and sides.earlier and sides.later  # noqa: S101 - the caller has checked
    change, said = in_clients_unit(pair.change, pair.item.unit, unit)
    return TestedTwice(
        name_of(pair), said, sides.earlier.on, change.earlier, sides.later.on, change.later, change.way, change.words
    )


def _body(profile: ClientProfile, since: date) -> tuple[BodyPoint, ...]:
    return tuple(BodyPoint(on, round(in_unit(kg, profile.unit), 1)) for on, kg in profile.weights if on >= since)


def _coming(weeks: Sequence[OverviewWeek], today: date) -> Telling | None:
    recent = [week for week in weeks if week.monday > monday_of(today) - timedelta(weeks=COMING_WEEKS)]
    return of_coming(sum(w.held for w in recent), sum(w.planned for w in recent), COMING_WEEKS)
