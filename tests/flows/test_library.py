from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.exercises import Pattern
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.sentences import Refusal
from upright_anvil.flows.board import open_board
from upright_anvil.flows.floor import open_floor
from upright_anvil.flows.library import add_own, choices, remove_own


class LibraryTest(StudioTest):
    def add(self, name: str) -> str:
        with self.studio.writing() as scope:
            return add_own(scope, name, Pattern.LOCOMOTION, ImplementKind.IMPROVISED, one_sided=False).id

    def test_own_exercises_stand_among_the_shipped(self) -> None:
        self.add("  Sled   drag ")
        with self.studio.reading() as scope:
            names = [e.name for e in choices(scope)]
        self.assertIn("Sled drag", names)
        self.assertEqual(names, sorted(names, key=str.lower))

    def test_a_name_is_taken_once(self) -> None:
        with self.assertRaisesRegex(Refusal, "already"):
            self.add("back SQUAT")

    def test_an_exercise_removed_while_planned_loses_nothing(self) -> None:
        own = self.add("Sled drag")
        board = self.client_with_program((own, "3 x 8, 20 kg"))
        with self.studio.writing() as scope:
            remove_own(scope, own, NOW)
        with self.studio.reading() as scope:
            self.assertNotIn("Sled drag", [e.name for e in choices(scope)])
            line = open_board(scope, board.program_id, TODAY).phases[0].days[0].lines[0]
            self.assertEqual((line.exercise, line.removed, line.cells[0].plan.state), ("Sled drag", True, "read"))
            caution = open_floor(scope, board.program_id, "p1-w1", "p1-d1").lines[0].caution
            self.assertIn("removed from the library", caution or "")
