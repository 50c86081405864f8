"""What a decision writes beyond next week, where the work of a B week goes on, an easier week that is due."""

from datetime import timedelta

from tests.commands import decide, make_easier, review_session, save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.readiness import Report
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.lines import ChangeExercise
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.core.progression.model import Lever
from upright_anvil.core.progression.schools import School
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.board.saving import history
from upright_anvil.services.clients.clients import change_client
from upright_anvil.services.floor.changes.change_requests import RequestedReadiness
from upright_anvil.services.floor.changes.changing import make_change
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.review.decisions import Decision
from upright_anvil.services.review.views import ReviewLine, Verdict

SQUAT, PRESS = "3 x 6-8, {} kg, rest 2:00, leave 2", "3 x 8-10, 10 kg, rest 1:30"


class RollingTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(("back-squat", SQUAT.format(60)), ("dumbbell-bench-press", PRESS))

    def edit(self, *edits: Edit) -> None:
        with self.studio.writing() as scope:
            base = open_board(scope, self.board.program_id, TODAY).revision.number
            save_edits(scope, self.board.program_id, base, edits, "By hand", NOW, TODAY)

    def climbing(self) -> None:
        weeks = {2: "62.5", 3: "65", 4: "55"}
        self.edit(
            *(SetCell(line="l1", week=f"p1-w{week}", text=SQUAT.format(kg)) for week, kg in weeks.items()),
            ChangeWeek(phase="p1", week="p1-w4", kind=WeekKind.EASE_OFF),
        )

    def cells(self, line: int = 0) -> list[str]:
        with self.studio.reading() as scope:
            found = open_board(scope, self.board.program_id, TODAY).phases[0].days[0].lines[line]
        return [cell.plan.text for cell in found.cells]

    def ran(self, week: int = 1, reps: int = 8, kg: str = "60", **more: object) -> str:
        at = NOW + timedelta(weeks=week - 1)
        sid = self.session(self.board, week, at=at)
        for number in (1, 2, 3):
            self.log(sid, number, reps, planned=SQUAT.format(kg), **more)
        self.finish(sid, at + timedelta(minutes=50))
        return sid

    def line(self, sid: str, line: int = 0) -> ReviewLine:
        with self.studio.reading() as scope:
            return review_session(scope, sid, TODAY).lines[line]

    def decide(self, sid: str, verdict: Verdict = Verdict.ACCEPTED, text: str = "", line: int = 0) -> None:
        seen = self.line(sid, line)
        assert seen.next_cell
        with self.studio.writing() as scope:
            taken = Decision(fresh_id(), seen.line, verdict, text, seen.next_cell.text, "")
            decide(scope, sid, [taken], NOW, TODAY)

    def test_a_climb_goes_on_from_the_load_decided(self) -> None:
        self.climbing()
        sid = self.ran(reserve=5)
        found = self.line(sid)
        self.assertEqual(found.proposed, SQUAT.format(65))
        self.assertEqual(
            [(roll.week, roll.now, roll.text) for roll in found.rolls],
            [(3, SQUAT.format(65), SQUAT.format("67.5")), (4, SQUAT.format(55), SQUAT.format("57.5"))],
        )
        self.decide(sid)
        self.assertEqual(self.cells(), [SQUAT.format(kg) for kg in ("60", "65", "67.5", "57.5")])
        with self.studio.reading() as scope:
            self.assertIn("and weeks 3 to 4 from there", history(scope, self.board.program_id)[0].reason)
        self.assertEqual(self.line(sid).rolls, ())

    def test_what_the_trainer_types_instead_rolls_on_too(self) -> None:
        self.climbing()
        self.decide(self.ran(), Verdict.CHANGED, "3x6-8 57.5 rest 2:00 leave 2")
        self.assertEqual(self.cells(), [SQUAT.format(kg) for kg in ("60", "57.5", "60", "50")])

    def test_weeks_that_rest_and_weeks_nobody_can_read_keep_their_words(self) -> None:
        self.edit(
            SetCell(line="l1", week="p1-w3", text="see how it goes"),
            SetCell(line="l1", week="p1-w4", text=""),
        )
        self.decide(self.ran())
        self.assertEqual(self.cells()[1:], [SQUAT.format("62.5"), "see how it goes", ""])

    def test_a_line_with_nothing_ahead_is_filled_to_the_end_of_the_phase(self) -> None:
        self.edit(*(SetCell(line="l1", week=f"p1-w{n}", text="") for n in (2, 3, 4)))
        self.decide(self.ran())
        self.assertEqual(self.cells()[1:], [SQUAT.format("62.5")] * 3)

    def test_the_work_of_a_b_week_goes_on_in_the_next_b_week(self) -> None:
        self.edit(
            *(ChangeWeek(phase="p1", week=f"p1-w{n}", variant="AB"[n % 2 == 0]) for n in (1, 2, 3, 4)),  # type: ignore[arg-type]
            ChangeExercise(line="l1", exercise="front-squat", variant="B"),
        )
        first, second = self.line(self.ran()), self.line(self.ran(2, exercise="front-squat"))
        assert first.next_cell and second.next_cell
        self.assertEqual((first.exercise, first.next_cell.week), ("Back squat", 3))
        self.assertEqual((second.exercise, second.next_cell.week), ("Front squat", 4))

    def test_a_rung_taken_in_a_b_week_leaves_the_a_weeks_alone(self) -> None:
        self.edit(
            *(ChangeWeek(phase="p1", week=f"p1-w{n}", variant="AB"[n % 2 == 0]) for n in (1, 2, 3, 4)),  # type: ignore[arg-type]
            ChangeExercise(line="l2", exercise="raised-push-up", variant="B"),
            *(SetCell(line="l2", week=f"p1-w{n}", text="3 x 8-10, bw") for n in (2, 4)),
        )
        with self.studio.writing() as scope:
            change_client(scope, self.board.client_id, {"school": School.SKILL}, TODAY)
        sid = self.session(self.board, 2, at=NOW + timedelta(weeks=1))
        for number in (1, 2, 3):
            self.log(sid, number, 18, line="l2", exercise="raised-push-up", load=None, planned="3 x 15-18, bw")
        self.finish(sid)
        found = self.line(sid, 1)
        self.assertTrue(found.instead, found.why_none)
        self.decide(sid, line=1)
        with self.studio.reading() as scope:
            weeks = open_board(scope, self.board.program_id, TODAY).phases[0].days[0].lines[1]
        self.assertEqual(weeks.exercise, "Dumbbell bench press")
        self.assertEqual(self.cells(1)[2], PRESS)

    def test_an_easier_week_is_due_when_main_lifts_fall_on_low_days(self) -> None:
        self.edit(*(ChangeWeek(phase="p1", week=f"p1-w{n}", kind=WeekKind.BUILD) for n in (2, 3)))
        sid = ""
        for week, lost in ((1, 0), (2, 2), (3, 4)):
            at = NOW + timedelta(weeks=week - 1)
            for day in (1, 2):
                sid = self.session(self.board, week, day, at=at + timedelta(days=2 * day - 2))
                with self.studio.writing() as scope:
                    make_change(
                        scope, sid, fresh_id(), RequestedReadiness(Report(2, 2, 4, 4)), frozenset({"l1"}), NOW, TODAY
                    )
                for number in (1, 2, 3):
                    self.log(sid, number, 8 - lost, reserve=1)
                    self.log(
                        sid, number, 10 - lost, line="l2", exercise="dumbbell-bench-press", reserve=1, planned=PRESS
                    )
                self.finish(sid, at + timedelta(days=2 * day - 2, minutes=50))
        sid = self.session(self.board, 3, 1, at=NOW + timedelta(weeks=2))
        with self.studio.reading() as scope:
            view = review_session(scope, sid, TODAY + timedelta(weeks=2))
        assert view.easier
        self.assertEqual((view.easier.kind, view.easier.week), ("due", 4))
        self.assertIn("are falling, and 3 of the last 3 days were low", view.easier.why)
        self.assertTrue(all(line.proposal is None or line.proposal.lever is not Lever.LOAD for line in view.lines))
        with self.studio.writing() as scope:
            after = make_easier(scope, sid, NOW, TODAY + timedelta(weeks=2))
        self.assertIsNone(after.easier)
        self.assertEqual(self.cells()[3], "2 x 6-8, 52.5 kg, rest 2:00, leave 2")
        with self.studio.writing() as scope, self.assertRaises(DomainError):
            make_easier(scope, sid, NOW, TODAY)
