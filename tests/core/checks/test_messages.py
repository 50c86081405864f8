"""What the checks say, word by word: each sentence has its numbers in it, and its fix says what it does."""

from dataclasses import replace
from unittest import TestCase

from tests.core.checks.plans import SETTING, SORE, WHO, pair, plan
from upright_anvil.core.checks.model import Finding
from upright_anvil.core.checks.run import findings
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.plan.document import Program

STRENGTH = replace(WHO, goal=GoalKind.STRENGTH, training_age=TrainingAge.SOME)
SIZE = replace(WHO, goal=GoalKind.SIZE, training_age=TrainingAge.SOME)
NEW = replace(WHO, training_age=TrainingAge.NEW)


def one(*lines: str, **more: object) -> Program:
    return plan((0, lines), **more)  # type: ignore[arg-type]


def told(check: str, program: Program, who: Standpoint) -> Finding:
    return next(f for f in findings(program, who) if f.check == check)


SAID: list[tuple[str, Program, Standpoint, str, str]] = [
    ("unreadable", one("back-squat: 3 x heavy"), WHO, "Back squat: '3 x heavy' cannot be read.", ""),
    (
        "load-missing",
        one("goblet-squat: 3 x 8, 13 kg"),
        WHO,
        "Goblet squat: 13 kg cannot be made here: take 12 kg or 16 kg.",
        "Take 12 kg",
    ),
    (
        "too-heavy",
        one("back-squat: 3 x 8, 125 kg, leave 1"),
        WHO,
        "Back squat: 89.3 % of the estimated max allows about 4 reps to failure; 9 are asked, reserve included.",
        "Take 107.5 kg",
    ),
    ("near-max", one("back-squat: 1 x 1, 135 kg"), WHO, "Back squat: 96.4 % of the estimated max.", ""),
    (
        "max-on-risky",
        one("back-squat: 3 x max, 60 kg"),
        WHO,
        "Back squat: as many as possible with 0 left.",
        "Leave 2",
    ),
    (
        "to-failure-new",
        one("leg-press: 3 x 8, rpe 10"),
        NEW,
        "Leg press: nothing left in reserve in the client's first months.",
        "Leave 2",
    ),
    ("few-reps-new", one("back-squat: 3 x 2-3, 60 kg"), NEW, "Back squat: 2-3 reps in the client's first months.", ""),
    (
        "reps-for-goal",
        one("leg-press: 3 x 40"),
        SIZE,
        "Leg press: 40 reps; for muscle size 5 to 35 are usual.",
        "",
    ),
    (
        "load-for-goal",
        one("back-squat: 3 x 8, 70 kg"),
        STRENGTH,
        "Back squat: 50 % of the estimated max; 70 % and more builds strength.",
        "",
    ),
    (
        "rest-too-short",
        one("back-squat: 3 x 5, rest 1:15"),
        STRENGTH,
        "Back squat: 1:15 rest; 2:00 and more for maximal strength.",
        "Rest 2:00",
    ),
    (
        "set-too-long",
        one("leg-press: 3 x 15, tempo 5-2-3-2"),
        WHO,
        "Leg press: one set takes 180 s at tempo 5-2-3-2.",
        "",
    ),
    (
        "side-not-said",
        one("split-squat: 3 x 8"),
        WHO,
        "Split squat is done one side at a time, and the line does not say each side.",
        "Each side",
    ),
    ("too-easy", one("back-squat: 3 x 8, leave 6"), WHO, "Back squat: 6 reps left; up to 4 count as hard.", "Leave 3"),
    ("empty-day", one(), WHO, "Day 1 has no exercises yet.", ""),
    (
        "tired-before-strength",
        one("trunk/plank: 3 x 60 s", "back-squat: 3 x 8"),
        WHO,
        "Plank (3 hard sets) comes before Back squat.",
        "Move Plank to the end",
    ),
    (
        "explosive-after-grinding",
        one("back-squat: 3 x 8", "squat-jump: 3 x 5"),
        WHO,
        "Squat jump comes after Back squat, which tires the same muscles.",
        "Move it before",
    ),
    (
        "same-muscle-pair",
        plan((0, [pair("push-up: 3 x 10", "bench-press: 3 x 8")])),
        WHO,
        "Push-up and Bench press both train chest, triceps.",
        "Part the pair",
    ),
    (
        "no-ramp-up",
        one("back-squat: 3 x 3, 125 kg"),
        WHO,
        "Back squat starts heavy with no ramp-up sets before it.",
        "Add ramp-up sets",
    ),
    (
        "minute-too-short",
        one("goblet-squat: 10 x 20, 12 kg, every 60 s"),
        WHO,
        "Goblet squat takes about 80 s, and a start comes every 60 s.",
        "",
    ),
    ("twice-in-a-day", one("leg-press: 3 x 8", "leg-press: 3 x 8"), WHO, "Leg press stands twice in Day 1.", ""),
    (
        "consecutive-days",
        plan((0, ["leg-press: 6 x 10"]), (1, ["goblet-squat: 6 x 10"])),
        WHO,
        "Day 1 and Day 2 follow each other, both hard on glutes, quadriceps.",
        "Move Day 2 to Wednesday",
    ),
    ("push-and-pull", one("bench-press: 6 x 8", "barbell-row: 3 x 8"), WHO, "6 sets push, 3 pull.", ""),
    ("front-and-back", one("leg-press: 8 x 8"), WHO, "8 sets squat and lunge, 0 hinge.", ""),
    (
        "left-and-right",
        one("side-plank: 3 x 30 s, left only"),
        WHO,
        "3 sets for the left side only, 0 for the right.",
        "",
    ),
    (
        "days-wanted",
        plan((0, ["leg-press: 3 x 8"]), (2, ["leg-press: 3 x 8"])),
        replace(WHO, days_a_week=1),
        "2 days are planned; the client has 1 a week.",
        "",
    ),
    (
        "week-jump",
        one("leg-press: 6 x 8 | 12 x 8", kinds="bb"),
        WHO,
        "Week 2 has 12 hard sets after 6 the week before.",
        "",
    ),
    (
        "load-jump",
        one("back-squat: 3 x 8, 60 kg | 3 x 8, 75 kg", kinds="bb"),
        WHO,
        "Back squat goes up by 25 % in week 2.",
        "",
    ),
    (
        "no-easing-off",
        one("back-squat: 3 x 8", kinds="bbbbbbb"),
        WHO,
        "Weeks 1 to 7 all build, 7 in a row.",
        "Ease week 7 off",
    ),
    ("empty-phase", plan(), WHO, "Phase has no training days.", ""),
]


class MessagesTest(TestCase):
    def test_word_by_word(self) -> None:
        for check, program, who, message, fix in SAID:
            with self.subTest(check):
                found = told(check, program, who)
                self.assertEqual(found.message, message)
                self.assertEqual(found.fix.label if found.fix else "", fix)

    def test_a_joint_in_trouble_names_it_and_what_to_take(self) -> None:
        found = told("joint-in-trouble", one("back-squat: 3 x 8, 60 kg"), SORE)
        self.assertIn("Left knee, hurts now", found.message)
        assert found.fix
        self.assertRegex(found.fix.label, r"^Take .* instead$")
        self.assertIn("change_exercise", [edit.op for edit in found.fix.edits])

    def test_the_ramp_up_fix_climbs_by_loads_that_are_there(self) -> None:
        fix = told("no-ramp-up", one("back-squat: 3 x 3, 125 kg"), WHO).fix
        assert fix
        edit = fix.edits[0]
        assert edit.op == "add_line"
        self.assertEqual(edit.text, "8/5/3, 62.5 kg/87.5 kg/105 kg, ramp-up")
        self.assertEqual((edit.position, edit.exercise), (0, "back-squat"))

    def test_the_same_estimate_serves_every_client_of_the_setting(self) -> None:
        light = replace(WHO, profile=replace(SETTING, max_kg={}))
        self.assertEqual([f for f in findings(one("back-squat: 1 x 1, 135 kg"), light) if f.check == "near-max"], [])
