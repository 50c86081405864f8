from typing import Any

from starlette.testclient import WebSocketTestSession

from tests.api.support import ApiTest, Json, a_set
from tests.support import NOW

SIMULATED = {"rep_sensor": "simulated", "heart_strap": "simulated", "calls": "silent", "ask_readiness": True}


class FloorApiTest(ApiTest):
    def setUp(self) -> None:
        super().setUp()
        self.board: Json = self.program()
        self.sid = self.start(self.board)
        self.path = f"/programs/{self.board['program_id']}/weeks/p1-w1/days/p1-d1/floor"

    def change(self, wanted: Json, change_id: str = "change-0001") -> Any:
        return self.http.post(f"/api/sessions/{self.sid}/changes", json={"id": change_id, "wanted": wanted})

    def test_a_change_is_previewed_made_and_taken_back(self) -> None:
        wanted = {"sort": "load", "line": "l1", "load": {"value": "55", "unit": "kg"}}
        seen = self.post(f"{self.path}/preview", wanted, 200)
        self.assertEqual([change["label"] for change in seen["changes"]], ["Back squat: 55 kg for the sets left"])
        self.assertEqual(self.change(wanted).json(), {"id": "change-0001", "again": False})
        self.assertEqual(self.change(wanted).json(), {"id": "change-0001", "again": True})
        self.assertEqual(self.floor(self.board)["lines"][0]["sets"][0]["aim"]["load"]["value"], "55")
        undo = {"id": "undo-00001", "undoes": "change-0001"}
        self.assertFalse(self.post(f"/sessions/{self.sid}/changes/undo", undo, 200)["again"])
        self.assertEqual(self.floor(self.board)["lines"][0]["sets"][0]["aim"]["load"]["value"], "60")

    def test_bad_changes_get_a_sentence_and_change_nothing(self) -> None:
        for name, wanted in [
            ("no sort", {"line": "l1"}),
            ("an unknown sort", {"sort": "magic"}),
            ("a figure of six", {"sort": "readiness", "sleep": 6, "energy": 3, "stress": 3, "soreness": 3}),
            ("half an answer", {"sort": "readiness", "sleep": 3}),
            ("a knee without a side", {"sort": "readiness", "sleep": 3, "energy": 3, "stress": 3, "soreness": 3,
                                       "pains": [{"joint": "knee"}]}),
            ("two minutes", {"sort": "late", "minutes": 2}),
            ("a place nobody knows", {"sort": "place", "place": "moon"}),
            ("a line that is gone", {"sort": "drop", "line": "l9"}),
            ("a load of noise", {"sort": "load", "line": "l1", "load": {"value": "NaN", "unit": "kg"}}),
            ("a negative place in the order", {"sort": "move", "line": "l1", "position": -1}),
            ("an exercise nobody knows", {"sort": "add", "line": "x1", "exercise": "moon-walk"}),
            ("a line nobody can read", {"sort": "add", "line": "x1", "exercise": "plank", "text": "lots"}),
        ]:  # fmt: skip
            with self.subTest(name):
                self.problem(self.change(wanted), 422)
        self.assertEqual(self.floor(self.board)["changes"], [])

    def test_what_is_beside_the_session(self) -> None:
        self.assertEqual(self.get(f"{self.path}/clocks"), [])
        self.assertTrue(self.get(f"{self.path}/lines/l1/instead?pain=knee&side=left"))
        self.assertEqual(self.get(f"{self.path}/bar?load=85&unit=kg")["plates"]["end"][0]["value"], "20")
        self.problem(self.http.get(f"/api{self.path}/bar?load=-1&unit=kg"), 422)
        self.problem(self.http.get(f"/api{self.path}/lines/l9/instead"), 422)

    def test_what_was_seen_of_a_set_comes_back_with_it(self) -> None:
        how = {"left": 6, "right": 8, "lead": "left", "quality": "slipping", "ended": "form", "checkpoints": 1}
        self.post(f"/sessions/{self.sid}/sets", a_set(reps=6, how=how), 200)
        logged = self.floor(self.board)["lines"][0]["sets"][0]["logged"]
        self.assertEqual({key: logged["how"][key] for key in how}, how)
        for wrong in ({"left": 5, "right": 8}, {"lead": "both"}, {"quality": "superb"}, {"pain": "knees"}):
            with self.subTest(wrong):
                body = a_set(id="set-00000002", number=2, reps=6, how=wrong)
                self.problem(self.http.post(f"/api/sessions/{self.sid}/sets", json=body), 422)

    def test_a_ramp_up_set_is_logged_apart(self) -> None:
        self.post(f"/sessions/{self.sid}/sets", a_set(ramp=True, reps=5), 200)
        line = self.floor(self.board)["lines"][0]
        self.assertEqual(line["ramp_up"][0]["logged"]["reps"], 5)
        self.assertIsNone(line["sets"][0]["logged"])

    def test_effort_and_summary(self) -> None:
        self.post(f"/sessions/{self.sid}/sets", a_set(), 200)
        for bad in (-1, 11, 6.5, "hard"):
            self.problem(self.http.post(f"/api/sessions/{self.sid}/effort", json={"effort": bad}), 422)
        self.post(f"/sessions/{self.sid}/effort", {"effort": 8}, 200)
        # Sent from a clock that runs a century ahead: it ends when it arrived.
        self.post(f"/sessions/{self.sid}/finish", {"finished_at": "2126-03-04T17:00:00Z"}, 200)
        seen = self.get(f"/sessions/{self.sid}/summary")
        self.assertEqual((seen["effort"], seen["minutes"], seen["lines"][0]["state"]), (8, None, "part done"))
        self.problem(self.http.get("/api/sessions/nobody/summary"), 404)

    def test_a_session_run_twice_is_one_session(self) -> None:
        again = self.start(self.board)
        self.assertEqual(again, self.sid)
        self.post(f"/sessions/{self.sid}/finish", {"finished_at": NOW.isoformat()}, 200)
        self.assertTrue(self.post(f"/sessions/{self.sid}/finish", {"finished_at": NOW.isoformat()}, 200)["again"])
        self.post(f"/sessions/{self.sid}/sets", a_set(), 200)
        self.assertEqual(self.floor(self.board)["lines"][0]["sets"][0]["logged"]["reps"], 8)

    def test_measures_are_kept_and_bounded(self) -> None:
        body = {"id": "measure-001", "line": "l1", "number": 1, "reps": 7, "sentences": ["Measured 7 full reps."]}
        self.assertFalse(self.post(f"/sessions/{self.sid}/measures", body, 200)["again"])
        self.assertEqual(self.floor(self.board)["lines"][0]["sets"][0]["measured"], ["Measured 7 full reps."])
        for wrong in ({"heart_mean": 900}, {"reps": -1}, {"number": 0}, {"slow_down": 7}):
            with self.subTest(wrong):
                self.problem(self.http.post(f"/api/sessions/{self.sid}/measures", json=body | wrong), 422)

    def test_settings_are_kept(self) -> None:
        self.assertEqual(self.get("/settings")["rep_sensor"], "off")
        self.assertEqual(self.http.put("/api/settings", json=SIMULATED).json(), SIMULATED)
        self.assertEqual(self.get("/settings"), SIMULATED)
        self.problem(self.http.put("/api/settings", json=SIMULATED | {"calls": "trumpets"}), 422)


class DevicesTest(ApiTest):
    def watch(self) -> WebSocketTestSession:
        return self.http.websocket_connect("/api/sessions/s-of-somebody/devices")

    def until(self, socket: WebSocketTestSession, key: str) -> Any:
        """Messages stream; the next one that says this."""
        for _ in range(200):
            told = socket.receive_json()
            if key in told:
                return told[key]
        raise AssertionError(f"nothing said {key}")

    def test_a_set_is_watched_and_measured(self) -> None:
        self.http.put("/api/settings", json=SIMULATED)
        with self.watch() as socket:
            self.assertGreater(self.until(socket, "heart"), 40)
            socket.send_json({"do": "begin", "line": "l1", "number": 2, "reps": 5, "planned": "3 x 5, tempo 3-0-1-0"})
            self.assertEqual(self.until(socket, "watching"), 2)
            self.assertEqual(self.until(socket, "reps"), 0)
            socket.send_json({"do": "end"})
            self.assertTrue(self.until(socket, "measured")["sentences"])

    def test_nonsense_is_answered_with_a_sentence_and_the_stream_goes_on(self) -> None:
        self.http.put("/api/settings", json=SIMULATED)
        with self.watch() as socket:
            for nonsense in (
                "", "{", "[]", "null", '"begin"', '{"do":"dance"}', '{"do":"begin","line":"l1"}',
                '{"do":"begin","line":"l1","number":1,"reps":1000000}', "{}" * 3000, "\u0000\ud83d", '{"do":"end"}',
            ):  # fmt: skip
                socket.send_text(nonsense)
                self.assertRegex(self.until(socket, "problem"), r"\w.*\.$")
            self.assertGreater(self.until(socket, "heart"), 40)

    def test_bytes_are_nonsense_too(self) -> None:
        self.http.put("/api/settings", json=SIMULATED)
        with self.watch() as socket:
            socket.send_bytes(b"\x00\x01")
            self.assertRegex(self.until(socket, "problem"), r"\w.*\.$")

    def test_without_a_device_it_says_so_and_ends(self) -> None:
        with self.watch() as socket:
            self.assertIn("No device is chosen", socket.receive_json()["problem"])
