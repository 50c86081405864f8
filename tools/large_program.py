"""The largest plan anybody writes, sixteen weeks of five days of twelve lines: for the journeys and the bench."""

from collections.abc import Callable
from typing import Any

WEEKS, DAYS, LINES = 16, 5, 12

PLACE = {"unit": "kg", "equipment": "bar 20, plates 4x2.5 4x5 4x10\nbench, rack\nstack 5-90 by 5"}


def new_client(ask: Callable[..., Any], name: str, days: int) -> str:
    """Make a client of an hour on so many days, with a hall; answer its id. ``ask`` is (method, path, body)."""
    place = {"name": f"Hall of {name}", **PLACE}
    body = {"name": name, "unit": "kg", "minutes": 60, "days_a_week": days, "place": place}
    return str(ask("POST", "/clients", body)["id"])


def large_program(ask: Callable[..., Any]) -> str:
    """Write it, each cell of a week another, and answer its id. ``ask`` is (method, path, body)."""
    client = new_client(ask, "Brunhild Large", DAYS)
    board = ask("POST", f"/clients/{client}/program", {"name": "Large", "weeks": WEEKS})
    exercises = [e["exercise"]["id"] for e in ask("GET", "/exercises?q=press&limit=40")["hits"]][:LINES]
    edits = [
        {
            "op": "add_line",
            "day": f"p1-d{day}",
            "line": f"l{day}-{n}",
            "exercise": exercise,
            "text": f"3 x {6 + n}-{8 + n}, {20 + 5 * (n % 8)} kg, rest 90 s, leave 2",
        }
        for day in range(1, DAYS + 1)
        for n, exercise in enumerate(exercises)
    ]
    path = f"/programs/{board['program_id']}"
    ask("POST", f"{path}/revisions", {"base": 1, "edits": edits, "reason": "Written"})
    lines = [edit["line"] for edit in edits]
    fill = {"week": "p1-w1", "kind": "reps", "step": "1"}
    for base, some in enumerate((lines[:30], lines[30:]), start=2):
        ask("POST", f"{path}/fill", fill | {"base": base, "lines": some})
    return str(board["program_id"])
