"""Sound programs are left alone, bad ones are asked about, each fault once."""

from collections import Counter
from unittest import TestCase

from tests.core.checks.bad_programs import BAD
from tests.core.checks.sound_programs import SOUND
from upright_anvil.core.checks.model import Severity
from upright_anvil.core.checks.run import findings

MOST_QUESTIONS = 2


class JudgedProgramsTest(TestCase):
    def test_thirty_sound_programs_are_left_alone(self) -> None:
        self.assertEqual(len(SOUND), 30)
        for name, who, program in SOUND:
            with self.subTest(name):
                found = [f for f in findings(program, who) if f.severity is not Severity.NOTE]
                serious = [f.message for f in found if f.severity is not Severity.QUESTION]
                self.assertEqual(serious, [])
                self.assertLessEqual(len(found), MOST_QUESTIONS, [f.message for f in found])

    def test_thirty_bad_programs_are_asked_about_once_a_fault(self) -> None:
        self.assertEqual(len(BAD), 30)
        for name, check, who, program in BAD:
            with self.subTest(name):
                found = findings(program, who)
                self.assertIn(check, [f.check for f in found], [f.message for f in found])
                places = Counter((f.check, f.day, f.line) for f in found if f.day or f.line)
                self.assertEqual([place for place, times in places.items() if times > 1], [])
