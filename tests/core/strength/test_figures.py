"""The house figures of strength over time, worked through: a figure that changes changes here too."""

from collections.abc import Callable
from dataclasses import replace
from datetime import date, timedelta
from unittest import TestCase

import numpy as np

from tests.core.strength.test_doubted import odd, sets
from tests.core.strength.test_plausible import known, one
from upright_anvil.core.strength.attempts import Attempt, log_factors, reserve_variances, variances
from upright_anvil.core.strength.kalman import FilterState, gap
from upright_anvil.core.strength.known import Known
from upright_anvil.core.strength.layoff import lost
from upright_anvil.core.strength.over_time import ONE, strengths
from upright_anvil.core.strength.plausible import doubt
from upright_anvil.core.strength.rep_curve import rep_curves
from upright_anvil.core.strength.standing import RepCurve, Slope, Strength

REPS = np.asarray([1.0, 3, 5, 8, 10, 12, 15, 20])
START = date(2026, 1, 5)


def first_true(holds: Callable[[float], bool], low: float, high: float) -> float:
    """The least figure from which something holds."""
    for _ in range(40):
        middle = (low + high) / 2
        low, high = (low, middle) if holds(middle) else (middle, high)
    return high


class VariancesTest(TestCase):
    def test_the_curve_of_the_house_blend(self) -> None:
        expected = [0, 0.07642, 0.13613, 0.22636, 0.28768, 0.34501, 0.40547, 0.51083]
        np.testing.assert_allclose(log_factors(REPS), expected, atol=6e-6)

    def test_how_far_a_set_may_be_off_by_what_is_known_of_the_reserve(self) -> None:
        for left, expected in (
            (np.nan, [0.003433, 0.003271, 0.003495, 0.004011, 0.004424, 0.003938, 0.003535, 0.00514]),
            (2.0, [0.000946, 0.00104, 0.001261, 0.001706, 0.002066, 0.00226, 0.002698, 0.00414]),
            (6.0, [0.002448, 0.002387, 0.00261, 0.003098, 0.003491, 0.003274, 0.003204, 0.004744]),
        ):
            reserve = np.full(len(REPS), left)
            np.testing.assert_allclose(variances(REPS, reserve), expected, atol=6e-7)
            self.assertTrue((reserve_variances(REPS, reserve) < variances(REPS, reserve)).all())


class GapTest(TestCase):
    def test_what_a_gap_does_to_level_trend_and_doubt(self) -> None:
        before = FilterState(*[np.asarray([[value]]) for value in (4.0, 0.005, 0.001, 0.0001, 0.00005)])
        for weeks, level, trend, p11, p12, p22 in (
            (1.0, 4.005, 0.005, 0.001331, 0.00015, 5.225e-5),
            (10 / 7, 4.00714286, 0.005, 0.00150347, 0.00017143, 5.321e-5),
            (2.0, 4.0, 0.0047223, 0.001162, 9.445e-5, 4.91e-5),
            (3.0, 3.89463948, 0.00427291, 0.003743, 8.546e-5, 4.327e-5),
            (8.0, 3.7640942, 0.00259165, 0.01268822, 5.183e-5, 3.143e-5),
        ):
            with self.subTest(weeks=weeks):
                found = before.after(gap(np.asarray([[weeks]]), ONE))
                got = [float(x.ravel()[0]) for x in (found.level, found.trend, found.p11, found.p12, found.p22)]
                np.testing.assert_allclose(got, [level, trend, p11, p12, p22], atol=2e-8)

    def test_a_series_that_carries_no_strength_does_not_fall(self) -> None:
        before = FilterState(*[np.asarray([[value]]) for value in (4.0, 0.0, 0.001, 0.0, 0.00005)])
        self.assertEqual(float(before.after(gap(np.asarray([[8.0]]), np.asarray([0.0]))).level[0, 0]), 4.0)

    def test_untrained_time_carries_no_trend(self) -> None:
        before = FilterState(*[np.asarray([[value]]) for value in (4.0, 0.005, 0.001, 0.0001, 0.00005)])
        self.assertEqual(float(before.after(gap(np.asarray([[1.0]]), ONE, trained=False)).level[0, 0]), 4.0)

    def test_half_a_year_and_more(self) -> None:
        for days, share in (
            (14, 0),
            (17.5, 0.05),
            (21, 0.1),
            (42, 0.2),
            (111, 0.25),
            (180, 0.3),
            (455, 0.35),
            (900, 0.4),
        ):
            self.assertAlmostEqual(float(lost(np.asarray(days))), share, places=6, msg=str(days))


class DoubtedFromTest(TestCase):
    """From what times the rest a figure is doubted: four standard errors of the set and of two days."""

    def test_in_the_ledger(self) -> None:
        def above(times: float, reserve: int | None = 2, each: int = 7) -> bool:
            return bool(odd(sets("60", "60", "60", str(60 * times), "60", reserve=reserve, each=each)))

        self.assertAlmostEqual(first_true(above, 1, 3), 1.26511, places=4)
        self.assertAlmostEqual(first_true(lambda t: above(t, None), 1, 3), 1.36359, places=4)
        self.assertAlmostEqual(first_true(lambda t: above(t, each=30), 1, 3), 1.35548, places=4)
        self.assertAlmostEqual(first_true(lambda t: above(t, each=200), 1, 3), 1.59067, places=4)
        below = first_true(lambda t: bool(odd(sets("60", "60", "60", str(60 / t), "60"))), 1, 4)
        self.assertAlmostEqual(below, float(np.exp(0.5)), places=4)

    def test_on_the_floor(self) -> None:
        self.assertAlmostEqual(first_true(lambda t: bool(doubt(one(60 * t), known(80))), 1, 3), 1.24908, places=4)
        tired = first_true(lambda t: bool(doubt(replace(one(60 * t), place=4), known(80))), 1, 3)
        self.assertAlmostEqual(tired, 1.20010, places=4, msg="a fourth set that shows as much shows more")
        below = first_true(lambda t: bool(doubt(one(60 / t), known(80))), 1, 4)
        self.assertAlmostEqual(below, float(np.exp(0.5)), places=4)

    def test_the_pounds_that_might_be_meant_are_near_the_other_unit(self) -> None:
        for kg, meant in ((111, False), (114, True), (132, True), (151, True), (154, False)):
            self.assertEqual("Were those pounds?" in doubt(one(kg), known(80)), meant, kg)


class HistoryTest(TestCase):
    def known(self, *sessions: tuple[int, float, int, int | None], later: int = 0) -> Strength:
        """Sessions of three alike sets: week, kilograms, repetitions, how many left."""
        done = [
            Attempt("a", START + timedelta(weeks=week), kg, reps, left, place)
            for week, kg, reps, left in sessions
            for place in range(3)
        ]
        return strengths(done, done[-1].on + timedelta(days=later))["a"]

    def test_worked_through(self) -> None:
        rising = [(week, 60 + 2.5 * (week // 2), 8, 2) for week in range(10)]
        long_gap = [(0, 60.0, 8, 2), (1, 60.0, 8, 2), (9, 55.0, 8, None)]
        for story, sessions, later, worked in (
            ("one session", rising[:1], 0, (80.8, 75.99, 85.92, 0.003, 1)),
            ("ten that rise", rising, 0, (93.69, 90.13, 97.39, 0.01372, 10)),
            ("two idle weeks", rising, 14, (93.69, 89.47, 98.11, 0.01296, 10)),
            ("thirty idle days", rising, 30, (80.31, 69.13, 93.28, 0.01031, 10)),
            ("back after eight weeks", long_gap, 0, (72.63, 67.11, 78.61, 0.00163, 3)),
        ):
            with self.subTest(story):
                found = self.known(*sessions, later=later)
                self.assertEqual((found.kg, found.low, found.high, found.trend, found.sessions), worked)

    def test_the_lines_of_six_and_ten_weeks(self) -> None:
        found = self.known(*[(week, 60 + 2.5 * (week // 2), 8, 2) for week in range(10)])
        self.assertEqual((found.trend_low, found.trend_high), (0.00395, 0.02349))
        self.assertEqual(found.lately, Slope(0.01878, 0.00324, 42))
        self.assertEqual(found.ten_weeks, Slope(0.01868, 0.00177, 63))


class RepCurveTest(TestCase):
    def curve(self, heavy: float) -> RepCurve:
        """Sessions of twelve repetitions with 60 kg and of three with a heavy load in turn."""
        done = [
            Attempt("a", START + timedelta(weeks=week), *((heavy, 3) if week % 2 else (60.0, 12)), 0, place, "squat")
            for week in range(8)
            for place in range(3)
        ]
        return rep_curves(done, done[-1].on)["squat"]

    def test_worked_through(self) -> None:
        self.assertEqual(self.curve(90), RepCurve("squat", 1.4208, 0.0614, 24))
        self.assertLess(self.curve(80).steepness, self.curve(85).steepness)

    def test_what_nobody_knows_is_as_published(self) -> None:
        known = Known(curves={"squat": RepCurve("squat", 1.2, 0.1, 9)})
        self.assertEqual((known.steepness("squat"), known.steepness("press")), (1.2, 1.0))
