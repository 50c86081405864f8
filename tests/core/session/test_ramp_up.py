from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.checks.plans import ROOM, SETTING, STUDIO
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.session.ramp_up import RampUp, ramp_up

SQUAT = SETTING.exercise("back-squat")


def up_to(text: str, kg: float | None, name: str = "back-squat", before: tuple[str, ...] = ()) -> RampUp:
    done: list[Exercise] = [SETTING.exercise(other) for other in before]
    working = None if kg is None else Load.of(str(kg), Unit.KG)
    return ramp_up(read(text, Unit.KG), working, SETTING.exercise(name), STUDIO, done)


class RampUpTest(TestCase):
    def test_heavier_work_takes_more_steps(self) -> None:
        steps = [len(up_to(f"3 x {reps}, leave 1", 140).sets) for reps in (3, 8, 15)]
        self.assertEqual(steps, [4, 3, 2])

    def test_loads_are_made_of_the_plates_there_are(self) -> None:
        found = up_to("3 x 5, leave 1", 100)
        self.assertEqual([(str(one.load), one.reps) for one in found.sets][:2], [("40 kg", 5), ("60 kg", 5)])
        self.assertEqual(found.why, f"{len(found.sets)} lighter sets up to 100 kg.")

    def test_the_steps_by_how_heavy_it_is(self) -> None:
        for text, kg, steps in (
            ("3 x 4, leave 2", 200, [("80 kg", 4), ("120 kg", 4), ("150 kg", 3), ("175 kg", 1)]),
            ("3 x 5, leave 2", 200, [("100 kg", 5), ("140 kg", 5), ("170 kg", 3)]),
            ("3 x 10, leave 2", 200, [("100 kg", 8), ("140 kg", 5), ("170 kg", 3)]),
            ("3 x 11, leave 2", 200, [("100 kg", 8), ("150 kg", 5)]),
            ("3 x 18, leave 2", 200, [("100 kg", 8), ("150 kg", 5)]),
            ("3 x 19, leave 2", 200, []),
            ("3 x 4, leave 2", 40, [("20 kg", 4), ("30 kg", 3), ("35 kg", 1)]),
        ):
            with self.subTest(text):
                self.assertEqual([(str(one.load), one.reps) for one in up_to(text, kg).sets], steps)

    def test_sets_with_a_load_each_are_led_up_to_unless_they_climb(self) -> None:
        for text, needed in (
            ("8/6/4, 60/80/100 kg", False),
            ("4/6/8, 100/80/60 kg", True),
            ("8/6/4, 80/100/80 kg", False),
            ("3 x 5, 100 kg", True),
        ):
            self.assertEqual(bool(up_to(text, 100).sets), needed, text)

    def test_none_where_they_would_be_pointless(self) -> None:
        for story, found in [
            ("small muscles", up_to("3 x 12, 10 kg", 10, "biceps-curl")),
            ("no load", up_to("3 x 12", None)),
            ("many reps", up_to("3 x 25, 40 kg", 40)),
            ("the bare bar", up_to("3 x 5, 20 kg", 20)),
            ("sets that climb by themselves", up_to("8/6/4, 60/80/100 kg", 60)),
            ("the same pattern done before", up_to("3 x 5, 80 kg", 80, "front-squat", ("back-squat",))),
            ("a hold", up_to("3 x 40 s", None, "plank")),
        ]:
            with self.subTest(story):
                self.assertEqual(found.sets, ())
                self.assertTrue(found.why)

    @given(st.integers(1, 20), st.integers(0, 4), st.sampled_from(["back-squat", "dumbbell-bench-press"]), st.data())
    def test_they_climb_below_the_working_load_and_can_be_made(
        self, reps: int, left: int, name: str, data: st.DataObject
    ) -> None:
        exercise = SETTING.exercise(name)
        place = data.draw(st.sampled_from([STUDIO, ROOM]))
        kind = exercise.implement_at(place)
        loads = [made.load for made in place.achievable(kind or ImplementKind.BARBELL)]
        if not loads:
            return
        working = data.draw(st.sampled_from(loads))
        found = ramp_up(read(f"3 x {reps}, leave {left}", Unit.KG), working, exercise, place, [])
        kilograms = [one.load.kg for one in found.sets]
        self.assertEqual(kilograms, sorted(set(kilograms)))
        self.assertTrue(all(kg < working.kg for kg in kilograms))
        self.assertTrue(all(one.load in loads and 1 <= one.reps <= reps for one in found.sets))
