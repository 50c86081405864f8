from collections.abc import Iterable
from datetime import timedelta

from tests.commands import add_next_week, decide, review_session, save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.lines import RemoveLine
from upright_anvil.core.plan.edits.phases import AddPhase
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.core.progression.model import Lever
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.board.saving import history
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.conflicts import CellMovedError
from upright_anvil.services.review.decisions import Decision
from upright_anvil.services.review.views import ReviewLine, ReviewView, Verdict

PLAN = "3 x 6-8, 60 kg, rest 2:00, leave 2"
NEXT = "3 x 6-8, 62.5 kg, rest 2:00, leave 2"


class ReviewTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(("back-squat", PLAN))

    def ran(self, week: int = 1, reps: Iterable[int] = (8, 8, 8), planned: str = PLAN) -> str:
        sid = self.session(self.board, week, at=NOW + timedelta(weeks=week - 1))
        for number, each in enumerate(reps, start=1):
            self.log(sid, number, each, planned=planned)
        self.finish(sid, NOW + timedelta(weeks=week - 1, minutes=55))
        return sid

    def review(self, sid: str) -> ReviewView:
        with self.studio.reading() as scope:
            return review_session(scope, sid, TODAY)

    def line(self, sid: str) -> ReviewLine:
        return self.review(sid).lines[0]

    def decide(
        self, sid: str, verdict: Verdict, text: str = "", seen: str = PLAN, made_id: str = "decision-1"
    ) -> ReviewView:
        with self.studio.writing() as scope:
            return decide(scope, sid, [Decision(made_id, "l1", verdict, text, seen, "")], NOW, TODAY)

    def edit(self, *edits: Edit) -> None:
        with self.studio.writing() as scope:
            base = open_board(scope, self.board.program_id, TODAY).revision.number
            save_edits(scope, self.board.program_id, base, edits, "By hand", NOW, TODAY)

    def cells(self) -> list[str]:
        with self.studio.reading() as scope:
            board: BoardView = open_board(scope, self.board.program_id, TODAY)
        return [cell.plan.text for cell in board.phases[0].days[0].lines[0].cells]

    def test_a_proposal_comes_with_its_evidence(self) -> None:
        line = self.line(self.ran())
        assert line.proposal and line.next_cell
        self.assertEqual((line.proposal.lever, line.proposed), (Lever.LOAD, NEXT))
        self.assertEqual((line.next_cell.week, line.next_cell.text), (2, PLAN))
        self.assertEqual([b.done.width for b in line.blocks if b.done], [8, 8, 8])
        self.assertEqual(len(line.preview), 3)

    def test_accepting_writes_the_weeks_that_said_the_same_as_a_revision_that_says_why(self) -> None:
        sid = self.ran()
        decision = self.decide(sid, Verdict.ACCEPTED).lines[0].decision
        assert decision
        self.assertEqual((decision.verdict, decision.taken, decision.revision), (Verdict.ACCEPTED, NEXT, 3))
        self.assertEqual(self.cells(), [PLAN, NEXT, NEXT, NEXT])
        with self.studio.reading() as scope:
            reason = history(scope, self.board.program_id)[0].reason
        self.assertIn("Back squat, week 2: 3 x 6-8, 62.5 kg", reason)
        self.assertIn("Proposal accepted: Every set at the top of the range", reason)

    def test_a_change_is_read_and_kept_as_the_trainers(self) -> None:
        sid = self.ran()
        self.decide(sid, Verdict.CHANGED, "3x5 65")
        self.assertEqual(self.cells()[1], "3 x 5, 65 kg")
        with self.assertRaises(DomainError):
            self.decide(self.ran(week=2), Verdict.CHANGED, "3 x heavy", seen="3 x 5, 65 kg", made_id="decision-2")

    def test_declining_leaves_the_plan(self) -> None:
        sid = self.ran()
        decision = self.decide(sid, Verdict.DECLINED).lines[0].decision
        assert decision
        self.assertEqual((decision.taken, decision.revision, self.cells()), ("", None, [PLAN] * 4))

    def test_a_decision_is_taken_once(self) -> None:
        sid = self.ran()
        self.decide(sid, Verdict.ACCEPTED)
        again = self.decide(sid, Verdict.DECLINED, made_id="decision-2").lines[0].decision
        self.assertEqual(again and again.verdict, Verdict.ACCEPTED)

    def test_a_cell_that_moved_meanwhile_is_not_written_over(self) -> None:
        sid = self.ran()
        self.edit(SetCell(line="l1", week="p1-w2", text="5 x 5, 70 kg"))
        with self.assertRaises(CellMovedError) as moved:
            self.decide(sid, Verdict.ACCEPTED)
        self.assertEqual((moved.exception.seen, moved.exception.now), (PLAN, "5 x 5, 70 kg"))
        self.assertEqual(self.cells()[1], "5 x 5, 70 kg")
        self.assertIsNone(self.line(sid).decision)

    def test_an_easing_off_week_is_passed_over(self) -> None:
        self.edit(ChangeWeek(phase="p1", week="p1-w2", kind=WeekKind.EASE_OFF))
        cell = self.line(self.ran()).next_cell
        self.assertEqual(cell and cell.week, 3)
        eased = self.line(self.ran(week=2))
        self.assertIsNone(eased.proposal)
        self.assertIn("easing-off week", eased.why_none)

    def test_the_last_week_leads_into_the_next_phase(self) -> None:
        sid = self.ran(week=4)
        self.assertIsNone(self.line(sid).next_cell)
        with self.assertRaisesRegex(DomainError, "add a week first"):
            self.decide(sid, Verdict.ACCEPTED, seen="")
        self.edit(AddPhase(phase="p2", name="Next"))
        cell = self.line(sid).next_cell
        assert cell
        self.assertEqual((cell.week_id, cell.week, cell.text), ("p2-w1", 5, PLAN))
        self.decide(sid, Verdict.ACCEPTED)
        with self.studio.reading() as scope:
            later = open_board(scope, self.board.program_id, TODAY).phases[1].days[0].lines[0]
        self.assertEqual([c.plan.text for c in later.cells], [NEXT] * 4)

    def test_a_week_can_be_added_where_the_phase_ends(self) -> None:
        sid = self.ran(week=4)
        with self.studio.writing() as scope:
            line = add_next_week(scope, sid, "fresh-week", NOW, TODAY).lines[0]
        self.assertEqual(line.next_cell and line.next_cell.week, 5)

    def test_two_weeks_below_the_range_ease_off(self) -> None:
        self.ran(week=1, reps=(6, 5, 4))
        line = self.line(self.ran(week=2, reps=(6, 5, 4)))
        self.assertEqual(line.proposal and line.proposal.lever, Lever.EASE)

    def test_nothing_to_go_by_says_so(self) -> None:
        self.assertIn("Nothing was logged", self.line(self.ran(reps=())).why_none)
        self.edit(SetCell(line="l1", week="p1-w3", text="heavy stuff"))
        found = self.line(self.ran(week=3, planned="heavy stuff"))
        self.assertIn("cannot be read", found.why_none)

    def test_a_line_taken_out_of_the_plan_has_nowhere_to_go(self) -> None:
        sid = self.ran()
        self.edit(RemoveLine(line="l1"))
        line = self.line(sid)
        self.assertIsNotNone(line.proposal)
        self.assertIsNone(line.next_cell)

    def test_several_decisions_are_kept_together_or_not_at_all(self) -> None:
        sid = self.ran()
        good = Decision("decision-1", "l1", Verdict.ACCEPTED, "", PLAN, "")
        bad = Decision("decision-2", "nowhere", Verdict.ACCEPTED, "", PLAN, "")
        with self.assertRaisesRegex(DomainError, "no proposal for that line"), self.studio.writing() as scope:
            decide(scope, sid, [good, bad], NOW, TODAY)
        self.assertIsNone(self.line(sid).decision)
        self.assertEqual(self.cells(), [PLAN] * 4)
