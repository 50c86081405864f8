from unittest import TestCase

from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.loads.on_the_bar import bar_for, bars_for

PLACE = read_equipment("bar 20, plates 2x1.25 2x2.5 4x5 4x10 2x20\nbar 10, plates 2x5 2x10", Unit.KG).inventory


def kg(*figures: float) -> tuple[Load, ...]:
    return tuple(Load.of(str(figure), Unit.KG) for figure in figures)


class OnTheBarTest(TestCase):
    def test_what_to_change_from_what_is_on_it(self) -> None:
        found = bar_for(PLACE, Load.of(85, Unit.KG), Load.of(80, Unit.KG))
        assert found
        self.assertEqual(found.plates.end, kg(20, 10, 2.5))
        self.assertEqual((found.plates.put_on, found.plates.take_off), (kg(2.5), ()))

    def test_the_bar_that_needs_the_fewest_plates(self) -> None:
        found = bar_for(PLACE, Load.of(20, Unit.KG))
        assert found
        self.assertEqual((found.bar, found.plates.end), (Load.of(20, Unit.KG), ()))

    def test_no_bar_makes_it(self) -> None:
        self.assertIsNone(bar_for(PLACE, Load.of(81, Unit.KG)))
        self.assertIsNone(bar_for(read_equipment("dumbbells 8 12", Unit.KG).inventory, Load.of(12, Unit.KG)))

    def test_one_after_the_other_each_changed_from_the_one_before(self) -> None:
        found = bars_for(PLACE, kg(40, 81, 60, 60), Load.of(20, Unit.KG))
        self.assertEqual([bar and bar.plates.put_on for bar in found], [kg(10), None, kg(20), ()])
        self.assertEqual([bar and bar.plates.take_off for bar in found], [(), None, kg(10), ()])

    def test_a_load_no_plates_made_is_taken_as_a_bare_bar(self) -> None:
        found = bar_for(PLACE, Load.of(40, Unit.KG), Load.of(33, Unit.KG))
        assert found
        self.assertEqual(found.plates.put_on, kg(10))
