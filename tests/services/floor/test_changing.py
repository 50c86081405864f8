from datetime import timedelta
from unittest.mock import ANY

from tests.commands import save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.readiness import Pain, Report
from upright_anvil.core.ledger.how import How
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.clients.clients import change_client
from upright_anvil.services.clients.places import PlaceFacts, add_place, set_places
from upright_anvil.services.floor.changes.change_requests import (
    RequestedAdd,
    RequestedChange,
    RequestedDrop,
    RequestedLoad,
    RequestedMove,
    RequestedPlace,
    RequestedReadiness,
    RequestedSwap,
    RequestedTime,
)
from upright_anvil.services.floor.changes.changing import make_change, preview, undo_change
from upright_anvil.services.floor.clocks import instead_of, plates_on_the_bar, session_clocks
from upright_anvil.services.floor.opening import FloorView, open_floor
from upright_anvil.services.health.health_file import CycleReport, add_cycle_report
from upright_anvil.services.ids import fresh_id

LINES = (
    ("back-squat", "4 x 5, 60 kg, rest 3:00, leave 2"),
    ("floor-press", "3 x 8, 16 kg, rest 2:00, leave 2"),
    ("plank", "2 x 40 s, rest 60 s"),
)
GOOD, POOR = Report(5, 5, 1, 1), Report(1, 2, 5, 4)


class ChangingTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board: BoardView = self.client_with_program(*LINES)
        self.sid = self.session(self.board)

    def floor(self) -> FloorView:
        with self.studio.reading() as scope:
            return open_floor(scope, self.board.program_id, "p1-w1", "p1-d1", TODAY)

    def planned(self) -> dict[str, str]:
        return {line.exercise_id: line.planned for line in self.floor().lines}

    def change(self, wanted: RequestedChange, change_id: str = "", left_out: tuple[str, ...] = ()) -> str:
        name = change_id or fresh_id()
        with self.studio.writing() as scope:
            make_change(scope, self.sid, name, wanted, frozenset(left_out), NOW, TODAY)
        return name

    def undo(self, undoes: str) -> None:
        with self.studio.writing() as scope:
            undo_change(scope, self.sid, fresh_id(), undoes, NOW, TODAY)

    def test_a_poor_day_is_eased_listed_and_undone_one_by_one(self) -> None:
        self.change(RequestedReadiness(POOR))
        self.assertEqual(self.planned()["back-squat"], "3 x 5, 55 kg, rest 3:00, leave 2")
        view = self.floor()
        self.assertTrue(view.asked_readiness)
        squat = next(change for change in view.changes if change.line == "l1")
        self.undo(squat.id)
        self.assertEqual(self.planned()["back-squat"], LINES[0][1])
        self.assertNotEqual(self.planned()["floor-press"], LINES[1][1])
        self.assertTrue(next(change for change in self.floor().changes if change.id == squat.id).undone)

    def test_the_program_itself_stays_as_it_was_written(self) -> None:
        self.change(RequestedReadiness(POOR))
        with self.studio.reading() as scope:
            later = open_floor(scope, self.board.program_id, "p1-w2", "p1-d1", TODAY)
        self.assertEqual(later.lines[0].planned, LINES[0][1])

    def test_a_good_day_is_kept_as_a_report_without_changes(self) -> None:
        self.change(RequestedReadiness(GOOD))
        self.assertEqual((self.floor().asked_readiness, self.floor().changes), (True, ()))

    def test_a_change_sent_twice_is_made_once_and_undone_once(self) -> None:
        name = self.change(RequestedDrop("l3"))
        self.change(RequestedDrop("l3"), name)
        self.assertEqual(len(self.floor().changes), 1)
        self.undo(name)
        self.undo(name)
        self.assertIn("plank", self.planned())

    def test_parts_that_were_not_wanted_are_left_out(self) -> None:
        self.change(RequestedReadiness(POOR), left_out=("ease l1",))
        self.assertEqual(self.planned()["back-squat"], LINES[0][1])

    def test_a_change_nobody_made_cannot_be_undone(self) -> None:
        with self.assertRaisesRegex(DomainError, "not made in this session"):
            self.undo("nothing")

    def test_late_trims_what_is_left_and_says_how_much(self) -> None:
        with self.studio.reading() as scope:
            seen = preview(scope, self.board.program_id, "p1-w1", "p1-d1", RequestedTime(15), TODAY)
        self.assertLess(seen.after, seen.seconds)
        self.assertRegex(seen.said, r"\d+ min are left to do, \d+ min after these changes")
        before = self.floor().estimated_seconds
        self.change(RequestedTime(15))
        self.assertLessEqual(self.floor().estimated_seconds, 15 * 60)
        self.assertLess(self.floor().estimated_seconds, before)
        self.assertEqual(self.preview_said(RequestedTime(200)), "What is left fits into 200 min as it is.")

    def preview_said(self, wanted: RequestedChange) -> str:
        with self.studio.reading() as scope:
            return preview(scope, self.board.program_id, "p1-w1", "p1-d1", wanted, TODAY).said

    def test_another_place_remaps_loads_and_moves(self) -> None:
        with self.studio.writing() as scope:
            room = add_place(scope, PlaceFacts("Hotel room", Unit.KG, equipment="dumbbells 8 12"))
            usual = self.floor().places[0].id
            set_places(scope, self.board.client_id, [usual, room.id])
        self.change(RequestedPlace(room.id))
        self.assertEqual([place.name for place in self.floor().places if place.here], ["Hotel room"])
        self.assertEqual(self.planned()["floor-press"], "3 x 8, 12 kg, rest 2:00, leave 2")
        self.assertNotIn("back-squat", self.planned())
        with self.assertRaisesRegex(DomainError, "does not train at that place"):
            self.change(RequestedPlace("nowhere"))

    def test_a_swap_carries_the_load_over_and_keeps_what_was_done(self) -> None:
        self.log(self.sid, 1, 5)
        self.change(RequestedSwap("l1", "goblet-squat", "The rack is taken."))
        line = self.floor().lines[0]
        self.assertEqual(line.exercise_id, "goblet-squat")
        self.assertIsNotNone(line.sets[0].logged)
        self.assertTrue(self.floor().changes[0].why.startswith("The rack is taken."))
        with self.assertRaisesRegex(DomainError, "Nobody knows that exercise"):
            self.change(RequestedSwap("l1", "moon-walk"))

    def test_another_load_for_the_sets_left(self) -> None:
        self.log(self.sid, 1, 5)
        self.change(RequestedLoad("l1", Load.of(55, Unit.KG)))
        sets = self.floor().lines[0].sets
        self.assertEqual([s.aim.load for s in sets[1:]], [Load.of(55, Unit.KG)] * 3)
        assert sets[0].logged
        self.assertEqual(sets[0].logged.load, Load.of(60, Unit.KG))

    def test_loads_that_differ_are_changed_one_by_one(self) -> None:
        with self.studio.writing() as scope:
            edit = SetCell(line="l1", week="p1-w1", text="8/6/4, 40/50/60 kg")
            save_edits(scope, self.board.program_id, self.board.revision.number, [edit], "Pyramid", NOW, TODAY)
        with self.assertRaisesRegex(DomainError, "differ; change their loads one by one"):
            self.change(RequestedLoad("l1", Load.of(55, Unit.KG)))

    def test_an_exercise_is_added_with_what_can_be_said_of_it(self) -> None:
        self.change(RequestedAdd("extra-1", "push-up"))
        self.assertIn("push-up", self.planned())
        self.assertTrue(self.planned()["push-up"].startswith("3 x 10"))
        self.change(RequestedAdd("extra-2", "biceps-curl", "2x12 8"))
        self.assertEqual(self.planned()["biceps-curl"], "2 x 12, 8 kg")
        with self.assertRaisesRegex(DomainError, "expected"):
            self.change(RequestedAdd("extra-3", "push-up", "many"))

    def test_the_order_changes_among_what_is_trained_today(self) -> None:
        with self.studio.writing() as scope:
            edit = SetCell(line="l2", week="p1-w1", text="")
            save_edits(scope, self.board.program_id, self.board.revision.number, [edit], "Rests", NOW, TODAY)
        self.change(RequestedMove("l3", 0))
        self.assertEqual([line.exercise_id for line in self.floor().lines], ["plank", "back-squat"])
        self.change(RequestedMove("l3", 40))
        self.assertEqual([line.exercise_id for line in self.floor().lines], ["back-squat", "plank"])

    def test_a_line_that_is_gone_is_said_so(self) -> None:
        for wanted in (
            RequestedDrop("l9"),
            RequestedLoad("l9", Load.of(20, Unit.KG)),
            RequestedMove("l9", 0),
            RequestedSwap("l9", "plank"),
        ):
            with self.subTest(wanted), self.assertRaisesRegex(DomainError, "no longer in this session"):
                self.change(wanted)

    def test_a_clients_own_cycle_report_counts_where_she_opted_in(self) -> None:
        low = CycleReport(TODAY, 1, "")
        with self.studio.writing() as scope:
            change_client(scope, self.board.client_id, {"cycle_reports": True}, TODAY)
            add_cycle_report(scope, self.board.client_id, low, NOW, TODAY)
        self.assertIn("cycle report 1", self.preview_said(RequestedReadiness(GOOD)))
        self.assertTrue(self.preview_said(RequestedReadiness(GOOD)).startswith("A middling day"))
        self.change(RequestedReadiness(GOOD))
        self.assertIn("leave 3", self.planned()["back-squat"], "it counts when the change is made, too")

    def test_pain_in_a_set_makes_the_rest_of_the_session_mind_it(self) -> None:
        self.log(self.sid, 1, 5, how=How(pain=Joint.SHOULDER, pain_side=Side.LEFT))
        press = next(line for line in self.floor().lines if line.exercise_id == "floor-press")
        self.assertTrue(any("left shoulder" in caution.about for caution in press.joints))

    def test_what_to_do_instead_spares_what_hurts(self) -> None:
        with self.studio.reading() as scope:
            at = (scope, self.board.program_id, "p1-w1", "p1-d1")
            free = instead_of(*at, "l1", None, TODAY)
            spared = instead_of(*at, "l1", Pain(Joint.KNEE, Side.LEFT), TODAY)
            with self.assertRaisesRegex(DomainError, "no longer in this session"):
                instead_of(*at, "l9", None, TODAY)
        self.assertTrue(free and spared)
        self.assertNotEqual([one.exercise for one in free], [one.exercise for one in spared])

    def test_the_bar_changes_from_what_was_lifted_last(self) -> None:
        self.log(self.sid, 1, 5)
        with self.studio.reading() as scope:
            at = (scope, self.board.program_id, "p1-w1", "p1-d1")
            found = plates_on_the_bar(*at, Load.of(65, Unit.KG), TODAY)
            self.assertIsNone(plates_on_the_bar(*at, Load.of(61, Unit.KG), TODAY))
        assert found
        self.assertEqual(found.plates.put_on, (Load.of("2.5", Unit.KG),))
        self.assertEqual(self.floor().lines[0].sets[1].on_bar, ANY)

    def test_clocks_of_what_is_timed_follow_the_changes(self) -> None:
        def clocks() -> list[str]:
            with self.studio.reading() as scope:
                return [c.title for c in session_clocks(scope, self.board.program_id, "p1-w1", "p1-d1", TODAY)]

        self.assertEqual(clocks(), ["Plank"])
        self.change(RequestedDrop("l3"))
        self.assertEqual(clocks(), [])

    def test_a_session_goes_on_the_next_day_with_its_changes(self) -> None:
        self.change(RequestedLoad("l1", Load.of(55, Unit.KG)))
        self.log(self.sid, 1, 5)
        tomorrow = TODAY + timedelta(days=1)
        with self.studio.reading() as scope:
            view = open_floor(scope, self.board.program_id, "p1-w1", "p1-d1", tomorrow)
        self.assertEqual(view.session_id, self.sid)
        self.assertEqual(
            (view.lines[0].sets[1].aim.load, bool(view.lines[0].sets[0].logged)), (Load.of(55, Unit.KG), True)
        )
