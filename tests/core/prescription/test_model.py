from dataclasses import replace
from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.strategies import prescriptions
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.load_targets import BodyweightLoad, LoadTarget, moved_kg
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds, Target
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.prescription.text.shorthand import read, write

TARGETS: list[Target] = [Reps(8, 10), Seconds(40, low=20), Distance(5000), Most(20)]


class PrescriptionTest(TestCase):
    def test_bounds_are_kept_with_a_sentence(self) -> None:
        for make in [
            lambda: Prescription(0, Reps(8, 8)),
            lambda: Prescription(3, Reps(8, 8), rest=-1),
            lambda: Prescription(3, Reps(8, 8), reserve=11),
            lambda: Prescription(3, Reps(8, 8), load=Load(Decimal(0), Load.of(1, Unit.KG).unit)),
            lambda: BodyweightLoad(assisted=True),
            lambda: BodyweightLoad(Load.of(0, Unit.KG)),
            lambda: Tempo(61, 0, 0, 0),
        ]:
            with self.subTest(), self.assertRaisesRegex(DomainError, r"\S"):
                make()

    def test_explosive_counts_one_second(self) -> None:
        self.assertEqual(Tempo(3, 1, None, 0).rep_seconds, 5)
        self.assertEqual(Tempo(None, None, None, None).rep_seconds, 4)


class MovedTest(TestCase):
    def test_kilograms_that_move(self) -> None:
        pull_up, bar, body = Decimal(1), Decimal(0), Decimal(80)
        cases: list[tuple[LoadTarget | None, Decimal, Decimal | None, str | None]] = [
            (Load.of(60, Unit.KG), bar, None, "60"),
            (Load.of(100, "lb"), bar, None, "45.359237"),
            (None, bar, body, None),
            (BodyweightLoad(), pull_up, body, "80"),
            (BodyweightLoad(Load.of(10, Unit.KG)), pull_up, body, "90"),
            (BodyweightLoad(Load.of(15, Unit.KG), assisted=True), pull_up, body, "65"),
            (BodyweightLoad(Load.of(90, Unit.KG), assisted=True), pull_up, body, "0"),
            (BodyweightLoad(), Decimal("0.64"), body, "51.2"),
            (None, pull_up, body, "80"),
            (BodyweightLoad(), pull_up, None, None),
            (BodyweightLoad(), bar, body, None),
        ]
        for load, share, weight, expected in cases:
            with self.subTest(load=str(load), share=share):
                moved = moved_kg(load, share, weight)
                self.assertEqual(moved, None if expected is None else Decimal(expected))


class ChangedTest(TestCase):
    @given(prescriptions, st.integers(1, 20), st.none() | st.integers(0, 1800), st.sampled_from(TARGETS))
    def test_a_change_leaves_nothing_without_sense(
        self, asked: Prescription, sets: int, rest: int | None, target: Target
    ) -> None:
        """Whatever a rule makes of sets, rest and target, it holds together and reads back."""
        changed = replace(asked, sets=sets, rest=rest, target=target, scheme=None, activity="")
        self.assertEqual(read(write(changed), Unit.KG), changed)

    @given(st.integers(2, 3600), st.integers(0, 3599), st.integers(2, 3600))
    def test_a_range_of_seconds_moves_as_a_whole(self, most: int, low: int, to: int) -> None:
        held = Seconds(most, low=min(low, most - 1))
        moved = held.moved_to(to)
        self.assertEqual(moved.seconds, to)
        if to <= most:
            self.assertLessEqual(moved.least, held.least)
