from hypothesis import given, settings
from hypothesis import strategies as st

from tests.commands import redo, save_edits, undo
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.document import Section
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.lines import AddLine, ChangeExercise, RemoveLine
from upright_anvil.services.board.saving import history
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.conflicts import StaleSaveError
from upright_anvil.services.library.own_exercises import remove_own

SQUAT = ("back-squat", "3 x 8, 60 kg")


def said(board: BoardView) -> list[str]:
    return [cell.plan.text for cell in board.phases[0].days[0].lines[0].cells]


class SavingTest(StudioTest):
    def save(self, board: BoardView, base: int, *edits: Edit) -> BoardView:
        with self.studio.writing() as scope:
            return save_edits(scope, board.program_id, base, edits, "Changed by hand", NOW, TODAY)

    def step(self, board: BoardView, way: str) -> BoardView:
        with self.studio.writing() as scope:
            turn = undo if way == "undo" else redo
            return turn(scope, board.program_id, board.revision.number, NOW, TODAY)

    def test_every_save_is_a_revision_with_its_reason(self) -> None:
        board = self.client_with_program(SQUAT)
        after = self.save(board, 2, SetCell(line="l1", week="p1-w1", text="3 x 10, 60 kg"))
        self.assertEqual(after.revision.number, 3)
        with self.studio.reading() as scope:
            self.assertEqual(
                [h.reason for h in history(scope, board.program_id)], ["Changed by hand", "Written", "Program started"]
            )

    def test_lines_stand_in_the_order_in_which_they_were_typed(self) -> None:
        """Whatever sort of exercise: a station of mobility or of endurance does not jump out of the middle."""
        board = self.client_with_program(SQUAT)
        names = ["cat-camel", "barbell-row", "easy-run", "quad-stretch", "push-up", "cat-camel"]
        after = self.save(board, 2, *(AddLine(day="p1-d1", line=f"n{n}", exercise=e) for n, e in enumerate(names)))
        groups = after.phases[0].days[0].groups
        self.assertEqual([g.lines[0].id for g in groups], ["l1", *(f"n{n}" for n in range(len(names)))])
        self.assertEqual({g.section.value for g in groups}, {"main"})

    def test_a_day_begins_with_its_warm_up_and_ends_with_its_cool_down(self) -> None:
        board = self.client_with_program(SQUAT)
        empty = self.save(board, 2, RemoveLine(line="l1"))
        typed = [("warm", "cat-camel"), ("again", "cat-camel"), ("squat", "back-squat"), ("row", "barbell-row")]
        after = self.save(empty, 3, *(AddLine(day="p1-d1", line=name, exercise=e) for name, e in typed))
        cool = AddLine(day="p1-d1", line="cool", exercise="quad-stretch", section=Section.COOL_DOWN)
        more = AddLine(day="p1-d1", line="more", exercise="push-up")
        stretch = AddLine(day="p1-d1", line="last", exercise="quad-stretch")
        held = self.save(after, 4, cool, more, stretch)
        self.assertEqual(
            [(g.section.value, g.lines[0].id) for g in held.phases[0].days[0].groups],
            [("warm-up", "warm"), ("warm-up", "again"), ("main", "squat"), ("main", "row"), ("main", "more"),
             ("cool-down", "cool"), ("cool-down", "last")],
        )  # fmt: skip

    def test_a_save_that_changes_nothing_makes_no_revision(self) -> None:
        board = self.client_with_program(SQUAT)
        self.assertEqual(self.save(board, 2, SetCell(line="l1", week="p1-w1", text=SQUAT[1])).revision.number, 2)

    def test_a_stale_save_is_refused_with_the_difference(self) -> None:
        board = self.client_with_program(SQUAT)
        self.save(board, 2, SetCell(line="l1", week="p1-w2", text="3 x 8, 62.5 kg"))
        with self.assertRaises(StaleSaveError) as refused:
            self.save(board, 2, RemoveLine(line="l1"))
        found = refused.exception
        self.assertEqual((found.base, found.current), (2, 3))
        self.assertEqual(
            [(d.where, d.before, d.after) for d in found.differences],
            [("Day 1, Back squat, week 2", "3 x 8, 60 kg", "3 x 8, 62.5 kg")],
        )

    def test_undo_and_redo_walk_the_changes(self) -> None:
        board = self.client_with_program(SQUAT)
        one = self.save(board, 2, SetCell(line="l1", week="p1-w1", text="one"))
        two = self.save(board, one.revision.number, SetCell(line="l1", week="p1-w1", text="two"))
        back = self.step(two, "undo")
        self.assertEqual(said(back)[0], "one")
        self.assertEqual(said(self.step(back, "redo"))[0], "two")

    def test_a_change_after_an_undo_leaves_nothing_to_redo(self) -> None:
        board = self.client_with_program(SQUAT)
        one = self.save(board, 2, SetCell(line="l1", week="p1-w1", text="one"))
        back = self.step(one, "undo")
        self.assertIsNotNone(back.revision.redo_to)
        other = self.save(back, back.revision.number, SetCell(line="l1", week="p1-w1", text="other"))
        self.assertIsNone(other.revision.redo_to)
        with self.assertRaisesRegex(DomainError, "nothing to redo"):
            self.step(other, "redo")
        self.assertEqual(said(self.step(other, "undo"))[0], "3 x 8, 60 kg")

    def test_the_first_revision_has_nothing_to_undo(self) -> None:
        board = self.client_with_program()
        with self.assertRaisesRegex(DomainError, "nothing to undo"):
            self.step(board, "undo")

    def test_undo_is_stale_too(self) -> None:
        board = self.client_with_program(SQUAT)
        self.save(board, 2, SetCell(line="l1", week="p1-w1", text="one"))
        with self.assertRaises(StaleSaveError):
            self.step(board, "undo")

    @settings(max_examples=15, deadline=None)
    @given(st.lists(st.sampled_from(["type", "undo", "redo"]), max_size=14))
    def test_undo_and_redo_behave_like_a_stack(self, steps: list[str]) -> None:
        board = self.client_with_program(SQUAT)
        past, future = [], []
        now = "3 x 8, 60 kg"
        # What came before the line existed can be undone too; the test stops short of it.
        for number, step in enumerate(steps):
            if step == "type":
                board = self.save(board, board.revision.number, SetCell(line="l1", week="p1-w1", text=f"text {number}"))
                past, now, future = [*past, now], f"text {number}", []
            elif step == "undo" and past:
                board = self.step(board, "undo")
                future, now, past = [*future, now], past[-1], past[:-1]
            elif step == "redo" and future:
                board = self.step(board, "redo")
                past, now, future = [*past, now], future[-1], future[:-1]
            self.assertEqual(said(board)[0], now)
            self.assertEqual(bool(board.revision.redo_to), bool(future))

    def test_only_exercises_of_the_library_are_added(self) -> None:
        board = self.client_with_program(SQUAT)
        for edit in [AddLine(day="p1-d1", line="x", exercise="made-up"), ChangeExercise(line="l1", exercise="made-up")]:
            with self.subTest(op=edit.op), self.assertRaisesRegex(DomainError, "not in the library"):
                self.save(board, 2, edit)

    def test_only_own_exercises_can_be_removed(self) -> None:
        with self.studio.writing() as scope, self.assertRaisesRegex(LookupError, "edit of this exercise"):
            remove_own(scope, "back-squat", NOW)
