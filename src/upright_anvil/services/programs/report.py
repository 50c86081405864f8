"""The report of a client over a span, from the same figures as the progress view."""

from dataclasses import dataclass
from datetime import date, timedelta

from upright_anvil.core.ids import ClientId
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.report import (
    ClientReport,
    ReportLift,
    ReportPoint,
    ReportTest,
    ReportTexts,
    ReportWeek,
    check_span,
    day_words,
    strength_words,
    test_words,
    work_words,
)
from upright_anvil.core.strength.over_time import EVERY, lies_far_back
from upright_anvil.services.log.done import done_by_line
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.programs.outcome import hurt_days, lifts_within, tests_within
from upright_anvil.services.programs.outcome_views import LiftOutcome
from upright_anvil.services.progress.overview import in_unit_of, overview
from upright_anvil.services.progress.overview_views import OverviewView, OverviewWeek
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions

MOST_LIFTS = 6


@dataclass(frozen=True, slots=True)
class ReportView:
    """A report as it would be handed over, with the sentences it begins with."""

    client_id: ClientId
    report: ClientReport


def report_of(scope: Scope, client_id: ClientId, start: date, until: date, today: date) -> ReportView:
    """Answer a client's report over a span. Raises `DomainError` for a span that is none, `NotFoundError`."""
    check_span(start, until, today)
    who, view = client(scope, client_id), overview(scope, client_id, today)
    sessions = training_sessions.sessions_of_client(scope, client_id)
    within = [s for s in sessions if start <= s.on_date <= until and s.finished_at is not None]
    far = lies_far_back(start, today)
    profile = client_profile(
        scope, client_id, today, dates={s.id: s.on_date for s in sessions}, path_of=EVERY, whole=far
    )
    done = done_by_line(ledger.sets_of_sessions(scope, [s.id for s in within]))
    lifts = tuple(_lift(one, profile, start, until) for one in lifts_within(profile, start, until, done)[:MOST_LIFTS])
    tests = tuple(
        ReportTest(t.name, t.unit, t.first_on, t.first, t.last_on, t.last, t.way == "better", t.words)
        for t in tests_within(scope, client_id, start, until, profile.unit)
    )
    weeks = tuple(_week(w, until) for w in view.weeks if start - timedelta(days=6) <= w.monday <= until)
    unit = str(profile.unit)
    hurt = hurt_days(done, {s.id: s.on_date for s in within})
    texts = ReportTexts(
        opening=_opening(who.name, who.goal or who.aim, start, until),
        work=work_words(weeks),
        strength=strength_words(lifts, unit),
        tests=test_words(tests),
        praise=" ".join(one.text for one in view.telling),
        minded=f"Minded on the way: {'; '.join(hurt)}." if hurt else "",
        following=_following(scope, view, today),
    )
    return ReportView(client_id, ClientReport(who.name, start, until, unit, weeks, lifts, tests, texts))


def _opening(name: str, goal: str, start: date, until: date) -> str:
    aim = f" What for: {goal[0].upper()}{goal[1:]}." if goal else ""
    where = f"where you began on {day_words(start)} and where you stand on {day_words(until)}"
    return f"{name.split(maxsplit=1)[0]}, this is {where}.{aim}"


def _week(week: OverviewWeek, until: date) -> ReportWeek:
    """A week as it counts: what is still to come of its sets is not asked for."""
    over = week.monday + timedelta(days=6) <= until
    asked = week.sets_planned if over else min(week.sets_planned, week.sets_done)
    return ReportWeek(week.monday, week.planned, week.held, asked, week.sets_done)


def _lift(one: LiftOutcome, profile: ClientProfile, start: date, until: date) -> ReportLift:
    path = profile.known.strengths[one.exercise_id].path
    points = tuple(
        ReportPoint(p.on, *(in_unit_of(kg, profile.unit) for kg in (p.kg, p.low, p.high)))
        for p in path
        if start <= p.on <= until
    )
    return ReportLift(one.exercise, one.before, one.after, one.change, one.clear, points)


def _following(scope: Scope, view: OverviewView, today: date) -> str:
    """What comes next and why: the rest of the phase that runs, and the one after it."""
    row = programs.running_program(scope, view.client_id, today)
    if row is None:
        return ""
    program = programs.current(scope, row.id).program
    weeks = [(phase, monday) for phase, _, monday in program.weeks()]
    now = next((phase for phase, monday in reversed(weeks) if monday <= today), program.phases[0])
    last = max(monday for phase, monday in weeks if phase.id == now.id) + timedelta(days=6)
    said = [f"Until {last.day} {last:%B}: {now.name}{f', {now.purpose}' if now.purpose else ''}."]
    after = program.phases[program.phases.index(now) + 1 :]
    if after:
        said.append(f"Then {after[0].name}{f', {after[0].purpose}' if after[0].purpose else ''}.")
    return " ".join(said)
