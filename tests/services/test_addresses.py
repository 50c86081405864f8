"""A cell has an address: whatever is asked about it is answered by the place of its own week."""

from datetime import timedelta

from tests.commands import save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.plan.edits.calendar import MoveSession
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.services.board.reading import CellAddress, hints
from upright_anvil.services.board.typed import read_line
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.clients.places import PlaceFacts, add_place, set_places
from upright_anvil.services.floor.opening import open_floor


class AddressTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board: BoardView = self.client_with_program(("dumbbell-row", "3 x 8 each side, 12 kg"))
        with self.studio.writing() as scope:
            room = add_place(scope, PlaceFacts("Hotel room", self.board.unit, "dumbbells 5 9"))
            usual = self.board.places[0].id
            set_places(scope, self.board.client_id, [usual, room.id])
            travel = ChangeWeek(phase="p1", week="p1-w2", place=room.id)
            self.board = save_edits(scope, self.board.program_id, 2, [travel], "Away", NOW, TODAY)

    def test_the_week_away_is_read_against_what_is_there(self) -> None:
        with self.studio.reading() as scope:
            for week, caution, loads in (("p1-w1", None, "12 kg"), ("p1-w2", "cannot be made here", "9 kg")):
                with self.subTest(week):
                    at = CellAddress("l1", week)
                    cell = read_line(scope, self.board.program_id, "3 x 8, 12 kg", "dumbbell-row", TODAY, at)
                    self.assertIn(caution or "", cell.caution or "")
                    self.assertEqual(cell.caution is None, caution is None)
                    offered = hints(scope, self.board.program_id, "dumbbell-row", TODAY, at).loads
                    self.assertIn(loads, [str(load) for load in offered])
            lost = CellAddress("nowhere", "p1-w2")
            self.assertIsNone(
                read_line(scope, self.board.program_id, "3 x 8, 12 kg", "dumbbell-row", TODAY, lost).caution
            )

    def test_a_moved_session_has_its_new_date(self) -> None:
        on = TODAY + timedelta(days=1)
        move = MoveSession(week="p1-w1", day="p1-d1", to=on, reason="Dentist")
        with self.studio.writing() as scope:
            save_edits(scope, self.board.program_id, 3, [move], "Moved", NOW, TODAY)
        with self.studio.reading() as scope:
            self.assertEqual(open_floor(scope, self.board.program_id, "p1-w1", "p1-d1", TODAY).planned_for, on)
