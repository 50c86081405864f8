from dataclasses import replace
from datetime import date
from unittest import TestCase

from upright_anvil.core.health.readiness import ReadinessGrade
from upright_anvil.core.progression.easier_week import easier_week
from upright_anvil.core.strength.standing import Slope, Strength

GOOD, MIDDLING, POOR = ReadinessGrade.GOOD, ReadinessGrade.MIDDLING, ReadinessGrade.POOR


def lift(name: str, week: float, error: float = 0.004) -> tuple[str, Strength]:
    lately = Slope(week, error, 20)
    return name, Strength("e", 80, 76, 84, 0.02, 0.001, -0.005, 0.007, 8, date(2026, 3, 2), (), lately)


SQUAT, BENCH, ROW = lift("Back squat", -0.008), lift("Bench press", -0.006), lift("Row", 0.004)
NEW = "Bench press", replace(BENCH[1], lately=None)


class EasierWeekTest(TestCase):
    def test_stories(self) -> None:
        for story, lifts, readiness, built, expected in [
            ("two falling on low days", [SQUAT, BENCH, ROW], [GOOD, POOR, MIDDLING], 3, "due"),
            ("one falling only", [SQUAT, ROW], [POOR, POOR, POOR], 3, None),
            ("falling, but the days were good", [SQUAT, BENCH], [POOR, GOOD, GOOD, MIDDLING], 3, None),
            ("nobody was asked how the days were", [SQUAT, BENCH], [], 3, None),
            ("too few sessions to say", [SQUAT, NEW], [POOR, POOR], 3, None),
            ("a wobble is no fall", [SQUAT, lift("Bench press", -0.002)], [POOR, POOR], 3, None),
            ("six weeks built", [ROW], [GOOD], 6, "earned"),
            ("five weeks built", [ROW], [GOOD], 5, None),
            ("due comes before earned", [SQUAT, BENCH], [POOR, POOR], 8, "due"),
        ]:
            with self.subTest(story):
                found = easier_week(lifts, readiness, built)
                self.assertEqual(found and found.kind, expected)

    def test_it_says_what_it_saw(self) -> None:
        found = easier_week([SQUAT, BENCH], [POOR, GOOD, MIDDLING], 2)
        assert found
        self.assertEqual(
            found.why,
            "Back squat and Bench press are falling, and 2 of the last 3 days were low: an easier week first.",
        )
