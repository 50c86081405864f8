from unittest import TestCase
from unittest.mock import patch

from upright_anvil.core.prescription.text.named import NamedLine, parted


class PartedTest(TestCase):
    def test_a_name_and_the_shorthand_behind_it(self) -> None:
        for typed, name, line in [
            ("goblet squat 3x10 16", "goblet squat", "3x10 16"),
            ("back squat: 12/10/8 60", "back squat", "12/10/8 60"),
            ("thruster most x 6 in 8:00", "thruster", "most x 6 in 8:00"),
            ("90 90", "90 90", ""),
            ("90 90 stretch 2 x 40 s", "90 90 stretch", "2 x 40 s"),
            ("plank, 3 sets of 40 s", "plank", "3 sets of 40 s"),
            ("plank 40 s", "plank", "40 s"),
            ("run 5 km in 30 min", "run", "5 km in 30 min"),
            ("press up max 20", "press up", "max 20"),
            ("swing emom 10: 15 24", "swing", "emom 10: 15 24"),
            ("mountain climber 8 rounds 20 s on 10 s off", "mountain climber", "8 rounds 20 s on 10 s off"),
            ("curl 3-4 x 10 12 kg", "curl", "3-4 x 10 12 kg"),
            ("squat 3x10 slowly", "squat", "3x10 slowly"),
            ("goblet squat 20", "goblet squat", "1 x 20"),
            ("push-up 8-12", "push-up", "1 x 8-12"),
            ("row", "row", ""),
            ("", "", ""),
        ]:
            with self.subTest(typed):
                self.assertEqual(parted(typed), NamedLine(name, line))

    def test_what_only_looks_like_shorthand_stays_a_name(self) -> None:
        # Each place it might begin at is tried; what it comes nearest to is for who types a line, not for a name.
        with patch("upright_anvil.core.prescription.text.shorthand.mended", side_effect=AssertionError):
            for typed in ("5s, " * 129 + "x", "1 green, " * 57 + "x", "press 1 green, 2 red x"):
                self.assertEqual(parted(typed), NamedLine(typed, ""))
