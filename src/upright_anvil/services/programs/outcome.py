"""What came of a program: sessions and sets against the plan, strength, tests, body and pain over its weeks, and what
carries over to the next."""

from collections import Counter
from collections.abc import Mapping, Sequence
from datetime import date, timedelta
from decimal import Decimal

from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.ids import ClientId, LineId, ProgramId, SessionId
from upright_anvil.core.loads.load import Unit, in_unit
from upright_anvil.core.plan.document import Program, WeekKind
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.standing import ProgramStanding, standings
from upright_anvil.core.strength.over_time import EVERY, lies_far_back
from upright_anvil.core.strength.standing import Strength
from upright_anvil.core.volume.bands import band_for
from upright_anvil.services.assessment.rounds import side_by_side
from upright_anvil.services.log.done import Done, done_by_line
from upright_anvil.services.log.ran import ProgramRun, programs_run
from upright_anvil.services.log.volume import phase_volume
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.programs.outcome_views import CarriedLine, LiftOutcome, OutcomeView, PhaseOutcome
from upright_anvil.services.progress.overview import in_unit_of, tested_twice
from upright_anvil.services.progress.overview_views import BodyPoint, TestedTwice
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.log.training_sessions import HeldSession

LEAST_SESSIONS = 2
"""Sessions with a lift within the program from which its change is told."""

MOST_LIFTS = 12
TESTED_INTO, TESTED_BEHIND = 7, 14
"""Days into a program and behind it within which tests are those of its beginning and its end. House rule."""


def outcome(scope: Scope, program_id: ProgramId, today: date) -> OutcomeView:
    """Answer what came of a program up to today. Raises `NotFoundError`."""
    row, program = programs.program_row(scope, program_id), programs.current(scope, program_id).program
    who, every = client(scope, row.client_id), training_sessions.sessions_of_client(scope, row.client_id)
    mine = [s for s in every if s.program_id == program_id and s.finished_at is not None]
    far = lies_far_back(row.starts_on, today)
    profile = client_profile(scope, who.id, today, dates={s.id: s.on_date for s in every}, path_of=EVERY, whole=far)
    done = done_by_line(ledger.sets_of_sessions(scope, [s.id for s in mine]))
    dates = {s.id: s.on_date for s in mine}
    band = band_for(GoalKind(who.aim), TrainingAge(who.training_age))
    runs = {run.row.id: run for run in programs_run(scope, who.id, today, row.starts_on)}
    until = min(today, runs[row.id].last if row.id in runs else today)
    decisions = ledger.decisions_of_sessions(scope, dates)
    phases = _phases(program, mine, runs.get(row.id), today)
    volume = {p.id: phase_volume(row, program, p, profile, done, band) for p in program.phases}
    found = tuple(
        PhaseOutcome(
            name=phase.name,
            purpose=phase.purpose,
            weeks=len(phase.weeks),
            held=phases[phase.id][0],
            planned=phases[phase.id][1],
            sets_done=sum(week.done for week in volume[phase.id]),
            sets_planned=sum(week.planned for week in volume[phase.id]),
        )
        for phase in program.phases
    )
    lifts = lifts_within(profile, program.start, until, done)
    hurt = hurt_days(done, dates)
    body = tuple(
        BodyPoint(on, round(in_unit(kg, profile.unit), 1)) for on, kg in profile.weights if program.start <= on <= until
    )
    held, planned = sum(one.held for one in found), sum(one.planned for one in found)
    stands = standings([programs.dates_of(one) for one in programs.programs_of_client(scope, who.id)], today)
    return OutcomeView(
        program_id=row.id,
        client_id=who.id,
        client=who.name,
        name=program.name,
        unit=profile.unit,
        start=program.start,
        end=program.end,
        standing=stands.get(row.id, ProgramStanding.OVER),
        ended_on=row.ended_on,
        held=held,
        planned=planned,
        raised=sum(1 for d in decisions if d.verdict != "declined"),
        declined=sum(1 for d in decisions if d.verdict == "declined"),
        phases=found,
        lifts=lifts,
        tests=tests_within(scope, who.id, program.start, until, profile.unit),
        body=body,
        hurt=tuple(hurt),
        told=_told(held, planned, lifts, body, hurt, profile.unit),
        carried=_carried(program, profile, done, dates),
    )


def _phases(
    program: Program, mine: Sequence[HeldSession], run: ProgramRun | None, today: date
) -> dict[str, tuple[int, int]]:
    """The sessions held and planned up to today, by phase; what was held counts as planned, optional or not."""
    of_week = {week.id: phase.id for phase in program.phases for week in phase.weeks}
    held = Counter(of_week[s.week_id] for s in mine if s.week_id in of_week)
    on_plan = {(s.week_id, s.day_id) for s in mine}
    planned = Counter[str]()
    for phase, index, day, on in program.sessions():
        asks = any(line.cells[index].text for line in day.lines)
        was = (phase.weeks[index].id, day.id) in on_plan
        due = run is not None and run.row.made_on <= on < today and on <= run.last and not day.top_up
        if asks and (was or due):
            planned[phase.id] += 1
    return {phase.id: (held[phase.id], max(planned[phase.id], held[phase.id])) for phase in program.phases}


def lifts_within(profile: ClientProfile, start: date, until: date, done: Done) -> tuple[LiftOutcome, ...]:
    """Answer the lifts done in a span, those done most often first."""
    often = Counter(row.exercise for key, rows in done.items() for row in rows[:1] if key)
    found = []
    for exercise, times in often.most_common():
        strength = profile.known.strengths.get(exercise)
        made = _lift(strength, profile, start, until, times) if strength else None
        if made is not None:
            found.append(made)
    return tuple(found[:MOST_LIFTS])


def _lift(strength: Strength, profile: ClientProfile, start: date, until: date, times: int) -> LiftOutcome | None:
    within = [p for p in strength.path if start <= p.on <= until]
    if len(within) < LEAST_SESSIONS:
        return None
    before = [p for p in strength.path if p.on < start]
    first, last = before[-1] if before else within[0], within[-1]

    def shown(kg: float) -> Decimal:
        return in_unit_of(kg, profile.unit)

    return LiftOutcome(
        exercise_id=strength.exercise,
        exercise=profile.exercise(strength.exercise).name,
        held=times,
        before=shown(first.kg),
        after=shown(last.kg),
        low=shown(last.low),
        high=shown(last.high),
        change=round((last.kg / first.kg - 1) * 100, 1),
        clear=last.low > first.high or last.high < first.low,
    )


def tests_within(scope: Scope, client_id: ClientId, start: date, until: date, unit: Unit) -> tuple[TestedTwice, ...]:
    """Answer what was tested as a span began and as it ended: a week into it at most, and two weeks behind it."""
    rounds = sorted(side_by_side(scope, client_id, None, None).rounds, key=lambda one: one.on)
    early = [one for one in rounds if one.on <= start + timedelta(days=TESTED_INTO)]
    late = [one for one in rounds if one not in early and one.on <= until + timedelta(days=TESTED_BEHIND)]
    if not early or not late:
        return ()
    same = [one for one in early if one.battery == late[-1].battery] or early
    sides = side_by_side(scope, client_id, same[-1].id, late[-1].id)
    return tuple(tested_twice(pair, sides, unit) for pair in sides.pairs if pair.change is not None)


def hurt_days(done: Done, dates: Mapping[SessionId, date]) -> list[str]:
    """Answer what hurt, on how many days and when last, the latest first."""
    days: dict[str, set[date]] = {}
    for (sid, _), rows in done.items():
        for row in rows:
            if row.how.pain is not None:
                side = f"{row.how.pain_side} " if row.how.pain_side else ""
                days.setdefault(f"{side}{row.how.pain}", set()).add(dates[sid])
    return [
        f"{joint}: {len(on)} session{'s' if len(on) > 1 else ''}, last on {max(on):%d %b}"
        for joint, on in sorted(days.items(), key=lambda item: max(item[1]), reverse=True)
    ]


def _told(
    held: int,
    planned: int,
    lifts: Sequence[LiftOutcome],
    body: Sequence[BodyPoint],
    hurt: Sequence[str],
    unit: Unit,
) -> tuple[str, ...]:
    """What came of it in sentences: held first, then what is clear, then what is not."""
    said = [f"{held} of {planned} sessions held." if planned else "No session was due yet."]
    clear = [lift for lift in lifts if lift.clear]
    for lift in sorted(clear, key=lambda one: -one.change)[:3]:
        way = "up" if lift.change > 0 else "down"
        said.append(f"{lift.exercise} {way} from {lift.before} to {lift.after} {unit}, {lift.change:+.1f} %.")
    unclear = len(lifts) - len(clear)
    if unclear:
        said.append(
            f"{unclear} lift{'s' if unclear > 1 else ''} changed less than can be told apart from a day's form."
        )
    if len(body) > 1:
        said.append(f"Body weight {body[0].value} to {body[-1].value} {unit}.")
    if hurt:
        said.append(f"Hurt on the way: {'; '.join(hurt)}.")
    return tuple(said)


def _carried(
    program: Program, profile: ClientProfile, done: Done, dates: Mapping[SessionId, date]
) -> tuple[CarriedLine, ...]:
    """The lines of the last phase with what they came to; what hurt in its last session stays behind unless ticked."""
    phase = program.phases[-1]
    built = max((n for n, week in enumerate(phase.weeks) if week.kind is not WeekKind.EASE_OFF), default=-1)
    by_line: dict[LineId, list[tuple[date, SessionId]]] = {}
    for sid, line_id in done:
        by_line.setdefault(line_id, []).append((dates[sid], sid))
    found = []
    for day in sorted(phase.days, key=lambda d: d.weekday):
        for line in day.lines:
            last = max(by_line.get(line.id, []), default=None)
            rows = done[last[1], line.id] if last else ()
            pain = next((row.how.pain for row in rows if row.how.pain is not None), None)
            gone = profile.exercise(line.exercise).removed
            why = "hurt in its last session" if pain else "no longer in the library" if gone else ""
            found.append(
                CarriedLine(
                    line=line.id,
                    day=day.name,
                    exercise=profile.exercise(line.exercise).name,
                    text=line.cells[built].text,
                    last_done=f"{last[0]:%d %b}" if last else "",
                    on=not why,
                    why=why,
                )
            )
    return tuple(found)
