"""The app over HTTP, in this process."""

from functools import lru_cache
from typing import Any

from fastapi import FastAPI
from fastapi.testclient import TestClient

from tests.support import EQUIPMENT, NOW, TODAY, StudioTest
from upright_anvil.api.app import create_app
from upright_anvil.api.guard.same_origin import IN_TESTS, LOOPBACK
from upright_anvil.api.hosting.studios import OneStudio
from upright_anvil.api.people.sign_in import TryLimit
from upright_anvil.api.studio import Studio
from upright_anvil.core.health.screening import Answers
from upright_anvil.services.health.health_file import add_screen

Json = dict[str, Any]

CLIENT: Json = {
    "name": "Ottoline Fisk",
    "unit": "kg",
    "minutes": 60,
    "days_a_week": 3,
    "place": {"name": "Depot", "unit": "kg", "equipment": EQUIPMENT},
}


def one(studio: Studio, *names: str) -> OneStudio:
    """A studio called by names, by those of this machine and of the test client unless told otherwise."""
    return OneStudio(studio, names or (*LOOPBACK, IN_TESTS))


@lru_cache(maxsize=1)
def _lent_in_tests() -> OneStudio:
    return one(Studio.__new__(Studio))


@lru_cache(maxsize=1)
def app() -> FastAPI:
    """The app once for all tests: putting it together takes longer than most of them."""
    return create_app(_lent_in_tests())


def serve(studio: Studio) -> None:
    """Let the app of all tests serve a studio."""
    _lent_in_tests().studio = studio
    app().state.try_limit = TryLimit()


class ApiTest(StudioTest):
    """Gives `http`, and short ways to a client, a program and a started session."""

    def setUp(self) -> None:
        super().setUp()
        self.use(self.studio)
        self.http = TestClient(app(), raise_server_exceptions=False)
        self.addCleanup(self.http.close)

    def use(self, studio: Studio) -> None:
        serve(studio)
        self.addCleanup(studio.close)

    def post(self, path: str, body: Json, status: int = 201) -> Any:
        answer = self.http.post(f"/api{path}", json=body)
        self.assertEqual(answer.status_code, status, answer.text)
        return answer.json()

    def get(self, path: str, status: int = 200) -> Any:
        answer = self.http.get(f"/api{path}")
        self.assertEqual(answer.status_code, status, answer.text)
        return answer.json()

    def program(self, text: str = "3 x 6-8, 60 kg, rest 2:00, leave 2") -> Json:
        client = self.post("/clients", CLIENT)
        with self.studio.writing() as scope:
            add_screen(scope, client["id"], Answers(active=True), TODAY, NOW, TODAY)
        board = self.post(f"/clients/{client['id']}/program", {"name": "Strength"})
        edits = [
            {"op": "add_line", "day": "p1-d1", "line": "l1", "exercise": "back-squat"},
            {"op": "set_cell", "line": "l1", "week": "p1-w1", "text": text, "carry": "all"},
        ]
        return self.saved(board["program_id"], {"base": 1, "edits": edits, "reason": "Written"})

    def saved(self, program_id: str, edits: Json) -> Json:
        """The board after some edits were saved."""
        self.post(f"/programs/{program_id}/revisions", edits)
        board: Json = self.get(f"/programs/{program_id}")
        return board

    def floor(self, board: Json, week: int = 1) -> Json:
        found: Json = self.get(f"/programs/{board['program_id']}/weeks/p1-w{week}/days/p1-d1/floor")
        return found

    def start(self, board: Json, week: int = 1) -> str:
        sid = str(self.floor(board, week)["session_id"])
        body = {
            "program_id": board["program_id"],
            "week_id": f"p1-w{week}",
            "day_id": "p1-d1",
            "started_at": NOW.isoformat(),
        }
        answer = self.http.put(f"/api/sessions/{sid}", json=body)
        self.assertEqual(answer.status_code, 200, answer.text)
        return sid

    def problem(self, answer: Any, status: int) -> Json:
        """A problem document: its media type, its status, and a sentence."""
        self.assertEqual(answer.status_code, status, answer.text)
        self.assertEqual(answer.headers["content-type"], "application/problem+json")
        body: Json = answer.json()
        self.assertEqual(body["status"], status)
        self.assertRegex(body["detail"], r"\w.*\.$")
        self.assertNotIn("Traceback", answer.text)
        return body


def a_set(**more: Any) -> Json:
    """A set as the floor sends it."""
    return {
        "id": "set-00000001",
        "line": "l1",
        "number": 1,
        "exercise": "back-squat",
        "outcome": "done",
        "reps": 8,
        "load": {"value": "60", "unit": "kg"},
        "reserve": 2,
        "planned": "3 x 6-8, 60 kg, rest 2:00, leave 2",
        "logged_at": NOW.isoformat(),
    } | more
