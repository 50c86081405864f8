from tests.api.support import ApiTest


class ProgramsTest(ApiTest):
    def test_a_line_is_read_as_it_is_typed(self) -> None:
        board = self.program()
        path = f"/programs/{board['program_id']}/read"
        read = self.post(path, {"text": "3x8 61", "exercise": "back-squat"}, 200)
        self.assertEqual((read["state"], read["text"]), ("read", "3 x 8, 61 kg"))
        self.assertIn("take 60 kg or 62.5 kg", read["caution"])
        wrong = self.post(path, {"text": "3 x 8, tmepo 3-1-1-0", "exercise": "back-squat"}, 200)["unreadable"]
        self.assertEqual((wrong["position"], wrong["nearest"]), (7, "3 x 8, tempo 3-1-1-0"))

    def test_an_unreadable_line_is_kept_as_typed(self) -> None:
        cell = self.program("3 x heavy")["phases"][0]["days"][0]["groups"][0]["lines"][0]["cells"][0]["plan"]
        self.assertEqual((cell["state"], cell["text"]), ("unreadable", "3 x heavy"))

    def test_a_stale_save_is_a_conflict_with_the_difference(self) -> None:
        board = self.program()
        path = f"/programs/{board['program_id']}/revisions"
        edit = {"op": "set_cell", "line": "l1", "week": "p1-w1", "text": "3 x 5, 70 kg"}
        self.post(path, {"base": 2, "edits": [edit], "reason": "One device"})
        late = self.http.post(f"/api{path}", json={"base": 2, "edits": [edit | {"text": "5 x 5"}], "reason": "Another"})
        problem = self.problem(late, 409)
        self.assertEqual((problem["base"], problem["current"]), (2, 3))
        self.assertEqual(problem["differences"][0]["after"], "3 x 5, 70 kg")

    def test_a_save_tells_what_the_checks_find_where_that_is_asked_for(self) -> None:
        board = self.program()
        path = f"/programs/{board['program_id']}"
        save = {"base": 2, "edits": [_cell("9 x 20, 100 kg")], "reason": "Too much"}
        looked = self.post(f"{path}/revisions", save | {"look": ["p1", "gone"]})
        (found,) = looked["findings"]
        self.assertEqual((found["phase"], found["found"]["revision"]), ("p1", 3))
        self.assertEqual(found["found"], self.get(f"{path}/phases/p1/findings"))
        self.assertGreater(len(found["found"]["findings"]), 0)
        quiet = self.post(f"{path}/revisions", save | {"base": 3, "edits": [_cell("3 x 8")]})
        self.assertEqual(quiet["findings"], [])
        many = self.http.post(f"/api{path}/revisions", json=save | {"base": 4, "look": ["p1"] * 13})
        self.problem(many, 422)

    def test_undo_redo_and_the_logbook(self) -> None:
        board = self.program()
        path = f"/programs/{board['program_id']}"
        undone = self.post(f"{path}/undo", {"base": 2})
        self.assertEqual(undone["phases"][0]["days"][0]["groups"], [])
        self.assertEqual(self.post(f"{path}/redo", {"base": 3})["phases"], board["phases"])
        self.assertEqual([r["number"] for r in self.get(f"{path}/revisions")], [4, 3, 2, 1])
        self.problem(self.http.post(f"/api{path}/redo", json={"base": 4}), 422)
        self.problem(self.http.post(f"/api{path}/undo", json={"base": 1}), 409)

    def test_bad_edits_are_refused_and_nothing_is_lost(self) -> None:
        board = self.program()
        path = f"/api/programs/{board['program_id']}/revisions"
        good = {"base": 2, "edits": [{"op": "remove_line", "line": "l1"}], "reason": "Out"}
        for name, wrong in [
            ("no edits", good | {"edits": []}),
            ("no reason", good | {"reason": " "}),
            ("an unknown op", good | {"edits": [{"op": "burn"}]}),
            ("an unknown field", good | {"edits": [{"op": "remove_line", "line": "l1", "force": True}]}),
            ("an unknown line", good | {"edits": [{"op": "remove_line", "line": "l9"}]}),
            ("a text of a kilometre", good | {"edits": [_cell("x" * 500)]}),
            ("base that is no number", good | {"base": "latest"}),
            ("a negative base", good | {"base": -1}),
            (
                "an unknown exercise",
                good | {"edits": [{"op": "add_line", "day": "p1-d1", "line": "l2", "exercise": "x"}]},
            ),
            ("a date that is none", good | {"edits": [{"op": "change_program", "name": "X", "start": "2026-02-30"}]}),
        ]:
            with self.subTest(name):
                self.problem(self.http.post(path, json=wrong), 422)
        self.assertEqual(self.get(f"/programs/{board['program_id']}"), board)

    def test_a_revision_from_the_future_is_not_there(self) -> None:
        board = self.program()
        body = {"base": 99, "edits": [{"op": "remove_line", "line": "l1"}], "reason": "Out"}
        self.problem(self.http.post(f"/api/programs/{board['program_id']}/revisions", json=body), 404)

    def test_unknown_programs(self) -> None:
        for path in ["", "/revisions", "/weeks/w/days/d/floor"]:
            with self.subTest(path=path):
                self.problem(self.http.get(f"/api/programs/nowhere{path}"), 404)
        self.problem(self.http.post("/api/programs/nowhere/read", json={"text": "3 x 8", "exercise": "x"}), 404)


def _cell(text: str) -> dict[str, str]:
    return {"op": "set_cell", "line": "l1", "week": "p1-w1", "text": text}
