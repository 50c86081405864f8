"""Targets, loads and whole prescriptions: bounds with a sentence, and what they come to."""

from collections.abc import Callable
from decimal import Decimal
from unittest import TestCase

from hypothesis import given

from tests.core.strategies import prescriptions
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.load_targets import (
    BodyweightLoad,
    Coded,
    LoadTarget,
    OpenLoad,
    SameAsLastTime,
    ShareOfMax,
    moved_kg,
)
from upright_anvil.core.prescription.model import OtherKit, Prescription, SideRule
from upright_anvil.core.prescription.schemes import Varied
from upright_anvil.core.prescription.schemes.back_off import BackOff, Cut
from upright_anvil.core.prescription.schemes.base import write_time
from upright_anvil.core.prescription.schemes.varied import write_loads
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds, Target, amount_of, reps_of, spoken
from upright_anvil.core.prescription.text.shorthand import read, write, write_parts

EIGHT = Reps(8, 8)


class TargetsTest(TestCase):
    def test_what_a_target_comes_to(self) -> None:
        for target, written, reps, amount, said in [
            (Reps(8, 10), "8-10", 10, 10, "8-10 reps"),
            (Reps(5, 5), "5", 5, 5, "5 reps"),
            (Most(), "max", 12, 12, "as many reps as possible"),
            (Most(20), "max to 20", 20, 20, "as many reps as possible, at most 20"),
            (Seconds(40), "40 s", None, 40, "40 s"),
            (Distance(20), "20 m", None, 20, "20 m"),
        ]:
            with self.subTest(written):
                found: Target = target
                self.assertEqual(
                    (str(found), reps_of(found), amount_of(found), spoken(found)), (written, reps, amount, said)
                )

    def test_bounds(self) -> None:
        makes: list[Callable[[], object]] = [
            lambda: Reps(0, 5),
            lambda: Reps(10, 8),
            lambda: Reps(5, 101),
            lambda: Most(0),
            lambda: Most(101),
            lambda: Seconds(0),
            lambda: Seconds(21_601),
            lambda: Distance(0),
            lambda: Distance(50_001),
        ]
        for make in makes:
            with self.subTest(make), self.assertRaisesRegex(DomainError, r"\w.*\.$"):
                make()


class LoadTargetsTest(TestCase):
    def test_written(self) -> None:
        for load, written in [
            (BodyweightLoad(), "bw"),
            (BodyweightLoad(Load.of(10, Unit.KG)), "bw + 10 kg"),
            (BodyweightLoad(Load.of(10, Unit.KG), assisted=True), "bw - 10 kg"),
            (ShareOfMax(Decimal("72.5")), "72.5 %"),
            (Coded("band", "red"), "band red"),
            (Coded("band", "A-2000"), "band A-2000"),
            (SameAsLastTime(), "last time"),
            (SameAsLastTime(Load.of(5, "lb")), "last time + 5 lb"),
            (OpenLoad(), "open load"),
        ]:
            with self.subTest(written):
                self.assertEqual(str(load), written)

    def test_bounds(self) -> None:
        makes: list[Callable[[], object]] = [
            lambda: ShareOfMax(Decimal("0.5")),
            lambda: ShareOfMax(Decimal(121)),
            lambda: ShareOfMax(Decimal("70.3")),
            lambda: SameAsLastTime(Load.of(0, Unit.KG)),
            lambda: BodyweightLoad(None, assisted=True),
        ]
        for make in makes:
            with self.subTest(make), self.assertRaises(DomainError):
                make()

    def test_nobody_can_say_what_moves_before_it_is_found(self) -> None:
        unknown: list[LoadTarget] = [ShareOfMax(Decimal(70)), Coded("band", "red"), SameAsLastTime(), OpenLoad()]
        for load in unknown:
            with self.subTest(str(load)):
                self.assertIsNone(moved_kg(load, Decimal(0), Decimal(80)))

    def test_lists_say_a_common_unit_once(self) -> None:
        self.assertEqual(write_loads((Load.of(60, Unit.KG), Load.of("62.5", Unit.KG))), "60/62.5 kg")
        self.assertEqual(write_loads((Load.of(60, Unit.KG), Load.of(135, "lb"))), "60 kg/135 lb")
        self.assertEqual(write_loads((ShareOfMax(Decimal(70)), ShareOfMax(Decimal(75)))), "70/75 %")
        self.assertEqual(write_loads((BodyweightLoad(), Load.of(5, Unit.KG))), "bw/5 kg")


class PrescriptionTest(TestCase):
    def test_what_does_not_go_together_is_refused(self) -> None:
        makes: list[Callable[[], object]] = [
            lambda: Prescription(3, EIGHT, reserve=2, rpe=Decimal(8)),
            lambda: Prescription(3, EIGHT, rpe=Decimal("8.3")),
            lambda: Prescription(3, EIGHT, side=SideRule.LEFT_FIRST),
            lambda: Prescription(3, EIGHT, each_side=True, side=SideRule.LEFT_ONLY),
            lambda: Prescription(3, EIGHT, activity="walk"),
            lambda: Prescription(3, EIGHT, others=(OtherKit(Load.of(8, Unit.KG), EIGHT),) * 5),
            lambda: Prescription(3, EIGHT, scheme=Varied((EIGHT, Reps(6, 6)))),
            lambda: Prescription(2, EIGHT, scheme=Varied((EIGHT, EIGHT))),
            lambda: Prescription(2, EIGHT, scheme=Varied()),
            lambda: Prescription(1, EIGHT, scheme=BackOff(3, EIGHT, Cut(10))),
        ]
        for number, make in enumerate(makes):
            with self.subTest(number=number), self.assertRaisesRegex(DomainError, r"\w.*\.$"):
                make()

    @given(prescriptions)
    def test_it_always_comes_to_at_least_one_set(self, prescription: Prescription) -> None:
        self.assertGreaterEqual(len(prescription.plans), 1)
        self.assertFalse(prescription.plans[0].at_once)
        left = prescription.left
        self.assertTrue(left is None or 0 <= left <= 10)

    @given(prescriptions)
    def test_the_two_halves_are_the_whole(self, prescription: Prescription) -> None:
        self.assertEqual(", ".join(part for part in write_parts(prescription) if part), write(prescription))

    def test_backing_off_takes_per_cents_exactly(self) -> None:
        for text, lighter in [
            ("1 x 5, 100 kg, back off 1 x 8 at -15 %", "85 kg"),
            ("1 x 5, 102.5 kg, back off 1 x 8 at -10 %", "92.25 kg"),
            ("1 x 5, 225 lb, back off 1 x 8 at -20 %", "180 lb"),
            ("1 x 5, 85 %, back off 1 x 8 at -10 %", "76.5 %"),
        ]:
            with self.subTest(text=text):
                self.assertEqual(str(read(text, Unit.KG).plans[1].load), lighter)

    def test_times_are_written_short(self) -> None:
        self.assertEqual([write_time(s) for s in (0, 45, 60, 65, 600)], ["0 s", "45 s", "1:00", "1:05", "10:00"])
