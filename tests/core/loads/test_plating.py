from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.strategies import barbells
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.implements import Barbell, Plates
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.loads.plating import plates_for

BAR = Barbell(
    Load.of(20, Unit.KG),
    tuple(Plates(Load.of(size, Unit.KG), count) for size, count in [("1.25", 2), ("2.5", 2), (5, 4), (10, 4), (20, 2)]),
)


def written(plates: tuple[Load, ...]) -> str:
    return " ".join(str(plate.value) for plate in plates)


class PlatingTest(TestCase):
    def test_fewest_plates_heaviest_inside(self) -> None:
        for target, end in [
            (20, ""),
            (60, "20"),
            ("82.5", "20 10 1.25"),
            (70, "20 5"),
            (50, "10 5"),
            (100, "20 10 10"),
        ]:
            with self.subTest(target=target):
                self.assertEqual(written(plates_for(BAR, Load.of(target, Unit.KG)).end), end)

    def test_the_change_leaves_on_what_stays(self) -> None:
        change = plates_for(BAR, Load.of(70, Unit.KG), now=(Load.of(20, Unit.KG), Load.of("2.5", Unit.KG)))
        self.assertEqual((written(change.put_on), written(change.take_off)), ("5", "2.5"))

    def test_a_load_that_cannot_be_made_is_refused(self) -> None:
        with self.assertRaisesRegex(DomainError, "61 kg cannot be made"):
            plates_for(BAR, Load.of(61, Unit.KG))

    @given(barbells(), st.data())
    def test_the_end_makes_exactly_the_load(self, barbell: Barbell, data: st.DataObject) -> None:
        target = data.draw(st.sampled_from(barbell.achievable())).load
        end = plates_for(barbell, target).end
        self.assertEqual(barbell.bar.kg + 2 * sum((p.kg for p in end), Decimal(0)), target.kg)
        self.assertEqual(list(end), sorted(end, key=lambda p: -p.kg))
        for size in barbell.plates:
            self.assertLessEqual(end.count(size.load), size.pairs)
