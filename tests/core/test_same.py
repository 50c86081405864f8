from unittest import TestCase

from upright_anvil.core.same import Same


class SameTest(TestCase):
    def test_only_the_very_same_object_is_the_same(self) -> None:
        one, twin = ["a"], ["a"]
        self.assertEqual(Same(one), Same(one))
        self.assertEqual(hash(Same(one)), hash(Same(one)))
        self.assertNotEqual(Same(one), Same(twin))
        self.assertNotEqual(Same(one), one)

    def test_it_serves_as_a_key(self) -> None:
        one, twin = ["a"], ["a"]
        known = {Same(one): 1, Same(twin): 2}
        self.assertEqual((known[Same(one)], known[Same(twin)]), (1, 2))
