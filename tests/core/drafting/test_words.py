"""What people write of themselves, and what it comes to."""

from unittest import TestCase

from tests.core.checks.plans import SETTING
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.drafting.words import Interest, against, in_favour, interests, muscles_named, named, stem

EXERCISES = tuple(SETTING.exercises.values())


class WordsTest(TestCase):
    def test_interests(self) -> None:
        for text, expected in [
            ("Nine days hut to hut in June with a 12 kg pack", {Interest.HIKE}),
            ("half-marathon in October", {Interest.RUN}),
            ("Half marathon", {Interest.RUN}),
            ("lift the little one without bracing for it", {Interest.CARRY}),
            ("afraid of stairs, fell in March", {Interest.STAIRS, Interest.STEADY}),
            ("cycling over the pass", {Interest.RIDE}),
            ("my first pull-up", {Interest.PULL_UP}),
            ("a trip to the sea", set()),
            ("", set()),
        ]:
            with self.subTest(text):
                self.assertEqual(interests(text), expected)

    def test_muscles(self) -> None:
        self.assertEqual(muscles_named("bigger calves and arms"), (Muscle.CALVES, Muscle.BICEPS, Muscle.TRICEPS))
        self.assertEqual(muscles_named("feel better"), ())

    def test_endings(self) -> None:
        self.assertEqual(
            [stem(word) for word in ("running", "runs", "run", "presses", "press", "lunges")],
            ["run"] * 3 + ["press"] * 2 + ["lung"],
        )

    def test_exercises_by_name_kind_pattern_and_kit(self) -> None:
        for text, inside, outside in [
            ("burpees", "burpee", "push-up"),
            ("lunges, step-ups", "walking-lunge", "back-squat"),
            ("deadlifts and kettlebell swings", "kettlebell-swing", "goblet-squat"),
            ("running", "easy-run", "bike"),
            ("jumping", "box-jump", "back-squat"),
            ("machines", "leg-press", "goblet-squat"),
        ]:
            with self.subTest(text):
                found = named(text, EXERCISES)
                self.assertIn(inside, found)
                self.assertNotIn(outside, found)
        self.assertEqual(named(" , ", EXERCISES), frozenset())

    def test_what_is_said_again_and_again_is_what_was_said_once(self) -> None:
        once = named("squats and the bike", EXERCISES)
        for room in (" ", "  \n", "\t" * 1000):
            self.assertEqual(named(f"squats{room}and{room}the bike, " * 100, EXERCISES), once)
        self.assertEqual(named("1/" * 2000 + "squats or bike", EXERCISES), once)

    def test_notes_for_and_against(self) -> None:
        note = "Hates burpees. Works at night. Loves deadlifts and carries; does not like the bike."
        self.assertIn("burpees", against(note))
        self.assertIn("the bike", against(note))
        self.assertIn("deadlifts and carries", in_favour(note))
        self.assertNotIn("bike", in_favour(note))
