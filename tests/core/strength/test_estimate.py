from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.strength.estimate import (
    estimate_max,
    estimates_by_formula,
    house_factor,
    reps_that_predict,
    reps_to_failure,
    share_of_max,
)
from upright_anvil.core.strength.formulas import FORMULAS, brzycki


class FormulasTest(TestCase):
    def test_against_worked_examples(self) -> None:
        """100 kg for ten repetitions to failure, worked by hand from each publication's formula."""
        for name, expected in [
            ("Epley", 133.33),
            ("Brzycki", 133.33),
            ("Lombardi", 125.89),
            ("O'Conner", 125.0),
            ("Mayhew", 130.95),
            ("Wathan", 134.75),
        ]:
            with self.subTest(formula=name):
                factor = FORMULAS[name](10)
                assert factor
                self.assertAlmostEqual(100 * factor, expected, delta=0.1)

    def test_one_repetition_to_failure_is_the_maximum(self) -> None:
        for name, formula in FORMULAS.items():
            with self.subTest(formula=name):
                self.assertEqual(formula(1), 1.0)

    def test_brzycki_ends_at_its_pole(self) -> None:
        self.assertIsNone(brzycki(37))
        self.assertAlmostEqual(brzycki(36) or 0, 36)


class HouseTest(TestCase):
    def test_is_the_mean_to_ten_and_epley_from_fifteen(self) -> None:
        self.assertAlmostEqual(house_factor(5) or 0, (1 + 5 / 30 + 36 / 32) / 2)
        self.assertAlmostEqual(house_factor(15) or 0, 1.5)
        between = (1 + 12.5 / 30) * 0.5 + 0.5 * ((1 + 12.5 / 30) + 36 / 24.5) / 2
        self.assertAlmostEqual(house_factor(12.5) or 0, between)

    def test_says_nothing_above_twenty(self) -> None:
        self.assertIsNone(house_factor(21))
        self.assertIsNone(estimate_max(Decimal(50), 21, 0))
        self.assertIsNone(estimate_max(Decimal(50), 19, 2))
        self.assertIsNone(estimate_max(Decimal(50), 0, 3))

    def test_an_unknown_reserve_counts_as_two(self) -> None:
        self.assertEqual(reps_to_failure(8, None), 10)
        self.assertEqual(estimate_max(Decimal(60), 8, None), estimate_max(Decimal(60), 8, 2))
        self.assertEqual(estimate_max(Decimal(60), 8, 2), Decimal("80.0"))

    def test_every_formula_is_shown_beside(self) -> None:
        self.assertEqual(list(estimates_by_formula(Decimal(60), 8, 2)), list(FORMULAS))
        self.assertEqual(set(estimates_by_formula(Decimal(60), 25, 0).values()), {None})

    @given(st.integers(1, 19))
    def test_rises_with_repetitions(self, r: int) -> None:
        self.assertLess(house_factor(r) or 9, house_factor(r + 1) or 0)

    @given(st.integers(1, 120))
    def test_share_of_max_is_a_share(self, r: int) -> None:
        self.assertTrue(0 < share_of_max(r) <= 1)


class BridgeTest(TestCase):
    def test_ten_to_twelve_kilograms(self) -> None:
        # 8 reps with 2 left at 12 kg: R = 10, factor 4/3, maximum 16 kg. At 10 kg that wants factor 1.6: R = 18.
        self.assertEqual(reps_that_predict(Decimal(10), 2, Decimal(12), 8), 16)

    def test_a_jump_out_of_reach_has_no_answer(self) -> None:
        self.assertIsNone(reps_that_predict(Decimal(4), 2, Decimal(8), 8))
        self.assertIsNone(reps_that_predict(Decimal(10), 2, Decimal(12), 25))

    @given(st.integers(4, 100), st.integers(1, 40), st.integers(1, 10), st.integers(0, 4))
    def test_the_reps_predict_and_one_fewer_would_not(self, load: int, more: int, reps: int, reserve: int) -> None:
        here, there = Decimal(load), Decimal(load) + Decimal(more) / 4
        found = reps_that_predict(here, reserve, there, reps)
        if found is None:
            return
        needed = float(there) * (house_factor(reps + reserve) or 0)
        self.assertGreaterEqual(float(here) * (house_factor(found + reserve) or 0), needed)
        if found > 1:
            self.assertLess(float(here) * (house_factor(found - 1 + reserve) or 0), needed)
