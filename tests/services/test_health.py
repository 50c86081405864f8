from datetime import timedelta

from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.history import Condition, Entry, State
from upright_anvil.core.health.screening import Answers, Clearance, Disease, Intensity, ScreenOutcome, Sign
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.clients.clients import add_client, client_file
from upright_anvil.services.floor.opening import FloorView, open_floor
from upright_anvil.services.health.health_file import (
    CycleReport,
    add_clearance,
    add_cycle_report,
    add_entry,
    add_screen,
    may_single,
    restore_entry,
    withdraw_entry,
)
from upright_anvil.services.today.dues import DueKind
from upright_anvil.services.today.today import open_today
from upright_anvil.store.rows.not_found import NotFoundError


def knee(state: State, days_ago: int = 3) -> Entry:
    """An entry on the left knee."""
    return Entry(f"entry-{state.rank}-{days_ago}", TODAY - timedelta(days=days_ago), Joint.KNEE, state, Side.LEFT)


class HealthTest(StudioTest):
    def client(self) -> str:
        with self.studio.writing() as scope:
            return add_client(scope, facts(), NOW, depot()).id

    def floor(self, board: BoardView) -> FloorView:
        with self.studio.reading() as scope:
            return open_floor(scope, board.program_id, "p1-w1", "p1-d1", TODAY)

    def test_the_timeline_is_kept_and_its_newest_entry_stands(self) -> None:
        who = self.client()
        with self.studio.writing() as scope:
            for entry in (knee(State.WATCH, 1), knee(State.HURTS, 30), knee(State.HURTS, 30)):
                view = add_entry(scope, who, entry, NOW, TODAY)
        self.assertEqual([e.state for e in view.timeline], [State.WATCH, State.HURTS])
        self.assertEqual([(s.name, s.state) for s in view.standing], [("left knee", State.WATCH)])

    def test_a_withdrawn_entry_no_longer_counts(self) -> None:
        who, other = self.client(), self.client()
        with self.studio.writing() as scope:
            add_entry(scope, who, knee(State.HURTS), NOW, TODAY)
            with self.assertRaisesRegex(DomainError, "another client"):
                withdraw_entry(scope, other, knee(State.HURTS).id, NOW, TODAY)
            view = withdraw_entry(scope, who, knee(State.HURTS).id, NOW, TODAY)
            self.assertEqual((view.timeline, view.standing), ((), ()))
            back = restore_entry(scope, who, knee(State.HURTS).id, TODAY)
            self.assertEqual([s.name for s in back.standing], ["left knee"])
            with self.assertRaises(NotFoundError):
                withdraw_entry(scope, who, "no-such-entry", NOW, TODAY)

    def test_a_sore_joint_shows_on_board_and_floor_with_what_to_do_instead(self) -> None:
        board = self.client_with_program(("split-squat", "3 x 8 each side, 10 kg"))
        self.assertEqual(self.floor(board).lines[0].joints, ())
        with self.studio.writing() as scope:
            add_entry(scope, board.client_id, knee(State.HURTS), NOW, TODAY)
            line = open_board(scope, board.program_id, TODAY).phases[0].days[0].lines[0]
        self.assertEqual([c.about for c in line.joints], ["left knee"])
        floor = self.floor(board).lines[0]
        self.assertEqual([c.grade for c in floor.joints], ["stop"])
        self.assertEqual(floor.cues.school, "spare knee")
        self.assertEqual(len(floor.instead), 3)
        self.assertNotIn("Reverse lunge", floor.instead)

    def test_the_floor_reminds_until_the_clearance_is_recorded(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 5, 60 kg"), screened=False)
        who = board.client_id
        self.assertIn("No health screen yet", self.floor(board).reminder or "")
        with self.studio.writing() as scope:
            heart = Answers(True, frozenset({Disease.CARDIOVASCULAR}))
            view = add_screen(scope, who, heart, TODAY, NOW, TODAY)
        self.assertEqual(view.screening.outcome, ScreenOutcome.CLEARANCE_BEFORE_VIGOROUS)
        self.assertIn("not recorded yet", self.floor(board).reminder or "")
        with self.studio.writing() as scope:
            add_clearance(scope, who, Clearance(TODAY, "Dr. Halloran", Intensity.VIGOROUS), NOW, TODAY)
        self.assertIsNone(self.floor(board).reminder)

    def test_a_program_can_be_written_for_an_uncleared_client(self) -> None:
        who = self.client()
        with self.studio.writing() as scope:
            add_screen(scope, who, Answers(True, signs=frozenset({Sign.CHEST})), TODAY, NOW, TODAY)
            dues = open_today(scope, TODAY).dues
        self.assertEqual([d.kind for d in dues], [DueKind.CLEARANCE])
        board = self.client_with_program(("back-squat", "3 x 5, 60 kg"))
        self.assertTrue(board.phases)

    def test_a_single_needs_a_clear_and_current_screen(self) -> None:
        who = self.client()
        with self.studio.writing() as scope:
            self.assertFalse(may_single(scope, who, TODAY))
            add_screen(scope, who, Answers(True), TODAY - timedelta(days=10), NOW, TODAY)
            self.assertTrue(may_single(scope, who, TODAY))
            self.assertFalse(may_single(scope, who, TODAY + timedelta(days=400)))

    def test_cycle_reports_are_for_those_who_opted_in(self) -> None:
        report = CycleReport(TODAY, 2, "Heavy legs")
        who = self.client()
        with self.studio.writing() as scope:
            with self.assertRaisesRegex(DomainError, "not opted in"):
                add_cycle_report(scope, who, report, NOW, TODAY)
            willing = add_client(scope, facts("Oona", cycle_reports=True), NOW).id
            self.assertEqual(add_cycle_report(scope, willing, report, NOW, TODAY).cycle_reports, (report,))

    def test_a_condition_without_a_clinician_is_told_at_the_file(self) -> None:
        who = self.client()
        entry = Entry("entry-heart", TODAY, Condition.HEART, State.WATCH)
        with self.studio.writing() as scope:
            add_entry(scope, who, entry, NOW, TODAY)
            cautions = client_file(scope, who, TODAY).health.cautions
        self.assertEqual([c.grade for c in cautions], ["stop"])

    def test_unknown_clients_and_days_to_come(self) -> None:
        who = self.client()
        with self.studio.writing() as scope:
            with self.assertRaises(NotFoundError):
                add_entry(scope, "nobody", knee(State.HURTS), NOW, TODAY)
            tomorrow = TODAY + timedelta(days=1)
            with self.assertRaisesRegex(DomainError, "has not come yet"):
                add_screen(scope, who, Answers(True), tomorrow, NOW, TODAY)
            with self.assertRaisesRegex(DomainError, "has not come yet"):
                add_clearance(scope, who, Clearance(tomorrow, "Dr. H", Intensity.VIGOROUS), NOW, TODAY)
