from dataclasses import replace
from unittest import TestCase

from tests.core.progression.story import strength
from upright_anvil.core.projection.scenario import (
    MISSED,
    WEAK_WEEK,
    Edge,
    Level,
    Scenario,
    level_of,
    longest,
    strongest,
    trained,
)
from upright_anvil.core.strength.standing import Slope

LEVEL = Level(100, 0.02, 0.004, 0.003)


class OutlookTest(TestCase):
    def test_the_last_weeks_turn_the_trend(self) -> None:
        steady = replace(strength(0.005), lately=None)
        self.assertEqual(level_of(steady).trend, 0.005)
        falling = level_of(replace(steady, lately=Slope(-0.01, 0.002, 30)))
        self.assertTrue(-0.01 < falling.trend < 0.005)
        unsure = level_of(replace(steady, lately=Slope(-0.01, 0.05, 30)))
        self.assertGreater(unsure.trend, falling.trend)
        self.assertEqual(falling.trend_error, level_of(steady).trend_error, "no surer than before")

    def test_outlooks_and_edges_in_their_order(self) -> None:
        for week in (1, 5, 10):
            well, lately, bad = (strongest(LEVEL, outlook, Edge.MID, week) for outlook in Scenario)
            self.assertTrue(bad <= lately < well)
            low, mid, high = (strongest(LEVEL, Scenario.LATELY, edge, week) for edge in Edge)
            self.assertTrue(low < mid < high)

    def test_as_lately_knows_less_the_further_ahead(self) -> None:
        def width(week: int) -> float:
            low, _, high = (strongest(LEVEL, Scenario.LATELY, edge, week) for edge in Edge)
            return high / low

        self.assertLess(width(0), width(8))

    def test_a_bad_patch_loses_two_weeks_and_is_weak_when_back(self) -> None:
        self.assertEqual([w for w in range(6) if not trained(Scenario.BAD, w)], sorted(MISSED))
        self.assertTrue(all(trained(outlook, w) for outlook in (Scenario.WELL, Scenario.LATELY) for w in range(6)))
        back = strongest(LEVEL, Scenario.BAD, Edge.MID, WEAK_WEEK)
        self.assertLess(back, strongest(LEVEL, Scenario.BAD, Edge.MID, WEAK_WEEK + 1) * 0.98)
        self.assertLess(longest(60, Scenario.BAD, Edge.MID, WEAK_WEEK), 60)

    def test_holds_grow_from_the_longest_of_late(self) -> None:
        self.assertGreater(longest(60, Scenario.WELL, Edge.MID, 4), longest(60, Scenario.LATELY, Edge.MID, 4))
        self.assertGreater(longest(60, Scenario.LATELY, Edge.HIGH, 4), longest(60, Scenario.LATELY, Edge.LOW, 4))
