from dataclasses import replace
from unittest import TestCase

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.checks.plans import SETTING, WHO, plan
from upright_anvil.core.checks.study import study_week
from upright_anvil.core.errors import DomainError
from upright_anvil.core.fitting.cost import Cost, TimeLever
from upright_anvil.core.fitting.fit import Fit, FitTerms, fit
from upright_anvil.core.fitting.opposite import are_opposite
from upright_anvil.core.goals import GoalKind
from upright_anvil.core.plan.edits import apply_edits

STRENGTH = replace(WHO, goal=GoalKind.STRENGTH, minutes=60)
DAY = plan(
    (
        0,
        [
            "back-squat: 4 x 5, 100 kg, rest 4:00",
            "bench-press: 4 x 6, 70 kg, rest 3:00",
            "barbell-row: 4 x 8, 60 kg, rest 3:00",
            "accessory/leg-curl: 3 x 12, rest 1:30",
            "accessory/biceps-curl: 3 x 12, rest 1:30",
            "trunk/plank: 3 x 60 s, rest 60 s",
        ],
    ),
    (3, ["deadlift: 3 x 5, rest 3:00"]),
)


def fitted(minutes: int) -> Fit:
    return fit(DAY, "w1", "d0", minutes * 60, STRENGTH)


class FitTest(TestCase):
    def test_the_cheapest_come_first(self) -> None:
        found = fitted(45)
        chosen = [s.rank for s in found.savings if s.chosen]
        self.assertEqual(chosen, sorted(chosen))
        self.assertEqual(chosen[0], Cost.RESTS)
        self.assertTrue(found.fits)
        self.assertLessEqual(found.after, 45 * 60)

    def test_rests_stay_at_the_published_least(self) -> None:
        labels = [s.label for s in fitted(20).savings if s.rank in (Cost.MAIN_RESTS, Cost.LAST_RESTS)]
        squat = [label for label in labels if label.startswith("Back squat")]
        steps = (("3:00", "4:00"), ("2:00", "3:00"))
        self.assertEqual(squat, [f"Back squat: rest {to} instead of {was}" for to, was in steps])

    def test_rests_shrink_gently_and_evenly_small_moves_first(self) -> None:
        now = fitted(240).seconds
        for minutes, expected in (
            (now / 60 - 1, ["Biceps curl: rest 1:00 instead of 1:30"]),
            (now / 60 - 2, ["Biceps curl: rest 45 s instead of 1:30", "Lying leg curl: rest 1:15 instead of 1:30"]),
        ):
            found = fit(DAY, "w1", "d0", int(minutes * 60), STRENGTH)
            self.assertEqual([s.label for s in found.savings if s.chosen], expected)
            self.assertTrue(found.fits)

    def test_levers_can_be_ruled_out(self) -> None:
        for lever in TimeLever:
            found = fit(DAY, "w1", "d0", 15 * 60, STRENGTH, FitTerms(without=frozenset({lever})))
            self.assertNotIn(lever, {s.lever for s in found.savings})
        none = fit(DAY, "w1", "d0", 15 * 60, STRENGTH, FitTerms(without=frozenset(TimeLever)))
        self.assertEqual((none.savings, none.after, none.fits), ((), none.seconds, False))

    def test_what_fits_into_twelve_minutes_is_said(self) -> None:
        found = fitted(12)
        self.assertTrue(found.fits)
        self.assertEqual(found.left[0].split(" ")[:2], ["Back", "squat"])
        self.assertLess(len(found.left), 4)

    def test_what_is_applied_saves_what_it_says(self) -> None:
        found = fitted(45)
        chosen = [s for s in found.savings if s.chosen]
        after = apply_edits(DAY, [edit for s in chosen for edit in s.edits])
        week = study_week(after, STRENGTH, "w1")
        assert week
        self.assertEqual(week.days[0].seconds, found.after)
        self.assertEqual(found.seconds - sum(s.saves for s in chosen), found.after)

    def test_a_session_that_fits_is_left_alone(self) -> None:
        found = fitted(240)
        self.assertEqual([s for s in found.savings if s.chosen], [])
        self.assertTrue(found.fits)

    def test_too_little_time_is_said(self) -> None:
        found = fit(DAY, "w1", "d0", 10, STRENGTH)
        self.assertFalse(found.fits)
        self.assertEqual(found.left, ("Back squat 1 x 5, 100 kg, rest 2:00",))

    def test_a_session_that_is_gone_is_refused(self) -> None:
        with self.assertRaises(DomainError):
            fit(DAY, "w1", "gone", 3600, STRENGTH)

    @settings(max_examples=25)
    @given(st.integers(5, 90))
    def test_never_pairs_the_same_muscle_and_never_gets_longer(self, minutes: int) -> None:
        found = fitted(minutes)
        self.assertLessEqual(found.after, found.seconds)
        for saving in found.savings:
            self.assertGreater(saving.saves, 0)
            if saving.rank == Cost.PAIR:
                edit = saving.edits[0]
                assert edit.op == "group_lines"
                week = study_week(DAY, STRENGTH, "w1")
                assert week
                pair = [a.exercise for a in week.days[0].asked if a.line.id in edit.lines]
                self.assertEqual(set(pair[0].movers) & set(pair[1].movers), set())


class OppositeTest(TestCase):
    def test_what_rests_what(self) -> None:
        for first, second, expected in [
            ("bench-press", "barbell-row", True),
            ("overhead-press", "lat-pulldown", True),
            ("bench-press", "overhead-press", False),
            ("back-squat", "romanian-deadlift", False),
            ("back-squat", "bench-press", True),
            ("bench-press", "triceps-pressdown", False),
            ("bench-press", "easy-run", False),
        ]:
            with self.subTest(first=first, second=second):
                found = are_opposite(SETTING.exercise(first), SETTING.exercise(second))
                self.assertIs(found, expected)
