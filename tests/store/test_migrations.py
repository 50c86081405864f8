import sqlite3
import tempfile
from contextlib import closing
from pathlib import Path
from typing import Any
from unittest import TestCase

from alembic import command
from alembic.config import Config
from sqlalchemy import create_engine

from tests.demo.filled import demo_copy
from tests.support import TODAY
from upright_anvil.api.studio import THE_STUDIO
from upright_anvil.cli import open_database
from upright_anvil.services.clients.clients import client_file
from upright_anvil.services.shelf import library
from upright_anvil.store.file.database import MIGRATIONS, Database
from upright_anvil.store.file.opening import UnusableFileError, open_file
from upright_anvil.store.tables import RevisionRow

BEFORE = """
INSERT INTO trainer VALUES ('trainer', 'Trainer');
INSERT INTO place VALUES ('place-1', 'trainer', 'Depot', 'lb', 'dumbbells 10 20');
INSERT INTO client (id, trainer_id, place_id, name, unit, goal, about, minutes, days_a_week, body_weight, created_at)
VALUES
('client-1', 'trainer', 'place-1', 'Dell', 'lb', 'Strong', 'Yard', 45, 2, '205.5 lb', '2026-01-05T09:00:00.000+00:00');
INSERT INTO own_exercise (id, trainer_id, name, pattern, implement, one_sided, removed_at)
VALUES ('own-1', 'trainer', 'Log roll', 'locomotion', 'improvised', 1, NULL);
"""


class FromTheFirstTablesTest(TestCase):
    def test_clients_places_weights_and_own_exercises_come_along(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "old.sqlite3"
            config = Config()
            config.set_main_option("script_location", str(MIGRATIONS))
            engine = create_engine(f"sqlite:///{path}")
            with engine.begin() as connection:
                config.attributes["connection"] = connection
                command.upgrade(config, "0001")
            engine.dispose()
            with closing(sqlite3.connect(path)) as old:
                old.executescript(BEFORE)
            database = open_database(path)
            with database.reading(THE_STUDIO) as scope:
                view = client_file(scope, "client-1", TODAY)
                own = library(scope).exercises.get("own-1")
            with database.engine.connect() as connection:
                broken = connection.exec_driver_sql("PRAGMA foreign_key_check").all()
                on = connection.exec_driver_sql("PRAGMA foreign_keys").scalar()
            database.close()
        self.assertEqual((view.facts.name, view.facts.goal, view.facts.minutes), ("Dell", "Strong", 45))
        self.assertEqual([p.facts.name for p in view.places], ["Depot"])
        self.assertEqual([(str(w.load), str(w.on)) for w in view.body_weights], [("205.5 lb", "2026-01-05")])
        assert own
        self.assertEqual((own.name, own.one_sided), ("Log roll", True))
        self.assertEqual((broken, on), ([], 1))


Shape = dict[str, tuple[set[Any], set[Any], set[Any]]]


def shape(path: Path) -> Shape:
    """Answer the columns, foreign keys and indexes of each table, and refuse one that has rows."""
    found: Shape = {}
    with closing(sqlite3.connect(path)) as file:
        for (table,) in file.execute("SELECT name FROM sqlite_master WHERE type = 'table'").fetchall():
            columns = {
                (name, kind, never_null, key)
                for _, name, kind, never_null, _, key in file.execute(f"PRAGMA table_info({table})")
            }
            keys = {row[2:5] for row in file.execute(f"PRAGMA foreign_key_list({table})")}
            indexes = set()
            for _, name, unique, origin, partial in file.execute(f"PRAGMA index_list({table})").fetchall():
                told = file.execute("SELECT sql FROM sqlite_master WHERE name = ?", (name,)).fetchone()[0]
                of = tuple(row[2:] for row in file.execute(f"PRAGMA index_xinfo({name})"))
                where = " ".join(told.partition(" WHERE ")[2].split()) if told else ""
                columns_of = tuple(column for column in of if column[0] is not None)
                indexes.add((name if origin == "c" else "", unique, origin, partial, columns_of, where))
            found[table] = (columns, keys, indexes)
            if table != "alembic_version" and file.execute(f"SELECT 1 FROM {table}").fetchone():
                raise AssertionError(f"{table} has rows")
    return found


class NewFileTest(TestCase):
    def test_a_new_file_has_the_tables_that_the_migrations_lead_to(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            migrated, created = Database(Path(folder) / "migrated.sqlite3"), open_file(Path(folder) / "new.sqlite3")
            migrated.migrate()
            versions = []
            for database in (migrated, created):
                with database.engine.connect() as connection:
                    versions.append(connection.exec_driver_sql("SELECT version_num FROM alembic_version").scalar_one())
                database.close()
            before, after = shape(migrated.path), shape(created.path)
        self.assertEqual(versions[0], versions[1])
        self.assertEqual(before.keys(), after.keys())
        for table, (columns, keys, indexes) in before.items():
            with self.subTest(table=table):
                self.assertEqual(columns, after[table][0])
                self.assertEqual(keys, after[table][1])
                self.assertEqual(indexes, after[table][2])

    def test_a_file_with_other_tables_is_not_taken_for_a_new_one(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "other.sqlite3"
            with closing(sqlite3.connect(path)) as other:
                other.execute("CREATE TABLE client (id TEXT)")
            with self.assertRaises(UnusableFileError):
                open_file(path)


class PackedRevisionsTest(TestCase):
    """Documents of a file from before are packed, and read as they were written."""

    def test_a_document_is_the_same_before_and_after_and_takes_less_room(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            database = open_database(demo_copy(Path(folder)))
            with database.engine.connect() as connection:
                rows = connection.exec_driver_sql("SELECT program_id, number, unpacked(document) FROM revision").all()
                indexed = "CREATE INDEX performed_set_by_client ON performed_set (client_id, exercise, seq)"
                connection.exec_driver_sql(indexed)
                connection.exec_driver_sql("UPDATE revision SET document = unpacked(document)")
                connection.exec_driver_sql("UPDATE alembic_version SET version_num = '0013'")
                connection.commit()
            database.close()
            with closing(sqlite3.connect(database.path, isolation_level=None)) as old:
                old.execute("VACUUM")
                old.execute("PRAGMA wal_checkpoint(TRUNCATE)")
            before = database.path.stat().st_size
            again = open_database(database.path)
            with again.reading(THE_STUDIO) as scope:
                found = [(p, n, scope.db.get_one(RevisionRow, (p, n)).document) for p, n, _ in rows]
            with again.engine.connect() as connection:
                kinds = connection.exec_driver_sql("SELECT DISTINCT typeof(document) FROM revision").scalars().all()
            again.close()
            after = again.path.stat().st_size
        self.assertEqual(sorted(found), sorted(tuple(row) for row in rows))
        self.assertGreater(len(found), 100)
        self.assertEqual(kinds, ["blob"])
        self.assertLess(after, before * 0.7)
