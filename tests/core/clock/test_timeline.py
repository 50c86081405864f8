from unittest import TestCase

from hypothesis import given, settings

from tests.core.checks.plans import SETTING, pair
from tests.core.session.sample import run_lines, session
from tests.core.session.test_order import circuit
from tests.core.strategies import prescriptions
from upright_anvil.core.clock.calls import rest_calls, work_calls
from upright_anvil.core.clock.model import Clock, ClockStep, Sound, StepKind
from upright_anvil.core.clock.timeline import timeline
from upright_anvil.core.plan.document import Group, Program
from upright_anvil.core.plan.parts import Line
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.session.order import RunLine
from upright_anvil.core.session.this_session import day_of


def clock(held: Program) -> Clock | None:
    return timeline(day_of(held)[1].groups[0], run_lines(held))


def ran(held: Program) -> Clock:
    found = clock(held)
    assert found
    return found


def written(step: ClockStep) -> str:
    """``work 40 l1.1 closes``"""
    side = f" {step.side}" if step.side else ""
    return f"{step.kind} {step.seconds or 'tap'} {step.line}.{step.number}{side}{' closes' if step.closes else ''}"


def steps(held: Program) -> list[str]:
    return [written(step) for step in ran(held).steps[1:]]


class TimelineTest(TestCase):
    def test_a_counted_pair_needs_no_clock_and_a_timed_one_does(self) -> None:
        for text, timed in (("3 x 8, 20 kg", False), ("3 x 40 s", True)):
            held = session(pair(f"back-squat: {text}", "plank: 3 x 8"))
            self.assertEqual(clock(held) is not None, timed, text)

    def test_counted_work_needs_no_clock(self) -> None:
        self.assertIsNone(clock(session("back-squat: 3 x 5, 60 kg")))
        self.assertIsNone(clock(session("dumbbell-fly: 3 x 10, drop to 8/6 kg")))

    def test_holds_run_by_themselves_with_rests_between_and_none_after_the_last(self) -> None:
        found = ran(session("plank: 2 x 40 s, rest 60 s"))
        self.assertEqual(
            [written(step) for step in found.steps],
            ["get ready 10 l1.1", "work 40 l1.1 closes", "rest 60 l1.2", "work 40 l1.2 closes"],
        )
        self.assertTrue(found.hands_free)
        self.assertEqual(found.seconds, 40 + 60 + 40)

    def test_each_side_changes_over_and_only_the_second_closes_the_set(self) -> None:
        self.assertEqual(
            steps(session("side-plank: 2 x 30 s each side, rest 45 s, alternate lead")),
            [
                "work 30 l1.1 left", "change sides 5 l1.1 right", "work 30 l1.1 right closes", "rest 45 l1.2",
                "work 30 l1.2 right", "change sides 5 l1.2 left", "work 30 l1.2 left closes",
            ],
        )  # fmt: skip

    def test_one_side_only(self) -> None:
        self.assertEqual(steps(session("side-plank: 1 x 30 s left only")), ["work 30 l1.1 left closes"])

    def test_a_start_every_minute_rests_what_is_left_of_it(self) -> None:
        self.assertEqual(
            steps(session("kettlebell-swing: 2 x 40 s, 16 kg, every 60 s")),
            ["work 40 l1.1 closes", "rest 20 l1.1", "work 40 l1.2 closes"],
        )
        counted = session("kettlebell-swing: 2 x 15, 16 kg, every 60 s")
        self.assertEqual(steps(counted), ["work 60 l1.1 closes", "work 30 l1.2 closes"])
        self.assertEqual(ran(counted).steps[1].detail, "Set 1 of 2, 15 reps, then rest")

    def test_checkpoints_are_marks_the_first_of_which_is_what_was_asked(self) -> None:
        step = ran(session("mountain-climber: 1 x 40 s, checkpoints 50/60 s")).steps[1]
        self.assertEqual((step.seconds, step.marks), (60, (40, 50, 60)))
        self.assertIn("40 seconds. Rest, or carry on to 50", [call.say for call in step.calls])

    def test_most_rounds_in_a_time_is_one_step(self) -> None:
        (step,) = ran(session("goblet-squat: most x 5, 16 kg, in 8:00")).steps[1:]
        self.assertEqual((step.kind, step.seconds), (StepKind.ROUNDS, 480))
        self.assertIn("as many rounds as fit", step.detail)

    def test_a_cluster_pauses_between_its_parts(self) -> None:
        self.assertEqual(
            steps(session("back-squat: 1 x 2+2+1, 100 kg, pause 15 s")),
            [
                "work tap l1.1", "pause 15 l1.1", "work tap l1.1", "pause 15 l1.1", "work tap l1.1 closes",
            ],
        )  # fmt: skip

    def test_a_circuit_goes_round_by_round_and_names_what_comes(self) -> None:
        held = circuit(GroupKind.CIRCUIT, "goblet-squat: 2 x 10", "plank: 2 x 30 s", inside=15, after=90)
        found = ran(held)
        self.assertEqual(
            steps(held),
            [
                "work tap l1.1 closes", "rest 15 l2.1", "work 30 l2.1 closes", "rest 90 l1.2",
                "work tap l1.2 closes", "rest 15 l2.2", "work 30 l2.2 closes",
            ],
        )  # fmt: skip
        self.assertFalse(found.hands_free)
        self.assertEqual(found.steps[4].title, "Round rest")
        self.assertEqual(found.steps[4].detail, "Next: Goblet squat, round 2 of 2")
        self.assertEqual(found.title, "Circuit: Goblet squat, Plank")

    def test_intervals_rest_as_each_station_says(self) -> None:
        held = circuit(GroupKind.INTERVALS, "jumping-jack: 2 x 40 s, rest 20 s", "plank: 2 x 40 s, rest 20 s", after=60)
        rests = [step.seconds for step in ran(held).steps if step.kind is StepKind.REST]
        self.assertEqual(rests, [20, 60, 20])

    @settings(max_examples=150)
    @given(prescriptions)
    def test_every_set_is_closed_once_and_no_call_lies_outside_its_step(self, asked: Prescription) -> None:
        line = RunLine("l1", SETTING.exercise("plank"), asked)
        found = timeline(Group(id="g", lines=(Line(id="l1", exercise="plank", cells=()),)), {"l1": line})
        if found is None:
            return
        closed = [step.number for step in found.steps if step.closes]
        if not any(step.kind is StepKind.ROUNDS for step in found.steps):
            self.assertEqual(closed, list(range(1, len(asked.plans) + 1)))
        self.assertGreater(found.seconds, 0)
        for step in found.steps:
            self.assertTrue(step.seconds is None or step.seconds > 0, step)
            for call in step.calls:
                self.assertTrue(step.seconds is None or 0 <= call.at <= step.seconds, (step, call))
            self.assertEqual(list(step.marks), sorted(step.marks))


class CallsTest(TestCase):
    def said(self, seconds: int) -> list[str]:
        return [call.say for call in work_calls(seconds, "Go")]

    def test_what_is_called_depends_on_how_long_it_lasts(self) -> None:
        self.assertEqual(self.said(60), ["Go", "Half-way", "Ten seconds", "3", "2", "1"])
        self.assertEqual(self.said(20), ["Go", "Half-way", "3", "2", "1"])
        self.assertEqual(self.said(5), ["Go", "3", "2", "1"])
        self.assertEqual(self.said(2), ["Go", "1"])

    def test_a_rest_says_what_comes_and_counts_down(self) -> None:
        calls = rest_calls(90, "Rest. Next: Plank")
        self.assertEqual(calls[0].sound, Sound.STOP)
        self.assertEqual([call.say for call in calls][1:], ["Ten seconds", "3", "2", "1"])
        self.assertTrue(all(call.from_end for call in calls[1:]))
