from dataclasses import replace
from datetime import date, timedelta
from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.assessment.items import Better, TestItem, TestKind
from upright_anvil.core.assessment.results import TestResult, check_result, figure, standing_results
from upright_anvil.core.body.joints import Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, Unit

TODAY = date(2026, 3, 4)


def item(kind: TestKind = TestKind.REPS, **more: object) -> TestItem:
    fields: dict[str, object] = {"low": Decimal(0), "high": Decimal(100), "typical_error": Decimal(2)}
    return TestItem("t", "Push-ups", kind, "Chest down", Better.MORE, **(fields | more))  # type: ignore[arg-type]


def result(value: str | None = "12", **more: object) -> TestResult:
    return TestResult("result-1", "t", TODAY, Decimal(value) if value is not None else None, **more)  # type: ignore[arg-type]


def check(tested: TestItem, measured: TestResult, clear: bool = True) -> str | None:
    return check_result(tested, measured, TODAY, clear_for_single=clear)


class CheckTest(TestCase):
    def test_plain_results_pass(self) -> None:
        load = item(TestKind.LOAD_REPS, high=Decimal(300))
        for tested, measured in [
            (item(), result("0")),
            (item(TestKind.HOLD), result("48.5")),
            (item(TestKind.RANGE, low=Decimal(-40)), result("-12")),
            (item(TestKind.GRADE, high=Decimal(3)), result("3")),
            (item(TestKind.BODY_WEIGHT, low=Decimal(30)), result(None, load=Load.of(150, "lb"))),
            (item(sides=True), result(side=Side.LEFT)),
            (item(variants=("knees", "full")), result(variant="full")),
            (load, result("6", load=Load.of(60, Unit.KG), reserve=2)),
            (load, result("1", load=Load.of(60, Unit.KG), reserve=2)),
        ]:
            with self.subTest(kind=tested.kind):
                self.assertIsNone(check(tested, measured))

    def test_what_cannot_be_is_refused_with_a_sentence(self) -> None:
        load = item(TestKind.LOAD_REPS)
        for tested, measured, words in [
            (item(), result("-1"), "cannot be -1"),
            (item(), result("7.5"), "whole numbers"),
            (item(), result("1001"), "more than anybody counts"),
            (item(), result(None), "needs a figure"),
            (item(), result("NaN"), "needs a figure"),
            (item(), replace(result(), on=TODAY + timedelta(days=1)), "has not come yet"),
            (item(sides=True), result(), "Say which side"),
            (item(sides=True), result(side=Side.BOTH), "Say which side"),
            (item(), result(side=Side.LEFT), "has no sides"),
            (item(variants=("knees", "full")), result(variant="one hand"), "Say which variant"),
            (item(), result(grade=4), "A grade is 0 to 3"),
            (item(TestKind.GRADE), result("4"), "A grade is 0 to 3"),
            (item(TestKind.HOLD), result("-3"), "must be 0 or more"),
            (item(TestKind.BODY_WEIGHT), result(None), "Say the weight"),
            (item(TestKind.BODY_WEIGHT), result(None, load=Load.of(0, Unit.KG)), "Say the weight"),
            (load, result("6"), "Say the weight"),
            (load, result("0", load=Load.of(60, Unit.KG)), "1 to 20 reps"),
            (load, result("21", load=Load.of(60, Unit.KG)), "1 to 20 reps"),
        ]:
            with self.subTest(words=words, kind=tested.kind), self.assertRaisesRegex(DomainError, words):
                check(tested, measured)

    def test_a_single_is_chosen_and_needs_a_clear_screen(self) -> None:
        load = item(TestKind.LOAD_REPS, high=Decimal(300))
        single = result("1", load=Load.of(100, Unit.KG), reserve=0)
        with self.assertRaisesRegex(DomainError, "estimated, not lifted"):
            check(load, single)
        with self.assertRaisesRegex(DomainError, "health screen is clear"):
            check(load, replace(single, single=True), clear=False)
        self.assertIsNone(check(load, replace(single, single=True)))
        with self.assertRaisesRegex(DomainError, "estimated, not lifted"):
            check(load, replace(single, reserve=None))

    def test_the_implausible_is_asked_about_and_kept_if_confirmed(self) -> None:
        far = result("140")
        self.assertEqual(check(item(), far), "Push-ups: 140 reps is outside 0 to 100. Is that right?")
        self.assertIsNone(check(item(), replace(far, confirmed=True)))

    @given(st.decimals(allow_nan=True, allow_infinity=True), st.sampled_from(TestKind))
    def test_any_figure_is_taken_asked_about_or_refused(self, value: Decimal, kind: TestKind) -> None:
        measured = TestResult("result-1", "t", TODAY, value, load=Load.of(50, Unit.KG))
        try:
            check(item(kind), measured)
        except DomainError as refusal:
            self.assertRegex(str(refusal), r"\.$")


class FigureTest(TestCase):
    def test_a_load_becomes_its_estimated_maximum_in_kilograms(self) -> None:
        load = item(TestKind.LOAD_REPS)
        self.assertEqual(figure(load, result("8", load=Load.of(60, Unit.KG), reserve=2)), Decimal("80.0"))
        pounds = figure(load, result("8", load=Load.of("132.28", "lb"), reserve=2))
        self.assertEqual(pounds, Decimal("80.0"))
        self.assertIsNone(figure(load, result("20", load=Load.of(60, Unit.KG), reserve=5)))

    def test_body_weight_is_compared_in_kilograms(self) -> None:
        weighed = figure(item(TestKind.BODY_WEIGHT), result(None, load=Load.of(200, "lb")))
        self.assertEqual(weighed, Decimal(200) * Decimal("0.45359237"))


class StandingTest(TestCase):
    def test_the_last_row_of_a_slot_stands_and_the_earlier_are_kept(self) -> None:
        rows = [
            replace(result("140"), id="first", round_id="round"),
            replace(result("14"), id="second", round_id="round", replaces="first"),
            replace(result("9"), id="left", side=Side.LEFT, round_id="round"),
            replace(result("20"), id="other", round_id="another"),
        ]
        standing = standing_results(rows)
        self.assertEqual(len(standing), 3)
        kept = standing["round", "t", None, None]
        self.assertEqual((kept.result.id, [r.id for r in kept.earlier]), ("second", ["first"]))

    def test_without_a_round_a_day_is_a_slot(self) -> None:
        rows = [result("70"), replace(result("71"), on=TODAY - timedelta(days=1))]
        self.assertEqual(len(standing_results(rows)), 2)
