from base64 import b64encode

from tests.api.support import CLIENT, ApiTest

PEOPLE = "Name\tBorn\nAgnes Thornby\t1961\nBerthold Ashe\t1970"
LOG = "date\texercise\tsets\treps\tload\n2026-02-02\tsquat\t3\t8\t60\n2026-02-04\tzorp press\t3\t8\t40"


class BringingTest(ApiTest):
    def test_clients_are_read_brought_in_and_taken_back(self) -> None:
        read = self.post("/bringing/clients/read", {"text": PEOPLE}, 200)
        self.assertEqual([one["read"]["birth_year"] for one in read["clients"]], [1961, 1970])
        self.assertEqual(self.get("/clients"), [])
        done = self.post("/bringing/clients", {"text": PEOPLE, "unit": "lb"})
        self.assertEqual(
            [(c["name"], c["unit"]) for c in self.get("/clients")], [("Agnes Thornby", "lb"), ("Berthold Ashe", "lb")]
        )
        self.assertEqual(self.post(f"/bringing/{done['id']}/undo", {}, 200)["many"], 2)
        self.assertEqual(self.get("/clients"), [])
        self.problem(self.http.post(f"/api/bringing/{done['id']}/undo"), 404)

    def test_past_sessions_are_read_brought_in_and_taken_back(self) -> None:
        client = self.post("/clients", CLIENT)["id"]
        read = self.post("/bringing/sessions/read", {"text": LOG, "client": client}, 200)
        self.assertEqual([name["typed"] for name in read["names"]], ["squat", "zorp press"])
        asked = {"text": LOG, "client": client, "chosen": {"zorp press": "bench-press"}}
        left_out = asked | {"chosen": {"squat": "", "zorp press": ""}}
        self.assertIn(
            "choose one", self.problem(self.http.post("/api/bringing/sessions", json=left_out), 422)["detail"]
        )
        done = self.post("/bringing/sessions", asked)
        self.assertEqual((done["many"], done["sets"]), (2, 6))
        progress = self.get(f"/clients/{client}/progress")
        self.assertEqual(sorted(one["name"] for one in progress["exercises"]), ["Back squat", "Bench press"])
        self.assertEqual(self.post(f"/bringing/{done['id']}/undo", {}, 200)["many"], 2)
        self.assertEqual(self.get(f"/clients/{client}/progress")["exercises"], [])

    def test_a_file_is_read_out_and_nothing_kept(self) -> None:
        content = b64encode("Name;Ort\nAgnès;Zürich".encode("cp1252")).decode()
        self.assertEqual(self.post("/bringing/file", {"content": content}, 200), {"text": "Name;Ort\nAgnès;Zürich"})
        self.problem(self.http.post("/api/bringing/file", json={"content": b64encode(b"\0\1").decode()}), 422)

    def test_bad_input_is_told(self) -> None:
        client = self.post("/clients", CLIENT)["id"]
        for where, body, status in (
            ("clients/read", {"text": ""}, 422),
            ("clients/read", {"text": "1\n2"}, 422),
            ("clients/read", {"text": "x" * 700_000}, 422),
            ("sessions/read", {"text": LOG, "client": "nobody"}, 422),
            ("sessions/read", {"text": "hello", "client": client}, 422),
            ("sessions/read", {"text": "row\n" * 10_000, "client": client}, 422),
            ("sessions", {"text": LOG, "client": client, "chosen": {"squat": "no-such-thing"}}, 404),
            ("sessions", {"text": LOG, "client": client, "chosen": {"": "back-squat"}}, 422),
        ):
            with self.subTest(where=where, body=str(body)[:40]):
                self.assertTrue(self.problem(self.http.post(f"/api/bringing/{where}", json=body), status)["detail"])
        self.assertEqual(self.get(f"/clients/{client}/progress")["exercises"], [])
