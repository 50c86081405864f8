from unittest import TestCase

from tests.core.progression.test_steps import at
from upright_anvil.core.progression.registry import POLICIES, led_by


class FittingTest(TestCase):
    """A policy that cannot lead a line says why and leaves it to double progression: never a wrong number."""

    def test_who_can_lead_what(self) -> None:
        can = {
            "3 x 8, 60 kg": {"double-progression", "linear", "reserve-led", "sets", "density", "control"},
            "5 x 5, 75 %": {"double-progression", "wave", "sets", "density"},
            "3 x 40 s": {"double-progression", "sets", "density", "holds", "timed", "distance"},
            "12/10/8, 40/45/50 kg": {"double-progression", "differing"},
            "10 x 5, 24 kg, every 60 s": {"double-progression", "rounds"},
            "3 x 12, 12 kg, or 16 kg x 8-10": {"double-progression", "any-kit", "sets", "density"},
            "3 x 8, 60 kg, ramp-up": {"double-progression"},
            "4 x max, 20 kg": {"double-progression", "sets"},
        }
        for text, wanted in can.items():
            with self.subTest(text):
                context = at(
                    "plank" if text.endswith("s") else "squat", text, "40 40 40" if text.endswith("s") else "8 8 8"
                )
                fitting = {one.id for one in POLICIES.values() if not one.fits(context)}
                self.assertEqual(fitting, wanted)

    def test_a_misfit_is_said_with_what_it_needs(self) -> None:
        for policy, text, says in [
            ("wave", "3 x 8, 60 kg", "Per cent waves cannot lead this line. It needs repetitions at a share"),
            ("linear", "5 x 5, 75 %", "Linear steps cannot lead this line. It needs a load in kilograms"),
            ("holds", "3 x 8, 60 kg", "Holds cannot lead this line. It needs holds or timed work"),
            ("skill", "3 x 8, 60 kg", "Skill cannot lead this line. No harder rung"),
        ]:
            with self.subTest(policy):
                found = led_by(policy, at("squat", text))
                self.assertTrue(found.rule.startswith(says), found.rule)
                self.assertEqual(found.policy, "double-progression")
