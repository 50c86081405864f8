from dataclasses import replace
from datetime import date, timedelta
from math import exp, log
from random import Random
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.strength.attempts import Attempt, log_factors, table
from upright_anvil.core.strength.estimate import house_factor
from upright_anvil.core.strength.over_time import WAY_THERE, lies_far_back, strengths, strengths_in
from upright_anvil.core.strength.rep_curve import FLATTEST, STEEPEST, rep_curves
from upright_anvil.core.strength.session_table import REMEMBERED
from upright_anvil.core.strength.standing import Strength

START = date(2026, 1, 5)


def history(
    weeks: int, gain: float = 0.005, noise: float = 0.02, seed: int = 1, reserve: int | None = 2
) -> list[Attempt]:
    """A set of eight with two left once a week by somebody whose maximum of 100 kg grows."""
    chance = Random(seed)
    found = []
    for week in range(weeks):
        kg = 100 * exp(gain * week + chance.gauss(0, noise)) / (house_factor(10) or 1)
        found.append(Attempt("squat", START + timedelta(weeks=week), kg, 8, reserve))
    return found


def after(sets: list[Attempt], weeks: float = 0) -> Strength:
    return strengths(sets, sets[-1].on + timedelta(weeks=weeks))["squat"]


class OverTimeTest(TestCase):
    def test_the_order_in_which_sets_come_in_changes_nothing(self) -> None:
        chance, sets = Random(3), []
        for name, grows in (("squat", 0.005), ("press", 0.001), ("row", 0.0)):
            sets += [replace(one, exercise=name, group=name[0]) for one in history(20, gain=grows, seed=len(name))]
        mixed = chance.sample(sets, len(sets))
        expected, found = (strengths(order, START + timedelta(weeks=20)) for order in (sets, mixed))
        self.assertEqual(found, expected)

    def test_it_finds_the_level_and_the_trend(self) -> None:
        found = after(history(24))
        self.assertAlmostEqual(log(found.kg / (100 * exp(0.005 * 23))), 0, delta=0.02)
        self.assertAlmostEqual(found.trend, 0.005, delta=0.003)
        self.assertLess(found.low, found.kg)
        self.assertGreater(found.high, found.kg)

    def test_its_interval_holds_the_truth_nineteen_times_of_twenty(self) -> None:
        held = 0
        for seed in range(60):
            found = after(history(12, seed=seed))
            held += found.low <= 100 * exp(0.005 * 11) <= found.high
        self.assertGreaterEqual(held, 52)

    def test_more_sessions_say_more_and_an_unsaid_reserve_less(self) -> None:
        self.assertGreater(after(history(3)).error, after(history(12)).error)
        self.assertGreater(after(history(6, reserve=None)).error, after(history(6)).error)

    def test_a_gap_makes_it_less_sure_and_the_trend_smaller(self) -> None:
        sets = history(12)
        now, later = after(sets), after(sets, weeks=8)
        self.assertGreater(later.error, now.error)
        self.assertLess(abs(later.trend), abs(now.trend))

    def test_idle_weeks_give_nothing(self) -> None:
        for gain in (0.02, 0.005, -0.01):
            sets = history(12, gain=gain)
            levels = [after(sets, weeks=weeks).kg for weeks in (0, 1, 1.4, 1.5, 2, 3, 6, 8, 26, 104)]
            self.assertEqual(levels, sorted(levels, reverse=True))
            self.assertEqual(levels[0], levels[4], "two weeks hold the level")
            for weeks, share in ((3, 0.90), (6, 0.80)):
                self.assertAlmostEqual(after(sets, weeks=weeks).kg, levels[0] * share, delta=0.1)
            self.assertLess(levels[-1], levels[0] * 0.65)

    def test_after_a_gap_the_filter_expects_less(self) -> None:
        sets = history(10, noise=0.0)
        back = replace(sets[-1], kg=sets[-1].kg * 0.85, on=sets[-1].on + timedelta(weeks=6))
        path = strengths([*sets, back], back.on, path_of="squat")["squat"].path
        self.assertLess(path[-1].surprise, 1)

    def test_a_typing_slip_shows_nothing(self) -> None:
        sets = history(12, noise=0.01)
        for factor in (10, 2, 0.5, 0.1):
            for place in (0, 5, 11):
                with self.subTest(factor=factor, place=place):
                    slipped = [*sets[:place], replace(sets[place], kg=sets[place].kg * factor), *sets[place + 1 :]]
                    self.assertAlmostEqual(after(slipped).kg, after(sets).kg, delta=after(sets).kg * 0.03)

    def test_slow_work_shows_at_least_so_much(self) -> None:
        sets = history(8, noise=0.0)
        slow = replace(sets[-1], kg=sets[-1].kg * 0.85, on=sets[-1].on + timedelta(days=3), slow=True)
        self.assertAlmostEqual(after([*sets, slow]).kg, after(sets).kg, delta=0.3)
        self.assertTrue(after([*sets, slow]).slow)
        self.assertLess(after([*sets, replace(slow, slow=False)]).kg, after(sets).kg)
        strong = replace(slow, kg=sets[-1].kg * 1.1)
        self.assertGreater(after([*sets, strong]).kg, after(sets).kg)
        beside = [*sets, slow, replace(slow, kg=sets[-1].kg, slow=False)]
        self.assertEqual(after(beside).kg, after([*sets, replace(slow, kg=sets[-1].kg, slow=False)]).kg)

    def test_the_line_of_the_last_weeks_ends_at_a_gap(self) -> None:
        sets = history(10, gain=0.01, noise=0.0)
        later = [replace(s, on=s.on + timedelta(weeks=5), kg=s.kg * 0.9) for s in sets[6:]]
        found = after([*sets[:6], *later])
        assert found.lately and found.ten_weeks
        self.assertEqual(found.ten_weeks.days, 21)
        self.assertAlmostEqual(found.lately.week, 0.01, delta=0.002)

    def test_sets_of_one_session_count_together(self) -> None:
        one = history(1)
        three = [replace(one[0], place=place, kg=one[0].kg * (1 - 0.01 * place)) for place in range(3)]
        self.assertEqual(after(three).sessions, 1)
        self.assertLessEqual(after(three).error, after(one).error)
        self.assertAlmostEqual(after(three).kg, after(one).kg, delta=0.5)

    def test_what_says_nothing_is_left_out(self) -> None:
        bad = [Attempt("squat", START, 0, 8, 2), Attempt("row", START, 50, 25, 2), Attempt("press", START, 50, 0, 0)]
        self.assertEqual(strengths(bad, START), {})
        self.assertEqual(strengths([], START), {})
        self.assertEqual(strengths(history(3), START - timedelta(days=1)), {})

    @given(st.lists(st.tuples(st.sampled_from("abc"), st.integers(0, 90), st.integers(1, 15)), min_size=1, max_size=30))
    def test_side_by_side_is_the_same_as_one_by_one(self, rows: list[tuple[str, int, int]]) -> None:
        sets = [Attempt(name, START + timedelta(days=day), 60 + day / 10, reps, 2) for name, day, reps in rows]
        today = START + timedelta(days=100)
        together = strengths(sets, today)
        for name, found in together.items():
            self.assertEqual(strengths([s for s in sets if s.exercise == name], today)[name], found)

    def test_the_vectors_are_the_house_curve(self) -> None:
        r = table(history(1), START).r
        self.assertAlmostEqual(float(log_factors(r)[0]), log(house_factor(10) or 0), places=12)


class RepCurveTest(TestCase):
    def told(self, steep: float, count: int, seed: int = 3) -> list[Attempt]:
        """Somebody whose load falls this much faster than published, in sets of three to fifteen."""
        chance = Random(seed)
        found = []
        for n in range(count):
            reps, left = chance.choice((3, 5, 8, 12, 15)), chance.choice((0, 1, 2))
            really = max(1.0, min(20.0, reps + left + chance.gauss(0, 0.5 + 0.35 * left)))
            kg = 100 * exp(-steep * log(house_factor(really) or 1) + chance.gauss(0, 0.015))
            found.append(Attempt("squat", START + timedelta(days=n % 26), kg, reps, left, group="legs"))
        return found

    def test_it_is_learned_from_many_sets(self) -> None:
        for steep in (0.8, 1.25):
            with self.subTest(steep):
                curve = rep_curves(self.told(steep, 60), date(2026, 6, 1))["legs"]
                self.assertAlmostEqual(curve.steepness, steep, delta=0.15)

    def test_few_sets_leave_it_near_the_published_curve(self) -> None:
        few = rep_curves(self.told(1.3, 2), date(2026, 6, 1))["legs"]
        many = rep_curves(self.told(1.3, 60), date(2026, 6, 1))["legs"]
        self.assertLess(abs(few.steepness - 1), abs(many.steepness - 1))
        self.assertGreater(few.error, many.error)

    def test_sets_that_are_all_alike_say_nothing_of_it(self) -> None:
        curve = rep_curves(history(20, gain=0), date(2026, 12, 1))[""]
        self.assertAlmostEqual(curve.steepness, 1, delta=0.02)

    @given(st.lists(st.tuples(st.floats(1, 300), st.integers(1, 20), st.integers(0, 5)), max_size=20))
    def test_it_stays_within_bounds_whatever_was_logged(self, rows: list[tuple[float, int, int]]) -> None:
        sets = [Attempt("a", START, kg, reps, left) for kg, reps, left in rows]
        for curve in rep_curves(sets, START).values():
            self.assertTrue(FLATTEST <= curve.steepness <= STEEPEST)

    def test_the_clients_own_curve_changes_the_estimate(self) -> None:
        sets = [replace(a, group="legs") for a in history(6)]
        own = strengths(sets, sets[-1].on, {"legs": 1.2})["squat"]
        self.assertGreater(own.kg, strengths(sets, sets[-1].on)["squat"].kg)


class YearsTest(TestCase):
    """Of many sessions the newest are run through: nothing is left of those before them."""

    MANY = 2 * WAY_THERE

    def setUp(self) -> None:
        chance = Random(11)
        self.sets = [
            Attempt(
                "squat",
                START + timedelta(days=2 * n + n // 40 * 20),
                60 + n / 40 + chance.gauss(0, 1.5),
                6,
                2,
                group="g",
            )
            for n in range(self.MANY)
        ]
        self.on = self.sets[-1].on + timedelta(days=3)
        self.table = table(self.sets, self.on)

    def of(self, path_of: str = "", *, whole: bool = False) -> Strength:
        return strengths_in(self.table, self.on, {"g": 1.1}, path_of, whole=whole)["squat"]

    def test_the_estimate_is_that_of_all_of_them(self) -> None:
        short, whole = self.of(), self.of(whole=True)
        for name in ("kg", "low", "high"):
            self.assertAlmostEqual(getattr(short, name), getattr(whole, name), delta=0.02)
        self.assertAlmostEqual(short.trend, whole.trend, delta=0.0001)
        self.assertEqual((short.lately, short.ten_weeks, short.last), (whole.lately, whole.ten_weeks, whole.last))
        self.assertEqual((short.sessions, short.path), (self.MANY, ()))

    def test_the_way_there_is_that_of_the_newest_or_the_whole_where_it_is_wanted(self) -> None:
        newest, whole = self.of("squat").path, self.of("squat", whole=True).path
        self.assertEqual((len(newest), len(whole)), (WAY_THERE, self.MANY))
        for one, other in zip(newest[-REMEMBERED:], whole[-REMEMBERED:], strict=True):
            self.assertEqual(one.on, other.on)
            self.assertAlmostEqual(one.kg, other.kg, delta=0.02)

    def test_what_it_began_with_stands_however_many_there_are(self) -> None:
        third = strengths(self.sets[:3], self.sets[2].on)["squat"]
        self.assertIsNone(strengths(self.sets[:2], self.on)["squat"].begun_at)
        self.assertAlmostEqual(strengths(self.sets, self.on)["squat"].begun_at or 0, third.kg, delta=0.01)

    def test_a_day_lies_far_back_where_the_newest_may_not_reach(self) -> None:
        said = [lies_far_back(self.on - timedelta(days=days), self.on) for days in (0, 180, 181)]
        self.assertEqual(said, [False, False, True])
