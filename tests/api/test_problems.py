import sqlite3
from unittest.mock import patch

from tests.api.support import CLIENT, ApiTest
from upright_anvil.api.studio import Studio
from upright_anvil.store.file.database import Database


class ProblemsTest(ApiTest):
    def test_broken_json(self) -> None:
        for body in [
            b"{",
            b"[1, 2",
            b"\xff\xfe",
            b"NaN",
            b'{"name": NaN}',
            b'{"minutes": Infinity, "name": "X"}',
            b"[]",
            b"null",
        ]:
            with self.subTest(body=body):
                answer = self.http.post("/api/clients", content=body, headers={"Content-Type": "application/json"})
                self.problem(answer, 422)

    def test_what_no_field_may_hold_is_refused_wherever_it_stands(self) -> None:
        board = self.program()
        revisions = f"/api/programs/{board['program_id']}/revisions"
        edit = {"op": "set_cell", "line": "l1", "week": "p1-w1"}
        for name, path, body in [
            ("a NUL in a name", "/api/clients", CLIENT | {"name": "Otto\x00line"}),
            ("a mark that turns text round", "/api/clients", CLIENT | {"goal": "abc\u202edef"}),
            ("an isolate", "/api/clients", CLIENT | {"about": "\u2066x"}),
            ("deep in an edit", revisions, {"base": 2, "edits": [edit | {"text": "3 x 8\x07"}], "reason": "Written"}),
            ("a revision past 64 bits", revisions, {"base": 2**70, "edits": [edit | {"text": "3 x 8"}], "reason": "W"}),
            ("a birth year past 64 bits", "/api/clients", CLIENT | {"birth_year": -(2**64)}),
        ]:
            with self.subTest(name):
                self.problem(self.http.post(path, json=body), 422)
        for path in (f"{revisions}/{2**70}", f"/api/programs/{board['program_id']}/compare?before=1&after={2**64}"):
            with self.subTest(path):
                self.problem(self.http.get(path), 422)
        self.post("/clients", CLIENT | {"name": "Two\tLines", "about": "first\nsecond"})

    def test_ten_megabytes_are_refused_before_they_are_read(self) -> None:
        answer = self.http.post("/api/clients", json=CLIENT | {"about": "x" * 10_000_000})
        self.assertIn("one megabyte", self.problem(answer, 413)["detail"])

    def test_ten_megabytes_in_pieces_are_refused_too(self) -> None:
        pieces = (b"x" * 100_000 for _ in range(100))
        self.problem(self.http.post("/api/clients", content=pieces), 413)

    def test_a_nonsense_length_is_refused(self) -> None:
        self.problem(self.http.post("/api/clients", content=b"{}", headers={"Content-Length": "much"}), 413)

    def test_deeply_nested_json_is_refused(self) -> None:
        body = b'{"name":' + b"[" * 5000 + b"]" * 5000 + b"}"
        answer = self.http.post("/api/clients", content=body, headers={"Content-Type": "application/json"})
        self.problem(answer, 400)

    def test_a_write_that_cannot_wait_longer_is_told_when_to_come_again_and_reads_go_on(self) -> None:
        other = sqlite3.connect(self.studio.database.path, isolation_level=None)
        self.addCleanup(other.close)
        other.execute("BEGIN IMMEDIATE")
        self.use(Studio(Database(self.database.path, lock_patience=0.05), self.studio.clock))
        answer = self.http.post("/api/clients", json=CLIENT)
        self.assertIn("Nothing was changed", self.problem(answer, 503)["detail"])
        self.assertEqual(answer.headers["Retry-After"], "1")
        self.assertEqual(self.http.get("/api/clients").json(), [])
        other.execute("ROLLBACK")
        self.post("/clients", CLIENT)

    def test_unknown_addresses_and_methods(self) -> None:
        self.problem(self.http.get("/api/nowhere"), 404)
        self.problem(self.http.delete("/api/clients"), 405)

    def test_what_nobody_foresaw_shows_no_insides(self) -> None:
        with (
            patch("upright_anvil.services.clients.clients.client_list", side_effect=ZeroDivisionError("secret")),
            self.assertLogs("upright_anvil.api.problems", "ERROR"),
        ):
            answer = self.http.get("/api/clients")
        self.assertNotIn("secret", answer.text)
        self.problem(answer, 500)
