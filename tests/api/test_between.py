"""Between sessions over HTTP: sheets, results, papers, reports, archives, and what is said of bad input."""

import zipfile
from io import BytesIO
from typing import Any

from tests.api.support import NOW, ApiTest
from tests.support import TODAY
from upright_anvil.api.guard.body_limit import LARGE, MAX_BODY_BYTES
from upright_anvil.formats.home_result import write_result

Json = dict[str, Any]
DAY = {"week_id": "p1-w1", "day_id": "p1-d1"}


class BetweenTest(ApiTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.program("3 x 6-8, 60 kg, rest 2:00, leave 2")
        self.client = self.board["client_id"]

    def sheet(self) -> Json:
        body = {"program_id": self.board["program_id"], "days": [DAY]}
        made = self.post(f"/clients/{self.client}/home-sheets", body)
        return dict(self.get(f"/home-sheets/{made['id']}"))

    def text(self, sheet: Json, **more: object) -> str:
        begun = int(NOW.timestamp()) - 3600
        ramps = sum(1 for one in sheet["days"][0]["moves"][0]["sets"] if one["ramp"])
        self.assertGreaterEqual(ramps, 0)
        said = {"s": sheet["id"], "r": "run-00000001", "w": "p1-w1", "d": "p1-d1", "b": begun, "e": begun + 600}
        return write_result(said | {"x": "0,1,2,8,,,2,60"} | more, sheet["key"])

    def test_a_result_is_looked_at_and_taken_once(self) -> None:
        text = self.text(self.sheet())
        seen = self.http.post("/api/home-results/look", json={"text": text, "client_id": self.client}).json()
        self.assertTrue(seen["open_to_log"])
        for again in (False, True):
            taken = self.http.post("/api/home-results", json={"text": text, "client_id": self.client}).json()
            self.assertEqual((taken["taken"], taken["again"]), (True, True), again)
        self.assertEqual(self.get(f"/clients/{self.client}/home")["results"][0]["day"], seen["day"])
        self.assertEqual(self.get("/home-results/run-00000001")["taken"], True)
        self.assertEqual(self.http.post("/api/home-results/run-00000001/word").status_code, 204)

    def test_what_is_no_result_is_told_in_words(self) -> None:
        for text, said in (("hello", "begins with UA1."), ("UA1." + "A" * 40 + "." + "A" * 12, "not whole")):
            answer = self.http.post("/api/home-results/look", json={"text": text})
            self.assertIn(said, self.problem(answer, 422)["detail"])
        self.problem(self.http.post("/api/home-results/look", json={"text": "x" * 20_001}), 422)
        self.problem(self.http.get("/api/home-sheets/gone-gone"), 404)
        self.problem(self.http.get("/api/home-results/gone-gone"), 404)

    def test_a_phone_sends_from_a_file_and_reads_nothing_else(self) -> None:
        sheet = self.sheet()
        code = self.http.post(f"/api/home-sheets/{sheet['id']}/code").json()["code"]
        form = {"text": self.text(sheet), "code": code}
        sent = self.http.post("/api/home-results/send", data=form, headers={"Origin": "null"})
        self.assertEqual((sent.status_code, sent.text), (200, "kept"))
        self.assertEqual(sent.headers["access-control-allow-origin"], "*")
        again = self.http.post("/api/home-results/send", data=form, headers={"Origin": "null"})
        self.assertEqual(again.status_code, 422)
        self.assertIn("spent", again.text)
        for body in ({}, {"text": "x"}, {"code": "1"}):
            self.assertEqual(self.http.post("/api/home-results/send", data=body).status_code, 422)
        other = self.http.get(f"/api/clients/{self.client}/home", headers={"Origin": "null"})
        self.assertNotIn("access-control-allow-origin", other.headers)

    def test_sheets_and_papers_are_files(self) -> None:
        sheet = self.sheet()["id"]
        for query in ("", "?size=letter", "?large=true", "?blank=true"):
            paper = self.http.get(f"/api/home-sheets/{sheet}/sheet.pdf{query}")
            self.assertEqual(paper.headers["content-type"], "application/pdf")
            self.assertIn("attachment", paper.headers["content-disposition"])
        self.problem(self.http.get(f"/api/home-sheets/{sheet}/sheet.pdf?size=a0"), 422)
        # This app serves its data alone.
        self.problem(self.http.get(f"/api/home-sheets/{sheet}/sheet.html"), 422)

    def test_a_report_is_written_with_the_trainers_words(self) -> None:
        span = {"start": "2026-01-01", "until": TODAY.isoformat()}
        found = self.get(f"/clients/{self.client}/report?start={span['start']}&until={span['until']}")["report"]
        texts = found["texts"] | {"opening": "Well <i>done</i>"}
        page = self.http.post(f"/api/clients/{self.client}/report", json=span | {"texts": texts, "kind": "html"})
        self.assertIn("Well &lt;i&gt;done&lt;/i&gt;", page.text)
        paper = self.http.post(f"/api/clients/{self.client}/report", json=span | {"texts": texts})
        self.assertTrue(paper.content.startswith(b"%PDF"))
        for more in ({"texts": {}}, {"picture": "bm90aGluZw=="}, {"start": span["until"]}, {"texts": texts, "x": 1}):
            body = span | {"texts": texts} | more
            self.problem(self.http.post(f"/api/clients/{self.client}/report", json=body), 422)

    def test_an_archive_comes_in_step_by_step(self) -> None:
        content = self.http.get(f"/api/clients/{self.client}/archive.zip").content
        look = self.http.post("/api/client-archives/look", content=content).json()
        self.assertEqual(look["programs"], 1)
        lines = self.http.post("/api/client-archives", content=content).text.splitlines()
        self.assertGreater(len(lines), 5)
        self.assertIn('"client_id"', lines[-1])
        self.assertEqual(len(self.get("/clients")), 2)
        self.problem(self.http.post("/api/client-archives/look", content=b"nothing"), 422)
        self.problem(self.http.post("/api/client-archives", content=content[:-30]), 422)
        self.problem(self.http.post("/api/client-archives", content=b"0" * (LARGE["/api/client-archives"] + 1)), 413)
        self.problem(self.http.post("/api/home-results/look", content=b"0" * (MAX_BODY_BYTES + 1)), 413)
        with zipfile.ZipFile(BytesIO(content)) as found:
            self.assertIn("tables/performed_set.jsonl", found.namelist())
        self.assertEqual(len(self.get("/clients")), 2)

    def test_the_calendars_address_is_made_and_ended(self) -> None:
        self.assertEqual(self.get("/calendar-feed"), {"path": ""})
        path = self.http.post("/api/calendar-feed").json()["path"]
        self.assertIn("BEGIN:VCALENDAR", self.http.get(path).text)
        self.http.delete("/api/calendar-feed")
        self.problem(self.http.get(path), 404)

    def test_energy_is_asked_for_by_its_aim(self) -> None:
        facts = {"birth_year": 1980, "sex": "female", "height_cm": 168, "activity": "mostly sitting"}
        self.assertEqual(self.http.patch(f"/api/clients/{self.client}", json=facts).status_code, 200)
        found = self.http.get(f"/api/clients/{self.client}/energy", params={"aim": "slowly less"}).json()
        self.assertEqual((found["missing"], found["estimate"], found["floor"]), (["body weight"], None, 1200))
        weighed = {"name": "Berthold Ashe", "unit": "kg", "body_weight": {"value": "70", "unit": "kg"}} | facts
        other = self.post("/clients", weighed)["id"]
        found = self.http.get(f"/api/clients/{other}/energy", params={"aim": "slowly less"}).json()
        self.assertLess(found["estimate"]["target"], found["estimate"]["maintenance"])
        self.problem(self.http.patch(f"/api/clients/{self.client}", json={"height_cm": 20}), 422)
        child = {"birth_year": TODAY.year - 18}
        self.http.patch(f"/api/clients/{self.client}", json=child)
        view = self.get(f"/clients/{self.client}/energy")
        self.assertIn("Under 18", view["barred"])
        self.assertIsNone(view["estimate"])
