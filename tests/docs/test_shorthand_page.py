"""The shorthand page shows only what is true: every example is read and written as it says."""

import re
from pathlib import Path
from unittest import TestCase

from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.schemes import SCHEMES
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH, read, write

PAGE = (Path(__file__).parents[2] / "docs" / "shorthand.md").read_text()
ROW = re.compile(r"^\| `([^`]+)` \| `([^`]+)` \|", re.M)


class ShorthandPageTest(TestCase):
    def test_every_example_is_kept_as_it_says(self) -> None:
        rows = ROW.findall(PAGE)
        self.assertGreater(len(rows), 25)
        for typed, kept in rows:
            with self.subTest(typed=typed):
                self.assertEqual(write(read(typed, Unit.KG)), kept)
                self.assertEqual(write(read(kept, Unit.KG)), kept)

    def test_every_scheme_has_an_example(self) -> None:
        shown = {type(read(typed, Unit.KG).scheme) for typed, _ in ROW.findall(PAGE)}
        self.assertEqual(set(SCHEMES) - shown, set())

    def test_says_how_long_a_line_may_be(self) -> None:
        self.assertIn(f"at most {MAX_LENGTH} characters", PAGE)
