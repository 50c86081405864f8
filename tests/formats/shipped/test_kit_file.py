from unittest import TestCase

from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Unit
from upright_anvil.formats.shipped.exercise_file import shipped_exercises
from upright_anvil.formats.shipped.kit_file import usual_kits


class UsualKitsTest(TestCase):
    def test_a_dozen_kits_read_without_a_question_in_both_units(self) -> None:
        found = usual_kits()
        self.assertGreaterEqual(len(found.kits), 12)
        for kit in found.kits:
            for text, unit in ((kit.kg, Unit.KG), (kit.lb, Unit.LB)):
                with self.subTest(kit=kit.id, unit=unit):
                    self.assertEqual(read_equipment(text, unit).problems, ())
        for lines, unit in ((found.kg, Unit.KG), (found.lb, Unit.LB), (found.things, Unit.KG)):
            for line in lines:
                self.assertEqual(read_equipment(line, unit).problems, (), line)

    def test_a_session_can_be_made_anywhere_and_most_of_the_library_in_the_full_hall(self) -> None:
        possible = {
            kit.id: sum(e.possible_at(read_equipment(kit.kg, Unit.KG).inventory) for e in shipped_exercises().values())
            for kit in usual_kits().kits
        }
        self.assertGreaterEqual(min(possible.values()), 100, possible)
        self.assertGreaterEqual(possible["full-hall"], 500, possible)
