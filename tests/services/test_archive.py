"""A whole client from one studio into another; the library and the calendar likewise."""

import io
import json
import zipfile
from typing import Any

from icalendar import Calendar

from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.health.history import Entry, State
from upright_anvil.core.ids import StudioId
from upright_anvil.formats.exchange.archive_file import write_archive
from upright_anvil.services.clients.clients import add_client, client_file
from upright_anvil.services.exchange.archive import bring_in_client, client_archive, look_at_archive, made_ready
from upright_anvil.services.exchange.exporting import client_log
from upright_anvil.services.exchange.feed import end_feed, feed, new_feed
from upright_anvil.services.exchange.library_files import bring_in_library, look_at_library, own_library
from upright_anvil.services.floor.logging import add_note
from upright_anvil.services.health.health_file import add_entry
from upright_anvil.services.home.making import SheetDay, make_sheet
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.library.own_exercises import add_own
from upright_anvil.services.starting.own_templates import keep_template
from upright_anvil.services.starting.sources import StartingPoint, all_templates
from upright_anvil.store import programs
from upright_anvil.store.client.archive import rows_of_client
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.tables import StudioRow

SLED = Exercise("own", "Sandbag drag <b>", Pattern.LOCOMOTION, (Muscle.QUADRICEPS,))


class ArchiveTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        with self.studio.writing() as scope:
            self.own = add_own(scope, SLED).id
        self.board = self.client_with_program(("back-squat", "3 x 6-8, 60 kg, leave 2"), (self.own, "3 x 10"))
        self.client = self.board.client_id
        sid = self.session(self.board)
        first = self.log(sid, 1, 8)
        self.log(sid, 1, 7, replaces=first.id)
        self.log(sid, 1, 10, line="l2", exercise=self.own, load=None)
        with self.studio.writing() as scope:
            add_note(scope, sid, fresh_id(), "l1", "Heels", NOW)
            entry = Entry(fresh_id(), TODAY, Joint.KNEE, State.WATCH, Side.LEFT, "old skiing <script>")
            add_entry(scope, self.client, entry, NOW, TODAY)
            make_sheet(scope, self.client, self.board.program_id, [SheetDay("p1-w2", "p1-d1")], "", NOW, TODAY)
        self.finish(sid)
        with self.studio.reading() as scope:
            self.archive = client_archive(scope, self.client, NOW).content
            self.log_before = client_log(scope, self.client).content

    def elsewhere(self) -> StudioTest:
        """Another studio, empty."""
        other = StudioTest()
        StudioTest.setUp(other)
        self.addCleanup(other.doCleanups)
        return other

    def bring(self, studio: StudioTest, content: bytes) -> Any:
        with studio.studio.reading() as scope:
            ready = made_ready(scope, content)
        with studio.studio.writing() as scope:
            return bring_in_client(scope, ready, NOW)

    def test_another_studio_has_all_of_it(self) -> None:
        other = self.elsewhere()
        brought = self.bring(other, self.archive)
        self.assertEqual((brought.client, brought.sessions, brought.sets), ("Ottoline Fisk", 1, 3))
        with other.studio.reading() as scope:
            self.assertEqual(client_log(scope, brought.client_id).content, self.log_before)
            view = client_file(scope, brought.client_id, TODAY)
            self.assertEqual(view.health.timeline[0].words, "old skiing <script>")
            self.assertEqual([place.facts.name for place in view.places], ["Depot"])
            self.assertIsNotNone(view.program_id)
            again = client_archive(scope, brought.client_id, NOW).content
        self.assertEqual(look_at_archive_rows(again), look_at_archive_rows(self.archive))

    def test_in_the_same_studio_it_is_a_second_client(self) -> None:
        with self.studio.reading() as scope:
            self.assertIn("already: this adds another", look_at_archive(scope, self.archive).said[0])
        brought = self.bring(self, self.archive)
        self.assertNotEqual(brought.client_id, self.client)
        with self.studio.reading() as scope:
            self.assertEqual(client_log(scope, brought.client_id).content, self.log_before)
            mine = programs.programs_of_client(scope, brought.client_id)
            lines = [line for day in programs.current(scope, mine[0].id).program.phases[0].days for line in day.lines]
            self.assertEqual([line.exercise for line in lines], ["back-squat", self.own])

    def test_nothing_of_other_clients_goes_along(self) -> None:
        with self.studio.writing() as scope:
            add_own(scope, Exercise("x", "Secret move", Pattern.SQUAT, (Muscle.QUADRICEPS,)))
            add_client(scope, facts("Berthold Ashe"), NOW, depot(name="Berthold's cellar"))
            content = client_archive(scope, self.client, NOW).content
        with zipfile.ZipFile(io.BytesIO(content)) as found:
            text = "".join(found.read(name).decode("utf-8", "replace") for name in found.namelist())
        for secret in ("Berthold", "Secret move"):
            self.assertNotIn(secret, text)

    def test_another_trainer_has_no_archive_of_it(self) -> None:
        other = StudioId("other")
        with self.studio.writing() as scope:
            scope.db.add(StudioRow(id=other, name="Other"))
        with self.database.reading(other) as scope:
            with self.assertRaises(NotFoundError):
                client_archive(scope, self.client, NOW)
            self.assertEqual({name for name, rows in rows_of_client(scope, self.client).items() if rows}, set())

    def test_bad_archives_leave_nothing(self) -> None:
        other = self.elsewhere()
        bad = [b"", b"PK\x03\x04 nothing", self.archive[:-40], self.archive[: len(self.archive) // 2]]
        bad += [
            changed(self.archive, "performed_set", lambda rows: rows[:1]),
            changed(self.archive, "client", lambda rows: rows * 2),
            changed(self.archive, "client", lambda rows: [rows[0] | {"evil": 1}]),
            changed(self.archive, "client", lambda rows: [rows[0] | {"name": None}]),
            changed(self.archive, "client", lambda rows: [rows[0] | {"unit": "stone"}]),
            changed(self.archive, "client", lambda rows: [{"id": 5}]),
            changed(self.archive, "performed_set", lambda rows: [row | {"reps": "many"} for row in rows]),
            changed(self.archive, "performed_set", lambda rows: [row | {"reps": 9999} for row in rows]),
            changed(self.archive, "performed_set", lambda rows: [row | {"exercise": "gone"} for row in rows]),
            changed(self.archive, "performed_set", lambda rows: [row | {"session_id": "gone"} for row in rows]),
            changed(self.archive, "revision", lambda rows: [row | {"document": "{}"} for row in rows]),
            changed(self.archive, "revision", lambda rows: []),
            changed(self.archive, "history_entry", lambda rows: [row | {"topic": "tail"} for row in rows]),
            changed(self.archive, "session", lambda rows: [row | {"on_date": "yesterday"} for row in rows]),
            write_archive("X", "2026-01-01", {"users": [{"id": 1}]}, {}),
            bomb(),
        ]
        for at, content in enumerate(bad):
            with self.subTest(at), self.assertRaises(DomainError):
                self.bring(other, content)
        with other.studio.reading() as scope, self.assertRaises(NotFoundError):
            client_file(scope, self.client, TODAY)

    def test_the_library_goes_out_and_comes_in_once(self) -> None:
        with self.studio.writing() as scope:
            source = StartingPoint(program=self.board.program_id, phase="p1")
            keep_template(scope, source, "Drags", "the strong", NOW)
            content = own_library(scope).content
        other = self.elsewhere()
        with other.studio.writing() as scope:
            look = look_at_library(scope, content)
            self.assertEqual((look.exercises, look.templates), (("Sandbag drag <b>",), ("Drags",)))
            bring_in_library(scope, content, NOW)
            again = look_at_library(scope, content)
            self.assertEqual((again.exercises, again.templates, len(again.here)), ((), (), 2))
            made = next(one for one in all_templates(scope).values() if one.name == "Drags")
            used = {line.exercise for day in made.days for group in day.groups for line in group.lines}
            self.assertEqual(len(used), 2)
            self.assertNotIn(self.own, used)
            for wrong in (b"", b"[]", b'{"format": "other"}', b'{"version": 9}', b'{"exercises": [{"id": "<"}]}'):
                with self.assertRaises(DomainError):
                    look_at_library(scope, wrong)
            strange = json.loads(content) | {"exercises": [{"id": "own-1", "fields": {"name": "Half", "pattern": "?"}}]}
            said = look_at_library(scope, json.dumps(strange).encode())
            self.assertEqual(len(said.refused), 1)
            self.assertIn("Half", said.refused[0])

    def test_the_feed_answers_its_secret_alone(self) -> None:
        with self.studio.writing() as scope:
            with self.assertRaises(NotFoundError):
                feed(scope, "", TODAY)
            key = new_feed(scope)
            found = Calendar.from_ical(feed(scope, key, TODAY).content)
            entries = [str(one["summary"]) for one in found.walk("VEVENT")]
            self.assertTrue(all(said.startswith("Ottoline Fisk: ") for said in entries) and entries)
            other = new_feed(scope)
            for wrong in (key, other[:-1], ""):
                with self.assertRaises(NotFoundError):
                    feed(scope, wrong, TODAY)
            end_feed(scope)
            with self.assertRaises(NotFoundError):
                feed(scope, other, TODAY)


def look_at_archive_rows(content: bytes) -> dict[str, int]:
    with zipfile.ZipFile(io.BytesIO(content)) as found:
        rows: dict[str, int] = json.loads(found.read("archive.json"))["rows"]
    return rows


def changed(content: bytes, table: str, change: Any) -> bytes:
    """The archive with the rows of one table changed, and its count left as it was where that is the fault."""
    out = io.BytesIO()
    with zipfile.ZipFile(io.BytesIO(content)) as found, zipfile.ZipFile(out, "w") as made:
        assert f"tables/{table}.jsonl" in found.namelist(), table
        for name in found.namelist():
            text = found.read(name)
            if name == f"tables/{table}.jsonl":
                rows = change([json.loads(line) for line in text.splitlines()])
                text = "".join(json.dumps(row) + "\n" for row in rows).encode()
            made.writestr(name, text)
    return out.getvalue()


def bomb() -> bytes:
    """A small archive that says it unpacks to far too much, and does."""
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as made:
        made.writestr("archive.json", "{}")
        for n in range(31):
            made.writestr(f"tables/x{n}.jsonl", b"0" * 10_000_000)
    return out.getvalue()
