from dataclasses import replace
from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.plan.samples import line, program
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.library.ladders import Ladders
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Day, Week
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import day_estimate, read_cell, read_day, read_phase

SQUAT = Exercise("back-squat", "Back squat", Pattern.SQUAT, (), implements=(ImplementKind.BARBELL,), rep_seconds=4)
PULL_UP = Exercise("pull-up", "Pull-up", Pattern.PULL_VERTICAL, (), bodyweight_share=Decimal(1))
PLACE = read_equipment("bar 20, plates 2x2.5 4x10\nbelt 5", Unit.KG).inventory
WEEK = (Week(id="w"),)
SETTING = ClientProfile.nothing_known(Unit.KG, PLACE, {e.id: e for e in (SQUAT, PULL_UP)}, Ladders(()))


class CellTest(TestCase):
    def test_is_read_out_in_normal_form(self) -> None:
        cell = read_cell("3x8 40", SQUAT, SETTING)
        self.assertEqual((cell.state, cell.text, cell.sets), ("read", "3 x 8, 40 kg", 3))
        self.assertEqual(cell.seconds, 3 * 32 + 2 * 90)
        self.assertIsNone(cell.caution)

    def test_what_cannot_be_read_is_kept_as_typed(self) -> None:
        cell = read_cell("3 x heavy", SQUAT, SETTING)
        self.assertEqual((cell.state, cell.text, cell.seconds), ("unreadable", "3 x heavy", 0))
        assert cell.unreadable
        self.assertEqual(cell.unreadable.position, 4)

    def test_a_load_nobody_can_make_is_a_caution_with_the_nearest_two(self) -> None:
        for text, exercise, caution in [
            ("3 x 8, 41 kg", SQUAT, "41 kg cannot be made here: take 40 kg or 45 kg."),
            ("3 x 8, 200 kg", SQUAT, "200 kg cannot be made here: take 65 kg."),
            ("3 x 8, 88.2 lb", SQUAT, "88.2 lb cannot be made here: take 40 kg or 45 kg."),
            ("3 x 5, bw + 5 kg", PULL_UP, None),
            ("3 x 5, bw + 6 kg", PULL_UP, "6 kg cannot be made here: take 5 kg."),
            ("3 x 5, bw", PULL_UP, None),
            ("3 x 5, bw - 20 kg", PULL_UP, None),
            ("3 x 8, leave 2", SQUAT, None),
        ]:
            with self.subTest(text=text):
                self.assertEqual(read_cell(text, exercise, SETTING).caution, caution)

    def test_an_implement_the_place_lacks_is_a_caution(self) -> None:
        bare = replace(SETTING, inventory=Inventory())
        self.assertEqual(read_cell("3 x 8, 40 kg", SQUAT, bare).caution, "There is no barbell for this at the place.")
        self.assertEqual(
            read_cell("3 x 5, bw + 5 kg", PULL_UP, bare).caution, "There is nothing here to add 5 kg with."
        )

    @given(st.text(max_size=60))
    def test_never_breaks(self, text: str) -> None:
        self.assertIn(read_cell(text, SQUAT, SETTING).state, ("empty", "read", "unreadable"))


class DayTest(TestCase):
    def test_resting_and_unreadable_lines_take_no_time(self) -> None:
        day = Day(
            id="d", name="D", weekday=0, groups=(line("a", "1 x 10, tempo 1-0-1-0"), line("b", ""), line("c", "?"))
        )
        self.assertEqual(day_estimate(day, WEEK, 0, SETTING), 20)

    def test_an_exercise_nobody_knows_still_opens(self) -> None:
        day = Day(id="d", name="D", weekday=0, groups=(line("a", "3 x 8", exercise="sled-drag"),))
        read = read_day(day, WEEK, SETTING).lines[0]
        self.assertEqual((read.exercise.name, read.exercise.removed, read.cells[0].state), ("sled drag", True, "read"))

    def test_days_come_by_weekday_with_a_time_for_each_week(self) -> None:
        days = read_phase(program().phases[0], SETTING)
        self.assertEqual([d.day.name for d in days], ["Legs", "Press"])
        self.assertEqual([len(d.seconds) for d in days], [3, 3])
        self.assertEqual(days[1].seconds[2], 0)
        paced, phase = replace(SETTING, pace=1.3), program().phases[0]
        for day in read_phase(phase, paced):
            self.assertEqual(day.seconds, tuple(day_estimate(day.day, phase.weeks, week, paced) for week in range(3)))
