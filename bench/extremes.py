"""What nobody is meant to have: it is slower, and never broken. The slowest answer of each, every one of them a 200.

A client with fifty thousand sets, five thousand own exercises, five thousand clients, a program of 52 weeks with seven
days of forty lines.
"""

import json
import sqlite3
import tempfile
import time
from collections.abc import Callable, Iterator
from contextlib import closing, contextmanager
from pathlib import Path
from typing import Any

from fastapi.testclient import TestClient
from tools.app_process import DEMO_DAY

from bench.figures import Figure
from bench.large_studio import repeat_of_client
from upright_anvil.api.app import create_app
from upright_anvil.api.guard.same_origin import IN_TESTS
from upright_anvil.api.hosting.studios import OneStudio
from upright_anvil.api.studio import THE_STUDIO, Studio
from upright_anvil.api.today.keeping_alerts import AlertKeeping
from upright_anvil.cli import open_database
from upright_anvil.demo.scenario import fill

SETS, EXERCISES, PEOPLE = 50_000, 5_000, 5_000
WEEKS, DAYS, LINES = 52, 7, 40
PATIENCE = 15_000
"""Milliseconds after which a person has left."""

Ask = Callable[..., Any]


def measure() -> list[Figure]:
    """Make each out of the demo, and ask what a trainer would look at."""
    return [
        _slowest(f"a client with {SETS:,} sets", _many_sets),
        _slowest(f"{EXERCISES:,} own exercises", _many_exercises),
        _slowest(f"{PEOPLE:,} clients", _many_clients),
        _slowest(f"a program of {WEEKS} weeks x {DAYS} days x {LINES} lines", _huge_program),
    ]


def _slowest(claim: str, make: Callable[[sqlite3.Connection, list[str]], str | None]) -> Figure:
    with tempfile.TemporaryDirectory() as folder:
        file = Path(folder) / "data.sqlite3"
        database = open_database(file)
        fill(database, THE_STUDIO, DEMO_DAY)
        database.close()
        with closing(sqlite3.connect(file)) as connection, connection:
            about: list[str] = []
            make(connection, about)
        taken: dict[str, float] = {}
        with _served(file, taken) as ask:
            if make is _huge_program:
                about += _write_it(ask)
            _look_around(ask, *about)
        worst = max(taken, key=lambda view: taken[view])
    return Figure(claim, taken[worst], PATIENCE, "ms", f"the slowest of {len(taken)} views: {worst}")


@contextmanager
def _served(file: Path, taken: dict[str, float]) -> Iterator[Ask]:
    studio = Studio(open_database(file), lambda: DEMO_DAY)
    AlertKeeping(lambda: [studio]).look()
    with TestClient(create_app(OneStudio(studio, (IN_TESTS,)))) as http:

        def ask(method: str, path: str, name: str = "", body: object = None, **params: str) -> Any:
            begun = time.perf_counter()
            answer = http.request(method, f"/api{path}", json=body, params=params)
            taken[name or path] = (time.perf_counter() - begun) * 1000
            if answer.status_code not in (200, 201):
                raise RuntimeError(f"{method} {path}: {answer.status_code} {answer.text[:200]}")
            return answer.json() if "json" in answer.headers["content-type"] else answer.content

        yield ask
    studio.close()


def _look_around(ask: Ask, client_id: str = "", program: str = "") -> None:
    today = ask("GET", "/today")
    waiting = next((one for one in today["waiting"] if one["client_id"] == client_id), today["waiting"][0])
    client_id = client_id or waiting["client_id"]
    program = program or next(one["program_id"] for one in today["clients"] if one["client_id"] == client_id)
    ask("GET", "/clients")
    ask("GET", "/exercises", "exercises by name", q="squat")
    board = ask("GET", f"/programs/{program}", "board")
    ask("GET", f"/programs/{program}/phases/{board['phases'][0]['id']}/findings", "findings")
    ask("GET", f"/programs/{program}/ahead", "ahead")
    ask("GET", f"/programs/{program}/calendar", "calendar")
    session = waiting["session_id"]
    summary = ask("GET", f"/sessions/{session}/summary", "summary")
    ask("GET", f"/sessions/{session}/review", "review")
    where = "/programs/{program_id}/weeks/{week_id}/days/{day_id}/floor".format(**summary)
    ask("GET", where, "floor")
    for view in ("", "/overview", "/progress", "/programs", "/archive.zip", "/log.csv"):
        ask("GET", f"/clients/{client_id}{view}", view.strip("/") or "client")
    ask("GET", f"/clients/{client_id}/progress", "progress, the whole of it", whole="true")


def _many_sets(db: sqlite3.Connection, about: list[str]) -> None:
    client, sets = db.execute(
        "SELECT client_id, count(*) AS n FROM performed_set GROUP BY 1 ORDER BY n DESC LIMIT 1"
    ).fetchone()
    repeat_of_client(db, client, SETS // sets)
    about.append(client)


def _many_exercises(db: sqlite3.Connection, _about: list[str]) -> None:
    document = {
        "pattern": "push horizontal", "kind": "lift", "movers": [], "helpers": [], "implements": ["barbell"],
        "needs": [], "share": "0", "rep_seconds": 3, "one_sided": False, "stable": True, "joints": {}, "strength": {},
        "cues": [], "cues_for": {}, "faults": [], "asks": [], "ladder": "", "after": "", "kit": [], "also": [],
        "on_request": False, "skill": "anyone", "suits": [],
    }  # fmt: skip
    rows = (
        (f"own-{n:05d}", THE_STUDIO, f"Odd press {n}", json.dumps(document | {"name": f"Odd press {n}"}))
        for n in range(EXERCISES)
    )
    db.executemany("INSERT INTO own_exercise (id, studio_id, name, document) VALUES (?, ?, ?, ?)", rows)


def _many_clients(db: sqlite3.Connection, _about: list[str]) -> None:
    names = [row[1] for row in db.execute("PRAGMA table_info(client)")]
    columns = ", ".join(names)
    values = ", ".join({"id": "?1", "name": "?2"}.get(name, name) for name in names)
    copy = f"INSERT INTO client ({columns}) SELECT {values} FROM client ORDER BY id LIMIT 1"
    db.executemany(copy, ((f"c{n:05d}", f"Person {n:05d}") for n in range(PEOPLE)))


def _huge_program(_db: sqlite3.Connection, _about: list[str]) -> None:
    """Nothing to prepare: it is written as a trainer would."""


def _write_it(ask: Ask) -> list[str]:
    client: str = ask("GET", "/clients")[0]["id"]
    board = ask("POST", f"/clients/{client}/program", "a new program", {"name": "Huge", "weeks": WEEKS})
    phase, path = board["phases"][0], f"/programs/{board['program_id']}"
    days = [day["id"] for day in phase["days"]]
    more = [
        {"op": "add_day", "phase": phase["id"], "day": f"d{n}", "name": f"Day {n}", "weekday": n}
        for n in range(DAYS)
        if n not in {day["weekday"] for day in phase["days"]}
    ]
    base = board["revision"]["number"]
    for day, edits in [("", more), *((day, _lines(day, phase["weeks"][0]["id"])) for day in [*days, *_ids(more)])]:
        body = {"base": base, "edits": edits, "reason": "Written"}
        ask("POST", f"{path}/revisions", f"save {day}", body)
        base += 1
    return [client, board["program_id"]]


def _ids(edits: list[dict[str, Any]]) -> list[str]:
    return [edit["day"] for edit in edits]


def _lines(day: str, week: str) -> list[dict[str, Any]]:
    edits: list[dict[str, Any]] = []
    for n in range(LINES):
        line = f"{day}-l{n}"
        edits.append({"op": "add_line", "day": day, "line": line, "exercise": "back-squat"})
        edits.append({"op": "set_cell", "line": line, "week": week, "text": "3 x 8, 60 kg", "carry": "all"})
    return edits
