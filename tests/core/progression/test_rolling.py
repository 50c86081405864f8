from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.progression.story import EXERCISES, PLACE
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.core.progression.moves.steps import Kit
from upright_anvil.core.progression.rolling import LaterWeek, rolled

SQUAT = Kit(EXERCISES["squat"], PLACE, Decimal(80))
PUSH_UP = Kit(EXERCISES["push-up"], PLACE, Decimal(80))
LOADS = [made.load for made in PLACE.achievable(EXERCISES["squat"].implements[0])]


def texts(said: str, decided: str, later: list[str], kit: Kit = SQUAT, easing: int = -1) -> list[str | None]:
    weeks = [LaterWeek(read(text, Unit.KG), easing_off=n == easing) for n, text in enumerate(later)]
    return [write(p) if p else None for p in rolled(read(said, Unit.KG), read(decided, Unit.KG), weeks, kit)]


class RolledTest(TestCase):
    def test_stories(self) -> None:
        for story, said, decided, later, expected in [
            ("words that were the same", "3 x 8, 60 kg", "3 x 8, 62.5 kg", ["3 x 8, 60 kg"], ["3 x 8, 62.5 kg"]),
            ("a climb goes on from there", "3 x 8, 60 kg", "3 x 8, 65 kg", ["3 x 8, 62.5 kg"], ["3 x 8, 67.5 kg"]),
            ("a climb after a step back", "3 x 8, 60 kg", "3 x 8, 55 kg", ["3 x 8, 65 kg"], ["3 x 8, 60 kg"]),
            ("more reps asked for first", "3 x 8, 60 kg", "3 x 9, 60 kg", ["3 x 8, 62.5 kg"], ["3 x 9, 62.5 kg"]),
            ("sets that climb", "3 x 8, 60 kg", "3 x 8, 62.5 kg", ["4 x 8, 60 kg"], ["4 x 8, 62.5 kg"]),
            ("a set more", "3 x 8, 60 kg", "4 x 8, 60 kg", ["4 x 8, 60 kg"], ["5 x 8, 60 kg"]),
            ("no rise past the cap", "3 x 8, 50 kg", "3 x 8, 60 kg", ["3 x 8, 60 kg"], ["3 x 8, 65 kg"]),
            ("and none past what came of it", "3 x 8, 40 kg", "3 x 8, 60 kg", ["3 x 8, 50 kg"] * 2,
             ["3 x 8, 65 kg", "3 x 8, 70 kg"]),
            ("nothing heavier than there is", "3 x 8, 90 kg", "3 x 8, 130 kg", ["3 x 8, 95 kg"], ["3 x 8, 127.5 kg"]),
            ("less left week by week", "3 x 8, 60 kg, leave 3", "3 x 8, 65 kg, leave 3",
             ["3 x 8, 60 kg, leave 2"], ["3 x 8, 65 kg, leave 2"]),
            ("a slower tempo", "3 x 8, 60 kg, tempo 2-0-1-0", "3 x 8, 60 kg, tempo 4-0-1-0",
             ["3 x 8, 62.5 kg, tempo 2-0-1-0"], ["3 x 8, 62.5 kg, tempo 4-0-1-0"]),
            ("rests that shrink", "3 x 8, 60 kg, rest 2:00", "3 x 8, 65 kg, rest 2:00",
             ["3 x 8, 60 kg, rest 1:45"], ["3 x 8, 65 kg, rest 1:45"]),
            ("holds within the cap", "3 x 30 s", "3 x 30 s", ["3 x 40 s", "3 x 50 s"], ["3 x 33 s", "3 x 36 s"]),
            ("shares of the max", "3 x 5, 70 %", "3 x 5, 75 %", ["3 x 5, 80 %"], ["3 x 5, 85 %"]),
            ("a pyramid keeps its words", "3 x 8, 60 kg", "3 x 8, 65 kg", ["12/10/8, 50/55/60 kg"], [None]),
            ("the other target keeps its own", "3 x 8, 60 kg", "3 x 8, 65 kg", ["3 x 40 s, 60 kg"], ["3 x 8, 65 kg"]),
        ]:  # fmt: skip
            with self.subTest(story):
                self.assertEqual(texts(said, decided, later), expected)

    def test_a_week_elsewhere_takes_what_there_is(self) -> None:
        away = Kit(EXERCISES["squat"], read_equipment("bar 20, plates 2x5 2x10", Unit.KG).inventory, Decimal(80))
        weeks = [LaterWeek(read("3 x 8, 60 kg", Unit.KG), kit=away), LaterWeek(read("3 x 8, 60 kg", Unit.KG))]
        found = rolled(read("3 x 8, 60 kg", Unit.KG), read("3 x 8, 62.5 kg", Unit.KG), weeks, SQUAT)
        self.assertEqual([write(p) for p in found if p], ["3 x 8, 50 kg", "3 x 8, 62.5 kg"])

    def test_an_easing_off_week_eases_from_there_and_the_climb_goes_past_it(self) -> None:
        found = texts("3 x 8, 60 kg", "3 x 8, 65 kg", ["3 x 8, 62.5 kg", "2 x 8, 55 kg", "3 x 8, 65 kg"], easing=1)
        self.assertEqual(found, ["3 x 8, 67.5 kg", "2 x 8, 60 kg", "3 x 8, 70 kg"])

    def test_body_weight_climbs_through_what_hangs_on_it(self) -> None:
        found = texts("3 x 8, bw", "3 x 8, bw + 2.5 kg", ["3 x 8, bw", "3 x 8, bw + 2.5 kg"], PUSH_UP)
        self.assertEqual(found, ["3 x 8, bw + 2.5 kg", "3 x 8, bw + 5 kg"])
        found = texts("3 x 8, bw - 20 kg", "3 x 8, bw - 5 kg", ["3 x 8, bw - 10 kg"], PUSH_UP)
        self.assertEqual(found, ["3 x 8, bw - 5 kg"], "body weight alone is past the cap")

    def test_a_rung_with_an_open_load_takes_the_place_of_every_load(self) -> None:
        self.assertEqual(texts("3 x 8, 60 kg", "3 x 8, open load", ["3 x 8, 62.5 kg"], PUSH_UP), ["3 x 8, open load"])

    @given(
        st.sampled_from(LOADS),
        st.sampled_from(LOADS),
        st.lists(st.decimals(min_value=1, max_value=400, places=1), min_size=1, max_size=8),
    )
    def test_no_week_passes_the_cap_nor_a_load_nobody_owns(
        self, said: Load, decided: Load, later: list[Decimal]
    ) -> None:
        found = texts(f"3 x 8, {said}", f"3 x 8, {decided}", [f"3 x 8, {kg} kg" for kg in later])
        before = decided.kg
        for text in found:
            assert text
            load = read(text, Unit.KG).load
            assert isinstance(load, Load)
            self.assertIn(load.kg, {made.kg for made in LOADS})
            self.assertLessEqual(load.kg, before * Decimal("1.10"))
            before = load.kg
