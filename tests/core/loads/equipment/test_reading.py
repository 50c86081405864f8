from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.loads.equipment.reading import MOST_IN_A_LINE, read_equipment
from upright_anvil.core.loads.features import EVERYWHERE, MACHINES, Feature
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Unit


def loads_of(text: str, kind: ImplementKind, unit: Unit = Unit.KG) -> str:
    read = read_equipment(text, unit)
    return " ".join(str(a.load.value) for a in read.inventory.achievable(kind))


class EquipmentTextTest(TestCase):
    def test_reads_each_implement(self) -> None:
        for text, kind, expected in [
            ("bar 20, plates 2x1.25 2x2.5", ImplementKind.BARBELL, "20 22.5 25 27.5"),
            ("Barbell 15", ImplementKind.BARBELL, "15"),
            ("bar 20 plates 4 x 5", ImplementKind.BARBELL, "20 30 40"),
            ("dumbbells 4-8 by 2", ImplementKind.DUMBBELL, "4 6 8"),
            ("dumbbells 4-6 by 1, 10-14 by 2", ImplementKind.DUMBBELL, "4 5 6 10 12 14"),
            ("dumbbells 6, 10 18", ImplementKind.DUMBBELL, "6 10 18"),
            ("kettlebell 12", ImplementKind.KETTLEBELL, "12"),
            ("stack 5 to 15 by 5", ImplementKind.STACK, "5 10 15"),
            ("bands sand 6, rust 12", ImplementKind.BAND, "6 12"),
            ("rucksack 10", ImplementKind.IMPROVISED, "10"),
            ("vest 5 10", ImplementKind.BODYWEIGHT, "5 10"),
        ]:
            with self.subTest(text=text):
                self.assertEqual(loads_of(text, kind), expected)
                self.assertEqual(read_equipment(text, Unit.KG).problems, ())

    def test_the_written_unit_goes_before_the_clients(self) -> None:
        read = read_equipment("dumbbells 10-20 lb by 5\nkettlebells 8", Unit.KG)
        self.assertEqual(
            [str(a.load) for a in read.inventory.achievable(ImplementKind.DUMBBELL)], ["10 lb", "15 lb", "20 lb"]
        )
        self.assertEqual([str(a.load) for a in read.inventory.achievable(ImplementKind.KETTLEBELL)], ["8 kg"])

    def test_bands_and_improvised_loads_are_marked_as_estimates(self) -> None:
        read = read_equipment("bands sand 6\ncanisters 5", Unit.KG)
        band = read.inventory.achievable(ImplementKind.BAND)[0]
        self.assertEqual((band.how, band.estimated), ("sand", True))
        self.assertTrue(read.inventory.achievable(ImplementKind.IMPROVISED)[0].estimated)

    def test_what_cannot_be_read_is_pointed_at_and_the_rest_kept(self) -> None:
        read = read_equipment("dumbbells 4-8 by 2\n\n12345\nkettlebells heavy\nbar\nstack 5-90 by 0", Unit.KG)
        self.assertEqual([p.line for p in read.problems], [3, 4, 5, 6])
        self.assertIn("Begin with the thing", read.problems[0].expected)
        self.assertIn("'heavy' is not a weight", read.problems[1].expected)
        self.assertIn("what the bar weighs", read.problems[2].expected)
        self.assertIn("does not climb", read.problems[3].expected)
        self.assertEqual(len(read.inventory.achievable(ImplementKind.DUMBBELL)), 3)

    def test_a_misspelt_word_is_read_as_what_it_is_meant_for(self) -> None:
        for typed, said in [
            ("kettlebels 8 12", "kettlebells 8, 12 kg"),
            ("dumbells 4-8 by 2", "dumbbells 4, 6, 8 kg"),
            ("barbel 20", "bar 20 kg"),
        ]:
            with self.subTest(typed=typed):
                read = read_equipment(typed, Unit.KG)
                self.assertEqual((read.understood[0].said, read.problems), (said, ()))

    def test_things_without_weight_have_any_name(self) -> None:
        read = read_equipment("Rope, stick, wobble boards\nslide board\nmat", Unit.KG)
        self.assertEqual((read.inventory.things, read.problems), ({"rope", "stick", "wobble board", "mat"}, ()))
        self.assertIn(Feature.SLIDERS, read.inventory.features)
        for text, expected in (
            ("bnech, rope", "Did you mean 'bench'?"),
            ("dumbells", "Did you mean 'dumbbell'?"),
            ("a thing with a very long and winding name", "by its name"),
            ("dumbbells", "which weights"),
            ("rucksack", "rucksack 10"),
        ):
            with self.subTest(text):
                self.assertIn(expected, read_equipment(text, Unit.KG).problems[0].expected)

    def test_a_stack_brings_its_anchor_and_machines_are_there_or_not(self) -> None:
        for text, there in (
            ("stack 5-90 by 5", {Feature.ANCHOR, *MACHINES}),
            ("stack 5-90 by 5\nleg press 20-200 by 10", {Feature.ANCHOR, Feature.LEG_PRESS}),
            ("stack 5-90 by 5\nleg curl machine, bench", {Feature.ANCHOR, Feature.LEG_CURL, Feature.BENCH}),
            ("stack 5-90 by 5\nno leg press, no anchor", MACHINES - {Feature.LEG_PRESS}),
            ("bench", {Feature.BENCH}),
        ):
            with self.subTest(text):
                read = read_equipment(text, Unit.KG)
                self.assertEqual((read.inventory.features - EVERYWHERE, read.problems), (there, ()))
        self.assertEqual(loads_of("leg press 20-40 by 10", ImplementKind.STACK), "20 30 40")

    def test_an_example_of_the_same_thing_is_given(self) -> None:
        for typed, example in (("bands 6 green", "band green 8, black 15"), ("rucksack", "rucksack 10")):
            self.assertIn(example, read_equipment(typed, Unit.KG).problems[0].expected)

    def test_absurd_lines_are_refused_with_a_sentence(self) -> None:
        for text in [
            "dumbbells 1-1000 by 0.1",
            "dumbbells 0",
            "dumbbells 5000",
            "bar 20, plates 999x5",
            "bar 20, plates five",
            "dumbbells 10 kg 20 lb",
            "bands green 8 12 sand",
            "stack",
            "rucksack 10 12",
            "bands 6 12",
        ]:
            with self.subTest(text=text):
                read = read_equipment(text, Unit.KG)
                self.assertEqual(len(read.problems), 1)
                self.assertRegex(read.problems[0].expected, r"[.?]$")

    @given(st.text(max_size=120))
    def test_never_breaks_whatever_is_typed(self, text: str) -> None:
        read = read_equipment(text, Unit.LB)
        for line in (line for line in text.splitlines() if line.strip()):
            alone = read_equipment(line, Unit.LB)
            there = alone.inventory
            understood = there.implements or there.features != EVERYWHERE or there.things
            everywhere = any(feature.value in line.lower() for feature in EVERYWHERE)
            self.assertTrue(understood or alone.problems or everywhere, line)
        self.assertEqual({p.line for p in read.problems} - set(range(1, len(text.splitlines()) + 1)), set())


class MoreEquipmentTest(TestCase):
    def test_adjustable_steps_carry_their_codes(self) -> None:
        for text, first in [
            ("blocks 5-15 lb by 5: 5 white, 10 yellow, 15 red", "5 lb, white"),
            ("blocks 5-15 lb by 5: 5 white", "5 lb, white"),
            ("blocks 5-15 lb by 5: 5 white/green, 10 white", "5 lb, white/green"),
            ("blocks 5-15 lb by 5 with pin colours", "5 lb"),
            ("blocks 5 white, 10 yellow, 15 red lb", "5 lb, white"),
        ]:
            with self.subTest(text=text):
                read = read_equipment(text, Unit.KG)
                made = read.inventory.achievable(ImplementKind.DUMBBELL)
                self.assertEqual((read.problems, len(made), made[0].how), ((), 3, first))
                self.assertEqual([str(a.load) for a in made], ["5 lb", "10 lb", "15 lb"])

    def test_a_stack_with_an_add_on(self) -> None:
        self.assertEqual(loads_of("stack 10-30 by 10, add-on 2.5", ImplementKind.STACK), "10 12.5 20 22.5 30 32.5")
        read = read_equipment("stack 10-30 by 10 add on 2.5 5", Unit.KG)
        self.assertEqual(read.inventory.achievable(ImplementKind.STACK)[1].how, "pin at 10 kg, add-on 2.5 kg")

    def test_medicine_balls_assistance_and_a_belt(self) -> None:
        text = "medicine balls 3 5\nassistance 5-15 by 5\nbelt 2.5"
        self.assertEqual(loads_of(text, ImplementKind.MEDICINE_BALL), "3 5")
        self.assertEqual(loads_of(text, ImplementKind.ASSISTANCE), "5 10 15")
        self.assertEqual(loads_of(text, ImplementKind.BODYWEIGHT), "2.5")

    def test_kilograms_and_pounds_side_by_side_stay_what_they_are(self) -> None:
        read = read_equipment("dumbbells 10 20\ndumbbells 25 45 lb", Unit.KG)
        made = [str(a.load) for a in read.inventory.achievable(ImplementKind.DUMBBELL)]
        self.assertEqual((read.problems, made), ((), ["10 kg", "25 lb", "20 kg", "45 lb"]))

    def test_things_without_a_weight(self) -> None:
        read = read_equipment("bench, rack; pull-up bar\nboxes\nno doorway", Unit.KG)
        self.assertEqual(read.problems, ())
        place = read.inventory
        for there in (Feature.BENCH, Feature.RACK, Feature.PULL_UP_BAR, Feature.BOX, Feature.WALL):
            self.assertTrue(place.offers(there))
        self.assertFalse(place.offers(Feature.DOORWAY))
        self.assertFalse(place.offers(Feature.ROWER))

    def test_half_readable_lines_keep_what_is_read(self) -> None:
        for text, kind, kept, unread in [
            ("dumbbells 4-8 by 2, heavy", ImplementKind.DUMBBELL, "4 6 8", "heavy"),
            ("bar 20, plates 2x5 and more", ImplementKind.BARBELL, "20 30", "more"),
            ("bands green 8, black", ImplementKind.BAND, "8", "black"),
            ("bar 20, plates 3x5", ImplementKind.BARBELL, "20 30", "3x5"),
            ("blocks 5-15 by 5: 5 white, 7 blue", ImplementKind.DUMBBELL, "5 10 15", "7 kg blue"),
        ]:
            with self.subTest(text=text):
                read = read_equipment(text, Unit.KG)
                self.assertEqual([(p.line, p.text) for p in read.problems], [(1, unread)])
                self.assertEqual(loads_of(text, kind), kept)

    def test_one_unknown_thing_does_not_cost_the_others(self) -> None:
        read = read_equipment("bench, bnech", Unit.KG)
        self.assertTrue(read.inventory.offers(Feature.BENCH))
        self.assertEqual([p.text for p in read.problems], ["bnech"])

    def test_any_room_between_words_is_one_space(self) -> None:
        # A reader that tries each way to part the room would not come back.
        for room in (" " * 900, "\t " * 450, "\u00a0" * 900):
            self.assertEqual(
                read_equipment(f"bar{room}20", Unit.KG).inventory, read_equipment("bar 20", Unit.KG).inventory
            )
            self.assertEqual(loads_of(f"bands green{room}8", ImplementKind.BAND), "8")

    def test_a_line_too_long_and_a_number_too_long_are_told_and_cost_no_other(self) -> None:
        for long in ("1" * MOST_IN_A_LINE, "8, " * MOST_IN_A_LINE, "bar 20 " * MOST_IN_A_LINE):
            read = read_equipment(f"dumbbells 4-8 by 2\n{long}\nbench", Unit.KG)
            self.assertEqual([(p.line, p.text) for p in read.problems], [(2, f"{long[:40].strip()}…")])
            self.assertIn("characters a line", read.problems[0].expected)
            self.assertEqual([u.line for u in read.understood], [1, 2, 3])
            self.assertTrue(read.inventory.offers(Feature.BENCH))
            self.assertEqual(loads_of(f"dumbbells 4-8 by 2\n{long}", ImplementKind.DUMBBELL), "4 6 8")
        # A weight that was worked out from pounds has many digits, and is none too long.
        self.assertEqual(read_equipment("dumbbells 22.679618500 kg", Unit.KG).problems, ())

    def test_the_longest_list_of_weights_is_read(self) -> None:
        shelf = [str(weight) for weight in range(10, 260)]
        read = read_equipment(f"dumbbells {' '.join(shelf)}", Unit.KG)
        self.assertEqual(read.problems, ())
        self.assertEqual([a.load.value for a in read.inventory.achievable(ImplementKind.DUMBBELL)], [*map(int, shelf)])

    def test_a_line_reads_alike_wherever_it_stands(self) -> None:
        lines = [
            "bar 20, plates 2x5 and more",
            "dumbbells 4-8 by 2",
            "bench, bnech",
            "plates 2x10",
            "dumbbells 4-8 by 2",
        ]
        for unit in Unit:
            alone = [read_equipment(line, unit) for line in lines]
            both = read_equipment("\n".join(lines), unit)
            self.assertEqual([u.said for u in both.understood], [one.understood[0].said for one in alone])
            self.assertEqual([p.text for p in both.problems], [p.text for one in alone for p in one.problems])
