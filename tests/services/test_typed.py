"""What is typed on the board and stands for more than itself: dittos, formulas, find and replace."""

from tests.commands import save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ExerciseId, LineId, ProgramId, WeekId
from upright_anvil.core.plan.changing.replacing import Replaced, ReplaceWish
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import Carry, SetCell
from upright_anvil.core.plan.edits.lines import AddLine, ChangeExercise
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.services.board.findings import try_edits
from upright_anvil.services.board.reading import CellAddress
from upright_anvil.services.board.replacing import replace_all, try_replace
from upright_anvil.services.board.typed import read_line
from upright_anvil.store.programs import current
from upright_anvil.store.rows.not_found import NotFoundError

SQUAT = ("back-squat", "3 x 8, 60 kg, rest 2:00")


class TypedTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(SQUAT, ("bench-press", ""))

    def texts(self) -> dict[str, list[str]]:
        with self.studio.reading() as scope:
            days = current(scope, self.board.program_id).program.phases[0].days
        return {line.id: [cell.text for cell in line.cells] for day in days for line in day.lines}

    def save(self, *edits: Edit, base: int = 2) -> None:
        with self.studio.writing() as scope:
            save_edits(scope, self.board.program_id, base, edits, "Typed", NOW, TODAY)

    def read(self, text: str) -> tuple[str, str, str]:
        at = CellAddress(LineId("l2"), WeekId("p1-w1"))
        with self.studio.reading() as scope:
            cell = read_line(scope, self.board.program_id, text, ExerciseId("bench-press"), TODAY, at)
        return cell.state, cell.text, cell.note

    def test_a_ditto_repeats_the_line_above_in_its_week(self) -> None:
        self.save(SetCell(line="l1", week="p1-w2", text="3 x 6, 70 kg"))
        self.save(SetCell(line="l2", week="p1-w1", text='"'), SetCell(line="l2", week="p1-w2", text='" 50'), base=3)
        self.assertEqual(self.texts()["l2"], [SQUAT[1], "3 x 6, 50 kg", "", ""])

    def test_a_new_line_says_week_by_week_what_the_one_above_says(self) -> None:
        self.save(
            SetCell(line="l1", week="p1-w2", text="3 x 6, 70 kg"),
            AddLine(day="p1-d2", line="new", exercise="split-squat", text='" 20'),
        )
        self.assertEqual(
            self.texts()["new"],
            ["3 x 8 each side, 20 kg, rest 2:00", "3 x 6 each side, 20 kg", *["3 x 8 each side, 20 kg, rest 2:00"] * 2],
        )

    def test_with_nothing_above_it_is_refused_and_nothing_is_kept(self) -> None:
        empty = self.client_with_program(name="Berthold Ashe")
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "no line above"):
            add = AddLine(day="p1-d1", line="x", exercise="plank", text='"')
            save_edits(scope, empty.program_id, 1, [add], "Typed", NOW, TODAY)

    def test_a_formula_fills_the_row_as_one_revision(self) -> None:
        self.save(SetCell(line="l1", week="p1-w1", text="+2.5 each week"))
        loads = ["60 kg", "62.5 kg", "65 kg", "67.5 kg"]
        self.assertEqual(self.texts()["l1"], [f"3 x 8, {load}, rest 2:00" for load in loads])
        self.save(SetCell(line="l2", week="p1-w2", text="5 x 3, 80 85 90 %"), base=3)
        self.assertEqual(self.texts()["l2"], ["", "5 x 3, 80 %", "5 x 3, 85 %", "5 x 3, 90 %"])
        with self.studio.writing() as scope, self.assertRaises(DomainError):
            bad = SetCell(line="l2", week="p1-w1", text="+2.5 each week")
            save_edits(scope, self.board.program_id, 4, [bad], "Typed", NOW, TODAY)

    def test_what_it_comes_to_is_read_out_while_it_is_typed(self) -> None:
        self.assertEqual(self.read('" 50')[:2], ("read", "3 x 8, 50 kg, rest 2:00"))
        state, text, note = self.read("3 x 8, 40 kg, +5 each week")
        self.assertEqual((state, text), ("read", "3 x 8, 40 kg"))
        self.assertEqual(note, "then 3 x 8, 45 kg · 3 x 8, 50 kg · 3 x 8, 55 kg")
        self.assertEqual(self.read("+2.5 each week")[0], "unreadable")
        with self.studio.reading() as scope:
            edits = [SetCell(line="l1", week="p1-w1", text="+2.5 each week")]
            self.assertEqual(len(try_edits(scope, self.board.program_id, edits, TODAY).differences), 3)

    def test_b_weeks_train_any_exercise_with_words_of_their_own(self) -> None:
        weeks = [ChangeWeek(phase="p1", week=f"p1-w{n}", variant="AB"[n % 2 == 0]) for n in (1, 2, 3, 4)]  # type: ignore[arg-type]
        self.save(
            SetCell(line="l1", week="p1-w1", text="3 x 8, 60 kg, tempo 3-0-1-0", carry=Carry.ALL),
            *weeks,
            ChangeExercise(line="l1", exercise="split-squat", variant="B"),
        )
        bilateral, single = "3 x 8, 60 kg, tempo 3-0-1-0", "3 x 8 each side, tempo 3-0-1-0"
        self.assertEqual(self.texts()["l1"], [bilateral, single, bilateral, single])
        self.save(SetCell(line="l1", week="p1-w2", text="3 x 10 each side, 12 kg", carry=Carry.MATCHING), base=3)
        own = "3 x 10 each side, 12 kg"
        self.assertEqual(self.texts()["l1"], [bilateral, own, bilateral, own])
        self.save(SetCell(line="l1", week="p1-w1", text="4 x 6, 65 kg", carry=Carry.ALL), base=4)
        self.assertEqual(self.texts()["l1"], ["4 x 6, 65 kg", own, "4 x 6, 65 kg", own])

    def test_find_and_replace_is_looked_at_then_one_revision(self) -> None:
        wish = ReplaceWish(Replaced.LOAD, "60 kg", "62.5 kg")
        with self.studio.writing() as scope:
            seen = try_replace(scope, self.board.program_id, wish, TODAY)
            self.assertEqual((seen.places, len(seen.look.differences)), (4, 4))
            made = replace_all(scope, self.board.program_id, 2, wish, NOW, TODAY)
            self.assertEqual((made.number, made.reason), (3, "Replaced: 60 kg by 62.5 kg, 4 places"))
            with self.assertRaisesRegex(DomainError, "Nothing in the program"):
                replace_all(scope, self.board.program_id, 3, wish, NOW, TODAY)
            with self.assertRaisesRegex(DomainError, "not in the library"):
                try_replace(scope, self.board.program_id, ReplaceWish(Replaced.EXERCISE, "back-squat", "gone"), TODAY)
            with self.assertRaises(NotFoundError):
                try_replace(scope, ProgramId("gone"), wish, TODAY)
            swap = ReplaceWish(Replaced.EXERCISE, "back-squat", "front-squat")
            reason = replace_all(scope, self.board.program_id, 3, swap, NOW, TODAY).reason
            self.assertEqual(reason, "Replaced: Back squat by Front squat, 1 place")
