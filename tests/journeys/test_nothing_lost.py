"""Server and browser are killed without warning in the middle of a session; no acknowledged set is lost or doubled."""

import tempfile
from pathlib import Path
from unittest import TestCase

from tools.kill_trial import KillTrial

from tests.journeys.support import playwright

SEEDS = (2, 3)


class NothingLostTest(TestCase):
    def test_kills(self) -> None:
        for seed in SEEDS:
            with self.subTest(seed), tempfile.TemporaryDirectory() as folder:
                seen = KillTrial(playwright(), Path(folder), seed, sets=8).run()
                self.assertEqual((seen.lost, seen.duplicates, seen.in_order), (0, 0, True))
                self.assertEqual(seen.acknowledged, 8)
                self.assertGreater(seen.server_kills + seen.browser_kills, 2)
