from unittest import TestCase

from tests.core.plan.samples import program
from upright_anvil.core.plan.changing.compare import Difference, compare
from upright_anvil.core.plan.document import Pairing
from upright_anvil.core.plan.edits.calendar import MoveSession
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.days import ChangeDay, SetDay
from upright_anvil.core.plan.edits.groups import GroupLines
from upright_anvil.core.plan.edits.lines import ChangeExercise, ChangeLine, RemoveLine
from upright_anvil.core.prescription.groups import GroupKind

NAMES = {"back-squat": "Back squat", "bench-press": "Bench press"}


class CompareTest(TestCase):
    def test_the_same_program_does_not_differ(self) -> None:
        self.assertEqual(compare(program(), program(), NAMES), ())

    def test_a_changed_cell_is_named_in_words(self) -> None:
        after = SetCell(line="squat", week="w2", text="3 x 8, 62.5 kg").apply(program())
        self.assertEqual(
            compare(program(), after, NAMES),
            (Difference("Legs, Back squat, week 2", "3 x 8, 60 kg", "3 x 8, 62.5 kg"),),
        )

    def test_a_line_taken_out_shows_what_it_said(self) -> None:
        found = compare(program(), RemoveLine(line="press").apply(program()), NAMES)
        self.assertEqual(
            [d.where for d in found],
            ["Press, order", "Press, line 1", "Press, Bench press, week 1", "Press, Bench press, week 2"],
        )
        self.assertEqual({d.after for d in found}, {""})

    def test_a_moved_day_shows(self) -> None:
        found = compare(program(), ChangeDay(day="d2", name="Press", weekday=4).apply(program()), NAMES)
        self.assertEqual([(d.where, d.after) for d in found], [("Press", "Press (day 5)")])

    def test_every_other_change_is_told_in_words(self) -> None:
        pair = GroupLines(lines=("squat", "calf"), group="g", kind=GroupKind.PAIR, pairing=Pairing.OPPOSITE)
        for edit, where, after in [
            (ChangeExercise(line="press", exercise="push-up"), "Press, line 1", "push-up"),
            (SetDay(day="d1", minutes=40, top_up=True), "Legs", "Legs (day 1), 40 min, top-up"),
            (pair, "Legs, Back squat, calf-raise", "pair, opposite muscles"),
            (ChangeLine(line="squat", reason="Knees", cues=("Up",)), "Legs, Back squat, said", "Knees · Up"),
            (MoveSession(week="w1", day="d1", reason="Ill"), "A session", "dropped. Ill"),
        ]:
            with self.subTest(where):
                told = {d.where: d.after for d in compare(program(), edit.apply(program()), NAMES)}
                self.assertEqual(told.get(where), after)
