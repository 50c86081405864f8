from decimal import Decimal
from unittest import TestCase

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.library.samples import CABLE, HOTEL, HURTS, NONE, PAIRS, SPARE, STUDIO, WATCH, at
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.exercises import ExerciseKind
from upright_anvil.core.health.cautions import CautionGrade, joint_cautions
from upright_anvil.core.health.history import JointStatus, State
from upright_anvil.core.library.starting_load import KnownLoad
from upright_anvil.core.library.substitutes import LEAST, Substitute, SubstitutionContext, substitutes
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Unit
from upright_anvil.formats.shipped.exercise_file import shipped_exercises, shipped_ladders

ALL = shipped_exercises()
LADDERS = shipped_ladders()
SOUND: tuple[JointStatus, ...] = ()
KNEE, SHOULDER, BACK, WRIST = Joint.KNEE, Joint.SHOULDER, Joint.LOWER_BACK, Joint.WRIST

CASES: list[tuple[str, str, Inventory, tuple[JointStatus, ...], str, str]] = [
    # the story, the exercise, the place, the joints, what comes first (any of these), what must not be offered
    ("squat with dumbbells only", "back-squat", PAIRS, SOUND, "goblet-squat", "front-squat leg-press"),
    ("squat with nothing", "back-squat", NONE, SOUND, "bodyweight-squat", "goblet-squat squat-jump"),
    (
        "squat, back hurts",
        "back-squat",
        STUDIO,
        at(HURTS, BACK),
        "leg-press",
        "front-squat box-squat goblet-x deadlift",
    ),
    ("squat, knee to spare", "back-squat", STUDIO, at(SPARE, KNEE), "goblet-squat", "front-squat pistol-squat"),
    ("squat, knee hurts", "back-squat", STUDIO, at(HURTS, KNEE), "chair-squat", "goblet-squat leg-press split-squat"),
    ("squat, knee only watched", "back-squat", STUDIO, at(WATCH, KNEE), "goblet-squat", "squat-jump"),
    ("bench with dumbbells, no bench", "bench-press", PAIRS, SOUND, "floor-press", "dumbbell-bench-press"),
    ("bench with nothing", "bench-press", NONE, SOUND, "push-up", "floor-press plyo-push-up"),
    (
        "bench, shoulder to spare",
        "bench-press",
        STUDIO,
        at(SPARE, SHOULDER),
        "floor-press",
        "dumbbell-fly parallel-dip",
    ),
    ("bench in a hotel", "bench-press", HOTEL, SOUND, "band-chest-press", "dumbbell-bench-press"),
    ("bench, wrist hurts", "bench-press", STUDIO, at(HURTS, WRIST), "dumbbell-bench-press", "push-up narrow-push-up"),
    ("deadlift with dumbbells", "deadlift", PAIRS, SOUND, "romanian-deadlift", "kettlebell-swing good-morning"),
    (
        "deadlift, back to spare",
        "deadlift",
        STUDIO,
        at(SPARE, BACK),
        "pull-through trap-kettlebell-deadlift",
        "good-morning",
    ),
    (
        "deadlift, back hurts",
        "deadlift",
        STUDIO,
        at(HURTS, BACK),
        "",
        "romanian-deadlift kettlebell-swing sumo-deadlift",
    ),
    ("deadlift with nothing", "deadlift", NONE, SOUND, "single-leg-bridge glute-bridge", "romanian-deadlift"),
    ("pull-up in the studio", "pull-up", STUDIO, SOUND, "chin-up", "plank"),
    ("pull-up at a cable", "pull-up", CABLE, SOUND, "lat-pulldown", "chin-up dead-hang"),
    ("pull-up with nothing", "pull-up", NONE, SOUND, "sliding-lat-pull", "lat-pulldown chin-up"),
    ("pull-up, elbow to spare", "pull-up", STUDIO, at(SPARE, Joint.ELBOW), "assisted-pull-up", "x"),
    ("pulldown in a hotel", "lat-pulldown", HOTEL, SOUND, "floor-pullover", "pull-up band-pulldown"),
    ("row, back to spare", "barbell-row", STUDIO, at(SPARE, BACK), "dumbbell-row chest-supported-row", "x"),
    ("row, back hurts", "barbell-row", STUDIO, at(HURTS, BACK), "", "staggered-row deadlift"),
    ("row with nothing", "barbell-row", NONE, SOUND, "table-row", "band-row strap-row"),
    (
        "press overhead, shoulder to spare",
        "overhead-press",
        STUDIO,
        at(SPARE, SHOULDER),
        "standing-one-arm-press half-kneeling-press",
        "push-press dumbbell-shoulder-press",
    ),
    (
        "press overhead with dumbbells",
        "overhead-press",
        PAIRS,
        SOUND,
        "dumbbell-shoulder-press push-press",
        "seated-shoulder-press",
    ),
    ("press overhead with nothing", "overhead-press", NONE, SOUND, "pike-push-up", "band-overhead-press"),
    ("push-up, wrists to spare", "push-up", NONE, at(SPARE, WRIST, Side.BOTH), "raised-push-up", "plyo-push-up"),
    (
        "push-up, wrists hurt",
        "push-up",
        NONE,
        at(HURTS, WRIST, Side.BOTH),
        "raised-push-up",
        "knee-push-up narrow-push-up",
    ),
    ("split squat with nothing", "split-squat", NONE, SOUND, "bodyweight-split-squat", "split-jump step-up"),
    (
        "split squat, knee to spare",
        "split-squat",
        STUDIO,
        at(SPARE, KNEE),
        "supported-split-squat",
        "forward-lunge rear-foot-raised-split-squat",
    ),
    (
        "walking lunge, knee to spare",
        "walking-lunge",
        STUDIO,
        at(SPARE, KNEE),
        "low-step-up supported-split-squat",
        "forward-lunge",
    ),
    ("leg press with dumbbells", "leg-press", PAIRS, SOUND, "goblet-squat", "front-squat"),
    ("leg curl with nothing", "leg-curl", NONE, SOUND, "towel-leg-curl", "slider-leg-curl"),
    ("curl in a hotel", "biceps-curl", HOTEL, SOUND, "rucksack-curl", "hammer-curl"),
    ("pressdown with nothing", "triceps-pressdown", NONE, SOUND, "wall-triceps-press", "overhead-triceps-extension"),
    ("calf raise with nothing", "calf-raise", NONE, SOUND, "bodyweight-calf-raise", "ankle-hops rope-skipping"),
    ("plank, shoulder to spare", "plank", NONE, at(SPARE, SHOULDER), "knee-plank", "crab-walk"),
    ("side plank, shoulder to spare", "side-plank", NONE, at(SPARE, SHOULDER), "knee-side-plank", "x"),
    (
        "box jump, ankle hurts",
        "box-jump",
        STUDIO,
        at(HURTS, Joint.ANKLE),
        "box-squat leg-press",
        "squat-jump low-box-jump",
    ),
    ("hip stretch, knee hurts", "hip-flexor-stretch", NONE, at(HURTS, KNEE), "leg-swing", "quad-stretch back-squat"),
    (
        "face pull with dumbbells",
        "face-pull",
        PAIRS,
        SOUND,
        "prone-w-raise wall-elbow-push prone-t-raise reverse-fly",
        "x",
    ),
    ("hip thrust with nothing", "hip-thrust", NONE, SOUND, "glute-bridge", "weighted-glute-bridge"),
    ("easy run, knee to spare", "easy-run", NONE, at(SPARE, KNEE), "brisk-walk", "single-leg-hop"),
    (
        "one-leg stand, ankle hurts",
        "single-leg-stand",
        NONE,
        at(HURTS, Joint.ANKLE),
        "supported-single-leg-stand",
        "pad-stand",
    ),
]


def offered(exercise: str, place: Inventory, joints: tuple[JointStatus, ...] = SOUND) -> tuple[Substitute, ...]:
    return substitutes(
        ALL[exercise], ALL.values(), LADDERS, SubstitutionContext(place, Unit.KG, joints), limit=len(ALL)
    )


class StoriesTest(TestCase):
    def test_forty_stories(self) -> None:
        self.assertGreaterEqual(len(CASES), 30)
        for story, exercise, place, joints, first, never in CASES:
            with self.subTest(story):
                found = [s.exercise.id for s in offered(exercise, place, joints)]
                if first:
                    self.assertIn(found[0], first.split(), found[:5])
                self.assertEqual(set(never.split()) & set(found), set())

    def test_reasons_say_what_speaks_for_it(self) -> None:
        best = offered("split-squat", STUDIO, at(SPARE, KNEE))[0]
        self.assertEqual(
            best.reasons,
            (
                "same pattern: lunge",
                "same movers: quadriceps, glutes",
                "2 rungs easier",
                "spares the left knee",
                "with body weight",
            ),
        )
        self.assertEqual(best.rungs, -2)

    def test_what_is_left_to_mind_is_said(self) -> None:
        goblet = next(s for s in offered("back-squat", STUDIO, at(SPARE, KNEE)) if s.exercise.id == "goblet-squat")
        self.assertEqual([c.grade for c in goblet.cautions], [CautionGrade.CAUTION])

    def test_nothing_is_offered_rather_than_something_unlike(self) -> None:
        self.assertEqual(offered("loaded-carry", NONE), ())

    def test_a_load_is_carried_over_where_the_exercises_are_kin(self) -> None:
        known = KnownLoad(ALL["back-squat"], ImplementKind.BARBELL, Decimal(100))
        found = substitutes(ALL["back-squat"], ALL.values(), LADDERS, SubstitutionContext(STUDIO, Unit.KG, known=known))
        loads = {s.exercise.id: str(s.start.load) for s in found if s.start}
        self.assertEqual(loads["front-squat"], "55 kg")
        self.assertNotIn("bodyweight-squat", loads)


def situations() -> st.SearchStrategy[tuple[str, Inventory, tuple[JointStatus, ...]]]:
    joints = st.builds(at, st.sampled_from([State.HURTS, State.SPARE, State.WATCH]), st.sampled_from(Joint))
    places = st.sampled_from([NONE, PAIRS, HOTEL, CABLE, STUDIO])
    return st.tuples(st.sampled_from(sorted(ALL)), places, st.one_of(st.just(SOUND), joints))


class InvariantsTest(TestCase):
    @settings(max_examples=60)
    @given(situations())
    def test_all_that_is_offered_can_be_done_and_stops_no_joint(
        self, drawn: tuple[str, Inventory, tuple[JointStatus, ...]]
    ) -> None:
        exercise, place, joints = drawn
        found = offered(exercise, place, joints)
        self.assertEqual(found, offered(exercise, place, joints))
        for one in found:
            self.assertNotEqual(one.exercise.id, exercise)
            self.assertTrue(one.exercise.possible_at(place))
            self.assertTrue(all(c.grade is not CautionGrade.STOP for c in joint_cautions(one.exercise, joints)))
            self.assertGreaterEqual(one.points, LEAST)
            self.assertTrue(one.reasons)
            explosive = {ExerciseKind.JUMP, ExerciseKind.THROW}
            self.assertTrue(one.exercise.kind not in explosive or ALL[exercise].kind in explosive)
        points = [one.points for one in found]
        self.assertEqual(points, sorted(points, reverse=True))
