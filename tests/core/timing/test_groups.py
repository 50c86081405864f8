from unittest import TestCase

from tests.core.checks.plans import line, pair
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Group
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.timing.estimate import TimedLine, line_seconds, rounds_in_time
from upright_anvil.core.timing.groups import group_seconds

LIFT = Exercise("e", "E", Pattern.SQUAT, (), rep_seconds=3)


def timed(*texts: str) -> list[TimedLine]:
    return [TimedLine(read(text, Unit.KG), LIFT, None) for text in texts]


def group(kind: GroupKind, count: int, inside: int | None = None, after: int | None = None) -> Group:
    lines = tuple(line("e: 3 x 10", n, 1) for n in range(count))
    return Group(id="g", kind=kind, lines=lines, rest_inside=inside, rest_after=after)


class GroupSecondsTest(TestCase):
    def test_rounds_are_stations_rests_inside_and_round_rests(self) -> None:
        for words, kind, texts, inside, after, expected in [
            ("a pair takes its longest rest after a round", GroupKind.PAIR, ["3 x 10, rest 60 s"] * 2, None, None, 345),
            ("a pair with rests of its own", GroupKind.PAIR, ["3 x 10, rest 60 s"] * 2, 0, 30, 240),
            ("fewer sets drop out of later rounds", GroupKind.PAIR, ["3 x 10", "2 x 10"], 10, 0, 170),
            ("a circuit by rounds", GroupKind.CIRCUIT, ["2 x 10"] * 3, 10, 60, 280),
            ("a circuit takes the house rest", GroupKind.CIRCUIT, ["2 x 10"] * 3, 10, None, 280),
            ("stations rest by their own clock", GroupKind.INTERVALS, ["2 x 40 s, rest 20 s"] * 2, None, 60, 260),
            ("one line left is a line on its own", GroupKind.PAIR, ["3 x 10, rest 60 s"], 0, 0, 210),
        ]:
            with self.subTest(words):
                count = 3 if len(texts) == 3 else 2
                self.assertEqual(group_seconds(group(kind, count, inside, after), timed(*texts)), expected)

    def test_a_pair_saves_time_over_two_lines(self) -> None:
        together = group_seconds(pair("e: 3 x 10", "e: 3 x 10"), timed(*["3 x 10, rest 2:00"] * 2))
        apart = sum(line_seconds(one) for one in timed(*["3 x 10, rest 2:00"] * 2))
        self.assertLess(together, apart)


class SchemeSecondsTest(TestCase):
    def test_what_each_scheme_takes(self) -> None:
        for text, seconds in [
            ("3 x 10, rest 60 s", 3 * 30 + 2 * 60),
            ("10/8/6, rest 60 s", 24 * 3 + 2 * 60),
            ("3 x 10, 20 kg, drop to 15/10 kg, rest 60 s", 3 * 30 + 2 * 60 + 2 * 36),
            ("1 x 5, 100 kg, back off 2 x 10 at 85 kg, rest 60 s", 15 + 2 * 30 + 2 * 60),
            ("2 x 2+2+2, pause 20 s, rest 60 s", 2 * (18 + 40) + 60),
            ("10 x 5, every 60 s", 600),
            ("2 x 40, every 60 s", 240),
            ("most x 6, in 8:00", 480),
            ("4 x 20 m, rest 60 s", 4 * 20 + 3 * 60),
            ("2 x 30 s each side, rest 30 s", 2 * 65 + 30),
            ("2 x max to 15, rest 60 s", 2 * 45 + 60),
        ]:
            with self.subTest(text=text):
                self.assertEqual(line_seconds(timed(text)[0]), seconds)

    def test_rounds_that_fit_into_a_time(self) -> None:
        self.assertEqual(rounds_in_time(read("most x 5, in 12:00", Unit.KG), LIFT), 48)
        self.assertEqual(rounds_in_time(read("most x 5, in 12:00, rest 15 s", Unit.KG), LIFT), 24)
        self.assertEqual(rounds_in_time(read("3 x 5", Unit.KG), LIFT), 3)
