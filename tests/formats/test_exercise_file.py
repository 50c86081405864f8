from unittest import TestCase

from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.formats.exercise_file import parse_exercises, shipped_exercises

GOOD = """
[sled-drag]
name = "Sled drag"
pattern = "locomotion"
movers = ["quadriceps"]
implements = ["improvised"]
"""


class ExerciseFileTest(TestCase):
    def test_reads_a_table_with_its_defaults(self) -> None:
        sled = parse_exercises(GOOD)["sled-drag"]
        self.assertEqual((sled.name, sled.rep_seconds, sled.one_sided, sled.cues), ("Sled drag", 3, False, ()))

    def test_a_table_that_lacks_or_misnames_something_is_refused(self) -> None:
        for wrong in [
            GOOD.replace('name = "Sled drag"', ""),
            GOOD.replace("locomotion", "skating"),
            GOOD.replace("improvised", "sledge"),
        ]:
            with self.subTest(), self.assertRaises((KeyError, ValueError)):
                parse_exercises(wrong)

    def test_what_ships_is_sound(self) -> None:
        shipped = shipped_exercises()
        self.assertGreaterEqual(len(shipped), 45)
        names = [e.name for e in shipped.values()]
        self.assertEqual(len(names), len(set(names)))
        for exercise in shipped.values():
            with self.subTest(exercise=exercise.id):
                self.assertTrue(exercise.movers and exercise.implements)
                self.assertTrue(2 <= len(exercise.cues) <= 3)
                self.assertTrue(0 <= exercise.bodyweight_share <= 1)
                self.assertTrue(1 <= exercise.rep_seconds <= 10)
                if exercise.bodyweight_share:
                    self.assertIn(ImplementKind.BODYWEIGHT, exercise.implements)
