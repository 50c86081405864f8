from decimal import Decimal
from unittest import TestCase

import numpy as np

from upright_anvil.core.strength.layoff import FALLS_ON, STEP_BACK, lost, step_back


class LayoffTest(TestCase):
    def test_steps_back_by_the_table_and_evenly_between(self) -> None:
        for days, share in ((0, "0"), (9, "0"), (10, "0"), (11, "0.01"), (12, "0.02"), (13, "0.03"), (14, "0.04"),
                            (15, "0.04857"), (20, "0.09143"), (21, "0.10"), (22, "0.10476"), (41, "0.19524"),
                            (42, "0.20"), (43, "0.20"), (400, "0.20")):  # fmt: skip
            self.assertEqual(round(step_back(days), 5), Decimal(share), days)
        self.assertEqual(STEP_BACK[-1], (42, Decimal("0.20")))

    def test_strength_holds_two_weeks_and_then_falls_as_the_step_back_does(self) -> None:
        self.assertEqual([float(lost(np.asarray(days))) for days in (0, 13, 14)], [0, 0, 0])
        self.assertGreater(float(lost(np.asarray(15))), 0)
        for days in range(21, 43):
            self.assertAlmostEqual(float(lost(np.asarray(days))), float(step_back(days)), places=6)
        falls = [float(lost(np.asarray(days))) for days in range(0, 1500, 5)]
        self.assertEqual(falls, sorted(falls))
        self.assertEqual(falls[-1], FALLS_ON[-1][1])
