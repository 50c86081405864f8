from unittest import TestCase

from tests.core.progression.story import RAISED
from tests.core.projection.test_course import line
from upright_anvil.core.projection.events import events
from upright_anvil.core.projection.projection import ProjectedLine, course
from upright_anvil.core.projection.scenario import Scenario

NAMES = [f"week {n}" for n in range(1, 41)]


def said(of: ProjectedLine, outlook: Scenario = Scenario.WELL) -> list[str]:
    return [event.text for event in events(course(of, outlook), of.context, NAMES)]


class EventsTest(TestCase):
    def test_where_the_kit_runs_out_and_what_comes_then(self) -> None:
        press = line("press", *["3 x 8-10, 16 kg, leave 2"] * 14, kg=24)
        self.assertEqual(
            said(press),
            ["Heaviest here (16 kg) in week 1: then more reps, then one side at a time."],
        )
        named = line("press", *["3 x 8-10, 16 kg, leave 2"] * 14, kg=24, harder=RAISED)
        self.assertIn("then a harder variant, Push-up, hands raised", said(named)[0])

    def test_a_jump_too_big_and_its_bridge(self) -> None:
        press = line("press", *["3 x 8-10, 10 kg, leave 2"] * 16, kg=18)
        self.assertEqual(
            said(press)[0],
            "The step to 12 kg is +20 %: more reps after week 1, slower lowering after week 2, 12 kg in week 4.",
        )

    def test_the_way_back_after_a_bad_patch(self) -> None:
        squat = line("squat", *["3 x 6-8, 60 kg, leave 2"] * 8, kg=80)
        self.assertEqual(said(squat, Scenario.BAD), ["Back in week 4 at 55 kg after the weeks without."])
        self.assertEqual(said(squat, Scenario.LATELY), [])

    def test_a_rung(self) -> None:
        skill = line("push-up", *["3 x 10-12, bw"] * 6, policy="skill", kg=120, harder=RAISED)
        self.assertEqual(said(skill), ["After week 1 the next rung: Push-up, hands raised."])
