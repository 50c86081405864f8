"""Files out of the studio and programs in: whole for the client they were written for, adapted for another."""

import csv
import io
import json

import vobject
from icalendar import Calendar

from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId
from upright_anvil.core.ledger.rows import Outcome
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits.calendar import MoveSession
from upright_anvil.services.board.saving import save_edits
from upright_anvil.services.bringing.past_sessions import bring_in_sessions
from upright_anvil.services.clients.clients import add_client
from upright_anvil.services.exchange.exporting import ProgramFormat, client_calendar, client_log, program_file
from upright_anvil.services.exchange.importing import look_at_file, start_from_file
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.programs import current

SQUAT = ("back-squat", "3 x 6-8, 60 kg, rest 2:00, leave 2")


def said(program: Program) -> list[tuple[str, list[str]]]:
    lines = (line for day in program.phases[0].days for line in day.lines)
    return [(line.exercise, [cell.text for cell in line.cells]) for line in lines]


class ExchangeTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(SQUAT, ("plank", "2 x 40 s, rest 30 s"))

    def other(self) -> ClientId:
        with self.studio.writing() as scope:
            return add_client(scope, facts("Berthold Ashe"), NOW, depot(name="Loft")).id

    def file(self, kind: ProgramFormat) -> bytes:
        with self.studio.reading() as scope:
            return program_file(scope, self.board.program_id, kind).content

    def test_back_for_the_same_client_nothing_is_lost(self) -> None:
        for kind in (ProgramFormat.JSON, ProgramFormat.XLSX):
            with self.subTest(kind), self.studio.writing() as scope:
                begun = start_from_file(scope, self.board.client_id, self.file(kind), NOW, TODAY)
                before = current(scope, self.board.program_id).program
                texts = [
                    [
                        (line.exercise, [cell.text for cell in line.cells])
                        for day in p.phases[0].days
                        for line in day.lines
                    ]
                    for p in (before, begun.revision.program)
                ]
                self.assertEqual(texts[0], texts[1])
                self.assertGreater(begun.revision.program.start, before.start)

    def test_for_another_client_the_loads_stay_behind(self) -> None:
        other = self.other()
        with self.studio.writing() as scope:
            seen = look_at_file(scope, other, self.file(ProgramFormat.JSON), TODAY)
            self.assertIn("Written for another client", seen.changes[0])
            begun = start_from_file(scope, other, self.file(ProgramFormat.JSON), NOW, TODAY)
        line = begun.revision.program.phases[0].days[0].lines[0]
        self.assertEqual(line.cells[0].text, "3 x 6-8, rest 2:00, leave 2")

    def test_an_exercise_of_another_studio_is_found_by_name_or_told(self) -> None:
        data = json.loads(self.file(ProgramFormat.JSON))
        text = json.dumps(data).replace("back-squat", "own-123")
        with self.studio.writing() as scope:
            found = look_at_file(scope, self.board.client_id, text.encode(), TODAY)
            self.assertIn("Back squat", found.lines[0])
            strange = look_at_file(scope, self.board.client_id, text.replace("Back squat", "Zzyzx").encode(), TODAY)
            self.assertIn("left out: Zzyzx", strange.changes[0])
            with self.assertRaises(DomainError):
                start_from_file(scope, self.board.client_id, b"{}", NOW, TODAY)

    def test_the_log_goes_out_and_comes_in_again(self) -> None:
        sid = self.session(self.board)
        self.log(sid, 1, 8)
        self.log(sid, 2, 7)
        self.log(sid, 3, None, outcome=Outcome.SKIPPED, load=None, reserve=None)
        self.finish(sid)
        with self.studio.reading() as scope:
            text = client_log(scope, self.board.client_id).content.decode()
        first = next(csv.DictReader(io.StringIO(text)))
        self.assertEqual(
            [first[name] for name in ("Exercise", "Reps", "Load", "RIR")], ["Back squat", "8", "60 kg", "2"]
        )
        other = self.other()
        with self.studio.writing() as scope:
            bring_in_sessions(scope, text.replace("Ottoline Fisk", "Berthold Ashe"), other, {}, NOW)
            sessions = training_sessions.sessions_of_client(scope, other)
            sets = ledger.sets_of_sessions(scope, [s.id for s in sessions])
        self.assertEqual([(k.row.reps, str(k.row.load)) for k in sets], [(8, "60 kg"), (7, "60 kg")])

    def test_the_calendar_has_every_session_under_its_own_id(self) -> None:
        with self.studio.writing() as scope:
            drop = MoveSession(week="p1-w2", day="p1-d1")
            save_edits(scope, self.board.program_id, 2, [drop], "Dropped", NOW)
            content = client_calendar(scope, self.board.client_id, TODAY).content
        calendar = Calendar.from_ical(content)
        events = list(calendar.walk("VEVENT"))
        self.assertEqual(len(events), 12)
        self.assertEqual(len({str(event["uid"]) for event in events}), 12)
        self.assertEqual(sum(str(event["status"]) == "CANCELLED" for event in events), 2)
        # Another library reads the same.
        others = vobject.readOne(content.decode()).vevent_list
        told = {(one.uid.value, one.dtstart.value, one.status.value) for one in others}
        mine = {(str(one["uid"]), one["dtstart"].dt, str(one["status"])) for one in events}
        self.assertEqual(told, mine)
