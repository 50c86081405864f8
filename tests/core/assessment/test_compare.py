from datetime import date, timedelta
from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.assessment.compare import ChangeVerdict, Way, compare
from upright_anvil.core.assessment.due import due_again
from upright_anvil.core.assessment.items import Better, TestItem, TestKind
from upright_anvil.core.assessment.results import TestResult

TODAY = date(2026, 3, 4)
VARIANTS = ("wall", "knees", "full")


def item(kind: TestKind, better: Better, error: str, share: bool = False) -> TestItem:
    variants = VARIANTS if kind is TestKind.REPS else ()
    return TestItem(
        "t", "T", kind, "", better, Decimal(error), Decimal(0), Decimal(1000), error_is_share=share, variants=variants
    )


REPS = item(TestKind.REPS, Better.MORE, "2")
RUN = item(TestKind.TIME_OVER_DISTANCE, Better.LESS, "0.05", share=True)
WAIST = item(TestKind.GIRTH, Better.NEITHER, "1")


def at(value: str, variant: str = "full") -> TestResult:
    return TestResult("result-1", "t", TODAY, Decimal(value), variant=variant)


class CompareTest(TestCase):
    def test_small_stories(self) -> None:
        for story, tested, before, after, verdict, way in [
            ("two more push-ups may be chance", REPS, "10", "12", ChangeVerdict.WITHIN, Way.BETTER),
            ("three more are more than the error", REPS, "10", "13", ChangeVerdict.MORE, Way.BETTER),
            ("six more are beyond chance", REPS, "10", "16", ChangeVerdict.CLEAR, Way.BETTER),
            ("four fewer", REPS, "14", "10", ChangeVerdict.MORE, Way.WORSE),
            ("the same again", REPS, "14", "14", ChangeVerdict.WITHIN, Way.SAME),
            ("a faster run is better", RUN, "400", "370", ChangeVerdict.MORE, Way.BETTER),
            ("much slower", RUN, "400", "480", ChangeVerdict.CLEAR, Way.WORSE),
            ("a girth has no better", WAIST, "80", "76", ChangeVerdict.CLEAR, Way.OTHER),
            ("from nothing to something", REPS, "0", "3", ChangeVerdict.MORE, Way.BETTER),
        ]:
            with self.subTest(story):
                change = compare(tested, at(before), at(after))
                assert change
                self.assertEqual((change.verdict, change.way), (verdict, way))

    def test_the_error_of_a_share_is_in_the_tests_unit(self) -> None:
        change = compare(RUN, at("400"), at("370"))
        assert change
        self.assertEqual((change.error, change.share), (Decimal(20), Decimal("-0.075")))
        self.assertIn("typical error of 20 s", change.words)

    def test_another_variant_is_progress_by_its_place_on_the_list(self) -> None:
        harder, easier = compare(REPS, at("20", "knees"), at("6")), compare(REPS, at("6"), at("20", "knees"))
        assert harder and easier
        self.assertEqual((harder.verdict, harder.way), (ChangeVerdict.OTHER_VARIANT, Way.BETTER))
        self.assertEqual(easier.way, Way.WORSE)
        self.assertEqual(harder.words, "Harder variant: knees before, full now.")

    def test_without_a_figure_there_is_nothing_to_compare(self) -> None:
        self.assertIsNone(compare(REPS, TestResult("result-1", "t", TODAY), at("4")))

    @given(st.integers(1, 500), st.integers(1, 500))
    def test_there_and_back_are_opposite(self, one: int, two: int) -> None:
        there, back = compare(REPS, at(str(one)), at(str(two))), compare(REPS, at(str(two)), at(str(one)))
        assert there and back
        self.assertEqual(there.difference, -back.difference)
        self.assertEqual(there.verdict, back.verdict)
        self.assertEqual({there.way, back.way}, {Way.SAME} if one == two else {Way.BETTER, Way.WORSE})


class DueTest(TestCase):
    def test_due_again_and_shown_a_week_before(self) -> None:
        for days_ago, late, shown in [(56, 0, True), (60, 4, True), (49, -7, True), (48, -8, False)]:
            due = due_again(TODAY - timedelta(days=days_ago), 8, TODAY)
            self.assertEqual((due.late, due.shown), (late, shown))
