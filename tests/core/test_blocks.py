from decimal import Decimal
from unittest import TestCase

from hypothesis import given

from tests.core.strategies import prescriptions
from upright_anvil.core.blocks import Athlete, done_bar, planned_bar
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import read

SQUAT = Exercise("squat", "Squat", Pattern.SQUAT, ("quadriceps",))
PULL_UP = Exercise("pull-up", "Pull-up", Pattern.PULL_VERTICAL, ("lats",), bodyweight_share=Decimal(1))


class BlocksTest(TestCase):
    def test_width_is_reps_and_height_the_share_of_the_maximum(self) -> None:
        bar = planned_bar(read("3 x 8-10, 60 kg", Unit.KG), SQUAT, Athlete(max_kg=Decimal(80)))
        self.assertEqual((bar.width, bar.height, bar.label), (10, 0.75, "8-10 reps with 60 kg"))

    def test_without_a_maximum_the_reserve_gives_the_height(self) -> None:
        # Eight reps with two left: R = 10, three quarters of a maximum by the house estimate.
        self.assertEqual(planned_bar(read("3 x 8, leave 2", Unit.KG), SQUAT, Athlete()).height, 0.75)

    def test_body_weight_moves_too(self) -> None:
        athlete = Athlete(Decimal(80), Decimal(100))
        self.assertEqual(planned_bar(read("3 x 5, bw + 10 kg", Unit.KG), PULL_UP, athlete).height, 0.9)

    def test_a_hold_is_as_wide_as_its_seconds(self) -> None:
        self.assertEqual(planned_bar(read("3 x 40 s", Unit.KG), SQUAT, Athlete()).width, 10)

    def test_what_was_done(self) -> None:
        row = PerformedSet(
            "a", SetPosition("l", 1), "squat", Outcome.DONE, reps=7, load=Load.of(62, Unit.KG), reserve=1
        )
        bar = done_bar(row, SQUAT, Athlete(max_kg=Decimal(80)))
        self.assertEqual((bar.width, bar.height, bar.label), (7, 0.775, "7 reps with 62 kg, 1 left"))

    @given(prescriptions)
    def test_everything_stays_inside_the_drawing(self, prescription: Prescription) -> None:
        for athlete in (Athlete(), Athlete(Decimal(80), Decimal(100))):
            bar = planned_bar(prescription, PULL_UP, athlete)
            self.assertTrue(0 < bar.height <= 1)
            self.assertGreater(bar.width, 0)
