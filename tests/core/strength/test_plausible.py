from datetime import date
from unittest import TestCase

from upright_anvil.core.strength.attempts import Attempt
from upright_anvil.core.strength.plausible import doubt
from upright_anvil.core.strength.standing import Strength

DAY = date(2026, 3, 2)


def one(kg: float, reps: int = 8, reserve: int | None = 2, confirmed: bool = False, slow: bool = False) -> Attempt:
    return Attempt("squat", DAY, kg, reps, reserve, slow=slow, confirmed=confirmed)


def known(kg: float, sessions: int = 6) -> Strength:
    return Strength("squat", kg, kg * 0.97, kg * 1.03, 0.015, 0, -0.01, 0.01, sessions, DAY, ())


class PlausibleTest(TestCase):
    def test_a_set_like_the_others_is_not_asked_about(self) -> None:
        for kg in (45, 55, 60, 66):
            self.assertEqual(doubt(one(kg), known(81)), "", kg)

    def test_ten_times_twice_half_and_a_tenth(self) -> None:
        for kg, says in ((600, "888 % more"), (120, "more strength"), (25, "less strength"), (6, "less strength")):
            self.assertIn(says, doubt(one(kg), known(81)), kg)
            self.assertIn("Is it right?", doubt(one(kg), known(81)), kg)

    def test_the_other_unit_is_named(self) -> None:
        self.assertIn("Were those pounds?", doubt(one(132), known(81)))
        self.assertIn("Were those kilograms?", doubt(one(27), known(81)))
        self.assertNotIn("Were those", doubt(one(600), known(81)))

    def test_confirmed_unknown_and_nothing(self) -> None:
        self.assertEqual(doubt(one(600, confirmed=True), known(81)), "")
        self.assertEqual(doubt(one(600), None), "")
        self.assertEqual(doubt(one(600, reps=0), known(81)), "")
        self.assertEqual(doubt(one(600, reps=25), known(81)), "")
        self.assertEqual(doubt(one(25), known(81, sessions=1)), "", "one session is too little to doubt a low one")
        self.assertTrue(doubt(one(25), known(81, sessions=2)))
        self.assertEqual(doubt(one(25, slow=True), known(81)), "")

    def test_the_first_ever_is_held_against_the_other_sets_of_the_day(self) -> None:
        self.assertIn("more strength", doubt(one(600), None, [one(60), one(60)]))
        self.assertEqual(doubt(one(60), None, [one(600), one(60)]), "")
        self.assertEqual(doubt(one(60), None, [one(600)]), "", "of two the higher is asked about")
