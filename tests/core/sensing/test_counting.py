from itertools import pairwise
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.errors import DomainError
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.sensing.counting import Measured, measured
from upright_anvil.core.sensing.live import MOST_SAMPLES, LiveCount
from upright_anvil.core.sensing.strokes import Sample, smoothed, strokes
from upright_anvil.core.sensing.tempo_kept import tempo_sentences
from upright_anvil.simulators.rep_sensor import Moves, SimulatedRepSensor


def path(*turns: tuple[float, float]) -> list[Sample]:
    """A load that goes in straight lines from turn to turn: (seconds, cm), fifty samples a second."""
    found = [Sample(0.0, turns[0][1])]
    for (begun, low), (ended, high) in pairwise(turns):
        count = round((ended - begun) * 50)
        found += [Sample(begun + n / 50, low + (high - low) * n / count) for n in range(1, count + 1)]
    return found


def reps(count: int, down: float = 2.0, up: float = 1.0, cm: float = 50.0) -> list[Sample]:
    turns = [(0.0, 100.0), (1.0, 100.0)]
    for _ in range(count):
        at = turns[-1][0]
        turns += [(at + down, 100.0 - cm), (at + down + up, 100.0)]
    return path(*turns, (turns[-1][0] + 1, 100.0))


class CountingTest(TestCase):
    def test_full_repetitions(self) -> None:
        for count in (0, 1, 5, 12):
            with self.subTest(count):
                self.assertEqual(measured(reps(count)).reps, count)

    def test_phases_range_and_mean_tempo(self) -> None:
        found = measured(reps(4, down=3.0, up=1.0))
        assert found.mean_tempo
        self.assertAlmostEqual(found.mean_tempo[0], 3.0, delta=0.35)
        self.assertAlmostEqual(found.mean_tempo[2], 1.0, delta=0.3)
        self.assertAlmostEqual(found.range_cm, 50, delta=3)

    def test_pauses_at_the_turns_are_not_part_of_the_way(self) -> None:
        turns = [(0, 100), (2, 50), (3.5, 50), (4.5, 100), (6.5, 50), (8, 50), (9, 100), (10, 100)]
        found = measured(path(*turns))
        self.assertEqual(found.reps, 2)
        for rep in found.each:
            self.assertAlmostEqual(rep.lowering, 2.0, delta=0.35)
            self.assertAlmostEqual(rep.bottom, 1.5, delta=0.35)
            self.assertAlmostEqual(rep.lifting, 1.0, delta=0.3)

    def test_a_hand_that_starts_and_ends_softly_is_timed_as_well(self) -> None:
        sensor = SimulatedRepSensor(Moves(6, phases=(3.0, 1.0, 1.0, 0.0), pausing=0, slowing=0), seed=2)
        mean = measured(list(sensor.samples())).mean_tempo
        assert mean
        for seen, asked in zip(mean[:3], (3.0, 1.0, 1.0), strict=True):
            self.assertAlmostEqual(seen, asked, delta=0.45)

    def test_a_half_repetition_is_told_apart(self) -> None:
        samples = path((0, 100), (2, 50), (3, 100), (5, 50), (6, 100), (7, 78), (8, 100), (10, 50), (11, 100))
        found = measured(samples)
        self.assertEqual((found.reps, found.partial), (3, 1))

    def test_taking_the_load_and_putting_it_away_is_no_repetition(self) -> None:
        samples = path((0, 92), (1, 100), (2, 50), (3, 100), (5, 50), (6, 100), (7, 93))
        self.assertEqual(measured(samples).reps, 2)
        self.assertEqual(measured(path((0, 100), (1, 92), (2, 100))).reps, 0)

    def test_a_move_that_begins_with_the_lift(self) -> None:
        samples = path((0, 20), (1, 70), (3, 20), (4, 70), (6, 20), (7, 70), (9, 20))
        self.assertEqual(measured(samples).reps, 3)

    def test_the_slow_down_within_the_set(self) -> None:
        samples = path((0, 100), (2, 50), (3, 100), (5, 50), (6, 100), (8, 50), (10, 100))
        slow = measured(samples).slow_down
        assert slow is not None
        self.assertAlmostEqual(slow, 0.5, delta=0.08)
        self.assertIsNone(measured(reps(1)).slow_down)

    def test_a_crackle_is_no_movement(self) -> None:
        samples = reps(3)
        samples[90] = Sample(samples[90].at, samples[90].cm + 40)
        self.assertEqual(measured(samples).reps, 3)

    @given(st.integers(1, 15), st.floats(1.0, 4.0), st.floats(0.5, 2.0), st.floats(20, 80))
    def test_any_steady_set_is_counted_right(self, count: int, down: float, up: float, cm: float) -> None:
        self.assertEqual(measured(reps(count, round(down, 2), round(up, 2), cm)).reps, count)

    def test_nothing_and_stillness_count_nothing(self) -> None:
        for samples in ([], [Sample(0, 50)], path((0, 50), (5, 50))):
            self.assertEqual(measured(samples), Measured(0, 0, 0.0, (), None))
        self.assertEqual(strokes(smoothed([])), ())


class LiveTest(TestCase):
    def test_the_count_grows_while_the_set_goes_on(self) -> None:
        live = LiveCount()
        seen = []
        for sample in reps(3):
            live.add(sample)
            seen.append(live.so_far().reps if sample.at % 1 == 0 else 0)
        self.assertEqual(live.so_far().reps, 3)
        self.assertIn(1, seen)

    def test_samples_out_of_order_and_without_end_are_refused(self) -> None:
        live = LiveCount()
        live.add(Sample(1.0, 0))
        with self.assertRaisesRegex(DomainError, "in the order"):
            live.add(Sample(0.5, 0))
        full = LiveCount()
        full._samples = [Sample(0, 0)] * MOST_SAMPLES
        with self.assertRaisesRegex(DomainError, "quarter of an hour"):
            full.add(Sample(1, 0))


class SentencesTest(TestCase):
    def test_what_is_said_against_the_tempo(self) -> None:
        said = tempo_sentences(measured(reps(4, down=2.0)), Tempo(4, 0, 1, 0))
        self.assertEqual(said[0], "Measured 4 full reps, range 48 cm.")
        self.assertRegex(said[2], r"Lowered in \d\.\d s, 4 s asked: faster\.")

    def test_a_kept_tempo_says_nothing_of_it(self) -> None:
        self.assertEqual(len(tempo_sentences(measured(reps(1, down=3.0)), Tempo(3, 0, 1, 0))), 2)

    def test_one_repetition_and_none(self) -> None:
        self.assertTrue(tempo_sentences(measured(reps(1)), None)[0].startswith("Measured 1 full rep,"))
        self.assertEqual(tempo_sentences(measured([]), None), ("No full repetition was seen.",))

    def test_a_slow_down_worth_saying(self) -> None:
        samples = path((0, 100), (2, 50), (3, 100), (5, 50), (6, 100), (8, 50), (10, 100))
        self.assertRegex(tempo_sentences(measured(samples), None)[-1], r"The last lift was \d+ % slower")
