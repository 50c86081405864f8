"""Every sentence for a client's eyes and ears stands in every catalogue, with the same gaps."""

import ast
import json
import re
from pathlib import Path
from unittest import TestCase

from tools.catalogue import CATALOGUE, sentences

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.warning_signs import WARNING_SIGNS
from upright_anvil.core.home.dose import PHASES
from upright_anvil.core.home.sheet import SIGNS_ALONE, STOP_RULES
from upright_anvil.core.phrases import ENGLISH, Language, Phrases
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.model import SideRule
from upright_anvil.formats.paper.home_paper import HEADS, RUNGS, WORDS
from upright_anvil.formats.shipped.languages import FOLDER, phrases_of

ROOT = Path(__file__).parents[2]
SAID = re.compile(r"""(?:phrases\.say|\bt)\(\s*(?:"((?:[^"\\]|\\.)*)"|'((?:[^'\\]|\\.)*)')""")
GAP = re.compile(r"\{\{\w+\}\}")


def said() -> set[str]:
    """All sentences that stand in the code, and those that are named by a list."""
    found = set()
    for path in (*(ROOT / "src").rglob("*.py"), *(ROOT / "web/src/sheet").glob("*.ts*")):
        for match in SAID.finditer(path.read_text("utf-8")):
            found.add(ast.literal_eval(f'"{match[1]}"') if match[1] is not None else match[2])
    return found | {
        *WARNING_SIGNS, *STOP_RULES, SIGNS_ALONE, *PHASES, *HEADS, *RUNGS, *WORDS, *map(str, Joint), *map(str, Side),
        *(kind.capitalize() for kind in GroupKind), "left only", "right only", "lower", "hold", "lift", "drive", "both",
        "Spoken", "Sounds", "Silent",
    }  # fmt: skip


class LanguagesTest(TestCase):
    def test_every_catalogue_is_complete_and_says_nothing_else(self) -> None:
        self.assertGreater(len(said()), 100)
        self.assertEqual(
            {rule for rule in SideRule if not rule.leads} - {SideRule.ALTERNATING}, {"left only", "right only"}
        )
        for language in set(Language) - {Language.ENGLISH}:
            catalogue = json.loads((FOLDER / f"{language}.json").read_text("utf-8"))
            self.assertEqual(said() - catalogue.keys(), set(), f"not said in {language}")
            self.assertEqual(catalogue.keys() - said(), set(), f"said by nobody in {language}")
            for english, sentence in catalogue.items():
                self.assertEqual(sorted(GAP.findall(english)), sorted(GAP.findall(sentence)), english)

    def test_the_catalogue_of_the_screens_is_what_the_screens_say(self) -> None:
        kept = json.loads(CATALOGUE.read_text("utf-8"))
        self.assertEqual(kept, sentences(), "run `make catalogue`")
        self.assertGreater(len(kept), 1500)
        self.assertEqual(kept["{{count}} client_other"], "{{count}} clients")
        self.assertIn("Language of the screens", kept)

    def test_what_a_language_lacks_is_said_in_english(self) -> None:
        self.assertEqual(ENGLISH.say("Next: {{name}}", name="Row"), "Next: Row")
        self.assertEqual(Phrases("xx").say("Next: {{name}}", name="Row"), "Next: Row")
        self.assertEqual(phrases_of(Language.GERMAN).say("Next: {{name}}", name="Row"), "Gleich: Row")
