"""The views of a client with ten thousand sets, against the same views of the same person with some hundred."""

import re
import sqlite3
import time
from collections.abc import Callable
from contextlib import closing
from dataclasses import dataclass
from pathlib import Path
from statistics import median

from fastapi.testclient import TestClient
from tools.app_process import DEMO_DAY

from bench.figures import NO_AIM, Figure
from bench.large_studio import CLIENTS, SETS, studio_file
from upright_anvil.api.app import create_app
from upright_anvil.api.guard.same_origin import IN_TESTS
from upright_anvil.api.hosting.studios import OneStudio
from upright_anvil.api.studio import Studio
from upright_anvil.cli import settle
from upright_anvil.store.file.database import Database

YOUNG = 20_000
TIMES = 7

VIEWS = {
    "board": "/api/programs/{program}",
    "findings": "/api/programs/{program}/phases/{phase}/findings",
    "floor": "/api/programs/{program}/weeks/{week}/days/{day}/floor",
    "summary": "/api/sessions/{session}/summary",
    "review": "/api/sessions/{session}/review",
    "progress": "/api/clients/{client}/progress",
    "overview": "/api/clients/{client}/overview",
    "ahead": "/api/programs/{program}/ahead",
}


@dataclass(frozen=True)
class _Client:
    file: Path
    ids: dict[str, str]
    sets: int


def measure() -> list[Figure]:
    """Ask each view of both in turn; the first answer after a start apart, since the log is read for it."""
    settle()
    busy = _busiest(studio_file(CLIENTS, SETS))
    few = _busiest(studio_file(CLIENTS, YOUNG), busy.ids["name"])
    cold, again = _asked(busy)
    _, young = _asked(few)
    found = [
        Figure(
            f"{name}: {busy.sets:,} sets against {few.sets}", again[name] / young[name], 2, "x",
            f"{again[name]:.0f} ms, few {young[name]:.0f} ms; first after a start {cold[name]:.0f} ms",
        )
        for name in VIEWS
    ]  # fmt: skip
    return [*found, Figure("slowest first answer", max(cold.values()), NO_AIM, "ms", max(cold, key=lambda n: cold[n]))]


def _busiest(file: Path, name: str = "") -> _Client:
    with closing(sqlite3.connect(file)) as db:
        who, called, sets = db.execute(
            "SELECT c.id, c.name, count(*) AS n FROM performed_set p JOIN client c ON c.id = p.client_id "
            "WHERE ? IN ('', c.name) GROUP BY c.id ORDER BY n DESC LIMIT 1",
            (name,),
        ).fetchone()
        session, program, week, day = db.execute(
            "SELECT s.id, s.program_id, s.week_id, s.day_id FROM session s JOIN program p ON p.id = s.program_id "
            "WHERE s.client_id = ? AND s.finished_at NOT NULL AND p.ended_on IS NULL ORDER BY s.on_date DESC LIMIT 1",
            (who,),
        ).fetchone()
    ids = {"client": who, "name": called, "session": session, "program": program, "week": week, "day": day}
    return _Client(file, ids, sets)


def _asked(of: _Client) -> tuple[dict[str, float], dict[str, float]]:
    """Milliseconds of the first answer of each view, nothing kept of the file, and of the median of those after it."""
    database = Database(of.file)
    app = create_app(OneStudio(Studio(database, lambda: DEMO_DAY), (IN_TESTS,)))
    try:
        with TestClient(app) as http:
            board = http.get(VIEWS["board"].format(**of.ids)).json()
            week = of.ids["week"]
            phase = next(p["id"] for p in board["phases"] if any(w["id"] == week for w in p["weeks"]))

            def ask(address: str) -> float:
                begun = time.perf_counter()
                answer = http.get(address)
                if answer.status_code != 200:
                    raise RuntimeError(f"{address}: {answer.status_code} {answer.text[:200]}")
                return (time.perf_counter() - begun) * 1000

            def first(address: str) -> float:
                database.memory.forget()
                return ask(address)

            def times(how: Callable[[str], float], many: int) -> dict[str, float]:
                asked = {name: re.sub(r"{phase}", phase, view) for name, view in VIEWS.items()}
                return {name: median(how(view.format(**of.ids)) for _ in range(many)) for name, view in asked.items()}

            return times(first, 3), times(ask, TIMES)
    finally:
        database.close()
