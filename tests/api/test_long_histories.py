"""What a view asks for and answers does not grow with the years behind a client: queries and bytes are counted."""

import re
import sqlite3
import tempfile
from contextlib import closing
from dataclasses import dataclass
from pathlib import Path
from unittest import TestCase

from bench.large_studio import repeat_into_the_past
from fastapi.testclient import TestClient
from tools.queries_asked import queries_told

from tests.api.support import app, serve
from tests.demo.filled import DEMO_DAY, demo_copy
from upright_anvil.api.studio import Studio
from upright_anvil.api.today.keeping_alerts import AlertKeeping
from upright_anvil.cli import open_database

ROUNDS = 12
"""How often the demo's weeks are repeated into the past: a year and a half of them."""

LISTS = ("archive.zip", "log.csv", "/audit", "}/programs", "/news", "/scale", "{number}")
"""Addresses that answer everything there is, or that the demo has nothing for."""

FEW = 3
"""Queries that a long history may take beyond those of a short one: what is read on where there is more."""

MORE_BYTES, MOST_BYTES = 3.0, 160_000
"""How many times as much a view may say of years as of six weeks; one that shows the last year, so much at most."""

GIVEN = {"start": "2026-01-01", "until": "2026-03-04", "minutes": "45", "exercise": "back-squat", "load": "60"}


@dataclass(frozen=True)
class Cost:
    queries: int
    length: int
    status: int


class LongHistoriesTest(TestCase):
    def setUp(self) -> None:
        holding = tempfile.TemporaryDirectory()
        self.addCleanup(holding.cleanup)
        self.file = demo_copy(Path(holding.name))
        self.queries = 0

    def costs(self) -> dict[str, Cost]:
        """What each view of somebody who trains today costs, asked for the second time."""
        studio = Studio(open_database(self.file), lambda: DEMO_DAY)
        AlertKeeping(lambda: [studio]).look()
        serve(studio)
        noticing = queries_told(studio.database, self.count)
        http = TestClient(app(), raise_server_exceptions=False)
        with noticing, closing(studio), closing(http):
            today = http.get("/api/today").json()
            waiting = today["waiting"][0]
            who = waiting["client_id"]
            session = next(one for one in today["clients"] if one["client_id"] == who)
            board = http.get(f"/api/programs/{session['program_id']}").json()
            floor = http.get(f"/api/sessions/{waiting['session_id']}/summary").json()
            phase = next(p for p in board["phases"] if any(w["id"] == floor["week_id"] for w in p["weeks"]))
            ids = {
                **{name: floor[name] for name in ("session_id", "program_id", "week_id", "day_id", "client_id")},
                "phase_id": phase["id"],
                "line_id": floor["lines"][0]["line"],
            }
            found = {}
            for path, ways in app().openapi()["paths"].items():
                of_client = re.search(r"{(client|program|session)_id}", path) or path == "/api/today"
                if "get" not in ways or not of_client or path.endswith(LISTS):
                    continue
                if any(name not in ids for name in re.findall(r"{(\w+)}", path)):
                    continue
                named = (given["name"] for given in ways["get"].get("parameters", []))
                params = {name: GIVEN[name] for name in named if name in GIVEN}
                address = re.sub(r"{(\w+)}", lambda at: ids[at[1]], path)
                http.get(address, params=params)
                self.queries = 0
                answer = http.get(address, params=params)
                found[path] = Cost(self.queries, len(answer.content), answer.status_code)
            return found

    def count(self, *_: object) -> None:
        self.queries += 1

    def test_no_view_asks_or_says_more_for_the_years_behind(self) -> None:
        short = self.costs()
        with closing(sqlite3.connect(self.file)) as connection, connection:
            before = connection.execute("SELECT count(*) FROM performed_set").fetchone()[0]
            repeat_into_the_past(connection, ROUNDS)
            after = connection.execute("SELECT count(*) FROM performed_set").fetchone()[0]
        self.assertEqual(after, before * (ROUNDS + 1))
        long = self.costs()
        self.assertGreater(len(short), 15)
        for path, of in short.items():
            with self.subTest(path, short=of, long=long[path]):
                self.assertEqual(long[path].status, of.status)
                self.assertLessEqual(long[path].queries, of.queries + FEW)
                self.assertLessEqual(long[path].length, max(of.length * MORE_BYTES, MOST_BYTES))
