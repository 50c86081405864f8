from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.strategies import quarters
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.implements import ImplementKind, Stack
from upright_anvil.core.loads.inventory import Inventory, Rounding
from upright_anvil.core.loads.load import Load, Unit

steps = st.lists(quarters, min_size=1, max_size=20, unique=True).map(
    lambda v: tuple(Load.of(x, Unit.KG) for x in sorted(v))
)
extras = st.lists(st.sampled_from(["1.25", "2.5", "5"]), max_size=2, unique=True).map(
    lambda v: tuple(Load.of(x, Unit.KG) for x in v)
)


class StackTest(TestCase):
    @given(steps, extras, quarters)
    def test_whatever_is_near_can_be_made_with_a_pin_and_at_most_one_add_on(
        self, pins: tuple[Load, ...], add_ons: tuple[Load, ...], target: Decimal
    ) -> None:
        place = Inventory((Stack(pins, add_ons),))
        for rounding in Rounding:
            made = place.nearest(ImplementKind.STACK, Load.of(target, Unit.KG), rounding)
            if made is None:
                continue
            ways = {pin.kg for pin in pins} | {pin.kg + extra.kg for pin in pins for extra in add_ons}
            self.assertIn(made.load.kg, ways)
            if rounding is Rounding.DOWN:
                self.assertLessEqual(made.load.kg, target)
            if rounding is Rounding.UP:
                self.assertGreaterEqual(made.load.kg, target)

    def test_an_add_on_in_pounds_on_a_stack_in_kilograms(self) -> None:
        stack = Stack((Load.of(10, Unit.KG),), (Load.of(5, "lb"),))
        self.assertEqual([str(a.load) for a in stack.achievable()], ["10 kg", "12.26796185 kg"])

    @given(
        st.integers(1, 40),
        st.integers(1, 12),
        st.integers(1, 10),
        st.sampled_from(Unit),
        st.sampled_from(["dumbbells", "kettlebells", "blocks", "stack", "assistance", "medicine balls"]),
    )
    def test_a_written_range_is_read_to_its_last_step(
        self, first: int, count: int, by: int, unit: Unit, name: str
    ) -> None:
        last = first + by * (count - 1)
        read = read_equipment(f"{name} {first}-{last} by {by} {unit}", Unit.KG)
        self.assertEqual(read.problems, ())
        kinds = [k for k in ImplementKind if read.inventory.achievable(k)]
        self.assertEqual(len(kinds), 1)
        made = read.inventory.achievable(kinds[0])
        self.assertEqual([a.load for a in made], [Load.of(first + by * n, unit) for n in range(count)])
