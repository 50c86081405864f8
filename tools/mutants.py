"""Change the rules one place at a time and see whether a test notices.

``python -m tools.mutants 40 progression strength`` tries forty changes in each of these parts of the core: a
comparison turned or shifted, a number one more, a branch swapped, ``and`` for ``or``, a plus for a minus. A change is
noticed when any test of its area fails or does not end. Survivors are printed with their place. It works on a copy of
the tree, beside the ordinary run, and needs some minutes for an area.
"""

import ast
import os
import shutil
import subprocess
import sys
import tempfile
from collections.abc import Iterator
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass
from pathlib import Path
from random import Random

ROOT = Path(__file__).parents[1]
CORE = Path("src/upright_anvil/core")
SECONDS = 120
AREAS: dict[str, tuple[str, ...]] = {
    "progression": ("tests.core.progression",),
    "strength": ("tests.core.strength",),
    "session": ("tests.core.session", "tests.services.floor.test_away"),
    "health": ("tests.core.health", "tests.core.progression.test_never_up", "tests.core.checks.test_checks"),
    "ledger": ("tests.core.ledger", "tests.core.progression.test_never_up"),
    "volume": ("tests.core.volume",),
    "loads": ("tests.core.loads",),
}
"""The folders of the core that are changed, and the tests that should notice."""

TURNED: dict[type[ast.cmpop], type[ast.cmpop]] = {
    ast.Lt: ast.LtE, ast.LtE: ast.Lt, ast.Gt: ast.GtE, ast.GtE: ast.Gt, ast.Eq: ast.NotEq, ast.NotEq: ast.Eq,
    ast.Is: ast.IsNot, ast.IsNot: ast.Is, ast.In: ast.NotIn, ast.NotIn: ast.In,
}  # fmt: skip
SWAPPED: dict[type[ast.operator], type[ast.operator]] = {
    ast.Add: ast.Sub, ast.Sub: ast.Add, ast.Mult: ast.Div, ast.Div: ast.Mult,
}  # fmt: skip


@dataclass(frozen=True)
class Mutant:
    """One change: the file, the line, what was changed, and the whole file as it is then."""

    area: str
    file: Path
    line: int
    what: str
    source: str


def mutants_of(area: str, file: Path) -> Iterator[Mutant]:
    """Answer every change of a file."""
    text = file.read_text("utf-8")
    count = sum(1 for _ in _places(ast.parse(text)))
    for number in range(count):
        tree = ast.parse(text)
        node, what = next(place for n, place in enumerate(_places(tree)) if n == number)
        line = getattr(node, "lineno", 0)
        _change(node)
        yield Mutant(area, file.relative_to(ROOT), line, what, ast.unparse(tree))


def _places(tree: ast.AST) -> Iterator[tuple[ast.AST, str]]:
    for node in ast.walk(tree):
        if isinstance(node, ast.Compare) and type(node.ops[0]) in TURNED:
            yield node, f"comparison {type(node.ops[0]).__name__} turned"
        elif isinstance(node, ast.BoolOp):
            yield node, "and / or swapped"
        elif isinstance(node, ast.BinOp) and type(node.op) in SWAPPED and not _words(node):
            yield node, f"{type(node.op).__name__} swapped"
        elif isinstance(node, ast.IfExp):
            yield node, "branches swapped"
        elif isinstance(node, ast.UnaryOp) and isinstance(node.op, ast.Not):
            yield node, "not taken away"
        elif isinstance(node, ast.Constant) and type(node.value) in (int, float) and node.value not in (0, 1):
            yield node, f"{node.value!r} shifted"


def _words(node: ast.BinOp) -> bool:
    return any(isinstance(side, ast.Constant) and isinstance(side.value, str) for side in (node.left, node.right))


def _change(node: ast.AST) -> None:
    match node:
        case ast.Compare():
            node.ops[0] = TURNED[type(node.ops[0])]()
        case ast.BoolOp():
            node.op = ast.Or() if isinstance(node.op, ast.And) else ast.And()
        case ast.BinOp():
            node.op = SWAPPED[type(node.op)]()
        case ast.IfExp():
            node.body, node.orelse = node.orelse, node.body
        case ast.UnaryOp():
            node.operand = ast.UnaryOp(ast.Not(), node.operand)
        case ast.Constant(value=int() as value):
            node.value = value + 1
        case ast.Constant(value=float() as value):
            node.value = value * 1.25


def noticed(mutant: Mutant, folder: Path) -> bool:
    """Answer whether the tests of the area notice a change, made in a copy of the tree."""
    place = folder / mutant.file
    kept = place.read_text("utf-8")
    place.write_text(mutant.source, "utf-8")
    try:
        return not passes(mutant.area, folder)
    finally:
        place.write_text(kept, "utf-8")


def passes(area: str, folder: Path) -> bool:
    """Answer whether the tests of an area pass in a copy of the tree, within the time there is."""
    command = [sys.executable, "-m", "unittest", "-f", "-q", *_modules(area)]
    environment = {**os.environ, "PYTHONPATH": "src:.", "PYTHONDONTWRITEBYTECODE": "1"}
    try:
        ran = subprocess.run(command, cwd=folder, env=environment, capture_output=True, timeout=SECONDS, check=False)
    except subprocess.TimeoutExpired:
        return False
    return ran.returncode == 0


def _modules(area: str) -> list[str]:
    found = []
    for name in AREAS[area]:
        path = ROOT / name.replace(".", "/")
        if path.is_dir():
            found += [".".join(f.relative_to(ROOT).with_suffix("").parts) for f in sorted(path.glob("test_*.py"))]
        else:
            found.append(name)
    return found


def copy_of_the_tree() -> Path:
    """Answer a copy of what the tests need."""
    folder = Path(tempfile.mkdtemp(prefix="anvil-mutants-"))
    for name in ("src", "tests", "tools", "docs"):
        shutil.copytree(ROOT / name, folder / name, ignore=shutil.ignore_patterns("__pycache__"))
    return folder


def main() -> int:
    """Draw some changes of each area named, try them in two copies, and print who survived."""
    many = int(sys.argv[1]) if len(sys.argv) > 1 else 20
    areas = sys.argv[2:] or list(AREAS)
    drawn: list[Mutant] = []
    for area in areas:
        found = [m for file in sorted((ROOT / CORE / area).rglob("*.py")) for m in mutants_of(area, file)]
        drawn += Random(len(found)).sample(found, min(many, len(found)))  # noqa: S311 - a sample, the same every time
    copies = [copy_of_the_tree(), copy_of_the_tree()]
    broken = [area for area in areas if not passes(area, copies[0])]
    if broken:
        print(f"The tests of {', '.join(broken)} fail or do not end without any change.")
        return 1
    halves = [drawn[n::2] for n in range(2)]
    with ThreadPoolExecutor(2) as pool:
        told = list(
            pool.map(lambda pair: [(m, noticed(m, pair[1])) for m in pair[0]], zip(halves, copies, strict=True))
        )
    outcomes = [one for half in told for one in half]
    for folder in copies:
        shutil.rmtree(folder)
    for area in areas:
        mine = [seen for mutant, seen in outcomes if mutant.area == area]
        print(f"{area}: {sum(mine)} of {len(mine)} noticed")
    for mutant, seen in sorted(outcomes, key=lambda pair: (str(pair[0].file), pair[0].line)):
        if not seen:
            print(f"  survived: {mutant.file}:{mutant.line} {mutant.what}")
    return 0


if __name__ == "__main__":
    sys.exit(main())
