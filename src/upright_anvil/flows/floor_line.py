"""One exercise of a session as the floor shows it."""

from dataclasses import dataclass
from datetime import date, datetime

from upright_anvil.core.blocks import Bar, done_bar, planned_bar
from upright_anvil.core.constants import DEFAULT_REST_SECONDS
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.cautions import Caution, Grade, joint_cautions
from upright_anvil.core.ledger.aim import Aim, aim_for
from upright_anvil.core.ledger.rows import Outcome, PerformedSet
from upright_anvil.core.ledger.standing import Standing, done_sets
from upright_anvil.core.library.cues import ChosenCues, cues_for
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.document import Day, Line
from upright_anvil.core.plan.reading import prescription_or_none
from upright_anvil.core.plan.resolving import load_caution
from upright_anvil.core.plan.setting import Setting
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes.base import SetPlan
from upright_anvil.core.prescription.shorthand import write
from upright_anvil.core.timing.groups import rest_inside
from upright_anvil.flows.substitutes import names_instead
from upright_anvil.flows.training_session import FoundSession
from upright_anvil.store import ledger


@dataclass(frozen=True, slots=True)
class LoggedSet:
    """A stored set as the floor shows it."""

    id: str
    outcome: Outcome
    reps: int | None
    seconds: int | None
    load: Load | None
    assisted: bool
    reserve: int | None
    note: str
    bar: Bar | None
    logged_at: datetime | None


@dataclass(frozen=True, slots=True)
class FloorSet:
    """One set: what one tap logs, what stands, earlier values, and rows of another device beside it.

    ``stands`` is the id of the row that stands, a cleared one included: what the next row of this slot replaces.
    """

    number: int
    stands: str | None
    planned: Bar | None
    aim: Aim
    logged: LoggedSet | None
    earlier: tuple[LoggedSet, ...]
    beside: tuple[LoggedSet, ...]


@dataclass(frozen=True, slots=True)
class LastTime:
    """The client's last session with this exercise."""

    on: date
    planned: str
    sets: tuple[LoggedSet, ...]


@dataclass(frozen=True, slots=True)
class FloorLine:
    """One exercise of the session; ``loads`` are those that can be made here, lightest first.

    ``bodyweight`` says that loads are added to body weight, ``together`` with what it is done round by round.
    """

    line: str
    exercise_id: str
    exercise: str
    cues: ChosenCues
    together: str
    reason: str
    faults: tuple[str, ...]
    planned: str
    caution: str | None
    joints: tuple[Caution, ...]
    instead: tuple[str, ...]
    rest: int
    each_side: bool
    bodyweight: bool
    sets: tuple[FloorSet, ...]
    last_time: LastTime | None
    loads: tuple[Load, ...]
    notes: tuple[str, ...]


def floor_line(
    line: Line,
    found: FoundSession,
    setting: Setting,
    standing: dict[int, Standing],
    last: LastTime | None,
    notes: tuple[str, ...],
) -> FloorLine | None:
    """One line; None when it rests this week and nothing was logged."""
    exercise = setting.exercise(line.exercise_in(found.phase.weeks[found.week]))
    text = line.cells[found.week].text
    plan = prescription_or_none(text, setting.unit)
    if not text and not standing:
        return None
    plans = plan.plans if plan else ()
    planned_sets = len(plans)
    joints = joint_cautions(exercise, setting.standing)
    pressing = any(caution.grade is not Grade.NOTE for caution in joints)
    last_rows = last.sets if last else ()
    numbers = sorted({*range(1, max(planned_sets, 1) + 1), *standing})
    return FloorLine(
        line=line.id,
        exercise_id=exercise.id,
        exercise=exercise.name,
        cues=ChosenCues("", line.cues, "Chosen for this client.")
        if line.cues
        else cues_for(exercise, setting.standing),
        together=_together(line, found.day, setting),
        reason=line.reason,
        faults=exercise.faults,
        planned=write(plan) if plan else text,
        caution=_caution(plan, text, exercise, setting),
        joints=joints,
        instead=names_instead(exercise, setting) if pressing else (),
        rest=plan.rest if plan and plan.rest is not None else DEFAULT_REST_SECONDS,
        each_side=bool(plan and plan.each_side),
        bodyweight=exercise.implement_at(setting.inventory) is ImplementKind.BODYWEIGHT,
        sets=tuple(
            _set(n, plans[n - 1] if n <= planned_sets else None, plan, exercise, setting, standing.get(n), last_rows)
            for n in numbers
        ),
        last_time=last,
        loads=_loads(exercise, setting),
        notes=notes,
    )


def _together(line: Line, day: Day, setting: Setting) -> str:
    """Say what a line is done together with; nothing where it stands on its own."""
    group = next((g for g in day.groups if line in g.lines and len(g.lines) > 1), None)
    if group is None:
        return ""
    others = " and ".join(setting.exercise(other.exercise).name for other in group.lines if other is not line)
    what = f"{group.kind}, {group.pairing}" if group.pairing else group.kind
    return f"{what.capitalize()} with {others}: {rest_inside(group)} s inside a round."


def _caution(plan: Prescription | None, text: str, exercise: Exercise, setting: Setting) -> str | None:
    if plan is None:
        return f"'{text}' cannot be read as a prescription; log what you do." if text else None
    if exercise.removed:
        return "This exercise was removed from the library; the plan still names it."
    return load_caution(plan, exercise, setting)


def _set(
    number: int,
    one: SetPlan | None,
    plan: Prescription | None,
    exercise: Exercise,
    setting: Setting,
    standing: Standing | None,
    last: tuple[LoggedSet, ...],
) -> FloorSet:
    athlete = setting.athlete(exercise.id)

    def logged(row: PerformedSet) -> LoggedSet:
        return logged_set(row, setting)

    before = last[min(number, len(last)) - 1] if last else None
    return FloorSet(
        number=number,
        stands=standing.row.id if standing else None,
        planned=planned_bar(plan, exercise, athlete, plan=one) if plan and one else None,
        aim=aim_for(plan, before.reps if before else None, before.load if before else None, one),
        logged=logged(standing.row) if standing and standing.row.outcome is not Outcome.CLEARED else None,
        earlier=tuple(logged(r) for r in standing.earlier) if standing else (),
        beside=tuple(logged(r) for r in standing.beside) if standing else (),
    )


def logged_set(row: PerformedSet, setting: Setting) -> LoggedSet:
    """Answer a row as the floor shows it."""
    exercise = setting.exercise(row.exercise)
    done = row.outcome is Outcome.DONE
    return LoggedSet(
        row.id,
        row.outcome,
        row.reps,
        row.seconds,
        row.load,
        row.assisted,
        row.reserve,
        row.note,
        done_bar(row, exercise, setting.athlete(exercise.id)) if done else None,
        row.logged_at,
    )


def last_time(
    exercise: str, before: list[ledger.KeptSet], dates: dict[str, date], until: date, setting: Setting
) -> LastTime | None:
    """Answer the client's last session with an exercise up to a day, None where there is none."""
    mine = [k for k in before if k.row.exercise == exercise and dates[k.session_id] <= until]
    if not mine:
        return None
    latest = max((dates[k.session_id], k.session_id) for k in mine)
    rows = done_sets(k.row for k in mine if k.session_id == latest[1])
    if not rows:
        return None
    return LastTime(latest[0], rows[0].planned, tuple(logged_set(r, setting) for r in rows))


def _loads(exercise: Exercise, setting: Setting) -> tuple[Load, ...]:
    kind = exercise.implement_at(setting.inventory)
    return tuple(a.load for a in setting.inventory.achievable(kind)) if kind else ()
