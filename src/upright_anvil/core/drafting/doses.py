"""How much of what: sets, repetitions, minutes, rests and reserve of a drafted line, by goal, level, phase and week.

House rule. Phases lead somewhere: a new client learns, then builds; who wants strength goes from more repetitions to
fewer; endurance grows by about a tenth a week; the last week before a trip or race is easy.
"""

from collections.abc import Sequence
from dataclasses import dataclass, replace

from upright_anvil.core.checks.lines.rest_too_short import least_rest
from upright_anvil.core.drafting.brief import Brief
from upright_anvil.core.drafting.candidates import STEADY, Candidate
from upright_anvil.core.drafting.first_load import FirstLoad, first_load
from upright_anvil.core.drafting.slots import DraftSlot, SlotWork
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.document import Section, WeekKind
from upright_anvil.core.prescription.bounds import MAX_SETS
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Distance, Reps, Seconds, Target

EASY_LEFT = 4
CALM_LEFT = 4
"""Repetitions left while a clearance is awaited: light to moderate work."""

CAREFUL_LEFT = 3
"""Repetitions left of those who have to be careful, at least."""

ENDURANCE_START = 0.8
"""Share of the phase's longest endurance that its first week has; then it grows evenly. House rule."""

EASED_ENDURANCE = 0.6


@dataclass(frozen=True, slots=True)
class Dose:
    """Repetitions, rests (seconds) and reserve for main and accessory work, with what the phase is for."""

    main: Reps
    accessory: Reps
    main_rest: int
    accessory_rest: int
    left: int
    main_sets: tuple[int, ...]
    purpose: str
    method: str
    heavy: bool = False

    @property
    def least(self) -> int:
        """The least rest of main work."""
        return min(self.main_rest, 120)

    def options(self, slot: DraftSlot) -> tuple[int, ...]:
        """Answer how many sets a line of a slot may have; of endurance how many minutes."""
        if slot.work is SlotWork.ENDURANCE:
            return slot.minutes
        if slot.work in (SlotWork.POWER, SlotWork.CARRY, SlotWork.BALANCE):
            return (2, 3)
        return self.main_sets if slot.section is Section.MAIN else (2, 3)


def dose_for(brief: Brief, number: int, phases: int) -> Dose:
    """Answer the dose of the phase with this number, from 1, of so many."""
    who, step = brief.who, (number - 1) % 3
    if who.clearance:
        return Dose(Reps(10, 12), Reps(12, 15), 90, 60, CALM_LEFT, (2, 3), "Light to moderate until cleared", "Ease in")
    if brief.expecting:
        return Dose(
            Reps(10, 12), Reps(10, 15), 90, 60, CALM_LEFT, (2, 3), "Stay strong through the pregnancy",
            "Plenty left in every set, breathe out with the effort; midwife or doctor first where it asks",
        )  # fmt: skip
    if brief.new_mother and number == 1:
        return Dose(
            Reps(8, 12), Reps(10, 15), 90, 60, CALM_LEFT, (2, 3), "Back from within: breath, pelvic floor, trunk",
            "Build up slowly; ask how it feels before each session",
        )  # fmt: skip
    if brief.careful and not (who.is_new or who.training_age is TrainingAge.NOT_SAID):
        reps = (Reps(10, 12), Reps(8, 12), Reps(8, 10))[step]
        return Dose(
            reps,
            Reps(10, 15),
            90,
            60,
            CAREFUL_LEFT,
            (2, 3),
            _purpose(brief, "Strong and steady"),
            "Small steps, plenty left",
        )
    if brief.careful or who.is_new:
        reps = Reps(8, 12) if number == 1 or brief.careful else Reps(8, 10)
        sets = (2, 3, 4)
        rest = least_rest(GoalKind.STRENGTH) if who.wants(GoalKind.STRENGTH) else 90
        what = "Learn the moves" if number == 1 else "Build on what was learnt"
        return Dose(
            reps,
            Reps(10, 15),
            rest,
            60,
            3,
            sets,
            _purpose(brief, what),
            "The same moves often; repetitions first, then load",
        )
    if who.wants(GoalKind.STRENGTH):
        reps = (Reps(5, 6), Reps(4, 5), Reps(3, 4))[step]
        rest = max(least_rest(GoalKind.STRENGTH), 150)
        return Dose(
            reps, Reps(8, 10), rest, rest, 2, (3, 4, 5), "Maximal strength", "Heavier from phase to phase", heavy=True
        )
    if who.wants(GoalKind.SIZE, GoalKind.LAGGING):
        reps = (Reps(8, 12), Reps(6, 10), Reps(10, 15))[step]
        return Dose(reps, Reps(10, 15), 120, 75, 2, (3, 4), "Muscle size", "Sets close to failure, in a wide range")
    last = number == phases and phases > 1
    reps = (Reps(8, 10), Reps(6, 8), Reps(10, 12))[step]
    what = "Ready for it" if last and brief.said.ready_by else ("Groundwork", "Build", "Carry it over")[step]
    return Dose(reps, Reps(10, 12), 90, 60, 2, (2, 3, 4), _purpose(brief, what), "Reps in a range, then load")


def _purpose(brief: Brief, what: str) -> str:
    return f"{what}: {brief.said.goal}"[:200] if brief.said.goal else what


def written(slot: DraftSlot, candidate: Candidate, amount: int, dose: Dose, brief: Brief) -> Prescription:
    """Answer a line of the first building week: ``amount`` is its sets, of endurance its minutes."""
    exercise = candidate.exercise
    if slot.work is SlotWork.ENDURANCE:
        return _endurance(exercise, amount)
    if slot.work is SlotWork.BALANCE:
        asked = Prescription(amount, Seconds(30 if brief.trained else 20), each_side=exercise.one_sided, rest=30)
        return replace(asked, load=_light(exercise, brief))
    if slot.work is SlotWork.POWER:
        many = 5 if exercise.kind is ExerciseKind.THROW else 4
        return Prescription(
            amount, Reps(many, many), each_side=exercise.one_sided, rest=75, load=_light(exercise, brief)
        )
    if slot.work is SlotWork.CARRY:
        far: Target = Distance(20 if brief.careful else 30) if exercise.kind is ExerciseKind.CARRY else Seconds(30)
        asked = Prescription(amount, far, each_side=exercise.one_sided, rest=60)
        begin = first_load(exercise, brief, 10, CAREFUL_LEFT)
        return replace(asked, load=begin.load) if begin else asked
    return _strength(slot, exercise, amount, dose, brief)


def _endurance(exercise: Exercise, minutes: int) -> Prescription:
    """One stretch at a pace to talk at; runs in turns are a minute quick and a minute and a half easy, bursts half."""
    if exercise.id in STEADY:
        return Prescription(1, Seconds(minutes * 60))
    work, rest = (60, 90) if exercise.id == "run-intervals" else (30, 60)
    return Prescription(min(max(round(minutes * 60 / (work + rest)), 2), MAX_SETS), Seconds(work), rest=rest)


def _light(exercise: Exercise, brief: Brief) -> Load | BodyweightLoad | None:
    begin = first_load(exercise, brief, 15, 5)
    return begin.load if begin else None


def _strength(slot: DraftSlot, exercise: Exercise, sets: int, dose: Dose, brief: Brief) -> Prescription:
    timed = exercise.kind is ExerciseKind.HOLD
    seconds = 20 if brief.careful or brief.who.is_new else 30
    target: Target = Seconds(seconds) if timed else dose.main if slot.section is Section.MAIN else dose.accessory
    trunk = slot.work is SlotWork.TRUNK
    rest = 45 if trunk else dose.main_rest if slot.section is Section.MAIN else dose.accessory_rest
    if exercise.one_sided and not trunk:
        rest = max(rest - 30, 60)
        if slot.section is Section.MAIN and exercise.pattern is not Pattern.SINGLE_JOINT:
            rest = max(rest, dose.least)
    left = None if timed else max(dose.left, CAREFUL_LEFT if brief.careful else 0)
    asked = Prescription(sets, target, each_side=exercise.one_sided, rest=rest, reserve=left)
    return with_load(asked, exercise, brief)


def in_week(
    base: Prescription, number: int, kinds: Sequence[WeekKind], slot: DraftSlot, exercise: Exercise, brief: Brief
) -> Prescription:
    """Answer a line in one week: a rep more left in the first, one fewer in the last that builds, easy last.

    Where plenty is left anyway the first week asks for two repetitions fewer instead.
    Endurance begins with four fifths of its minutes and grows to all of them. Loads follow the reserve on the client's
    estimate, so they climb by what the place can make.
    """
    eased = kinds[number] is WeekKind.EASE_OFF
    building = [n for n, kind in enumerate(kinds) if kind is not WeekKind.EASE_OFF]
    if slot.work is SlotWork.ENDURANCE:
        at = building.index(number) / max(len(building) - 1, 1) if not eased else 0.0
        share = EASED_ENDURANCE if eased else ENDURANCE_START + (1 - ENDURANCE_START) * at
        return _less(base, share)
    if eased:
        fewer = replace(base, sets=max(round(base.sets * 2 / 3), 1))
        if base.reserve is None:
            return fewer
        return with_load(replace(fewer, load=None, reserve=max(EASY_LEFT, base.reserve)), exercise, brief)
    if base.reserve is None or slot.section is not Section.MAIN or slot.work is not SlotWork.STRENGTH:
        return base
    first = number == 0 and len(kinds) > 1
    if first and base.reserve >= EASY_LEFT and isinstance(base.target, Reps):
        less = Reps(max(base.target.low - 2, 1), max(base.target.high - 2, 1))
        return with_load(replace(base, target=less, load=None), exercise, brief)
    left = base.reserve + (1 if first else 0)
    if number == building[-1] and number > 0 and brief.trained and not brief.careful:
        left = max(base.reserve - 1, 1)
    return with_load(replace(base, reserve=left, load=None), exercise, brief)


def _less(base: Prescription, share: float) -> Prescription:
    if base.sets > 1:
        return replace(base, sets=max(round(base.sets * share), 2))
    assert isinstance(base.target, Seconds)  # noqa: S101 - a stretch of endurance
    return replace(base, target=Seconds(max(round(base.target.seconds * share / 60), 1) * 60))


def with_load(asked: Prescription, exercise: Exercise, brief: Brief) -> Prescription:
    """Answer a prescription with the load to begin with; body weight where that is the load."""
    if isinstance(asked.target, Reps):
        begin: FirstLoad | None = first_load(exercise, brief, asked.target.high, asked.left or 0)
        if begin is not None:
            return replace(asked, load=begin.load)
    alone = exercise.implement_at(brief.who.profile.inventory) is ImplementKind.BODYWEIGHT
    bodyweight = alone and exercise.kind is ExerciseKind.LIFT and exercise.bodyweight_share > 0
    return replace(asked, load=BodyweightLoad()) if bodyweight else asked
