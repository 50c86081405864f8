"""A client with a program of given lines, written over HTTP: for the journeys and the bench."""

import json
import urllib.request
from dataclasses import dataclass
from typing import Any
from urllib.error import HTTPError

EQUIPMENT = "bar 20, plates 2x1.25 2x2.5 4x5 4x10 2x20\ndumbbells 6-24 by 2\nkettlebells 12 16 24\nbench"


@dataclass(frozen=True)
class SmallProgram:
    """Where the program's first day is: ``floor`` is the path of its view, ``api`` that of its data."""

    program: str
    client: str
    floor: str
    api: str
    session: str


def ask(url: str, method: str, path: str, body: object = None) -> Any:
    """Send one request and answer its JSON. Raises `ValueError` with what the server says where it refuses."""
    data = None if body is None else json.dumps(body).encode()
    request = urllib.request.Request(f"{url}/api{path}", data, {"Content-Type": "application/json"}, method=method)
    try:
        with urllib.request.urlopen(request, timeout=20) as answer:
            return json.loads(answer.read())
    except HTTPError as refused:
        raise ValueError(f"{method} {path}: {refused.read().decode()}") from refused


def small_program(
    url: str, *lines: tuple[str, str], name: str = "Ottoline Fisk", kind: str = "", rests: tuple[int, int] = (0, 0)
) -> SmallProgram:
    """Write a program whose first day has these (exercise, shorthand) lines, l1, l2 …

    With ``kind`` they are one group of that kind, with seconds of rest inside a round and after it.
    """
    place = {"name": f"{name}: shed", "unit": "kg", "equipment": EQUIPMENT}
    weight = {"value": "70", "unit": "kg"}
    asked = {"name": name, "unit": "kg", "minutes": 60, "days_a_week": 3, "place": place, "body_weight": weight}
    client_id = ask(url, "POST", "/clients", asked)["id"]
    board = ask(url, "POST", f"/clients/{client_id}/program", {"name": "Strength"})
    edits: list[dict[str, object]] = [
        {"op": "add_line", "day": "p1-d1", "line": f"l{n}", "exercise": exercise, "text": text}
        for n, (exercise, text) in enumerate(lines, start=1)
    ]
    if kind:
        names = [f"l{n}" for n in range(1, len(lines) + 1)]
        edits.append({"op": "group_lines", "lines": names, "group": "g1", "kind": kind})
        edits.append({"op": "change_group", "group": "g1", "rest_inside": rests[0], "rest_after": rests[1]})
    program = board["program_id"]
    ask(url, "POST", f"/programs/{program}/revisions", {"base": 1, "edits": edits, "reason": "Written"})
    api = f"/programs/{program}/weeks/p1-w1/days/p1-d1/floor"
    session = ask(url, "GET", api)["session_id"]
    return SmallProgram(program, client_id, f"/floor/{program}/p1-w1/p1-d1", api, session)
