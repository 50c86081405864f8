"""Between sessions: a sheet made, a report written, a client of five years brought in from an archive."""

import json
import time
import urllib.request
from datetime import date, timedelta

from bench.figures import NO_AIM, Figure, timed
from bench.served import Served, served

YEARS, A_WEEK = 5, 3
LIFTS = ("Back squat", "Bench press", "Romanian deadlift", "Pull-up", "Overhead press", "Plank")


def measure() -> list[Figure]:
    """Make the sheets of a week, the report of twelve weeks, and bring in five years."""
    with served() as app:
        today = app.ask("GET", "/today")["on"]
        client = next(c["id"] for c in app.ask("GET", "/clients") if c["name"] == "Casimir Holt")
        view = app.ask("GET", f"/clients/{client}/home")
        first = view["days"][0]["week"]
        week = [d for d in view["days"] if d["week"] == first][:5]
        body = {
            "program_id": view["program_id"],
            "days": [{"week_id": d["week_id"], "day_id": d["day_id"]} for d in week],
        }

        def sheet(_: int) -> None:
            made = app.ask("POST", f"/clients/{client}/home-sheets", body)
            app.fetch(f"/home-sheets/{made['id']}/sheet.html")

        sheets = timed(sheet, times=20, warm=2)
        size = len(
            app.fetch(f"/home-sheets/{app.ask('POST', f'/clients/{client}/home-sheets', body)['id']}/sheet.html")
        )
        start = (date.fromisoformat(today) - timedelta(weeks=12)).isoformat()
        asked = {"start": start, "until": today}
        texts = app.ask("GET", f"/clients/{client}/report?start={start}&until={today}")["report"]["texts"]

        def report(_: int) -> None:
            _post(app, f"/clients/{client}/report", asked | {"texts": texts, "kind": "pdf"})

        reports = timed(report, times=10, warm=1)
        old = app.ask("POST", "/clients", {"name": "Five Years", "unit": "kg"})["id"]
        sets = _live(app, old, date.fromisoformat(today))
        begun = time.perf_counter()
        archive = app.fetch(f"/clients/{old}/archive.zip")
        written = time.perf_counter() - begun
        begun = time.perf_counter()
        answer = _post(app, "/client-archives", archive)
        took = time.perf_counter() - begun
        brought = json.loads(answer.splitlines()[-1])["client"]
        assert brought["sets"] == sets, brought
    detail = f"{len(week)} days, {size / 1000:.0f} kB"
    return [
        Figure("a home sheet of a week made and written, p95", sheets.p95, 300, "ms", detail),
        Figure("its size", size / 1000, 400, "kB", detail),
        Figure("a report of twelve weeks as PDF, p95", reports.p95, 2000, "ms", f"median {reports.median:.0f} ms"),
        Figure("a client of five years brought in", took, 10, "s", f"{sets:,} sets, {len(archive) / 1e6:.1f} MB"),
        Figure("its archive written", written, NO_AIM, "s", ""),
    ]


def _post(app: Served, path: str, body: object) -> bytes:
    raw = isinstance(body, bytes)
    sent = body if isinstance(body, bytes) else json.dumps(body).encode()
    port = app.connection.port
    kind = {"Content-Type": "application/zip" if raw else "application/json"}
    request = urllib.request.Request(f"http://127.0.0.1:{port}/api{path}", sent, kind)
    with urllib.request.urlopen(request) as answer:
        content: bytes = answer.read()
    return content


def _live(app: Served, client: str, today: date) -> int:
    """Three sessions a week of six exercises and three sets, brought in a year at a time; answer how many sets."""
    many = 0
    for year in range(YEARS):
        rows = ["date,exercise,sets,reps,load"]
        for number in range(52 * A_WEEK):
            on = today - timedelta(weeks=52 * (year + 1)) + timedelta(days=number * 7 // A_WEEK)
            for lift in LIFTS:
                amount = "40 s" if lift == "Plank" else str(5 + number % 5)
                load = "" if lift in ("Plank", "Pull-up") else f"{40 + 2.5 * (number % 12):g} kg"
                rows.append(f"{on.isoformat()},{lift},3,{amount},{load}")
                many += 3
        app.ask("POST", "/bringing/sessions", {"text": "\n".join(rows), "client": client, "chosen": {}})
    return many
