"""What the type checker must refuse: identifiers, sides and units that change places.

Each marked line is wrong; strict mypy fails on a mark that is not needed, so a swap that would pass is found by lint.
Nothing here is ever run.
"""

from datetime import date
from decimal import Decimal

from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import ClientId, DayId, ExerciseId, LineId, PlaceId, ProgramId, SessionId, WeekId
from upright_anvil.core.ledger.how import How, LeftSide, RightSide
from upright_anvil.core.ledger.rows import PerformedSet, SetPosition
from upright_anvil.core.loads.load import Kilograms, Load, Unit, in_unit
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.locate import find_line, week_index
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.prescription.load_targets import moved_kg
from upright_anvil.core.strength.estimate import estimate_max
from upright_anvil.services.floor.opening import open_floor
from upright_anvil.services.ids import session_id
from upright_anvil.services.progress.exercise_progress import client_progress
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import training_sessions


def identifiers(
    scope: Scope,
    of: tuple[ClientId, ProgramId, SessionId, PlaceId],
    cell: tuple[WeekId, DayId, LineId, ExerciseId],
    today: date,
    profile: ClientProfile,
) -> None:
    """One identifier where another belongs."""
    who, program, session, place = of
    week, day, line, exercise = cell
    client(scope, program)  # type: ignore[arg-type]
    client(scope, session)  # type: ignore[arg-type]
    client_progress(scope, program, exercise, today)  # type: ignore[arg-type]
    client_progress(scope, who, line, today)  # type: ignore[arg-type]
    session_id(program, day, week)  # type: ignore[arg-type]
    session_id(session, week, day)  # type: ignore[arg-type]
    open_floor(scope, program, day, week, today)  # type: ignore[arg-type]
    training_sessions.session(scope, who)  # type: ignore[arg-type]
    profile.at(exercise)  # type: ignore[arg-type]
    profile.exercise(place)  # type: ignore[arg-type]
    SetPosition(exercise, 1)  # type: ignore[arg-type]


def plan(program: Program, week: WeekId, day: DayId, row: PerformedSet, lift: Exercise, profile: ClientProfile) -> None:
    """Parts of a plan for each other."""
    find_line(program, day)  # type: ignore[arg-type]
    week_index(program.phases[0], day)  # type: ignore[arg-type]
    program.held_by(day, week)  # type: ignore[arg-type]
    profile.exercise(row.slot.line)  # type: ignore[arg-type]
    find_line(program, lift.id)  # type: ignore[arg-type]


def sides_and_units(left: LeftSide, right: RightSide, load: Load, body: Kilograms) -> None:
    """The left for the right; a figure in the client's unit for kilograms."""
    How(left=right)  # type: ignore[arg-type]
    How(right=left)  # type: ignore[arg-type]
    in_unit(load.value, Unit.LB)  # type: ignore[arg-type]
    moved_kg(load, Decimal(1), load.value)  # type: ignore[arg-type]
    estimate_max(in_unit(body, Unit.LB), 5, 2)  # type: ignore[arg-type]
