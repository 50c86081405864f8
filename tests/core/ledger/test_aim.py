from unittest import TestCase

from upright_anvil.core.ledger.aim import FREE_AIM, Aim, aim_for
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.text.shorthand import read


class AimTest(TestCase):
    def test_what_one_tap_logs(self) -> None:
        sixty, ten_pounds = Load.of(60, Unit.KG), Load.of("4.5359237", Unit.KG)
        for story, text, last_reps, last_load, expected in [
            ("a fixed number is logged as planned", "3 x 8, 60 kg, leave 2", 6, sixty, Aim(8, None, sixty, False, 2)),
            ("a range starts at its bottom", "3 x 8-10, 60 kg", None, None, Aim(8, None, sixty)),
            ("last time's reps at the same load", "3 x 8-10, 60 kg", 9, sixty, Aim(9, None, sixty)),
            ("never above the range", "3 x 8-10, 60 kg", 12, sixty, Aim(10, None, sixty)),
            ("another load starts anew", "3 x 8-10, 62.5 kg", 10, sixty, Aim(8, None, Load.of("62.5", Unit.KG))),
            ("no planned load takes last time's", "3 x 8-10", 9, sixty, Aim(9, None, sixty)),
            ("the reps at the bottom are the bottom", "3 x 8-10, 60 kg", 8, sixty, Aim(8, None, sixty)),
            ("never below the range", "3 x 8-10, 60 kg", 5, sixty, Aim(8, None, sixty)),
            (
                "the same mass in the other unit",
                "3 x 8-10, 10 lb",
                9,
                ten_pounds,
                Aim(9, None, Load.of(10, Unit.LB)),
            ),
            ("last time's load was none", "3 x 8-10, 60 kg", 10, None, Aim(8, None, sixty)),
            ("no load then or now", "3 x 8-10", 10, None, Aim(10, None, None)),
            ("holds are held", "3 x 40 s", None, None, Aim(None, 40, None)),
            ("added to body weight", "3 x 5, bw + 10 kg", None, None, Aim(5, None, Load.of(10, Unit.KG))),
            ("taken off body weight", "3 x 5, bw - 10 kg", None, None, Aim(5, None, Load.of(10, Unit.KG), True)),
        ]:
            with self.subTest(story):
                self.assertEqual(aim_for(read(text, Unit.KG), last_reps, last_load), expected)

    def test_an_unreadable_plan_offers_last_time(self) -> None:
        self.assertEqual(aim_for(None, None, None), FREE_AIM)
        self.assertEqual(aim_for(None, 12, Load.of(5, Unit.KG)), Aim(12, None, Load.of(5, Unit.KG)))

    def test_sets_that_differ_and_other_targets(self) -> None:
        for story, text, number, last, expected in [
            ("the second of a pyramid", "12/10/8, 16/18/20 kg", 2, None, Aim(10, None, Load.of(18, Unit.KG))),
            (
                "the open end starts from last time",
                "12/10/max, 16/18/20 kg",
                3,
                14,
                Aim(14, None, Load.of(20, Unit.KG)),
            ),
            ("the open end without a last time", "3 x max, 20 kg", 1, None, Aim(8, None, Load.of(20, Unit.KG))),
            ("never above the cap", "3 x max to 10, 20 kg", 1, 14, Aim(10, None, Load.of(20, Unit.KG))),
            (
                "a distance is logged in metres",
                "3 x 40 m, 24 kg",
                1,
                None,
                Aim(None, None, Load.of(24, Unit.KG), metres=40),
            ),
            (
                "a back-off set has its own load",
                "1 x 5, 100 kg, back off 2 x 8 at 85 kg",
                2,
                None,
                Aim(8, None, Load.of(85, Unit.KG)),
            ),
            ("rpe says the reserve", "3 x 8, 60 kg, rpe 8.5", 1, None, Aim(8, None, Load.of(60, Unit.KG), False, 1)),
            ("a share of the max takes last time's load", "3 x 5, 75 %", 1, None, Aim(5, None, None)),
        ]:
            with self.subTest(story):
                plan = read(text, Unit.KG)
                self.assertEqual(aim_for(plan, last, None, plan.plans[number - 1]), expected)
