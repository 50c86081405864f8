"""Roles, passphrases, PINs and waiting."""

from datetime import timedelta
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.errors import DomainError
from upright_anvil.core.people.roles import Permission, Role, may
from upright_anvil.core.people.sign_in_rules import LONGEST_WAIT, check_passphrase, check_pin, wait_after


class RolesTest(TestCase):
    def test_each_role_may_all_that_the_one_before_it_may(self) -> None:
        most = {
            Role.READER: {Permission.LOOK},
            Role.ASSISTANT: {Permission.LOOK, Permission.LOG},
            Role.TRAINER: {Permission.LOOK, Permission.LOG, Permission.PLAN},
            Role.OWNER: set(Permission),
        }
        for role, allowed in most.items():
            self.assertEqual({p for p in Permission if may(role, p)}, allowed)


class SecretsTest(TestCase):
    def test_passphrases(self) -> None:
        for good in ("wet hands lift well", "korrekt pferd", "ßüöä-ßüöä-12", "a" * 8 + "bcdefgh"):
            self.assertEqual(check_passphrase(good, "Ida Brandt"), good)
        for bad in (
            "", "short", "a" * 40, "abababababab", "password1234", "Ida Brandt 12", "upright anvil", "qwertzqwertz1",
            "x" * 201,
        ):  # fmt: skip
            with self.subTest(bad), self.assertRaises(DomainError):
                check_passphrase(bad, "Ida Brandt")

    def test_pins(self) -> None:
        for good in ("4711", "90210", "28467193", "1122"):
            self.assertEqual(check_pin(good), good)
        for bad in ("", "123", "1234", "8765", "0000", "123456789", "12a4", "٤٧١١", " 471"):
            with self.subTest(bad), self.assertRaises(DomainError):
                check_pin(bad)

    def test_waiting_doubles_to_an_hour_and_stays_there(self) -> None:
        waits = [round(wait_after(n).total_seconds()) for n in range(1, 14)]
        self.assertEqual(waits, [0, 0, 0, 0, 15, 30, 60, 120, 240, 480, 960, 1920, 3600])

    @given(st.integers(0, 10**9))
    def test_waiting_never_shrinks(self, wrong: int) -> None:
        self.assertLessEqual(wait_after(wrong), wait_after(wrong + 1))
        self.assertTrue(timedelta(0) <= wait_after(wrong) <= LONGEST_WAIT)
