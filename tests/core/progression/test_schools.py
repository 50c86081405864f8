from unittest import TestCase

from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.progression.registry import POLICIES
from upright_anvil.core.progression.schools import POLICY_OF, School, policy_for


class SchoolsTest(TestCase):
    def test_every_school_leads_by_a_policy_there_is(self) -> None:
        self.assertEqual(set(POLICY_OF), set(School))
        self.assertLessEqual(set(POLICY_OF.values()), set(POLICIES))

    def test_what_leads_a_line(self) -> None:
        for school, text, chosen, wanted in [
            (School.RANGE, "3 x 8-10, 40 kg", "", "double-progression"),
            (School.LOAD, "3 x 5, 60 kg", "", "linear"),
            (School.RESERVE, "3 x 5, 60 kg", "", "reserve-led"),
            (School.CONTROL, "3 x 8, 20 kg", "", "control"),
            (School.RANGE, "5 x 5, 75 %", "", "wave"),
            (School.RANGE, "3 x 40 s", "", "holds"),
            (School.DENSITY, "3 x 40 s", "", "density"),
            (School.SKILL, "3 x 40 s", "", "skill"),
            (School.CONTROL, "3 x 40 s", "sets", "sets"),
        ]:
            with self.subTest(text, school=school):
                self.assertEqual(policy_for(school, read(text, Unit.KG), chosen), wanted)
