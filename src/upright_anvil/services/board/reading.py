"""Whom and where a cell is read for, and what may be typed into it."""

from dataclasses import dataclass
from datetime import date

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import NO_LINE, NO_WEEK, ClientId, ExerciseId, LineId, ProgramId, WeekId
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.locate import find_line, week_index
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import profiles_by_week
from upright_anvil.core.plan.read_out.resolving import suggested
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.history import history
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions


@dataclass(frozen=True, slots=True)
class LastNumbers:
    """What was done last of an exercise: the date, what was planned, and the sets in words."""

    on: date
    planned: str
    done: str


@dataclass(frozen=True, slots=True)
class Hints:
    """What may be typed for an exercise: loads of the place, lightest first, last time's numbers, a load that fits.

    ``fitting`` is the load the estimate allows for eight repetitions with two left, None without an estimate;
    ``around`` the load to look around first: that one, else last time's.
    """

    loads: tuple[Load, ...]
    last: LastNumbers | None
    fitting: Load | None
    around: Load | None


@dataclass(frozen=True, slots=True)
class CellAddress:
    """Where a text stands: its line and week; empty where it stands nowhere yet."""

    line: LineId = NO_LINE
    week: WeekId = NO_WEEK


def profile_of_program(scope: Scope, program_id: ProgramId, today: date) -> ClientProfile:
    """Answer the profile of a program's client, its pace left out. Raises `NotFoundError`."""
    return client_profile(scope, programs.program_row(scope, program_id).client_id, today, paced=False)


def profile_at(scope: Scope, program_id: ProgramId, today: date, address: CellAddress) -> ClientProfile:
    """Answer the profile of a program's client at a cell's place: its week's, else its day's, else the usual one."""
    usual = profile_of_program(scope, program_id, today)
    try:
        place = find_line(programs.current(scope, program_id).program, address.line)
        week = place.phase.weeks[week_index(place.phase, address.week)]
    except DomainError:
        return usual
    return profiles_by_week(place.day, (week,), usual)[0]


REPS, LEFT = 8, 2


def hints(
    scope: Scope, program_id: ProgramId, exercise_id: ExerciseId, today: date, address: CellAddress | None = None
) -> Hints:
    """Answer what may be typed for an exercise in a cell, with the loads of its place. Raises `NotFoundError`."""
    program = programs.program_row(scope, program_id)
    profile = profile_at(scope, program_id, today, address or CellAddress())
    exercise = profile.exercise(exercise_id)
    kind = exercise.implement_at(profile.inventory)
    loads = tuple(a.load for a in profile.inventory.achievable(kind)) if kind else ()
    fitting = suggested(exercise, profile, REPS, LEFT)
    return Hints(
        loads, _last(scope, program.client_id, exercise_id), fitting, fitting or profile.last_loads.get(exercise_id)
    )


def _last(scope: Scope, client_id: ClientId, exercise_id: ExerciseId) -> LastNumbers | None:
    sessions = history(scope, client_id).by_session.get(exercise_id, {})
    if not sessions:
        return None
    ((latest, on),) = training_sessions.newest_of(scope, client_id, sessions, 1).items()
    ids = [row.id for row in sessions[latest]]
    full = ledger.sets_by_id(scope, ids)
    sets = [full[row] for row in ids]
    load = f" with {sets[0].load}" if sets[0].load else ""
    said = ", ".join(str(row.reps) if row.reps is not None else row.amount for row in sets)
    return LastNumbers(on, sets[0].planned, f"{said}{load}")
