from pathlib import Path
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.loads.equipment.items import items_of
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Unit

WRITTEN = Path(__file__).with_name("written_lines.txt")


class WrittenLinesTest(TestCase):
    def test_each_line_is_understood_and_what_is_not_is_pointed_at(self) -> None:
        lines = [line for line in WRITTEN.read_text("utf-8").splitlines() if line and not line.startswith("#")]
        self.assertGreaterEqual(len(lines), 120)
        for line in lines:
            written, _, expected = line.partition(" => ")
            said, _, problems = expected.partition(" !! ")
            with self.subTest(written):
                read = read_equipment(written, Unit.KG)
                self.assertEqual("; ".join(one.said for one in read.understood), said.strip())
                self.assertEqual(" | ".join(one.text for one in read.problems), problems.strip())

    def test_plates_on_a_line_of_their_own_go_on_to_every_bar_without_any(self) -> None:
        read = read_equipment("20 kg olympic bar\n15 kg bar\nplates: pairs of 2.5 and 5", Unit.KG)
        loads = [str(made.load.value) for made in read.inventory.achievable(ImplementKind.BARBELL)]
        self.assertEqual((loads, read.problems), (["15", "20", "25", "30", "35"], ()))

    def test_a_place_in_pounds_reads_its_numbers_as_pounds(self) -> None:
        read = read_equipment("DBs 5s, 8s and 10s\nKB 16 kg", Unit.LB)
        self.assertEqual([one.said for one in read.understood], ["dumbbells 5, 8, 10 lb", "kettlebells 16 kg"])

    @given(
        st.lists(st.integers(1, 60), min_size=1, max_size=6, unique=True),
        st.sampled_from([", ", " ", "/", "s, ", " and "]),
    )
    def test_every_weight_of_a_list_is_there_however_it_is_parted(self, weights: list[int], gap: str) -> None:
        line = f"dumbbells {gap.join(str(one) for one in weights)}"
        read = read_equipment(line, Unit.KG)
        made = [int(one.load.value) for one in read.inventory.achievable(ImplementKind.DUMBBELL)]
        self.assertEqual((made, read.problems), (sorted(weights), ()))

    @given(st.integers(1, 20), st.integers(1, 10), st.integers(1, 8), st.sampled_from(
        ["{a}-{b} by {s}", "from {a} to {b} kg, steps of {s}", "{a} to {b} in {s}s", "{a}-{b}/{s}",
         "{a} - {b} every {s} kg",
         "{a} kg to {b} kg in {s} kg steps"]
    ))  # fmt: skip
    def test_every_way_to_say_a_range_makes_the_same_loads(self, low: int, many: int, step: int, way: str) -> None:
        said = way.format(a=low, b=low + many * step, s=step)
        for line in (f"kettlebells {said}", f"{said} kettlebells"):
            read = read_equipment(line, Unit.KG)
            made = [int(one.load.value) for one in read.inventory.achievable(ImplementKind.KETTLEBELL)]
            self.assertEqual(made, list(range(low, low + many * step + 1, step)), line)

    @given(st.text(max_size=80))
    def test_never_breaks(self, line: str) -> None:
        self.assertIsInstance(items_of(line), tuple)
