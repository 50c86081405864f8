from dataclasses import replace
from datetime import timedelta

from tests.commands import save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.ledger.rows import Outcome, SetPosition
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.edits.days import RemoveDay
from upright_anvil.core.plan.edits.lines import ChangeLine
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.clients.exercise_notes import note_exercise
from upright_anvil.services.floor import logging
from upright_anvil.services.floor.opening import FloorView, open_floor
from upright_anvil.services.ids import session_id
from upright_anvil.store.log import ledger
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.rows.once import IdTakenError

SQUAT = ("back-squat", "3 x 6-8, 60 kg, rest 2:00, leave 2")


class FloorTest(StudioTest):
    def open(self, board: BoardView, week: int = 1) -> FloorView:
        with self.studio.reading() as scope:
            return open_floor(scope, board.program_id, f"p1-w{week}", "p1-d1", TODAY)

    def test_a_session_opens_before_it_is_started(self) -> None:
        board = self.client_with_program(SQUAT, ("plank", "2 x 40 s"))
        view = self.open(board)
        self.assertIsNone(view.started_at)
        self.assertEqual((view.client, view.day, view.week), ("Ottoline Fisk", "Day 1", 1))
        squat, plank = view.lines
        self.assertEqual([s.aim.reps for s in squat.sets], [6, 6, 6])
        self.assertEqual((squat.rest, squat.sets[0].aim.reserve), (120, 2))
        self.assertEqual([s.aim.seconds for s in plank.sets], [40, 40])
        self.assertIn(Load.of("62.5", Unit.KG), squat.loads)

    def test_what_always_goes_with_an_exercise_follows_it_through_programs(self) -> None:
        board = self.client_with_program(SQUAT, ("plank", "2 x 40 s"))
        said = ("Stop just below the knee", "Stop at the knee", "")
        for number, text in enumerate(said):
            with self.studio.writing() as scope:
                for _ in range(2):
                    note_exercise(scope, board.client_id, ExerciseId("back-squat"), f"note-{number:08}", text, NOW)
            self.assertEqual([line.always for line in self.open(board).lines], [text, ""])
            with self.studio.reading() as scope:
                known = open_board(scope, board.program_id, TODAY).always
            self.assertEqual(dict(known), {"back-squat": text} if text else {})
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "Nobody knows"):
            note_exercise(scope, board.client_id, ExerciseId("yodel"), "note-00000009", "x", NOW)

    def test_cuffs_colours_counts_and_distances_are_said(self) -> None:
        kit = "blocks 5 white, 10 white/green, 15 rust"
        lines = (
            ("biceps-curl", "3 x 15, 10 kg, cuffs"),
            ("lateral-raise", "3 x 40 s, step rust"),
            ("easy-run", "5 km in 30 min"),
        )
        curl, raised, run = self.open(self.client_with_program(*lines, equipment=kit)).lines
        self.assertEqual(curl.restricted, "cuffs, pressure as taught")
        self.assertEqual((curl.codes, curl.set_to), (("white", "white/green", "rust"), "10 kg white/green"))
        self.assertEqual((raised.counts, raised.set_to, curl.counts), (True, "rust 15 kg", False))
        aim = run.sets[0].aim
        self.assertEqual((aim.metres, aim.seconds, aim.reps), (5000, 1800, None))

    def test_every_cue_that_was_chosen_is_shown(self) -> None:
        board = self.client_with_program(SQUAT)
        cues = ("Sit back", "Chest up", "Knees out", "Slow down", "Breathe")
        with self.studio.writing() as scope:
            save_edits(scope, board.program_id, 2, [ChangeLine(line="l1", cues=cues)], "Cues", NOW, TODAY)
        self.assertEqual(self.open(board).lines[0].cues.cues, cues)

    def test_the_state_is_the_ledgers(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = self.session(board)
        first = self.log(sid, 1, 8)
        second = self.log(sid, 1, 7, replaces=first.id)
        self.log(sid, 2, 6, outcome=Outcome.SKIPPED)
        self.log(sid, 4, 5)
        sets = self.open(board).lines[0].sets
        self.assertEqual([s.number for s in sets], [1, 2, 3, 4])
        logged = sets[0].logged
        assert logged
        self.assertEqual((logged.reps, sets[0].stands), (7, second.id))
        self.assertEqual([e.reps for e in sets[0].earlier], [8])
        self.assertEqual([s.logged.outcome if s.logged else None for s in sets[1:]], ["skipped", None, "done"])
        self.assertIsNone(sets[3].planned)

    def test_a_set_taken_back_is_open_again_and_can_be_replaced(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = self.session(board)
        first = self.log(sid, 1, 8)
        cleared = self.log(sid, 1, 0, outcome=Outcome.CLEARED, replaces=first.id)
        shown = self.open(board).lines[0].sets[0]
        self.assertEqual((shown.logged, shown.stands), (None, cleared.id))
        self.log(sid, 1, 6, replaces=cleared.id)
        again = self.open(board).lines[0].sets[0].logged
        self.assertEqual(again and again.reps, 6)

    def test_last_time_is_the_last_session_with_the_exercise(self) -> None:
        board = self.client_with_program(SQUAT)
        self.assertIsNone(self.open(board).lines[0].last_time)
        sid = self.session(board, week=1)
        for number, reps in [(1, 8), (2, 7), (3, 7)]:
            self.log(sid, number, reps)
        last = self.open(board, week=2).lines[0].last_time
        assert last
        self.assertEqual([s.reps for s in last.sets], [8, 7, 7])
        self.assertEqual([s.aim.reps for s in self.open(board, week=2).lines[0].sets], [8, 7, 7])

    def test_a_session_whose_day_was_taken_out_still_opens_by_its_own_revision(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = self.session(board)
        self.log(sid, 1, 8)
        with self.studio.writing() as scope:
            save_edits(scope, board.program_id, 2, [RemoveDay(day="p1-d1")], "Out", NOW, NOW.date())
        self.assertEqual(self.open(board).lines[0].sets[0].stands is not None, True)

    def test_a_day_nobody_planned_is_refused_with_a_sentence(self) -> None:
        board = self.client_with_program(SQUAT)
        with self.studio.reading() as scope:
            with self.assertRaisesRegex(DomainError, "no longer in the program"):
                open_floor(scope, board.program_id, "p1-w1", "nowhere", TODAY)
            with self.assertRaises(NotFoundError):
                open_floor(scope, "nowhere", "p1-w1", "p1-d1", TODAY)

    def test_a_set_beyond_all_that_was_is_asked_about_and_kept(self) -> None:
        board = self.client_with_program(SQUAT)
        self.log(self.session(board), 1, 8)
        self.now = NOW + timedelta(days=7)
        sid = self.session(board, week=2, at=self.now)
        self.log(sid, 1, 8, load=Load.of(600, Unit.KG))
        self.log(sid, 2, 8)
        first, second, *_ = self.open(board, week=2).lines[0].sets
        self.assertIn("Is it right?", first.doubt)
        self.assertEqual(first.logged and first.logged.load, Load.of(600, Unit.KG))
        self.assertEqual(second.doubt, "")


class LoggingTest(StudioTest):
    def test_the_same_row_sent_twice_is_stored_once(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = self.session(board)
        row = self.log(sid, 1, 8)
        with self.studio.writing() as scope:
            self.assertTrue(logging.log_set(scope, sid, row, NOW).again)
        with self.studio.reading() as scope:
            sets = open_floor(scope, board.program_id, "p1-w1", "p1-d1", TODAY).lines[0].sets
        self.assertEqual([len(sets[0].beside), len(sets[0].earlier)], [0, 0])

    def test_sets_sent_at_once_count_once_each_and_take_nobodys_id(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = self.session(board)
        first = self.log(sid, 1, 8)
        more = [replace(first, id=f"more-{number}", slot=SetPosition("l1", number)) for number in (2, 3)]
        with self.studio.writing() as scope:
            self.assertEqual(ledger.add_sets(scope, sid, [first, *more], NOW), 2)
            self.assertEqual(ledger.add_sets(scope, sid, [first, *more], NOW), 0)
            self.assertEqual(ledger.add_sets(scope, sid, [], NOW), 0)
            self.assertEqual(
                [kept.row.id for kept in ledger.sets_of_sessions(scope, [sid])], [first.id, "more-2", "more-3"]
            )
        for wrong, session, refused in (
            (replace(first, reps=9), sid, IdTakenError),
            (replace(first, id="of-none"), "no-such-session", NotFoundError),
        ):
            fresh = replace(first, id="fresh-one", slot=SetPosition("l1", 4))
            with self.subTest(refused=refused), self.assertRaises(refused), self.studio.writing() as scope:
                ledger.add_sets(scope, session, [fresh, wrong], NOW)
        with self.studio.reading() as scope:
            self.assertEqual(len(ledger.sets_of_sessions(scope, [sid])), 3)

    def test_two_devices_start_one_session(self) -> None:
        board = self.client_with_program(SQUAT)
        self.assertEqual(self.session(board), self.session(board, at=NOW + timedelta(minutes=1)))
        sid = self.session(board)
        with self.studio.writing() as scope:
            self.assertTrue(logging.start_session(scope, sid, board.program_id, "p1-w1", "p1-d1", NOW, NOW).again)

    def test_a_foreign_id_does_not_open_a_session(self) -> None:
        board = self.client_with_program(SQUAT)
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "does not belong"):
            logging.start_session(scope, "somebody-elses", board.program_id, "p1-w1", "p1-d1", NOW, NOW)

    def test_nothing_is_logged_before_the_start(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = session_id(board.program_id, "p1-w1", "p1-d1")
        for call in [
            lambda: self.log(sid, 1, 8),
            lambda: self.finish(sid),
        ]:
            with self.subTest(), self.assertRaisesRegex(NotFoundError, "no such session"):
                call()

    def test_a_clock_that_runs_ahead_is_brought_back(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = session_id(board.program_id, "p1-w1", "p1-d1")
        ahead = NOW + timedelta(days=3)
        with self.studio.writing() as scope:
            logging.start_session(scope, sid, board.program_id, "p1-w1", "p1-d1", ahead, NOW)
            logging.finish_session(scope, sid, NOW - timedelta(days=1), NOW)
        with self.studio.reading() as scope:
            view = open_floor(scope, board.program_id, "p1-w1", "p1-d1", TODAY)
        self.assertEqual((view.started_at, view.finished_at), (NOW, NOW))

    def test_closed_too_early_it_ends_with_the_sets_that_came_after(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = self.session(board)
        for logged, closed, ends in ((5, 10, 10), (40, 50, 50), (None, 70, 50), (23 * 60, 24 * 60, 50)):
            if logged is not None:
                self.now = NOW + timedelta(minutes=logged)
                self.log(sid, 1, 8)
            self.finish(sid, NOW + timedelta(minutes=closed))
            with self.studio.reading() as scope:
                view = open_floor(scope, board.program_id, "p1-w1", "p1-d1", TODAY)
            self.assertEqual(view.finished_at, NOW + timedelta(minutes=ends))

    def test_finishing_again_keeps_the_first_time(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = self.session(board)
        self.finish(sid)
        self.finish(sid, NOW + timedelta(hours=5))
        with self.studio.reading() as scope:
            view = open_floor(scope, board.program_id, "p1-w1", "p1-d1", TODAY)
        self.assertEqual(view.finished_at, NOW + timedelta(minutes=50))

    def test_notes_are_kept_once_for_the_line_and_the_session(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = self.session(board)
        with self.studio.writing() as scope:
            for _ in range(2):
                logging.add_note(scope, sid, "note-one", "l1", "Left knee drifts in", NOW)
            logging.add_note(scope, sid, "note-two", "", "Slept badly", NOW)
        with self.studio.reading() as scope:
            view = open_floor(scope, board.program_id, "p1-w1", "p1-d1", TODAY)
        self.assertEqual((view.lines[0].notes, view.notes), (("Left knee drifts in",), ("Slept badly",)))
