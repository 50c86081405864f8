import json
from unittest import TestCase

from upright_anvil.core.assessment.items import TestKind
from upright_anvil.formats.shipped.exercise_file import shipped_exercises
from upright_anvil.formats.shipped.testing_file import shipped_batteries, shipped_tests, test_of, test_table


class TestFileTest(TestCase):
    def test_writing_and_reading_lose_nothing(self) -> None:
        for item in shipped_tests().values():
            self.assertEqual(test_of(item.id, json.loads(json.dumps(test_table(item)))), item)

    def test_every_test_is_sound(self) -> None:
        for item in shipped_tests().values():
            with self.subTest(test=item.id):
                self.assertLess(item.low, item.high)
                self.assertGreater(item.typical_error, 0)
                self.assertTrue(item.standard.endswith("."))
                self.assertTrue(not item.exercise or item.exercise in shipped_exercises())
                self.assertEqual(item.kind is TestKind.TIME_OVER_DISTANCE, item.metres is not None)
        self.assertEqual({t.kind for t in shipped_tests().values()}, set(TestKind))

    def test_the_four_batteries_name_known_tests_once(self) -> None:
        self.assertEqual(
            list(shipped_batteries()), ["no-equipment", "studio-basic", "strength-estimate", "older-adult-chair"]
        )
        for battery in shipped_batteries().values():
            with self.subTest(battery=battery.id):
                self.assertLessEqual(set(battery.tests), set(shipped_tests()))
                self.assertEqual(len(set(battery.tests)), len(battery.tests))
                self.assertTrue(4 <= battery.repeat_weeks <= 26)
