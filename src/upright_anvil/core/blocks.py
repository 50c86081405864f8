"""Set blocks: each set as a block whose width is reps or seconds and whose height is the share of the client's maximum.

Planned is an outline, done is filled, changed keeps the outline behind the fill: `SetBlock` says it in numbers.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import zip_longest

from upright_anvil.core.constants import DEFAULT_RESERVE, WALKING_PACE
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.loads.load import Kilograms
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, ShareOfMax, moved_kg
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.schemes.base import SetPlan
from upright_anvil.core.prescription.targets import Distance, Target, amount_of, reps_of, spoken
from upright_anvil.core.strength.estimate import share_of_max

SECONDS_PER_REP = 4
"""How many seconds of a hold are drawn as wide as one repetition. House rule."""

LEAST_SHARE = 0.15
"""Least height drawn, so that light work stays visible. House rule."""


@dataclass(frozen=True, slots=True)
class Bar:
    """One outline or fill: width in repetitions, height as a share of the maximum (0 to 1), and what it says."""

    width: float
    height: float
    label: str


@dataclass(frozen=True, slots=True)
class SetBlock:
    """One set: planned outline, done fill, either or both."""

    planned: Bar | None
    done: Bar | None


@dataclass(frozen=True, slots=True)
class Athlete:
    """What the height of a block depends on: the client's body weight and estimated maximum of the exercise, kg."""

    body_kg: Kilograms | None = None
    max_kg: Kilograms | None = None


def planned_bar(
    prescription: Prescription,
    exercise: Exercise,
    athlete: Athlete,
    label: str | None = None,
    plan: SetPlan | None = None,
) -> Bar:
    """Answer the outline of one planned set. The height comes from the load, else from reps and reserve. House rule.

    ``plan`` is the set where sets differ, else the first; ``label`` is `planned_label` where the caller has it already.
    """
    one = plan or prescription.plans[0]
    said = label or planned_label(prescription, one)
    return _bar(reps_of(one.target), drawn(one.target), one.load, prescription.left, said, exercise, athlete)


def planned_label(prescription: Prescription, plan: SetPlan | None = None) -> str:
    """Say what one planned set is: ``8-10 reps each side with 20 kg``."""
    one = plan or prescription.plans[0]
    sides = " each side" if prescription.each_side else ""
    return f"{spoken(one.target)}{sides}{_with_load(one.load)}"


def drawn(target: Target) -> float:
    """Answer how wide a target is drawn before it is scaled: repetitions, or seconds; a distance as its seconds."""
    return amount_of(target) / WALKING_PACE if isinstance(target, Distance) else amount_of(target)


def done_bar(row: PerformedSet, exercise: Exercise, athlete: Athlete) -> Bar:
    """Answer the fill of one performed set. House rule."""
    load = added_load(row)
    left = "" if row.reserve is None else f", {row.reserve} left"
    return _bar(
        row.reps,
        drawn(Distance(row.metres)) if row.metres else row.reps or row.seconds or 0,
        load,
        row.reserve,
        f"{row.amount}{_with_load(load)}{left}",
        exercise,
        athlete,
    )


def session_blocks(
    plan: Prescription | None, done: Sequence[PerformedSet], exercise: Exercise, athlete: Athlete
) -> tuple[SetBlock, ...]:
    """Answer the sets of one session, planned and done laid over each other in order. House rule."""
    outlines = _outlines(plan, exercise, athlete) if plan else []
    fills = [done_bar(row, exercise, athlete) for row in done]
    return tuple(SetBlock(outline, fill) for outline, fill in zip_longest(outlines, fills))


def _outlines(plan: Prescription, exercise: Exercise, athlete: Athlete) -> list[Bar]:
    """The planned sets; a set that is the same as the one before is drawn the same."""
    found: list[Bar] = []
    for n, one in enumerate(plans := plan.plans):
        alike = n > 0 and one is plans[n - 1]
        found.append(found[-1] if alike else planned_bar(plan, exercise, athlete, plan=one))
    return found


def added_load(row: PerformedSet) -> LoadTarget | None:
    """Answer a row's load as a prescription writes it."""
    return BodyweightLoad(row.load, assisted=True) if row.assisted and row.load else row.load


def _with_load(load: LoadTarget | None) -> str:
    return f" with {load}" if load is not None else ""


def _bar(
    reps: int | None,
    amount: float,
    load: LoadTarget | None,
    reserve: int | None,
    label: str,
    exercise: Exercise,
    athlete: Athlete,
) -> Bar:
    moved = moved_kg(load, exercise.bodyweight_share, athlete.body_kg) if load else None
    if isinstance(load, ShareOfMax):
        height = float(load.per_cent) / 100
    elif athlete.max_kg and moved is not None:
        height = float(moved / athlete.max_kg)
    elif reps:
        height = share_of_max(reps + (DEFAULT_RESERVE if reserve is None else reserve))
    else:
        height = 0.5
    width = amount if reps is not None else amount / SECONDS_PER_REP
    return Bar(round(width, 1), round(min(max(height, LEAST_SHARE), 1.0), 3), label)
