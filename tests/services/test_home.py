"""Work at home: sheets out, results back into the log, once, for the right client, never against the pace."""

import re
from datetime import datetime, timedelta
from typing import Any

from tests.commands import review_session, start_from_template
from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.errors import DomainError
from upright_anvil.core.home.sheet import HomeSheet
from upright_anvil.core.ledger.how import Source
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.phrases import Language
from upright_anvil.core.plan.edits.days import SetDay
from upright_anvil.core.plan.edits.lines import RemoveLine
from upright_anvil.formats.home_result import write_result
from upright_anvil.formats.paper.home_paper import home_pdf
from upright_anvil.formats.paper.paper_size import PaperSize
from upright_anvil.formats.shipped.languages import phrases_of
from upright_anvil.formats.shipped.template_file import shipped_templates
from upright_anvil.services.board.saving import save_edits
from upright_anvil.services.clients.clients import add_client, change_client
from upright_anvil.services.floor.clocks import session_clocks
from upright_anvil.services.floor.opening import open_floor
from upright_anvil.services.home.kept import kept_sheet, written
from upright_anvil.services.home.looking import look_at_result
from upright_anvil.services.home.making import SheetDay, make_sheet
from upright_anvil.services.home.overview import home_view
from upright_anvil.services.home.results import give_code, had_a_word, receive, set_aside, take_result
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.pace import pace_of
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.programs import current

DAY = SheetDay("p1-w1", "p1-d1")


class HomeTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(
            ("goblet-squat", "3 x 8-10, 12 kg, rest 60 s, leave 2"), ("plank", "2 x 40 s, rest 30 s")
        )
        self.client = self.board.client_id

    def sheet(self, *days: SheetDay) -> HomeSheet:
        with self.studio.writing() as scope:
            made = make_sheet(scope, self.client, self.board.program_id, days or (DAY,), "", NOW, TODAY)
            return kept_sheet(scope, made.id)

    def text(self, sheet: HomeSheet, **more: object) -> str:
        begun = int((NOW - timedelta(hours=2)).timestamp())
        squats = [f"0,{n},2,10,,,2,{60 * n}" for n in (1, 2, 3)]
        planks = [f"1,{n},10,,40,,,{300 + n}" for n in (1, 2)]
        said: dict[str, Any] = {
            "s": sheet.id, "r": "run-00000001", "w": "p1-w1", "d": "p1-d1", "b": begun, "e": begun + 1500, "f": 6,
            "t": "", "x": ";".join(squats + planks),
        }  # fmt: skip
        return write_result(said | more, sheet.key)

    def take(self, text: str, now: datetime = NOW) -> Any:
        with self.studio.writing() as scope:
            return take_result(scope, text, None, now)

    def test_a_sheet_has_what_is_done_and_how(self) -> None:
        sheet = self.sheet()
        first, second = sheet.days[0].moves
        self.assertEqual(first.dose, "3 × 8-10 reps, 12 kg, 60 s rest, stop with 2 left")
        self.assertTrue(first.cues)
        self.assertEqual([s.words for s in first.sets if not s.ramp], ["8-10 reps, 12 kg"] * 3)
        self.assertTrue(second.clock)
        self.assertEqual(sheet.days[0].clocks[0].lines, (second.line,))
        self.assertEqual(sheet.client, "Ottoline")
        self.assertTrue(sheet.signs)

    def test_in_the_clients_language(self) -> None:
        with self.studio.writing() as scope:
            change_client(scope, self.client, {"language": Language.GERMAN}, TODAY)
        sheet = self.sheet()
        self.assertIn("Wiederholungen", sheet.days[0].moves[0].dose)
        self.assertIn("Mach dich bereit", sheet.days[0].clocks[0].steps[0].calls[0].say)
        self.assertIn("März", sheet.days[0].on_words)
        with self.studio.reading() as scope:
            floor = open_floor(scope, self.board.program_id, "p1-w1", "p1-d1", TODAY)
            self.assertEqual(floor.call_words, {"Ten seconds": "Zehn Sekunden", "Go": "Los"})
            clock = session_clocks(scope, self.board.program_id, "p1-w1", "p1-d1", TODAY)[0]
        self.assertTrue(clock.steps[0].calls[0].say.endswith("Mach dich bereit"))

    def test_a_result_is_looked_at_then_written_once(self) -> None:
        text = self.text(self.sheet(), t="Felt good")
        with self.studio.reading() as scope:
            seen = look_at_result(scope, text, self.client, NOW)
            self.assertEqual(seen.lines[0].done, ("3 × 10 reps with 12 kg, 2 left",))
            self.assertEqual((seen.minutes, seen.effort, seen.open_to_log), (25, 6, True))
            self.assertEqual(list(training_sessions.sessions_of_client(scope, self.client)), [])
        taken = self.take(text)
        self.assertTrue(taken.taken)
        again = self.take(text)
        self.assertIn("came back before", again.said[0])
        with self.studio.reading() as scope:
            sessions = training_sessions.sessions_of_client(scope, self.client)
            rows = ledger.sets_of_sessions(scope, [s.id for s in sessions])
            self.assertEqual((len(sessions), len(rows)), (1, 5))
            self.assertEqual({k.row.how.source for k in rows}, {Source.HOME})
            self.assertEqual(pace_of(sessions), 1.0)
            self.assertEqual([n.text for n in ledger.notes_of_session(scope, sessions[0].id)], ["From home: Felt good"])
            self.assertTrue(review_session(scope, taken.session_id, TODAY).lines)

    def test_a_day_that_is_in_the_log_stays_as_it_is(self) -> None:
        text = self.text(self.sheet())
        sid = self.session(self.board)
        self.log(sid, 1, 8, exercise="goblet-squat")
        self.finish(sid)
        with self.studio.reading() as scope:
            self.assertFalse(look_at_result(scope, text, None, NOW).open_to_log)
        with self.assertRaisesRegex(DomainError, "in the log already"):
            self.take(text)

    def test_the_wrong_client_another_studio_and_tampering_are_told(self) -> None:
        text = self.text(self.sheet())
        with self.studio.writing() as scope:
            other = add_client(scope, facts("Berthold Ashe"), NOW, depot(name="Loft")).id
            self.assertIn("Ottoline Fisk's", look_at_result(scope, text, other, NOW).said[0])
            with self.assertRaisesRegex(DomainError, "not this client"):
                take_result(scope, text, other, NOW)
            strange = write_result(
                {"s": "gone", "r": "run-00000001", "w": "a", "d": "b", "b": 1_772_000_000, "e": 1_772_000_001, "x": ""},
                "aa" * 16,
            )
            with self.assertRaisesRegex(DomainError, "another studio"):
                look_at_result(scope, strange, None, NOW)
            with self.assertRaisesRegex(DomainError, "not whole"):
                look_at_result(scope, text[:-1] + ("A" if text[-1] != "A" else "B"), None, NOW)
        sheet = self.sheet()
        for more in (
            {"x": "9,1,2,8,,,,0"},
            {"x": "0,21,2,8,,,,0"},
            {"x": "0,1,2,8,,,,0;0,1,2,8,,,,0"},
            {"x": "0,1,2,,,,,0"},
            {"d": "p1-d2"},
        ):
            with self.subTest(more), self.studio.reading() as scope, self.assertRaises(DomainError):
                look_at_result(scope, self.text(sheet, **more), None, NOW)

    def test_an_old_sheet_is_matched_by_line_and_told(self) -> None:
        text = self.text(self.sheet())
        with self.studio.writing() as scope:
            save_edits(scope, self.board.program_id, self.board.revision.number, [RemoveLine(line="l2")], "Out", NOW)
        with self.studio.reading() as scope:
            seen = look_at_result(scope, text, None, NOW)
        self.assertTrue(any("Plank" in said for said in seen.said))
        self.assertEqual([line.gone for line in seen.lines], [False, True])
        self.take(text)
        with self.studio.reading() as scope:
            sid = training_sessions.sessions_of_client(scope, self.client)[0].id
            self.assertEqual(len(ledger.sets_of_sessions(scope, [sid])), 5)

    def test_a_phone_whose_clock_is_wrong_counts_for_today(self) -> None:
        for begun in (1_600_000_000, int((NOW + timedelta(days=400)).timestamp())):
            text = self.text(self.sheet(), b=begun, e=begun + 60)
            with self.studio.reading() as scope:
                seen = look_at_result(scope, text, None, NOW)
            self.assertEqual(seen.on, TODAY)
            self.assertTrue(any("clock was wrong" in said for said in seen.said))

    def test_sets_done_alone_raise_no_estimate(self) -> None:
        def estimate() -> dict[str, float]:
            with self.studio.reading() as scope:
                strengths = client_profile(scope, self.client, TODAY).known.strengths
            return {name: one.kg for name, one in strengths.items()}

        sid = self.session(self.board, week=2)
        self.log(sid, 1, 10, exercise="goblet-squat", load=Load.of(12, Unit.KG))
        self.finish(sid)
        before = estimate()
        self.assertIn("goblet-squat", before)
        self.take(self.text(self.sheet(), x="0,1,2,13,,,2,60;0,2,2,13,,,2,90"))
        self.assertEqual(estimate(), before)

    def test_a_day_on_which_nothing_was_done_stays_out_of_the_log(self) -> None:
        text = self.text(self.sheet(), x="0,1,0,,,,,5;0,2,0,,,,,6", t="Ill today")
        with self.studio.reading() as scope:
            seen = look_at_result(scope, text, None, NOW)
        self.assertEqual((seen.open_to_log, seen.note), (False, "Ill today"))
        for nothing in (text, self.text(self.sheet(), x="")):
            with self.assertRaisesRegex(DomainError, "nothing for the log"):
                self.take(nothing)

    def test_what_hurt_or_was_written_wants_a_word(self) -> None:
        rows = "0,1,6,4,,,,10;0,2,0,,,,,11;0,3,0,,,,,11"
        taken = self.take(self.text(self.sheet(), x=rows))
        self.assertTrue(taken.lines[0].hurt)
        with self.studio.writing() as scope:
            self.assertTrue(home_view(scope, self.client, TODAY).results[0].wants_word)
            had_a_word(scope, taken.id)
            self.assertFalse(home_view(scope, self.client, TODAY).results[0].wants_word)

    def test_sent_with_a_code_it_waits_to_be_looked_at(self) -> None:
        sheet = self.sheet()
        text = self.text(sheet)
        with self.studio.writing() as scope:
            self.assertIn("spent or too old", receive(scope, text, "123456", NOW))
            code = give_code(scope, sheet.id, NOW)
            wrong = "000000" if code != "000000" else "111111"
            self.assertIn("not the code", receive(scope, text, wrong, NOW))
            self.assertIn("too old", receive(scope, text, code, NOW + timedelta(minutes=31)))
            self.assertEqual(receive(scope, text, code, NOW), "")
            self.assertIn("spent", receive(scope, text, code, NOW))
            self.assertTrue(home_view(scope, self.client, TODAY).results[0].waits)
            set_aside(scope, "run-00000001")
            self.assertTrue(home_view(scope, self.client, TODAY).results[0].set_aside)
            code = give_code(scope, sheet.id, NOW)
            for _ in range(5):
                receive(scope, text, "x", NOW)
            self.assertIn("spent", receive(scope, text, code, NOW))

    def test_the_overview_says_what_is_not_back(self) -> None:
        with self.studio.writing() as scope:
            edit = SetDay(day="p1-d1", alone=True)
            save_edits(scope, self.board.program_id, self.board.revision.number, [edit], "Alone", NOW)
            days = home_view(scope, self.client, TODAY).days
        self.assertEqual([(d.alone, d.state) for d in days if d.week == 1][:1], [(True, "not back")])
        self.take(self.text(self.sheet()))
        with self.studio.reading() as scope:
            self.assertEqual(home_view(scope, self.client, TODAY).days[0].state, "came back")

    def test_every_day_of_every_template_makes_a_sheet_and_a_page(self) -> None:
        """Circuits, clocks, waves, holds and stretches: whatever a program may ask for, in both languages."""
        kit = "bar 20, plates 2x1.25 2x2.5 4x5 4x10 2x20\ndumbbells 2-30 by 2\nbands\nbench\nrack\nbox\npull-up bar"
        with self.studio.writing() as scope:
            for number, template in enumerate(shipped_templates()):
                who = add_client(scope, facts(f"Client {number}", language=list(Language)[number % 2]), NOW, depot(kit))
                program_id = start_from_template(scope, who.id, template, NOW, TODAY).board.program_id
                phase = current(scope, program_id).program.phases[0]
                days = [SheetDay(phase.weeks[-1].id, day.id) for day in phase.days]
                with self.subTest(template):
                    made = make_sheet(scope, who.id, program_id, days, "", NOW, TODAY)
                    sheet = kept_sheet(scope, made.id)
                    self.assertEqual(len(sheet.days), len(days))
                    self.assertTrue(all(move.dose for day in sheet.days for move in day.moves))
                    self.assertLess(len(written(sheet).encode()), 200_000)
                    paper = home_pdf(sheet, phrases_of(sheet.language), PaperSize.A4)
                    self.assertEqual(len(re.findall(rb"/Type /Page\b", paper)), len(days))

    def test_bad_asks(self) -> None:
        with self.studio.writing() as scope:
            for days in ((), tuple(SheetDay("p1-w1", f"d{n}") for n in range(15)), (SheetDay("p1-w1", "gone"),)):
                with self.assertRaises(DomainError):
                    make_sheet(scope, self.client, self.board.program_id, days, "", NOW, TODAY)
            other = add_client(scope, facts("Berthold Ashe"), NOW, depot(name="Loft")).id
            with self.assertRaises(DomainError):
                make_sheet(scope, other, self.board.program_id, (DAY,), "", NOW, TODAY)
