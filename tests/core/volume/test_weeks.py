from decimal import Decimal
from unittest import TestCase

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.prescription.shorthand import read
from upright_anvil.core.volume.bands import Band, Standing
from upright_anvil.core.volume.hard_sets import PlannedLine
from upright_anvil.core.volume.weeks import MuscleWeek, WeekVolume, week_volume
from upright_anvil.formats.exercise_file import shipped_exercises

ALL = shipped_exercises()
BAND = Band(4, 8, "for the test")
WEEK = [
    PlannedLine(ALL["bench-press"], read("4 x 8, 60 kg, leave 2")),
    PlannedLine(ALL["push-up"], read("3 x 10, bw")),
    PlannedLine(ALL["cable-row"], read("3 x 10, 40 kg")),
    PlannedLine(ALL["triceps-pressdown"], read("3 x 12, 15 kg")),
]


def muscle(volume: WeekVolume, name: Muscle) -> MuscleWeek:
    return next(m for m in volume.muscles if m.muscle is name)


class WeekVolumeTest(TestCase):
    def test_planned_and_done_against_the_band(self) -> None:
        volume = week_volume(WEEK, [(ALL["bench-press"], 1), (ALL["bench-press"], 1), (ALL["push-up"], 0)], BAND)
        for name, planned, done, standing in [
            (Muscle.CHEST, "7", "2", Standing.WITHIN),
            (Muscle.TRICEPS, "10", "2", Standing.ABOVE),
            (Muscle.LATS, "3", "0", Standing.BELOW),
            (Muscle.FRONT_SHOULDER, "3.5", "1", Standing.BELOW),
        ]:
            with self.subTest(muscle=name):
                found = muscle(volume, name)
                self.assertEqual(
                    (found.planned, found.done, found.standing), (Decimal(planned), Decimal(done), standing)
                )
        self.assertEqual((volume.push, volume.pull), (7, 3))

    def test_each_figure_says_what_it_comes_from(self) -> None:
        volume = week_volume(WEEK, [], BAND)
        self.assertEqual(muscle(volume, Muscle.TRICEPS).lines, ("Bench press: 4", "Push-up: 3", "Triceps pressdown: 3"))
        self.assertEqual(muscle(volume, Muscle.FRONT_SHOULDER).lines, ("Bench press: 2", "Push-up: 1.5"))

    def test_what_gets_nothing_is_named(self) -> None:
        volume = week_volume(WEEK, [], BAND)
        self.assertIn(Muscle.CALVES, volume.without)
        self.assertNotIn(Muscle.CHEST, volume.without)
        self.assertEqual(len(volume.without) + len(volume.muscles), len(Muscle))

    def test_work_that_was_not_planned_is_shown_too(self) -> None:
        volume = week_volume([], [(ALL["calf-raise"], 3)], BAND)
        self.assertEqual(muscle(volume, Muscle.CALVES).done, Decimal(3))
        self.assertEqual(muscle(volume, Muscle.CALVES).planned, Decimal(0))


class BalanceTest(TestCase):
    def test_patterns_planned_and_done(self) -> None:
        volume = week_volume(WEEK, [(ALL["bench-press"], 2)], BAND)
        told = {one.pattern.value: (one.planned, one.done) for one in volume.patterns}
        self.assertEqual(told["push horizontal"], (7, 2))
        self.assertEqual(told["pull horizontal"], (3, 0))
        self.assertEqual((volume.planned, volume.done), (13, 2))

    def test_sides(self) -> None:
        for text, left, right in [
            ("3 x 30 s each side", 3, 3),
            ("3 x 30 s, left only", 3, 0),
            ("2 x 30 s, right only", 0, 2),
            ("3 x 30 s each side, left first", 3, 3),
            ("3 x 30 s", 0, 0),
        ]:
            with self.subTest(text=text):
                volume = week_volume([PlannedLine(ALL["side-plank"], read(text))], (), BAND)
                self.assertEqual((volume.left, volume.right), (left, right))
