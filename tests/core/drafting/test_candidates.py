"""Who may fill a slot, how much is asked of it, and what the solver makes of both."""

from dataclasses import replace
from decimal import Decimal
from unittest import TestCase

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.checks.plans import ROOM, SETTING, SORE, WHO
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.drafting.candidates import Candidate, candidates
from upright_anvil.core.drafting.doses import dose_for, in_week
from upright_anvil.core.drafting.slots import DraftSlot, week_shape
from upright_anvil.core.drafting.solve import MOST_IN_SESSION, Task, solve
from upright_anvil.core.exercises import Pattern
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.cautions import joint_cautions
from upright_anvil.core.plan.document import Section, WeekKind
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.volume.bands import GENERAL

SQUAT = week_shape(3)[0].slots[0]
B, E = WeekKind.BUILD, WeekKind.EASE_OFF


def names(slot: DraftSlot, who: Standpoint, seed: int = 1, **away: frozenset[str]) -> list[str]:
    return [c.exercise.id for c in candidates(slot, who, seed, {slot.id: away.get("away", frozenset())})]


class SlotsTest(TestCase):
    def test_every_week_trains_every_pattern_and_leaves_a_day_free(self) -> None:
        for days in range(1, 8):
            with self.subTest(days=days):
                shape = week_shape(days)
                self.assertEqual(len(shape), min(days, 6))
                self.assertEqual(len({day.weekday for day in shape}), len(shape))
                patterns = {p for day in shape for slot in day.slots for p in slot.patterns}
                for basics in (
                    {Pattern.SQUAT},
                    {Pattern.HINGE},
                    {Pattern.PUSH_HORIZONTAL},
                    {Pattern.PULL_HORIZONTAL},
                    {Pattern.TRUNK},
                ):
                    self.assertTrue(basics & patterns)

    def test_slots_have_ids_of_their_own(self) -> None:
        ids = [slot.id for day in week_shape(6) for slot in day.slots]
        self.assertEqual(len(set(ids)), len(ids))


class CandidatesTest(TestCase):
    def test_only_what_the_place_and_the_joints_allow(self) -> None:
        for who in (WHO, SORE, replace(WHO, profile=replace(SETTING, inventory=ROOM))):
            for day in week_shape(4):
                for slot in day.slots:
                    for found in candidates(slot, who, 1, {}):
                        self.assertTrue(found.exercise.possible_at(who.profile.inventory))
                        stands_against = joint_cautions(found.exercise, who.profile.standing)
                        self.assertEqual([c for c in stands_against if c.grade != "note"], [])
                        self.assertIn(found.exercise.pattern, slot.patterns)

    def test_the_best_have_their_reasons(self) -> None:
        best = candidates(SQUAT, replace(WHO, goal=GoalKind.STRENGTH), 1, {})[0]
        self.assertEqual(best.exercise.id, "back-squat")
        self.assertIn("the client's own sets give its load", best.reasons)
        self.assertIn("heavy work suits the goal", best.reasons)

    def test_what_was_rolled_away_is_gone_and_the_seed_only_breaks_ties(self) -> None:
        first = names(SQUAT, WHO)
        self.assertNotIn(first[0], names(SQUAT, WHO, away=frozenset({first[0]})))
        self.assertEqual(names(SQUAT, WHO), first)
        strong = replace(WHO, goal=GoalKind.STRENGTH)
        self.assertEqual({names(SQUAT, strong, seed)[0] for seed in range(1, 6)}, {"back-squat"})

    def test_a_beginner_is_offered_easier_rungs(self) -> None:
        bare = replace(SETTING, inventory=replace(ROOM, implements=()), max_kg={})
        push = week_shape(3)[0].slots[1]
        new = names(push, replace(WHO, profile=bare, training_age=TrainingAge.SEDENTARY))
        old = names(push, replace(WHO, profile=bare, training_age=TrainingAge.EXPERIENCED))
        self.assertNotEqual(new[0], old[0])


class DosesTest(TestCase):
    def test_by_goal_and_level(self) -> None:
        squat = SETTING.exercise("leg-press")
        for words, who, expected in [
            ("strength", replace(WHO, goal=GoalKind.STRENGTH), "3 x 5-6, rest 2:30, leave 2"),
            ("size", replace(WHO, goal=GoalKind.SIZE), "3 x 8-12, rest 2:00, leave 2"),
            ("anything else", WHO, "3 x 8-10, rest 1:30, leave 2"),
            ("the first months", replace(WHO, training_age=TrainingAge.NEW), "3 x 8-12, rest 1:30, leave 3"),
            ("not cleared", replace(WHO, clearance="Wait."), "3 x 10-12, rest 1:30, leave 4"),
        ]:
            with self.subTest(words):
                asked = dose_for(who, 1).prescription(Section.MAIN, squat, 3, SETTING)
                self.assertEqual(write(asked), expected)

    def test_weeks_climb_by_reserve_and_ease_off_at_the_end(self) -> None:
        who = replace(WHO, goal=GoalKind.STRENGTH, training_age=TrainingAge.SOME)
        lift = SETTING.exercise("back-squat")
        base = dose_for(who, 1).prescription(Section.MAIN, lift, 3, SETTING)
        weeks = [write(in_week(base, n, [B, B, B, E], Section.MAIN, lift, who)) for n in range(4)]
        self.assertEqual(
            weeks,
            [
                "3 x 5-6, 107.5 kg, rest 2:30, leave 3",
                "3 x 5-6, 110 kg, rest 2:30, leave 2",
                "3 x 5-6, 115 kg, rest 2:30, leave 1",
                "2 x 5-6, 105 kg, rest 2:30, leave 4",
            ],
        )

    def test_phases_change_the_repetitions_and_come_round(self) -> None:
        who = replace(WHO, goal=GoalKind.STRENGTH)
        self.assertEqual([str(dose_for(who, n).main) for n in (1, 2, 3, 4)], ["5-6", "4-5", "3-4", "5-6"])


def task(minutes: int, days: int, points: dict[str, float] | None = None) -> Task:
    """A week to solve, each set taking three minutes."""
    shape = week_shape(days)
    slots = [slot for day in shape for slot in day.slots]
    found = {slot.id: candidates(slot, WHO, 1, {}) for slot in slots}
    if points:
        found = {
            slot: tuple(Candidate(c.exercise, points.get(c.exercise.id, c.points), c.reasons) for c in some)
            for slot, some in found.items()
        }
    seconds = {(s, c.exercise.id, k): 180 * k for s, some in found.items() for c in some for k in (2, 3)}
    sets = {slot.id: (2, 3) for slot in slots}
    return Task(shape, found, seconds, sets, [minutes * 60] * len(shape), GENERAL, {})


class SolveTest(TestCase):
    @settings(max_examples=6, deadline=None)
    @given(st.integers(8, 60), st.integers(1, 4))
    def test_hard_limits_are_kept_whatever_is_wished(self, minutes: int, days: int) -> None:
        given_task = task(minutes, days)
        found = solve(given_task)
        for day in given_task.days:
            chosen = [c for c in found.choices if c.slot in day.slots]
            spent = sum(given_task.seconds[c.slot.id, c.candidate.exercise.id, c.sets] for c in chosen)
            self.assertLessEqual(spent, minutes * 60)
            ids = [c.candidate.exercise.id for c in chosen]
            self.assertEqual(len(set(ids)), len(ids), "each exercise once a day")
            for muscle in {m for c in chosen for m in c.candidate.exercise.movers}:
                direct = sum(c.sets for c in chosen if muscle in c.candidate.exercise.movers)
                self.assertLessEqual(direct, MOST_IN_SESSION)
        week = [c.candidate.exercise.id for c in found.choices]
        self.assertLessEqual(max((week.count(e) for e in week), default=0), 2)

    def test_what_counts_more_is_chosen(self) -> None:
        liked = candidates(SQUAT, WHO, 1, {})[3].exercise.id
        found = solve(task(60, 3, {liked: 500.0}))
        self.assertIn(liked, [c.candidate.exercise.id for c in found.choices])

    def test_a_pin_fills_its_slot(self) -> None:
        pinned = candidates(SQUAT, WHO, 1, {})[5].exercise.id
        found = solve(replace(task(60, 3), pins={SQUAT.id: pinned}))
        self.assertEqual([c.candidate.exercise.id for c in found.choices if c.slot == SQUAT], [pinned])

    def test_what_stays_below_the_band_is_told(self) -> None:
        found = solve(task(8, 1))
        self.assertGreater(sum(found.short.values()), 10)
        self.assertTrue(all(missing <= GENERAL.low for missing in found.short.values()))
        self.assertEqual(Decimal(len(found.choices)), Decimal(1))
