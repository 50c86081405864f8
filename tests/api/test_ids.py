"""Any id made by a device and sent again: the same content answers as before, anything else is a conflict."""

from typing import Any

from tests.api.support import CLIENT, ApiTest, Json, a_set
from tests.support import NOW, TODAY


class MadeIdsTest(ApiTest):
    def sent_again(self, method: str, path: str, body: Json, otherwise: Json, elsewhere: str = "") -> None:
        """Send a thing twice, then another thing, and the same of another owner, under its id."""

        def send(said: Json, to: str = path) -> Any:
            return self.http.request(method, f"/api{to}", json=said)

        first = send(body)
        self.assertLess(first.status_code, 300, first.text)
        again = send(body)
        self.assertEqual(again.status_code, first.status_code, again.text)
        self.assertIn("already", self.problem(send(body | otherwise), 409)["detail"])
        if elsewhere:
            self.problem(send(body, elsewhere), 409)

    def test_what_the_floor_sends(self) -> None:
        board = self.program()
        sid = self.start(board)
        other = self.start(board, week=2)
        at, there = f"/sessions/{sid}", f"/sessions/{other}"
        for name, path, body, otherwise in [
            ("a set", "/sets", a_set(), {"reps": 5}),
            ("a note", "/notes", {"id": "note-00000001", "line": "l1", "text": "Steady"}, {"text": "Shaky"}),
            (
                "a change",
                "/changes",
                {"id": "change-0001", "wanted": {"sort": "late", "minutes": 30}},
                {"wanted": {"sort": "late", "minutes": 25}},
            ),
            (
                "a measure",
                "/measures",
                {"id": "measure-0001", "line": "l1", "number": 1, "reps": 8, "sentences": []},
                {"reps": 9},
            ),
        ]:
            with self.subTest(name):
                self.sent_again("POST", at + path, body, otherwise, there + path)

    def test_the_start_of_a_session(self) -> None:
        board = self.program()
        sid = self.start(board)
        start = {
            "program_id": board["program_id"],
            "week_id": "p1-w1",
            "day_id": "p1-d1",
            "started_at": NOW.isoformat(),
        }
        self.sent_again("PUT", f"/sessions/{sid}", start, {"week_id": "p1-w2"})

    def test_a_report_of_readiness_sent_again_is_the_same_whatever_the_cycle_report_says_by_then(self) -> None:
        board = self.program()
        sid = self.start(board)
        wanted = {"sort": "readiness", "sleep": 2, "energy": 2, "stress": 2, "soreness": 2, "pains": []}
        body = {"id": "change-0001", "wanted": wanted}
        self.sent_again("POST", f"/sessions/{sid}/changes", body, {"wanted": wanted | {"sleep": 4}})

    def test_entries_rounds_and_results(self) -> None:
        who, other = (self.post("/clients", CLIENT | {"name": name})["id"] for name in ("Ottoline Fisk", "Emrys Vane"))
        entry = {"id": "entry-0001", "on": str(TODAY), "topic": "knee", "side": "left", "state": "spare it"}
        self.sent_again("POST", f"/clients/{who}/history", entry, {"state": "over"}, f"/clients/{other}/history")
        begin = {"battery": "no-equipment", "on": str(TODAY), "started_at": NOW.isoformat()}
        rounds = "/rounds/round-00001"
        self.sent_again(
            "PUT", f"/clients/{who}{rounds}", begin, {"battery": "studio-basic"}, f"/clients/{other}{rounds}"
        )
        done = {
            "id": "result-0001",
            "test": "plank-hold",
            "on": str(TODAY),
            "value": "60",
            "round_id": "round-00001",
            "at": NOW.isoformat(),
            "variant": "full",
        }
        self.sent_again("POST", f"/clients/{who}/results", done, {"value": "70"})
