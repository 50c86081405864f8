"""Secrets of signing in."""

import unittest

from argon2 import PasswordHasher

from upright_anvil.services.people.secrets import UNKNOWN, hashed, matches


class SecretsTest(unittest.TestCase):
    def test_what_is_said_is_what_was_hashed_or_is_not(self) -> None:
        kept = hashed("four words are enough")
        self.assertTrue(matches(kept, "four words are enough"))
        self.assertFalse(matches(kept, "four words are not"))
        self.assertFalse(matches("no hash at all", "four words are enough"))

    def test_nobody_costs_as_much_as_somebody_and_never_matches(self) -> None:
        self.assertFalse(PasswordHasher().check_needs_rehash(UNKNOWN))
        self.assertFalse(matches(None, ""))
