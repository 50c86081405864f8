from dataclasses import replace
from unittest import TestCase

from tests.core.checks.plans import SETTING
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.read_out.reading import read_cell
from upright_anvil.core.plan.read_out.resolving import suggested

SQUAT, CURL = SETTING.exercise("back-squat"), SETTING.exercise("biceps-curl")
HERE = replace(
    SETTING,
    inventory=read_equipment(
        "bar 20, plates 4x2.5 4x5 4x10 4x20\nband red 12 kg\ndumbbells 4-20 by 4", Unit.KG
    ).inventory,
    last_loads={"back-squat": Load.of(80, Unit.KG)},
)


class ResolvingTest(TestCase):
    def test_what_a_load_comes_to_here(self) -> None:
        for text, note in [
            ("3 x 5, 75 %", "75 % of 140 kg is 105 kg"),
            ("3 x 5, 72 %", "72 % of 140 kg is 100.8 kg, 100 kg here"),
            ("3 x 5, last time", "last time 80 kg"),
            ("3 x 5, last time + 2.5 kg", "last time 80 kg, so 80 kg"),
            ("3 x 5, last time + 5 kg", "last time 80 kg, so 85 kg"),
            ("3 x 5, 100 kg", ""),
            ("3 x 5, open load", ""),
        ]:
            with self.subTest(text=text):
                self.assertEqual(read_cell(text, SQUAT, HERE).note, note)

    def test_without_history_it_says_so(self) -> None:
        self.assertEqual(read_cell("3 x 5, 75 %", CURL, HERE).note, f"no estimated max for {CURL.name} yet")
        self.assertEqual(read_cell("3 x 5, last time", CURL, HERE).note, "nothing was lifted before")

    def test_bands_and_codes_are_found_by_their_label(self) -> None:
        row = SETTING.exercise("band-row")
        self.assertIn("12 kg", read_cell("3 x 12, band red", row, HERE).note)
        self.assertEqual(read_cell("3 x 12, band blue", row, HERE).caution, "There is no band blue here.")

    def test_every_load_of_a_pyramid_is_looked_at(self) -> None:
        cell = read_cell("10/8/6, 60/70/71 kg", SQUAT, HERE)
        self.assertEqual(cell.caution, "71 kg cannot be made here: take 70 kg or 75 kg.")
        self.assertEqual(len(cell.bars), 3)

    def test_a_load_that_the_estimate_allows(self) -> None:
        self.assertEqual(suggested(SQUAT, HERE, 8, 2), Load.of(105, Unit.KG))
        self.assertIsNone(suggested(CURL, HERE, 8, 2))
