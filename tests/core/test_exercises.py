from decimal import Decimal
from unittest import TestCase

from upright_anvil.core.body.joints import Joint, JointLoad, Stress
from upright_anvil.core.exercises import Exercise, KinShare, Pattern, unknown_exercise
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.features import EVERYWHERE, Feature
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.inventory import ANYWHERE, Inventory
from upright_anvil.core.loads.load import Unit

PRESS = Exercise(
    "press",
    "Press",
    Pattern.PUSH_HORIZONTAL,
    (),
    implements=(ImplementKind.BARBELL, ImplementKind.DUMBBELL),
    needs=(Feature.BENCH, Feature.RACK),
    joints=(JointLoad(Joint.SHOULDER, Stress.MODERATE, "presses"),),
    strength=(KinShare(ImplementKind.BARBELL, Decimal(1)),),
)


def place(text: str) -> Inventory:
    return read_equipment(text, Unit.KG).inventory


class ExerciseTest(TestCase):
    def test_what_it_is_loaded_with_follows_its_own_preference(self) -> None:
        both = place("dumbbells 10\nbar 20")
        self.assertEqual(PRESS.implement_at(both), ImplementKind.BARBELL)
        self.assertEqual(PRESS.implement_at(place("dumbbells 10")), ImplementKind.DUMBBELL)
        self.assertIsNone(PRESS.implement_at(place("stack 5-50 by 5")))

    def test_what_a_hand_can_hold_stands_in_for_a_dumbbell(self) -> None:
        for text, kind in [
            ("kettlebells 8", ImplementKind.KETTLEBELL),
            ("rucksack 4-12 by 2", ImplementKind.IMPROVISED),
            ("2 jugs 8\nmedicine ball 5", ImplementKind.IMPROVISED),
            ("medicine ball 5", ImplementKind.MEDICINE_BALL),
        ]:
            with self.subTest(text):
                here = place(f"{text}\nbench, rack")
                self.assertEqual(PRESS.implement_at(here), kind)
                self.assertTrue(PRESS.possible_at(here))
                self.assertFalse(PRESS.meant_for(here))

    def test_possible_where_load_and_things_are_there(self) -> None:
        for text, possible, missing in [
            ("bar 20\nbench, rack", True, ()),
            ("bar 20\nbench", False, (Feature.RACK,)),
            ("bar 20", False, (Feature.BENCH, Feature.RACK)),
            ("bench, rack", False, ()),
        ]:
            with self.subTest(text=text):
                self.assertEqual((PRESS.possible_at(place(text)), PRESS.missing_at(place(text))), (possible, missing))

    def test_anywhere_has_one_of_everything(self) -> None:
        self.assertTrue(PRESS.possible_at(ANYWHERE))
        self.assertTrue(all(ANYWHERE.offers(f) for f in Feature))
        self.assertTrue(all(ANYWHERE.has(k) for k in ImplementKind))
        self.assertEqual(Inventory().features, EVERYWHERE)

    def test_stress_and_share_are_told_where_they_are_known(self) -> None:
        self.assertEqual(PRESS.stress_on(Joint.SHOULDER), Stress.MODERATE)
        self.assertIsNone(PRESS.stress_on(Joint.KNEE))
        self.assertEqual(PRESS.share_with(ImplementKind.BARBELL), Decimal(1))
        self.assertIsNone(PRESS.share_with(ImplementKind.DUMBBELL))
        self.assertIsNone(PRESS.share_with(None))

    def test_stresses_have_an_order(self) -> None:
        self.assertEqual([s.rank for s in Stress], [1, 2, 3])

    def test_one_nobody_knows_still_has_a_name(self) -> None:
        ghost = unknown_exercise("long-gone-lift")
        self.assertEqual((ghost.name, ghost.removed, ghost.movers), ("long gone lift", True, ()))
