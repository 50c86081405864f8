from dataclasses import replace
from decimal import Decimal
from unittest import TestCase

from hypothesis import assume, given
from hypothesis import strategies as st

from tests.core.progression.story import EXERCISES, PLACE, TODAY, rows
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.features import Feature
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.progression.model import Exposure, ProgressionContext
from upright_anvil.core.progression.moves.steps import (
    Kit,
    eased,
    longest_stride,
    moved,
    nearest_to,
    step_down,
    step_up,
    within_cap,
)


def at(exercise: str, text: str, did: str = "8 8 8") -> ProgressionContext:
    asked = read(text, Unit.KG)
    return ProgressionContext(
        EXERCISES[exercise], PLACE, asked, (Exposure(TODAY, asked, rows(text, did)),), Decimal(80)
    )


BAR = Feature.PULL_UP_BAR
SQUAT = at("squat", "3 x 8, 60 kg")
LOADS = [made.load for made in PLACE.achievable(EXERCISES["squat"].implements[0])]
loads = st.sampled_from(LOADS)
cuts = st.integers(1, 60).map(lambda n: Decimal(n) / 100)


class StepsTest(TestCase):
    def test_the_neighbours_of_a_load(self) -> None:
        for load, up, down in [("60", "62.5 kg", "57.5 kg"), ("20", "22.5 kg", None), ("100", "102.5 kg", "97.5 kg")]:
            with self.subTest(load):
                above, below = step_up(SQUAT, Load.of(load, Unit.KG)), step_down(SQUAT, Load.of(load, Unit.KG))
                self.assertEqual((above and str(above.to), below and str(below.to)), (up, down))

    def test_body_weight_goes_up_by_what_hangs_on_the_belt_and_assistance_is_left_alone(self) -> None:
        push = at("push-up", "3 x 8, bw")
        up = step_up(push, BodyweightLoad())
        assert up
        self.assertEqual(up.to, BodyweightLoad(Load.of("2.5", Unit.KG)))
        self.assertAlmostEqual(float(up.share), 2.5 / (80 * 0.65), places=4)
        self.assertIsNone(step_up(push, BodyweightLoad(Load.of(10, Unit.KG), assisted=True)))

    def test_without_a_body_weight_nothing_can_be_measured(self) -> None:
        self.assertIsNone(step_up(replace(at("push-up", "3 x 8, bw"), body_kg=None), BodyweightLoad()))

    @given(loads, cuts)
    def test_easing_goes_below_what_the_cut_leaves_or_to_the_lightest(self, load: Load, cut: Decimal) -> None:
        found = eased(SQUAT, load, cut)
        if found is None:
            self.assertEqual(load.kg, min(one.kg for one in LOADS))
            return
        assert isinstance(found.to, Load)
        self.assertIn(found.to, LOADS)
        self.assertLess(found.to.kg, load.kg)
        lightest = min(one.kg for one in LOADS)
        self.assertTrue(found.to.kg <= load.kg * (1 - cut) or found.to.kg == lightest)
        above = [one for one in LOADS if found.to.kg < one.kg <= load.kg * (1 - cut)]
        self.assertEqual(above, [])

    @given(loads, cuts)
    def test_within_a_cap_is_the_heaviest_there_is(self, load: Load, cap: Decimal) -> None:
        found = within_cap(SQUAT, load, cap)
        reach = [one.kg for one in LOADS if load.kg < one.kg <= load.kg * (1 + cap)]
        self.assertEqual(found and isinstance(found.to, Load) and found.to.kg, max(reach) if reach else None)

    @given(loads, st.integers(-40, 40).map(lambda n: Decimal(n) / 100))
    def test_the_nearest_is_nearer_than_its_neighbours_and_never_past_the_cap(self, load: Load, share: Decimal) -> None:
        assume(share)
        found = nearest_to(SQUAT, load, min(share, SQUAT.step_cap), SQUAT.step_cap)
        chosen = found.share if found else Decimal(0)
        self.assertLessEqual(chosen, SQUAT.step_cap)
        wanted = min(share, SQUAT.step_cap)
        others = [one.kg / load.kg - 1 for one in LOADS if one.kg / load.kg - 1 <= SQUAT.step_cap]
        self.assertAlmostEqual(float(abs(chosen - wanted)), float(min(abs(o - wanted) for o in others)), places=6)

    def test_what_moves(self) -> None:
        self.assertEqual(moved(SQUAT, Load.of(60, Unit.KG)), 60)
        self.assertEqual(
            moved(at("push-up", "3 x 8, bw"), BodyweightLoad(Load.of(8, Unit.KG))), Decimal(80) * Decimal("0.65") + 8
        )

    def test_assistance_shrinks_to_body_weight_alone_and_comes_back(self) -> None:
        place = read_equipment("belt 2.5 5\nassistance 5-20 by 5", Unit.KG).inventory
        pull_up = Exercise("p", "Pull-up", Pattern.PULL_VERTICAL, (), bodyweight_share=Decimal(1), needs=(BAR,))
        kit = Kit(pull_up, place, Decimal(80))
        ladder = ["bw - 20 kg", "bw - 15 kg", "bw - 10 kg", "bw - 5 kg", "bw", "bw + 2.5 kg", "bw + 5 kg"]
        up, down = [ladder[0]], [ladder[-1]]
        while (step := step_up(kit, read(f"3 x 8, {up[-1]}", Unit.KG).load)) is not None:  # type: ignore[arg-type]
            self.assertGreater(step.share, 0)
            up.append(str(step.to))
        while (step := step_down(kit, read(f"3 x 8, {down[-1]}", Unit.KG).load)) is not None:  # type: ignore[arg-type]
            self.assertLess(step.share, 0)
            down.append(str(step.to))
        self.assertEqual((up, down[::-1]), (ladder, ladder))
        self.assertIsNone(step_down(Kit(EXERCISES["push-up"], place, Decimal(80)), BodyweightLoad()), "nothing helps")

    def test_small_muscles_take_half_the_stride(self) -> None:
        for movers, stride in [((Muscle.BICEPS,), "0.05"), ((Muscle.CHEST, Muscle.TRICEPS), "0.10"), ((), "0.10")]:
            with self.subTest(movers):
                exercise = replace(EXERCISES["press"], movers=movers)
                self.assertEqual(longest_stride(exercise, Decimal("0.10")), Decimal(stride))
