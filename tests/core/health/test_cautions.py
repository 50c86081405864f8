from datetime import date, timedelta
from unittest import TestCase

from upright_anvil.core.body.joints import Joint, JointLoad, Side, Stress
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.health.cautions import CautionGrade, general_cautions, joint_cautions
from upright_anvil.core.health.history import Condition, Entry, JointStatus, State, current

TODAY = date(2026, 3, 4)


def knee(stress: Stress) -> Exercise:
    return Exercise("e", "E", Pattern.SQUAT, (), joints=(JointLoad(Joint.KNEE, stress, "bends"),))


def standing(state: State, side: Side = Side.LEFT, topic: Joint = Joint.KNEE) -> JointStatus:
    return JointStatus(topic, side, state, Entry("entry", TODAY, topic, state, side, "ligament"))


class JointCautionsTest(TestCase):
    def test_how_much_is_too_much(self) -> None:
        for state, light, moderate, much in [
            (State.HURTS, CautionGrade.CAUTION, CautionGrade.STOP, CautionGrade.STOP),
            (State.SPARE, None, CautionGrade.CAUTION, CautionGrade.STOP),
            (State.WATCH, None, None, CautionGrade.NOTE),
        ]:
            for stress, expected in zip(Stress, (light, moderate, much), strict=True):
                with self.subTest(state=state, stress=stress):
                    found = joint_cautions(knee(stress), [standing(state)])
                    self.assertEqual([c.grade for c in found], [expected] if expected else [])

    def test_the_sentence_names_side_state_words_and_how(self) -> None:
        said = joint_cautions(knee(Stress.MUCH), [standing(State.SPARE)])[0].text
        self.assertEqual(
            said,
            "Left knee, spare it (ligament): this asks a lot of it (bends). Take something that leaves it alone.",
        )

    def test_one_caution_a_joint_by_the_strictest_side_and_none_for_others(self) -> None:
        two = [standing(State.HURTS), standing(State.SPARE, Side.RIGHT), standing(State.HURTS, topic=Joint.SHOULDER)]
        self.assertEqual([c.about for c in joint_cautions(knee(Stress.MODERATE), two)], ["left knee"])


class GeneralCautionsTest(TestCase):
    def said(self, topic: Condition, days_ago: int = 0, due: date | None = None, clinician: bool = True) -> str:
        on = TODAY - timedelta(days=days_ago)
        entry = Entry("entry", on, topic, State.WATCH, clinician=clinician, due_on=due)
        caution = general_cautions(current([entry], TODAY), TODAY)[0]
        return f"{caution.grade}: {caution.text}"

    def test_a_condition_points_to_the_clinician(self) -> None:
        self.assertIn("caution: Blood pressure", self.said(Condition.BLOOD_PRESSURE))
        self.assertIn("keep to what was allowed", self.said(Condition.BLOOD_PRESSURE))
        self.assertRegex(self.said(Condition.HEART, clinician=False), "^stop: .*speak to a clinician")

    def test_pregnancy_and_the_months_after(self) -> None:
        self.assertIn("about week 30", self.said(Condition.PREGNANCY, 5, TODAY + timedelta(weeks=10)))
        self.assertIn("write down the birth", self.said(Condition.PREGNANCY, 300, TODAY - timedelta(weeks=6)))
        self.assertIn("Gave birth 3 months ago", self.said(Condition.AFTER_BIRTH, 95))
        self.assertIn("less than a month ago", self.said(Condition.AFTER_BIRTH, 5))
        self.assertIn("Gave birth 1 month ago", self.said(Condition.AFTER_BIRTH, 28))
        self.assertIn("Gave birth less than a month ago", self.said(Condition.AFTER_BIRTH, 27))

    def test_joints_are_not_told_here(self) -> None:
        self.assertEqual(general_cautions([standing(State.HURTS)], TODAY), ())
