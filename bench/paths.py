"""How far a tap travels: queries and the app's own modules for a keystroke, a set, a save, a review."""

import tempfile
import threading
from collections.abc import Callable
from concurrent.futures import ThreadPoolExecutor
from datetime import UTC, datetime
from pathlib import Path
from typing import Any

from fastapi.testclient import TestClient
from tools.queries_asked import queries_told

from bench.figures import NO_AIM, Figure
from upright_anvil.api.app import create_app
from upright_anvil.api.guard.same_origin import IN_TESTS
from upright_anvil.api.hosting.studios import OneStudio
from upright_anvil.api.studio import THE_STUDIO, Studio
from upright_anvil.cli import open_database
from upright_anvil.demo.scenario import fill

NOW = datetime(2026, 3, 4, 17, 0, tzinfo=UTC)


class Counted:
    """The demo studio in this process, and a count of the queries and modules that a request passes through."""

    def __init__(self, folder: str) -> None:
        self.database = open_database(Path(folder) / "demo.sqlite3")
        fill(self.database, THE_STUDIO, NOW)
        self.studio = Studio(self.database, lambda: NOW)
        self.http = TestClient(create_app(OneStudio(self.studio, (IN_TESTS,))))
        self.queries = 0
        self.modules: set[str] = set()

    def notice(self, *_: object) -> None:
        """Count a query."""
        self.queries += 1

    def ask(self, method: str, path: str, body: Any = None) -> Any:
        """Answer what a request answers."""
        answer = self.http.request(method, f"/api{path}", json=body)
        assert answer.status_code < 300, answer.text
        return answer.json()

    def count(self, action: Callable[[], Any]) -> tuple[int, int]:
        """Answer the queries and modules of an action, the second time it is done."""
        action()
        # Only threads that begin while it is counted are seen, so the studio's own begin anew.
        for held in ("writer", "drawing"):
            pool = vars(self.studio.shared).pop(held, None)
            if isinstance(pool, ThreadPoolExecutor):
                pool.shutdown()
            elif pool is not None:
                pool.close()
        self.queries, self.modules = 0, set()

        def seen(frame: Any, kind: str, _: Any) -> None:
            name = frame.f_globals.get("__name__", "")
            if kind == "call" and name.startswith("upright_anvil"):
                self.modules.add(name)

        threading.setprofile(seen)
        try:
            action()
        finally:
            threading.setprofile(None)
        return self.queries, len(self.modules)


def measure() -> list[Figure]:
    """Count for the demo's first session of the day."""
    with tempfile.TemporaryDirectory() as folder:
        app = Counted(folder)
        today = app.ask("GET", "/today")
        session, waiting = today["sessions"][0], today["waiting"][0]["session_id"]
        program = f"/programs/{session['program_id']}"
        board = app.ask("GET", program)
        phase = board["phases"][0]
        line = phase["days"][0]["groups"][0]["lines"][0]
        cell = {"line": line["id"], "week": phase["weeks"][0]["id"]}
        floor = f"{program}/weeks/{session['week_id']}/days/{session['day_id']}/floor"
        view = app.ask("GET", floor)
        start = {k: session[k] for k in ("program_id", "week_id", "day_id")} | {"started_at": NOW.isoformat()}
        app.ask("PUT", f"/sessions/{view['session_id']}", start)
        made = iter(range(100))

        def keystroke() -> None:
            app.ask("POST", f"{program}/read", {"text": "3 x 8, 60 kg", "exercise": line["exercise_id"], **cell})

        def log() -> None:
            shown = view["lines"][0]
            row = {
                "id": f"bench-{next(made):08d}", "line": shown["line"], "number": 1, "exercise": shown["exercise_id"],
                "outcome": "done", "reps": 8, "planned": shown["planned"], "logged_at": NOW.isoformat(),
            }  # fmt: skip
            app.ask("POST", f"/sessions/{view['session_id']}/sets", row)

        def save() -> None:
            base = app.ask("GET", program)["revision"]["number"]
            edit = {"op": "set_cell", **cell, "text": f"3 x {5 + next(made) % 9}"}
            app.queries, app.modules = 0, set()
            app.ask("POST", f"{program}/revisions", {"base": base, "edits": [edit], "reason": "Bench"})

        counted = [
            ("a keystroke in a cell", keystroke),
            ("a set logged", log),
            ("the floor opened", lambda: app.ask("GET", floor)),
            ("a cell saved", save),
            ("a review opened", lambda: app.ask("GET", f"/sessions/{waiting}/review")),
            ("a summary opened", lambda: app.ask("GET", f"/sessions/{waiting}/summary")),
        ]
        with queries_told(app.database, app.notice):
            found = [(name, *app.count(action)) for name, action in counted]
        app.studio.close()
    return [
        Figure(f"queries for {name}", queries, NO_AIM, "", f"{modules} modules of the app")
        for name, queries, modules in found
    ]
