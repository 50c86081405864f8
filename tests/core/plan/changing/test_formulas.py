"""A row filled by what is typed in one of its cells."""

from decimal import Decimal
from unittest import TestCase

from hypothesis import given

from tests.core.strategies import prescriptions
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.changing.formulas import formula_in
from upright_anvil.core.plan.changing.paths import PathKind
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import write


class FormulaTest(TestCase):
    def test_steps(self) -> None:
        for typed, base, kind, step in [
            ("+2.5 each week", "", PathKind.LOAD, "2.5"),
            ("+2,5 kg a week", "", PathKind.LOAD, "2.5"),
            ("3 x 8, 60 kg, +2.5 each week", "3 x 8, 60 kg", PathKind.LOAD, "2.5"),
            ("3x8 60 +5lb/wk", "3x8 60", PathKind.LOAD, "5"),
            ("+1 rep every week", "", PathKind.REPS, "1"),
            ("-5 s rest each week", "", PathKind.REST, "-5"),
            ("+5 s each week", "", PathKind.SECONDS, "5"),
            ("+1 set per week", "", PathKind.SETS, "1"),
            ("-1 left each week", "", PathKind.RESERVE, "-1"),
            ("−2.5 each week", "", PathKind.LOAD, "-2.5"),
        ]:
            with self.subTest(typed):
                found = formula_in(typed)
                assert found
                self.assertEqual((found.base, found.path.kind, found.path.step), (base, kind, Decimal(step)))

    def test_waves_and_the_same(self) -> None:
        for typed, base, wave in [
            ("80 85 90 70 %", "", (80, 85, 90, 70)),
            ("3 x 5, 80 85 90 %", "3 x 5", (80, 85, 90)),
            ("5x3 77.5 80%", "5x3", (Decimal("77.5"), 80)),
        ]:
            with self.subTest(typed):
                found = formula_in(typed)
                assert found
                self.assertEqual((found.base, found.path.kind), (base, PathKind.WAVE))
                self.assertEqual(found.path.per_cents, wave)
        same = formula_in("3 x 8, 60 kg, same each week")
        assert same
        self.assertEqual((same.base, same.path.kind), ("3 x 8, 60 kg", PathKind.COPY))

    def test_a_step_is_added_in_the_unit_it_was_typed_in(self) -> None:
        for typed, load, step in [
            ("+5 lb each week", Load.of(60, Unit.KG), "2.27"),
            ("-5 lb each week", Load.of(60, Unit.KG), "-2.27"),
            ("+2.5 kg each week", Load.of(135, Unit.LB), "5.51"),
            ("+2.5 each week", Load.of(135, Unit.LB), "2.5"),
            ("+5 lb each week", None, "2.27"),
        ]:
            with self.subTest(typed):
                found = formula_in(typed)
                assert found
                self.assertEqual(found.path_for(load, Unit.KG).step, Decimal(step))

    def test_what_is_none(self) -> None:
        for text in ("3 x 8, 60 kg", "3 x 5, 80 %", "3 x 5, 70/80/90 %", "", "+2.5", "999 999 %", "last + 2.5 kg"):
            with self.subTest(text):
                self.assertIsNone(formula_in(text))

    @given(prescriptions)
    def test_no_prescription_is_taken_for_one(self, asked: Prescription) -> None:
        self.assertIsNone(formula_in(write(asked)))
