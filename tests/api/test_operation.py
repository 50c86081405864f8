"""What whoever runs the server sees of it: its health, ids in answers and logs, and sentences where a disk fails."""

import json
import sqlite3
import tempfile
from pathlib import Path
from unittest.mock import patch

from fastapi.testclient import TestClient
from sqlalchemy.exc import OperationalError

from tests.api.support import CLIENT, ApiTest, one
from upright_anvil.api.app import NOT_BUILT, create_app
from upright_anvil.api.guard.request_id import HEADER
from upright_anvil.logs import JsonLines
from upright_anvil.services.clients import clients


def failing(code: int) -> OperationalError:
    said = sqlite3.OperationalError("INSERT INTO client VALUES ('Ottoline Fisk')")
    said.sqlite_errorcode = code
    return OperationalError("INSERT", {}, said)


class OperationTest(ApiTest):
    def test_health_says_that_it_is_well_and_nothing_of_the_studio(self) -> None:
        self.post("/clients", CLIENT)
        for path in ("/health", "/api/health"):
            said = self.http.get(path).json()
            self.assertEqual((said["status"], sorted(said)), ("well", ["status", "version"]))

    def test_every_answer_has_an_id_of_the_servers_own(self) -> None:
        ids = [self.http.get("/api/clients", headers={HEADER: "forged"}).headers[HEADER] for _ in range(3)]
        self.assertEqual(len(set(ids)), 3)
        self.assertNotIn("forged", ids)

    def test_a_disk_that_fails_is_a_sentence_to_come_again_with(self) -> None:
        for code, words in (
            (sqlite3.SQLITE_FULL, "The disk is full"),
            (sqlite3.SQLITE_READONLY, "cannot be written"),
            (sqlite3.SQLITE_IOERR | (3 << 8), "does not read or write as it should"),
        ):
            with (
                self.subTest(words),
                patch.object(clients, "add_client", side_effect=failing(code)),
                self.assertLogs("upright_anvil", "ERROR") as logged,
            ):
                refused = self.http.post("/api/clients", json=CLIENT)
                self.assertIn(words, self.problem(refused, 503)["detail"])
                self.assertIn("Retry-After", refused.headers)
                lines = [JsonLines().format(record) for record in logged.records]
                self.assertNotIn("Ottoline", "".join(lines))
                self.assertEqual(json.loads(lines[0])["error"], "OperationalError")

    def test_an_interface_that_is_not_built_is_said_on_every_view(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            http = TestClient(create_app(one(self.studio), Path(folder) / "dist"))
            for path in ("/", "/clients/abc"):
                self.assertEqual(self.problem(http.get(path), 503)["detail"], NOT_BUILT)
            self.assertEqual(http.get("/api/clients").status_code, 200)
            http.close()
