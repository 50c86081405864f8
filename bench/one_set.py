"""Logging one set over HTTP against a bare insert and commit into the same kind of file.

No aim: beside a fast disk the ratio says little. `held_up` tells the processor time of it.
"""

import sqlite3
from datetime import UTC, datetime

from bench.figures import NO_AIM, Figure, interleaved
from bench.served import served

TIMES = 400


def measure() -> list[Figure]:
    """Log sets turn by turn with bare inserts into a second file on the same disk, ``synchronous=FULL``."""
    with served() as app:
        session = app.ask("GET", "/today")["sessions"][0]
        floor = f"/programs/{session['program_id']}/weeks/{session['week_id']}/days/{session['day_id']}/floor"
        view = app.ask("GET", floor)
        now = datetime.now(UTC).isoformat()
        sid = view["session_id"]
        start = {k: session[k] for k in ("program_id", "week_id", "day_id")} | {"started_at": now}
        app.ask("PUT", f"/sessions/{sid}", start)
        line = view["lines"][0]

        def log(number: int) -> None:
            row = {
                "id": f"bench-{number + 100:08d}",
                "line": line["line"],
                "number": 1,
                "exercise": line["exercise_id"],
                "outcome": "done",
                "reps": 8,
                "load": {"value": "60", "unit": "kg"},
                "reserve": 2,
                "planned": line["planned"],
                "logged_at": now,
            }
            app.ask("POST", f"/sessions/{sid}/sets", row)

        bare = sqlite3.connect(app.data.with_name("bare.sqlite3"), isolation_level=None)
        bare.execute("PRAGMA journal_mode=WAL")
        bare.execute("PRAGMA synchronous=FULL")
        source = sqlite3.connect(app.data)
        for (schema,) in source.execute(
            "SELECT sql FROM sqlite_master WHERE tbl_name = 'performed_set' AND sql NOT NULL"
        ):
            bare.execute(schema)
        columns = [row[1] for row in source.execute("PRAGMA table_info(performed_set)")]
        sample = source.execute("SELECT * FROM performed_set LIMIT 1").fetchone()
        insert = f"INSERT INTO performed_set VALUES ({', '.join('?' * len(columns))})"

        def insert_bare(number: int) -> None:
            bare.execute("BEGIN IMMEDIATE")
            bare.execute(insert, (number + 1000, f"bare-{number}", *sample[2:]))
            bare.execute("COMMIT")

        http, plain = interleaved(log, insert_bare, TIMES)
    detail = f"HTTP {http.median:.2f} ms (p95 {http.p95:.2f}), bare insert and commit {plain.median:.2f} ms"
    return [Figure("log one set / bare insert and commit", http.median / plain.median, NO_AIM, "x", detail)]
