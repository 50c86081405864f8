"""Run every test, Python and TypeScript, and close with one line: ``N passed, N failed``.

Three processes share them. Journeys through Chromium run in two of these, beside those that need none.
"""

import json
import re
import subprocess
import sys
import unittest
import warnings
from pathlib import Path
from time import monotonic
from typing import Any, cast

from upright_anvil.cli import settle

ROOT = Path(__file__).parents[1]


class CountingResult(unittest.TextTestResult):
    """A result that also counts what passed, and how long each took (seconds)."""

    passed = 0

    def __init__(self, *args: Any, **more: Any) -> None:
        super().__init__(*args, **more)
        self.took: dict[str, float] = {}

    def startTest(self, test: unittest.TestCase) -> None:  # noqa: N802 - unittest's own name
        """Note when a test begins."""
        self._since = monotonic()
        super().startTest(test)

    def stopTest(self, test: unittest.TestCase) -> None:  # noqa: N802 - unittest's own name
        """Note how long a test took."""
        self.took[test.id().removeprefix("tests.")] = monotonic() - self._since
        super().stopTest(test)

    def addSuccess(self, test: unittest.TestCase) -> None:  # noqa: N802 - unittest's own name
        """Count a test that passed."""
        super().addSuccess(test)
        self.passed += 1


SLOWEST = 12

JOURNEYS = "tests.journeys"
BESIDE = 2
"""Processes with journeys beside that which has none."""


def everything() -> tuple[list[str], list[str]]:
    """Answer the names of all test modules: those of the journeys, and the others."""
    modules = sorted(
        ".".join(path.relative_to(ROOT).with_suffix("").parts) for path in (ROOT / "tests").rglob("test_*.py")
    )
    journeys = [name for name in modules if name.startswith(JOURNEYS)]
    return journeys, [name for name in modules if not name.startswith(JOURNEYS)]


def run_python(names: list[str]) -> tuple[int, int]:
    """Run the unittest suites; answer how many passed and failed."""
    suite = unittest.TestLoader().loadTestsFromNames(names)
    settle()  # as the app does once it is read in
    runner = unittest.TextTestRunner(verbosity=1, warnings="error", buffer=True)
    runner.resultclass = cast("Any", CountingResult)
    with warnings.catch_warnings():
        warnings.simplefilter("error")
        result = runner.run(suite)
    assert isinstance(result, CountingResult)  # noqa: S101 - the class given above
    slowest = sorted(result.took.items(), key=lambda one: -one[1])[:SLOWEST]
    print("Slowest:", ", ".join(f"{name.rpartition('.')[2]} {seconds:.0f} s" for name, seconds in slowest))
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    if result.skipped:
        print(f"{len(result.skipped)} skipped: a skipped test proves nothing, so it counts as failed")
    return result.passed, failed + len(result.skipped)


def run_web() -> tuple[int, int]:
    """Run the TypeScript tests; answer how many passed and failed."""
    report = ROOT / ".stamps" / "vitest.json"
    report.unlink(missing_ok=True)
    ran = subprocess.run(
        ["npx", "--no-install", "vitest", "run", "--pool=threads", "--reporter=json", f"--outputFile={report}"],
        cwd=ROOT / "web",
        check=False,
        capture_output=True,
        text=True,
    )
    if not report.exists():
        print(ran.stdout, ran.stderr)
        return 0, 1
    told = json.loads(report.read_text("utf-8"))
    for suite in told["testResults"]:
        for test in suite["assertionResults"]:
            if test["status"] != "passed":
                print("FAIL", test["fullName"], *test["failureMessages"], sep="\n")
        if suite["message"]:
            print(suite["message"])
    passed, total = int(told["numPassedTests"]), int(told["numTotalTests"])
    return passed, total - passed if told["success"] else max(total - passed, 1)


AS_LONG = 8
"""How many times as long a journey takes as other tests whose file is as large."""

OF_THE_WEB = 50_000
"""The size of a file of tests that take about as long as those of TypeScript."""


def shares(journeys: list[str], others: list[str]) -> list[list[str]]:
    """Answer modules in shares that take about as long: the one beside those of TypeScript, then those with journeys.

    The longest goes first, each to the lightest share. In each the journeys come last: what drives the browser stays.
    """
    found: list[list[str]] = [[] for _ in range(1 + BESIDE)]
    weights = [OF_THE_WEB, *[0] * BESIDE]
    size = {name: (ROOT / name.replace(".", "/")).with_suffix(".py").stat().st_size for name in (*journeys, *others)}
    size |= {name: AS_LONG * size[name] for name in journeys}
    for name in sorted(size, key=lambda name: -size[name]):
        allowed = range(1, 1 + BESIDE) if name in journeys else range(1 + BESIDE)
        lightest = min(allowed, key=weights.__getitem__)
        found[lightest].append(name)
        weights[lightest] += size[name]
    return [sorted(share, key=lambda name: (name in journeys, name)) for share in found]


def run_beside(names: list[str]) -> "subprocess.Popen[str]":
    """Start other suites in a process of their own."""
    command = [sys.executable, "-m", "tools.run_tests", *names]
    return subprocess.Popen(command, cwd=ROOT, stdout=subprocess.PIPE, stderr=subprocess.STDOUT, text=True)


def counts_of(process: "subprocess.Popen[str]") -> tuple[int, int]:
    """Wait for a process, print what it said, and answer its counts; one that ended without them failed."""
    said = process.communicate()[0]
    print(said)
    counts = re.findall(r"^(\d+) passed, (\d+) failed$", said, re.MULTILINE)
    return (int(counts[-1][0]), int(counts[-1][1])) if counts else (0, 1)


def main() -> int:
    """Run all, or the Python tests named as arguments."""
    names = sys.argv[1:]
    if names:
        counts = [run_python(names)]
    else:
        first, *more = shares(*everything())
        beside = [run_beside(share) for share in more]
        counts = [run_python(first), run_web(), *map(counts_of, beside)]
    passed, failed = sum(c[0] for c in counts), sum(c[1] for c in counts)
    print(f"{passed} passed, {failed} failed")
    return 1 if failed or not passed else 0


if __name__ == "__main__":
    sys.exit(main())
