"""A client who was away gets the step back when the floor opens, before the first set."""

from datetime import timedelta
from decimal import Decimal

from tests.support import NOW, StudioTest
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.floor.changes.changing import undo_change
from upright_anvil.services.floor.opening import FloorView, open_floor
from upright_anvil.services.ids import fresh_id

SQUAT = ("back-squat", "3 x 6-8, 60 kg, rest 2:00, leave 2")


class AwayTest(StudioTest):
    def trained(self, *lines: tuple[str, str]) -> BoardView:
        board = self.client_with_program(*(lines or (SQUAT,)))
        sid = self.session(board)
        for number in (1, 2, 3):
            self.log(sid, number, 8)
        self.finish(sid)
        return board

    def back_after(self, board: BoardView, days: int) -> FloorView:
        self.now = NOW + timedelta(days=days)
        with self.studio.reading() as scope:
            return open_floor(scope, board.program_id, "p1-w2", "p1-d1", self.now.date())

    def test_by_how_long_the_client_was_away(self) -> None:
        board = self.trained()
        for days, load in ((7, "60"), (10, "60"), (14, "57.5"), (21, "55"), (42, "47.5"), (200, "45")):
            with self.subTest(days):
                view = self.back_after(board, days)
                self.assertEqual(view.lines[0].sets[0].aim.load, Load.of(load, Unit.KG))
                self.assertEqual(bool(view.changes), days > 10)

    def test_it_is_listed_with_its_reason_kept_and_undone_with_one_tap(self) -> None:
        board = self.trained()
        (change,) = self.back_after(board, 63).changes
        self.assertIn("63 days without training: 20 % back", change.why)
        self.assertIn("Test again", change.why)
        sid = self.session(board, week=2, at=self.now)
        (kept,) = self.back_after(board, 63).changes
        self.assertEqual((kept.id, kept.sort), (change.id, "away"))
        with self.studio.writing() as scope:
            undo_change(scope, sid, fresh_id(), kept.id, self.now, self.now.date())
        view = self.back_after(board, 63)
        self.assertTrue(view.changes[0].undone)
        self.assertEqual(view.lines[0].sets[0].aim.load, Load.of(60, Unit.KG))

    def test_never_above_what_was_used_last(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 6-8, 80 kg, rest 2:00, leave 2"))
        sid = self.session(board)
        self.log(sid, 1, 8, load=Load.of(60, Unit.KG))
        self.finish(sid)
        view = self.back_after(board, 21)
        aimed = view.lines[0].sets[0].aim.load
        assert aimed
        self.assertLessEqual(aimed.kg, Decimal(55))

    def test_a_thing_by_its_name_steps_back_too(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 6-8, bar 80 kg, rest 2:00, leave 2"))
        sid = self.session(board)
        self.log(sid, 1, 8, load=Load.of(60, Unit.KG))
        self.finish(sid)
        aimed = self.back_after(board, 21).lines[0].sets[0].aim.load
        self.assertEqual(aimed, Load.of(55, Unit.KG))

    def test_a_plan_that_is_light_enough_stays(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 6-8, 40 kg, rest 2:00, leave 2"))
        sid = self.session(board)
        self.log(sid, 1, 8, load=Load.of(60, Unit.KG))
        self.finish(sid)
        self.assertEqual(self.back_after(board, 21).changes, ())

    def test_holds_get_shorter_and_body_weight_gets_fewer_sets(self) -> None:
        board = self.trained(SQUAT, ("plank", "3 x 60 s"), ("push-up", "3 x 8-12, bw"))
        texts = {line.exercise_id: line.planned for line in self.back_after(board, 42).lines}
        self.assertEqual((texts["plank"], texts["push-up"]), ("3 x 48 s", "2 x 8-12, bw"))

    def test_shares_of_the_maximum_follow_the_estimate(self) -> None:
        board = self.trained(("back-squat", "3 x 5, 75 %"))
        before = self.back_after(board, 7).lines[0].sets[0].aim.load
        after = self.back_after(board, 42).lines[0].sets[0].aim.load
        assert before and after
        self.assertAlmostEqual(float(after.kg / before.kg), 0.8, delta=0.05)

    def test_body_weight_is_lightened_by_help(self) -> None:
        for text, logged, after in (
            ("3 x 5-8, bw - 10 kg", {"load": Load.of(10, Unit.KG), "assisted": True}, "bw - 20 kg"),
            ("3 x 5-8, bw + 10 kg", {"load": Load.of(10, Unit.KG)}, "bw - 5 kg"),
        ):
            with self.subTest(text):
                board = self.client_with_program(
                    ("pull-up", text), equipment="bar\nbelt 2.5 5 10\nassistance 5 10 15 20 25 30\npull-up bar"
                )
                sid = self.session(board)
                for number in (1, 2, 3):
                    self.log(sid, number, 8, exercise="pull-up", planned=text, **logged)
                self.finish(sid)
                (change,) = self.back_after(board, 42).changes
                self.assertEqual(change.label, f"Pull-up: 3 x 5-8, {after}")
                self.now = NOW
