from unittest import TestCase

from upright_anvil.core.assessment.settling import settled
from upright_anvil.core.loads.load import Unit
from upright_anvil.services.assessment.weighing import read_scale
from upright_anvil.simulators.scale import SimulatedScale


class SimulatedScaleTest(TestCase):
    def test_two_hundred_people_settle_on_their_weight_within_eight_seconds(self) -> None:
        for seed in range(200):
            true_kg = 45 + seed * 0.5
            with self.subTest(true_kg=true_kg):
                shown = list(read_scale(SimulatedScale(true_kg, seed), Unit.KG))
                weight = shown[-1].settled
                assert weight
                self.assertLessEqual(abs(float(weight.kg) - true_kg), 0.15)
                self.assertTrue(all(s.settled is None for s in shown[:-1]))

    def test_the_same_seed_gives_the_same_readings(self) -> None:
        one, two = (list(SimulatedScale(70, 3).readings()) for _ in range(2))
        self.assertEqual(one, two)
        self.assertNotEqual(one, list(SimulatedScale(70, 4).readings()))

    def test_it_swings_before_it_settles(self) -> None:
        readings = list(SimulatedScale(80, 1).readings())
        self.assertIsNone(settled(readings[:12]))
        self.assertGreater(max(r.kg for r in readings) - 80, 0.5)

    def test_pounds_are_shown_in_pounds(self) -> None:
        shown = list(read_scale(SimulatedScale(90, 2), Unit.LB))[-1]
        assert shown.settled
        self.assertEqual(shown.settled.unit, Unit.LB)
        self.assertAlmostEqual(float(shown.settled.kg), 90, delta=0.2)
