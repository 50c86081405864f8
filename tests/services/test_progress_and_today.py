from datetime import timedelta
from decimal import Decimal

from tests.commands import decide, save_edits
from tests.support import NOW, TODAY, StudioTest, monday_of
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.edits.days import ChangeDay
from upright_anvil.core.plan.edits.groups import GroupLines
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.services.clients.clients import change_client, client_list
from upright_anvil.services.profile.pace import pace_of
from upright_anvil.services.progress.exercise_progress import client_progress, session_detail
from upright_anvil.services.review.decisions import Decision
from upright_anvil.services.review.views import Verdict
from upright_anvil.services.today.today import SessionState, open_today
from upright_anvil.store.log.training_sessions import sessions_of_client
from upright_anvil.store.rows.not_found import NotFoundError

PLAN = "3 x 6-8, 60 kg, rest 2:00, leave 2"


class ProgressTest(StudioTest):
    def test_nothing_logged_is_an_empty_view(self) -> None:
        board = self.client_with_program(("back-squat", PLAN))
        with self.studio.reading() as scope:
            view = client_progress(scope, board.client_id, None, TODAY)
        self.assertEqual((view.exercise_id, view.sessions, view.exercises), (None, (), ()))

    def test_sets_estimates_and_plan_side_by_side(self) -> None:
        board = self.client_with_program(("back-squat", PLAN))
        sid = self.session(board)
        self.log(sid, 1, 8)
        self.log(sid, 2, 8, reserve=1)
        self.log(sid, 3, 7, load=Load.of("57.5", Unit.KG))
        with self.studio.reading() as scope:
            view = client_progress(scope, board.client_id, "back-squat", TODAY)
        point = view.sessions[0]
        self.assertEqual((point.planned, point.planned_moved), (PLAN, Decimal(60)))
        self.assertEqual([s.load for s in point.sets], ["60 kg", "60 kg", "57.5 kg"])
        # 60 kg at R = 10 is 80.0 by the house estimate, and the best set of the day.
        self.assertEqual(point.estimate, Decimal("80.0"))
        assert view.newest
        self.assertEqual({f.formula: f.value for f in view.newest.formulas}["Epley"], Decimal("80.0"))
        self.assertEqual((len(view.newest.formulas), len(view.newest.blocks)), (6, 3))

    def test_any_session_can_be_looked_at_and_the_newest_is(self) -> None:
        board = self.client_with_program(("back-squat", PLAN), ("plank", "2 x 40 s"))
        first, second = self.session(board, 1), self.session(board, 2)
        self.log(first, 1, 8)
        self.log(second, 1, 6)
        with self.studio.reading() as scope:
            view = client_progress(scope, board.client_id, "back-squat", TODAY)
            looked = {sid: session_detail(scope, board.client_id, sid, "back-squat", TODAY) for sid in (first, second)}
            for sid, exercise, who in ((first, "plank", board.client_id), ("nowhere", "back-squat", board.client_id)):
                with self.subTest(sid, exercise=exercise), self.assertRaises(NotFoundError):
                    session_detail(scope, who, sid, exercise, TODAY)
            with self.assertRaises(NotFoundError):
                session_detail(scope, "nobody", first, "back-squat", TODAY)
        self.assertEqual({point.id for point in view.sessions}, {first, second})
        assert view.newest
        self.assertEqual(looked[view.newest.id], view.newest)
        done = {sid: [b.done.label for b in one.blocks if b.done] for sid, one in looked.items()}
        self.assertEqual(done, {first: ["8 reps with 60 kg, 2 left"], second: ["6 reps with 60 kg, 2 left"]})
        self.assertEqual([len(one.blocks) for one in looked.values()], [3, 3], "the sets planned are outlined")

    def test_body_weight_counts_where_it_moves(self) -> None:
        board = self.client_with_program(("pull-up", "3 x 5, bw"))
        sid = self.session(board)
        self.log(sid, 1, 5, exercise="pull-up", load=Load.of(5, Unit.KG), planned="3 x 5, bw")
        with self.studio.reading() as scope:
            view = client_progress(scope, board.client_id, None, TODAY)
        self.assertTrue(view.with_body)
        self.assertEqual(view.sessions[0].sets[0].moved, Decimal(75))

    def test_figures_come_in_the_clients_unit(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 8, 135 lb"), unit=Unit.LB, body_weight=None)
        self.log(self.session(board), 1, 8, load=Load.of(135, "lb"), planned="3 x 8, 135 lb")
        with self.studio.reading() as scope:
            view = client_progress(scope, board.client_id, None, TODAY)
        point = view.sessions[0]
        self.assertEqual(
            (view.unit, point.sets[0].moved, point.planned_moved), ("lb", Decimal("135.0"), Decimal("135.0"))
        )
        # R = 10 is a third more than the load; the estimate is kept to 0.1 kg.
        self.assertAlmostEqual(point.estimate or 0, Decimal(180), delta=Decimal("0.2"))

    def test_the_exercise_done_most_comes_first(self) -> None:
        board = self.client_with_program(("back-squat", PLAN), ("plank", "2 x 40 s"))
        for week in (1, 2):
            self.log(self.session(board, week), 1, 8)
        self.log(self.session(board, 1), 1, None, line="l2", exercise="plank", seconds=40, load=None)
        with self.studio.reading() as scope:
            view = client_progress(scope, board.client_id, None, TODAY)
            self.assertEqual([(e.id, e.sessions) for e in view.exercises], [("back-squat", 2), ("plank", 1)])
            self.assertEqual(
                client_progress(scope, board.client_id, "nobody-did-this", TODAY).exercise_id, "back-squat"
            )
            plank = client_progress(scope, board.client_id, "plank", TODAY).sessions[0]
        self.assertEqual((plank.sets[0].seconds, plank.estimate), (40, None))


class PaceTest(StudioTest):
    def test_comes_from_finished_sessions_that_are_plausible(self) -> None:
        board = self.client_with_program(("back-squat", PLAN))
        for week, minutes in [(1, 10), (2, 10), (3, 10), (4, 600)]:
            self.finish(self.session(board, week), NOW + timedelta(minutes=minutes))
        with self.studio.reading() as scope:
            rows = sessions_of_client(scope, board.client_id)
            self.assertEqual({r.estimated_seconds for r in rows}, {336})
            self.assertEqual(pace_of(rows), 1.6)
            self.assertEqual(pace_of(rows[:2]), 1.0)


class TodayTest(StudioTest):
    def test_todays_session_waits_runs_and_is_finished(self) -> None:
        board = self.client_with_program(("back-squat", PLAN))
        with self.studio.writing() as scope:
            move = ChangeDay(day="p1-d1", name="Legs", weekday=TODAY.weekday())
            save_edits(scope, board.program_id, 2, [move], "Moved", NOW, TODAY)
        for state, act in [
            (SessionState.PLANNED, lambda: None),
            (SessionState.RUNNING, lambda: self.log(self.session(board), 1, 8)),
            (SessionState.FINISHED, lambda: self.finish(self.session(board))),
        ]:
            with self.subTest(state=state):
                act()
                with self.studio.reading() as scope:
                    view = open_today(scope, TODAY)
                self.assertEqual(
                    [(s.client, s.day, s.state, s.exercises) for s in view.sessions],
                    [("Ottoline Fisk", "Legs", state, 1)],
                )

    def test_days_with_nothing_written_are_not_sessions(self) -> None:
        board = self.client_with_program()
        with self.studio.reading() as scope:
            view = open_today(scope, monday_of(TODAY))
        self.assertEqual(view.sessions, ())
        self.assertEqual([c.program_id for c in view.clients], [board.program_id])

    def test_a_finished_session_waits_until_it_is_decided(self) -> None:
        board = self.client_with_program(("back-squat", PLAN))
        sid = self.session(board)
        self.log(sid, 1, 8)
        self.finish(sid)
        with self.studio.writing() as scope:
            self.assertEqual([w.undecided for w in open_today(scope, TODAY).waiting], [1])
            decide(scope, sid, [Decision("decision-1", "l1", Verdict.DECLINED, "", PLAN, "")], NOW, TODAY)
            self.assertEqual(open_today(scope, TODAY).waiting, ())

    def test_a_circuit_waits_as_one_and_what_gets_ready_does_not_wait(self) -> None:
        board = self.client_with_program(
            ("cat-camel", "1 x 8"), ("goblet-squat", "3 x 8 @ 12 kg"), ("push-up", "3 x 8 @ bw")
        )
        together = GroupLines(lines=("l2", "l3"), group="round", kind=GroupKind.CIRCUIT)
        with self.studio.writing() as scope:
            board = save_edits(scope, board.program_id, 2, [together], "", NOW, TODAY)
        sid = self.session(board)
        for line, exercise in (("l1", "cat-camel"), ("l2", "goblet-squat"), ("l3", "push-up")):
            self.log(sid, 1, 8, line=line, exercise=exercise)
        self.finish(sid)
        with self.studio.writing() as scope:
            self.assertEqual([w.undecided for w in open_today(scope, TODAY).waiting], [1])
            decide(scope, sid, [Decision("decision-1", "l2", Verdict.DECLINED, "", PLAN, "")], NOW, TODAY)
            self.assertEqual(open_today(scope, TODAY).waiting, ())

    def test_of_a_former_client_nothing_is_asked(self) -> None:
        board = self.client_with_program(("back-squat", PLAN))
        sid = self.session(board)
        self.log(sid, 1, 8)
        self.finish(sid)
        with self.studio.writing() as scope:
            self.assertNotEqual(open_today(scope, TODAY).waiting, ())
            change_client(scope, board.client_id, {"former": True}, TODAY)
            view = open_today(scope, TODAY)
            self.assertEqual(
                (view.sessions, view.not_logged, view.waiting, view.dues, view.notices, view.clients),
                ((), (), (), (), (), ()),
            )
            self.assertEqual([one.former for one in client_list(scope, TODAY)], [True])

    def test_an_open_session_of_an_earlier_day_is_still_there(self) -> None:
        board = self.client_with_program(("back-squat", PLAN))
        self.session(board)
        with self.studio.reading() as scope:
            view = open_today(scope, TODAY + timedelta(days=1))
        self.assertEqual([s.state for s in view.sessions], [SessionState.RUNNING])
