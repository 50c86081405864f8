from unittest import TestCase

from tests.core.plan.samples import program
from upright_anvil.core.plan.document import Program, WeekKind
from upright_anvil.core.plan.edits.phases import AddPhase
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.core.plan.next_cell import NextCell, next_cell


def easing(week: str, plan: Program) -> Program:
    return ChangeWeek(phase="p1", week=week, kind=WeekKind.EASE_OFF).apply(plan)


class NextCellTest(TestCase):
    def test_where_the_work_goes_on(self) -> None:
        plain, longer = program(), AddPhase(phase="p2", name="Next").apply(program())
        for story, plan, line, week, expected in [
            ("the next week", plain, "squat", 0, NextCell("squat", "w2", 2, "3 x 8, 60 kg")),
            ("past an easing-off week", easing("w2", plain), "squat", 0, NextCell("squat", "w3", 3, "3 x 6, 65 kg")),
            ("past a week of rest to nothing", plain, "press", 1, NextCell("press", "w3", 3, "")),
            ("an empty line's next week", plain, "calf", 0, NextCell("calf", "w2", 2, "")),
            ("the phase ends", plain, "squat", 2, None),
            ("only easing off is left", easing("w3", plain), "squat", 1, None),
            ("into the next phase", longer, "squat", 2, NextCell("p2-d1-l1", "p2-w1", 4, "3 x 6, 65 kg")),
            ("a line that is gone", plain, "nowhere", 0, None),
        ]:
            with self.subTest(story):
                self.assertEqual(next_cell(plan, line, week), expected)
