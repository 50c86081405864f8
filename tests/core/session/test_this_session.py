from unittest import TestCase

from tests.core.checks.plans import plan
from tests.core.session.sample import session, texts
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.lines import RemoveLine
from upright_anvil.core.session.this_session import as_changed, cut_out, day_of


class ThisSessionTest(TestCase):
    def test_a_session_is_cut_out_with_its_own_week_and_its_ids(self) -> None:
        program = plan((0, ["back-squat: 3 x 5 | 3 x 6 | 3 x 7"]), (3, ["deadlift: 3 x 5"]), kinds="bbb")
        held = cut_out(program, program.phases[0], 1, program.phases[0].days[0])
        self.assertEqual(texts(held), {"back-squat": "3 x 6"})
        self.assertEqual([week.id for week in held.phases[0].weeks], ["w2"])
        self.assertEqual(day_of(held)[1].id, "d0")
        self.assertEqual(len(held.phases[0].days), 1)

    def test_changes_are_made_in_order_and_what_no_longer_fits_is_passed_over(self) -> None:
        held = session("back-squat: 3 x 5", "plank: 3 x 40 s")
        edits = [
            SetCell(line="l1", week="w1", text="2 x 5"),
            RemoveLine(line="l1"),
            SetCell(line="l1", week="w1", text="1 x 5"),
            SetCell(line="l2", week="w1", text="2 x 40 s"),
        ]
        self.assertEqual(texts(as_changed(held, edits)), {"plank": "2 x 40 s"})
        self.assertEqual(texts(held)["back-squat"], "3 x 5")
