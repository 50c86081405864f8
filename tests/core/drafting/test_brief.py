"""Who may do what, and what a load begins with."""

from dataclasses import replace
from datetime import date, timedelta
from decimal import Decimal
from unittest import TestCase

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.checks.plans import SETTING, WHO
from upright_anvil.core.body.demands import Demand
from upright_anvil.core.drafting.around import cool_down, warm_up
from upright_anvil.core.drafting.brief import Brief, OwnWords
from upright_anvil.core.drafting.first_load import first_load
from upright_anvil.core.exercises import ExerciseKind, Skill
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import Condition, Entry, JointStatus, State
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Kilograms
from upright_anvil.core.plan.document import Section
from upright_anvil.core.plan.weekdays import days_apart, training_days

MONDAY = date(2026, 1, 5)
SOME = replace(WHO, training_age=TrainingAge.SOME)
UNKNOWN = replace(SETTING, max_kg={}, last_loads={}, body_kg=Kilograms(Decimal(70)))


def status(topic: Condition, days_ago: int = 10, due_in: int | None = None) -> JointStatus:
    due = None if due_in is None else MONDAY + timedelta(weeks=due_in)
    return JointStatus(
        topic, None, State.WATCH, Entry("e", MONDAY - timedelta(days=days_ago), topic, State.WATCH, due_on=due)
    )


def brief(*standing: JointStatus, trained: TrainingAge = TrainingAge.SOME, **said: object) -> Brief:
    profile = replace(UNKNOWN, standing=standing)
    return Brief(replace(WHO, profile=profile, training_age=trained), OwnWords(**said), MONDAY)  # type: ignore[arg-type]


class MayTest(TestCase):
    def allowed(self, whom: Brief) -> list[str]:
        return [name for name, exercise in SETTING.exercises.items() if whom.may(exercise)]

    def test_who_is_new_or_careful_gets_nothing_that_wants_much_practice(self) -> None:
        for whom in (
            brief(trained=TrainingAge.NEW),
            brief(trained=TrainingAge.SEDENTARY),
            brief(trained=TrainingAge.NOT_SAID),
            brief(trained=TrainingAge.EXPERIENCED, about="fell in March"),
        ):
            skills = {SETTING.exercises[name].skill for name in self.allowed(whom)}
            self.assertNotIn(Skill.MUCH, skills)

    def test_pregnancy_and_birth_leave_out_what_is_asked_about_first(self) -> None:
        late = brief(status(Condition.PREGNANCY, due_in=12))
        for name in self.allowed(late):
            demands = SETTING.exercises[name].demands
            self.assertFalse(
                {Demand.SUPINE, Demand.PRONE, Demand.IMPACT, Demand.BREATH_HOLDING, Demand.BALANCE} & set(demands), name
            )
        self.assertTrue(late.expecting and late.careful and late.quiet)
        after = brief(status(Condition.AFTER_BIRTH, days_ago=120))
        self.assertEqual((after.months_after_birth, after.new_mother), (3, True))
        self.assertIn("pelvic-floor-squeeze", self.allowed(after))
        self.assertNotIn("pelvic-floor-squeeze", self.allowed(brief()))

    def test_who_may_fall_gets_nothing_that_wobbles_or_steps_out(self) -> None:
        for name in self.allowed(brief(about="Fell last winter.")):
            exercise = SETTING.exercises[name]
            if exercise.kind is not ExerciseKind.BALANCE:
                self.assertTrue(exercise.stable, name)
                self.assertNotIn(exercise.kind, (ExerciseKind.JUMP, ExerciseKind.THROW))
        self.assertNotIn("walking-lunge", self.allowed(brief(about="Fell last winter.")))

    def test_wishes_and_what_hurt(self) -> None:
        whom = brief(dislikes="lunges", about="Loves the goblet squat.", hurt=frozenset({"bench-press"}))
        allowed = self.allowed(whom)
        self.assertNotIn("walking-lunge", allowed)
        self.assertNotIn("bench-press", allowed)
        self.assertIn("goblet-squat", whom.liked)

    def test_shares_of_endurance(self) -> None:
        def share(goal: GoalKind, words: str = "", second: str = "") -> float:
            who = replace(SOME, goal=goal, second_goal=GoalKind.EVENT if second else GoalKind.NOT_SAID)
            return Brief(who, OwnWords(goal=words, second_goal=second), MONDAY).endurance_share

        self.assertEqual(share(GoalKind.SIZE), 0.0)
        self.assertGreater(share(GoalKind.EVENT, "run 10 km"), share(GoalKind.STRENGTH, second="half-marathon"))
        self.assertGreater(share(GoalKind.STRENGTH, second="half-marathon"), share(GoalKind.ENJOYMENT))


class FirstLoadTest(TestCase):
    @settings(max_examples=60, deadline=None)
    @given(
        st.sampled_from(
            [name for name, e in SETTING.exercises.items() if e.implements[0] is not ImplementKind.BODYWEIGHT]
        ),
        st.sampled_from(list(TrainingAge)),
        st.integers(16, 90),
        st.integers(3, 20),
        st.integers(0, 5),
    )
    def test_a_guess_is_there_light_and_said_to_be_one(
        self, name: str, trained: TrainingAge, age: int, reps: int, left: int
    ) -> None:
        exercise = SETTING.exercises[name]  # type: ignore[index]
        whom = Brief(replace(WHO, profile=UNKNOWN, training_age=trained), OwnWords(age=age), MONDAY)
        found = first_load(exercise, whom, reps, left)
        if found is None:
            return
        self.assertTrue(found.guessed)
        self.assertIn("first guess", found.why)
        kind = exercise.implement_at(UNKNOWN.inventory)
        assert kind is not None
        self.assertIn(found.load, [made.load for made in UNKNOWN.inventory.achievable(kind)])
        most = Decimal("2") if trained in (TrainingAge.SOME, TrainingAge.EXPERIENCED) else Decimal("1.3")
        self.assertLessEqual(found.load.kg, most * Decimal(70))  # type: ignore[union-attr]

    def test_more_years_and_less_training_never_begin_heavier(self) -> None:
        squat = SETTING.exercises["goblet-squat"]  # type: ignore[index]

        def kilograms(trained: TrainingAge, age: int) -> Decimal:
            found = first_load(
                squat, Brief(replace(WHO, profile=UNKNOWN, training_age=trained), OwnWords(age=age), MONDAY), 10, 3
            )
            return Decimal(0) if found is None else found.load.kg  # type: ignore[union-attr]

        self.assertLessEqual(kilograms(TrainingAge.NEW, 30), kilograms(TrainingAge.SOME, 30))
        self.assertLessEqual(kilograms(TrainingAge.SOME, 70), kilograms(TrainingAge.SOME, 30))
        self.assertLessEqual(kilograms(TrainingAge.SOME, 80), kilograms(TrainingAge.SOME, 70))

    def test_a_slip_in_the_body_weight_does_not_make_a_heavy_guess(self) -> None:
        squat = SETTING.exercises["leg-press"]  # type: ignore[index]
        slip = replace(UNKNOWN, body_kg=Kilograms(Decimal(780)))
        heavy = replace(UNKNOWN, body_kg=Kilograms(Decimal(100)))
        guesses = [
            first_load(
                squat, Brief(replace(WHO, profile=profile, training_age=TrainingAge.NEW), OwnWords(), MONDAY), 10, 3
            )
            for profile in (slip, heavy)
        ]
        self.assertIsNotNone(guesses[0])
        self.assertEqual(guesses[0].load, guesses[1].load)  # type: ignore[union-attr]

    def test_known_lifts_do_not_outweigh_a_pregnancy(self) -> None:
        press = SETTING.exercises["overhead-press"]  # type: ignore[index]
        known = replace(SETTING, max_kg={"back-squat": SETTING.max_kg["back-squat"]})  # type: ignore[index, dict-item]

        def begins(*standing: JointStatus) -> Decimal:
            profile = replace(known, standing=standing)
            found = first_load(press, Brief(replace(SOME, profile=profile), OwnWords(), MONDAY), 10, 3)
            return Decimal(0) if found is None else found.load.kg  # type: ignore[union-attr]

        self.assertLess(begins(status(Condition.PREGNANCY, due_in=12)), begins())

    def test_the_clients_own_estimate_comes_first(self) -> None:
        found = first_load(SETTING.exercises["back-squat"], Brief(SOME, OwnWords(), MONDAY), 8, 2)  # type: ignore[index]
        assert found is not None
        self.assertFalse(found.guessed)
        self.assertIn("estimated maximum", found.why)


class AroundTest(TestCase):
    def test_the_warm_up_is_for_the_day(self) -> None:
        whom = Brief(SOME, OwnWords(), MONDAY)
        legs = warm_up([SETTING.exercise("back-squat"), SETTING.exercise("deadlift")], whom, 1, 60)
        arms = warm_up([SETTING.exercise("bench-press"), SETTING.exercise("barbell-row")], whom, 1, 60)
        self.assertGreaterEqual(len(legs), 4)
        self.assertNotEqual({one.exercise.id for one in legs}, {one.exercise.id for one in arms})
        self.assertTrue(all(one.section is Section.WARM_UP and one.reason for one in (*legs, *arms)))

    def test_breath_and_pelvic_floor_come_first_after_a_birth(self) -> None:
        found = warm_up([SETTING.exercise("goblet-squat")], brief(status(Condition.AFTER_BIRTH, days_ago=90)), 1, 30)
        self.assertIn(found[0].exercise.id, ("connection-breath", "pelvic-floor-squeeze"))

    def test_stretches_go_to_what_worked_most(self) -> None:
        muscles = SETTING.exercise("back-squat").movers
        found = cool_down(muscles, brief(), 1, 2)
        self.assertEqual([one.exercise.movers[0] for one in found], list(muscles)[:2])


class WeekdaysTest(TestCase):
    def test_fixed_days_first(self) -> None:
        for days, fixed, expected in [
            (3, (), (0, 2, 4)),
            (2, (1, 5), (1, 5)),
            (2, (0, 1, 4), (0, 4)),
            (3, (0, 1), (0, 1, 4)),
            (7, (), (0, 1, 2, 3, 4, 5)),
            (2, (5, 5, 6), (5, 6)),
        ]:
            with self.subTest(days=days, fixed=fixed):
                self.assertEqual(training_days(days, fixed)[0], expected)

    @settings(max_examples=50)
    @given(st.integers(0, 9), st.lists(st.integers(-1, 8), max_size=9))
    def test_as_many_as_agreed_each_once(self, days: int, fixed: list[int]) -> None:
        found, told = training_days(days, fixed)
        self.assertEqual(len(found), min(max(days, 1), 6))
        self.assertEqual(sorted(set(found)), list(found))
        inside = {day for day in fixed if 0 <= day < 7}
        self.assertTrue(inside <= set(found) or bool(told) or len(inside) > len(found))

    def test_weeks_are_a_circle(self) -> None:
        self.assertEqual([days_apart(6, 0), days_apart(0, 3), days_apart(1, 5)], [1, 3, 3])
