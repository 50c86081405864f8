"""What double progression does with lines it does not lead: it holds, and says why."""

from datetime import date
from unittest import TestCase

from tests.core.checks.plans import SETTING, STUDIO
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.progression.model import Exposure, Lever, ProgressionContext
from upright_anvil.core.progression.policies.double_progression import propose


def proposed(text: str, reps: int = 10, seconds: int | None = None) -> tuple[Lever, str, str]:
    plan = read(text, Unit.KG)
    rows = tuple(
        PerformedSet(
            f"row-{n}",
            SetPosition("l", n),
            "back-squat",
            Outcome.DONE,
            reps=None if seconds else reps,
            seconds=seconds,
            load=Load.of(60, Unit.KG),
            reserve=2,
        )
        for n in range(1, len(plan.plans) + 1)
    )
    context = ProgressionContext(
        SETTING.exercise("back-squat"), STUDIO, plan, (Exposure(date(2026, 1, 5), plan, rows),)
    )
    found = propose(context)
    return found.lever, found.text, found.rule


class LedOtherwiseTest(TestCase):
    def test_it_holds_and_says_why(self) -> None:
        for text, why in [
            ("3 x 5, 75 %", "share of the maximum"),
            ("3 x 10, band red", "yours to say"),
            ("12/10/8, 60/65/70 kg", "Sets that differ"),
            ("10 x 5, 60 kg, every 1:00", "run by the clock"),
            ("3 x 8, 60 kg, ramp-up", "only lead up"),
            ("3 x max, 60 kg", "Nothing to climb to"),
        ]:
            with self.subTest(text=text):
                lever, kept, rule = proposed(text)
                self.assertEqual((lever, kept), (Lever.HOLD, text))
                self.assertIn(why, rule)

    def test_last_times_load_is_led_like_any_other(self) -> None:
        lever, text, _ = proposed("3 x 8-10, last time, leave 2")
        self.assertEqual((lever, text), (Lever.LOAD, "3 x 8-10, 62.5 kg, leave 2"))

    def test_a_reserve_said_as_rpe_is_kept(self) -> None:
        lever, text, _ = proposed("3 x 8-10, 60 kg, rpe 8")
        self.assertEqual((lever, text), (Lever.LOAD, "3 x 8-10, 62.5 kg, rpe 8"))
        lever, _, rule = proposed("3 x 8-10, 60 kg, rpe 7")
        self.assertEqual(lever, Lever.HOLD)
        self.assertIn("fewer reps left than asked", rule)
