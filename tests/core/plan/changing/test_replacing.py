"""Finding an exercise, a load or a rest all over a program and putting another in its place."""

from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.checks.plans import SETTING, STUDIO, plan
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ExerciseId, WeekId
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.changing.replacing import Replaced, ReplaceWish, replacements
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits import apply_edits
from upright_anvil.core.plan.read_out.reading import prescription_or_none

PROGRAM = plan(
    (0, ("back-squat: 3 x 8, 60 kg, rest 2:00 | 3 x 8, 62.5 kg, rest 2:00", "split-squat: 3 x 8 each side, 16 kg")),
    (3, ("bench-press: 3 x 8, 60 kg, tempo 3-0-1-0, rest 90 s | 3 x ?", "pull-up: 3 x 6, bw")),
    kinds="bb",
)


def after(wish: ReplaceWish, program: Program = PROGRAM) -> dict[str, list[str]]:
    changed = apply_edits(program, replacements(program, wish, SETTING))
    return {x.exercise: [cell.text for cell in x.cells] for p in changed.phases for d in p.days for x in d.lines}


class ReplacingTest(TestCase):
    def test_a_load(self) -> None:
        for find, put, squat, bench in [
            ("60 kg", "65", ["3 x 8, 65 kg, rest 2:00", "3 x 8, 62.5 kg, rest 2:00"], "65 kg"),
            ("60", "+5", ["3 x 8, 65 kg, rest 2:00", "3 x 8, 62.5 kg, rest 2:00"], "65 kg"),
            ("", "-10 %", ["3 x 8, 52.5 kg, rest 2:00", "3 x 8, 55 kg, rest 2:00"], "52.5 kg"),
            ("", "+1", ["3 x 8, 60 kg, rest 2:00", "3 x 8, 62.5 kg, rest 2:00"], "60 kg"),
            ("60", "+10 lb", ["3 x 8, 62.5 kg, rest 2:00", "3 x 8, 62.5 kg, rest 2:00"], "62.5 kg"),
            ("60", "+4", ["3 x 8, 62.5 kg, rest 2:00", "3 x 8, 62.5 kg, rest 2:00"], "62.5 kg"),
            ("60", "75 %", ["3 x 8, 75 %, rest 2:00", "3 x 8, 62.5 kg, rest 2:00"], "75 %"),
        ]:
            with self.subTest(find=find, put=put):
                found = after(ReplaceWish(Replaced.LOAD, find, put))
                self.assertEqual(found["back-squat"], squat)
                self.assertIn(bench, found["bench-press"][0])
                self.assertEqual(found["bench-press"][1], "3 x ?")
                self.assertEqual(found["pull-up"], ["3 x 6, bw"] * 2)

    def test_narrowed_to_an_exercise_and_to_later_weeks(self) -> None:
        only = ReplaceWish(Replaced.LOAD, "", "+10", exercise=ExerciseId("back-squat"), from_week=WeekId("w2"))
        found = after(only)
        self.assertEqual(found["back-squat"], ["3 x 8, 60 kg, rest 2:00", "3 x 8, 72.5 kg, rest 2:00"])
        self.assertIn("60 kg", found["bench-press"][0])
        self.assertEqual(replacements(PROGRAM, ReplaceWish(Replaced.LOAD, "", "+10", phase="other"), SETTING), [])

    def test_a_rest(self) -> None:
        self.assertIn("rest 1:15", after(ReplaceWish(Replaced.REST, "90", "75"))["bench-press"][0])
        self.assertIn("rest 2:30", after(ReplaceWish(Replaced.REST, "2:00", "+30"))["back-squat"][1])
        self.assertIn("rest 0 s", after(ReplaceWish(Replaced.REST, "", "-600"))["back-squat"][0])

    def test_an_exercise_takes_sides_and_tempo_with_it(self) -> None:
        one = after(ReplaceWish(Replaced.EXERCISE, "split-squat", "goblet-squat"))
        self.assertEqual(one["goblet-squat"], ["3 x 8"] * 2, "nothing is known of it")
        two = after(ReplaceWish(Replaced.EXERCISE, "back-squat", "front-squat"))
        self.assertEqual([cell.split(", ")[1] for cell in two["front-squat"]], ["60 kg", "62.5 kg"], "never more")
        three = after(ReplaceWish(Replaced.EXERCISE, "bench-press", "plank"))
        self.assertEqual(three["plank"][0], "3 x 8, rest 1:30")

    def test_what_cannot_be_done_is_said(self) -> None:
        for wish in (
            ReplaceWish(Replaced.LOAD, "", "heavy"),
            ReplaceWish(Replaced.LOAD, "pancakes", "60"),
            ReplaceWish(Replaced.REST, "", "soon"),
            ReplaceWish(Replaced.REST, "", "9999"),
            ReplaceWish(Replaced.EXERCISE, "back-squat", "back-squat"),
        ):
            with self.subTest(wish.put), self.assertRaises(DomainError):
                replacements(PROGRAM, wish, SETTING)
        self.assertEqual(replacements(PROGRAM, ReplaceWish(Replaced.LOAD, "61", "65"), SETTING), [])

    @given(st.decimals(-80, 80, places=1), st.sampled_from(("", " %", " kg")))
    def test_a_load_that_is_raised_or_lowered_can_be_lifted(self, by: object, unit: str) -> None:
        program = plan((0, ("back-squat: 3 x 8, 60 kg",)))
        text = after(ReplaceWish(Replaced.LOAD, "", f"{by:+}{unit}"), program)["back-squat"][0]
        asked = prescription_or_none(text, Unit.KG)
        assert asked and isinstance(asked.load, Load)
        self.assertIsNotNone(STUDIO.find(ImplementKind.BARBELL, asked.load), text)
