from dataclasses import replace
from unittest import TestCase

from tests.core.checks.plans import SETTING, WHO, line
from tests.core.session.sample import after, session
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Group, GroupKind, Section
from upright_anvil.core.plan.locate import rebuilt
from upright_anvil.core.session.elsewhere import elsewhere
from upright_anvil.core.session.late import trimmed

HELD = session(
    "back-squat: 4 x 5, 100 kg, rest 3:00",
    "floor-press: 3 x 8, 14 kg",
    "accessory/biceps-curl: 3 x 12, 10 kg, rest 1:30",
)
ROOM = read_equipment("dumbbells 8 12", Unit.KG).inventory
NAMED = replace(SETTING, place_names={"studio": "Studio", "room": "Hotel room"})


class ElsewhereTest(TestCase):
    def setUp(self) -> None:
        self.changes = elsewhere(HELD, "room", NAMED, NAMED.at("room"))

    def test_what_cannot_be_done_there_is_swapped_with_its_reason(self) -> None:
        squat = next(change for change in self.changes if change.line == "l1")
        self.assertIn("instead of Back squat", squat.label)
        self.assertTrue(squat.why.startswith("Hotel room: "))

    def test_loads_become_those_that_can_be_made(self) -> None:
        found = after(HELD, self.changes)
        self.assertEqual(found["floor-press"], "3 x 8, 12 kg")
        press = next(change for change in self.changes if change.line == "l2")
        self.assertIn("14 kg cannot be made here, 12 kg can", press.why)

    def test_nothing_asks_for_kit_that_is_not_there(self) -> None:
        there = NAMED.at("room")
        for name in after(HELD, self.changes):
            with self.subTest(name):
                self.assertTrue(there.exercise(name).possible_at(ROOM))

    def test_the_move_itself_is_the_first_change(self) -> None:
        self.assertEqual((self.changes[0].key, self.changes[0].label), ("place", "Trained at Hotel room"))

    def test_what_was_begun_stays(self) -> None:
        begun = elsewhere(HELD, "room", NAMED, NAMED.at("room"), frozenset({"l1", "l2"}))
        self.assertEqual({change.line for change in begun if change.line}, {"l3"})


class LateTest(TestCase):
    def test_what_is_left_fits_the_minutes_cheapest_first(self) -> None:
        found = trimmed(HELD, 20, WHO, {})
        self.assertTrue(found.fits)
        self.assertLessEqual(found.after, 20 * 60)
        self.assertTrue(found.changes[0].label.startswith(("Back squat: rest", "Biceps curl: rest")))
        self.assertIn("Saves", found.changes[0].why)

    def test_a_session_that_fits_is_left_alone(self) -> None:
        self.assertEqual(trimmed(HELD, 200, WHO, {}).changes, ())

    def test_only_what_is_left_is_counted_and_what_was_begun_is_not_touched(self) -> None:
        whole, rest = trimmed(HELD, 20, WHO, {}), trimmed(HELD, 20, WHO, {"l1": 4})
        self.assertLess(rest.seconds, whole.seconds)
        self.assertFalse(any("Back squat" in change.label for change in rest.changes))

    def test_a_begun_circuit_is_left_as_it_is(self) -> None:
        lines = tuple(line(f"{name}: 3 x 15", n, 1) for n, name in enumerate(("leg-press", "push-up", "plank"), 11))
        circuit = Group(id="c", kind=GroupKind.CIRCUIT, lines=lines, section=Section.ACCESSORY, rest_after=60)
        held = rebuilt(HELD, phases=(rebuilt(HELD.phases[0], days=(
            rebuilt(HELD.phases[0].days[0], groups=(*HELD.phases[0].days[0].groups, circuit)),)),))  # fmt: skip
        fresh = [change.label for change in trimmed(held, 12, WHO, {}).changes]
        begun = [change.label for change in trimmed(held, 12, WHO, {"l11": 1}).changes]
        self.assertTrue(any("Leg press, Push-up" in label for label in fresh))
        self.assertFalse(any("Push-up" in label for label in begun), begun)

    def test_a_minute_is_not_enough_and_it_says_so(self) -> None:
        long = session(*(f"{name}: 4 x 10, rest 2:00" for name in ("deadlift", "pull-up", "dip", "leg-press", "plank")))
        self.assertFalse(trimmed(long, 1, WHO, {}).fits)
