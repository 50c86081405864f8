from unittest import TestCase

from tests.core.plan.samples import program
from upright_anvil.core.plan.compare import Difference, compare
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.days import ChangeDay
from upright_anvil.core.plan.edits.lines import RemoveLine

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
            [d.where for d in found], ["Press", "Press, Bench press, week 1", "Press, Bench press, week 2"]
        )
        self.assertEqual({d.after for d in found[1:]}, {""})

    def test_a_moved_day_shows(self) -> None:
        found = compare(program(), ChangeDay(day="d2", name="Press", weekday=4).apply(program()), NAMES)
        self.assertEqual([(d.where, d.after) for d in found], [("Press", "Press (day 5): Bench press")])
