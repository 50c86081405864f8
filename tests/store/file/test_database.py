import tempfile
from datetime import datetime
from pathlib import Path
from unittest import TestCase

from alembic.autogenerate import compare_metadata
from alembic.migration import MigrationContext
from sqlalchemy import text
from sqlalchemy.exc import DatabaseError, IntegrityError, StatementError

from tests.support import NOW, StudioTest, depot, facts
from upright_anvil.cli import open_database
from upright_anvil.services.clients.clients import add_client
from upright_anvil.store.client.clients import all_clients
from upright_anvil.store.file.database import driver_of
from upright_anvil.store.tables import ClientRow, Table


class DatabaseTest(StudioTest):
    def test_every_commit_is_on_disk_before_it_is_acknowledged(self) -> None:
        with self.studio.reading() as scope:
            settings = {
                name: scope.db.execute(text(f"PRAGMA {name}")).scalar()
                for name in ("journal_mode", "synchronous", "foreign_keys")
            }
        self.assertEqual(settings, {"journal_mode": "wal", "synchronous": 2, "foreign_keys": 1})

    def test_a_flow_that_raises_leaves_nothing(self) -> None:
        with self.assertRaises(ZeroDivisionError), self.studio.writing() as scope:
            add_client(scope, facts(), NOW)
            raise ZeroDivisionError
        with self.studio.reading() as scope:
            self.assertEqual(scope.db.query(ClientRow).count(), 0)

    def test_foreign_keys_hold(self) -> None:
        with self.assertRaises(IntegrityError), self.studio.writing() as scope:
            add_client(scope, facts(), NOW, depot())
            scope.db.execute(text("DELETE FROM place"))

    def test_after_one_that_raised_the_next_is_written_with_the_same_connection(self) -> None:
        with self.assertRaises(ZeroDivisionError), self.studio.writing() as scope:
            before = driver_of(scope.connection)
            raise ZeroDivisionError
        with self.studio.writing() as scope:
            self.assertIs(driver_of(scope.connection), before)
            add_client(scope, facts(), NOW, depot())
        with self.studio.reading() as scope:
            self.assertEqual(scope.db.query(ClientRow).count(), 1)

    def test_what_sqlite_itself_refuses_is_told_as_any_error_of_the_file(self) -> None:
        with self.assertRaises(DatabaseError) as refused, self.studio.writing() as scope:
            driver_of(scope.connection).execute("INSERT INTO place (id) VALUES ('somewhere')")
        self.assertNotIn("somewhere", str(refused.exception))
        with self.studio.writing() as scope:
            add_client(scope, facts(), NOW, depot())

    def test_what_sqlite_refuses_a_reader_is_told_alike(self) -> None:
        with self.assertRaises(DatabaseError) as refused, self.studio.reading() as scope:
            scope.driver.execute("SELECT 'somebody' FROM nowhere")
        self.assertNotIn("somebody", str(refused.exception))
        self.assertEqual(self.clients(), 0)

    def test_a_reader_sees_one_state_until_it_lets_go(self) -> None:
        with self.studio.reading() as scope:
            self.assertEqual(len(all_clients(scope)), 0)
            with self.studio.writing() as other:
                add_client(other, facts(), NOW, depot())
            self.assertEqual(len(all_clients(scope)), 0)
            scope.let_go()
            self.assertEqual(len(all_clients(scope)), 1)
        self.assertEqual(self.clients(), 1)

    def clients(self) -> int:
        """How many there are for who comes next."""
        with self.studio.reading() as scope:
            return len(all_clients(scope))

    def test_a_moment_needs_its_zone(self) -> None:
        with self.assertRaisesRegex(StatementError, "time zone"), self.studio.writing() as scope:
            add_client(scope, facts(), datetime(2026, 3, 4, 17, 0))  # noqa: DTZ001 - the point of the test

    def test_every_row_carries_its_studio(self) -> None:
        for table in Table.metadata.sorted_tables:
            if table.name != "studio":
                with self.subTest(table=table.name):
                    self.assertFalse(table.c.studio_id.nullable)


class MigrationsTest(TestCase):
    def test_the_migrations_make_the_tables_as_they_are_written(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            database = open_database(Path(folder) / "fresh.sqlite3")
            with database.engine.connect() as connection:
                self.assertEqual(compare_metadata(MigrationContext.configure(connection), Table.metadata), [])
            database.close()

    def test_opening_twice_changes_nothing(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "data.sqlite3"
            for _ in range(2):
                open_database(path).close()
            database = open_database(path)
            with database.engine.connect() as connection:
                self.assertEqual(connection.execute(text("SELECT count(*) FROM studio")).scalar(), 1)
            database.close()
