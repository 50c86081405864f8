"""Opening the board and the floor against the bare SELECTs they rest on and one ``json.dumps``."""

import json
import sqlite3
from contextlib import closing
from typing import Any

from bench.figures import Figure, interleaved
from bench.served import Served, served
from upright_anvil.store.tables.base import unpacked

TIMES = 150

BOARD = (
    "SELECT * FROM program WHERE id = :program",
    "SELECT * FROM revision WHERE program_id = :program ORDER BY number DESC LIMIT 1",
    "SELECT * FROM client WHERE id = :client",
    "SELECT * FROM client_place c JOIN place p ON p.id = c.place_id WHERE c.client_id = :client",
    "SELECT * FROM history_entry WHERE client_id = :client",
    "SELECT * FROM test_result WHERE client_id = :client AND test = 'body-weight'",
    "SELECT * FROM own_exercise",
    "SELECT * FROM session WHERE client_id = :client",
    "SELECT * FROM performed_set WHERE client_id = :client",
)
FLOOR = (
    *BOARD[:-1],
    "SELECT * FROM screening WHERE client_id = :client",
    "SELECT * FROM clearance WHERE client_id = :client",
    "SELECT * FROM performed_set WHERE client_id = :client AND exercise IN"
    " (SELECT exercise FROM performed_set WHERE client_id = :client GROUP BY exercise LIMIT 6)",
    "SELECT * FROM note WHERE client_id = :client",
)


def measure() -> list[Figure]:
    """Open both views over HTTP, turn by turn with their SELECTs."""
    with served() as app:
        session = next(s for s in app.ask("GET", "/today")["sessions"] if s["client"] == "Casimir Holt")
        names = {"program": session["program_id"], "client": session["client_id"]}
        board = f"/programs/{session['program_id']}"
        floor = f"{board}/weeks/{session['week_id']}/days/{session['day_id']}/floor"
        return [
            _against(app, "open the board / bare SELECTs and json.dumps", board, BOARD, names),
            _against(app, "open the floor / bare SELECTs and json.dumps", floor, FLOOR, names),
        ]


def _against(app: Served, claim: str, path: str, queries: tuple[str, ...], names: dict[str, str]) -> Figure:
    with closing(sqlite3.connect(app.data)) as bare:
        bare.row_factory = sqlite3.Row

        def select(_: int) -> str:
            rows: list[list[dict[str, Any]]] = [[dict(r) for r in bare.execute(q, names)] for q in queries]
            return json.dumps(rows, default=unpacked)

        http, plain = interleaved(lambda _: app.fetch(path), select, TIMES)
    detail = f"HTTP {http.median:.2f} ms (p95 {http.p95:.2f}), SELECTs and json.dumps {plain.median:.2f} ms"
    return Figure(claim, http.median / plain.median, 5, "x", detail)
