"""An erased client leaves nothing: no row, no byte in the file or its log, nothing in a new backup; others stay."""

from typing import Any

from sqlalchemy import JSON, Column, Connection, String, select, true, update

from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId
from upright_anvil.core.steps import untold
from upright_anvil.services.backups.backups import make_backup
from upright_anvil.services.backups.folder import BackupFolder
from upright_anvil.services.clients.clients import client_list
from upright_anvil.services.clients.erasing import ErasedClient, erase_client, swept
from upright_anvil.store.client.erasure import HOLDS, Holds
from upright_anvil.store.file.backup import copy_file, rows_of
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.tables import AuditRow, Table

MARK = "MARKED-7f3a"


class ErasingTest(StudioTest):
    def erase(self, client_id: ClientId, name: str = "Ottoline Fisk") -> ErasedClient:
        with self.studio.writing() as scope:
            erased = erase_client(scope, client_id, name, NOW)
        return swept(self.studio.database, erased)

    def filled(self) -> ClientId:
        """A client with a row in every table that holds rows of clients, and the mark in every text of theirs."""
        board = self.client_with_program(("back-squat", "3 x 8, 60 kg"))
        self.log(self.session(board), 1, 8)
        database, client_id = self.studio.database, board.client_id
        tables = [t for t in Table.metadata.sorted_tables if HOLDS[t.name] not in (Holds.STUDIO, Holds.PLACES)]
        with database.engine.begin() as connection:
            for table in tables:
                if not connection.execute(select(table)).first():
                    values = {c.name: _anything(c, connection) for c in table.columns if c.name != "seq"}
                    connection.execute(table.insert().values(values))
            for table in tables:
                texts = [
                    c for c in table.columns
                    if isinstance(c.type, String) and type(c.type) is String
                    and not c.primary_key and not c.foreign_keys
                    and c.name not in ("unit", "aim", "second_aim", "id", "client_id")
                ]  # fmt: skip
                if texts:
                    of_clients = table.c.client_id.is_not(None) if "client_id" in table.c else true()
                    connection.execute(update(table).where(of_clients).values({c.name: c + MARK for c in texts}))
        return client_id

    def bytes_of(self) -> bytes:
        path = self.studio.database.path
        return b"".join(file.read_bytes() for file in path.parent.glob(path.name + "*"))

    def test_every_table_says_what_of_a_person_it_holds(self) -> None:
        self.assertEqual(set(Table.metadata.tables), set(HOLDS))
        for name, table in Table.metadata.tables.items():
            with self.subTest(name):
                self.assertEqual("client_id" in table.columns, HOLDS[name] is Holds.BY_CLIENT)

    def test_nothing_is_left_in_the_file_its_log_or_a_new_backup(self) -> None:
        client_id = self.filled()
        self.assertIn(MARK.encode(), self.bytes_of())
        with self.studio.database.engine.begin() as connection:
            connection.exec_driver_sql("UPDATE client SET name = 'Ottoline Fisk'")
        erased = self.erase(client_id)
        self.assertTrue(erased.swept)
        self.assertEqual(erased.counted["performed_set"], 1)
        self.assertNotIn(MARK.encode(), self.bytes_of())
        with self.studio.reading() as scope:
            self.assertEqual({row.client_id for row in scope.db.query(AuditRow)}, {None})
        rows = rows_of(self.studio.database.path) | {"audit": 0}
        left = {name: count for name, count in rows.items() if name in HOLDS and count}
        self.assertEqual({HOLDS[name] for name in left}, {Holds.STUDIO}, left)
        copied = self.studio.database.path.with_name("copy")
        copy_file(self.studio.database.path, copied, lambda _: None)
        self.assertNotIn(MARK.encode(), copied.read_bytes())

    def test_another_client_keeps_every_row_and_the_shared_place(self) -> None:
        first = self.client_with_program(("back-squat", "3 x 8, 60 kg"))
        other = self.client_with_program(("bench-press", "3 x 5, 40 kg"))
        self.log(self.session(other), 1, 5)
        with self.studio.reading() as scope:
            ids = [one.id for one in client_list(scope, TODAY)]
        self.assertEqual(set(ids), {first.client_id, other.client_id})
        self.erase(first.client_id)
        left = rows_of(self.studio.database.path)
        self.assertEqual((left["client"], left["program"], left["performed_set"]), (1, 1, 1))
        self.assertGreaterEqual(left["place"], 1)
        self.assertEqual(left["client_place"], 1)

    def test_another_name_and_a_second_time_are_refused(self) -> None:
        board = self.client_with_program()
        for wrong in ("", "Ottoline", "Somebody Else"):
            with self.assertRaisesRegex(DomainError, "type the whole name"):
                self.erase(board.client_id, wrong)
        self.erase(board.client_id, "  ottoline   fisk ")
        with self.assertRaises(NotFoundError):
            self.erase(board.client_id)

    def test_where_the_name_still_stands_is_said(self) -> None:
        first, other = self.client_with_program(), self.client_with_program()
        with self.studio.database.engine.begin() as connection:
            connection.exec_driver_sql("UPDATE client SET name = 'Casimir Holt' WHERE id = ?", (other.client_id,))
            connection.exec_driver_sql(
                "UPDATE revision SET reason = 'As Ottoline Fisk had it' WHERE program_id = ?", (other.program_id,)
            )
        self.assertEqual(self.erase(first.client_id).mentions, ("a program of Casimir Holt",))

    def test_a_backup_that_was_made_before_still_holds_it(self) -> None:
        board = self.client_with_program()
        folder = BackupFolder(self.studio.database.path)
        folder.choose_passphrase("a chair, a wall, a floor")
        make_backup(self.studio.database.path, folder, NOW, untold)
        self.erase(board.client_id)
        self.assertEqual(len(folder.kept()), 1)


def _anything(column: Column[Any], connection: Connection) -> object:
    """Some value of a column's kind; of a row that it points at, one that is there."""
    for key in column.foreign_keys:
        return connection.execute(select(key.column)).scalar()
    if isinstance(column.type, JSON):
        return []
    try:
        kind: type = column.type.python_type
    except NotImplementedError:
        kind = type(NOW)
    return {str: "x", int: 1, bool: False, type(TODAY): TODAY}.get(kind, NOW)
