"""No view walks through a table that grows as long as the studio is there: SQLite says how it would find the rows."""

import re
import tempfile
from collections import Counter
from pathlib import Path
from typing import Any
from unittest import TestCase

from fastapi.testclient import TestClient
from tools.queries_asked import queries_told

from tests.api.support import app, serve
from tests.demo.filled import DEMO_DAY, demo_copy
from tests.store.kept_queries import kept_queries
from upright_anvil.api.studio import Studio
from upright_anvil.cli import open_database

FEW = {
    "person": "a studio's people",
    "passkey": "a few for each of them",
    "device": "what they use",
    "studio": "one row",
    "place": "where it trains",
    "client": "a list of clients shows all of them",
    "client_alert": "one row a client, shown with the list",
    "own_template": "what somebody wrote for themselves",
    "own_exercise": "the library is read as one, and kept",
    "asked": "the ids that were asked for, handed over as one text",
    "CONSTANT": "values, no table",
    "sqlite_master": "the tables themselves",
    "test_round": "a row a client in some weeks; the latest of each battery is asked of all at once",
}
"""Tables that are walked through, and why that stays cheap."""

UNASKED = ("news", "scale", "picture", "{key}", "{sheet_id}", "{result_id}", "{round_id}")
"""Streams, and addresses of what the demo has none of."""

GIVEN = {
    "start": "2026-01-01", "until": "2026-03-04", "before": "1", "after": "2", "minutes": "45",
    "exercise": "back-squat", "load": "60", "q": "squat",
}  # fmt: skip


class QueryPlanTest(TestCase):
    def setUp(self) -> None:
        holding = tempfile.TemporaryDirectory()
        self.addCleanup(holding.cleanup)
        self.database = open_database(demo_copy(Path(holding.name)))
        studio = Studio(self.database, lambda: DEMO_DAY)
        self.addCleanup(studio.close)
        serve(studio)
        self.http = TestClient(app(), raise_server_exceptions=False)
        self.asked: dict[str, tuple[Any, str]] = {}
        self.path = ""
        self.enterContext(queries_told(self.database, self.note))

    def note(self, statement: str, given: Any) -> None:
        if statement.lstrip().upper().startswith(("SELECT", "WITH", "UPDATE", "DELETE")):
            self.asked.setdefault(statement, (given, self.path))

    def ids(self) -> dict[str, str]:
        """The ids that addresses are made with: those of somebody who trains today."""
        today = self.http.get("/api/today").json()
        session = today["sessions"][0]
        board = self.http.get(f"/api/programs/{session['program_id']}").json()
        phase = board["phases"][0]
        return {
            **{name: session[name] for name in ("program_id", "week_id", "day_id", "client_id")},
            "session_id": today["waiting"][0]["session_id"],
            "phase_id": phase["id"],
            "line_id": phase["days"][0]["groups"][0]["lines"][0]["id"],
            "exercise_id": "back-squat",
            "number": "1",
        }

    def test_every_view_finds_its_rows_by_an_index(self) -> None:
        ids, statuses = self.ids(), Counter[int]()
        for path, ways in app().openapi()["paths"].items():
            if "get" not in ways or any(part in path for part in UNASKED):
                continue
            self.path = path
            named = (given["name"] for given in ways["get"].get("parameters", []))
            answer = self.http.get(
                re.sub(r"{(\w+)}", lambda found: ids[found[1]], path),
                params={name: GIVEN[name] for name in named if name in GIVEN},
            )
            statuses[answer.status_code] += 1
        self.assertGreater(statuses[200], 45)
        self.assertLess(statuses.total() - statuses[200], 5, statuses)
        self.assertEqual(self.walked(), {})

    def walked(self) -> dict[str, str]:
        """Tables that a query walks through though they are not few, with the view and the query."""
        found: dict[str, str] = {}
        with self.database.engine.connect() as connection:
            partial = connection.exec_driver_sql("SELECT name FROM sqlite_master WHERE sql LIKE 'CREATE INDEX%WHERE%'")
            short = set(partial.scalars())
            for statement, (given, path) in self.asked.items():
                for row in connection.exec_driver_sql(f"EXPLAIN QUERY PLAN {statement}", given):
                    scan = re.match(r"SCAN (\w+)(?: USING INDEX (\w+))?", row[3])
                    if (
                        scan
                        and scan[1] not in FEW
                        and scan[1] not in ("CONSTANT", "sqlite_master")
                        and scan[2] not in short
                    ):
                        found[scan[1]] = f"{path}: {' '.join(statement.split())[:300]}"
        return found

    def test_every_query_that_is_kept_finds_its_rows_by_an_index(self) -> None:
        # Also those of views that the demo has nothing of.
        for name, query in kept_queries().items():
            self.asked[query.sql] = (dict.fromkeys(re.findall(r":(\w+)", query.sql)), name)
        self.assertGreater(len(self.asked), 40)
        self.assertEqual(self.walked(), {})

    def test_it_would_notice_one(self) -> None:
        with self.database.engine.connect() as connection:
            connection.exec_driver_sql("SELECT * FROM performed_set WHERE reps = 8")
            connection.exec_driver_sql("SELECT client_id, max(seq) FROM performed_set GROUP BY client_id")
        self.assertEqual(set(self.walked()), {"performed_set"})
