from decimal import Decimal
from itertools import pairwise
from unittest import TestCase

from hypothesis import given

from tests.core.strategies import barbells, inventories, kg_loads
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.implements import Barbell, FixedLoads, ImplementKind, Plates, plate_sums
from upright_anvil.core.loads.inventory import Inventory, Rounding
from upright_anvil.core.loads.load import Load, Unit

DUMBBELLS = FixedLoads(ImplementKind.DUMBBELL, tuple(Load.of(kg, Unit.KG) for kg in (10, 6, 8, 14)))
BAR = Barbell(
    Load.of(20, Unit.KG),
    (Plates(Load.of("2.5", Unit.KG), 2), Plates(Load.of(5, Unit.KG), 5), Plates(Load.of(10, Unit.KG), 2)),
)
PLACE = Inventory((DUMBBELLS, BAR))
DUMBBELL = ImplementKind.DUMBBELL


def kilograms(kind: ImplementKind, place: Inventory = PLACE) -> list[str]:
    return [str(made.load.value) for made in place.achievable(kind)]


class InventoryTest(TestCase):
    def test_fixed_loads_come_lightest_first(self) -> None:
        self.assertEqual(kilograms(DUMBBELL), ["6", "8", "10", "14"])

    def test_finds_only_what_is_there(self) -> None:
        for kg, there in (("6", True), ("7", False), ("14", True), ("15", False), ("5", False)):
            self.assertEqual(PLACE.find(DUMBBELL, Load.of(kg, Unit.KG)) is not None, there, kg)

    def test_plates_go_on_in_pairs(self) -> None:
        # Five 5 kg plates are two pairs; the odd one stays on the rack.
        self.assertEqual(
            kilograms(ImplementKind.BARBELL),
            ["20", "25", "30", "35", "40", "45", "50", "55", "60", "65"],
        )

    def test_the_same_mass_of_two_implements_counts_once(self) -> None:
        place = Inventory((DUMBBELLS, FixedLoads(DUMBBELL, (Load.of(8, Unit.KG), Load.of(9, Unit.KG)))))
        self.assertEqual(kilograms(DUMBBELL, place), ["6", "8", "9", "10", "14"])

    def test_pounds_and_kilograms_lie_side_by_side(self) -> None:
        place = Inventory((FixedLoads(DUMBBELL, (Load.of(20, "lb"), Load.of(9, Unit.KG), Load.of(10, Unit.KG))),))
        self.assertEqual([str(a.load) for a in place.achievable(DUMBBELL)], ["9 kg", "20 lb", "10 kg"])

    def test_nearest_takes_the_side_it_is_told(self) -> None:
        for target, rounding, expected in [
            (9, Rounding.DOWN, 8),
            (9, Rounding.UP, 10),
            (9, Rounding.NEAREST, 8),
            ("9.1", Rounding.NEAREST, 10),
            (8, Rounding.DOWN, 8),
            (8, Rounding.UP, 8),
            (5, Rounding.DOWN, None),
            (5, Rounding.NEAREST, 6),
            (15, Rounding.UP, None),
            (15, Rounding.NEAREST, 14),
        ]:
            with self.subTest(target=target, rounding=rounding):
                found = PLACE.nearest(DUMBBELL, Load.of(target, Unit.KG), rounding)
                self.assertEqual(found and found.load, expected and Load.of(expected, Unit.KG))

    def test_the_next_step_says_how_big_it_is(self) -> None:
        up = PLACE.step_up(DUMBBELL, Load.of(10, Unit.KG))
        down = PLACE.step_down(DUMBBELL, Load.of(10, Unit.KG))
        assert up and down
        self.assertEqual((up.to.load, up.share), (Load.of(14, Unit.KG), Decimal("0.4")))
        self.assertEqual((down.to.load, down.share), (Load.of(8, Unit.KG), Decimal("-0.2")))
        self.assertIsNone(PLACE.step_up(DUMBBELL, Load.of(14, Unit.KG)))
        self.assertIsNone(PLACE.step_down(DUMBBELL, Load.of(6, Unit.KG)))

    def test_around_answers_the_nearest_two(self) -> None:
        around = [str(a.load) for a in PLACE.around(DUMBBELL, Load.of(12, Unit.KG))]
        self.assertEqual(around, ["10 kg", "14 kg"])
        self.assertEqual([str(a.load) for a in PLACE.around(DUMBBELL, Load.of(2, Unit.KG))], ["6 kg"])
        self.assertEqual(Inventory().around(DUMBBELL, Load.of(2, Unit.KG)), ())

    def test_body_weight_is_everywhere(self) -> None:
        self.assertTrue(Inventory().has(ImplementKind.BODYWEIGHT))
        self.assertFalse(Inventory().has(DUMBBELL))
        self.assertEqual(PLACE.first_of((ImplementKind.KETTLEBELL, DUMBBELL)), DUMBBELL)

    def test_a_set_of_plates_that_is_a_slip_is_refused(self) -> None:
        sizes = ("1.01", "2.11", "3.37", "5.53", "8.89", "14.47")
        slip = tuple(Plates(Load.of(size, Unit.KG), 20) for size in sizes)
        with self.assertRaisesRegex(DomainError, "list fewer sizes"):
            plate_sums(slip)

    @given(barbells())
    def test_every_barbell_load_is_bar_and_even_plates(self, barbell: Barbell) -> None:
        heaviest = barbell.bar.kg + sum(2 * p.pairs * p.load.kg for p in barbell.plates)
        made = barbell.achievable()
        self.assertEqual(made[0].load, barbell.bar)
        self.assertEqual(made[-1].load.kg, heaviest)
        for before, after in pairwise(made):
            self.assertLess(before.load.kg, after.load.kg)

    @given(inventories, kg_loads)
    def test_nearest_is_achievable_and_nothing_is_nearer(self, place: Inventory, target: Load) -> None:
        for kind in ImplementKind:
            found = place.nearest(kind, target)
            made = place.achievable(kind)
            self.assertEqual(found is None, not made)
            if found:
                self.assertIn(found, made)
                self.assertLessEqual(abs(found.load.kg - target.kg), min(abs(a.load.kg - target.kg) for a in made))

    @given(inventories, kg_loads)
    def test_a_step_up_skips_nothing(self, place: Inventory, load: Load) -> None:
        for kind in ImplementKind:
            step = place.step_up(kind, load)
            heavier = [a for a in place.achievable(kind) if a.load.kg > load.kg]
            self.assertEqual(step and step.to, heavier[0] if heavier else None)
            self.assertTrue(step is None or step.share > 0)
