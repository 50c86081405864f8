from tests.api.support import ApiTest, a_set
from tests.support import NOW


class SessionsTest(ApiTest):
    def test_a_set_sent_twice_is_stored_once(self) -> None:
        board = self.program()
        sid = self.start(board)
        self.assertEqual(self.post(f"/sessions/{sid}/sets", a_set(), 200), {"id": "set-00000001", "again": False})
        self.assertEqual(self.post(f"/sessions/{sid}/sets", a_set(), 200), {"id": "set-00000001", "again": True})
        sets = self.floor(board)["lines"][0]["sets"]
        self.assertEqual(sets[0]["logged"]["load"], {"value": "60", "unit": "kg"})
        self.assertEqual((sets[0]["beside"], sets[0]["earlier"], sets[1]["logged"]), ([], [], None))

    def test_pounds_on_a_kilogram_floor_stay_pounds(self) -> None:
        board = self.program()
        sid = self.start(board)
        self.post(f"/sessions/{sid}/sets", a_set(load={"value": "135", "unit": "lb"}), 200)
        self.assertEqual(self.floor(board)["lines"][0]["sets"][0]["logged"]["load"], {"value": "135", "unit": "lb"})

    def test_bad_sets_are_refused_and_the_ledger_stays_clean(self) -> None:
        board = self.program()
        sid = self.start(board)
        for name, wrong in [
            ("999 reps", {"reps": 999}),
            ("negative reps", {"reps": -1}),
            ("half a rep", {"reps": 7.5}),
            ("reps and seconds", {"seconds": 30}),
            ("neither", {"reps": None}),
            ("a load of nothing but noise", {"load": {"value": "NaN", "unit": "kg"}}),
            ("an endless load", {"load": {"value": "Infinity", "unit": "kg"}}),
            ("a negative load", {"load": {"value": "-20", "unit": "kg"}}),
            ("a load nobody lifts", {"load": {"value": "2999", "unit": "kg"}}),
            ("set zero", {"number": 0}),
            ("set one thousand", {"number": 1000}),
            ("an unknown outcome", {"outcome": "nailed it"}),
            ("a moment without its zone", {"logged_at": "2026-03-04T17:00:00"}),
            ("a date that is none", {"logged_at": "2026-02-30T17:00:00Z"}),
            ("an id too short", {"id": "1"}),
            ("an unknown field", {"mood": "good"}),
            ("a note of a kilometre", {"note": "x" * 2000}),
        ]:
            with self.subTest(name):
                self.problem(self.http.post(f"/api/sessions/{sid}/sets", json=a_set(**wrong)), 422)
        self.assertIsNone(self.floor(board)["lines"][0]["sets"][0]["logged"])

    def test_zero_reps_are_a_finding_not_an_error(self) -> None:
        board = self.program()
        sid = self.start(board)
        self.post(f"/sessions/{sid}/sets", a_set(reps=0), 200)
        self.assertEqual(self.floor(board)["lines"][0]["sets"][0]["logged"]["reps"], 0)

    def test_a_set_for_a_line_that_was_deleted_is_kept(self) -> None:
        board = self.program()
        sid = self.start(board)
        edits = {"base": 2, "edits": [{"op": "remove_line", "line": "l1"}], "reason": "Out"}
        self.post(f"/programs/{board['program_id']}/revisions", edits)
        self.assertFalse(self.post(f"/sessions/{sid}/sets", a_set(), 200)["again"])
        points = self.get(f"/clients/{board['client_id']}/progress")["sessions"]
        self.assertEqual(len(points[0]["sets"]), 1)

    def test_unknown_sessions(self) -> None:
        finish = {"finished_at": NOW.isoformat()}
        for path, body in [
            ("sets", a_set()),
            ("notes", {"id": "note-0001", "text": "Hm"}),
            ("finish", finish),
            ("decisions", {"decisions": [{"id": "decision-1", "line": "l1", "verdict": "accepted"}]}),
            ("next-week", {"week_id": "w9"}),
        ]:
            with self.subTest(path=path):
                self.problem(self.http.post(f"/api/sessions/nowhere/{path}", json=body), 404)
        self.problem(self.http.get("/api/sessions/nowhere/review"), 404)

    def test_the_loop_from_the_floor_to_next_week(self) -> None:
        board = self.program()
        sid = self.start(board)
        for number in (1, 2, 3):
            self.post(f"/sessions/{sid}/sets", a_set(id=f"set-0000000{number}", number=number), 200)
        self.post(f"/sessions/{sid}/finish", {"finished_at": NOW.isoformat()}, 200)
        line = self.get(f"/sessions/{sid}/review")["lines"][0]
        self.assertEqual(line["proposed"], "3 x 6-8, 62.5 kg, rest 2:00, leave 2")
        decision = {"id": "decision-1", "line": "l1", "verdict": "accepted", "seen": line["next_cell"]["text"]}
        decided = self.post(f"/sessions/{sid}/decisions", {"decisions": [decision]})
        self.assertEqual(decided["lines"][0]["decision"]["revision"], 3)
        cells = self.get(f"/programs/{board['program_id']}")["phases"][0]["days"][0]["groups"][0]["lines"][0]["cells"]
        self.assertIn("62.5 kg", cells[1]["plan"]["text"])

    def test_a_decision_on_a_cell_that_moved_is_a_conflict(self) -> None:
        board = self.program()
        sid = self.start(board)
        self.post(f"/sessions/{sid}/sets", a_set(), 200)
        decision = {"id": "decision-1", "line": "l1", "verdict": "accepted", "seen": "something else"}
        answer = self.http.post(f"/api/sessions/{sid}/decisions", json={"decisions": [decision]})
        self.assertEqual(self.problem(answer, 409)["seen"], "something else")
        changed = decision | {"verdict": "changed", "text": "3 x heavy", "seen": "3 x 6-8, 60 kg, rest 2:00, leave 2"}
        unread = self.http.post(f"/api/sessions/{sid}/decisions", json={"decisions": [changed]})
        self.assertEqual(self.problem(unread, 422)["position"], 4)
