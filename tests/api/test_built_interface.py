"""What the built interface weighs, and that what a device keeps of it stands by itself."""

import re
from pathlib import Path
from unittest import TestCase

DIST = Path(__file__).parents[2] / "web" / "dist"

KEPT_AT_MOST = 600_000
FIRST_AT_MOST = 140_000
"""Bytes: what a device keeps, as it is stored, and the scripts of the first view on the wire."""


def kept() -> set[str]:
    """Answer the files that the service worker stores when it is installed."""
    return set(re.findall(r'"?url"?:\s*"([^"]+)"', (DIST / "sw.js").read_text("utf-8")))


def needed_by(script: str) -> set[str]:
    """Answer the scripts that one cannot be read without."""
    text = (DIST / "assets" / script).read_text("utf-8")
    return set(re.findall(r'(?:\bfrom|\bimport)\s*"\./([^"]+\.js)"', text))


class BuiltInterfaceTest(TestCase):
    def test_what_a_device_keeps_is_small(self) -> None:
        self.assertGreater(len(kept()), 10)
        self.assertLessEqual(sum((DIST / file).stat().st_size for file in kept()), KEPT_AT_MOST)

    def test_a_script_that_is_kept_has_all_it_needs_with_it(self) -> None:
        scripts = {
            file.removeprefix("assets/") for file in kept() if file.startswith("assets/") and file.endswith(".js")
        }
        for view in ("start", "FloorView", "TwoFloorsView"):
            self.assertTrue(any(script.startswith(f"{view}-") for script in scripts), view)
        for script in scripts:
            with self.subTest(script=script):
                self.assertLessEqual(needed_by(script), scripts)

    def test_the_first_view_takes_little_of_the_line(self) -> None:
        entry = re.findall(r'src="/assets/([^"]+\.js)"', (DIST / "index.html").read_text("utf-8"))
        first, more = set[str](), {*entry, *(file.name for file in (DIST / "assets").glob("start-*.js"))}
        while more:
            first |= more
            more = {needed for script in more for needed in needed_by(script)} - first
        sizes = [(DIST / "assets" / f"{script}.br", DIST / "assets" / script) for script in first]
        told = sum(next(file for file in pair if file.exists()).stat().st_size for pair in sizes)
        self.assertGreater(len(first), 1)
        self.assertLessEqual(told, FIRST_AT_MOST)
