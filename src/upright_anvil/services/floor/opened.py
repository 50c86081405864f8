"""All that the floor's services read of a session: the day, the client's profile, the sets logged and those before."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import DayId, ExerciseId, ProgramId, SessionId, WeekId
from upright_anvil.core.ledger.rows import Outcome, SetPosition
from upright_anvil.core.ledger.standing import EffectiveSet, standing_rows
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none, profiles_by_week
from upright_anvil.core.plan.read_out.resolving import resolved
from upright_anvil.core.prescription.load_targets import LoadTarget
from upright_anvil.core.session.easing import profile_with
from upright_anvil.core.session.order import RunLine
from upright_anvil.core.session.ramp_up import RampUp, ramp_up
from upright_anvil.core.session.sides import led_by
from upright_anvil.services.floor.changes.away import with_step_back
from upright_anvil.services.floor.changes.on_the_day import OnTheDay, on_the_day, pains_from, pains_of_sets
from upright_anvil.services.floor.last_time import Before
from upright_anvil.services.floor.session import find
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.history import history
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import floor as store
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.tables import ClientRow, ReadinessRow


@dataclass(frozen=True, slots=True)
class Opened:
    """A session as they see it.

    ``here`` is the profile at today's place with what hurts today, ``before`` what the client did in other
    sessions, ``dates`` the days of all of them, ``done`` counts the working sets logged or skipped by line.
    """

    day: OnTheDay
    who: ClientRow
    profile: ClientProfile
    here: ClientProfile
    standing: Mapping[SetPosition, EffectiveSet]
    before: Before
    dates: Mapping[SessionId, date]
    readiness: ReadinessRow | None

    @property
    def done(self) -> dict[str, int]:
        """Working sets that are no longer open, counted by line."""
        counts: dict[str, int] = {}
        for slot, kept in self.standing.items():
            if kept.row.outcome is not Outcome.CLEARED and not slot.ramp:
                counts[slot.line] = counts.get(slot.line, 0) + 1
        return counts


def opened(scope: Scope, program_id: ProgramId, week_id: WeekId, day_id: DayId, today: date) -> Opened:
    """Read a session out. Raises `NotFoundError`, or `DomainError` when no such day is planned."""
    found = find(scope, program_id, week_id, day_id)
    day = on_the_day(scope, found)
    who = client(scope, found.program.client_id)
    rows = [k.row for k in ledger.sets_of_sessions(scope, [found.id])]
    week = day.found.phase.weeks[0]
    dates = training_sessions.session_dates(scope, who.id)
    day_of_it = found.row.on_date if found.row is not None and found.row.finished_at is not None else today
    profile = client_profile(scope, who.id, today, dates=dates, until=day_of_it, leaving_out=found.id)
    at_place = profiles_by_week(day.found.day, (week,), profile)[0]
    day = with_step_back(day, at_place, dates, today)
    standing = standing_rows(rows)
    report = store.readiness_of_session(scope, found.id) if found.row else None
    pains = (*(pains_from(report.pains) if report else ()), *pains_of_sets(standing.values()))
    here = profile_with(at_place, tuple(dict.fromkeys(pains)))
    others = {held: on for held, on in dates.items() if held != found.id}
    before = Before(history(scope, who.id), others)
    return Opened(day, who, profile, here, standing, before, dates, report)


def run_lines(view: Opened) -> tuple[dict[str, RunLine], dict[str, RampUp]]:
    """Answer the lines as they are run today, and the ramp-up sets of each (or why there are none)."""
    week = view.day.found.phase.weeks[0]
    lines: dict[str, RunLine] = {}
    ramps: dict[str, RampUp] = {}
    before: list[Exercise] = []
    leads = {line.id: group.lead for group in view.day.found.day.groups for line in group.lines}
    for line in view.day.found.day.lines:
        asked = led_by(prescription_or_none(line.cells[0].text, view.here.unit), leads[line.id])
        if asked is None:
            continue
        exercise = view.here.exercise(line.exercise_in(week))
        working = _load_of(asked.plans[0].load, exercise.id, view)
        ramps[line.id] = ramp_up(asked, working, exercise, view.here.inventory, before)
        lines[line.id] = RunLine(
            line.id, exercise, asked, len(ramps[line.id].sets), exercise.implement_at(view.here.inventory)
        )
        if working is not None and working.value:
            before.append(exercise)
    return lines, ramps


def _load_of(load: LoadTarget | None, exercise: ExerciseId, view: Opened) -> Load | None:
    """The load in the hand: said outright, what it comes to today, or last time's."""
    if isinstance(load, Load):
        return load
    found = resolved(load, view.here.exercise(exercise), view.here)
    if found is not None:
        return found.load
    return view.here.last_loads.get(exercise) if load is None else None


def on_the_bar(view: Opened) -> Load | None:
    """Answer what was lifted last on a barbell today, since it is still on the bar; None before that."""

    def logged(slot: SetPosition) -> float:
        at = view.standing[slot].row.logged_at
        return at.timestamp() if at else 0.0

    barbell = [
        slot
        for slot, kept in view.standing.items()
        if kept.row.outcome is Outcome.DONE
        and kept.row.load is not None
        and view.here.exercise(kept.row.exercise).implement_at(view.here.inventory) is ImplementKind.BARBELL
    ]
    return view.standing[max(barbell, key=logged)].row.load if barbell else None
