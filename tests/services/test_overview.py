"""The progress of a client as a whole, and who wants a look today."""

from datetime import timedelta
from decimal import Decimal

from tests.commands import decide, review_session
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.assessment.compare import ChangeVerdict, TestChange, Way
from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.ledger.how import How
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.progress.behind import Trouble
from upright_anvil.services.assessment.rounds import keep_result
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.profile.history import history
from upright_anvil.services.progress.highlights import in_clients_unit
from upright_anvil.services.progress.overview import overview
from upright_anvil.services.progress.overview_views import OverviewView
from upright_anvil.services.review.decisions import Decision
from upright_anvil.services.review.views import Verdict
from upright_anvil.services.today.today import TodayView, open_today
from upright_anvil.store.rows.not_found import NotFoundError

SQUAT = "3 x 6-8, 60 kg, rest 2:00, leave 2"


class OverviewTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(("back-squat", SQUAT), ("plank", "3 x 30 s"))

    def view(self, weeks: int = 3) -> OverviewView:
        with self.studio.reading() as scope:
            return overview(scope, self.board.client_id, TODAY + timedelta(weeks=weeks))

    def today(self, weeks: int) -> TodayView:
        with self.studio.reading() as scope:
            return open_today(scope, TODAY + timedelta(weeks=weeks))

    def ran(self, week: int, day: int = 1, reps: int = 8, **more: object) -> str:
        self.now = NOW + timedelta(weeks=week - 1, days=2 * day - 2)
        sid = self.session(self.board, week, day, at=self.now)
        for number in (1, 2, 3):
            self.log(sid, number, reps, **more)
        self.finish(sid, self.now + timedelta(minutes=50))
        return sid

    def test_weeks_say_what_was_planned_and_what_was_held(self) -> None:
        for week in (1, 3):
            self.ran(week)
        weeks = self.view().weeks
        self.assertEqual([(w.number, w.planned, w.held) for w in weeks], [(1, 1, 1), (2, 1, 0), (3, 1, 1), (4, 1, 0)])
        self.assertEqual([(w.sets_planned, w.sets_done) for w in weeks], [(6, 3), (6, 0), (6, 3), (6, 0)])
        self.assertEqual({w.phase for w in weeks}, {self.board.phases[0].name})

    def test_decisions_and_pain_stand_in_their_weeks(self) -> None:
        sid = self.ran(1, how=How(pain=Joint.KNEE, pain_side=Side.LEFT))
        with self.studio.writing() as scope:
            line = review_session(scope, sid, TODAY).lines[0]
            assert line.next_cell
            taken = Decision(fresh_id(), "l1", Verdict.DECLINED, "", line.next_cell.text, "")
            decide(scope, sid, [taken], NOW, TODAY)
        view = self.view()
        self.assertEqual((view.weeks[0].raised, view.weeks[0].declined, view.weeks[0].hurt), (0, 1, ("left knee",)))
        self.assertEqual([(p.joint, p.days) for p in view.pain], [("left knee", (TODAY,))])

    def test_lifts_come_with_what_is_not_known(self) -> None:
        for week in (1, 2, 3, 4):
            self.ran(week)
        (squat,) = self.view().lifts
        self.assertEqual((squat.exercise, squat.sessions, len(squat.path)), ("Back squat", 4, 4))
        self.assertTrue(squat.low < squat.value < squat.high)
        assert squat.week_low is not None and squat.week is not None and squat.week_high is not None
        self.assertTrue(squat.week_low < squat.week < squat.week_high)

    def test_body_weights_by_day_in_the_clients_unit(self) -> None:
        with self.studio.writing() as scope:
            for number, (weight, week) in enumerate((("71", 0), ("70.5", 0), ("69", 2))):
                result = TestResult(
                    id=f"weight-{number}",
                    test="body-weight",
                    on=TODAY + timedelta(weeks=week),
                    at=NOW,
                    load=Load.of(weight, Unit.KG),
                )
                keep_result(scope, self.board.client_id, result, NOW, TODAY + timedelta(weeks=3))
        self.assertEqual([str(p.value) for p in self.view().body], ["70.5", "69.0"])

    def test_tests_are_told_in_the_clients_unit(self) -> None:
        change = TestChange(
            Decimal(50), Decimal(60), Decimal(10), Decimal("0.2"), Decimal(2), ChangeVerdict.CLEAR, Way.BETTER, "Clear."
        )
        found, unit = in_clients_unit(change, "kg", Unit.LB)
        self.assertEqual((str(found.earlier), str(found.later), unit), ("110.2", "132.3", "lb"))
        for same in ((change, "kg", Unit.KG), (change, "reps", Unit.LB)):
            self.assertEqual(in_clients_unit(*same), same[:2])

    def test_three_things_are_told(self) -> None:
        for week, reps in ((1, 6), (2, 7), (3, 8), (4, 10)):
            self.ran(week, reps=reps)
        self.assertEqual([t.text for t in self.view(4).telling], ["Back squat: 10 reps with 60 kg, 6 in March."])

    def test_a_client_with_nothing_yet(self) -> None:
        view = self.view(-1)
        self.assertEqual((view.weeks, view.lifts, view.telling, view.pain), ((), (), (), ()))
        with self.assertRaises(NotFoundError), self.studio.reading() as scope:
            overview(scope, "nobody", TODAY)

    def test_today_names_who_falls_behind(self) -> None:
        self.assertEqual(self.today(0).notices, ())
        self.ran(1)
        found = self.today(3).notices
        self.assertEqual(
            [(n.trouble, n.text) for n in found],
            [(Trouble.BEHIND, "0 of 3 sessions in three weeks, last on 04 Mar.")],
        )
        self.assertIn("last on 04 Mar", self.today(4).notices[0].text, "however long ago")
        self.ran(3)
        self.ran(4)
        self.assertEqual(self.today(4).notices, ())

    def test_today_names_what_stands_still_and_looks_again_after_a_session(self) -> None:
        for week, reps in ((1, 8), (2, 7), (3, 6)):
            self.ran(week, reps=reps, reserve=1)
        self.assertEqual(self.today(3).notices, (), "three sessions say too little")
        self.ran(4, reps=5, reserve=1)
        (found,) = self.today(3).notices
        self.assertEqual((found.trouble, found.exercise), (Trouble.FALLING, "back-squat"))
        self.assertTrue(found.text.startswith("Back squat: -"), found.text)

    def test_today_takes_a_notice_back_once_the_sets_were_corrected(self) -> None:
        """No session has been finished since: the log itself is what has moved on."""
        for week, reps in ((1, 8), (2, 7), (3, 6), (4, 5)):
            self.ran(week, reps=reps, reserve=1)
        self.assertEqual([n.trouble for n in self.today(3).notices], [Trouble.FALLING])
        with self.studio.reading() as scope:
            rows = history(scope, self.board.client_id).rows
        for row in rows:
            self.log(row.session_id, row.number, 8, reserve=1, replaces=row.id)
        self.assertEqual([n for n in self.today(3).notices if n.trouble is Trouble.FALLING], [])
