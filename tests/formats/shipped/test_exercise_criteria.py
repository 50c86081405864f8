"""The shipped exercises against the criteria of docs/exercise-criteria.md, each by its number there."""

import re
from collections.abc import Iterator
from unittest import TestCase

from upright_anvil.core.body.demands import Demand
from upright_anvil.core.body.joints import Joint, Stress
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.formats.shipped.exercise_file import shipped_exercises, shipped_ladders

ALL = shipped_exercises()
PREPARING = {ExerciseKind.MOBILITY, ExerciseKind.STRETCH, ExerciseKind.WARM_UP}
KNEE_DOMINANT = re.compile(r"\b(?:squat|lunge|split squat|step-up|step-down|wall sit|leg press)\b", re.I)
NOT_KNEES = re.compile(r"stretch|mobil|thrust|copenhagen|pass|twist|to stand|with rotation|lean", re.I)
STANDS = {Pattern.SQUAT, Pattern.LUNGE}
LANDS = re.compile(
    r"\b(?:jump|hop|bound|pogo|burpee|jack|high knees|butt kick|run|sprint|skip|plyo|shuttle|double under)\b", re.I
)
SOFT = re.compile(
    r"seated|push-up|suspension|water|aerobic|without|box step|jumping rope|machine|step touch|drop landing", re.I
)
LIES_ON_THE_BACK = re.compile(
    r"\b(?:bench press|floor press|bridge|dead bug|crunch|supine|lying (?!leg curl|trunk)|hip thrust|leg raise, lying|"
    r"pullover|reverse crunch|skull crusher|dumbbell fly|hollow|windshield|sit-up)\b",
    re.I,
)
NOT_ON_THE_BACK = re.compile(
    r"standing|cable (?:crunch|fly)|hip thrust|side|seated|prone|bird|machine|decline sit|hanging|suspension|reverse"
    r"|incline|ghd|heel touch",
    re.I,
)
LIES_ON_THE_FRONT = re.compile(r"\b(?:prone|superman|cobra|floor back extension|swimmer|arch hold|seal row)\b", re.I)
FOLDS = re.compile(r"\b(?:crunch|sit-up|v-up|tuck-up|russian twist|curl-up|jefferson)\b", re.I)
NOT_FOLDS = re.compile(r"suspension|standing|knee tuck", re.I)
PRESSES_OVERHEAD = re.compile(
    r"overhead (?:press|squat|carry|lunge)|shoulder press|jerk|snatch(?!-grip)|handstand", re.I
)


def criterion(number: int) -> Iterator[str]:
    """What breaks a criterion: the exercise, by its id."""
    for exercise in ALL.values():
        if exercise.kind not in PREPARING and BREAKS[number](exercise):
            yield exercise.id


def _one_leg_or_two_share(e: Exercise) -> bool:
    """1. What stands up from a bend moves body weight: its share is said wherever body weight alone can do it."""
    stands = e.pattern in STANDS and e.kind in (ExerciseKind.LIFT, ExerciseKind.JUMP)
    knees = KNEE_DOMINANT.search(e.name) and not NOT_KNEES.search(e.name)
    return bool(stands and knees and ImplementKind.BODYWEIGHT in e.implements and not e.bodyweight_share)


def _landing(e: Exercise) -> bool:
    """2. What lands asks at least something of the knee, never only a little, and is named an impact."""
    lands = (e.kind is ExerciseKind.JUMP or LANDS.search(e.name)) and not SOFT.search(e.name)
    landed = e.stress_on(Joint.KNEE) in (Stress.MODERATE, Stress.MUCH)
    return bool(lands and not (landed and Demand.IMPACT in e.demands))


def _bar_on_the_spine(e: Exercise) -> bool:
    """3. A bar carried or lifted standing on two feet works the spinal erectors."""
    back = {Muscle.SPINAL_ERECTORS} & {*e.movers, *e.helpers}
    carried = e.implements[0] is ImplementKind.BARBELL and re.search(
        r"\b(?:squat|deadlift|clean|good morning)\b", e.name
    )
    free = not re.search(r"smith|machine|landmine|belt|hack|thruster", e.name, re.I)
    return bool(carried and free and e.kind is ExerciseKind.LIFT and not back)


def _quadriceps(e: Exercise) -> bool:
    """4. Squats, lunges, step-ups and leg presses are moved by the quadriceps; nothing else counts as a lunge."""
    if e.pattern is Pattern.LUNGE and Muscle.QUADRICEPS not in e.movers:
        return e.kind is not ExerciseKind.JUMP
    moves = e.kind in (ExerciseKind.LIFT, ExerciseKind.HOLD) and e.pattern in STANDS
    return bool(moves and KNEE_DOMINANT.search(e.name) and not NOT_KNEES.search(e.name)
                and Muscle.QUADRICEPS not in e.movers)  # fmt: skip


def _cues_fit(e: Exercise) -> bool:
    """5. A cue names the bar, the bells or the handles only where there are some."""
    words = " ".join((*e.cues, *e.faults)).lower()
    bars = {ImplementKind.BARBELL, ImplementKind.STACK}
    barred = (
        bars.isdisjoint(e.implements)
        and {"pull-up bar", "rack"}.isdisjoint(e.needs)
        and not set(e.kit) & {"trap bar", "landmine"}
    )
    bar = re.search(r"\b(?:the bar|bar (?:close|over|to|stays|touches|in|drifts|swings|behind|tips|catches))\b", words)
    bell = re.search(r"\bthe bell\b", words) and ImplementKind.KETTLEBELL not in e.implements
    return bool((bar and barred) or bell)


def _supine(e: Exercise) -> bool:
    """6. What is done lying on the back says so."""
    lies = LIES_ON_THE_BACK.search(e.name) and not NOT_ON_THE_BACK.search(e.name)
    return bool(lies and Demand.SUPINE not in e.demands)


def _prone(e: Exercise) -> bool:
    """7. What is done lying on the front says so."""
    return bool(LIES_ON_THE_FRONT.search(e.name) and Demand.PRONE not in e.demands)


def _folding(e: Exercise) -> bool:
    """8. What folds the trunk against a load says so."""
    return bool(FOLDS.search(e.name) and not NOT_FOLDS.search(e.name) and Demand.TRUNK_FLEXION not in e.demands)


def _overhead(e: Exercise) -> bool:
    """9. What is held or pressed overhead says so, and asks at least something of the shoulder."""
    up = PRESSES_OVERHEAD.search(e.name) and not re.search(r"warm|stretch|reach|machine$", e.name)
    stressed = e.stress_on(Joint.SHOULDER) in (Stress.MODERATE, Stress.MUCH)
    return bool(up and not (Demand.OVERHEAD in e.demands and stressed))


def _sides(e: Exercise) -> bool:
    """10. What its name calls single or one-sided is prescribed each side."""
    single = re.search(r"\b(?:single-(?:leg|arm)|one-(?:leg|arm)|side plank|suitcase)\b", e.name, re.I)
    return bool(single and not e.one_sided and "step" not in e.name and "alternating" not in e.name.lower())


BREAKS = {
    1: _one_leg_or_two_share,
    2: _landing,
    3: _bar_on_the_spine,
    4: _quadriceps,
    5: _cues_fit,
    6: _supine,
    7: _prone,
    8: _folding,
    9: _overhead,
    10: _sides,
}


class CriteriaTest(TestCase):
    def test_nothing_breaks_a_criterion(self) -> None:
        for number in BREAKS:
            with self.subTest(number=number):
                self.assertEqual(list(criterion(number)), [])

    def test_ladders_climb_and_keep_to_one_sort(self) -> None:
        """11. No jump or throw on a ladder of lifts and holds; a step-down stands below the step-up of its height."""
        explosive = {ExerciseKind.JUMP, ExerciseKind.THROW}
        for ladder in shipped_ladders().all:
            kinds = {ALL[rung].kind in explosive for rung in ladder.rungs}
            with self.subTest(ladder=ladder.id):
                self.assertEqual(len(kinds), 1)
                if {"step-down", "step-up"} <= set(ladder.rungs):
                    self.assertLess(ladder.rungs.index("step-down"), ladder.rungs.index("step-up"))
