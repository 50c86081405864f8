"""A report's span and the sentences it begins with."""

from datetime import timedelta
from decimal import Decimal
from unittest import TestCase

from tests.support import TODAY
from upright_anvil.core.errors import DomainError
from upright_anvil.core.report import (
    ReportLift,
    ReportTest,
    ReportWeek,
    check_span,
    day_words,
    strength_words,
    test_words,
    work_words,
)


def lift(name: str, change: float, *, clear: bool) -> ReportLift:
    return ReportLift(name, Decimal(80), Decimal(88), change, clear, ())


class ReportWordsTest(TestCase):
    def test_a_span_that_is_none_is_refused(self) -> None:
        check_span(TODAY - timedelta(days=30), TODAY, TODAY)
        for start, until in (
            (TODAY, TODAY),
            (TODAY, TODAY - timedelta(days=1)),
            (TODAY, TODAY + timedelta(days=1)),
            (TODAY - timedelta(days=3000), TODAY),
        ):
            with self.assertRaises(DomainError):
                check_span(start, until, TODAY)

    def test_what_was_done(self) -> None:
        weeks = (ReportWeek(TODAY, 3, 2, 40, 31), ReportWeek(TODAY, 3, 3, 40, 40))
        self.assertEqual(work_words(weeks), "5 sessions of 6 planned, and 71 hard sets of 80.")
        self.assertEqual(work_words((ReportWeek(TODAY, 0, 1, 0, 9),)), "1 session, and 9 hard sets.")
        self.assertEqual(work_words(()), "")

    def test_only_what_exceeds_the_error_is_told_as_change(self) -> None:
        said = strength_words((lift("Squat", 10, clear=True), lift("Row", 2, clear=False)), "kg")
        self.assertEqual(
            said, "Squat: about 80 to about 88 kg (+10 %). 1 lift changed less than a good or a bad day does."
        )
        self.assertEqual(strength_words((), "kg"), "")

    def test_tests_in_their_own_words_the_better_first(self) -> None:
        worse = ReportTest("Plank", "s", TODAY, Decimal(60), TODAY, Decimal(50), better=False, words="Within.")
        better = ReportTest("Push-ups", "reps", TODAY, Decimal(10), TODAY, Decimal(15), better=True, words="Clearly.")
        self.assertEqual(test_words((worse, better)), "Push-ups: 10 to 15 reps. Clearly. Plank: 60 to 50 s. Within.")
        self.assertEqual(day_words(TODAY), "4 March 2026")
