from unittest import TestCase

from tests.core.checks.plans import pair
from tests.core.session.sample import run_lines, session
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Program
from upright_anvil.core.plan.edits import apply_edits
from upright_anvil.core.plan.edits.groups import ChangeGroup, GroupLines
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.session.order import Turn, running_order
from upright_anvil.core.session.sides import sides_of
from upright_anvil.core.session.this_session import day_of


def order(held: Program, ramp_sets: int = 0) -> list[str]:
    return [said(turn) for turn in running_order(day_of(held)[1], run_lines(held, ramp_sets=ramp_sets))]


def said(turn: Turn) -> str:
    return f"{turn.line}{'r' if turn.ramp else ''}.{turn.number}/{turn.rest}"


def circuit(kind: GroupKind, *lines: str, inside: int | None = None, after: int | None = None) -> Program:
    held = session(*lines)
    names = tuple(line.id for line in day_of(held)[1].lines)
    edits = [
        GroupLines(lines=names, group="g", kind=kind),
        ChangeGroup(group="g", rest_inside=inside, rest_after=after),
    ]
    return apply_edits(held, edits)


class OrderTest(TestCase):
    def test_straight_sets_one_exercise_after_the_other(self) -> None:
        held = session("back-squat: 2 x 5, 60 kg, rest 2:00", "plank: 2 x 40 s, rest 60 s")
        self.assertEqual(order(held), ["l1.1/120", "l1.2/20", "l2.1/60", "l2.2/0"])

    def test_ramp_up_sets_come_first_and_rest_short(self) -> None:
        held = session("back-squat: 1 x 5, 60 kg, rest 2:00")
        self.assertEqual(order(held, ramp_sets=2), ["l1r.1/45", "l1r.2/120", "l1.1/0"])

    def test_pairs_go_round_by_round(self) -> None:
        held = session(pair("bench-press: 2 x 8, 60 kg, rest 90 s", "barbell-row: 3 x 8, 60 kg, rest 90 s"))
        found = [entry.split("/")[0] for entry in order(held)]
        self.assertEqual(found, ["l900.1", "l901.1", "l900.2", "l901.2", "l901.3"])

    def test_a_circuit_rests_inside_and_after_its_rounds(self) -> None:
        held = circuit(GroupKind.CIRCUIT, "goblet-squat: 2 x 10", "push-up: 2 x 10", inside=15, after=120)
        self.assertEqual(order(held), ["l1.1/15", "l2.1/120", "l1.2/15", "l2.2/0"])

    def test_a_drop_follows_at_once_and_a_start_each_minute_rests_what_is_left(self) -> None:
        drops = session("biceps-curl: 2 x 10, 20 kg, rest 60 s, drop to 14 kg")
        self.assertEqual(order(drops), ["l1.1/60", "l1.2/0", "l1.3/0"])
        every = session("kettlebell-swing: 3 x 40 s, every 60 s")
        self.assertEqual(order(every), ["l1.1/20", "l1.2/20", "l1.3/0"])

    def test_what_cannot_be_read_is_passed_over(self) -> None:
        held = session("back-squat: 2 x 5, 60 kg", "plank: 2 x 40 s")
        lines = run_lines(held)
        del lines["l1"]
        self.assertEqual({turn.line for turn in running_order(day_of(held)[1], lines)}, {"l2"})

    def test_every_planned_set_has_one_turn(self) -> None:
        held = circuit(GroupKind.INTERVALS, "goblet-squat: 3 x 30 s, rest 15 s", "push-up: 2 x 30 s, rest 15 s")
        turns = running_order(day_of(held)[1], run_lines(held))
        self.assertEqual(len(turns), len({(turn.line, turn.number) for turn in turns}))
        self.assertEqual(len(turns), 5)


class SidesTest(TestCase):
    def test_who_leads(self) -> None:
        for text, wanted in [
            ("3 x 8", [(), ()]),
            ("3 x 8 each side", [("left", "right"), ("left", "right")]),
            ("3 x 8 each side, right first", [("right", "left"), ("right", "left")]),
            ("3 x 8 each side, alternate lead", [("left", "right"), ("right", "left")]),
            ("3 x 30 s left only", [("left",), ("left",)]),
            ("3 x 30 s right only", [("right",), ("right",)]),
        ]:
            with self.subTest(text):
                asked = read(text, Unit.KG)
                self.assertEqual([sides_of(asked, number) for number in (1, 2)], wanted)
