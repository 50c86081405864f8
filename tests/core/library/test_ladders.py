from unittest import TestCase

from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.library.ladders import Ladder, Ladders, check_ladders

PUSH = Ladder("push", "Push", ("wall", "knees", "full", "one-arm"))
FLOOR = Ladder("floor", "Floor", ("knees", "full", "clap"))
BOTH = Ladders((PUSH, FLOOR))


def exercise(name: str, ladder: str = "", after: str = "") -> Exercise:
    return Exercise(name, name, Pattern.PUSH_HORIZONTAL, (), ladder=ladder, after=after)


KNOWN = {name: exercise(name) for name in ("wall", "knees", "full", "one-arm", "clap")}


class LaddersTest(TestCase):
    def test_rungs_up_and_down_over_all_ladders(self) -> None:
        self.assertEqual((BOTH.easier("full"), BOTH.harder("full")), (("knees",), ("one-arm", "clap")))
        self.assertEqual((BOTH.easier("wall"), BOTH.harder("clap"), BOTH.harder("nothing")), ((), (), ()))
        self.assertEqual([la.id for la in BOTH.of("clap")], ["floor"])

    def test_rungs_apart(self) -> None:
        for start, end, rungs in [
            ("wall", "full", 2),
            ("full", "wall", -2),
            ("wall", "clap", 3),
            ("one-arm", "clap", None),
            ("full", "full", 0),
            ("full", "nothing", None),
        ]:
            with self.subTest(start=start, end=end):
                self.assertEqual(BOTH.rungs_between(start, end), rungs)

    def test_own_exercises_take_their_rung(self) -> None:
        own = [exercise("archer", "push", "full"), exercise("finger", "push"), exercise("lost", "nowhere")]
        self.assertEqual(BOTH.with_own(own).all[0].rungs, ("finger", "wall", "knees", "full", "archer", "one-arm"))
        self.assertEqual(BOTH.all[0], PUSH)

    def test_sound_ladders_pass(self) -> None:
        check_ladders(BOTH, KNOWN)

    def test_a_dangling_rung_a_doubled_one_and_a_cycle_are_refused(self) -> None:
        for wrong, words in [
            (Ladder("x", "X", ("wall", "ghost")), "names ghost, which is no exercise"),
            (Ladder("x", "X", ("wall", "wall")), "names a rung twice"),
            (Ladder("x", "X", ("one-arm", "knees")), "harder than itself"),
        ]:
            with self.subTest(words=words), self.assertRaisesRegex(DomainError, words):
                check_ladders(Ladders((PUSH, wrong)), KNOWN)
