from unittest import TestCase

from upright_anvil.core.errors import DomainError
from upright_anvil.core.progression.registry import POLICIES, policy, register


class RegistryTest(TestCase):
    def test_an_id_twice_is_refused(self) -> None:
        one = next(iter(POLICIES.values()))
        with self.assertRaisesRegex(DomainError, f"Two policies are called {one.id}"):
            register([one, one])

    def test_an_unknown_id_is_refused_with_those_there_are(self) -> None:
        with self.assertRaisesRegex(DomainError, "double-progression"):
            policy("guesswork")

    def test_each_policy_is_found_by_its_id(self) -> None:
        for policy_id, found in POLICIES.items():
            self.assertIs(policy(policy_id), found)
            self.assertTrue(found.title)
