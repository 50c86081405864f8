from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.library.samples import NONE, PAIRS, STUDIO
from upright_anvil.core.library.starting_load import KnownLoad, starting_load
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.formats.shipped.exercise_file import shipped_exercises

ALL = shipped_exercises()
KIN = sorted(e.id for e in ALL.values() if e.family == "squat" and ImplementKind.BODYWEIGHT not in e.implements)


def start(
    exercise: str, max_kg: int, to: str, place: Inventory = STUDIO, body: int | None = 80, reps: int = 8
) -> tuple[str, Decimal] | None:
    known_with = ALL[exercise].implement_at(STUDIO)
    assert known_with
    known = KnownLoad(ALL[exercise], known_with, Decimal(max_kg))
    found = starting_load(known, ALL[to], place, Decimal(body) if body else None, Unit.KG, reps, 2)
    return (str(found.load), found.unrounded_kg) if found else None


class StartingLoadTest(TestCase):
    def test_shares_of_the_family_the_reps_and_ten_per_cent_held_back(self) -> None:
        # 100 kg back squat -> 82 kg front squat; 10 reps to failure = 75 %: 61.5 kg; 10 % held back: 55.35 kg.
        found = start("back-squat", 100, "front-squat")
        assert found
        self.assertEqual(found[0], "55 kg")
        self.assertAlmostEqual(float(found[1]), 55.35, places=1)

    def test_each_implement_has_its_own_share(self) -> None:
        self.assertEqual((start("deadlift", 150, "romanian-deadlift", PAIRS) or ("",))[0], "24 kg")
        self.assertEqual((start("deadlift", 150, "romanian-deadlift") or ("",))[0], "72.5 kg")

    def test_body_weight_moves_count_the_body(self) -> None:
        self.assertEqual((start("lat-pulldown", 130, "pull-up", body=70) or ("",))[0], "bw + 10 kg")
        self.assertIsNone(start("lat-pulldown", 60, "pull-up", body=80))
        self.assertIsNone(start("lat-pulldown", 110, "pull-up", body=None))
        self.assertEqual((start("bench-press", 90, "push-up", NONE) or ("",))[0], "bw")

    def test_no_kin_no_load(self) -> None:
        self.assertIsNone(start("back-squat", 100, "bench-press"))
        self.assertIsNone(start("back-squat", 100, "bodyweight-squat"))

    def test_too_weak_for_the_lightest_load(self) -> None:
        self.assertIsNone(start("back-squat", 10, "front-squat"))

    @given(st.integers(5, 400), st.sampled_from(KIN), st.integers(1, 20))
    def test_it_can_be_lifted_there_and_is_never_rounded_up(self, max_kg: int, to: str, reps: int) -> None:
        known = KnownLoad(ALL["back-squat"], ImplementKind.BARBELL, Decimal(max_kg))
        found = starting_load(known, ALL[to], STUDIO, Decimal(80), Unit.KG, reps, 2)
        if found:
            assert isinstance(found.load, Load) and not isinstance(found.load, BodyweightLoad)
            implement = ALL[to].implement_at(STUDIO)
            assert implement
            self.assertIsNotNone(STUDIO.find(implement, found.load))
            self.assertLessEqual(found.load.kg, found.unrounded_kg + Decimal("0.01"))
            self.assertIn("estimated maximum", found.why)
