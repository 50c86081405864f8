"""A plan with groups, week variants and places read out: the board's estimate is the session's own."""

from unittest import TestCase

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.checks.plans import SETTING, plan
from upright_anvil.core.plan.document import Day, Program
from upright_anvil.core.plan.edits.days import SetDay
from upright_anvil.core.plan.edits.groups import ChangeGroup, GroupLines
from upright_anvil.core.plan.edits.lines import ChangeExercise
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.core.plan.read_out.reading import ReadDay, day_estimate, forget_texts, read_day
from upright_anvil.core.prescription.groups import GroupKind

LINES = ["leg-press: 3 x 10, rest 60 s", "bench-press: 3 x 8, 60 kg, rest 60 s", "cable-row: 3 x 10, rest 60 s"]


def base(*lines: str, kinds: str = "bb") -> Program:
    return plan((0, lines or LINES), kinds=kinds)


def first(program: Program) -> Day:
    return program.phases[0].days[0]


def read(program: Program) -> ReadDay:
    return read_day(first(program), program.phases[0].weeks, SETTING)


class GroupsReadTest(TestCase):
    def test_a_pair_is_quicker_and_says_so_everywhere(self) -> None:
        paired = GroupLines(lines=("l2", "l3"), group="g", kind=GroupKind.PAIR).apply(base())
        self.assertLess(read(paired).seconds[0], read(base()).seconds[0])
        self.assertEqual([len(group.lines) for group in read(paired).groups], [1, 2])
        self.assertEqual(len(read(paired).lines), 3)
        slower = ChangeGroup(group="g", rest_after=300).apply(paired)
        self.assertEqual(read(slower).seconds[0] - read(paired).seconds[0], 2 * (300 - 60))

    def test_b_weeks_are_read_with_the_other_exercise(self) -> None:
        both = ChangeWeek(phase="p", week="w2", variant="B").apply(base())
        other = ChangeExercise(line="l2", exercise="push-up", variant="B").apply(both)
        cells = read(other).lines[1].cells
        self.assertIsNone(cells[0].caution)
        self.assertEqual(cells[1].caution, "There is no load for this at the place.")

    def test_a_day_elsewhere_is_read_against_that_place(self) -> None:
        away = SetDay(day="d0", place="room").apply(base("goblet-squat: 3 x 8, 24 kg"))
        self.assertEqual(read(away).lines[0].cells[0].caution, "24 kg cannot be made here: take 12 kg.")
        week = ChangeWeek(phase="p", week="w2", place="studio").apply(away)
        cells = read(week).lines[0].cells
        self.assertEqual([cell.caution is None for cell in cells], [False, True])
        gone = SetDay(day="d0", place="nowhere").apply(base("goblet-squat: 3 x 8, 24 kg"))
        self.assertIsNone(read(gone).lines[0].cells[0].caution, "a place that is gone is the usual one")

    def test_a_line_that_rests_drops_out_of_its_group(self) -> None:
        program = plan((0, ["leg-press: 3 x 10, rest 60 s | ", "cable-row: 3 x 10, rest 60 s"]), kinds="bb")
        paired = GroupLines(lines=("l1", "l2"), group="g", kind=GroupKind.PAIR).apply(program)
        alone = plan((0, ["cable-row: 3 x 10, rest 60 s"]))
        self.assertEqual(read(paired).seconds[1], read(alone).seconds[0])


TEXTS = st.sampled_from(
    [
        "",
        "3 x 8",
        "3 x 40 s, rest 20 s",
        "12/10/8, rest 45 s",
        "most x 5, in 4:00",
        "10 x 3, every 30 s",
        "heavy",
        "2 x 20 m",
    ]
)
KINDS = st.sampled_from([GroupKind.CIRCUIT, GroupKind.INTERVALS, GroupKind.TRI_SET])


class SameEstimateTest(TestCase):
    @settings(deadline=None)
    @given(st.lists(TEXTS, min_size=3, max_size=3), KINDS, st.booleans())
    def test_the_boards_seconds_are_the_sessions(self, texts: list[str], kind: GroupKind, together: bool) -> None:
        names = ("leg-press", "bench-press", "cable-row")
        program = plan((0, [f"{name}: {text}" for name, text in zip(names, texts, strict=True)]))
        if together:
            program = GroupLines(lines=("l1", "l2", "l3"), group="g", kind=kind).apply(program)
        weeks = program.phases[0].weeks
        shown = read(program).seconds[0]
        self.assertEqual(shown, day_estimate(first(program), weeks, 0, SETTING))
        forget_texts()
        self.assertEqual(shown, read(program).seconds[0], "what is remembered is what is read")
