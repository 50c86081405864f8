"""What decides the next load: the client's school, a line's own policy, a poor day, pain, a gap."""

from datetime import timedelta

from tests.commands import decide, review_session, save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.body.joints import Joint
from upright_anvil.core.health.readiness import Report
from upright_anvil.core.ledger.how import How
from upright_anvil.core.plan.edits.lines import ChangeLine
from upright_anvil.core.progression.model import Lever
from upright_anvil.core.progression.schools import School
from upright_anvil.services.clients.clients import change_client
from upright_anvil.services.floor.changes.change_requests import RequestedReadiness
from upright_anvil.services.floor.changes.changing import make_change
from upright_anvil.services.floor.opening import open_floor
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.progress.exercise_progress import client_progress
from upright_anvil.services.review.decisions import Decision
from upright_anvil.services.review.views import ReviewLine, Verdict

SQUAT = ("back-squat", "3 x 6-8, 60 kg, rest 2:00, leave 2")


class RaisingTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(SQUAT, ("raised-push-up", "3 x 8-10, bw"))
        self.sid = self.session(self.board)

    def line(self, number: int = 0, days: int = 0) -> ReviewLine:
        with self.studio.reading() as scope:
            return review_session(scope, self.sid, TODAY + timedelta(days=days)).lines[number]

    def done(self, reps: int = 8, **more: object) -> None:
        for number in (1, 2, 3):
            self.log(self.sid, number, reps, **more)
        self.finish(self.sid)

    def school(self, school: School) -> None:
        with self.studio.writing() as scope:
            change_client(scope, self.board.client_id, {"school": school}, TODAY)

    def test_the_clients_school_leads_and_a_line_may_have_its_own(self) -> None:
        self.done()
        self.assertEqual(self.line().rule_name, "Double progression")
        self.school(School.CONTROL)
        found = self.line()
        self.assertEqual((found.rule_name, found.proposal and found.proposal.lever), ("Control", Lever.TEMPO))
        with self.studio.writing() as scope:
            edit = ChangeLine(line="l1", policy="sets")
            save_edits(scope, self.board.program_id, self.board.revision.number, [edit], "Volume", NOW, TODAY)
        self.assertEqual(self.line().proposed, "4 x 6-8, 60 kg, rest 2:00, leave 2")

    def test_pain_comes_before_any_policy(self) -> None:
        self.done(how=How(pain=Joint.LOWER_BACK))
        found = self.line()
        self.assertEqual((found.rule_name, found.proposal and found.proposal.lever), ("Pain", Lever.HOLD))

    def test_a_gap_steps_back_from_the_day_it_is_looked_at(self) -> None:
        self.done()
        self.assertEqual(self.line(days=9).rule_name, "Double progression")
        found = self.line(days=25)
        self.assertEqual((found.rule_name, found.proposal and found.proposal.lever), ("Missed days", Lever.EASE))

    def test_a_poor_day_proves_nothing(self) -> None:
        self.done()
        self.sid = self.session(self.board, week=2, at=NOW + timedelta(days=7))
        with self.studio.writing() as scope:
            report = RequestedReadiness(Report(1, 1, 5, 5))
            make_change(scope, self.sid, fresh_id(), report, frozenset(), NOW, TODAY)
        self.done(6)
        self.assertEqual(self.line(days=7).rule_name, "Poor day")

    def test_what_was_changed_for_the_day_is_never_written_into_the_plan(self) -> None:
        with self.studio.writing() as scope:
            middling = RequestedReadiness(Report(3, 3, 3, 3))
            make_change(scope, self.sid, fresh_id(), middling, frozenset(), NOW, TODAY)
        self.done(planned="3 x 6-8, 60 kg, rest 2:00, leave 3", reserve=3)
        found = self.line()
        self.assertEqual((found.rule_name, found.proposed), ("Changed day", SQUAT[1]))

    def test_a_rung_is_proposed_accepted_and_written(self) -> None:
        self.school(School.SKILL)
        for number in (1, 2, 3):
            self.log(self.sid, number, 18, line="l2", exercise="raised-push-up", load=None, planned="3 x 15-18, bw")
        self.finish(self.sid)
        found = self.line(1)
        self.assertTrue(found.instead, found.why_none)
        assert found.next_cell
        with self.studio.writing() as scope:
            accepted = Decision(fresh_id(), "l2", Verdict.ACCEPTED, "", found.next_cell.text, "")
            decide(scope, self.sid, [accepted], NOW, TODAY)
            later = open_floor(scope, self.board.program_id, "p1-w2", "p1-d1", TODAY)
        self.assertEqual(later.lines[1].exercise, found.instead)
        self.assertEqual(self.line(1).exercise, "Incline push-up")

    def test_a_rung_that_is_changed_keeps_the_exercise(self) -> None:
        self.school(School.SKILL)
        for number in (1, 2, 3):
            self.log(self.sid, number, 18, line="l2", exercise="raised-push-up", load=None, planned="3 x 15-18, bw")
        self.finish(self.sid)
        found = self.line(1)
        assert found.instead and found.next_cell
        with self.studio.writing() as scope:
            own = Decision(fresh_id(), "l2", Verdict.CHANGED, "3 x 16-19, bw", found.next_cell.text, "Not yet")
            decide(scope, self.sid, [own], NOW, TODAY)
            later = open_floor(scope, self.board.program_id, "p1-w2", "p1-d1", TODAY)
        self.assertEqual((later.lines[1].exercise, later.lines[1].planned), (found.exercise, "3 x 16-19, bw"))

    def test_progress_shows_strength_with_what_it_does_not_know(self) -> None:
        for week in (1, 2, 3):
            self.now = NOW + timedelta(weeks=week - 1)
            self.sid = self.session(self.board, week=week, at=self.now)
            self.done()
        with self.studio.reading() as scope:
            found = client_progress(scope, self.board.client_id, "back-squat", TODAY + timedelta(weeks=2)).strength
        assert found
        self.assertLess(found.low, found.value)
        self.assertGreater(found.high, found.value)
        self.assertEqual(len(found.path), 3)
        self.assertAlmostEqual(float(found.value), 80, delta=4)
