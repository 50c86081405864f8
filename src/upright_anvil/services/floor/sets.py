"""One set as the floor shows it: what one tap logs, what stands, what is on the bar."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, datetime

from upright_anvil.core.blocks import Bar, done_bar, planned_bar
from upright_anvil.core.body.joints import Side
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ledger.aim import Aim, aim_for
from upright_anvil.core.ledger.how import How
from upright_anvil.core.ledger.rows import Outcome, PerformedSet
from upright_anvil.core.ledger.standing import EffectiveSet
from upright_anvil.core.loads.load import Load
from upright_anvil.core.loads.on_the_bar import BarPicture
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.plan.read_out.resolving import resolved
from upright_anvil.core.prescription.load_targets import BodyweightLoad, Coded
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes.base import SetPlan
from upright_anvil.core.prescription.targets import Distance, Reps, Seconds, Target, amount_of
from upright_anvil.core.session.ramp_up import RampSet
from upright_anvil.core.session.sides import sides_of
from upright_anvil.core.strength.plausible import doubt
from upright_anvil.services.profile.client_profile import attempt_of


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
    how: How
    bar: Bar | None
    logged_at: datetime | None
    metres: int | None = None


@dataclass(frozen=True, slots=True)
class TargetRange:
    """What is asked of a set at a load (None: at no load): repetitions or seconds from ``low`` to ``high``."""

    load: Load | None
    low: int
    high: int


@dataclass(frozen=True, slots=True)
class FloorSet:
    """One set: what one tap logs, what stands, earlier values, and rows of another device beside it.

    ``stands`` is the id of the row that stands, a cleared one included: what the next row of this slot replaces.
    ``sides`` are the sides in their order where each is worked, ``on_bar`` the loaded bar for the load aimed at,
    ``measured`` what devices saw of it, in sentences, ``doubt`` what is asked about an implausible figure. ``ranges``
    say what is asked: first at the planned load, then at each other one that the line names.
    """

    number: int
    ramp: bool
    stands: str | None
    planned: Bar | None
    aim: Aim
    sides: tuple[Side, ...]
    on_bar: BarPicture | None
    logged: LoggedSet | None
    earlier: tuple[LoggedSet, ...]
    beside: tuple[LoggedSet, ...]
    measured: tuple[str, ...] = ()
    doubt: str = ""
    ranges: tuple[TargetRange, ...] = ()


@dataclass(frozen=True, slots=True)
class LineShown:
    """What a line's sets are shown against; ``measured`` is what devices saw, by the number of the set, ``others`` the
    sets of this exercise that were done today, ``on`` the day."""

    asked: Prescription | None
    exercise: Exercise
    profile: ClientProfile
    last: Sequence[LoggedSet] = ()
    measured: Mapping[int, tuple[str, ...]] = field(default_factory=dict)
    others: tuple[PerformedSet, ...] = ()
    on: date = date.max


def working_set(number: int, shown: LineShown, standing: EffectiveSet | None) -> FloorSet:
    """Answer one working set; its outline is what was planned when it was logged."""
    asked, profile = shown.asked, shown.profile
    plans = asked.plans if asked else ()
    one = plans[number - 1] if number <= len(plans) else None
    before = shown.last[min(number, len(shown.last)) - 1] if shown.last else None
    found = resolved(one.load, shown.exercise, profile) if one else None
    same = before and one and isinstance(one.target, Distance) and before.metres == one.target.metres
    aim = aim_for(
        asked,
        before.reps if before else None,
        before.load if before else None,
        one,
        found.load if found else None,
        before.seconds if before and same else None,
    )
    shown_set = _floor_set(number, shown, standing, _outline(number, shown, one, standing), aim)
    return replace(shown_set, ranges=_ranges(asked, one, aim))


def _ranges(asked: Prescription | None, one: SetPlan | None, aim: Aim) -> tuple[TargetRange, ...]:
    if asked is None or one is None:
        return ()
    found = [TargetRange(aim.load, *_ends(one.target))]
    found += (TargetRange(_weight(other.load), *_ends(other.target)) for other in asked.others)
    return tuple(found)


def _ends(target: Target) -> tuple[int, int]:
    match target:
        case Reps():
            return target.low, target.high
        case Seconds():
            return target.least, target.seconds
        case _:
            return 1, amount_of(target)


def _weight(load: Load | BodyweightLoad | Coded) -> Load | None:
    return load.added if isinstance(load, BodyweightLoad) else load if isinstance(load, Load) else None


def ramp_set(number: int, shown: LineShown, ramp: RampSet | None, standing: EffectiveSet | None) -> FloorSet:
    """Answer one ramp-up set."""
    row = standing.row if standing else None
    load = ramp.load if ramp else row.load if row else None
    reps = ramp.reps if ramp else (row.reps or 5) if row else 5
    aim = Aim(reps, None, load)
    plan = SetPlan(Reps(max(reps, 1), max(reps, 1)), load)
    athlete = shown.profile.athlete(shown.exercise.id)
    asked = shown.asked or Prescription(1, plan.target, load=load)
    bar = planned_bar(asked, shown.exercise, athlete, plan=plan)
    return _floor_set(number, shown, standing, bar, aim, ramp=True)


def logged_set(row: PerformedSet, profile: ClientProfile) -> LoggedSet:
    """Answer a row as the floor shows it."""
    exercise = profile.exercise(row.exercise)
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
        row.how,
        done_bar(row, exercise, profile.athlete(exercise.id)) if done else None,
        row.logged_at,
        row.metres,
    )


def _floor_set(
    number: int, shown: LineShown, standing: EffectiveSet | None, outline: Bar | None, aim: Aim, *, ramp: bool = False
) -> FloorSet:
    def logged(row: PerformedSet) -> LoggedSet:
        return logged_set(row, shown.profile)

    return FloorSet(
        number=number,
        ramp=ramp,
        stands=standing.row.id if standing else None,
        planned=outline,
        aim=aim,
        sides=sides_of(shown.asked, number) if shown.asked else (),
        on_bar=None,
        logged=logged(standing.row) if standing and standing.row.outcome is not Outcome.CLEARED else None,
        earlier=tuple(logged(r) for r in standing.earlier) if standing else (),
        beside=tuple(logged(r) for r in standing.beside) if standing else (),
        measured=() if ramp else shown.measured.get(number, ()),
        doubt=_doubt(standing, shown),
    )


def _doubt(standing: EffectiveSet | None, shown: LineShown) -> str:
    row = standing.row if standing else None
    if row is None or row.outcome is not Outcome.DONE or row.exercise != shown.exercise.id:
        return ""
    done = attempt_of(row, shown.exercise, shown.profile, shown.on, max(row.slot.number - 1, 0))
    others = (attempt_of(one, shown.exercise, shown.profile, shown.on) for one in shown.others if one.id != row.id)
    strength = shown.profile.known.strengths.get(shown.exercise.id)
    return doubt(done, strength, [one for one in others if one is not None]) if done is not None else ""


def _outline(number: int, shown: LineShown, one: SetPlan | None, standing: EffectiveSet | None) -> Bar | None:
    asked, exercise, profile = shown.asked, shown.exercise, shown.profile
    if standing is not None and standing.row.planned and standing.row.outcome is not Outcome.CLEARED:
        exercise = profile.exercise(standing.row.exercise)
        asked = prescription_or_none(standing.row.planned, profile.unit) or asked
        one = asked.plans[number - 1] if asked and number <= len(asked.plans) else None
    if asked is None or one is None:
        return None
    return planned_bar(asked, exercise, profile.athlete(exercise.id), plan=one)
