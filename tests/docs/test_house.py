"""What must not come back, and the words that stand for one thing each."""

import ast
import re
import subprocess
import sys
from collections import Counter
from pathlib import Path
from unittest import TestCase

ROOT = Path(__file__).parents[2]
APP = ROOT / "src/upright_anvil"
WEB = ROOT / "web/src"

GONE = {
    "a private word for a request": r"\bAsked[A-Z]\w*",
    "the old name of the services": r"upright_anvil\.(flows|standins)",
    "a refusal that is not a domain error": r"\bRefusal\b",
    "what is kept by when a session ended": r"str\(s\.finished_at\)",
    "a query by hand for one trainer's rows": r"\w+\.studio_id == (?!bindparam\(\"studio_id\"\))",
}
GONE_IN_WEB = {
    "asking for everything again": r"invalidateQueries\(\)",
    "a type forced past the checker": r"as unknown as",
    "asking again and again": r"refetchInterval",
    "a question outside its one place": r"queryKey: \[(?!\"findings\")",
    "pounds worked out here": r"0\.4535|2\.2046",
    "a place to type beside the one there is": r"<textarea|<select",
    "a list of the server's words": r"\]\[\] = \[\n? *\"",
    "a key outside the one table": r"event\.key === ",
}
AT_HOME = {
    "src/upright_anvil/store/file/own_rows.py",
    "web/src/ui/fields/Input.tsx",
    "web/src/ui/fields/Select.tsx",
    "web/src/api/enums.ts",
}
"""Where what is gone elsewhere has its one place."""

ONCE = (
    "house_blend",
    "fractional",
    "muscle_share",
    "pace_factor",
    "moved_kg",
    "hard_sets",
    "next_cell",
    "load_caution",
)
"""Rules that have one home: one function of that name in the whole app."""

STILL_TWICE: frozenset[str] = frozenset()
"""Names that two modules share still; the list only gets shorter."""


class HouseTest(TestCase):
    def sources(self, root: Path, *endings: str) -> list[tuple[str, str]]:
        files = [f for ending in endings for f in root.rglob(f"*{ending}")]
        return [(str(f.relative_to(ROOT)), f.read_text("utf-8")) for f in files if ".test." not in f.name]

    def test_what_was_put_right_stays_away(self) -> None:
        web = [one for one in self.sources(WEB, ".ts", ".tsx") if not one[0].endswith(".d.ts")]
        for gone, sources in ((GONE, self.sources(APP, ".py")), (GONE_IN_WEB, web)):
            self.assertGreater(len(sources), 100)
            for name, pattern in gone.items():
                with self.subTest(name):
                    found = [path for path, text in sources if re.search(pattern, text) and path not in AT_HOME]
                    self.assertEqual(found, [])

    def test_starting_waits_for_nothing_that_is_read_when_first_used(self) -> None:
        told = subprocess.run(
            [sys.executable, "-c", "import sys, upright_anvil.cli; print(*sys.modules)"],
            check=True,
            capture_output=True,
            text=True,
        )
        names = set(told.stdout.split())
        self.assertIn("upright_anvil.api.today.routes", names)
        later = {"alembic", "icalendar", "mako", "numpy", "openpyxl", "pydantic.v1", "rapidfuzz", "reportlab"}
        self.assertEqual(names & later, set())
        # A hundred too many came in once for three refusals that an answer is made of.
        self.assertLess(sum(name.startswith("upright_anvil") for name in names), 250)
        self.assertEqual(names & {"upright_anvil.api.later_routers", "upright_anvil.demo.scenario"}, set())

    def test_a_rule_has_one_home(self) -> None:
        homes = Counter(
            node.name
            for _, text in self.sources(APP, ".py")
            for node in ast.walk(ast.parse(text))
            if isinstance(node, ast.FunctionDef)
        )
        self.assertEqual({name: homes[name] for name in ONCE}, dict.fromkeys(ONCE, 1))

    def test_a_name_stands_for_one_thing(self) -> None:
        """In the core and the services, where a newcomer searches for it."""
        names: dict[str, list[str]] = {}
        for folder in ("core", "services"):
            for path, text in self.sources(APP / folder, ".py"):
                for node in ast.parse(text).body:
                    if isinstance(node, ast.ClassDef) and not node.name.startswith("_"):
                        names.setdefault(node.name, []).append(path)
        self.assertEqual({n: sorted(p) for n, p in names.items() if len(p) > 1 and n not in STILL_TWICE}, {})

    def test_the_glossary_names_what_is_there(self) -> None:
        page = (ROOT / "docs/architecture.md").read_text("utf-8").partition("## Glossary")[2]
        terms = re.findall(r"^\| `(\w+)` \| .+ \| `([\w/.]+)` \|$", page, re.MULTILINE)
        self.assertGreater(len(terms), 25)
        for term, home in terms:
            with self.subTest(term):
                tree = ast.parse((APP / home).read_text("utf-8"))
                self.assertIn(term, [node.name for node in tree.body if isinstance(node, ast.ClassDef)])
