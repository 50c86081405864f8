from decimal import Decimal
from unittest import TestCase

from upright_anvil.core.strength.plausible import doubt


class PlausibleTest(TestCase):
    def test_what_is_asked_about(self) -> None:
        for estimate, best, says in [
            ("80", "78", ""),
            ("100", "78", ""),
            ("110", "78", "41 % more strength"),
            ("170", "78", "Were those pounds?"),
            ("800", "78", "Is it right?"),
        ]:
            with self.subTest(estimate):
                found = doubt(Decimal(estimate), Decimal(best))
                self.assertIn(says, found)
                self.assertEqual(found == "", says == "")
        self.assertNotIn("pounds", doubt(Decimal(800), Decimal(78)))

    def test_nothing_known_is_nothing_to_ask(self) -> None:
        for estimate, best in [(None, Decimal(80)), (Decimal(80), None), (Decimal(0), Decimal(80))]:
            self.assertEqual(doubt(estimate, best), "")
