"""A client who was away: the step back before the first set, listed and undone like every change of the day.

Loads are taken from what was used last where that is less than the plan, lighter by as much as the gap asks; holds and
distances get shorter; where nothing lighter can be made, fewer sets or more left. Shares of the maximum follow the
estimate, which has fallen by itself. House rule, rules of readiness and missed days.
"""

from dataclasses import replace
from datetime import date
from decimal import Decimal
from typing import Final

from upright_anvil.core.constants import DEFAULT_RESERVE
from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.loads.load import Load, per_cent
from upright_anvil.core.plan.document import Line, Program, Week
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, Together
from upright_anvil.core.prescription.loads_of import with_loads
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Distance, Reps, Seconds, Target
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.moves.steps import Kit, moved, nearest_to
from upright_anvil.core.session.milder import a_third_fewer, more_in_reserve
from upright_anvil.core.session.model import DayChange
from upright_anvil.core.session.this_session import day_of
from upright_anvil.core.strength.estimate import house_factor
from upright_anvil.core.strength.layoff import RETEST_DAYS, step_back

MUCH: Final = Decimal("0.10")
"""A step back from which on sets are left out where no load is lighter; below it more is left. House rule."""

_RAISED: Final = frozenset(
    {
        ExerciseKind.LIFT,
        ExerciseKind.HOLD,
        ExerciseKind.CARRY,
        ExerciseKind.JUMP,
        ExerciseKind.THROW,
        ExerciseKind.BALANCE,
        ExerciseKind.CARDIO,
    }
)


def stepping_back(
    session: Program, profile: ClientProfile, last_trained: date | None, today: date
) -> tuple[DayChange, ...]:
    """Answer the changes for a session that was cut out, after a client was away; none up to 10 days.

    ``last_trained`` is the day of the client's last session, None where there was none. House rule.
    """
    days = (today - last_trained).days if last_trained is not None else 0
    cut = step_back(days)
    if not cut:
        return ()
    phase, day = day_of(session)
    week, found = phase.weeks[0], []
    for group in day.groups:
        if group.preparing:
            continue
        for line in group.lines:
            change = _line(line, week, cut, days, profile)
            if change is not None:
                found.append(change)
    return tuple(found)


def _line(line: Line, week: Week, cut: Decimal, days: int, profile: ClientProfile) -> DayChange | None:
    exercise = profile.exercise(line.exercise_in(week))
    asked = prescription_or_none(line.cells[0].text, profile.unit)
    if asked is None or asked.ramp or exercise.kind not in _RAISED:
        return None
    eased = _eased(asked, exercise, cut, profile)
    if eased == asked:
        return None
    text = write(eased)
    again = " Test again before planning further." if days > RETEST_DAYS else ""
    why = f"{days} days without training: {per_cent(cut)} back to begin with.{again}"
    edit = SetCell(line=line.id, week=week.id, text=text)
    return DayChange(f"away {line.id}", f"{exercise.name}: {text}", why, (edit,), line.id)


def _eased(asked: Prescription, exercise: Exercise, cut: Decimal, profile: ClientProfile) -> Prescription:
    kit = Kit(exercise, profile.inventory, profile.body_kg)
    last, able = profile.last_loads.get(exercise.id), _able(asked, exercise, profile)

    def lighter(load: LoadTarget | None) -> LoadTarget | None:
        return _lighter(load, last, able, cut, kit)

    less = with_loads(asked, lighter)
    if isinstance(asked.target, Seconds | Distance) and asked.scheme is None:
        less = replace(less, target=_shorter(asked.target, cut))
    if less != asked or not _stands_still(asked, last, able, cut, kit):
        return less
    return a_third_fewer(asked) if cut >= MUCH and asked.sets > 1 else more_in_reserve(asked)


def _able(asked: Prescription, exercise: Exercise, profile: ClientProfile) -> Decimal | None:
    """What the estimate, which has fallen with the gap, allows for these repetitions: kilograms moved."""
    most = profile.max_kg.get(exercise.id)
    if most is None or not isinstance(asked.target, Reps):
        return None
    factor = house_factor(asked.target.low + (DEFAULT_RESERVE if asked.left is None else asked.left))
    return None if factor is None else most / Decimal(repr(factor))


def _most(load: LoadTarget | None, last: Load | None, able: Decimal | None, cut: Decimal, kit: Kit) -> Decimal | None:
    """The kilograms to begin with again; None where nothing moves that is known."""
    if not isinstance(load, Load | BodyweightLoad | Together):
        return None
    now = moved(kit, load)
    used: LoadTarget | None = last
    if isinstance(load, BodyweightLoad):
        used = None if load.assisted else BodyweightLoad(last) if last is not None and last.value else BodyweightLoad()
    before = moved(kit, used) if used is not None else None
    if not now:
        return None
    found = [before * (1 - cut)] if before else [now * (1 - cut)]
    return min([*found, able] if able is not None else found)


def _lighter(
    load: LoadTarget | None, last: Load | None, able: Decimal | None, cut: Decimal, kit: Kit
) -> LoadTarget | None:
    most = _most(load, last, able, cut, kit)
    now = moved(kit, load) if load is not None else None
    if load is None or most is None or not now or now <= most:
        return load
    step = nearest_to(kit, load, most / now - 1, Decimal(0))
    found = step.to if step is not None else load
    if isinstance(load, Together) and (moved(kit, found) or most) > most:
        # The thing that is named comes no lighter: another one may.
        other = nearest_to(kit, load.weight, most / now - 1, Decimal(0))
        found = other.to if other is not None else found
    return found


def _stands_still(asked: Prescription, last: Load | None, able: Decimal | None, cut: Decimal, kit: Kit) -> bool:
    """Whether it should be lighter and nothing lighter can be made; shares of the maximum fall by themselves."""
    if asked.load is None:
        return True
    most = _most(asked.load, last, able, cut, kit)
    return most is not None and (moved(kit, asked.load) or most) > most


def _shorter(target: Seconds | Distance, cut: Decimal) -> Target:
    if isinstance(target, Seconds):
        return target.moved_to(max(1, int(target.seconds * (1 - cut))))
    metres = int(target.metres * (1 - cut))
    return Distance(max(1, metres - metres % 100 if metres >= 1000 else metres))  # noqa: PLR2004 - whole hundreds from a kilometre on
