"""What a line asks once it trains another exercise: sides, tempo, and never a load that nothing speaks for."""

from dataclasses import replace
from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.checks.plans import SETTING
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.changing.suited import suited, swapped
from upright_anvil.core.prescription.text.shorthand import read, write

EXERCISES = SETTING.exercises
NOTHING = replace(SETTING, max_kg={})


class SuitedTest(TestCase):
    def test_sides_and_tempo_follow_the_exercise(self) -> None:
        for text, exercise, expected in [
            ("3 x 8, tempo 3-0-1-0", "split-squat", "3 x 8 each side, tempo 3-0-1-0"),
            ("3 x 8 each side, 12 kg", "goblet-squat", "3 x 8, 12 kg"),
            ("3 x 8 each side, left first", "goblet-squat", "3 x 8"),
            ("3 x 8, tempo 3-0-1-0", "box-jump", "3 x 8"),
        ]:
            with self.subTest(text):
                self.assertEqual(write(suited(read(text, Unit.KG), EXERCISES[exercise])), expected)

    def test_loads(self) -> None:
        for before, after, profile, text, expected in [
            ("back-squat", "bench-press", SETTING, "3 x 8, 120 kg, leave 2", "3 x 8, 75 kg, leave 2"),
            ("back-squat", "front-squat", SETTING, "3 x 8, 60 kg, leave 2", "3 x 8, 60 kg, leave 2"),
            ("back-squat", "goblet-squat", NOTHING, "3 x 8, 100 kg", "3 x 8"),
            ("back-squat", "push-up", SETTING, "3 x 8, 100 kg", "3 x 8"),
            ("back-squat", "bench-press", NOTHING, "3 x 5, 100/110/120 kg", "3 x 5"),
            ("back-squat", "bench-press", SETTING, "3 x 5, 80 %", "3 x 5, 80 %"),
        ]:
            with self.subTest(f"{before} to {after}: {text}"):
                asked = read(text, Unit.KG)
                self.assertEqual(write(swapped(asked, EXERCISES[before], EXERCISES[after], profile)), expected)

    @given(
        st.sampled_from(sorted(EXERCISES)),
        st.sampled_from(sorted(EXERCISES)),
        st.integers(1, 20),
        st.decimals(1, 200, places=1),
        st.booleans(),
    )
    def test_without_an_estimate_of_its_own_no_load_goes_up(
        self, before: str, after: str, reps: int, kg: Decimal, known: bool
    ) -> None:
        profile = SETTING if known else NOTHING
        asked = replace(read(f"3 x {reps}", Unit.KG), load=Load.of(kg, Unit.KG))
        then = swapped(asked, EXERCISES[before], EXERCISES[after], profile)
        if isinstance(then.load, Load) and after not in profile.max_kg:
            self.assertLessEqual(then.load.kg, asked.load.kg)
