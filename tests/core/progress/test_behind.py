from datetime import date, timedelta
from unittest import TestCase

from upright_anvil.core.progress.behind import Trouble, behind
from upright_anvil.core.progress.standing_still import standing_still
from upright_anvil.core.strength.standing import Slope, Strength

TODAY = date(2026, 3, 30)


def lift(name: str, week: float, error: float = 0.002, days: int = 35) -> tuple[str, Strength]:
    slope = Slope(week, error, days)
    return name, Strength(name.lower(), 80, 76, 84, 0.02, 0, -0.01, 0.01, 9, TODAY, (), slope, slope)


class BehindTest(TestCase):
    def test_who_falls_behind(self) -> None:
        for held, planned, noticed in [
            (9, 9, False), (7, 9, False), (6, 9, True), (0, 9, True), (0, 1, False), (1, 3, True), (0, 0, False),
            (5, 6, False),
        ]:  # fmt: skip
            with self.subTest(held=held, planned=planned):
                self.assertEqual(behind(held, planned, TODAY - timedelta(days=9), TODAY) is not None, noticed)

    def test_it_says_when_the_client_came_last(self) -> None:
        for last, said in [
            (TODAY - timedelta(days=9), "2 of 6 sessions in three weeks, last on 21 Mar."),
            (TODAY, "2 of 6 sessions in three weeks, back today."),
            (None, "2 of 6 sessions in three weeks, never yet."),
        ]:
            with self.subTest(said):
                found = behind(2, 6, last, TODAY)
                self.assertEqual(found and found.text, said)

    def test_what_stands_still(self) -> None:
        for story, lifts, trouble, about in [
            ("all rise", [lift("Squat", 0.009), lift("Bench", 0.005)], None, ""),
            ("one stands", [lift("Squat", 0.009), lift("Bench", 0.0)], Trouble.STALLED, "bench"),
            ("one falls", [lift("Squat", -0.005), lift("Bench", 0.0)], Trouble.FALLING, "squat"),
            ("not sure", [lift("Squat", 0.0, 0.01)], None, ""),
            ("known just well enough", [lift("Squat", 0.0023, 0.0036)], Trouble.STALLED, "squat"),
            ("known just too little", [lift("Squat", 0.0, 0.0037)], None, ""),
            ("just a useful gain", [lift("Squat", 0.004, 0.002)], None, ""),
            ("just too little of one", [lift("Squat", 0.0039, 0.002)], Trouble.STALLED, "squat"),
            ("too short to say", [lift("Squat", 0.0, days=12)], None, ""),
            ("nothing known", [], None, ""),
        ]:
            with self.subTest(story):
                found = standing_still(lifts)
                self.assertEqual((found and found.trouble, found.exercise if found else ""), (trouble, about))

    def test_the_line_of_evidence(self) -> None:
        found = standing_still([lift("Bench", 0.0)])
        self.assertEqual(found and found.text, "Bench: +0.0 % a week over 5 weeks, +0.2 % at best.")
