"""A program's life and the typed rows over HTTP: what is answered, and what is said of bad input."""

from datetime import timedelta
from typing import Any

from tests.api.support import NOW, ApiTest
from tests.support import TODAY

Json = dict[str, Any]


class ProgramLifeTest(ApiTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.program("3 x 6-8, 60 kg, rest 2:00, leave 2")
        self.program_id = self.board["program_id"]
        self.client = self.board["client_id"]
        self.path = f"/programs/{self.program_id}"

    def put(self, path: str, body: Json) -> Any:
        return self.http.put(f"/api{path}", json=body)

    def refused(self, path: str, body: Json, status: int = 422) -> str:
        return str(self.problem(self.http.post(f"/api{path}", json=body), status)["detail"])

    def test_one_runs_the_next_is_prepared_and_both_are_listed(self) -> None:
        following = self.post(f"/clients/{self.client}/program/carried-on", {"program": self.program_id, "name": "On"})
        found = self.get(f"/clients/{self.client}/programs")["programs"]
        self.assertEqual([(p["name"], p["standing"]) for p in found], [("On", "prepared"), ("Strength", "runs")])
        self.assertEqual(self.get(f"/programs/{following['program_id']}")["standing"], "prepared")
        self.assertEqual(self.get(f"{self.path}/outcome")["carried"][0]["exercise"], "Back squat")
        nothing = {"program": self.program_id, "name": "On", "without": ["l1"]}
        self.assertIn("Nothing is left", self.refused(f"/clients/{self.client}/program/carried-on", nothing))
        past = {"program": self.program_id, "name": "On", "start": "2020-01-06"}
        self.assertIn("is past", self.refused(f"/clients/{self.client}/program/carried-on", past))
        self.refused(f"/clients/{self.client}/program/carried-on", {"program": "gone", "name": "On"}, 404)

    def test_it_ends_by_hand_and_goes_on(self) -> None:
        ended = self.put(f"{self.path}/ended", {"on": TODAY.isoformat()})
        self.assertEqual(ended.json()["programs"][0]["standing"], "over")
        self.assertEqual(self.put(f"{self.path}/ended", {"on": None}).json()["programs"][0]["standing"], "runs")
        tomorrow = (TODAY + timedelta(days=1)).isoformat()
        self.problem(self.put(f"{self.path}/ended", {"on": tomorrow}), 422)
        self.problem(self.put("/programs/gone/ended", {"on": TODAY.isoformat()}), 404)

    def test_weeks_off_are_an_edit_with_its_bounds(self) -> None:
        def pause(**more: object) -> Json:
            edit = {"op": "pause", "week": "p1-w3", "weeks": 2, "reason": "Flu"} | more
            return {"base": 2, "edits": [edit], "reason": "Off"}

        for wrong in (pause(week="gone"), pause(weeks=53), pause(weeks=-1)):
            self.refused(f"{self.path}/revisions", wrong)
        saved = self.post(f"{self.path}/revisions", pause())
        self.assertEqual([week["pause"] for week in saved["board"]["phases"][0]["weeks"]], [0, 0, 2, 0])
        self.assertEqual(self.get(f"{self.path}/calendar")["weeks"][2]["pause_reason"], "Flu")

    def test_another_program_is_taken_over_as_phase_day_and_template(self) -> None:
        source = {"program": self.program_id, "of_phase": "p1"}
        look = self.post(f"/clients/{self.client}/program/look", {"program": self.program_id}, 200)
        self.assertEqual((look["phases"], look["weeks"]), (1, 4))
        trial = self.post(f"{self.path}/phases/try", source, 200)
        self.assertTrue(trial["minutes"] and trial["muscles"])
        day = source | {"phase": "p1", "day": 0, "base": 2}
        self.assertTrue(self.post(f"{self.path}/days/try", day, 200)["minutes"])
        self.refused(f"{self.path}/days", day | {"day": 5}, 404)
        kept = self.post("/templates", source | {"name": "Base"})
        self.assertIn("already", self.refused("/templates", source | {"name": "base"}))
        self.assertTrue(self.get(f"/clients/{self.client}/templates")[0]["own"])
        self.assertEqual(self.put(f"/templates/{kept['id']}/removed", {"removed": True}).status_code, 200)
        self.problem(self.put("/templates/gone/removed", {"removed": True}), 404)

    def test_find_and_replace_fill_and_proposals_are_looked_at_first(self) -> None:
        wish = {"base": 2, "what": "load", "find": "60 kg", "put": "+2.5"}
        self.assertEqual(self.post(f"{self.path}/replace/try", wish, 200)["places"], 4)
        self.assertIn("no load", self.refused(f"{self.path}/replace", wish | {"put": "heavy"}))
        self.assertEqual(self.post(f"{self.path}/replace", wish)["revision"]["number"], 3)
        self.refused(f"{self.path}/replace", wish, 409)
        fill = {"base": 3, "lines": ["l1"], "week": "p1-w1", "kind": "load", "step": "2.5"}
        self.assertEqual(len(self.post(f"{self.path}/fill/try", fill, 200)["differences"]), 3)
        sid = self.start(self.board)
        decisions = [{"id": "d-00000001", "line": "gone", "verdict": "accepted", "seen": ""}]
        self.refused(f"/sessions/{sid}/decisions/try", {"decisions": decisions})
        self.assertEqual(NOW.date(), TODAY)
