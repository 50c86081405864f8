from decimal import Decimal
from unittest import TestCase

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.goals import TrainingAge
from upright_anvil.core.ledger.how import NOTHING_SEEN, How
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.volume.bands import Band, BandPosition
from upright_anvil.core.volume.contacts import contacts_band, contacts_done, contacts_of
from upright_anvil.core.volume.hard_sets import PlannedLine
from upright_anvil.core.volume.weeks import MuscleWeek, WeekVolume, week_volume
from upright_anvil.formats.shipped.exercise_file import shipped_exercises

ALL = shipped_exercises()
BAND = Band(4, 8, "for the test")
WEEK = [
    PlannedLine(ALL["bench-press"], read("4 x 8, 60 kg, leave 2", Unit.KG)),
    PlannedLine(ALL["push-up"], read("3 x 10, bw", Unit.KG)),
    PlannedLine(ALL["cable-row"], read("3 x 10, 40 kg", Unit.KG)),
    PlannedLine(ALL["triceps-pressdown"], read("3 x 12, 15 kg", Unit.KG)),
]


def did(exercise: str, *sets: int, reserve: int | None = 2) -> list[tuple[PerformedSet, Exercise]]:
    """Sets of an exercise by their repetitions."""
    return [
        (PerformedSet(f"r{n}", SetPosition("l", n), exercise, Outcome.DONE, reps, reserve=reserve), ALL[exercise])
        for n, reps in enumerate(sets, start=1)
    ]


def done(
    exercise: str, reps: int, planned: str = "", how: How = NOTHING_SEEN, outcome: Outcome = Outcome.DONE
) -> PerformedSet:
    count = reps if outcome is Outcome.DONE else None
    return PerformedSet("r", SetPosition("l", 1), exercise, outcome, count, planned=planned, how=how)


def muscle(volume: WeekVolume, name: Muscle) -> MuscleWeek:
    return next(m for m in volume.muscles if m.muscle is name)


class WeekVolumeTest(TestCase):
    def test_planned_and_done_against_the_band(self) -> None:
        volume = week_volume(WEEK, [*did("bench-press", 8, 8), *did("push-up", 10, reserve=6)], BAND)
        for name, planned, done, standing in [
            (Muscle.CHEST, "7", "2", BandPosition.WITHIN),
            (Muscle.TRICEPS, "10", "2", BandPosition.ABOVE),
            (Muscle.LATS, "3", "0", BandPosition.BELOW),
            (Muscle.FRONT_SHOULDER, "3.5", "1", BandPosition.BELOW),
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
        volume = week_volume([], did("calf-raise", 15, 15, 15), BAND)
        self.assertEqual(muscle(volume, Muscle.CALVES).done, Decimal(3))
        self.assertEqual(muscle(volume, Muscle.CALVES).planned, Decimal(0))


class HeavyAndContactsTest(TestCase):
    def test_seven_heavy_triples_are_seven_hard_sets_and_told_apart(self) -> None:
        asked = PlannedLine(ALL["front-squat"], read("7 x 3, 100 kg, tempo 5-3-X-0, rest 3:00", Unit.KG))
        volume = week_volume([asked], did("front-squat", 3, 3, 3, 3, 2, 2, 1), BAND)
        self.assertEqual((volume.planned, volume.done, volume.heavy_planned, volume.heavy_done), (7, 7, 7, 7))
        fours = week_volume(
            [PlannedLine(ALL["front-squat"], read("3 x 4, 90 kg", Unit.KG))], did("front-squat", 4, 4, 3), BAND
        )
        self.assertEqual((fours.planned, fours.heavy_planned, fours.heavy_done), (3, 0, 1))

    def test_every_minute_sets_are_counted_alike_planned_and_done(self) -> None:
        asked = PlannedLine(ALL["back-squat"], read("5 x 5, 60 kg, every 1:00", Unit.KG))
        volume = week_volume([asked], did("back-squat", 5, 5, 5, 5, 5, reserve=None), BAND)
        self.assertEqual((volume.planned, volume.done), (5, 5))

    def test_contacts_of_jumps_and_throws(self) -> None:
        for exercise, text, contacts in (
            ("box-jump", "10 x 10", 100), ("lateral-bound", "3 x 5 each side", 30),
            ("rotation-throw", "3 x 8 each side, 4 kg", 48),
            ("back-squat", "3 x 5, 60 kg", 0), ("box-jump", "3 x 5, ramp-up", 0),
        ):  # fmt: skip
            with self.subTest(text):
                self.assertEqual(contacts_of(PlannedLine(ALL[exercise], read(text, Unit.KG))), contacts)
        volume = week_volume([PlannedLine(ALL["box-jump"], read("3 x 5", Unit.KG))], did("box-jump", 5, 5, 4), BAND)
        self.assertEqual((volume.contacts_planned, volume.contacts_done, volume.done), (15, 14, 0))

    def test_the_bands_of_contacts(self) -> None:
        for age, a_session, a_week in (
            (TrainingAge.SEDENTARY, 30, 60), (TrainingAge.NEW, 60, 120), (TrainingAge.RETURNING, 60, 120),
            (TrainingAge.NOT_SAID, 60, 120), (TrainingAge.SOME, 100, 200), (TrainingAge.EXPERIENCED, 140, 300),
        ):  # fmt: skip
            self.assertEqual((contacts_band(age).a_session, contacts_band(age).a_week), (a_session, a_week), age)

    def test_contacts_that_were_done(self) -> None:
        for story, row, contacts in (
            ("as asked", done("box-jump", 5), 5),
            ("each side counts", done("lateral-bound", 5, planned="3 x 5 each side"), 10),
            ("sides told apart", done("lateral-bound", 4, planned="3 x 5 each side", how=How(left=5, right=4)), 9),
            ("left out", done("box-jump", 0, outcome=Outcome.SKIPPED), 0),
            ("no jump", done("back-squat", 5), 0),
        ):
            self.assertEqual(contacts_done(row, ALL[row.exercise]), contacts, story)


class BalanceTest(TestCase):
    def test_patterns_planned_and_done(self) -> None:
        volume = week_volume(WEEK, did("bench-press", 8, 8), BAND)
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
                volume = week_volume([PlannedLine(ALL["side-plank"], read(text, Unit.KG))], (), BAND)
                self.assertEqual((volume.left, volume.right), (left, right))
