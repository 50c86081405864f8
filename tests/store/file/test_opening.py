"""A file that cannot be used is told in a sentence, whatever is wrong with it, and is left as it is."""

import os
import sqlite3
import stat
import tempfile
from pathlib import Path
from unittest import TestCase

from alembic.config import Config
from alembic.script import ScriptDirectory
from sqlalchemy.exc import OperationalError

from upright_anvil.store.file.database import MIGRATIONS, Database
from upright_anvil.store.file.opening import UnusableFileError, file_trouble, open_file, tables_known


class OpeningTest(TestCase):
    def setUp(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.file = self.folder / "studio" / "studio.sqlite3"

    def refused(self) -> str:
        before = self.file.read_bytes()
        with self.assertRaises(UnusableFileError) as refused:
            open_file(self.file).close()
        self.assertEqual(self.file.read_bytes(), before)
        self.assertNotIn("\n", str(refused.exception))
        return str(refused.exception)

    def opened(self) -> None:
        open_file(self.file).close()

    def test_a_new_file_is_made_and_nobody_else_reads_it(self) -> None:
        previous = os.umask(0)
        self.addCleanup(os.umask, previous)
        database = open_file(self.file)
        self.addCleanup(database.close)
        self.assertEqual(stat.S_IMODE(self.file.parent.stat().st_mode), 0o700)
        files = list(self.file.parent.iterdir())
        self.assertGreater(len(files), 1)
        self.assertEqual({stat.S_IMODE(file.stat().st_mode) for file in files}, {0o600})

    def test_a_file_that_others_could_read_is_closed_to_them(self) -> None:
        self.opened()
        self.file.chmod(0o644)
        self.opened()
        self.assertEqual(stat.S_IMODE(self.file.stat().st_mode), 0o600)

    def test_what_is_no_database_is_said(self) -> None:
        self.file.parent.mkdir()
        self.file.write_text("Dear diary, " * 1000)
        self.assertIn("This file is not a studio's data", self.refused())

    def test_a_damaged_file_is_said(self) -> None:
        self.opened()
        whole = bytearray(self.file.read_bytes())
        for at in range(8192, len(whole), 4096):
            whole[at : at + 64] = b"\xff" * 64
        self.file.write_bytes(whole)
        self.assertIn("damaged", self.refused())

    def test_the_versions_of_the_tables_are_those_of_their_files(self) -> None:
        config = Config()
        config.set_main_option("script_location", str(MIGRATIONS))
        scripts = ScriptDirectory.from_config(config)
        known = tables_known()
        self.assertEqual(known.versions, {script.revision for script in scripts.walk_revisions()})
        self.assertEqual(known.newest, scripts.get_current_head())

    def test_a_newer_file_is_said_with_its_version(self) -> None:
        self.opened()
        with sqlite3.connect(self.file) as connection:
            connection.execute("UPDATE alembic_version SET version_num = '9999'")
        connection.close()
        self.assertIn("A newer version of the app has written this file (tables 9999)", self.refused())

    def test_a_folder_in_the_files_place_is_said(self) -> None:
        self.file.mkdir(parents=True)
        with self.assertRaises(UnusableFileError):
            open_file(self.file)

    def test_a_file_that_somebody_else_holds_is_said(self) -> None:
        self.opened()
        with sqlite3.connect(self.file, isolation_level=None) as other:
            other.execute("PRAGMA locking_mode=EXCLUSIVE")
            other.execute("BEGIN EXCLUSIVE")
            with self.assertRaises(UnusableFileError) as refused:
                open_file(self.file)
        other.close()
        self.assertIn("Another program holds the data file", str(refused.exception))

    def test_a_full_disk_is_said(self) -> None:
        database = open_file(self.file)
        self.addCleanup(database.close)
        with database.engine.connect() as connection, self.assertRaises(OperationalError) as full:
            pages = connection.exec_driver_sql("PRAGMA page_count").scalar_one()
            connection.exec_driver_sql(f"PRAGMA max_page_count={pages}")
            connection.exec_driver_sql("CREATE TABLE more AS SELECT zeroblob(1000000) AS much")
        self.assertIn("The disk is full", file_trouble(full.exception) or "")

    def test_an_error_says_nothing_of_what_was_asked(self) -> None:
        database = Database(self.file)
        self.addCleanup(database.close)
        with database.engine.connect() as connection, self.assertRaises(OperationalError) as wrong:
            connection.exec_driver_sql("SELECT * FROM nowhere WHERE name = ?", ("Ottoline Fisk",))
        self.assertNotIn("Ottoline", str(wrong.exception))
        self.assertIsNone(file_trouble(wrong.exception))
        self.assertIsNone(file_trouble(ValueError("Ottoline")))
