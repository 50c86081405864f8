from itertools import islice
from unittest import TestCase

from upright_anvil.core.sensing.counting import measured
from upright_anvil.simulators.heart_strap import SimulatedHeartStrap
from upright_anvil.simulators.rep_sensor import SAMPLES_A_SECOND, Moves, SimulatedRepSensor


class RepSensorTest(TestCase):
    def test_the_same_seed_moves_the_same(self) -> None:
        one, other = (list(SimulatedRepSensor(Moves(6), seed=3).samples()) for _ in range(2))
        self.assertEqual(one, other)
        self.assertNotEqual(one, list(SimulatedRepSensor(Moves(6), seed=4).samples()))

    def test_samples_come_fifty_a_second_in_order(self) -> None:
        samples = list(SimulatedRepSensor(Moves(3), seed=1).samples())
        times = [sample.at for sample in samples]
        self.assertEqual(times, sorted(times))
        self.assertAlmostEqual(times[-1], len(samples) / SAMPLES_A_SECOND, places=2)

    def test_what_it_does_is_counted_in_49_of_50_sets(self) -> None:
        right = 0
        for seed in range(50):
            sensor = SimulatedRepSensor(Moves(reps=1 + seed % 15, partial=0.1, pausing=0.2, noise_cm=1.2), seed)
            right += measured(list(sensor.samples())).reps == sensor.full
        self.assertGreaterEqual(right, 49)


class HeartStrapTest(TestCase):
    def test_the_heart_climbs_in_work_and_falls_in_rest(self) -> None:
        strap = SimulatedHeartStrap(seed=5)
        beats = strap.beats()
        calm = next(beats)
        strap.working(at_work=True)
        *_, worked = islice(beats, 60)
        strap.working(at_work=False)
        *_, rested = islice(beats, 90)
        self.assertGreater(worked, calm + 40)
        self.assertLess(rested, worked - 30)
        self.assertEqual(
            list(islice(SimulatedHeartStrap(5).beats(), 9)), list(islice(SimulatedHeartStrap(5).beats(), 9))
        )
