"""The prose is held to the code."""

import re
from pathlib import Path
from unittest import TestCase

from tools.rules_page import page
from tools.shots import PICTURES

from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Program
from upright_anvil.core.prescription.text.shorthand import read

ROOT = Path(__file__).parents[2]

INSIDE = {
    "plan/locate",
    "plan/changing/renaming",
    "progression/model",
    "checks/fixes",
    "checks/lines/rest_too_short",
    "prescription/bounds",
    "prescription/text/draft",
    "prescription/text/patterns",
    "prescription/schemes/base",
    "prescription/text/writing",
    "steps",
}
"""Modules of the core that only serve others."""


class DocsTest(TestCase):
    def test_the_rules_page_is_the_docstrings(self) -> None:
        self.assertEqual((ROOT / "docs/rules.md").read_text("utf-8"), page(), "run `make rules`")

    def test_the_rules_page_names_every_module_of_the_core_that_answers_something(self) -> None:
        named = set(re.findall(r"`core/([\w/]+)`", page()))
        core = ROOT / "src/upright_anvil/core"
        answering = {
            file.relative_to(core).with_suffix("").as_posix().removesuffix("/__init__")
            for file in core.rglob("*.py")
            if re.search(r"^def [a-z]", file.read_text("utf-8"), re.MULTILINE)
        }
        inside = {name for name in answering if name.startswith("plan/edits/")} | INSIDE
        self.assertEqual(answering - named - inside, set())

    def test_every_shorthand_example_can_be_read(self) -> None:
        text = (ROOT / "docs/formats.md").read_text("utf-8").split("## Equipment")[0]
        examples = [
            e for row in text.splitlines() if row.startswith("| `") for e in re.findall(r"`([^`]+)`", row.split("|")[1])
        ]
        self.assertGreaterEqual(len(examples), 12)
        for example in examples:
            with self.subTest(example=example):
                read(example, Unit.KG)

    def test_the_equipment_example_can_be_read(self) -> None:
        example = (ROOT / "docs/formats.md").read_text("utf-8").split("## Equipment")[1].split("```")[1]
        self.assertEqual(read_equipment(example, Unit.KG).problems, ())

    def test_the_plan_example_is_a_plan(self) -> None:
        example = (ROOT / "docs/formats.md").read_text("utf-8").split("## The plan document")[1].split("```")[1]
        self.assertEqual(Program.model_validate_json(example).phases[0].days[0].name, "Heavy legs")

    def test_every_link_and_picture_is_there(self) -> None:
        for file in [ROOT / "README.md", *(ROOT / "docs").glob("*.md")]:
            for target in re.findall(r"\]\(([^)#]+)\)", file.read_text("utf-8")):
                with self.subTest(file=file.name, target=target):
                    self.assertTrue((file.parent / target).exists())

    def test_every_picture_is_kept_and_shown(self) -> None:
        kept = {path.stem for path in (ROOT / "docs/screenshots").glob("*.png")}
        self.assertEqual(kept, {name for name, *_ in PICTURES})
        readme = (ROOT / "README.md").read_text("utf-8")
        for name in kept:
            self.assertIn(f"docs/screenshots/{name}.png", readme)

    def test_files_that_the_docs_name_exist(self) -> None:
        text = (ROOT / "docs/architecture.md").read_text("utf-8")
        for name in re.findall(r"`((?:core|store|services|api|web)/[\w/.]+)`", text):
            with self.subTest(name=name):
                base = ROOT if name.startswith("web/") else ROOT / "src/upright_anvil"
                self.assertTrue((base / name).exists())

    def test_no_lock_names_a_registry(self) -> None:
        for lock in [*(ROOT / "requirements").glob("*"), ROOT / "web/package-lock.json", ROOT / "web/package.json"]:
            text = lock.read_text("utf-8")
            with self.subTest(lock=lock.name):
                self.assertNotRegex(text, r'"resolved"|^\s*(--index-url|--extra-index-url|-i )')
