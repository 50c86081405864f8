"""Histories that are thin, contradict themselves or cannot be: a sentence, never a wrong number."""

from collections.abc import Iterator
from datetime import timedelta
from decimal import Decimal

from tests.commands import review_session, save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.edits.lines import ChangeLine
from upright_anvil.core.projection.scenario import Scenario
from upright_anvil.services.assessment.rounds import keep_result
from upright_anvil.services.ids import session_id
from upright_anvil.services.library.own_exercises import add_own, remove_own
from upright_anvil.services.progress.exercise_progress import client_progress
from upright_anvil.services.progress.exercise_views import ProgressView
from upright_anvil.services.progress.overview import overview
from upright_anvil.services.progress.overview_views import OverviewView
from upright_anvil.services.projection.looking_ahead import look_ahead
from upright_anvil.services.projection.views import AheadView
from upright_anvil.services.review.views import ReviewLine
from upright_anvil.services.today.today import open_today

SQUAT = "3 x 6-8, 60 kg, rest 2:00, leave 2"


class BadHistoriesTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.start()

    def start(self, **more: object) -> None:
        self.board = self.client_with_program(("back-squat", SQUAT), ("push-up", "3 x 8-10, bw"), **more)
        self.sid = self.session(self.board)

    def line(self, number: int = 0) -> ReviewLine:
        with self.studio.reading() as scope:
            return review_session(scope, self.sid, TODAY).lines[number]

    def progress(self, exercise: str = "back-squat") -> ProgressView:
        with self.studio.reading() as scope:
            return client_progress(scope, self.board.client_id, exercise, TODAY)

    def whole(self) -> OverviewView:
        with self.studio.reading() as scope:
            return overview(scope, self.board.client_id, TODAY)

    def ahead(self) -> AheadView:
        with self.studio.reading() as scope:
            return look_ahead(scope, self.board.program_id, "p1-d1", Scenario.LATELY, TODAY)

    def asked(self) -> Iterator[str]:
        """Everything that proposes something, in words."""
        line = self.line()
        yield line.proposal.rule if line.proposal else line.why_none
        yield from (text.text for text in self.whole().telling)
        with self.studio.reading() as scope:
            yield from (notice.text for notice in open_today(scope, TODAY).notices)

    def test_one_set_is_little_to_go_by_and_said_so(self) -> None:
        self.log(self.sid, 1, 8)
        found = self.line()
        assert found.proposal
        self.assertEqual((found.proposal.confidence, found.plain), ("thin", False))
        strength = self.progress().strength
        assert strength
        self.assertGreater(strength.high - strength.low, 5, "one set leaves much open")
        self.assertEqual(self.whole().lifts, ())

    def test_two_devices_that_contradict_each_other_count_once(self) -> None:
        for number in (1, 2, 3):
            self.log(self.sid, number, 8)
            self.log(self.sid, number, 30, load=Load.of(200, Unit.KG))
        found = self.line()
        assert found.proposal
        self.assertEqual(found.proposed, "3 x 6-8, 62.5 kg, rest 2:00, leave 2")
        strength = self.progress().strength
        assert strength
        self.assertLess(strength.value, 90)

    def test_a_slip_of_the_keyboard_does_not_carry_the_estimate_away(self) -> None:
        for week in (1, 2, 3, 4):
            self.now = NOW + timedelta(weeks=week - 1)
            self.sid = self.session(self.board, week, at=self.now)
            for number in (1, 2, 3):
                self.log(self.sid, number, 8, load=Load.of(600 if week == 4 else 60, Unit.KG))
        with self.studio.reading() as scope:
            found = client_progress(scope, self.board.client_id, "back-squat", TODAY + timedelta(weeks=4)).strength
        assert found
        self.assertLess(found.value, 160, "ten times the load moves it, but not tenfold")

    def test_a_load_nobody_owns_is_not_built_on(self) -> None:
        for number in (1, 2, 3):
            self.log(self.sid, number, 8, load=Load.of("61.3", Unit.KG))
        found = self.line()
        assert found.proposal
        load = found.proposal.prescription.load
        self.assertIn(str(load), ("62.5 kg", "60 kg"))

    def test_left_and_right_in_turn_count_for_one_side(self) -> None:
        for number in (1, 2, 3):
            self.log(self.sid, number, 16, load=Load.of(40, Unit.KG), planned="3 x 16 alternating, 40 kg, leave 2")
        in_turn = self.progress().strength
        self.start(name="One At A Time")
        for number in (1, 2, 3):
            self.log(self.sid, number, 8, load=Load.of(40, Unit.KG), planned="3 x 8, 40 kg, leave 2")
        assert in_turn
        self.assertEqual(in_turn, self.progress().strength)

    def test_without_a_body_weight_body_weight_moves_have_no_maximum(self) -> None:
        self.start(body_weight=None, name="Nobody Weighed")
        for number in (1, 2, 3):
            self.log(self.sid, number, 10, line="l2", exercise="push-up", load=None, planned="3 x 8-10, bw")
        self.assertIsNone(self.progress("push-up").strength)
        found = self.line(1)
        self.assertTrue(found.proposal or found.why_none)
        self.assertTrue(self.ahead().lines[1].why_not)

    def test_body_weight_counts_as_it_was_on_the_day(self) -> None:
        for number in (1, 2, 3):
            self.log(self.sid, number, 10, line="l2", exercise="push-up", load=None, planned="3 x 8-10, bw")
        before = self.progress("push-up").strength
        with self.studio.writing() as scope:
            heavier = TestResult(
                id="weight-9", test="body-weight", on=TODAY + timedelta(days=30), at=NOW, load=Load.of(90, Unit.KG)
            )
            keep_result(scope, self.board.client_id, heavier, NOW, TODAY + timedelta(days=40))
        after = self.progress("push-up").strength
        assert before and after
        self.assertEqual(before.value, after.value)

    def test_a_policy_that_does_not_fit_says_so_and_another_leads(self) -> None:
        with self.studio.writing() as scope:
            save_edits(
                scope, self.board.program_id, self.board.revision.number, [ChangeLine(line="l1", policy="holds")],
                "Slip", NOW, TODAY,
            )  # fmt: skip
        for number in (1, 2, 3):
            self.log(self.sid, number, 8)
        found = self.line()
        assert found.proposal
        self.assertIn("Holds cannot lead this line", found.proposal.rule)
        self.assertEqual(found.proposed, "3 x 6-8, 62.5 kg, rest 2:00, leave 2")
        self.assertEqual(self.ahead().lines[0].why_not, "")

    def test_nothing_done_and_nothing_but_zeros(self) -> None:
        for number in (1, 2, 3):
            self.log(self.sid, number, 0)
        self.assertTrue(all(self.asked()))
        self.assertIsNone(self.progress().strength)

    def test_a_tested_maximum_counts_before_the_first_session(self) -> None:
        with self.studio.writing() as scope:
            result = TestResult(
                id="squat-1",
                test="squat-load",
                on=TODAY,
                at=NOW,
                value=Decimal(5),
                load=Load.of(100, Unit.KG),
                reserve=1,
            )
            keep_result(scope, self.board.client_id, result, NOW, TODAY)
        course = self.ahead().lines[0].course
        assert course is not None
        self.assertEqual([point.trained for point in course.points[:2]], [True, True])
        for number in (1, 2, 3):
            self.log(self.sid, number, 8)
        view = self.progress()
        self.assertEqual([test.words for test in view.tests], ["5 reps with 100 kg, 1 left"])
        assert view.strength
        self.assertGreater(view.strength.value, 82, "the test speaks beside the sets")

    def test_rows_of_an_exercise_that_was_removed_are_still_judged(self) -> None:
        sled = Exercise("sled", "Log roll", Pattern.LOCOMOTION, (), implements=(ImplementKind.DUMBBELL,))
        with self.studio.writing() as scope:
            own = add_own(scope, sled).id
        self.board = self.client_with_program((own, "3 x 6-8, 12 kg, leave 2"))
        self.sid = self.session(self.board)
        for number in (1, 2, 3):
            self.log(self.sid, number, 8, exercise=own, load=Load.of(12, Unit.KG), planned="3 x 6-8, 12 kg, leave 2")
        with self.studio.writing() as scope:
            remove_own(scope, own, NOW)
        found = self.line()
        self.assertTrue(found.why_none or found.proposal)
        self.assertTrue(all(self.asked()))

    def test_sessions_entered_late_and_out_of_order_are_judged_by_their_days(self) -> None:
        told = []
        for order in ((1, 2), (2, 1)):
            board = self.client_with_program(("back-squat", SQUAT))
            for week in order:
                at = NOW + timedelta(weeks=week - 3)
                sid = self.session(board, week, at=at)
                for number in (1, 2, 3):
                    reps = 8 if week == 2 else 4
                    self.log(sid, number, reps, logged_at=at + timedelta(minutes=3 * number))
                self.finish(sid, at + timedelta(minutes=50))
            with self.studio.reading() as scope:
                last = session_id(board.program_id, "p1-w2", "p1-d1")
                line = review_session(scope, last, TODAY).lines[0]
            assert line.proposal
            told.append((line.proposal.rule, line.proposal.text, line.proposal.evidence))
        self.assertEqual(told[0], told[1])
