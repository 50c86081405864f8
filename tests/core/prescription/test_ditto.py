"""The same as above, with what is said anew."""

from unittest import TestCase

from hypothesis import given

from tests.core.strategies import prescriptions
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.ditto import is_ditto, same_as
from upright_anvil.core.prescription.text.named import NamedLine, parted
from upright_anvil.core.prescription.text.shorthand import read, write

ABOVE = "3 x 8-10, 60 kg, tempo 3-0-1-0, rest 1:30, leave 2"


class DittoTest(TestCase):
    def test_what_is_said_anew_takes_the_place_of_the_same_thing(self) -> None:
        for typed, expected in [
            ('"', ABOVE),
            ("”", ABOVE),
            ('" 62.5', "3 x 8-10, 62.5 kg, tempo 3-0-1-0, rest 1:30, leave 2"),
            ('"62.5, rest 60 s', "3 x 8-10, 62.5 kg, tempo 3-0-1-0, rest 1:00, leave 2"),
            ('" 4 x 6 70', "4 x 6, 70 kg, tempo 3-0-1-0, rest 1:30, leave 2"),
            ('" 12/10/8', "12/10/8, 60 kg, tempo 3-0-1-0, rest 1:30, leave 2"),
            ('" rpe 8', "3 x 8-10, 60 kg, tempo 3-0-1-0, rest 1:30, rpe 8"),
            ('" bw', "3 x 8-10, bw, tempo 3-0-1-0, rest 1:30, leave 2"),
        ]:
            with self.subTest(typed):
                self.assertEqual(same_as(typed, ABOVE, Unit.KG), expected)
        self.assertEqual(same_as('" 50', "12/10/8, 60/70/80 kg, rest 2:00", Unit.KG), "12/10/8, 50 kg, rest 2:00")
        self.assertEqual(same_as('" 50', "3 x 5, 60/70/80 kg", Unit.KG), "3 x 5, 50 kg")

    def test_what_cannot_be_read_is_refused(self) -> None:
        for typed, above in [('" pancakes', ABOVE), ('" 60', "3 x ?")]:
            with self.subTest(typed), self.assertRaises(DomainError):
                same_as(typed, above, Unit.KG)

    def test_what_is_no_ditto(self) -> None:
        for text in ("3 x 8", "", "12' easy"):
            self.assertFalse(is_ditto(text), text)

    def test_behind_a_name(self) -> None:
        for typed, name, line in [
            ('squat" 60', "squat", '" 60'),
            ('goblet squat "', "goblet squat", '"'),
            ("rdl'' 80", "rdl", "'' 80"),
        ]:
            with self.subTest(typed):
                self.assertEqual(parted(typed), NamedLine(name, line))

    @given(prescriptions)
    def test_a_mark_alone_repeats_anything(self, asked: Prescription) -> None:
        self.assertEqual(read(same_as('"', write(asked), Unit.KG), Unit.KG), asked)
