from unittest import TestCase

from hypothesis import given

from tests.core.checks.plans import SETTING
from tests.core.strategies import tempos
from upright_anvil.core.clock.tempo_beats import Metronome, metronome
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.prescription.text.shorthand import read

SQUAT = SETTING.exercise("back-squat")


def of(asked: Prescription | None, exercise: str = "back-squat") -> Metronome:
    found = metronome(asked, SETTING.exercise(exercise))
    assert found
    return found


class BeatsTest(TestCase):
    def beats(self, text: str) -> list[tuple[int, str, int]]:
        return [(beat.at, beat.say, beat.seconds) for beat in of(read(text, Unit.KG)).beats]

    def test_nothing_beats_a_run_a_hold_or_a_carry(self) -> None:
        for exercise, text, beats in (
            ("easy-run", "5 km in 30 min", False), ("easy-run", "1 x 20 min", False), ("plank", "3 x 40 s", False),
            ("back-squat", "3 x 40 s, hold", False), ("back-squat", "3 x 40 s", True), ("deadlift", "4 x 20 m", False),
            ("plank", "3 x 5, tempo 3-1-1-0", True),
        ):  # fmt: skip
            with self.subTest(exercise=exercise, text=text):
                self.assertIs(metronome(read(text, Unit.KG), SETTING.exercise(exercise)) is not None, beats)

    def test_each_phase_is_called_at_its_second_and_empty_ones_are_not(self) -> None:
        self.assertEqual(self.beats("3 x 5, tempo 3-1-X-0"), [(0, "lower", 3), (3, "hold", 1), (4, "drive", 1)])
        self.assertEqual(self.beats("3 x 5, tempo 2-0-2-1"), [(0, "lower", 2), (2, "lift", 2), (4, "hold", 1)])

    def test_without_a_tempo_the_exercise_has_its_own(self) -> None:
        found = of(None)
        self.assertFalse(found.own)
        self.assertEqual(found.rep_seconds, max(SQUAT.rep_seconds, 2))
        self.assertEqual([beat.say for beat in found.beats], ["lower", "lift"])

    @given(tempos)
    def test_beats_fill_the_repetition(self, tempo: Tempo) -> None:
        found = of(Prescription(1, Reps(5, 5), tempo=tempo))
        self.assertEqual(sum(beat.seconds for beat in found.beats), found.rep_seconds)
        self.assertEqual([beat.at for beat in found.beats], sorted({beat.at for beat in found.beats}))
