"""Killed at any moment of a backup, a restore or an update: the data are those of before or of after, and whole."""

import multiprocessing
import os
import random
import shutil
import sqlite3
import tempfile
import time
from contextlib import closing
from datetime import timedelta
from pathlib import Path
from unittest import TestCase

from alembic import command
from alembic.config import Config
from sqlalchemy import create_engine

from tests.support import NOW
from upright_anvil.core.steps import untold
from upright_anvil.services.backups.backups import check_backup, make_backup, restore_backup
from upright_anvil.services.backups.folder import BackupFolder
from upright_anvil.store.file.backup import rows_of
from upright_anvil.store.file.database import MIGRATIONS, Database
from upright_anvil.store.file.opening import open_file

WORDS = "a chair, a wall, a floor"
KILLS = int(os.environ.get("UPRIGHT_ANVIL_KILLS", "24"))
"""In the suite; a trial of a thousand is asked for by the variable."""
MANY = 4_000


def fill(data: Path, word: str) -> None:
    """Put something into the file that takes a while to copy: a setting of one word, many times over."""
    with closing(sqlite3.connect(data)) as connection, connection:
        connection.execute("CREATE TABLE IF NOT EXISTS filler (word TEXT, much BLOB)")
        connection.execute("DELETE FROM filler")
        connection.executemany("INSERT INTO filler VALUES (?, zeroblob(900))", [(word,)] * MANY)


def words_in(data: Path) -> set[str]:
    with closing(sqlite3.connect(data)) as connection:
        return {word for (word,) in connection.execute("SELECT DISTINCT word FROM filler")}


def back_up_and_restore(data: Path, name: str, first: int, begun: "multiprocessing.synchronize.Event") -> None:
    folder, database = BackupFolder(data), Database(data)
    begun.set()
    for turn in range(first, first + 100):
        make_backup(data, folder, NOW + timedelta(seconds=turn), untold, needed=name)
        restore_backup(database, folder, name, WORDS, untold)


def made_before_people(data: Path) -> None:
    """A file of the tables before there were people, with enough rows for an update to take a while."""
    config = Config()
    config.set_main_option("script_location", str(MIGRATIONS))
    engine = create_engine(f"sqlite:///{data}")
    with engine.begin() as connection:
        config.attributes["connection"] = connection
        command.upgrade(config, "0011")
        connection.exec_driver_sql("INSERT INTO trainer (id, name) VALUES ('trainer', 'Trainer')")
        settings = ", ".join(f"('trainer', 'name {number}', 'value')" for number in range(MANY))
        connection.exec_driver_sql(f"INSERT INTO setting (trainer_id, name, value) VALUES {settings}")
    engine.dispose()


def update(data: Path, begun: "multiprocessing.synchronize.Event") -> None:
    begun.set()
    open_file(data).close()


class KilledTest(TestCase):
    def test_an_update_of_the_tables_is_made_or_not(self) -> None:
        chance = random.Random(12)
        context = multiprocessing.get_context("fork")
        with tempfile.TemporaryDirectory() as place:
            first = Path(place) / "before.sqlite3"
            made_before_people(first)
            for kill in range(KILLS):
                data = Path(place) / f"studio-{kill}.sqlite3"
                shutil.copy(first, data)
                begun = context.Event()
                work = context.Process(target=update, args=(data, begun))
                work.start()
                begun.wait()
                time.sleep(chance.uniform(0, 0.4))
                work.kill()
                work.join()
                with self.subTest(kill=kill):
                    with closing(sqlite3.connect(data)) as connection:
                        version = connection.execute("SELECT version_num FROM alembic_version").fetchone()[0]
                        names = {name for (name,) in connection.execute("SELECT name FROM sqlite_master")}
                        self.assertEqual("trainer" in names, version == "0011")
                    open_file(data).close()
                    self.assertEqual(rows_of(data)["setting"], MANY)
                for file in data.parent.glob(f"{data.name}*"):
                    file.unlink()

    def test_whatever_is_killed_the_data_are_whole_and_a_backup_is_one(self) -> None:
        chance = random.Random(11)
        context = multiprocessing.get_context("fork")
        with tempfile.TemporaryDirectory() as place:
            data = Path(place) / "studio.sqlite3"
            open_file(data).close()
            folder = BackupFolder(data)
            folder.choose_passphrase(WORDS)
            fill(data, "backed up")
            name = make_backup(data, folder, NOW, untold).name
            for kill in range(KILLS):
                fill(data, "since")
                begun = context.Event()
                work = context.Process(target=back_up_and_restore, args=(data, name, 1 + 100 * kill, begun))
                work.start()
                begun.wait()
                time.sleep(chance.uniform(0, 0.8))
                work.kill()
                work.join()
                with self.subTest(kill=kill):
                    self.assertEqual(rows_of(data)["filler"], MANY)
                    self.assertIn(words_in(data), ({"since"}, {"backed up"}))
            newest = folder.kept()[0].name
            for each in (name, newest):
                self.assertGreaterEqual(check_backup(folder, each, WORDS, untold).rows, MANY)
