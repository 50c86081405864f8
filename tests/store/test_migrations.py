import sqlite3
import tempfile
from contextlib import closing
from pathlib import Path
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
from upright_anvil.store.file.database import MIGRATIONS
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
