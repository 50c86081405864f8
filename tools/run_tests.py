"""Run every test, Python and TypeScript, and close with one line: ``N passed, N failed``."""

import json
import subprocess
import sys
import unittest
import warnings
from pathlib import Path
from typing import Any, cast

ROOT = Path(__file__).parents[1]


class CountingResult(unittest.TextTestResult):
    """A result that also counts what passed."""

    passed = 0

    def addSuccess(self, test: unittest.TestCase) -> None:  # noqa: N802 - unittest's own name
        """Count a test that passed."""
        super().addSuccess(test)
        self.passed += 1


def run_python(names: list[str]) -> tuple[int, int]:
    """Run the unittest suites; answer how many passed and failed."""
    loader = unittest.TestLoader()
    suite = loader.loadTestsFromNames(names) if names else loader.discover(str(ROOT / "tests"), top_level_dir=str(ROOT))
    runner = unittest.TextTestRunner(verbosity=1, warnings="error", buffer=True)
    runner.resultclass = cast("Any", CountingResult)
    with warnings.catch_warnings():
        warnings.simplefilter("error")
        result = runner.run(suite)
    assert isinstance(result, CountingResult)  # noqa: S101 - the class given above
    failed = len(result.failures) + len(result.errors) + len(result.unexpectedSuccesses)
    if result.skipped:
        print(f"{len(result.skipped)} skipped: a skipped test proves nothing, so it counts as failed")
    return result.passed, failed + len(result.skipped)


def run_web() -> tuple[int, int]:
    """Run the TypeScript tests; answer how many passed and failed."""
    report = ROOT / ".stamps" / "vitest.json"
    report.unlink(missing_ok=True)
    ran = subprocess.run(
        ["npx", "--no-install", "vitest", "run", "--reporter=json", f"--outputFile={report}"],
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


def main() -> int:
    """Run all, or the Python tests named as arguments."""
    names = sys.argv[1:]
    passed, failed = run_python(names)
    if not names:
        web_passed, web_failed = run_web()
        passed, failed = passed + web_passed, failed + web_failed
    print(f"{passed} passed, {failed} failed")
    return 1 if failed or not passed else 0


if __name__ == "__main__":
    sys.exit(main())
