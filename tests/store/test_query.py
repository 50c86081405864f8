"""Queries for reading: whose rows they find, what they make of them, and when."""

import re
from unittest.mock import patch

from hypothesis import given
from hypothesis import strategies as st
from sqlalchemy import bindparam, select

from tests.store.kept_queries import kept_queries
from tests.support import NOW, StudioTest, depot, facts
from upright_anvil.core.ids import ClientId, StudioId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.clients.clients import add_client
from upright_anvil.store.client import clients
from upright_anvil.store.client.exercise_notes import exercise_notes
from upright_anvil.store.file import database
from upright_anvil.store.rows.query import Query, among
from upright_anvil.store.tables import ClientRow, ExerciseNoteRow, StudioRow, Table
from upright_anvil.store.tables.base import Owned

OWNED = {m.class_.__tablename__ for m in Table.registry.mappers if issubclass(m.class_, Owned)}
COUNTS_IN_AN_INDEX = {"log.history._COUNTED"}
"""What asks for any studio's, and why it may: a client is of one studio."""

_IDS: Query[str] = Query(select(ClientRow.id).where(among(ClientRow.id, "ids")).order_by(ClientRow.id))
_ALL: Query[str] = Query(select(ClientRow.id))
_BORN: Query[ClientRow] = Query(select(ClientRow).where(ClientRow.name == bindparam("name")))


class QueryTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        with self.studio.writing() as scope:
            self.who = add_client(scope, facts(cycle_reports=True), NOW, depot(), Load.of(70, Unit.KG)).id

    def test_every_table_that_is_read_is_read_for_the_studio_that_asks(self) -> None:
        queries = kept_queries()
        self.assertGreater(len(queries), 40)
        for name, query in queries.items():
            if name in COUNTS_IN_AN_INDEX:
                continue
            with self.subTest(name):
                read = re.findall(r"(?:FROM|JOIN|,) (\w+)(?: AS (\w+))?(?= |\n|$|\))", query.sql)
                owned = {alias or table for table, alias in read if table in OWNED}
                asked = set(re.findall(r"(\w+)\.studio_id = :asking_studio", query.sql))
                self.assertEqual(owned - asked, set())

    def test_a_row_is_as_the_table_has_it_and_cannot_be_changed(self) -> None:
        with self.studio.reading() as scope:
            bare, whole = clients.client(scope, self.who), scope.db.get_one(ClientRow, self.who)
            for column in ClientRow.__table__.columns:
                self.assertEqual(getattr(bare, column.name), getattr(whole, column.name), column.name)
            with self.assertRaises(AttributeError):
                bare.name = "Somebody"

    def test_a_row_that_is_to_be_changed_is_the_sessions(self) -> None:
        with self.studio.writing() as scope:
            clients.client(scope, self.who).name = "Ottoline F. Fisk"
            # What waits to be written is written before it is looked for.
            self.assertEqual([row.id for row in _BORN.all(scope, name="Ottoline F. Fisk")], [self.who])
        with self.studio.reading() as scope:
            self.assertEqual(clients.client(scope, self.who).name, "Ottoline F. Fisk")

    def test_what_was_added_and_not_written_yet_is_found(self) -> None:
        with self.studio.writing() as scope:
            note = {"id": "note-00001", "client_id": self.who, "exercise": "back-squat", "text": "Heels", "at": NOW}
            scope.db.add(ExerciseNoteRow(**note))
            self.assertEqual(exercise_notes(scope, self.who), {"back-squat": "Heels"})

    def test_nothing_is_asked_of_the_session_by_who_only_reads(self) -> None:
        with patch.object(database, "_StudiosSession", side_effect=AssertionError), self.studio.reading() as scope:
            self.assertEqual([row.id for row in clients.all_clients(scope)], [self.who])
            self.assertIsNone(_BORN.first(scope, name="Nobody"))
            self.assertIsNone(_BORN.value(scope, name="Nobody"))

    def test_what_goes_wrong_undoes_both_ways_of_writing(self) -> None:
        with self.assertRaises(LookupError), self.studio.writing() as scope:
            clients.client(scope, self.who).name = "Gone again"
            scope.write_what_waits()
            raise LookupError
        with self.studio.reading() as scope:
            self.assertNotEqual(clients.client(scope, self.who).name, "Gone again")

    def test_what_is_read_is_of_one_state_however_it_is_read_first(self) -> None:
        for first in (lambda scope: list(_ALL.as_stored(scope)), _ALL.all):
            with self.subTest(), self.studio.reading() as scope:
                before = len(first(scope))
                with self.studio.writing() as other:
                    add_client(other, facts(name=f"Client {before}"), NOW, depot(), Load.of(70, Unit.KG))
                self.assertEqual([len(_ALL.all(scope)), len(list(_ALL.as_stored(scope)))], [before, before])

    def test_anothers_rows_are_not_found(self) -> None:
        elsewhere = StudioId("somebody-else")
        with self.database.writing(elsewhere) as scope:
            scope.db.add(StudioRow(id=elsewhere, name="Elsewhere"))
            self.assertEqual(_IDS.all(scope, ids=[self.who]), [])
            self.assertEqual(list(_IDS.as_stored(scope, ids=[self.who])), [])

    @given(st.lists(st.text(max_size=8), max_size=300))
    def test_any_number_of_any_words_are_asked_for_at_once(self, words: list[str]) -> None:
        with self.studio.reading() as scope:
            self.assertEqual(_IDS.values(scope, ids=[*words, self.who]), [self.who])
            self.assertEqual(_IDS.values(scope, ids=words), [ClientId(w) for w in words if w == self.who][:1])

    def test_figures_and_days_come_back_as_they_are_kept(self) -> None:
        with self.studio.reading() as scope:
            row = clients.client(scope, self.who)
            self.assertEqual(row.created_at, NOW)
            self.assertIs(row.cycle_reports, True)
            self.assertIsNone(row.cover_until)
