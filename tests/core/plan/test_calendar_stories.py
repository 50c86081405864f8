"""A missed session in small stories: which way out a good trainer would take."""

from datetime import date, timedelta
from unittest import TestCase

from tests.core.checks.plans import SETTING, WHO, DayPlan, plan
from upright_anvil.core.checks.study import study_week
from upright_anvil.core.missed_session import WayOut, ways_out
from upright_anvil.core.plan.edits.calendar import MoveSession

MONDAY = date(2026, 1, 5)
LEGS = ("leg-press: 6 x 10",)
PUSH = ("bench-press: 6 x 8",)
EASY = ("plank: 2 x 30 s",)


def out(days: list[DayPlan], missed: str, today: int) -> list[WayOut]:
    program = plan(*days)
    week = study_week(program, WHO, "w1")
    assert week
    held = [day.on for day in week.days if day.day.id != missed]
    return list(ways_out(week, missed, held, MONDAY + timedelta(days=today), SETTING))


class StoriesTest(TestCase):
    def test_the_first_way_out(self) -> None:
        for story, days, missed, today, expected in [
            (
                "legs missed on Monday, push on Tuesday: Wednesday",
                [(0, LEGS), (1, PUSH)],
                "d0",
                1,
                "Move it to Wednesday",
            ),
            ("legs missed, legs again on Thursday: Tuesday", [(0, LEGS), (3, LEGS)], "d0", 1, "Move it to Tuesday"),
            ("nothing in the way: tomorrow", [(0, PUSH), (3, LEGS)], "d0", 1, "Move it to Tuesday"),
            ("the last day missed on Sunday evening: dropped", [(0, LEGS), (6, EASY)], "d1", 7, "Drop it"),
        ]:
            with self.subTest(story):
                self.assertEqual(out(days, missed, today)[0].label, expected)  # type: ignore[arg-type]

    def test_two_hard_days_beside_each_other_are_said(self) -> None:
        ways = {way.label: way for way in out([(0, LEGS), (3, LEGS)], "d0", 1)}
        self.assertEqual(ways["Move it to Wednesday"].clashes, 2)
        self.assertIn("glutes, quadriceps worked hard again", ways["Move it to Wednesday"].consequences[0])
        self.assertEqual(ways["Move it to Tuesday"].clashes, 0)

    def test_what_a_way_out_does_is_an_edit(self) -> None:
        for way in out([(0, LEGS), (2, PUSH)], "d0", 0):
            with self.subTest(way.label):
                self.assertIsInstance(way.edit, MoveSession)
                self.assertEqual((way.edit.week, way.edit.day), ("w1", "d0"))
                self.assertEqual(way.edit.to is not None, way.label.startswith("Move"))
                self.assertEqual(bool(way.edit.into), way.label.startswith("Merge"))

    def test_dropping_says_what_is_lost(self) -> None:
        drop = out([(0, [*LEGS, *PUSH]), (3, EASY)], "d0", 0)[-1]
        self.assertEqual(drop.lost, 12)
        self.assertEqual(drop.consequences[0], "12 hard sets fewer this week")
        self.assertIn("quadriceps 6", drop.consequences[1])

    def test_a_session_that_is_no_more_has_no_way_out(self) -> None:
        self.assertEqual(out([(0, LEGS)], "gone", 0), [])
