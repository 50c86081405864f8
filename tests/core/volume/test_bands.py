from decimal import Decimal
from unittest import TestCase

from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.volume.bands import BEGINNING, GENERAL, SIZE, STRENGTH, BandPosition, band_for


class BandsTest(TestCase):
    def test_the_goal_and_the_training_age_choose(self) -> None:
        for goal, age, band in [
            (GoalKind.SIZE, TrainingAge.EXPERIENCED, SIZE),
            (GoalKind.LAGGING, TrainingAge.SOME, SIZE),
            (GoalKind.STRENGTH, TrainingAge.EXPERIENCED, STRENGTH),
            (GoalKind.FITNESS, TrainingAge.RETURNING, GENERAL),
            (GoalKind.NOT_SAID, TrainingAge.NOT_SAID, GENERAL),
            (GoalKind.SIZE, TrainingAge.NEW, BEGINNING),
            (GoalKind.STRENGTH, TrainingAge.SEDENTARY, BEGINNING),
        ]:
            with self.subTest(goal=goal, age=age):
                self.assertEqual(band_for(goal, age), band)

    def test_the_house_figures(self) -> None:
        bands = [(band.low, band.high) for band in (SIZE, STRENGTH, GENERAL, BEGINNING)]
        self.assertEqual(bands, [(8, 20), (4, 14), (3, 12), (2, 8)])

    def test_every_goal_and_age_of_the_file_has_a_band_with_its_source(self) -> None:
        for goal in GoalKind:
            for age in TrainingAge:
                band = band_for(goal, age)
                self.assertTrue(0 < band.low < band.high and band.source)

    def test_the_ends_belong_to_the_band(self) -> None:
        for sets, standing in [
            ("7.5", BandPosition.BELOW),
            ("8", BandPosition.WITHIN),
            ("20", BandPosition.WITHIN),
            ("20.5", BandPosition.ABOVE),
        ]:
            self.assertEqual(SIZE.standing(Decimal(sets)), standing)
