from dataclasses import replace
from datetime import date, timedelta
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.strength.attempts import Attempt, table
from upright_anvil.core.strength.doubted import ERRORS, LEAST_ABOVE, doubted
from upright_anvil.core.strength.over_time import strengths

START = date(2026, 1, 5)


def sets(*days: str, each: int = 7, reserve: int | None = 2) -> list[Attempt]:
    """Sessions a week apart, each with the kilograms of its sets of eight: ``60 60 600``."""
    return [
        Attempt("squat", START + timedelta(days=each * n), float(kg), 8, reserve, place, id=f"{n}-{place}")
        for n, day in enumerate(days)
        for place, kg in enumerate(day.split())
    ]


def odd(found: list[Attempt]) -> list[str]:
    """The ids of the sets that are doubted."""
    rows = table(found, found[-1].on)
    return [found[row].id for row in rows.row[doubted(rows)]]


class DoubtedTest(TestCase):
    def test_a_set_ten_times_the_rest(self) -> None:
        self.assertEqual(odd(sets("60 60 60", "60 600 60", "60 60 60")), ["1-1"])

    def test_the_very_first_set_once_others_contradict_it(self) -> None:
        self.assertEqual(odd(sets("600", "60", *["60"] * 7)), ["0-0"])
        self.assertLess(strengths(sets("600", "60", *["60"] * 7), START + timedelta(weeks=8))["squat"].kg, 90)

    def test_one_set_of_the_only_session(self) -> None:
        self.assertEqual(odd(sets("60 600 60")), ["0-1"])
        self.assertEqual(odd(sets("600 60")), ["0-0"], "of two the higher")
        self.assertEqual(odd(sets("600")), [], "nothing contradicts it yet")

    def test_each_exercise_is_held_against_its_own(self) -> None:
        curls = [replace(s, exercise="curl", kg=s.kg / 6, id=f"curl {s.id}") for s in sets("60 600 60")]
        self.assertEqual(sorted(odd([*sets("60 60 60"), *curls])), ["curl 0-1"])
        self.assertEqual(sorted(odd([*curls, *sets("60 600 60")])), ["0-1", "curl 0-1"])

    def test_of_two_sessions_the_higher(self) -> None:
        self.assertEqual(odd(sets("60 60", "120 120")), ["1-0", "1-1"])
        self.assertEqual(odd(sets("120", "60")), ["0-0"])

    def test_half_and_a_tenth(self) -> None:
        self.assertEqual(odd(sets("60", "60", "28", "60", "60")), ["2-0"])
        self.assertEqual(odd(sets("60", "60", "6", "60")), ["2-0"])
        self.assertEqual(odd(sets("60", "60", "45", "60")), [], "a light day is no slip")

    def test_two_slips_running(self) -> None:
        self.assertEqual(odd(sets("60", "600", "600", "60", "60", "60")), ["1-0", "2-0"])

    def test_what_is_confirmed_counts(self) -> None:
        found = sets("60", "60", "120", "60")
        self.assertEqual(odd(found), ["2-0"])
        found[2] = replace(found[2], confirmed=True)
        self.assertEqual(odd(found), [])

    def test_slow_work_is_not_doubted_for_being_low(self) -> None:
        found = sets("60", "60", "28", "60")
        found[2] = replace(found[2], slow=True)
        self.assertEqual(odd(found), [])

    def test_a_rise_over_weeks_is_none(self) -> None:
        self.assertEqual(odd(sets(*[str(60 * 1.02**n) for n in range(20)])), [])
        self.assertEqual(odd(sets(*[str(60 * 1.03**n) for n in range(12)], reserve=None)), [])

    def test_at_the_threshold(self) -> None:
        for times, expected in ((1.10, []), (1.35, ["3-0"])):
            self.assertEqual(odd(sets("60", "60", "60", str(60 * times), "60")), expected, times)
        self.assertEqual((ERRORS, LEAST_ABOVE), (4.0, 0.20))

    @given(st.lists(st.floats(50, 70), min_size=4, max_size=12), st.integers(0, 11), st.sampled_from([2.5, 10, 100]))
    def test_a_slip_anywhere_is_found_and_nothing_else(self, kilograms: list[float], at: int, times: float) -> None:
        found = sets(*map(str, kilograms))
        at %= len(found)
        found[at] = replace(found[at], kg=found[at].kg * times)
        self.assertIn(found[at].id, odd(found))
