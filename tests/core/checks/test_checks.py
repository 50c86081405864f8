"""Each check fires where it should and stays quiet beside it: a plan that is asked about, and one that is not."""

from dataclasses import replace
from datetime import date, timedelta
from unittest import TestCase

from tests.core.checks.plans import KNEE, ROOM, SETTING, SORE, STUDIO, WHO, pair, plan
from upright_anvil.core.checks.registry import ALL, CHECKS, by_id, check
from upright_anvil.core.checks.run import findings
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import Condition, Entry, JointStatus, State
from upright_anvil.core.health.screening import health_standing
from upright_anvil.core.plan.document import Pairing, Program, RestrictedFlow
from upright_anvil.core.plan.edits import apply_edits
from upright_anvil.core.plan.edits.calendar import AnswerFinding
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.methods import RestrictFlow
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.core.prescription.groups import GroupKind

SIZE = replace(WHO, goal=GoalKind.SIZE, training_age=TrainingAge.SOME)
STRENGTH = replace(WHO, goal=GoalKind.STRENGTH, training_age=TrainingAge.SOME)
NEW = replace(WHO, training_age=TrainingAge.NEW)
NEW_AND_STRONG = replace(STRENGTH, training_age=TrainingAge.NEW)
UNCLEAR = replace(WHO, clearance="The health screen asks for a clearance before vigorous work.")
NEVER_ASKED = replace(WHO, profile=replace(SETTING, screening=health_standing((), (), date(2026, 3, 2))))
WATCHED = replace(WHO, profile=replace(SETTING, standing=(replace(KNEE, state=State.WATCH),)))
HOME = replace(WHO, profile=replace(SETTING, inventory=ROOM))
SQUAT = "back-squat: 3 x 8, 90 kg"
Case = tuple[str, Program, Standpoint, Program, Standpoint]
"""Check, the plan and client it asks about, and the plan and client it leaves alone."""


def one(*lines: str, **more: object) -> Program:
    return plan((0, lines), **more)  # type: ignore[arg-type]


def legs(*weekdays: int) -> list[tuple[int, tuple[str, ...]]]:
    return [(day, ("leg-press: 3 x 10", "goblet-squat: 3 x 10")) for day in weekdays]


def flow(*lines: str, **where: str) -> Program:
    """A plan with restricted blood flow ticked on a line or the phase."""
    program = one(*(lines or ("leg-press: 4 x 20",)))
    return apply_edits(program, [RestrictFlow(**where, how=RestrictedFlow(limb="legs"))])  # type: ignore[arg-type]


def expecting(topic: Condition, weeks: int | None = None) -> Standpoint:
    """A client with a condition, in such a week of a pregnancy on the plans' first Monday."""
    due = None if weeks is None else date(2026, 1, 5) + timedelta(weeks=40 - weeks)
    entry = Entry("e", date(2026, 1, 1), topic, State.WATCH, clinician=True, due_on=due)
    return replace(WHO, profile=replace(SETTING, standing=(JointStatus(topic, None, State.WATCH, entry),)))


PREGNANT = expecting(Condition.PREGNANCY, 33)
SEDENTARY = replace(WHO, training_age=TrainingAge.SEDENTARY)
CASES: list[Case] = [
    (
        "ask-first",
        one("bench-press: 3 x 8, 40 kg, leave 3"),
        PREGNANT,
        one("dumbbell-row: 3 x 8, 10 kg, leave 3"),
        PREGNANT,
    ),
    (
        "ask-first",
        one("bench-press: 3 x 8, leave 3"),
        expecting(Condition.PREGNANCY, 21),
        one("bench-press: 3 x 8, leave 3"),
        expecting(Condition.PREGNANCY, 14),
    ),
    ("ask-first", one("sit-up: 3 x 10"), PREGNANT, one("pallof-press: 3 x 10, leave 3"), PREGNANT),
    (
        "ask-first",
        one("box-jump: 3 x 5"),
        expecting(Condition.AFTER_BIRTH),
        one("dumbbell-row: 3 x 8, leave 3"),
        expecting(Condition.AFTER_BIRTH),
    ),
    (
        "ask-first",
        one("leg-press: 3 x 8, leave 1"),
        expecting(Condition.HEART),
        one("leg-press: 3 x 8, leave 2"),
        expecting(Condition.HEART),
    ),
    (
        "ask-first",
        one("leg-press: 3 x max"),
        expecting(Condition.BLOOD_PRESSURE),
        one("leg-press: 3 x 8, leave 3"),
        expecting(Condition.BLOOD_PRESSURE),
    ),
    ("jump-contacts", one("box-jump: 10 x 10"), SEDENTARY, one("box-jump: 3 x 10"), SEDENTARY),
    (
        "jump-contacts",
        plan((0, ["box-jump: 3 x 10"]), (2, ["box-jump: 3 x 10"]), (4, ["box-jump: 1 x 1"])),
        SEDENTARY,
        plan((0, ["box-jump: 3 x 10"]), (2, ["box-jump: 3 x 10"])),
        SEDENTARY,
    ),
    ("unreadable", one("back-squat: 3 x heavy"), WHO, one(SQUAT), WHO),
    ("exercise-gone", one("no-such-thing: 3 x 8"), WHO, one(SQUAT), WHO),
    ("kit-missing", one("cable-row: 3 x 8"), HOME, one("dumbbell-row: 3 x 8 each side"), HOME),
    ("load-missing", one("goblet-squat: 3 x 8, 13 kg"), WHO, one("goblet-squat: 3 x 8, 12 kg"), WHO),
    ("joint-in-trouble", one("back-squat: 3 x 8"), SORE, one("bench-press: 3 x 8"), SORE),
    ("too-heavy", one("back-squat: 3 x 8, 125 kg"), WHO, one("back-squat: 3 x 8, 100 kg"), WHO),
    ("near-max", one("back-squat: 1 x 1, 135 kg"), WHO, one("back-squat: 1 x 1, 130 kg"), WHO),
    ("max-on-risky", one("back-squat: 3 x max, 80 kg"), WHO, one("push-up: 3 x max"), WHO),
    ("to-failure-new", one("leg-press: 3 x 8, leave 0"), NEW, one("leg-press: 3 x 8, leave 0"), SIZE),
    ("few-reps-new", one("back-squat: 3 x 3, 60 kg"), NEW, one("back-squat: 3 x 8, 60 kg"), NEW),
    (
        "restricted-flow",
        one("leg-press: 4 x 20", method="restricted flow"),
        WHO,
        one("leg-press: 4 x 20", method="easy"),
        WHO,
    ),
    ("restricted-flow", one("leg-press: 4 x 20 ! with BFR"), WHO, one("leg-press: 4 x 20 ! for the rotator cuff"), WHO),
    ("restricted-flow", one("leg-press: 4 x 20, cuffs"), WHO, one("leg-press: 4 x 20 ! with ankle cuffs"), WHO),
    ("restricted-flow", one("back-squat: 4 x 20, 30 % ! occlusion"), UNCLEAR, one("back-squat: 4 x 20, 30 %"), UNCLEAR),
    ("restricted-flow", flow(line="l1"), WHO, one("leg-press: 4 x 20"), WHO),
    ("restricted-flow", flow(phase="p"), WHO, flow("warm-up/high-knees: 1 x 60 s", phase="p"), WHO),
    ("reps-for-goal", one("leg-press: 3 x 40"), SIZE, one("leg-press: 3 x 30"), SIZE),
    ("reps-for-goal", one("back-squat: 3 x 12"), STRENGTH, one("accessory/leg-press: 3 x 12"), STRENGTH),
    ("reps-for-goal", one("finisher/push-up: 1 x 100"), WHO, one("finisher/push-up: 1 x 40"), WHO),
    ("reps-for-goal", one("trunk/crunch: 3 x 80"), WHO, one("warm-up/crunch: 1 x 80"), WHO),
    ("reps-for-goal", one("back-squat: 3 x 12"), STRENGTH, one("back-squat: 3 x 12"), NEW_AND_STRONG),
    ("load-for-goal", one("back-squat: 3 x 8, 80 kg"), STRENGTH, one("back-squat: 3 x 5, 110 kg"), STRENGTH),
    ("rest-too-short", one("back-squat: 3 x 5, rest 60 s"), STRENGTH, one("back-squat: 3 x 5, rest 3:00"), STRENGTH),
    ("rest-too-short", one("back-squat: 3 x 8, rest 40 s"), SIZE, one("back-squat: 3 x 8, rest 45 s"), SIZE),
    ("set-too-long", one("leg-press: 3 x 15, tempo 5-2-3-2"), WHO, one("leg-press: 3 x 8, tempo 3-1-1-0"), WHO),
    ("side-not-said", one("split-squat: 3 x 8"), WHO, one("split-squat: 3 x 8 each side"), WHO),
    ("side-not-said", one("back-squat: 3 x 8 each side, 60 kg"), WHO, one("back-squat: 3 x 8, 60 kg"), WHO),
    ("side-not-said", one("goblet-squat: 3 x 8, alternating"), WHO, one("biceps-curl: 3 x 8, alternating"), WHO),
    ("unstable-for-strength", one("single-leg-deadlift: 3 x 8 each side"), STRENGTH, one(SQUAT), STRENGTH),
    ("too-easy", one("back-squat: 3 x 8, leave 6"), WHO, one("back-squat: 3 x 8, leave 6", kinds="e"), WHO),
    ("day-too-long", one("back-squat: 10 x 8, rest 5:00"), replace(WHO, minutes=40), one(SQUAT), WHO),
    ("empty-day", one(), WHO, one(SQUAT), WHO),
    ("muscle-day", one("leg-press: 6 x 10", "goblet-squat: 6 x 10"), WHO, one("leg-press: 6 x 10"), WHO),
    ("tired-before-strength", one("trunk/plank: 3 x 60 s", SQUAT), WHO, one(SQUAT, "trunk/plank: 3 x 60 s"), WHO),
    ("explosive-after-grinding", one(SQUAT, "squat-jump: 3 x 5"), WHO, one("squat-jump: 3 x 5", SQUAT), WHO),
    (
        "explosive-after-grinding",
        one(SQUAT, "squat-jump: 3 x 5"),
        WHO,
        plan((0, [pair(SQUAT, "squat-jump: 3 x 5", Pairing.EXPLOSIVE)])),
        WHO,
    ),
    (
        "same-muscle-pair",
        plan((0, [pair("push-up: 3 x 10", "bench-press: 3 x 8")])),
        WHO,
        plan((0, [pair("push-up: 3 x 10", "bench-press: 3 x 8", Pairing.SAME)])),
        WHO,
    ),
    (
        "same-muscle-pair",
        plan((0, [pair("push-up: 3 x 10", "bench-press: 3 x 8")])),
        WHO,
        plan((0, [pair("bench-press: 3 x 8", "barbell-row: 3 x 8")])),
        WHO,
    ),
    (
        "no-ramp-up",
        one("back-squat: 3 x 3, 125 kg"),
        WHO,
        one("back-squat: 8/5/3, 70/90/110 kg, ramp-up", "back-squat: 3 x 3, 125 kg"),
        WHO,
    ),
    ("no-warm-up", one(SQUAT), NEW, one("warm-up/march-in-place: 1 x 120 s", SQUAT), NEW),
    ("no-warm-up", one("bench-press: 3 x 8"), WATCHED, one(SQUAT), WHO),
    (
        "minute-too-short",
        one("goblet-squat: 10 x 20, 12 kg, every 60 s"),
        WHO,
        one("goblet-squat: 10 x 5, 12 kg, every 60 s", "plank: 10 x 40 s, every 60 s"),
        WHO,
    ),
    (
        "twice-in-a-day",
        one("side-plank: 3 x 30 s, left only", "side-plank: 3 x 30 s, left only"),
        WHO,
        one("side-plank: 3 x 30 s, left only", "side-plank: 3 x 30 s, right only"),
        WHO,
    ),
    ("twice-in-a-day", one(SQUAT, SQUAT), WHO, one(SQUAT, f"{SQUAT} ! back-off sets"), WHO),
    ("order-of-sections", one(SQUAT, "warm-up/high-knees: 1 x 30 s"), WHO, one("warm-up/high-knees: 1 x 30 s"), WHO),
    ("order-of-sections", one("cool-down/quad-stretch: 1 x 30 s", SQUAT), WHO, one(SQUAT), WHO),
    (
        "novelty",
        one(
            *(
                f"{e}: 2 x 10"
                for e in ("leg-press", "push-up", "cable-row", "crunch", "sit-up", "deadlift", "hip-thrust", "leg-curl")
            )
        ),
        NEW,
        one("leg-press: 2 x 10", "push-up: 2 x 10"),
        NEW,
    ),
    ("muscle-too-much", plan(*legs(0, 2, 4, 6)), WHO, plan(*legs(0, 3)), WHO),
    ("muscle-too-much", one("calf-raise: 14 x 12"), WHO, one("calf-raise: 13 x 12"), WHO),
    ("muscle-too-little", one("bench-press: 7 x 10"), SIZE, one("bench-press: 8 x 10"), SIZE),
    ("muscle-too-little", one("bench-press: 3 x 10"), SIZE, one("bench-press: 9 x 10"), SIZE),
    ("consecutive-days", plan(*legs(0, 1)), WHO, plan(*legs(0, 2)), WHO),
    ("consecutive-days", plan(*legs(0, 6)), WHO, plan(*legs(0, 5)), WHO),
    (
        "run-beside-legs",
        plan((0, ["leg-press: 6 x 10", "romanian-deadlift: 4 x 8"]), (1, ["cardio/easy-run: 1 x 30 min"])),
        WHO,
        plan((0, ["leg-press: 6 x 10", "romanian-deadlift: 4 x 8"]), (3, ["cardio/easy-run: 1 x 30 min"])),
        WHO,
    ),
    *(
        (
            "run-beside-legs",
            plan((0, ["leg-press: 6 x 10", "romanian-deadlift: 4 x 8"]), (near, ["cardio/easy-run: 5 km"])),
            WHO,
            plan((0, ["leg-press: 6 x 10", "romanian-deadlift: 4 x 8"]), (far, ["cardio/easy-run: 5 km"])),
            WHO,
        )
        for near, far in ((6, 5), (0, 2))
    ),
    ("left-and-right", one("side-plank: 3 x 30 s, left only"), WHO, one("side-plank: 3 x 30 s each side"), WHO),
    (
        "push-and-pull",
        one("bench-press: 6 x 8", "barbell-row: 3 x 8"),
        WHO,
        one("bench-press: 5 x 8", "barbell-row: 4 x 8"),
        WHO,
    ),
    ("front-and-back", one("leg-press: 8 x 8"), WHO, one("leg-press: 4 x 8", "deadlift: 4 x 8"), WHO),
    (
        "top-up-often",
        plan(*legs(0, 2, 4), top_ups=3),
        WHO,
        plan(*legs(0, 2, 4), top_ups=1),
        WHO,
    ),
    ("no-rest-day", plan(*legs(0, 1, 2, 3, 4, 5, 6)), WHO, plan(*legs(0, 2)), WHO),
    ("days-wanted", plan(*legs(0, 2, 4)), replace(WHO, days_a_week=2), plan(*legs(0, 2)), replace(WHO, days_a_week=2)),
    ("week-jump", one("leg-press: 6 x 8 | 12 x 8", kinds="bb"), WHO, one("leg-press: 6 x 8 | 7 x 8", kinds="bb"), WHO),
    (
        "load-jump",
        one("back-squat: 3 x 8, 60 kg | 3 x 8, 75 kg", kinds="bb"),
        WHO,
        one("back-squat: 3 x 8, 60 kg | 3 x 8, 62.5 kg", kinds="bb"),
        WHO,
    ),
    ("no-easing-off", one(SQUAT, kinds="bbbbbbb"), WHO, one(SQUAT, kinds="bbbebbb"), WHO),
    ("easing-off-hard", one("leg-press: 6 x 8", kinds="be"), WHO, one("leg-press: 6 x 8 | 3 x 8", kinds="be"), WHO),
    (
        "pattern-missing",
        one("leg-press: 6 x 8", "bench-press: 6 x 8"),
        WHO,
        one("leg-press: 4 x 8", "bench-press: 4 x 8", "barbell-row: 4 x 8", "deadlift: 4 x 8"),
        WHO,
    ),
    ("screen-missing", one("leg-press: 3 x 8, leave 4"), NEVER_ASKED, one("leg-press: 3 x 8, leave 4"), WHO),
    ("clearance-missing", one("leg-press: 3 x 8, leave 1"), UNCLEAR, one("leg-press: 3 x 8, leave 4"), UNCLEAR),
    ("empty-phase", plan(), WHO, one(SQUAT), WHO),
]


def found(check_id: str, program: Program, who: Standpoint) -> list[str]:
    return [f.message for f in findings(program, who) if f.check == check_id]


class ChecksTest(TestCase):
    def test_fires(self) -> None:
        for number, (check_id, asked, who, _, _) in enumerate(CASES):
            with self.subTest(check_id, number=number):
                messages = found(check_id, asked, who)
                self.assertTrue(messages)
                self.assertRegex(messages[0], r"\.$")

    def test_stays_quiet(self) -> None:
        for number, (check_id, _, _, quiet, who) in enumerate(CASES):
            with self.subTest(check_id, number=number):
                self.assertEqual(found(check_id, quiet, who), [])

    def test_every_check_has_a_case(self) -> None:
        self.assertEqual({case[0] for case in CASES}, set(CHECKS))

    def test_one_fault_of_many_lines_and_weeks_is_one_finding_with_one_fix(self) -> None:
        lines = [f"{name}: 3 x 8, rest 30 s | 3 x 9, rest 35 s" for name in ("back-squat", "leg-press", "front-squat")]
        asked = plan((0, lines), kinds="bb")
        (one,) = (f for f in findings(asked, SIZE) if f.check == "rest-too-short")
        self.assertIn("Likewise: Leg press, Front squat.", one.message)
        self.assertEqual(one.weeks, (1, 2))
        assert one.fix
        self.assertEqual(len(one.fix.edits), 6)
        self.assertEqual(found("rest-too-short", apply_edits(asked, one.fix.edits), SIZE), [])

    def test_a_fix_mends_what_was_found(self) -> None:
        mended = set()
        for check_id, asked, who, _, _ in CASES:
            before = [f for f in findings(asked, who) if f.check == check_id]
            fix = before[0].fix
            if fix is None:
                continue
            mended.add(check_id)
            with self.subTest(check_id):
                after = found(check_id, apply_edits(asked, fix.edits), who)
                self.assertNotIn(before[0].message, after)
        self.assertGreater(len(mended), 14)


class RestrictedFlowTest(TestCase):
    def test_is_asked_once_a_phase_whatever_was_typed(self) -> None:
        program = one(
            "leg-press: 4 x 20, bfr",
            "leg-curl: 3 x 15 ! cuffs",
            "back-squat: 3 x 5, 60 %",
            kinds="bbbb",
            method="blood flow restriction",
        )
        asked = [f for f in findings(program, UNCLEAR) if f.check == "restricted-flow"]
        self.assertEqual(len(asked), 1)
        for part in (
            "Leg press, Lying leg curl, Back squat",
            "clots",
            "health screen",
            "Back squat is 60.7 % of the max",
        ):
            self.assertIn(part, asked[0].message)

    def test_names_what_stands_in_the_file(self) -> None:
        said = found("restricted-flow", flow(line="l1"), expecting(Condition.BLOOD_PRESSURE))
        self.assertIn("The file names blood pressure: their clinician's word comes first.", said[0])


class RegistryTest(TestCase):
    def test_holds_what_the_rules_ask_for(self) -> None:
        self.assertGreaterEqual(len(ALL), 28)
        for entry in ALL:
            with self.subTest(entry.id):
                self.assertTrue(entry.title and entry.why.endswith(".") and entry.source)

    def test_an_id_twice_or_unknown_is_refused(self) -> None:
        with self.assertRaisesRegex(ValueError, "two checks"):
            by_id((ALL[0], ALL[0]))
        with self.assertRaisesRegex(ValueError, "no check"):
            check("no-such-check")


class FindingsTest(TestCase):
    def test_the_same_in_several_weeks_is_one_finding(self) -> None:
        told = [f for f in findings(one("goblet-squat: 3 x 8, 13 kg", kinds="bbb"), WHO) if f.check == "load-missing"]
        self.assertEqual([f.weeks for f in told], [(1, 2, 3)])
        assert told[0].fix
        self.assertEqual(len(told[0].fix.edits), 3)

    def test_most_serious_first(self) -> None:
        told = findings(one("back-squat: 3 x heavy", "split-squat: 3 x 8", "goblet-squat: 3 x 8, 13 kg"), WHO)
        order = [f.severity.value for f in told]
        self.assertEqual(order, sorted(order, key=["error", "caution", "question", "note"].index))

    def test_a_reason_holds_until_the_numbers_change(self) -> None:
        program = one("leg-press: 3 x 40")
        asked = next(f for f in findings(program, SIZE) if f.check == "reps-for-goal")
        answer = AnswerFinding(check=asked.check, where=asked.where, message=asked.message, reason="Knees like it")
        answered = answer.apply(program)
        self.assertEqual(
            [f.answered for f in findings(answered, SIZE) if f.check == "reps-for-goal"], ["Knees like it"]
        )
        changed = SetCell(line="l1", week="w1", text="3 x 50").apply(answered)
        self.assertEqual([f.answered for f in findings(changed, SIZE) if f.check == "reps-for-goal"], [""])
        withdrawn = answer.model_copy(update={"reason": ""}).apply(answered)
        self.assertEqual(withdrawn.answers, ())

    def test_within_a_circuit_nothing_is_moved_before(self) -> None:
        round_of = pair(SQUAT, "squat-jump: 3 x 5").model_copy(update={"kind": GroupKind.CIRCUIT})
        told = next(f for f in findings(plan((0, [round_of])), WHO) if f.check == "explosive-after-grinding")
        self.assertIsNone(told.fix, "its stations come round again whatever their order")
        apart = next(f for f in findings(one(SQUAT, "squat-jump: 3 x 5"), WHO) if f.check == "explosive-after-grinding")
        self.assertIsNotNone(apart.fix)

    def test_all_muscles_beside_the_band_are_one_finding(self) -> None:
        much = plan(*legs(0, 2, 4, 6))
        told = [f for f in findings(much, WHO) if f.check == "muscle-too-much"]
        self.assertEqual(len(told), 1)
        self.assertRegex(told[0].message, r"hard sets for \w+(, [\d.]+ for \w+)+; the band is")

    def test_a_fix_never_offers_something_harder(self) -> None:
        ladders = SETTING.ladders
        offered = 0
        for exercise in SETTING.exercises.values():
            told = [f for f in findings(one(f"{exercise.id}: 3 x 8"), HOME) if f.check == "kit-missing" and f.fix]
            for fix in (f.fix for f in told if f.fix):
                edit = next(e for e in fix.edits if e.op == "change_exercise")
                other = SETTING.exercise(edit.exercise)
                offered += 1
                self.assertLessEqual(ladders.rungs_between(exercise.id, other.id) or 0, 0, f"{exercise.id}: {other.id}")
                self.assertTrue(other.stable or not exercise.stable, f"{exercise.id}: {other.id}")
        self.assertGreater(offered, 40)

    def test_a_good_plan_has_nothing_serious(self) -> None:
        good = plan(
            (0, ["warm-up/high-knees: 1 x 60 s", "leg-press: 3 x 8", "bench-press: 3 x 8", "barbell-row: 3 x 8"]),
            (3, ["warm-up/high-knees: 1 x 60 s", "deadlift: 3 x 8", "overhead-press: 3 x 8", "lat-pulldown: 3 x 8"]),
        )
        self.assertEqual([f.title for f in findings(good, WHO) if f.severity.value in ("error", "caution")], [])

    def test_a_travel_week_is_checked_at_its_place(self) -> None:
        away = ChangeWeek(phase="p", week="w2", place="room").apply(one("cable-row: 3 x 8", kinds="bb"))
        told = [f for f in findings(away, WHO) if f.check == "kit-missing"]
        self.assertEqual([f.weeks for f in told], [(2,)])
        self.assertIs(SETTING.at("studio").inventory, STUDIO)
