from unittest import TestCase

from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.volume.hard_sets import PlannedLine, hard_sets
from upright_anvil.formats.shipped.exercise_file import shipped_exercises

ALL = shipped_exercises()


class SchemesVolumeTest(TestCase):
    def test_which_sets_of_a_scheme_count_as_hard(self) -> None:
        for story, text, sets in [
            ("each set of a pyramid", "12/10/8/max, 60/65/70/75 kg", 4),
            ("few reps at the top count too", "8/5/3, 60/80/90 kg", 3),
            ("ramp-up sets only lead up", "8/5/5, 40/60/80 kg, ramp-up", 0),
            ("a top set and its back-offs", "1 x 5, 100 kg, back off 3 x 8 at 85 kg", 4),
            ("a top single and its back-offs", "1 x 1, 120 kg, back off 3 x 8 at 85 kg", 4),
            ("drops count each", "3 x 10, 60 kg, drop to 50/40 kg", 5),
            ("a last set of max", "3 x 8, 60 kg, last set max", 3),
            ("a cluster is a set", "4 x 2+2+2, 90 kg", 4),
            ("by the clock, whatever is left", "10 x 5, 60 kg, every 60 s", 10),
            ("by the clock, with a reserve said", "6 x 5, 60 kg, every 60 s, leave 3", 6),
            ("most rounds, with a reserve said", "most x 6, 60 kg, in 3:00, leave 3", 10),
            ("rpe counts like a reserve", "3 x 8, 60 kg, rpe 8", 3),
            ("rpe of five is easy", "3 x 8, 60 kg, rpe 5", 0),
        ]:
            with self.subTest(story):
                self.assertEqual(hard_sets(PlannedLine(ALL["leg-press"], read(text, Unit.KG))), sets)

    def test_a_carry_counts_by_its_metres(self) -> None:
        carry = ALL["loaded-carry"]
        self.assertEqual([hard_sets(PlannedLine(carry, read(f"3 x {m} m", Unit.KG))) for m in (10, 15, 40)], [0, 3, 3])
