from dataclasses import replace
from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.strategies import prescriptions
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import ExerciseKind
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.volume.hard_sets import PlannedLine, hard_sets, is_hard, volume_of
from upright_anvil.formats.shipped.exercise_file import shipped_exercises

ALL = shipped_exercises()


def line(exercise: str, text: str) -> PlannedLine:
    return PlannedLine(ALL[exercise], read(text, Unit.KG))


def done(**more: int) -> PerformedSet:
    return PerformedSet("row-00000001", SetPosition("l", 1), "e", Outcome.DONE, **more)  # type: ignore[arg-type]


class HardSetsTest(TestCase):
    def test_which_sets_count(self) -> None:
        for exercise, text, sets in [
            ("back-squat", "4 x 6-8, 80 kg, leave 2", 4),
            ("back-squat", "4 x 6-8, 80 kg", 4),
            ("back-squat", "4 x 6-8, 80 kg, leave 4", 4),
            ("back-squat", "4 x 6-8, 80 kg, leave 5", 0),
            ("back-squat", "5 x 3, 100 kg, leave 1", 5),
            ("back-squat", "5 x 3-4, 100 kg, leave 1", 5),
            ("push-up", "3 x 35, bw", 3),
            ("push-up", "3 x 36, bw", 0),
            ("plank", "3 x 15 s", 3),
            ("plank", "3 x 14 s", 0),
            ("loaded-carry", "3 x 40 s, 24 kg", 3),
            ("cat-camel", "2 x 8", 0),
            ("calf-stretch", "2 x 30 s each side", 0),
            ("easy-run", "1 x 20:00", 0),
            ("single-leg-stand", "2 x 20 s each side", 0),
            ("split-squat", "3 x 8 each side, 10 kg", 3),
        ]:
            with self.subTest(exercise=exercise, text=text):
                self.assertEqual(hard_sets(line(exercise, text)), sets)

    def test_a_direct_mover_counts_one_and_a_helper_half(self) -> None:
        volume = volume_of([line("bench-press", "4 x 8, 60 kg, leave 2"), line("triceps-pressdown", "3 x 12, leave 1")])
        self.assertEqual(
            volume.muscles,
            {Muscle.CHEST: Decimal(4), Muscle.TRICEPS: Decimal(7), Muscle.FRONT_SHOULDER: Decimal(2)},
        )
        self.assertEqual((volume.push, volume.pull), (4, 0))

    def test_push_and_pull_by_pattern(self) -> None:
        volume = volume_of(
            [line("cable-row", "3 x 10, 40 kg"), line("pull-up", "4 x 6, bw"), line("overhead-press", "2 x 8, 30 kg")]
        )
        self.assertEqual((volume.push, volume.pull), (2, 7))
        self.assertEqual(sum(volume.patterns.values()), 9)

    def test_what_was_done_is_measured_alike(self) -> None:
        squat, run = ALL["back-squat"], ALL["easy-run"]
        for story, row, exercise, hard in [
            ("done", done(reps=8, reserve=2), squat, True),
            ("nobody said how many were left", done(reps=8), squat, True),
            ("much too easy", done(reps=8, reserve=6), squat, False),
            ("a triple", done(reps=3, reserve=1), squat, True),
            ("a hold", done(seconds=40), ALL["plank"], True),
            ("a run", done(seconds=1200), run, False),
            ("skipped", replace(done(reps=8), outcome=Outcome.SKIPPED), squat, False),
        ]:
            with self.subTest(story):
                self.assertEqual(is_hard(row, exercise), hard)

    def test_an_empty_week_holds_nothing(self) -> None:
        volume = volume_of([])
        self.assertEqual((volume.muscles, volume.patterns, volume.push, volume.pull), ({}, {}, 0, 0))

    @given(st.lists(st.tuples(st.sampled_from(sorted(ALL)), prescriptions), max_size=8))
    def test_no_muscle_gets_more_than_all_sets_and_none_gets_less_than_nothing(
        self, drawn: list[tuple[str, Prescription]]
    ) -> None:
        lines = [PlannedLine(ALL[name], asked) for name, asked in drawn]
        volume = volume_of(lines)
        most = sum(hard_sets(one) for one in lines)
        self.assertTrue(all(0 < sets <= most for sets in volume.muscles.values()))
        self.assertLessEqual(volume.push + volume.pull, sum(volume.patterns.values()))
        self.assertEqual(sum(volume.patterns.values()), sum(hard_sets(one) for one in lines))
        self.assertEqual(volume_of(lines[::-1]), volume)

    def test_every_sort_of_exercise_is_either_counted_or_left_out_on_purpose(self) -> None:
        counted = {e.kind for e in ALL.values() if hard_sets(PlannedLine(e, read("3 x 10", Unit.KG)))}
        self.assertEqual(counted, {ExerciseKind.LIFT, ExerciseKind.HOLD, ExerciseKind.CARRY})
