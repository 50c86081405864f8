import re
from decimal import Decimal
from pathlib import Path
from unittest import TestCase

from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.changing.paths import PathKind
from upright_anvil.core.plan.document import Pairing, Section
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.formats.shipped.exercise_file import shipped_exercises
from upright_anvil.formats.shipped.template_file import parse_template, read_path, shipped_templates

SCHOOLS = (Path(__file__).parents[3] / "docs" / "schools.md").read_text()


class ShippedTest(TestCase):
    def test_at_least_ten_across_the_schools(self) -> None:
        templates = shipped_templates()
        self.assertGreaterEqual(len(templates), 10)
        self.assertEqual(
            {t.school for t in templates.values()}, {"Load", "Reps in a range", "Control", "Density", "Skill"}
        )

    def test_every_line_names_an_exercise_and_can_be_read(self) -> None:
        for template in shipped_templates().values():
            for day in template.days:
                for line in (line for group in day.groups for line in group.lines):
                    with self.subTest(template=template.id, line=line.exercise):
                        self.assertIn(line.exercise, shipped_exercises())
                        self.assertGreaterEqual(read(line.text, Unit.KG).sets, 1)

    def test_each_documents_its_school(self) -> None:
        for template in shipped_templates().values():
            with self.subTest(template.id):
                self.assertRegex(SCHOOLS, rf"\*\*{re.escape(template.name)}\*\*")


class ParseTest(TestCase):
    def test_a_file_is_read(self) -> None:
        template = parse_template(
            "t",
            """
            name = "T"
            school = "Load"
            suits = "Anybody"
            asks = "An hour"
            weeks = ["build", "ease off"]
            [[days]]
            name = "One"
            weekday = 2
            lines = [
                "warm-up/cat-camel: 1 x 10",
                "back-squat: 3 x 5, 60 % > load +2.5 ! the squat",
                { pair = "opposite muscles", inside = 10, lines = ["push-up: 3 x 8", "table-row: 3 x 8"] },
                { circuit = true, lines = ["push-up: 3 x 8"] },
            ]
            """,
        )
        groups = template.days[0].groups
        self.assertEqual([g.section for g in groups], [Section.WARM_UP, Section.MAIN, Section.MAIN, Section.MAIN])
        self.assertEqual((groups[1].lines[0].path.step, groups[1].lines[0].reason), (Decimal("2.5"), "the squat"))
        self.assertEqual(
            (groups[2].kind, groups[2].pairing, groups[2].rest_inside), (GroupKind.PAIR, Pairing.OPPOSITE, 10)
        )
        self.assertEqual(groups[3].kind, GroupKind.CIRCUIT)

    def test_paths(self) -> None:
        self.assertEqual(read_path("").kind, PathKind.COPY)
        self.assertEqual(read_path("leave -1").kind, PathKind.RESERVE)
        self.assertEqual(read_path("three up +5").step, Decimal(5))
        self.assertEqual(read_path("wave 70 75.5").per_cents, (Decimal(70), Decimal("75.5")))

    def test_what_does_not_hold_together_is_refused(self) -> None:
        for text in ["", 'name = "T"', "not toml at ="]:
            with self.subTest(text=text), self.assertRaises((ValueError, KeyError)):
                parse_template("t", text)
