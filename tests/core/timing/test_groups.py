from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.checks.plans import line, pair
from upright_anvil.core.clock.model import ClockStep
from upright_anvil.core.clock.timeline import timeline
from upright_anvil.core.constants import CHANGE_SIDES_SECONDS
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Group
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.schemes import Checkpoints
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.session.order import RunLine
from upright_anvil.core.timing.estimate import TimedLine, one_set, rounds_in_time
from upright_anvil.core.timing.groups import group_seconds, line_seconds

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


class SessionsTest(TestCase):
    def test_blocks_as_they_are_really_run(self) -> None:
        minute = ["3 x 30 s, checkpoints 35/40 s"] * 12
        clock = ["2 x 45 s, rest 15 s"] * 3
        for words, kind, texts, said, seconds in [
            ("twelve stations on the minute, three rounds", GroupKind.ON_THE_MINUTE, minute, {"rest_after": 120}, 2370),
            ("45 on, 15 off, three stations twice", GroupKind.INTERVALS, clock, {}, 6 * 45 + 5 * 15),
            ("the same from the group's own rest", GroupKind.INTERVALS, clock, {"rest_inside": 15}, 6 * 45 + 5 * 15),
            ("ten minutes, most rounds", GroupKind.MOST_ROUNDS, ["1 x 10"] * 4, {"time_cap": 600}, 600),
            ("two sides of a counted station", GroupKind.CIRCUIT, ["2 x 10", "2 x 12 each side"], {"rest_after": 60},
             2 * (30 + 15 + 77) + 60),
            ("alternating is one set", GroupKind.INTERVALS, ["2 x 12, alternating, rest 15 s"] * 2, {}, 189),
            ("no rest between counted stations", GroupKind.CIRCUIT, ["1 x 10", "1 x 10"], {"rest_inside": 0}, 65),
            ("a minute shorter than its work", GroupKind.ON_THE_MINUTE, ["2 x 70 s"] * 2, {}, 280),
        ]:  # fmt: skip
            with self.subTest(words):
                held = group(kind, len(texts)).model_copy(update=said)
                self.assertEqual(group_seconds(held, timed(*texts)), seconds)
        self.assertEqual(line_seconds(timed("7 x 3, tempo 5-3-X-0, rest 3:00")[0]), 1269)

    @given(st.sampled_from([k for k in GroupKind if k.by_rounds]), st.integers(0, 60), st.integers(0, 120), st.data())
    def test_the_clock_takes_the_seconds_and_the_order_of_the_plan(
        self, kind: GroupKind, inside: int, after: int, data: st.DataObject
    ) -> None:
        """Of any group: what its clock runs through is what the board says, in the order that was typed."""
        texts = data.draw(st.lists(st.sampled_from(STATIONS), min_size=2, max_size=6))
        held = Group(
            id="g", kind=kind, rest_inside=inside, rest_after=after,
            lines=tuple(line(f"e: {text}", n, 1) for n, text in enumerate(texts)),
        )  # fmt: skip
        members = {one.id: RunLine(one.id, LIFT, read(one.cells[0].text, Unit.KG)) for one in held.lines}
        found = timeline(held, members)
        assert found
        self.assertEqual(found.seconds, group_seconds(held, timed(*texts)))
        self.assertEqual(found.lines, tuple(one.id for one in held.lines))
        if kind is GroupKind.MOST_ROUNDS:
            return
        ran = 0
        for step in found.steps[1:]:
            ran += _runs(step, members[step.line])
        self.assertEqual(ran, found.seconds)
        for step in found.steps:
            at = [step.seconds - c.at if c.from_end and step.seconds else c.at for c in step.calls]
            self.assertEqual(len(at), len(set(at)), step)


STATIONS = [
    "2 x 10", "3 x 12 each side", "2 x 30 s", "3 x 40 s each side, rest 20 s", "1 x 45 s, rest 15 s",
    "2 x 20 s, checkpoints 25/30 s", "3 x 8, alternating", "2 x 20 m",
]  # fmt: skip


def _runs(step: ClockStep, member: RunLine) -> int:
    """The seconds of a step: a mark beyond the work is taken off the rest behind it, a counted side is reckoned."""
    asked = member.prescription
    if step.marks:
        return step.marks[0]
    if step.fills is not None:
        scheme = asked.scheme
        marked = scheme.seconds[-1] - asked.amount if isinstance(scheme, Checkpoints) else 0
        return (step.seconds or 0) + marked
    if step.seconds is not None:
        return step.seconds
    whole = one_set(asked.plans[0], asked, member.exercise)
    return (whole - CHANGE_SIDES_SECONDS) // 2 if step.side else whole


class SchemeSecondsTest(TestCase):
    def test_what_each_scheme_takes(self) -> None:
        for text, seconds in [
            ("3 x 10, rest 60 s", 3 * 30 + 2 * 60),
            ("10/8/6, rest 60 s", 24 * 3 + 2 * 60),
            ("3 x 10, 20 kg, drop to 15/10 kg, rest 60 s", 3 * 30 + 2 * 60 + 2 * 36),
            ("1 x 5, 100 kg, back off 2 x 10 at 85 kg, rest 60 s", 15 + 2 * 30 + 2 * 60),
            ("2 x 2+2+2, pause 20 s, rest 60 s", 2 * (18 + 40) + 60),
            ("10 x 5, every 60 s", 9 * 60 + 15),
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
