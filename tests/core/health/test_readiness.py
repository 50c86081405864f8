from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.readiness import Pain, ReadinessGrade, Report, grade, said

STORIES = [
    ("all is well", Report(4, 4, 2, 2), ReadinessGrade.GOOD),
    ("an ordinary evening", Report(3, 4, 3, 2), ReadinessGrade.GOOD),
    ("slept five hours, a deadline", Report(2, 3, 4, 2), ReadinessGrade.MIDDLING),
    ("after nights on the ward", Report(2, 2, 4, 3), ReadinessGrade.POOR),
    ("fine but for legs that will not bend", Report(5, 5, 1, 5), ReadinessGrade.MIDDLING),
    ("fine but for no sleep at all", Report(1, 5, 1, 1), ReadinessGrade.MIDDLING),
    ("ill and wrung out", Report(1, 1, 5, 5), ReadinessGrade.POOR),
    ("energy said good, her own report low", Report(4, 4, 2, 3, cycle_energy=1), ReadinessGrade.MIDDLING),
    ("her own report higher than what is said", Report(4, 4, 2, 3, cycle_energy=5), ReadinessGrade.GOOD),
]
answers = st.integers(1, 5)


class ReadinessTest(TestCase):
    def test_stories(self) -> None:
        for story, report, wanted in STORIES:
            with self.subTest(story):
                self.assertIs(grade(report), wanted)

    def test_each_threshold_from_below_at_and_above(self) -> None:
        for report, points, wanted in [
            (Report(2, 2, 4, 3), 9, ReadinessGrade.POOR),
            (Report(2, 3, 4, 3), 10, ReadinessGrade.POOR),
            (Report(3, 3, 4, 3), 11, ReadinessGrade.MIDDLING),
            (Report(3, 3, 3, 2), 13, ReadinessGrade.MIDDLING),
            (Report(4, 3, 3, 2), 14, ReadinessGrade.GOOD),
            (Report(4, 4, 3, 2), 15, ReadinessGrade.GOOD),
            (Report(1, 5, 1, 1), 16, ReadinessGrade.MIDDLING),
            (Report(2, 5, 1, 1), 17, ReadinessGrade.GOOD),
            (Report(5, 5, 5, 1), 16, ReadinessGrade.MIDDLING),
            (Report(5, 5, 4, 1), 17, ReadinessGrade.GOOD),
        ]:  # fmt: skip
            with self.subTest(report):
                self.assertEqual((report.points, grade(report)), (points, wanted))

    @given(answers, answers, answers, answers)
    def test_a_better_answer_never_makes_a_worse_day(self, sleep: int, energy: int, stress: int, sore: int) -> None:
        order = [ReadinessGrade.POOR, ReadinessGrade.MIDDLING, ReadinessGrade.GOOD]
        now = order.index(grade(Report(sleep, energy, stress, sore)))
        better = Report(min(sleep + 1, 5), min(energy + 1, 5), max(stress - 1, 1), max(sore - 1, 1))
        self.assertGreaterEqual(order.index(grade(better)), now)

    def test_it_is_said_with_its_points_and_what_hurts(self) -> None:
        report = Report(2, 3, 4, 2, (Pain(Joint.KNEE, Side.LEFT), Pain(Joint.NECK)), cycle_energy=2)
        self.assertEqual(
            said(report),
            "Sleep 2, energy 3, cycle report 2, stress 4, soreness 2 of 5: 10 of 20 points; hurts: left knee, neck.",
        )
        self.assertEqual(Pain(Joint.SHOULDER, Side.BOTH).name, "both shoulders")

    def test_bad_answers_are_refused(self) -> None:
        for bad in (0, 6, -1):
            with self.subTest(bad), self.assertRaisesRegex(DomainError, "from 1 to 5"):
                Report(3, bad, 3, 3)
        with self.assertRaisesRegex(DomainError, "Say which knee"):
            Pain(Joint.KNEE)
        with self.assertRaisesRegex(DomainError, "no side to neck"):
            Pain(Joint.NECK, Side.LEFT)
