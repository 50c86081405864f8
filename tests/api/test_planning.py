"""Help with writing over HTTP: findings, trials, paths, fitting, calendar, revisions, templates, drafts."""

import json

from tests.api.support import CLIENT, ApiTest, Json, a_set
from tests.support import NOW
from upright_anvil.core.ids import ProgramId


class PlanningTest(ApiTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.program("3 x 6-8, 61 kg, rest 2:00, leave 2")
        self.path = f"/programs/{self.board['program_id']}"

    def edit(self, *edits: Json, base: int = 2) -> Json:
        return self.saved(self.board["program_id"], {"base": base, "edits": list(edits), "reason": "Changed"})

    def texts(self, board: Json) -> list[str]:
        return [c["plan"]["text"] for c in board["phases"][0]["days"][0]["groups"][0]["lines"][0]["cells"]]

    def test_a_finding_its_trial_and_its_fix(self) -> None:
        found = self.get(f"{self.path}/phases/p1/findings")
        self.assertEqual(found["revision"], 2)
        missing = next(f for f in found["findings"] if f["check"] == "load-missing")
        self.assertEqual(missing["weeks"], [1, 2, 3, 4])
        trial = self.post(f"{self.path}/try", {"edits": missing["fix"]["edits"]}, 200)
        self.assertEqual(trial["gone"], [missing["message"]])
        self.assertEqual(trial["differences"][0]["after"], "3 x 6-8, 60 kg, rest 2:00, leave 2")
        self.assertEqual(self.get(self.path)["revision"]["number"], 2, "a trial keeps nothing")
        self.edit(*missing["fix"]["edits"])
        after = self.get(f"{self.path}/phases/p1/findings")
        self.assertNotIn("load-missing", [f["check"] for f in after["findings"]])

    def test_a_reason_is_kept_with_the_plan(self) -> None:
        asked = next(f for f in self.get(f"{self.path}/phases/p1/findings")["findings"] if f["check"] == "load-missing")
        answer = {"op": "answer_finding", "check": asked["check"], "where": asked["where"], "message": asked["message"]}
        self.edit(answer | {"reason": "New plates come on Friday"})
        told = self.get(f"{self.path}/phases/p1/findings")["findings"]
        self.assertIn("New plates come on Friday", [f["answered"] for f in told])

    def test_lines_are_filled_along_a_path(self) -> None:
        self.edit({"op": "set_cell", "line": "l1", "week": "p1-w1", "text": "3 x 6, 60 kg"})
        filled = self.post(
            f"{self.path}/fill", {"base": 3, "lines": ["l1"], "week": "p1-w1", "kind": "load", "step": "2.5"}
        )
        self.assertEqual(self.texts(filled), [f"3 x 6, {kg} kg" for kg in ("60", "62.5", "65", "67.5")])
        self.assertEqual(self.texts(self.post(f"{self.path}/undo", {"base": 4})), self.texts_before())

    def texts_before(self) -> list[str]:
        return ["3 x 6, 60 kg"] + ["3 x 6-8, 61 kg, rest 2:00, leave 2"] * 3

    def test_bad_paths_are_refused(self) -> None:
        good = {"base": 2, "lines": ["l1"], "week": "p1-w1", "kind": "load", "step": "2.5"}
        for name, wrong, status in [
            ("no lines", good | {"lines": []}, 422),
            ("an unknown line", good | {"lines": ["gone"]}, 422),
            ("an unknown week", good | {"week": "gone"}, 422),
            ("an unknown kind", good | {"kind": "magic"}, 422),
            ("a step that is no number", good | {"step": "much"}, 422),
            ("a path that does not fit", good | {"kind": "seconds", "step": "5"}, 422),
            ("a wave of nothing", good | {"kind": "wave of the max"}, 422),
            ("per cents out of bounds", good | {"kind": "wave of the max", "per_cents": ["500"]}, 422),
            ("a stale base", good | {"base": 1}, 409),
            ("no weeks after the last", good | {"week": "p1-w4", "kind": "the same"}, 422),
        ]:
            with self.subTest(name):
                self.problem(self.http.post(f"/api{self.path}/fill", json=wrong), status)

    def test_a_session_is_fitted(self) -> None:
        self.edit({"op": "set_cell", "line": "l1", "week": "p1-w1", "text": "6 x 8, 60 kg, rest 5:00"})
        found = self.get(f"{self.path}/weeks/p1-w1/days/p1-d1/fit?minutes=20")
        self.assertGreater(found["seconds"], 1200)
        self.assertTrue(found["fits"])
        self.edit(*(e for s in found["savings"] if s["chosen"] for e in s["edits"]), base=3)
        again = self.get(f"{self.path}/weeks/p1-w1/days/p1-d1/fit?minutes=20")
        self.assertEqual(again["seconds"], found["after"])
        self.problem(self.http.get(f"/api{self.path}/weeks/p1-w1/days/p1-d1/fit?minutes=1"), 422)
        self.problem(self.http.get(f"/api{self.path}/weeks/p1-w1/days/gone/fit?minutes=30"), 422)

    def test_the_calendar_and_a_missed_day(self) -> None:
        sessions = self.get(f"{self.path}/calendar")["sessions"]
        self.assertEqual(len(sessions), 12)
        monday = sessions[0]
        self.assertEqual((monday["on"], monday["state"]), ("2026-03-02", "before it began"))
        self.made_earlier(ProgramId(self.path.rsplit("/", 1)[-1]))
        monday = self.get(f"{self.path}/calendar")["sessions"][0]
        self.assertEqual((monday["on"], monday["state"]), ("2026-03-02", "missed"))
        ways = self.get(f"{self.path}/weeks/p1-w1/days/p1-d1/ways-out")
        move = next(way for way in ways if way["label"].startswith("Move it to Thursday"))
        self.edit(move["edit"] | {"reason": "Away"})
        moved = next(s for s in self.get(f"{self.path}/calendar")["sessions"] if s["state"] == "moved")
        self.assertEqual((moved["planned_for"], moved["on"], moved["reason"]), ("2026-03-02", "2026-03-05", "Away"))
        today = self.get("/today")
        self.assertNotIn("2026-03-02", str(today))

    def test_a_merged_session_is_run_with_the_other(self) -> None:
        self.edit({"op": "add_line", "day": "p1-d2", "line": "l2", "exercise": "barbell-row", "text": "3 x 8"})
        self.edit({"op": "move_session", "week": "p1-w1", "day": "p1-d1", "into": "p1-d2"}, base=3)
        floor = self.get(f"{self.path}/weeks/p1-w1/days/p1-d2/floor")
        self.assertEqual([line["exercise_id"] for line in floor["lines"]], ["barbell-row", "back-squat"])
        today = next(s for s in self.get("/today")["sessions"] if s["program_id"] == self.board["program_id"])
        self.assertEqual(today["exercises"], 2)
        started = {"program_id": self.board["program_id"], "week_id": "p1-w1", "day_id": "p1-d2"}
        at = {"started_at": NOW.isoformat()}
        self.assertEqual(self.http.put(f"/api/sessions/{floor['session_id']}", json=started | at).status_code, 200)
        self.post(f"/sessions/{floor['session_id']}/sets", a_set(), 200)
        cell = self.get(self.path)["phases"][0]["days"][0]["groups"][0]["lines"][0]["cells"][0]
        self.assertEqual(len(cell["done"]), 1, "what was done shows where it was planned")
        self.assertIn(
            "back-squat", [line["exercise_id"] for line in self.get(f"/sessions/{floor['session_id']}/review")["lines"]]
        )

    def test_revisions_are_compared_and_brought_back(self) -> None:
        self.edit({"op": "set_cell", "line": "l1", "week": "p1-w2", "text": "3 x 5, 70 kg"})
        found = self.get(f"{self.path}/compare?before=2&after=3")
        self.assertEqual([d["after"] for d in found["differences"]], ["3 x 5, 70 kg"])
        self.assertEqual(self.get(f"{self.path}/revisions/1")["phases"][0]["days"][0]["groups"], [])
        back = self.post(f"{self.path}/restore", {"base": 3, "number": 2})
        self.assertEqual(self.texts(back), self.texts(self.board))
        self.assertEqual(back["revision"]["number"], 4)
        self.assertIn("Brought back as of revision 2", back["revision"]["reason"])
        self.assertEqual(self.texts(self.post(f"{self.path}/undo", {"base": 4}))[1], "3 x 5, 70 kg")
        self.problem(self.http.get(f"/api{self.path}/compare?before=2&after=99"), 404)
        self.problem(self.http.post(f"/api{self.path}/restore", json={"base": 1, "number": 2}), 409)

    def test_hints_know_the_loads_of_the_place(self) -> None:
        found = self.get(f"{self.path}/hints?exercise=back-squat")
        self.assertEqual(found["loads"][0], {"value": "20", "unit": "kg"})
        self.assertIsNone(found["last"])

    def test_a_phase_from_a_template(self) -> None:
        added = self.post(f"{self.path}/phases", {"base": 2, "template": "hotel-room"})
        self.assertEqual([p["name"] for p in added["board"]["phases"]], ["Phase 1", "Hotel room"])
        self.problem(self.http.post(f"/api{self.path}/phases", json={"base": 3, "template": "gone"}), 404)

    def test_bad_structures_are_refused(self) -> None:
        for name, edit in [
            ("a pair of three", {"op": "group_lines", "lines": ["l1", "l1"], "group": "g", "kind": "pair"}),
            ("a phase put in by hand", {"op": "put_phase", "value": {}}),
            ("minutes of a day", {"op": "set_day", "day": "p1-d1", "minutes": 1}),
            ("a cue of a kilometre", {"op": "change_line", "line": "l1", "cues": ["x" * 500]}),
            ("six cues", {"op": "change_line", "line": "l1", "cues": ["x"] * 6}),
            ("a week merged into itself", {"op": "move_session", "week": "p1-w1", "day": "p1-d1", "into": "p1-d1"}),
        ]:
            with self.subTest(name):
                body = {"base": 2, "edits": [edit], "reason": "Bad"}
                self.problem(self.http.post(f"/api{self.path}/revisions", json=body), 422)
        forty = [{"op": "add_line", "day": "p1-d1", "line": f"x{n}", "exercise": "back-squat"} for n in range(40)]
        self.problem(
            self.http.post(f"/api{self.path}/revisions", json={"base": 2, "edits": forty, "reason": "40"}), 422
        )
        weeks = [{"op": "add_week", "phase": "p1", "week": f"w{n}"} for n in range(60)]
        self.problem(
            self.http.post(f"/api{self.path}/revisions", json={"base": 2, "edits": weeks, "reason": "60"}), 422
        )


class StartingTest(ApiTest):
    def setUp(self) -> None:
        super().setUp()
        self.client_id = self.post("/clients", CLIENT)["id"]

    def test_templates_say_what_they_would_become(self) -> None:
        found = self.get(f"/clients/{self.client_id}/templates")
        self.assertGreaterEqual(len(found), 10)
        started = self.post(f"/clients/{self.client_id}/program/from-template", {"template": found[0]["id"]})
        self.assertEqual(started["board"]["name"], found[0]["name"])
        both = {"template": "hotel-room", "program": started["board"]["program_id"]}
        for wrong in (both, {}, {"template": ""}):
            self.problem(self.http.post(f"/api/clients/{self.client_id}/program/from-template", json=wrong), 422)

    def test_a_draft_is_looked_at_then_kept(self) -> None:
        wish = {"weeks": 4, "seed": 3}
        draft = self.draft(wish)
        line = next(line for line in draft["days"][0]["lines"] if line["slot"])
        rolled = self.draft(wish | {"avoid": {line["slot"]: [line["exercise_id"]]}})
        self.assertNotIn((line["slot"], line["exercise_id"]), slots(rolled))
        pins = dict(slots(draft))
        pinned = self.draft({"weeks": 4, "seed": 77, "pins": pins})
        self.assertEqual(slots(pinned), slots(draft))
        started = self.post(f"/clients/{self.client_id}/program/from-draft", wish)
        lines = started["board"]["phases"][0]["days"][0]["groups"]
        self.assertRegex(lines[1]["lines"][0]["reason"], "^Gets ready for ")

    def draft(self, wish: Json) -> Json:
        answer = self.http.post(f"/api/clients/{self.client_id}/draft", json=wish)
        self.assertEqual(answer.status_code, 200, answer.text)
        *steps, last = [json.loads(line) for line in answer.text.splitlines()]
        shares = [step["share"] for step in steps]
        self.assertTrue(shares == sorted(shares) and all(step["doing"] for step in steps))
        found: Json = last["draft"]
        return found

    def test_bad_wishes(self) -> None:
        for body in [
            {"weeks": 0},
            {"weeks": 60},
            {"seed": 0},
            {"pins": {"a b": "c"}},
            {"speed": 9},
            {"away": [{"week": 0, "place": "x"}]},
            {"start": "next week"},
        ]:
            with self.subTest(body=body):
                self.problem(self.http.post(f"/api/clients/{self.client_id}/draft", json=body), 422)
        self.problem(self.http.post("/api/clients/gone/draft", json={}), 404)
        for start in ("2020-01-06", "2031-01-06"):
            answer = self.http.post(f"/api/clients/{self.client_id}/draft", json={"start": start})
            self.assertRegex(answer.text, "is past|a year away", answer.text)
            for path, body in (("program", {"name": "X"}), ("program/from-template", {"template": "hotel-room"})):
                refused = self.http.post(f"/api/clients/{self.client_id}/{path}", json=body | {"start": start})
                self.problem(refused, 422)
        self.problem(self.http.post(f"/api/clients/{self.client_id}/program", json={"name": "X", "weeks": 60}), 422)


def slots(draft: Json) -> list[tuple[str, str]]:
    return [(line["slot"], line["exercise_id"]) for day in draft["days"] for line in day["lines"] if line["slot"]]
