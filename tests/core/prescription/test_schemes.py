from decimal import Decimal
from unittest import TestCase

from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.load_targets import Coded, OpenLoad, SameAsLastTime, ShareOfMax
from upright_anvil.core.prescription.model import SideRule
from upright_anvil.core.prescription.schemes import SCHEMES, Density, EveryStart
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds
from upright_anvil.core.prescription.text.shorthand import ShorthandError, read, write


def told(text: str) -> list[str]:
    """Every set of a line, its target and load in words."""
    plans = read(text, Unit.KG).plans
    return [f"{'at once ' if p.at_once else ''}{p.target}{f' with {p.load}' if p.load else ''}" for p in plans]


class SchemesTest(TestCase):
    def test_what_each_scheme_comes_to_set_by_set(self) -> None:
        for text, sets in [
            ("2 x 8-10, 20 kg", ["8-10 with 20 kg", "8-10 with 20 kg"]),
            ("12/10/max, 16/18/20 kg", ["12 with 16 kg", "10 with 18 kg", "max with 20 kg"]),
            ("12/10 each side, 16 kg", ["12 with 16 kg", "10 with 16 kg"]),
            ("2 x 5, 70/80 %", ["5 with 70 %", "5 with 80 %"]),
            ("2 x 8, 60 kg, last set max to 20", ["8 with 60 kg", "max to 20 with 60 kg"]),
            ("1 x 10, 20 kg, drop to 15/10 kg", ["10 with 20 kg", "at once max with 15 kg", "at once max with 10 kg"]),
            ("1 x 5, 100 kg, back off 2 x 8 at 85 kg", ["5 with 100 kg", "8 with 85 kg", "8 with 85 kg"]),
            ("1 x 5, 100 kg, back off 1 x 8-10 at -15 %", ["5 with 100 kg", "8-10 with 85 kg"]),
            ("1 x 5, 80 %, back off 1 x 8 at -10 %", ["5 with 80 %", "8 with 72 %"]),
            ("2 x 3+2+1, pause 15 s", ["6", "6"]),
            ("3 x 5, every 60 s", ["5", "5", "5"]),
            ("most x 5, in 12:00", ["5"]),
            ("2 x 40 s, checkpoints 50/60 s", ["40 s", "40 s"]),
        ]:
            with self.subTest(text=text):
                self.assertEqual(told(text), sets)

    def test_every_scheme_is_listed_once(self) -> None:
        self.assertEqual(len(set(SCHEMES)), len(SCHEMES))

    def test_what_does_not_go_together_is_refused_with_its_place(self) -> None:
        for text, position, expected in [
            ("12/10/8, 16/18 kg", 9, "one for each of the 3 sets"),
            ("3 x 8, 16/18 kg", 7, "one for each of the 3 sets"),
            ("12/10, 16 kg, every 60 s", 14, "do not go with"),
            ("3 x 40 s, last set max", 10, "needs repetitions"),
            ("3 x 8, last set max to 5", 7, "at least 8"),
            ("3 x 8, 20 kg, drop to 25 kg", 14, "lighter load"),
            ("3 x 8, 20 kg, drop to 15/16 kg", 14, "lighter load"),
            ("1 x 5, 100 kg, back off 3 x 8 at -90 %", 15, "1 to 60 %"),
            ("1 x 5, bw, back off 3 x 8 at -10 %", 11, "needs a load"),
            ("1 x 5, 100 kg, back off 3 x 8 at 10 %", 15, "whole per cent"),
            ("3 x 8, pause 20 s", 7, "set in parts"),
            ("3 x 2+0+2", 0, "at least one repetition"),
            ("3 x 8, every 5 s", 7, "10 to 900"),
            ("3 x 8, in 12:00", 7, "'most x'"),
            ("most x 5", 8, "the time for most rounds"),
            ("3 x 8, checkpoints 50 s", 7, "timed work"),
            ("3 x 40 s, checkpoints 30 s", 10, "41 to 21600"),
            ("3 x 8, leave 2, rpe 8", 16, "only once"),
            ("3 x 8, rpe 11", 7, "1 to 10"),
            ("3 x 8, 0.3 %", 7, "1 to 120"),
            ("3 x 8 each side, left only", 17, "'left only' goes without"),
            ("3 x 8, or 8 kg x 0", 7, "1 to 100"),
            ("3 x 60 km", 4, "1 to 50000 m"),
        ]:
            with self.subTest(text=text), self.assertRaises(ShorthandError) as caught:
                read(text, Unit.KG)
            with self.subTest(text=text, part="why"):
                self.assertEqual(caught.exception.why.position, position)
                self.assertIn(expected, caught.exception.why.expected)


class KindsTest(TestCase):
    def test_targets(self) -> None:
        for text, target in [
            ("3 x max", Most()),
            ("3 x max up to 12", Most(12)),
            ("3 x as many as possible", Most()),
            ("2 x 1.5 km", Distance(1500)),
            ("4x20m", Distance(20)),
            ("1 x 20 min", Seconds(1200)),
            ("4x2+2+2", Reps(6, 6)),
        ]:
            with self.subTest(text=text):
                self.assertEqual(read(text, Unit.KG).target, target)

    def test_loads(self) -> None:
        for text, load in [
            ("3x5 75%", ShareOfMax(Decimal(75))),
            ("3x5 72.5 % of max", ShareOfMax(Decimal("72.5"))),
            ("3x5 band light-blue", Coded("band", "light-blue")),
            ("3x5 step Y", Coded("step", "Y")),
            ("3x5 last time", SameAsLastTime()),
            ("3x5 LAST TIME +2,5", SameAsLastTime(Load.of("2.5", Unit.KG))),
            ("3x5 open load", OpenLoad()),
        ]:
            with self.subTest(text=text):
                self.assertEqual(read(text, Unit.KG).load, load)

    def test_a_leading_side_means_each_side(self) -> None:
        line = read("3x8 alternate lead", Unit.KG)
        self.assertTrue(line.each_side)
        self.assertIs(line.side, SideRule.ALTERNATE)
        self.assertEqual(write(line), "3 x 8 each side, alternate lead")

    def test_rpe_is_a_reserve_said_the_other_way_round(self) -> None:
        self.assertEqual([read(f"3x8 rpe {rpe}", Unit.KG).left for rpe in ("10", "8", "8.5", "7,5")], [0, 2, 1, 2])

    def test_a_unit_said_once_holds_for_the_whole_list(self) -> None:
        self.assertEqual(write(read("3x5 60/70/80 lb", Unit.KG)), "3 x 5, 60/70/80 lb")
        self.assertEqual(write(read("30/40/50 s", Unit.KG)), "30 s/40 s/50 s")
        self.assertEqual(write(read("6 reps/2 km", Unit.KG)), "6 reps/2 km")
        self.assertEqual(write(read("3x5 20/bw/25 lb", Unit.KG)), "3 x 5, 20 lb/bw/25 lb")

    def test_clock_schemes_keep_their_seconds(self) -> None:
        self.assertEqual(read("10x5 every 1:30", Unit.KG).scheme, EveryStart(90))
        self.assertEqual(read("most x 5 in 12 min", Unit.KG).scheme, Density(720))
