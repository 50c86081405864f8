from datetime import date, timedelta
from unittest import TestCase

import numpy as np
from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.strength.attempts import Attempt, table
from upright_anvil.core.strength.kalman import START_TREND, FilterState, filtered, gap
from upright_anvil.core.strength.over_time import ONE, strengths
from upright_anvil.core.strength.session_table import Sessions, sessions_of
from upright_anvil.core.strength.standing import Slope

START = date(2026, 1, 5)
sets = st.lists(
    st.tuples(st.sampled_from("ab"), st.integers(0, 60), st.floats(20, 200), st.integers(1, 12), st.integers(0, 4)),
    min_size=1,
    max_size=30,
)


def sessions(rows: list[tuple[str, int, float, int, int]]) -> Sessions:
    done = [Attempt(name, START + timedelta(days=day), kg, reps, left) for name, day, kg, reps, left in rows]
    return sessions_of(table(done, START + timedelta(days=100)))


class KalmanTest(TestCase):
    @given(sets)
    def test_what_is_off_of_a_sum_is_the_sum_of_what_is_off(self, rows: list[tuple[str, int, float, int, int]]) -> None:
        data = sessions(rows)
        series = np.stack([data.base + data.fall, data.base, data.fall])
        ran = filtered(data, series, np.asarray([START_TREND, START_TREND, 0.0]), np.asarray([1.0, 1.0, 0.0]))
        (on,), (whole, base, fall) = np.moveaxis(ran.on, 1, 0), np.moveaxis(ran.off, 1, 0)
        np.testing.assert_allclose(whole[on], (base + fall)[on], atol=1e-9)

    @given(sets)
    def test_a_session_never_makes_less_sure(self, rows: list[tuple[str, int, float, int, int]]) -> None:
        data = sessions(rows)
        ran = filtered(data, (data.base + data.fall)[None], np.asarray([START_TREND]), ONE)
        self.assertTrue((ran.after.p11 >= -1e-12).all())
        self.assertTrue((ran.after.p11[ran.on] <= ran.expected[ran.on]).all())

    def test_a_gap_makes_less_sure_and_the_trend_fade(self) -> None:
        one = [np.asarray([[value]]) for value in (4.0, 0.01, 0.0004, 0.0, 0.00002)]
        soon, late = (
            FilterState(*one).after(gap(np.asarray([[1.0]]), ONE)),
            FilterState(*one).after(gap(np.asarray([[20.0]]), ONE)),
        )
        self.assertGreater(late.p11[0, 0], soon.p11[0, 0])
        self.assertLess(late.trend[0, 0], soon.trend[0, 0])
        self.assertLess(late.level[0, 0], 4.0 + 20 * 0.01, "the trend does not carry on for twenty idle weeks")


class SessionTableTest(TestCase):
    def test_a_reserve_nobody_said_is_that_of_the_days_other_sets(self) -> None:
        def r(*reserves: int | None) -> list[float]:
            done = [Attempt("a", START, 60, 8, left, place) for place, left in enumerate(reserves)]
            return [float(value) for value in table(done, START).r]

        self.assertEqual(r(3, None, 3), [11, 11, 11])
        self.assertEqual(r(4, None, 2), [12, 11, 10])
        self.assertEqual(r(None, None), [10, 10], "nobody said any: two")

    def test_another_load_or_day_says_nothing_of_it(self) -> None:
        done = [
            Attempt("a", START, 60, 8, 4),
            Attempt("a", START, 70, 8, None),
            Attempt("a", START + timedelta(days=7), 60, 8, None),
        ]
        self.assertEqual(table(done, START + timedelta(days=9)).r.tolist(), [12, 10, 10])

    def test_sets_of_a_day_are_one_session(self) -> None:
        data = sessions([("a", 0, 60, 8, 2), ("a", 0, 60, 8, 2), ("a", 7, 60, 8, 2), ("b", 3, 40, 8, 2)])
        self.assertEqual((data.names, data.count.tolist(), data.sets.tolist()), (("a", "b"), [2, 1], [3, 1]))


class LatelyTest(TestCase):
    def lately(self, a_week: float, weeks: int, per_week: int = 2) -> tuple[float, float] | None:
        """Sets that rise by so much a week, without any noise."""
        done = [
            Attempt("a", START + timedelta(days=round(7 * n / per_week)), 60 * (1 + a_week) ** (n / per_week), 8, 2)
            for n in range(weeks * per_week)
        ]
        found = strengths(done, done[-1].on)["a"].lately
        return (found.worst, found.best) if found else None

    def test_the_slope_of_the_last_weeks(self) -> None:
        for a_week in (-0.02, 0.0, 0.01):
            with self.subTest(a_week):
                found = self.lately(a_week, 8)
                assert found
                self.assertTrue(found[0] <= a_week <= found[1])

    def test_it_says_which_way_only_where_it_is_sure(self) -> None:
        for week, error, way in [(0.01, 0.005, "rising"), (-0.01, 0.005, "falling"), (0.01, 0.02, "")]:
            with self.subTest(week, error=error):
                self.assertEqual(Slope(week, error, 30).way, way)

    def test_too_few_sessions_and_too_short_a_time_say_nothing(self) -> None:
        self.assertIsNone(self.lately(0.01, 3, 1))
        self.assertIsNone(self.lately(0.01, 1, 5))

    def test_what_is_long_past_is_forgotten(self) -> None:
        rise = [Attempt("a", START + timedelta(days=7 * n), 60 * 1.02**n, 8, 2) for n in range(10)]
        flat = [Attempt("a", rise[-1].on + timedelta(days=7 * n), rise[-1].kg, 8, 2) for n in range(1, 9)]
        found = strengths([*rise, *flat], flat[-1].on)["a"]
        assert found.lately
        self.assertAlmostEqual(found.lately.week, 0, places=3)
        self.assertGreater(found.trend, found.lately.week, "the filter still believes in its past")
