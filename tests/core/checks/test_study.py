from dataclasses import replace
from datetime import date
from decimal import Decimal
from unittest import TestCase

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.checks.plans import SORE, WHO, plan
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.checks.remembered import forget
from upright_anvil.core.checks.run import findings
from upright_anvil.core.checks.study import Standpoint, StudiedWeek, study, study_week
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.phases import AddPhase

TWO = plan((0, ["back-squat: 3 x 5, 105 kg | 3 x 5, 75 %", "plank: 3 x 40 s"]), (3, ["bench-press: 3 x 8"]), kinds="bb")


def week(program: Program = TWO, number: int = 1) -> StudiedWeek:
    found = study_week(program, WHO, f"w{number}")
    assert found
    return found


class StudyTest(TestCase):
    def test_weeks_are_numbered_and_dated_through_the_phases(self) -> None:
        longer = AddPhase(phase="p2", name="Next").apply(TWO)
        phases = study(longer, WHO)
        self.assertEqual([[w.number for w in p.weeks] for p in phases], [[1, 2], [3, 4]])
        self.assertEqual([d.on for d in phases[1].weeks[0].days], [date(2026, 1, 19), date(2026, 1, 22)])
        self.assertEqual(phases[1].before, phases[0].weeks[-1])
        only = study(longer, WHO, "p2")
        self.assertEqual([w.number for w in only[0].weeks], [3, 4])
        self.assertIsNone(study_week(longer, WHO, "gone"))

    def test_what_a_line_comes_to(self) -> None:
        squat, plank = week().days[0].asked
        self.assertEqual((squat.share, squat.hard, squat.is_main, squat.compound), (Decimal("0.75"), 3, True, True))
        self.assertEqual((plank.share, plank.hard), (None, 3))
        self.assertEqual(week(number=2).days[0].asked[0].share, Decimal("0.75"))

    def test_what_a_day_and_a_week_train(self) -> None:
        self.assertEqual(week().days[0].muscles[Muscle.QUADRICEPS], 3)
        self.assertEqual(week().hard, 9)
        self.assertEqual(
            {p.value: n for p, n in week().patterns.items()}, {"squat": 3, "trunk": 3, "push horizontal": 3}
        )

    def test_lines_that_rest_are_there_and_ask_nothing(self) -> None:
        rests = SetCell(line="l1", week="w1", text="").apply(TWO)
        asked = week(rests).days[0].asked[0]
        self.assertEqual((asked.prescription, asked.hard), (None, 0))


CELLS = st.sampled_from(["3 x 8, 61 kg", "3 x 8, 60 kg", "3 x max, 60 kg", "x", "", "3 x 60", "12 x 10, rest 5:00"])
WHOS = [
    WHO,
    SORE,
    replace(WHO, goal=GoalKind.STRENGTH),
    replace(WHO, training_age=TrainingAge.NEW, minutes=30),
    replace(WHO, clearance="Wait.", days_a_week=1),
]


class RememberedTest(TestCase):
    @settings(deadline=None)
    @given(st.lists(CELLS, min_size=6, max_size=6), st.sampled_from(WHOS), st.sampled_from(["bb", "be", "hb"]))
    def test_what_is_remembered_is_what_would_be_found(self, texts: list[str], who: Standpoint, kinds: str) -> None:
        """The same cells in other lines, days and weeks are said of those, whoever was asked about before."""
        program = plan(
            (0, [f"leg-press: {texts[0]}|{texts[1]}", f"back-squat: {texts[2]}|{texts[3]} ! again"]),
            (1, [f"leg-press: {texts[4]}|{texts[5]}"]),
            kinds=kinds,
        )
        warm = findings(program, who)
        forget()
        self.assertEqual(warm, findings(program, who))
        for finding in warm:
            alone = finding.day and finding.line
            for edit in finding.fix.edits if finding.fix and alone else ():
                self.assertEqual(getattr(edit, "line", finding.line), finding.line)
