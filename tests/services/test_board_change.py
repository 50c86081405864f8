"""What a save answers: with its change in it, the board before is the board after, whatever was edited."""

from dataclasses import replace

from hypothesis import assume, given, settings
from hypothesis import strategies as st

from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.document import GroupKind, WeekKind
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.calendar import MoveSession
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.days import ChangeDay
from upright_anvil.core.plan.edits.groups import GroupLines
from upright_anvil.core.plan.edits.lines import AddLine, ChangeLine, RemoveLine
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.services.board.opening import board_change, open_board
from upright_anvil.services.board.saving import edited, keep_edited
from upright_anvil.services.board.views import BoardChange, BoardView

TYPED = (("back-squat", "3 x 8, 60 kg"), ("bench-press", "3 x 5, 80 %"), ("plank", "2 x 40 s"))

CELLS = st.builds(
    SetCell,
    line=st.sampled_from(["l1", "l2", "l3"]),
    week=st.sampled_from(["p1-w1", "p1-w2", "p1-w4"]),
    text=st.sampled_from(["", "5 x 5, 70 kg", "4 x 6, 82.5 %", "3 x heavy", "3 x 30 s", "= the same"]),
)
IN_A_DAY = st.one_of(
    CELLS,
    st.just(RemoveLine(line="l2")),
    st.just(AddLine(day="p1-d2", line="new", exercise="barbell-row")),
    st.just(ChangeLine(line="l1", reason="depth first", cues=("knees out",))),
    st.just(GroupLines(lines=("l1", "l3"), group="g", kind=GroupKind.PAIR)),
)
BEYOND = st.one_of(
    st.just(ChangeDay(day="p1-d2", name="Upper", weekday=3)),
    st.just(ChangeWeek(phase="p1", week="p1-w4", kind=WeekKind.EASE_OFF)),
    st.just(MoveSession(week="p1-w1", day="p1-d1", to=TODAY, reason="away")),
)


def merged(board: BoardView, change: BoardChange) -> BoardView:
    if change.board:
        return change.board
    phases = list(board.phases)
    for by in change.phases:
        at = next(n for n, phase in enumerate(phases) if phase.id == by.id)
        days = {day.id: day for day in by.days}
        phases[at] = replace(phases[at], volume=by.volume, days=tuple(days.get(day.id, day) for day in phases[at].days))
    return replace(board, revision=change.revision, phases=tuple(phases))


class BoardChangeTest(StudioTest):
    def save(self, *edits: Edit) -> tuple[BoardView, BoardChange, BoardView]:
        """The board before some edits, what saving them answers, the board after; on a client of its own."""
        board = self.client_with_program(*TYPED)
        self.log(self.session(board), 1, 8)
        with self.studio.writing() as scope:
            before = open_board(scope, board.program_id, TODAY)
            work = edited(scope, board.program_id, before.revision.number, edits, TODAY)
            saved = keep_edited(scope, work, "Changed by hand", NOW)
            return before, board_change(scope, work, saved, TODAY), open_board(scope, board.program_id, TODAY)

    @settings(max_examples=40, deadline=None)
    @given(st.lists(st.one_of(IN_A_DAY, BEYOND), min_size=1, max_size=3, unique_by=lambda edit: edit.op))
    def test_the_change_makes_the_board_after_of_the_board_before(self, edits: list[Edit]) -> None:
        try:
            before, change, after = self.save(*edits)
        except DomainError:  # an edit of a line that another of them took out
            assume(False)
        self.assertEqual(change.base, before.revision.number)
        self.assertEqual(merged(before, change), after)

    def test_a_cell_answers_with_its_day_alone(self) -> None:
        _, change, _ = self.save(SetCell(line="l1", week="p1-w2", text="5 x 5, 70 kg"))
        self.assertIsNone(change.board)
        self.assertEqual([[day.id for day in phase.days] for phase in change.phases], [["p1-d1"]])

    def test_what_other_days_are_told_by_answers_with_the_whole_board(self) -> None:
        for edit in (
            ChangeDay(day="p1-d2", name="Upper", weekday=3),
            ChangeWeek(phase="p1", week="p1-w4", kind=WeekKind.EASE_OFF),
            MoveSession(week="p1-w1", day="p1-d1", to=TODAY, reason="away"),
        ):
            with self.subTest(edit.op):
                self.assertIsNotNone(self.save(edit)[1].board)
