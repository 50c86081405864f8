from datetime import date
from unittest import TestCase

from tests.core.checks.plans import SETTING, WHO, plan
from upright_anvil.core.checks.study import study_week
from upright_anvil.core.missed_session import WayOut, ways_out

LEGS = ("leg-press: 6 x 10",)
PUSH = ("bench-press: 6 x 8",)
WEEK = plan((0, LEGS), (2, PUSH), (4, LEGS))
TUESDAY = date(2026, 1, 6)


def found(today: date = TUESDAY) -> dict[str, WayOut]:
    week = study_week(WEEK, WHO, "w1")
    assert week
    held = [day.on for day in week.days if day.day.id != "d0"]
    return {way.label: way for way in ways_out(week, "d0", held, today, SETTING)}


class WaysOutTest(TestCase):
    def test_a_missed_day_is_moved_merged_or_dropped(self) -> None:
        ways = found()
        self.assertIn("Move it to Tuesday", ways)
        self.assertNotIn("Move it to Monday", ways)
        self.assertNotIn("Move it to Wednesday", ways, "that day is taken")
        self.assertIn("Merge it into Day 2", ways)
        self.assertIn("Drop it", ways)

    def test_each_says_what_it_does_to_recovery_and_sets(self) -> None:
        ways = found()
        self.assertEqual(ways["Move it to Tuesday"].consequences, ("recovery kept",))
        self.assertIn("worked hard again within 2 days", ways["Move it to Thursday"].consequences[0])
        self.assertRegex(ways["Merge it into Day 2"].consequences[0], r"then takes about \d+ min")
        self.assertIn("both days' sets at once", ways["Merge it into Day 3"].consequences[1])
        self.assertEqual(ways["Drop it"].consequences[0], "6 hard sets fewer this week")

    def test_the_best_comes_first_and_the_past_is_not_offered(self) -> None:
        self.assertEqual(next(iter(found())), "Move it to Tuesday")
        self.assertEqual(list(found(date(2026, 1, 12))), ["Drop it"])
