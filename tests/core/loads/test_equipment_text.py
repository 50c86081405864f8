from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.loads.equipment_text import read_equipment
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Unit


def loads_of(text: str, kind: ImplementKind, unit: Unit = Unit.KG) -> str:
    read = read_equipment(text, unit)
    return " ".join(str(a.load.value) for a in read.inventory.achievable(kind))


class EquipmentTextTest(TestCase):
    def test_reads_each_implement(self) -> None:
        for text, kind, expected in [
            ("bar 20, plates 2x1.25 2x2.5", ImplementKind.BARBELL, "20 22.5 25 27.5"),
            ("Barbell 15", ImplementKind.BARBELL, "15"),
            ("bar 20 plates 4 x 5", ImplementKind.BARBELL, "20 30 40"),
            ("dumbbells 4-8 by 2", ImplementKind.DUMBBELL, "4 6 8"),
            ("dumbbells 4-6 by 1, 10-14 by 2", ImplementKind.DUMBBELL, "4 5 6 10 12 14"),
            ("dumbbells 6, 10 18", ImplementKind.DUMBBELL, "6 10 18"),
            ("kettlebell 12", ImplementKind.KETTLEBELL, "12"),
            ("stack 5 to 15 by 5", ImplementKind.STACK, "5 10 15"),
            ("bands sand 6, rust 12", ImplementKind.BAND, "6 12"),
            ("rucksack 10", ImplementKind.IMPROVISED, "10"),
            ("vest 5 10", ImplementKind.BODYWEIGHT, "5 10"),
        ]:
            with self.subTest(text=text):
                self.assertEqual(loads_of(text, kind), expected)
                self.assertEqual(read_equipment(text, Unit.KG).problems, ())

    def test_the_written_unit_goes_before_the_clients(self) -> None:
        read = read_equipment("dumbbells 10-20 lb by 5\nkettlebells 8", Unit.KG)
        self.assertEqual(
            [str(a.load) for a in read.inventory.achievable(ImplementKind.DUMBBELL)], ["10 lb", "15 lb", "20 lb"]
        )
        self.assertEqual([str(a.load) for a in read.inventory.achievable(ImplementKind.KETTLEBELL)], ["8 kg"])

    def test_bands_and_improvised_loads_are_marked_as_estimates(self) -> None:
        read = read_equipment("bands sand 6\ncanisters 5", Unit.KG)
        band = read.inventory.achievable(ImplementKind.BAND)[0]
        self.assertEqual((band.how, band.estimated), ("sand", True))
        self.assertTrue(read.inventory.achievable(ImplementKind.IMPROVISED)[0].estimated)

    def test_what_cannot_be_read_is_pointed_at_and_the_rest_kept(self) -> None:
        read = read_equipment("dumbbells 4-8 by 2\n\n12345\nkettlebells heavy\nbar\nstack 5-90 by 0", Unit.KG)
        self.assertEqual([p.line for p in read.problems], [3, 4, 5, 6])
        self.assertIn("Begin with the thing", read.problems[0].expected)
        self.assertIn("'heavy' is not a weight", read.problems[1].expected)
        self.assertIn("what the bar weighs", read.problems[2].expected)
        self.assertIn("does not climb", read.problems[3].expected)
        self.assertEqual(len(read.inventory.achievable(ImplementKind.DUMBBELL)), 3)

    def test_a_misspelt_word_is_not_taken_for_something_improvised(self) -> None:
        for typed, meant in [
            ("kettlebels 8 12", "kettlebells"),
            ("dumbells 4-8 by 2", "dumbbells"),
            ("barbel 20", "barbells"),
        ]:
            with self.subTest(typed=typed):
                self.assertEqual(read_equipment(typed, Unit.KG).problems[0].expected, f"Did you mean '{meant}'?")

    def test_absurd_lines_are_refused_with_a_sentence(self) -> None:
        for text in [
            "dumbbells 1-1000 by 0.1",
            "dumbbells 0",
            "dumbbells 5000",
            "bar 20, plates 999x5",
            "bar 20, plates five",
            "dumbbells 10 kg 20 lb",
            "bands green",
            "stack",
            "rucksack 10 12",
            "bands 6 12",
        ]:
            with self.subTest(text=text):
                read = read_equipment(text, Unit.KG)
                self.assertEqual(len(read.problems), 1)
                self.assertRegex(read.problems[0].expected, r"[.?]$")

    @given(st.text(max_size=120))
    def test_never_breaks_whatever_is_typed(self, text: str) -> None:
        read = read_equipment(text, Unit.LB)
        filled = sum(1 for line in text.splitlines() if line.strip())
        self.assertEqual(len(read.problems) + len(read.inventory.implements), filled)
