from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.strategies import loads
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, Unit, in_unit, per_cent, plain


class LoadTest(TestCase):
    def test_a_pound_is_exactly_what_the_convention_says(self) -> None:
        self.assertEqual(Load.of(1, "lb").kg, Decimal("0.45359237"))

    def test_is_written_as_it_was_entered(self) -> None:
        for value, unit, text in [
            ("62.5", "kg", "62.5 kg"),
            ("62.50", "kg", "62.5 kg"),
            ("25", "lb", "25 lb"),
            ("100", "kg", "100 kg"),
            ("1E+2", "kg", "100 kg"),
            ("0", "kg", "0 kg"),
        ]:
            with self.subTest(value=value):
                self.assertEqual(str(Load.of(value, unit)), text)

    def test_refuses_what_is_not_a_load(self) -> None:
        for value in ["-1", "NaN", "Infinity", "1001", "heavy", ""]:
            with self.subTest(value=value), self.assertRaises(DomainError):
                Load.of(value, Unit.KG)

    def test_refuses_more_pounds_than_anybody_lifts(self) -> None:
        self.assertEqual(str(Load.of(2200, "lb")), "2200 lb")
        self.assertEqual(str(Load.of(1000, "kg")), "1000 kg")
        with self.assertRaisesRegex(DomainError, "at most 1000 kg"):
            Load.of(2300, "lb")

    def test_compares_across_units_by_mass_alone(self) -> None:
        self.assertTrue(Load.of("0.45359237", Unit.KG).same_as(Load.of(1, "lb")))
        self.assertFalse(Load.of("0.4536", Unit.KG).same_as(Load.of(1, "lb")))
        self.assertNotEqual(Load.of("0.45359237", Unit.KG), Load.of(1, "lb"))

    def test_says_how_big_a_step_is(self) -> None:
        self.assertEqual(Load.of(10, Unit.KG).step_to(Load.of(12, Unit.KG)), Decimal("0.2"))
        self.assertEqual(
            Load.of(60, Unit.KG).step_to(Load.of("57.5", Unit.KG)).quantize(Decimal("0.001")), Decimal("-0.042")
        )
        self.assertEqual(Load.of(0, Unit.KG).step_to(Load.of(1, Unit.KG)), Decimal("Infinity"))

    def test_kilograms_in_a_unit(self) -> None:
        self.assertEqual(in_unit(Load.of(10, Unit.LB).kg, Unit.LB), 10)
        self.assertEqual(in_unit(Load.of(10, Unit.KG).kg, Unit.KG), 10)

    def test_per_cent_has_one_digit_at_most(self) -> None:
        for share, text in [("0.2", "20 %"), ("0.04166", "4.2 %"), ("-0.05", "-5 %"), ("0", "0 %")]:
            with self.subTest(share=share):
                self.assertEqual(per_cent(Decimal(share)), text)

    @given(loads)
    def test_never_drifts_through_its_own_writing(self, load: Load) -> None:
        for _ in range(3):
            value, unit = str(load).split(" ")
            self.assertEqual(Load.of(value, unit), load)

    @given(st.decimals("0", "1000", places=3))
    def test_plain_loses_nothing(self, number: Decimal) -> None:
        self.assertEqual(Decimal(plain(number)), number)
        self.assertNotIn("E", plain(number))

    def test_unit_is_one_of_two(self) -> None:
        self.assertEqual([unit.value for unit in Unit], ["kg", "lb"])
