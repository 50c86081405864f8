from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.strategies import prescriptions
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.timing.estimate import (
    TimedBlock,
    TimedLine,
    day_seconds,
    pace_factor,
    set_seconds,
)
from upright_anvil.core.timing.groups import line_seconds

SQUAT = Exercise("squat", "Squat", Pattern.SQUAT, ("quadriceps",), rep_seconds=4)


def timed(text: str, implement: ImplementKind = ImplementKind.BARBELL) -> TimedLine:
    return TimedLine(read(text, Unit.KG), SQUAT, implement)


class SetSecondsTest(TestCase):
    def test_reps_times_tempo_upper_end_of_a_range(self) -> None:
        for text, seconds in [
            ("3 x 8", 32),  # the exercise's own four seconds
            ("3 x 8-10", 40),
            ("3 x 8, tempo 3-1-X-0", 40),
            ("3 x 8 each side", 69),  # both sides and five seconds to change
            ("3 x 40 s", 40),
            ("3 x 40 s each side", 85),
        ]:
            with self.subTest(text=text):
                self.assertEqual(set_seconds(read(text, Unit.KG), SQUAT), seconds)


class DayTest(TestCase):
    def test_rest_stands_between_sets_never_after_the_last(self) -> None:
        self.assertEqual(line_seconds(timed("3 x 10, tempo 2-0-1-0, rest 60 s")), 3 * 30 + 2 * 60)
        self.assertEqual(line_seconds(timed("1 x 10, tempo 2-0-1-0, rest 60 s")), 30)

    def test_a_line_without_rest_takes_the_house_rest(self) -> None:
        self.assertEqual(line_seconds(timed("2 x 10, tempo 2-0-1-0")), 60 + 90)

    def test_a_change_of_implement_costs_more(self) -> None:
        bar, dumbbells = ImplementKind.BARBELL, ImplementKind.DUMBBELL
        first, second = TimedBlock(20, bar, bar), TimedBlock(20, bar, dumbbells)
        self.assertEqual(day_seconds([first, second]), 20 + 20 + 20)
        self.assertEqual(day_seconds([first, TimedBlock(20, dumbbells, bar)]), 20 + 60 + 20)
        self.assertEqual(day_seconds([first, second, first]), 20 + 20 + 20 + 60 + 20)
        self.assertEqual(day_seconds([]), 0)

    def test_pace_stretches_the_whole_day(self) -> None:
        self.assertEqual(day_seconds([TimedBlock(20, None, None)], pace=1.5), 30)

    @given(prescriptions)
    def test_more_sets_never_take_less_time(self, prescription: Prescription) -> None:
        one = Prescription(1, prescription.target, prescription.each_side, rest=prescription.rest)
        two = Prescription(2, prescription.target, prescription.each_side, rest=prescription.rest)
        self.assertGreater(line_seconds(TimedLine(two, SQUAT, None)), line_seconds(TimedLine(one, SQUAT, None)))


class PaceTest(TestCase):
    def test_is_one_before_three_sessions(self) -> None:
        self.assertEqual(pace_factor([(60, 40), (60, 40)]), 1.0)

    def test_is_the_median_of_the_last_ten(self) -> None:
        self.assertEqual(pace_factor([(50, 40), (44, 40), (60, 40)]), 1.25)
        self.assertEqual(pace_factor([(64, 40)] * 9 + [(44, 40)] * 10), 1.1)

    def test_is_kept_in_bounds(self) -> None:
        self.assertEqual(pace_factor([(400, 40)] * 3), 1.6)
        self.assertEqual(pace_factor([(4, 40)] * 3), 0.7)

    @given(st.lists(st.tuples(st.floats(-10, 1e5), st.floats(-10, 1e5)), max_size=15))
    def test_never_leaves_its_bounds(self, sessions: list[tuple[float, float]]) -> None:
        self.assertTrue(0.7 <= pace_factor(sessions) <= 1.6)
