"""Doses in plain words."""

from unittest import TestCase

from upright_anvil.core.home.dose import dose_words
from upright_anvil.core.ledger.aim import Aim, aim_for
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.phrases import Phrases
from upright_anvil.core.prescription.text.shorthand import read

SAID = (
    ("3 x 8-10, 20 kg, rest 60 s, leave 2", "3 × 8-10 reps, 20 kg, 60 s rest, stop with 2 left"),
    ("2 x 40 s, rest 30 s", "2 × 40 s, 30 s rest"),
    ("3 x 6 each side, 12 kg, tempo 3-1-1-0", "3 × 6 reps, 12 kg, each side, 3 s down, 1 s held below, 1 s up"),
    ("1 x max", "1 × as many reps as possible"),
    ("12 / 10 / 8, 20 / 25 / 30 kg", "1 × 12 reps, 20 kg; 1 × 10 reps, 25 kg; 1 × 8 reps, 30 kg"),
)


def aims(text: str) -> tuple[str, list[Aim]]:
    asked = read(text, Unit.KG)
    return text, [aim_for(asked, None, None, plan) for plan in asked.plans]


class DoseTest(TestCase):
    def test_said_as_one_says_it(self) -> None:
        for text, words in SAID:
            with self.subTest(text):
                self.assertEqual(dose_words(read(text, Unit.KG), aims(text)[1]), words)

    def test_in_another_language_with_its_decimal_mark(self) -> None:
        german = Phrases(
            "de", {"{{count}} reps": "{{count}} Wiederholungen", "{{seconds}} s rest": "{{seconds}} s Pause"}, ","
        )
        text = "2 x 5, 22.5 kg, rest 45 s"
        self.assertEqual(
            dose_words(read(text, Unit.KG), aims(text)[1], german), "2 × 5 Wiederholungen, 22,5 kg, 45 s Pause"
        )
