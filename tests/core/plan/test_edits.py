from datetime import date
from unittest import TestCase

from pydantic import TypeAdapter, ValidationError

from tests.core.plan.samples import program, texts
from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.document import Program, WeekKind
from upright_anvil.core.plan.edits import Edit, apply_edits
from upright_anvil.core.plan.edits.cells import Carry, SetCell
from upright_anvil.core.plan.edits.days import AddDay, ChangeDay, RemoveDay
from upright_anvil.core.plan.edits.lines import AddLine, ChangeExercise, MoveLine, RemoveLine
from upright_anvil.core.plan.edits.phases import AddPhase, ChangePhase, ChangeProgram
from upright_anvil.core.plan.edits.weeks import AddWeek, ChangeWeek, RemoveWeek


def lines_of(plan: Program, day: int) -> list[str]:
    return [line.id for line in plan.phases[0].days[day].lines]


class SetCellTest(TestCase):
    def test_carries_on_as_far_as_it_is_told(self) -> None:
        for week, carry, expected in [
            ("w1", Carry.NONE, ["new", "3 x 8, 60 kg", "3 x 6, 65 kg"]),
            ("w1", Carry.MATCHING, ["new", "new", "3 x 6, 65 kg"]),
            ("w1", Carry.ALL, ["new", "new", "new"]),
            ("w2", Carry.ALL, ["3 x 8, 60 kg", "new", "new"]),
            ("w3", Carry.MATCHING, ["3 x 8, 60 kg", "3 x 8, 60 kg", "new"]),
        ]:
            with self.subTest(week=week, carry=carry):
                edit = SetCell(line="squat", week=week, text=" new ", carry=carry)
                self.assertEqual(texts(edit.apply(program()), "squat"), expected)

    def test_a_fresh_line_fills_forward(self) -> None:
        edit = SetCell(line="calf", week="w1", text="3 x 15", carry=Carry.MATCHING)
        self.assertEqual(texts(edit.apply(program()), "calf"), ["3 x 15"] * 3)

    def test_a_week_of_rest_is_not_filled_by_a_change(self) -> None:
        edit = SetCell(line="press", week="w1", text="4 x 8", carry=Carry.MATCHING)
        self.assertEqual(texts(edit.apply(program()), "press"), ["4 x 8", "4 x 8", ""])

    def test_a_proposal_leaves_what_the_line_began_with(self) -> None:
        proposed = SetCell(line="squat", week="w1", text="3 x 8-14", by_hand=False).apply(program())
        self.assertEqual(proposed.phases[0].days[0].lines[0].begun_with, "3 x 8, 60 kg")
        typed = SetCell(line="squat", week="w1", text="5 x 5").apply(proposed)
        self.assertEqual(typed.phases[0].days[0].lines[0].begun_with, "5 x 5")


class StructureTest(TestCase):
    def test_lines_are_added_moved_swapped_and_taken_out(self) -> None:
        plan = AddLine(day="d1", line="row", exercise="barbell-row", position=1).apply(program())
        self.assertEqual(lines_of(plan, 0), ["squat", "row", "calf"])
        self.assertEqual(texts(plan, "row"), ["", "", ""])
        plan = MoveLine(line="row", day="d2", position=0).apply(plan)
        self.assertEqual((lines_of(plan, 0), lines_of(plan, 1)), (["squat", "calf"], ["row", "press"]))
        plan = ChangeExercise(line="squat", exercise="front-squat").apply(plan)
        self.assertEqual(plan.phases[0].days[0].lines[0].exercise, "front-squat")
        self.assertEqual(texts(plan, "squat"), texts(program(), "squat"))
        self.assertEqual(lines_of(RemoveLine(line="row").apply(plan), 1), ["press"])

    def test_a_line_stays_in_its_phase(self) -> None:
        plan = AddPhase(phase="p2", name="Next").apply(program())
        with self.assertRaisesRegex(DomainError, "within its phase"):
            MoveLine(line="squat", day="p2-d1", position=0).apply(plan)

    def test_days_come_and_go(self) -> None:
        plan = AddDay(phase="p1", day="d3", name="Arms", weekday=5).apply(program())
        plan = ChangeDay(day="d3", name="Shoulders", weekday=6).apply(plan)
        self.assertEqual([(d.name, d.weekday) for d in plan.phases[0].days][-1], ("Shoulders", 6))
        self.assertEqual(RemoveDay(day="d3").apply(plan), program())

    def test_an_added_week_copies_the_last(self) -> None:
        plan = AddWeek(phase="p1", week="w4").apply(program())
        self.assertEqual(texts(plan, "squat")[-2:], ["3 x 6, 65 kg"] * 2)
        self.assertEqual(RemoveWeek(phase="p1", week="w4").apply(plan), program())
        self.assertEqual(
            texts(RemoveWeek(phase="p1", week="w1").apply(program()), "squat"), ["3 x 8, 60 kg", "3 x 6, 65 kg"]
        )

    def test_the_last_week_stays(self) -> None:
        plan = RemoveWeek(phase="p1", week="w1").apply(RemoveWeek(phase="p1", week="w2").apply(program()))
        with self.assertRaisesRegex(DomainError, "at least one week"):
            RemoveWeek(phase="p1", week="w3").apply(plan)

    def test_a_phase_begins_where_the_last_built_to(self) -> None:
        eased = ChangeWeek(phase="p1", week="w3", kind=WeekKind.EASE_OFF).apply(program())
        plan = AddPhase(phase="p2", name="Next").apply(eased)
        begun = plan.phases[1].days[0].lines[0]
        self.assertEqual([cell.text for cell in begun.cells], ["3 x 8, 60 kg"] * 3)
        self.assertEqual(begun.exercise, "back-squat")
        named = ChangePhase(phase="p2", name="Peak", purpose="Heavier").apply(plan)
        self.assertEqual((named.phases[1].name, named.phases[1].purpose), ("Peak", "Heavier"))

    def test_a_program_starts_on_a_monday(self) -> None:
        plan = ChangeProgram(name="Spring", start=date(2026, 1, 12)).apply(program())
        self.assertEqual((plan.name, plan.start), ("Spring", date(2026, 1, 12)))
        midweek = ChangeProgram(name="Spring", start=date(2026, 1, 15)).apply(program())
        self.assertEqual(midweek.start, date(2026, 1, 12))

    def test_adding_twice_adds_once(self) -> None:
        for edit in [
            AddLine(day="d1", line="row", exercise="barbell-row"),
            AddDay(phase="p1", day="d3", name="Arms", weekday=5),
            AddWeek(phase="p1", week="w4"),
            AddPhase(phase="p2", name="Next"),
        ]:
            with self.subTest(op=edit.op):
                self.assertEqual(apply_edits(program(), [edit, edit]), edit.apply(program()))

    def test_what_is_gone_is_refused_with_a_sentence(self) -> None:
        for edit in [
            SetCell(line="gone", week="w1", text=""),
            SetCell(line="squat", week="gone", text=""),
            RemoveLine(line="gone"),
            MoveLine(line="squat", day="gone", position=0),
            ChangeDay(day="gone", name="X", weekday=0),
            AddDay(phase="gone", day="d9", name="X", weekday=0),
            AddWeek(phase="gone", week="w9"),
            ChangeWeek(phase="p1", week="gone", kind=WeekKind.HOLD),
            ChangePhase(phase="gone", name="X"),
        ]:
            with self.subTest(op=edit.op), self.assertRaisesRegex(DomainError, "no longer in the program"):
                edit.apply(program())

    def test_a_day_holds_forty_lines(self) -> None:
        many = [AddLine(day="d1", line=f"l{n}", exercise="plank") for n in range(39)]
        with self.assertRaisesRegex(DomainError, "more than 40 lines"):
            apply_edits(program(), many)

    def test_one_edit_that_does_not_fit_stops_them_all(self) -> None:
        with self.assertRaises(DomainError):
            apply_edits(program(), [RemoveLine(line="squat"), RemoveLine(line="squat")])


class WireTest(TestCase):
    def test_edits_are_read_by_their_op_and_strictly(self) -> None:
        adapter: TypeAdapter[Edit] = TypeAdapter(Edit)
        self.assertEqual(adapter.validate_python({"op": "remove_line", "line": "squat"}), RemoveLine(line="squat"))
        for wrong in [
            {"op": "explode"},
            {"op": "remove_line"},
            {"op": "remove_line", "line": "a", "extra": 1},
            {"line": "a"},
        ]:
            with self.subTest(wrong=wrong), self.assertRaises(ValidationError):
                adapter.validate_python(wrong)
