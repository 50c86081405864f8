from unittest import TestCase

from upright_anvil.store.file.memo import Memo, Memory


class MemoTest(TestCase):
    def setUp(self) -> None:
        self.memo: Memo[int | None] = Memo(2)
        self.memory = Memory()
        self.worked: list[object] = []

    def ask(self, key: object, value: int | None = 1) -> int | None:
        def work() -> int | None:
            self.worked.append(key)
            return value

        return self.memo.get(self.memory, key, work)

    def test_each_key_is_worked_out_once_nothing_found_included(self) -> None:
        self.assertEqual(
            [self.ask(("a", 1)), self.ask(("a", 1)), self.ask(("a", 2), None), self.ask(("a", 2))], [1, 1, None, None]
        )
        self.assertEqual(self.worked, [("a", 1), ("a", 2)])

    def test_the_one_not_asked_for_longest_goes(self) -> None:
        for key in "abaca":
            self.ask(key)
        self.assertEqual((self.worked, self.memo.count(self.memory)), (["a", "b", "c"], 2))
        self.ask("b")
        self.assertEqual(self.worked, ["a", "b", "c", "b"])

    def test_what_raises_is_not_kept(self) -> None:
        def wrong() -> int:
            raise ZeroDivisionError

        with self.assertRaises(ZeroDivisionError):
            self.memo.get(self.memory, "a", wrong)
        self.assertEqual(self.ask("a", 3), 3)

    def test_a_copy_of_a_file_is_not_answered_from_its_original(self) -> None:
        self.ask("a", 1)
        original, self.memory = self.memory, Memory()
        self.assertEqual(self.ask("a", 2), 2)
        self.memory.forget()
        self.assertEqual((self.ask("a", 3), self.memo.count(original)), (3, 1))
