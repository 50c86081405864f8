"""The client's health, places, library and tests over HTTP: what is refused, and how."""

import json

from tests.api.support import CLIENT, ApiTest, Json
from tests.support import NOW, TODAY

ENTRY: Json = {"id": "entry-0001", "on": str(TODAY), "topic": "knee", "side": "left", "state": "spare it"}
RESULT: Json = {
    "id": "result-0001",
    "test": "push-up-reps",
    "on": str(TODAY),
    "value": "12",
    "variant": "full",
    "at": NOW.isoformat(),
}


class MeetingTest(ApiTest):
    def setUp(self) -> None:
        super().setUp()
        self.who = self.post("/clients", CLIENT)["id"]

    def test_history_screen_and_clearance(self) -> None:
        view = self.post(f"/clients/{self.who}/history", ENTRY)
        self.assertEqual([s["state"] for s in view["standing"]], ["spare it"])
        screen = {"on": str(TODAY), "active": True, "diseases": ["diabetes"]}
        view = self.post(f"/clients/{self.who}/screens", screen)
        self.assertTrue(view["screening"]["awaited"])
        clearance = {"on": str(TODAY), "by": "Dr. Halloran", "up_to": "vigorous"}
        view = self.post(f"/clients/{self.who}/clearances", clearance)
        self.assertEqual((view["screening"]["awaited"], view["screening"]["allowed"]), (False, "vigorous"))
        gone = self.http.delete(f"/api/clients/{self.who}/history/entry-0001")
        self.assertEqual(gone.json()["timeline"], [])
        self.assertGreaterEqual(len(self.get("/warning-signs")["signs"]), 6)

    def test_bad_health_input(self) -> None:
        for path, body, words in [
            ("history", ENTRY | {"topic": "soul"}, "topic"),
            ("history", ENTRY | {"side": None}, "Say which knee"),
            ("history", ENTRY | {"on": "2027-01-01"}, "has not come yet"),
            ("history", ENTRY | {"on": "soon"}, "on"),
            ("history", ENTRY | {"id": "short"}, "id"),
            ("screens", {"on": str(TODAY), "active": "maybe"}, "active"),
            ("screens", {"on": str(TODAY)}, "active"),
            ("clearances", {"on": str(TODAY), "by": "", "up_to": "vigorous"}, "by"),
            ("cycle-reports", {"on": str(TODAY), "energy": 9}, "energy"),
            ("cycle-reports", {"on": str(TODAY), "energy": 3}, "not opted in"),
        ]:
            with self.subTest(path=path, words=words):
                problem = self.problem(self.http.post(f"/api/clients/{self.who}/{path}", json=body), 422)
                self.assertIn(words, problem["detail"])

    def test_places(self) -> None:
        place = self.post("/places", {"name": "Hotel", "unit": "kg", "equipment": "rucksack 10"})
        kept = self.http.put(f"/api/clients/{self.who}/places", json={"places": [place["id"]]}).json()
        self.assertEqual(kept[0]["clients"], ["Ottoline Fisk"])
        changed = self.http.put(f"/api/places/{place['id']}", json={"name": "Inn", "unit": "lb", "equipment": ""})
        self.assertEqual(changed.json()["facts"]["name"], "Inn")
        self.assertEqual([p["facts"]["name"] for p in self.get("/places")], ["Depot", "Inn"])
        self.problem(self.http.put("/api/places/nowhere1", json={"name": "Inn", "unit": "kg"}), 404)
        self.problem(self.http.put(f"/api/clients/{self.who}/places", json={"places": ["nowhere1"]}), 404)

    def test_the_library(self) -> None:
        asked = {"name": "Log roll", "pattern": "locomotion", "implements": ["improvised"], "movers": ["quadriceps"]}
        made = self.post("/exercises", asked)
        self.assertEqual([h["exercise"]["name"] for h in self.get("/exercises?q=log ro")["hits"]], ["Log roll"])
        self.problem(self.http.post("/api/exercises", json=asked), 422)
        changed = self.http.put(f"/api/exercises/{made['id']}", json=asked | {"name": "Log roll, low"}).json()
        self.assertEqual(changed["name"], "Log roll, low")
        edited = self.http.put("/api/exercises/plank", json=asked | {"name": "My plank"}).json()
        self.assertTrue(edited["edited"])
        for gone in (made["id"], "plank"):
            self.assertEqual(self.http.delete(f"/api/exercises/{gone}").status_code, 204)
        self.assertEqual(self.get("/exercises/plank")["exercise"]["name"], "Plank")
        self.problem(self.http.delete("/api/exercises/back-squat"), 404)
        self.problem(self.http.get("/api/exercises/ghost"), 404)
        self.problem(self.http.get("/api/exercises/ghost/substitutes"), 404)
        self.problem(self.http.post("/api/exercises", json=asked | {"movers": ["heart"]}), 422)
        self.problem(self.http.post("/api/exercises", json=asked | {"bodyweight_share": "1.5"}), 422)
        self.assertEqual(len(self.get("/exercises?limit=5")["hits"]), 5)
        self.problem(self.http.get("/api/exercises?limit=5000"), 422)

    def test_substitutes(self) -> None:
        anywhere = self.get("/exercises/bench-press/substitutes")
        here = self.get(f"/exercises/bench-press/substitutes?client={self.who}")
        self.assertGreater(len(anywhere), 3)
        self.assertEqual(here[0]["exercise"]["id"], "floor-press")
        self.assertIn("same pattern: push horizontal", here[0]["reasons"])
        self.assertGreater(len(self.get("/ladders")), 20)

    def test_a_round_from_start_to_side_by_side(self) -> None:
        body = {"battery": "no-equipment", "on": str(TODAY), "started_at": NOW.isoformat()}
        started = self.http.put(f"/api/clients/{self.who}/rounds/round-0001", json=body)
        self.assertEqual(started.status_code, 200, started.text)
        kept = self.post(f"/clients/{self.who}/results", RESULT | {"round_id": "round-0001"}, 200)
        self.assertEqual(kept, {"id": "result-0001", "new": True})
        far = RESULT | {"id": "result-0002", "value": "999", "round_id": "round-0001"}
        doubt = self.problem_with_question(far)
        self.assertIn("Is that right?", doubt)
        self.post(f"/clients/{self.who}/results", far | {"confirmed": True}, 200)
        self.post("/rounds/round-0001/finish", {}, 200)
        view = self.get(f"/clients/{self.who}/side-by-side")
        self.assertEqual(view["pairs"][0]["later"]["figure"], "999")
        self.problem(self.http.get("/api/rounds/nothing1"), 404)

    def problem_with_question(self, body: Json) -> str:
        answer = self.http.post(f"/api/clients/{self.who}/results", json=body)
        self.assertEqual((answer.status_code, answer.json()["doubt"]), (409, True))
        return str(answer.json()["detail"])

    def test_bad_results(self) -> None:
        for change, words in [
            ({"value": "-4"}, "cannot be -4"),
            ({"value": "seven"}, "value"),
            ({"value": 7.5}, "decimal number is sent as text"),
            ({"value": None}, "needs a figure"),
            ({"grade": 7}, "grade"),
            ({"ended": "boredom"}, "ended"),
            ({"at": "2026-03-04T17:00:00"}, "at"),
            ({"side": "left"}, "has no sides"),
            ({"source": "guessed"}, "source"),
            ({"test": "body-weight", "value": None}, "Say the weight"),
        ]:
            with self.subTest(words=words):
                problem = self.problem(self.http.post(f"/api/clients/{self.who}/results", json=RESULT | change), 422)
                self.assertIn(words, problem["detail"])

    def test_batteries_and_tests(self) -> None:
        shelf = self.get("/batteries")
        self.assertEqual(len(shelf["batteries"]), 4)
        asked = {"name": "Short", "tests": ["waist"], "repeat_weeks": 4}
        own = self.post("/batteries", asked)
        kept = self.http.put(f"/api/batteries/{own['id']}", json=asked | {"repeat_weeks": 5}).json()
        self.assertEqual(kept["repeat_weeks"], 5)
        self.assertEqual(self.http.delete(f"/api/batteries/{own['id']}").status_code, 204)
        self.problem(self.http.delete("/api/batteries/no-equipment"), 404)
        self.problem(self.http.post("/api/batteries", json=asked | {"repeat_weeks": 0}), 422)
        test = {"name": "Rope", "kind": "hold", "standard": "To the top.", "typical_error": "1", "high": "60"}
        self.assertTrue(self.post("/tests", test)["own"])
        self.problem(self.http.post("/api/tests", json=test), 422)

    def test_the_scale_streams_until_it_settles(self) -> None:
        with self.http.stream("GET", f"/api/clients/{self.who}/scale") as answer:
            self.assertEqual(answer.headers["content-type"].split(";")[0], "text/event-stream")
            lines = [line.removeprefix("data: ") for line in answer.iter_lines() if line]
        readings = [json.loads(line) for line in lines]
        self.assertGreater(len(readings), 10)
        self.assertIsNone(readings[0]["settled"])
        self.assertEqual(readings[-1]["settled"]["unit"], "kg")
        self.problem(self.http.get("/api/clients/nobody/scale"), 404)
