"""Backups over HTTP and from the command line."""

import io
import json
import os
import sys
import tempfile
from contextlib import redirect_stderr, redirect_stdout
from datetime import timedelta
from pathlib import Path
from typing import NamedTuple
from unittest.mock import patch

from sqlalchemy import text

from tests.api.support import CLIENT, ApiTest, Json
from tests.support import NOW
from upright_anvil.api.backups.schedule import BackupSchedule
from upright_anvil.backup_commands import back_up_before_update
from upright_anvil.cli import main
from upright_anvil.services.backups.folder import BackupFolder
from upright_anvil.store.file.database import Database
from upright_anvil.store.file.opening import open_file

WORDS = "a chair, a wall, a floor"


class BackupsApiTest(ApiTest):
    def steps(self, path: str, body: Json, status: int = 200) -> Json:
        """The last line of an answer that is told step by step."""
        answer = self.http.post(f"/api/backups{path}", json=body)
        self.assertEqual(answer.status_code, status, answer.text)
        last: Json = json.loads(answer.text.splitlines()[-1])
        return last

    def test_a_day_with_backups(self) -> None:
        self.assertEqual((self.get("/backups")["ready"], self.get("/backups")["backups"]), (False, []))
        self.problem(self.http.post("/api/backups"), 422)
        self.problem(self.http.post("/api/backups/passphrase", json={"passphrase": "short"}), 422)
        self.assertTrue(self.post("/backups/passphrase", {"passphrase": WORDS})["ready"])
        client = self.post("/clients", CLIENT)
        name = self.steps("", {})["made"]["name"]
        self.assertEqual(self.steps(f"/{name}/check", {"passphrase": WORDS})["checked"]["counted"]["client"], 1)
        wrong = self.http.post(f"/api/backups/{name}/check", json={"passphrase": "wrong one indeed"})
        self.assertIn("not the passphrase", wrong.text)
        self.post("/clients", CLIENT)
        with patch.object(type(self.studio), "now", NOW + timedelta(seconds=5)):
            self.assertEqual(self.steps(f"/{name}/restore", {"passphrase": WORDS})["checked"]["counted"]["client"], 1)
        self.assertEqual([one["id"] for one in self.get("/clients")], [client["id"]])
        # What was there before is a backup of its own.
        later = self.get("/backups")["backups"][0]["name"]
        self.assertNotEqual(later, name)
        self.assertEqual(self.steps(f"/{later}/check", {"passphrase": WORDS})["checked"]["counted"]["client"], 2)

    def test_no_name_and_no_folder_leads_elsewhere(self) -> None:
        self.post("/backups/passphrase", {"passphrase": WORDS})
        for name in ("..%2fstudio.sqlite3", "backups.json", "studio-x.uabackup", "studio-20260304T170000Z.uabackup"):
            for way in ("check", "restore"):
                answer = self.http.post(f"/api/backups/{name}/{way}", json={"passphrase": WORDS})
                self.assertIn(answer.status_code, (404, 422), name)
        for folder in ("relative", "/no/such/folder", "~", "\u0000"):
            body = {"every_hours": 24, "second_folder": folder}
            self.assertEqual(self.http.put("/api/backups/schedule", json=body).status_code, 422, folder)

    def test_the_schedule_makes_one_when_it_is_due_and_tells_the_log_when_it_cannot(self) -> None:
        schedule = BackupSchedule(
            lambda: [(self.studio.database.path, self.studio.backing_up)], lambda: self.studio.now
        )
        self.assertFalse(schedule.look())
        folder = self.studio.backups
        folder.choose_passphrase(WORDS)
        self.assertTrue(schedule.look())
        self.assertFalse(schedule.look())
        with patch.object(type(self.studio), "now", NOW + timedelta(days=2)):
            second = Path(tempfile.mkdtemp(dir=self.studio.database.path.parent))
            folder.change(every_hours=24, second_folder=str(second))
            second.rmdir()
            with self.assertLogs("upright_anvil", "ERROR") as logged:
                self.assertFalse(schedule.look())
        self.assertIn("no backup was made", logged.output[0])


class Told(NamedTuple):
    """How a command ended, and what it said."""

    returncode: int | str | None
    stdout: str
    stderr: str


class CommandTest(ApiTest):
    def run_command(self, *words: str, passphrase: str = WORDS) -> Told:
        """What the command line makes of some words, in this process: importing the app takes longer than all else."""
        out, err = io.StringIO(), io.StringIO()
        asked = ["upright-anvil", "backup", *words, "--data", str(self.studio.database.path)]
        ended: int | str | None = 0
        with (
            patch.object(sys, "argv", asked),
            patch.dict(os.environ, {"UPRIGHT_ANVIL_PASSPHRASE": passphrase}),
            redirect_stdout(out),
            redirect_stderr(err),
        ):
            try:
                main()
            except SystemExit as end:
                ended = end.code
        return Told(ended, out.getvalue(), err.getvalue())

    def test_one_command_makes_checks_and_restores(self) -> None:
        self.post("/clients", CLIENT)
        self.assertIn("Choose a passphrase", self.run_command("make").stderr)
        self.assertEqual(self.run_command("passphrase").returncode, 0)
        made = self.run_command("make")
        self.assertEqual(made.returncode, 0, made.stderr)
        file = made.stdout.rpartition(", ")[0]
        self.assertIn("1 of client", self.run_command("check", file).stdout)
        refused = self.run_command("check", file, passphrase="another one, longer")
        self.assertEqual(refused.returncode, 1)
        self.assertIn("not the passphrase", refused.stderr)
        self.post("/clients", CLIENT)
        elsewhere = Path(file).parent.parent / "brought.uabackup"
        Path(file).rename(elsewhere)
        restored = self.run_command("restore", str(elsewhere))
        self.assertEqual(restored.returncode, 0, restored.stderr)
        self.assertEqual(len(self.get("/clients")), 1)

    def test_nothing_typed_is_a_traceback(self) -> None:
        for words in (("check",), ("restore", "nowhere"), ("check", __file__)):
            told = self.run_command(*words)
            self.assertEqual(told.returncode, 1)
            self.assertNotIn("Traceback", told.stderr)


class BeforeUpdateTest(ApiTest):
    def old_file(self) -> Path:
        """A file whose tables are of an earlier version, as far as it says."""
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        file = Path(folder.name) / "studio.sqlite3"
        open_file(file).close()
        database = Database(file)
        with database.engine.begin() as connection:
            connection.execute(text("UPDATE alembic_version SET version_num = '0010'"))
        database.close()
        return file

    def test_an_older_file_is_copied_first_sealed_where_there_is_a_passphrase(self) -> None:
        plain = back_up_before_update(self.old_file(), NOW)
        assert plain
        self.assertEqual((plain.name, plain.stat().st_mode & 0o777), ("studio.sqlite3.before-0010", 0o600))
        file = self.old_file()
        BackupFolder(file).choose_passphrase(WORDS)
        sealed = back_up_before_update(file, NOW)
        assert sealed
        self.assertTrue(sealed.name.endswith("-before-0010.uabackup"))
        self.assertNotIn(b"SQLite", sealed.read_bytes())

    def test_a_file_of_today_a_new_one_and_a_strange_one_are_not(self) -> None:
        file = self.old_file()
        strange = file.with_name("diary.txt")
        strange.write_text("Dear diary")
        for each in (self.studio.database.path, file.with_name("new.sqlite3"), strange):
            self.assertIsNone(back_up_before_update(each, NOW))
