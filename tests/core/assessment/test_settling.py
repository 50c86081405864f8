from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.assessment.settling import SETTLE_SECONDS, SETTLE_SPAN_KG, Reading, settled


def still(kg: float, seconds: float = 2.0) -> list[Reading]:
    return [Reading(n / 10, kg) for n in range(int(seconds * 10) + 1)]


class SettlingTest(TestCase):
    def test_a_still_figure_settles(self) -> None:
        self.assertEqual(settled(still(72.4)), Decimal("72.4"))

    def test_what_moves_is_too_short_or_nobody_does_not(self) -> None:
        for story, readings in [
            ("nothing read", []),
            ("too short", still(72.4, 1.0)),
            ("an empty scale", still(0.0)),
            ("a bag", still(12.0)),
            ("still swinging", [Reading(n / 10, 72 + (n % 2) * 0.4) for n in range(30)]),
            ("too few readings", [Reading(0, 72.4), Reading(1, 72.4), Reading(2, 72.4)]),
        ]:
            with self.subTest(story):
                self.assertIsNone(settled(readings))

    @given(st.lists(st.floats(20, 200), min_size=1, max_size=60))
    def test_a_settled_weight_lies_within_its_last_readings(self, figures: list[float]) -> None:
        readings = [Reading(n / 10, kg) for n, kg in enumerate(figures)]
        weight = settled(readings)
        if weight is not None:
            last = [r.kg for r in readings if r.seconds >= readings[-1].seconds - SETTLE_SECONDS]
            self.assertLessEqual(max(last) - min(last), SETTLE_SPAN_KG)
            self.assertTrue(min(last) - 0.051 <= float(weight) <= max(last) + 0.051)
