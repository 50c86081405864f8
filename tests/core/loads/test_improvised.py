from unittest import TestCase

from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Unit


def made(text: str, kind: ImplementKind = ImplementKind.IMPROVISED) -> list[str]:
    return [str(one.load.value) for one in read_equipment(text, Unit.KG).inventory.achievable(kind)]


class ImprovisedTest(TestCase):
    def test_several_things_are_lifted_at_once_and_a_rucksack_is_packed_one_way_at_a_time(self) -> None:
        for text, loads in [
            ("rucksack 12\n2 jugs 8", ["8", "12", "16", "20", "28"]),
            ("rucksack up to 12 by 4", ["4", "8", "12"]),
            ("rucksack 4-12 by 4\njug 8", ["4", "8", "12", "16", "20"]),
            ("two jugs 8 kg each", ["8", "16"]),
            ("jugs 2x8", ["8", "16"]),
            ("rucksack 10", ["10"]),
            ("canister 5, bottle 2", ["2", "5", "7"]),
        ]:
            with self.subTest(text):
                self.assertEqual(made(text), loads)
                self.assertEqual(made(text, ImplementKind.BODYWEIGHT), loads)

    def test_a_vest_and_what_is_packed_stand_side_by_side(self) -> None:
        self.assertEqual(made("vest 5 10\nrucksack 8", ImplementKind.BODYWEIGHT), ["5", "8", "10"])

    def test_bars(self) -> None:
        bar = ImplementKind.BARBELL
        self.assertEqual(made("fixed barbells 10-30 by 10", bar), ["10", "20", "30"])
        self.assertEqual(made("bars 11 20", bar), ["11", "20"])
        self.assertEqual(made("bar 20, plates 2x5", bar), ["20", "30"])

    def test_too_many_of_one_thing_is_a_slip(self) -> None:
        self.assertTrue(read_equipment("99 jugs 8", Unit.KG).problems)
