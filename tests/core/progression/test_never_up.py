"""Stories of what must not go up: pain, health, form, poor days, gaps, slips, thin evidence; each threshold from below,
at and above."""

from dataclasses import replace
from datetime import timedelta
from decimal import Decimal

from tests.core.progression.story import PULL_UP, PUSH_UP, RAISED, RANGE, TODAY, Stories, Story, gap, rows, strength
from upright_anvil.core.body.joints import Joint, JointLoad, Side, Stress
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.health.history import Condition, Entry, JointStatus, State
from upright_anvil.core.health.raising import why_not_up
from upright_anvil.core.health.screening import Answers, Disease, Intensity, Screen, Sign, health_standing
from upright_anvil.core.ledger.how import How, SetEnd
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.effort import is_vigorous
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.progression.judge import is_plain, proposal
from upright_anvil.core.progression.limits.bounds import RISING
from upright_anvil.core.progression.limits.never_up import REASONS, reasons
from upright_anvil.core.progression.model import Confidence, Lever, StationChange
from upright_anvil.core.progression.registry import POLICIES

UP, REPS, HOLD, EASE = Lever.LOAD, Lever.REPS, Lever.HOLD, Lever.EASE
POOR = {"poor_day": True}
NEW_ALONE = {"alone": "the client is new to training"}
KNEE_ALONE = {"alone": "the left knee is written down"}
KNEE = {"health": "Left knee: hurts now, and this loads it"}
STORIES = [
    # Pain, region said or not, in this line or in another.
    Story("a set ended for pain and nobody named a region", RANGE, ("8/2 8/2 8/2p",), HOLD, RANGE, "A set ended for pain"),
    Story("ended for pain twice running", RANGE, ("8/2 8/2 8/2p", "8/2 8/2p"), EASE, says="two sessions running"),
    Story("it hurt in another line of the same exercise", RANGE, ("8/2 8/2 8/2",), HOLD, RANGE, "knee hurt",
          more={"beside": rows(RANGE, "8/2!")}),
    Story("it hurt at an unplanned heavier load", RANGE, ("8@70/2 8@70/2 8@70/2!",), HOLD, RANGE, "knee hurt"),
    Story("it hurt at a lighter load", RANGE, ("8@55/2 8@55/2 8@55/2!",), HOLD, "3 x 6-8, 55 kg, rest 2:00, leave 2"),
    Story("it hurt twice at a heavier load: less than planned", RANGE, ("8/2 8/2!", "8@70/2 8@70/2!"), EASE,
          "3 x 6-8, 52.5 kg, rest 2:00, leave 2"),
    Story("pain and no reserve said at all", RANGE, ("8 8 8!",), HOLD, RANGE),
    Story("pain leads in every school: sets", "3 x 10, 40 kg, leave 2", ("10/2 10/2 10/2!",), HOLD, policy="sets"),
    Story("pain leads in every school: skill", "3 x 8-12, bw", ("12 12 12!",), HOLD, policy="skill", exercise="push-up",
          more={"harder": PUSH_UP}),
    Story("pain leads in every school: density", "3 x 10, 12 kg, rest 90 s", ("10 10 10!",), HOLD, policy="density", exercise="press"),
    Story("pain leads in every school: control", RANGE, ("7/2 7/2 7/2!",), HOLD, policy="control"),
    Story("pain leads in every school: waves", "5 x 5, 75 %", ("5 5 5 5 5!",), HOLD, policy="wave"),
    Story("pain in a hold", "3 x 50 s", ("50 50 50!",), HOLD, "3 x 50 s", exercise="plank", policy="holds"),
    Story("the easier rung that moves more is none", "3 x 8, bw", ("8! 8 8", "8! 8 8"), HOLD, says="lighter, or swap it",
          exercise="push-up", more={"easier": PULL_UP}),
    # The health file.
    Story("a joint hurts: nothing goes up", RANGE, ("8/2 8/2 8/2",), HOLD, RANGE, "hurts now", more=KNEE),
    Story("a joint hurts: nor the harder rung", "3 x 8-12, bw", ("12 12 12",), HOLD, "3 x 8-12, bw", policy="skill",
          exercise="push-up", more={**KNEE, "harder": PUSH_UP}),
    Story("a joint hurts and it was too easy", RANGE, ("8/6 8/6 8/6",), HOLD, RANGE, more=KNEE),
    Story("a joint hurts, and a miss twice still eases", RANGE, ("6/0 5/0 5/0", "6/0 5/0 5/0"), EASE, more=KNEE),
    Story("health and more weight than planned", RANGE, ("8@70/2 8@70/2 8@70/2",), HOLD, RANGE, more=KNEE),
    Story("weight beside a plan of body weight, twice below the range: none is written into it", "3 x 6-8, bw",
          ("5 5 5", "5@5/2 5@5/2 5@5/2"), HOLD, "3 x 6-8, bw", exercise="press"),
    # Form.
    Story("slipped early and clean at the end", RANGE, ("8/2~ 8/2 8/2c",), UP, "3 x 6-8, 62.5 kg, rest 2:00, leave 2"),
    Story("broke down early and clean at the end", RANGE, ("8/2# 8/2 8/2c",), UP),
    Story("slipped early and nobody said how it ended", RANGE, ("8/2~ 8/2 8/2",), HOLD, says="slipped in set 1"),
    Story("slipped at an unplanned heavier load", RANGE, ("8@70/2 8@70/2 8@70/2~",), HOLD, RANGE),
    Story("broke down at a heavier load: below the plan", RANGE, ("8@70/2 8@70/1 6@70/0#",), EASE, "3 x 6-8, 57.5 kg, rest 2:00, leave 2"),
    # A poor day and changes of the day.
    Story("a poor day never takes an older, heavier week", "3 x 6-8, 55 kg, leave 2", ("8@60/2 8@60/2 8@60/2", "8/3 8/3 8/3"), HOLD,
          "3 x 6-8, 55 kg, leave 2", more=POOR),
    Story("a poor day with less than planned", RANGE, ("8@55/3 8@55/3 8@55/3",), HOLD, "3 x 6-8, 55 kg, rest 2:00, leave 2", more=POOR),
    Story("a poor day with more than planned", RANGE, ("8@65/3 8@65/3 8@65/3",), HOLD, RANGE, more=POOR),
    Story("a poor day that was changed for", RANGE, ("8@55/3 8@55/3",), HOLD, "3 x 6-8, 55 kg, rest 2:00, leave 2",
          more={**POOR, "changed_day": True}),
    # Away.
    Story("the first session back", RANGE, ("8/2 8/2 8/2",), HOLD, RANGE, "days away", more={"away_days": 30}),
    Story("ten days away are nothing", RANGE, ("8/2 8/2 8/2",), UP, more={"away_days": 10}),
    Story("eleven are", RANGE, ("8/2 8/2 8/2",), HOLD, says="11 days away", more={"away_days": 11}),
    Story("the second session back", RANGE, ("8/2 8/2 8/2", "8/2 8/2 8/2"), UP, more={"away_days": 3}),
    Story("a gap at a heavier load than planned", RANGE, ("8@70/2 8@70/2 8@70/2",), EASE, "3 x 6-8, 55 kg, rest 2:00, leave 2", more=gap(21)),
    # Figures that do not fit.
    Story("600 for 60", RANGE, ("8@600/2 8/2 8/2",), HOLD, RANGE, "does not fit the rest"),
    Story("all sets typed ten times", RANGE, ("8@600/2 8@600/2 8@600/2",), HOLD, RANGE, "Set 1 says 600 kg"),
    Story("pounds for kilograms", RANGE, ("8@132.5/2 8@132.5/2 8@132.5/2",), HOLD, RANGE, "does not fit"),
    Story("half of it", RANGE, ("8@30/2 8@30/2 8@30/2",), HOLD, RANGE, "does not fit"),
    Story("just below one and a half times", RANGE, ("8@87.5/2 8@87.5/2 8@87.5/2",), UP),
    Story("one and a half times", RANGE, ("8@90/2 8@90/2 8@90/2",), HOLD, RANGE, "does not fit"),
    Story("just above half", RANGE, ("8@32.5/4 8@32.5/4 8@32.5/4",), UP),
    Story("600 and confirmed", RANGE, ("8@600/2y 8@600/2y 8@600/2y",), REPS, says="nothing heavier can be made"),
    Story("the estimate doubts a set", RANGE, ("8/2 8/2 8/2",), HOLD, RANGE, "confirm or correct", more={"doubted": frozenset({"r2"})}),
    Story("another load named beside it is none", "3 x 12, 12 kg, or 6 kg x 20", ("20@6 20@6 20@6",), HOLD, exercise="press",
          says="with 6 kg"),
    # Thin or bad evidence.
    Story("reserve-led on one set of three", "3 x 8, 55 kg, leave 2", ("8/3",), HOLD, says="1 of 3 planned sets", policy="reserve-led",
          more={"strength": strength()}),
    Story("one of three, with a lot left", RANGE, ("8/5",), HOLD, says="1 of 3"),
    Story("two of three with what was asked left", RANGE, ("8/2 8/2",), HOLD, says="Not every planned set"),
    Story("too easy needs every reserve", RANGE, ("8/6 8 8",), UP, "3 x 6-8, 62.5 kg, rest 2:00, leave 2"),
    Story("too easy by one set only", RANGE, ("8/6 8/6 8/4",), UP, "3 x 6-8, 62.5 kg, rest 2:00, leave 2"),
    Story("four more left than asked but two", RANGE, ("8/4 8/4 8/4",), UP, "3 x 6-8, 62.5 kg, rest 2:00, leave 2"),
    Story("reserve creeping down at the same work", RANGE, ("8/4 8/4 8/4", "8/3 8/3 8/3", "8/2 8/2 8/2"), HOLD, RANGE,
          "left 4, 3, 2 repetitions in three sessions"),
    Story("creeping over two sessions only", RANGE, ("8/3 8/3 8/3", "8/2 8/2 8/2"), UP),
    Story("creeping down and up again", RANGE, ("8/2 8/2 8/2", "8/4 8/4 8/4", "8/3 8/3 8/3"), UP),
    Story("creeping while repetitions rise is progress", RANGE, ("6/4 6/4 6/4", "7/3 7/3 7/3", "8/2 8/2 8/2"), UP),
    Story("all sets at nothing left and no reserve written", "3 x 6-8, 60 kg", ("8/0 8/0 8/0",), HOLD, says="fewer reps left"),
    Story("nothing left in the last set only", "3 x 6-8, 60 kg", ("8/2 8/1 8/0",), HOLD),
    Story("one left and no reserve written", "3 x 6-8, 60 kg", ("8/2 8/1 8/1",), UP),
    Story("to failure as asked", "3 x 6-8, 60 kg, leave 0", ("8/0 8/0 8/0",), UP),
    Story("cuffs: nothing there is ours to raise", "3 x 6-8, 20 kg, cuffs", ("8/4 8/4 8/4",), HOLD, "3 x 6-8, 20 kg, cuffs", "restricted blood flow"),
    # Done alone.
    Story("alone and new: no load", RANGE, ("8/3h 8/3h 8/3h",), HOLD, RANGE, "done alone, and the client is new", more=NEW_ALONE),
    Story("alone with a joint written down", RANGE, ("8/3h 8/3h 8/3h",), HOLD, RANGE, "no load goes up", more=KNEE_ALONE),
    Story("alone and new: repetitions may", RANGE, ("7/3 7/3 7/3h",), REPS, more=NEW_ALONE),
    Story("alone, and nothing against it", RANGE, ("8/3h 8/3h 8/3h",), UP),
    Story("new, and somebody was there", RANGE, ("8/3 8/3 8/3",), UP, more=NEW_ALONE),
    # Wrong cause, wrong size.
    Story("stopped for time twice is no miss", "3 x 5, 60 kg", ("5 5", "5"), HOLD, "3 x 5, 60 kg", policy="linear"),
    Story("a real miss twice is", "3 x 5, 60 kg", ("5 5 3", "5 5 3"), EASE, policy="linear"),
    Story("five of eight with nothing left", "3 x 8, 60 kg", ("5/0 5/0 4/0",), EASE, says="less at once"),
    Story("five of eight and something left", "3 x 8, 60 kg", ("5/2 5/2 5/2",), HOLD, "3 x 8, 60 kg"),
    Story("six of eight is no deep miss", "3 x 8, 60 kg", ("6/0 6/0 6/0",), HOLD, "3 x 8, 60 kg"),
    Story("deep in every set and nobody said", "3 x 8, 60 kg", ("4 4 3",), EASE, says="4 of 8"),
    Story("deep in the first set and ended by will", "3 x 8, 60 kg", ("4w 5 5",), EASE, says="4 of 8"),
    Story("a very deep miss is cut by a third at the most", "3 x 8, 60 kg", ("1/0 1/0 1/0",), EASE, "3 x 8, 45 kg", "25 % less"),
    Story("triples that ended at one", "7 x 3, 100 kg, tempo 5-3-X-0, rest 3:00", ("3 3 3 3 2 2 1",), EASE,
          "7 x 3, 90 kg, tempo 5-3-X-0, rest 3:00", "too heavy", more={"rests": (180,) * 6}),
    Story("rests kept to four fifths", RANGE, ("8/2 6/1 5/0",), EASE, more={"rests": (96, 96)}),
    Story("rests just short of that", RANGE, ("8/2 6/1 5/0",), HOLD, says="95 s instead of 120 s", more={"rests": (95, 95)}),
    Story("a fall of a fifth is none", "3 x 10, 60 kg", ("10 9 8",), HOLD, says="below the range"),
    Story("a fall of more than a fifth", "3 x 10-14, 60 kg", ("14 12 11",), HOLD, says="too heavy to go up from"),
    # Steps.
    Story("+33 % cannot be bridged: repetitions first", "3 x 8-10, 12 kg, leave 2", ("10/2 10/2 10/2",), REPS, "3 x 10-12, 12 kg, leave 2",
          "further than repetitions can predict", exercise="press"),
    Story("+33 % at twenty repetitions: your own choice", "3 x 18-20, 12 kg, leave 2", ("20/2 20/2 20/2",), HOLD,
          says="another implement", exercise="press"),
    Story("slow is not enough for +33 %", "3 x 18-20, 12 kg, tempo 4-0-1-0, leave 2", ("20/3 20/3 20/3",), HOLD, exercise="press",
          home="3 x 8-10, 12 kg, leave 2"),
    Story("a rung that moves more than the estimate allows", "3 x 8-10, 16 kg", ("10 10 10",), REPS, policy="skill", exercise="pulldown",
          says="Pull-up moves 80 kg", more={"harder": Exercise("pu", "Pull-up", Pattern.PULL_VERTICAL, (), bodyweight_share=Decimal(1)),
                                            "strength": strength(kg=24)}),
]  # fmt: skip


class NeverUpTest(Stories):
    def test_stories(self) -> None:
        self.tell(STORIES)

    def test_whatever_stands_against_it_holds_in_every_school(self) -> None:
        held = {"more": KNEE, "asked": RANGE, "did": ("8/6 8/6 8/6",)}
        for policy in POLICIES:
            for name, more in (
                ("health", KNEE),
                ("poor", POOR),
                ("away", {"away_days": 40}),
                ("worn", {"worn": "Worn."}),
                ("restricted", {"restricted": True}),
            ):
                with self.subTest(policy=policy, reason=name):
                    story = Story("", str(held["asked"]), ("8/6 8/6 8/6",), HOLD, more=more)
                    found = proposal(story.context(), policy)
                    self.assertNotIn(found.lever, RISING)
                    self.assertFalse(is_plain(found), "never among those taken at once")

    def test_reasons_are_named_once_and_in_order(self) -> None:
        names = [name for name, _ in REASONS]
        self.assertEqual(len(names), len(set(names)))
        story = Story(
            "",
            RANGE,
            ("8/2 8/2~ 8@600/2!",),
            HOLD,
            more={**KNEE, **POOR, "away_days": 30, "worn": "Worn.", "restricted": True},
        )
        self.assertEqual([name for name, _ in reasons(story.context())], names[:8])

    def test_what_is_taken_at_once(self) -> None:
        plain = Story("", RANGE, ("8/2 8/2 8/2",), UP).told_by()
        self.assertTrue(is_plain(plain))
        for changed in (
            replace(plain, bridged=True), replace(plain, confidence=Confidence.THIN), replace(plain, exercise="another"),
            replace(plain, policy="pain"), replace(plain, lever=Lever.VARIANT), replace(plain, lever=Lever.SETS),
            replace(plain, estimated=True), replace(plain, stations=(StationChange("m", read(RANGE, Unit.KG)),)),
        ):  # fmt: skip
            self.assertFalse(is_plain(changed), changed)

    def test_repeated_pain_begins_the_easier_rung_with_its_own_load(self) -> None:
        story = Story("", "3 x 8, bw + 5 kg", ("8! 8 8", "8! 8 8"), EASE, exercise="push-up", more={"easier": RAISED})
        self.assertEqual((story.told_by().exercise, story.told_by().text), ("raised", "3 x 8, bw"))

    def test_pain_twice_offers_nothing_heavier(self) -> None:
        found = Story("", RANGE, ("8/2 8/2!", "8@70/2 8@70/2!"), EASE).told_by()
        self.assertEqual(found.alternatives, ())

    def test_what_else_than_the_load_was_too_much(self) -> None:
        story = next(one for one in STORIES if one.told == "triples that ended at one")
        found = story.told_by()
        self.assertEqual(
            [a.label for a in found.alternatives], ["Same again", "Less tempo", "A longer rest", "Fewer sets"]
        )
        self.assertEqual(found.alternatives[-1].text, "4 x 3, 100 kg, tempo 5-3-X-0, rest 3:00")
        self.assertIn("Slow work was asked", " ".join(found.evidence))

    def test_the_jump_is_only_the_trainers_choice_with_its_per_cent(self) -> None:
        story = next(one for one in STORIES if one.told.startswith("+33 % cannot"))
        self.assertEqual([a.label for a in story.told_by().alternatives], ["Jump to 16 kg now (+33.3 %)"])

    def test_an_easier_rung_is_offered_only_where_it_is_easier(self) -> None:
        story = Story("", "3 x 8, bw", ("8! 8 8", "8! 8 8"), EASE, exercise="push-up", more={"easier": RAISED})
        self.assertEqual(story.told_by().exercise, "raised")


SQUAT = Exercise(
    "s", "Squat", Pattern.SQUAT, (), joints=(JointLoad(Joint.KNEE, Stress.LIGHT, "bends"), JointLoad(Joint.LOWER_BACK, Stress.MUCH, "bends"))
)  # fmt: skip
HARD, EASY, UNSAID = (
    read("3 x 8, 60 kg, leave 2", Unit.KG),
    read("3 x 8, 60 kg, leave 3", Unit.KG),
    read("3 x 8, 60 kg", Unit.KG),
)


def standing(topic: Joint | Condition, state: State, clinician: bool = False) -> tuple[JointStatus, ...]:
    side = Side.LEFT if isinstance(topic, Joint) and topic.paired else None
    return (JointStatus(topic, side, state, Entry("e", TODAY, topic, state, side, clinician=clinician)),)


class HealthHoldsTest(Stories):
    def test_joints(self) -> None:
        for state, held in ((State.HURTS, True), (State.SPARE, True), (State.WATCH, False)):
            with self.subTest(state):
                self.assertEqual(bool(why_not_up(SQUAT, HARD, standing(Joint.KNEE, state), None)), held)
        self.assertEqual(
            why_not_up(SQUAT, HARD, standing(Joint.WRIST, State.HURTS), None), "", "it leaves the wrist alone"
        )
        self.assertIn("Left knee: hurts now", why_not_up(SQUAT, HARD, standing(Joint.KNEE, State.HURTS), None))

    def test_conditions(self) -> None:
        for topic in Condition:
            for state, clinician, held in (
                (State.HURTS, True, True), (State.SPARE, True, True), (State.WATCH, True, False), (State.WATCH, False, True),
            ):  # fmt: skip
                with self.subTest(topic=topic, state=state, clinician=clinician):
                    self.assertEqual(bool(why_not_up(SQUAT, HARD, standing(topic, state, clinician), None)), held)

    def test_screens_and_clearances(self) -> None:
        def held(screens: list[Screen], asked: object = HARD) -> str:
            return why_not_up(SQUAT, asked, (), health_standing(screens, [], TODAY))  # type: ignore[arg-type]

        clear, signs = Answers(True), Answers(True, signs=frozenset({Sign.CHEST}))
        self.assertEqual(held([Screen(TODAY, clear)]), "")
        self.assertIn("Light to moderate at most", held([]), "never screened is not cleared")
        self.assertEqual(held([], EASY), "")
        self.assertIn("Light to moderate", held([], UNSAID), "work that says no reserve may be hard")
        self.assertIn("Clearance by a clinician", held([Screen(TODAY, signs)], EASY))
        self.assertIn("Light to moderate", held([Screen(TODAY, Answers(True, frozenset({Disease.METABOLIC})))]))

    def test_a_clear_client_who_was_not_active_begins_calmly(self) -> None:
        for days, allowed in (
            (0, Intensity.LIGHT_TO_MODERATE),
            (27, Intensity.LIGHT_TO_MODERATE),
            (28, Intensity.VIGOROUS),
        ):
            found = health_standing([Screen(TODAY - timedelta(days=days), Answers(False))], [], TODAY)
            self.assertEqual(found.allowed, allowed, days)

    def test_what_is_vigorous(self) -> None:
        for text, vigorous in (
            ("3 x 8, 60 kg, leave 3", False), ("3 x 8, 60 kg, leave 2", True), ("3 x 8, 60 kg, rpe 8", True), ("3 x max, bw", True),
            ("3 x 5, 80 %", True), ("3 x 5, 79.5 %", False), ("3 x 8, 60 kg, leave 2, ramp-up", False),
        ):  # fmt: skip
            with self.subTest(text):
                self.assertEqual(is_vigorous(read(text, Unit.KG)), vigorous)
        self.assertTrue(is_vigorous(EASY, Decimal("0.80")))
        self.assertFalse(is_vigorous(EASY, Decimal("0.79")))

    def test_hurting_is_a_region_or_an_end(self) -> None:
        self.assertTrue(How(ended=SetEnd.PAIN).hurt and How(pain=Joint.HIP, pain_side=Side.LEFT).hurt)
        self.assertFalse(How(ended=SetEnd.FORM).hurt)
