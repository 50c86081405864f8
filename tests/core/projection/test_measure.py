from decimal import Decimal
from unittest import TestCase

from tests.core.progression.story import EXERCISES, PLACE
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.progression.moves.steps import Kit
from upright_anvil.core.projection.measure import Measure, measure_of, measured


class MeasureTest(TestCase):
    def test_what_a_line_is_drawn_by(self) -> None:
        for text, place, unit, measure, figure in [
            ("3 x 8, 60 kg", PLACE, Unit.KG, Measure.KG, "60"),
            ("3 x 8, 60 kg", PLACE, Unit.LB, Measure.LB, "132.28"),
            ("3 x 30 s", PLACE, Unit.KG, Measure.SECONDS, "30"),
            ("3 x 8-10, bw", PLACE, Unit.KG, Measure.KG, "0"),
            ("3 x 8-10, bw", Inventory(), Unit.KG, Measure.REPS, "8"),
            ("3 x 8-10, bw - 15 kg", PLACE, Unit.KG, Measure.KG, "-15"),
            ("3 x 8-10", PLACE, Unit.KG, Measure.REPS, "8"),
            ("3 x 8-10, open load", PLACE, Unit.KG, Measure.KG, None),
        ]:
            with self.subTest(text, place=len(place.implements)):
                asked, kit = read(text, Unit.KG), Kit(EXERCISES["push-up"], place, Decimal(80))
                found = measure_of(asked, kit, unit)
                self.assertEqual((found, measured(asked, found)), (measure, Decimal(figure) if figure else None))
