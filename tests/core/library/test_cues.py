from unittest import TestCase

from tests.core.library.samples import HURTS, SPARE, at
from upright_anvil.core.body.joints import Joint
from upright_anvil.core.library.cues import cues_for
from upright_anvil.formats.shipped.exercise_file import shipped_exercises

SPLIT = shipped_exercises()["split-squat"]


class CuesTest(TestCase):
    def test_plain_cues_for_a_sound_client(self) -> None:
        self.assertEqual((cues_for(SPLIT, ()).school, cues_for(SPLIT, ()).cues), ("", SPLIT.cues))

    def test_a_joint_in_trouble_is_spared_by_the_cues_too(self) -> None:
        chosen = cues_for(SPLIT, at(SPARE, Joint.KNEE))
        self.assertEqual((chosen.school, chosen.why), ("spare knee", "Left knee: spare it."))
        self.assertIn("Shin upright, hips back", chosen.cues)

    def test_another_joint_changes_nothing(self) -> None:
        self.assertEqual(cues_for(SPLIT, at(HURTS, Joint.NECK)).cues, SPLIT.cues)
