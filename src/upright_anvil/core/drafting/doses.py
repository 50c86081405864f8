"""How much of what: sets, repetitions, rests and reserve of a drafted line, by goal, level and phase. House rule."""

from collections.abc import Sequence
from dataclasses import dataclass, replace

from upright_anvil.core.checks.lines.rest_too_short import least_rest
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.plan.client_profile import ClientProfile
from upright_anvil.core.plan.document import Section, WeekKind
from upright_anvil.core.plan.resolving import suggested
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps, Seconds, Target

EASY_LEFT = 4
CALM_LEFT = 4
"""Repetitions left while a clearance is awaited: light to moderate work."""


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

    def sets(self, section: Section) -> tuple[int, ...]:
        """Answer how many sets a line of a section may have."""
        return self.main_sets if section is Section.MAIN else (2, 3)

    def prescription(self, section: Section, exercise: Exercise, sets: int, profile: ClientProfile) -> Prescription:
        """Answer a line of the first week, without its load where the estimate knows none."""
        timed = exercise.kind is ExerciseKind.HOLD
        target: Target = Seconds(30) if timed else self.main if section is Section.MAIN else self.accessory
        rest = 45 if section is Section.TRUNK else self.main_rest if section is Section.MAIN else self.accessory_rest
        if exercise.one_sided and section is not Section.TRUNK:
            rest = max(rest - 30, 60)
            if section is Section.MAIN and exercise.pattern is not Pattern.SINGLE_JOINT:
                rest = max(rest, self.least)
        asked = Prescription(
            sets, target, each_side=exercise.one_sided, rest=rest, reserve=None if timed else self.left
        )
        return with_load(asked, exercise, profile)

    @property
    def least(self) -> int:
        """The least rest of main work."""
        return min(self.main_rest, 120)


def dose_for(who: Standpoint, number: int) -> Dose:
    """Answer the dose of the phase with this number, from 1: repetitions fall from phase to phase, then start again."""
    step = (number - 1) % 3
    if who.clearance:
        return Dose(Reps(10, 12), Reps(12, 15), 90, 60, CALM_LEFT, (2, 3), "Light to moderate until cleared", "Ease in")
    if who.is_new:
        method = "The same moves often; repetitions first, then load"
        return Dose(Reps(8, 12), Reps(10, 15), 90, 60, 3, (2, 3), "Learn the moves", method)
    if who.wants(GoalKind.STRENGTH):
        reps = (Reps(5, 6), Reps(4, 5), Reps(3, 4))[step]
        rest = max(least_rest(GoalKind.STRENGTH), 150)
        return Dose(
            reps, Reps(8, 10), rest, 90, 2, (3, 4, 5), "Maximal strength", "Heavier from phase to phase", heavy=True
        )
    if who.wants(GoalKind.SIZE, GoalKind.LAGGING):
        reps = (Reps(8, 12), Reps(6, 10), Reps(10, 15))[step]
        return Dose(reps, Reps(10, 15), 120, 75, 2, (3, 4), "Muscle size", "Sets close to failure, in a wide range")
    reps = (Reps(8, 10), Reps(6, 8), Reps(10, 12))[step]
    return Dose(reps, Reps(10, 12), 90, 60, 2, (2, 3, 4), "All-round strength", "Reps in a range, then load")


def in_week(
    base: Prescription,
    number: int,
    kinds: Sequence[WeekKind],
    section: Section,
    exercise: Exercise,
    who: Standpoint,
) -> Prescription:
    """Answer a line in one week: a rep more left in the first, one fewer in the last that builds, easy last.

    Loads follow the reserve on the client's estimate, so they climb by what the place can make.
    """
    if kinds[number] is WeekKind.EASE_OFF:
        eased = replace(base, sets=max(round(base.sets * 2 / 3), 1), load=None)
        eased = eased if base.reserve is None else replace(eased, reserve=EASY_LEFT)
        return with_load(eased, exercise, who.profile)
    if base.reserve is None or section is not Section.MAIN or who.clearance:
        return base
    last = max((n for n, kind in enumerate(kinds) if kind is not WeekKind.EASE_OFF), default=0)
    left = base.reserve + (1 if number == 0 and len(kinds) > 1 else 0)
    if number == last and number > 0 and who.training_age in (TrainingAge.SOME, TrainingAge.EXPERIENCED):
        left = max(base.reserve - 1, 1)
    return with_load(replace(base, reserve=left, load=None), exercise, who.profile)


def with_load(asked: Prescription, exercise: Exercise, profile: ClientProfile) -> Prescription:
    """Answer a prescription with the load its repetitions and reserve allow; body weight where that is the load."""
    if isinstance(asked.target, Reps):
        load = suggested(exercise, profile, asked.target.high, asked.left or 0)
        if load is not None:
            return replace(asked, load=load)
    alone = exercise.implement_at(profile.inventory) is ImplementKind.BODYWEIGHT
    bodyweight = alone and exercise.kind is ExerciseKind.LIFT and exercise.bodyweight_share > 0
    return replace(asked, load=BodyweightLoad()) if bodyweight else asked
