from datetime import timedelta

from tests.support import NOW, TODAY, StudioTest, monday_of
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.board.views import BoardView
from upright_anvil.store.rows.not_found import NotFoundError

SQUAT = ("back-squat", "3 x 6-8, 60 kg, rest 2:00, leave 2")


class BoardTest(StudioTest):
    def open(self, board: BoardView) -> BoardView:
        with self.studio.reading() as scope:
            return open_board(scope, board.program_id, TODAY)

    def test_a_program_starts_with_four_weeks_and_the_clients_days(self) -> None:
        board = self.client_with_program()
        phase = board.phases[0]
        self.assertEqual(len(phase.weeks), 4)
        self.assertEqual([d.weekday for d in phase.days], [0, 2, 4])
        self.assertEqual(board.start, monday_of(TODAY))
        self.assertEqual([w.is_now for w in phase.weeks], [True, False, False, False])
        self.assertEqual(phase.weeks[1].monday, board.start + timedelta(days=7))

    def test_each_cell_is_read_out_with_blocks_and_time(self) -> None:
        board = self.client_with_program(SQUAT, ("plank", "2 x 40 s, rest 30 s"), ("bench-press", "3 x ?"))
        day = board.phases[0].days[0]
        self.assertEqual([line.exercise for line in day.lines], ["Back squat", "Plank", "Bench press"])
        squat = day.lines[0].cells[0].plan
        self.assertEqual((squat.text, squat.work, squat.manner), (SQUAT[1], "3 x 6-8, 60 kg", "rest 2:00, leave 2"))
        self.assertEqual(squat.sets, 3)
        self.assertEqual(day.lines[2].cells[0].plan.state, "unreadable")
        # Squats: 3 sets of 8 x 4 s and two rests of 120 s; a change of implement; two holds with a rest.
        self.assertEqual(day.seconds[0], (3 * 32 + 240) + 60 + (80 + 30))

    def test_what_was_done_fills_its_cell(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = self.session(board)
        first = self.log(sid, 1, 8)
        self.log(sid, 1, 7, replaces=first.id)
        self.log(sid, 2, 6)
        cells = self.open(board).phases[0].days[0].lines[0].cells
        self.assertEqual([bar.width for bar in cells[0].done], [7, 6])
        self.assertEqual(cells[1].done, ())
        # With a maximum known, heights are shares of it: 60 kg of an estimated 78.0.
        bar = cells[1].plan.bar
        assert bar
        self.assertAlmostEqual(bar.height, 60 / 78, delta=0.02)

    def test_the_maximum_is_the_one_estimate_not_the_best_set_ever(self) -> None:
        board = self.client_with_program(SQUAT)
        for week, load in [(1, "60"), (2, "62.5"), (3, "600"), (4, "60")]:
            at = NOW - timedelta(days=7 * (4 - week))
            self.log(self.session(board, week, at=at), 1, 8, load=Load.of(load, Unit.KG))
        bar = self.open(board).phases[0].days[0].lines[0].cells[3].plan.bar
        assert bar
        # 60 kg with R = 10 is a maximum of 80 kg; 600 kg is a slip of the pen.
        self.assertAlmostEqual(bar.height, 60 / 81, delta=0.02)

    def test_a_started_session_is_marked_until_it_is_finished(self) -> None:
        board = self.client_with_program(SQUAT)
        sid = self.session(board)
        started = self.open(board).phases[0].days[0].sessions[0]
        assert started
        self.assertEqual((started.id, started.finished), (sid, False))
        self.finish(sid)
        finished = self.open(board).phases[0].days[0].sessions[0]
        assert finished
        self.assertTrue(finished.finished)

    def test_an_unknown_program_is_not_there(self) -> None:
        with self.studio.reading() as scope, self.assertRaises(NotFoundError):
            open_board(scope, "nowhere", TODAY)
