from datetime import timedelta
from decimal import Decimal
from unittest import TestCase

from hypothesis import given, settings
from hypothesis import strategies as st

from tests.core.progression.story import EXERCISES, PLACE, PUSH_UP, RAISED, TODAY, strength
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.core.progression.model import ProgressionContext
from upright_anvil.core.progression.registry import POLICIES
from upright_anvil.core.projection.projection import CourseWeek, ProjectedLine, WeekAhead, cannot, course, further
from upright_anvil.core.projection.scenario import MISSED, Edge, Scenario
from upright_anvil.core.projection.simulated_sets import reps_to_failure_at
from upright_anvil.core.strength.estimate import estimate_max

LOADS = {made.load.kg for made in PLACE.achievable(EXERCISES["squat"].implements[0])}


def line(
    exercise: str, *texts: str, policy: str = "double-progression", kg: float | None = None, **more: object
) -> ProjectedLine:
    asks = [read(text, Unit.KG) if text else None for text in texts]
    home = next((ask for ask in asks if ask is not None), read("3 x 8", Unit.KG))
    known = strength(0.004, kg) if kg else None
    context = ProgressionContext(EXERCISES[exercise], PLACE, home, (), Decimal(80), strength=known, **more)  # type: ignore[arg-type]
    return ProjectedLine(
        context, policy, tuple(WeekAhead(TODAY + timedelta(days=7 * n), ask) for n, ask in enumerate(asks))
    )


def asked(weeks: tuple[CourseWeek, ...]) -> list[str]:
    return [write(week.asked) if week.asked and week.trained else "-" for week in weeks]


SQUAT = line("squat", *["3 x 6-8, 60 kg, leave 2"] * 12, kg=80)


class CourseTest(TestCase):
    def test_the_better_the_outlook_and_the_stronger_the_client_the_more_is_asked(self) -> None:
        def last(outlook: Scenario, edge: Edge = Edge.MID) -> Decimal:
            load = (course(SQUAT, outlook, edge)[-1].asked or read("1 x 1", Unit.KG)).load
            assert isinstance(load, Load)
            return load.kg

        self.assertLessEqual(last(Scenario.LATELY), last(Scenario.WELL))
        self.assertLess(last(Scenario.BAD), last(Scenario.WELL))
        self.assertLess(last(Scenario.LATELY, Edge.LOW), last(Scenario.LATELY, Edge.HIGH))

    def test_a_bad_patch_loses_weeks_and_comes_back_lighter(self) -> None:
        found = course(SQUAT, Scenario.BAD)
        self.assertEqual([n for n, week in enumerate(found) if not week.trained], sorted(MISSED))
        self.assertEqual(asked(found)[3], "3 x 6-8, 55 kg, leave 2")

    def test_easing_off_weeks_prove_nothing_and_the_climb_goes_past_them(self) -> None:
        weeks = list(SQUAT.weeks)
        weeks[1] = WeekAhead(weeks[1].monday, read("2 x 6-8, 52.5 kg, leave 4", Unit.KG), easing_off=True)
        found = course(ProjectedLine(SQUAT.context, "linear", tuple(weeks)), Scenario.WELL)
        self.assertIsNone(found[1].proposal)
        self.assertEqual(
            asked(found)[:3], ["3 x 6-8, 60 kg, leave 2", "2 x 6-8, 52.5 kg, leave 4", "3 x 6-8, 62.5 kg, leave 2"]
        )

    def test_a_rung_ends_what_can_be_seen(self) -> None:
        skill = line("push-up", *["3 x 10-12, bw"] * 6, policy="skill", kg=120, harder=RAISED)
        found = course(skill, Scenario.WELL)
        assert found[-1].proposal
        self.assertEqual((len(found), found[-1].proposal.exercise), (1, "raised"))

    def test_a_client_who_never_did_it_is_taken_at_the_plans_word(self) -> None:
        new = line("squat", *["3 x 6-8, 60 kg, leave 2"] * 6)
        self.assertTrue(all(week.proposal for week in course(new, Scenario.LATELY)))

    def test_holds_grow(self) -> None:
        plank = line("plank", *["3 x 30 s"] * 10, policy="holds")
        self.assertEqual(asked(course(plank, Scenario.WELL))[-1], "3 x 39 s")
        self.assertEqual(asked(course(plank, Scenario.LATELY))[-1], "3 x 33 s")

    def test_what_cannot_be_looked_ahead_of_says_why(self) -> None:
        for texts, more, why in [
            ([""], {}, "Nothing is asked for"),
            (["12/10/8, 50/55/60 kg"], {}, "Sets that differ"),
            (["3 x max, bw"], {}, "As many as possible"),
            (["3 x 8, open load"], {}, "What moves is not known"),
            (["3 x 8, 70 %"], {}, "What moves is not known"),
            (["3 x 8"], {}, "What moves is not known"),
            (["3 x 8, 60 kg"], {}, ""),
        ]:
            with self.subTest(texts):
                said = cannot(line("squat", *texts, **more))  # type: ignore[arg-type]
                self.assertTrue(said.startswith(why) if why else not said, said)

    def test_as_many_weeks_as_wanted(self) -> None:
        weeks = further(SQUAT.weeks[:3], 8)
        self.assertEqual(len(weeks), 8)
        self.assertEqual(weeks[-1].monday - weeks[0].monday, timedelta(weeks=7))
        self.assertEqual(weeks[-1].asks, SQUAT.weeks[0].asks)

    @settings(max_examples=40, deadline=None)
    @given(
        st.sampled_from(sorted(POLICIES)),
        st.sampled_from(Scenario),
        st.sampled_from(Edge),
        st.floats(50, 150),
        st.sampled_from(["3 x 6-8, 60 kg, leave 2", "5 x 5, 80 kg", "4 x 10-12, 40 kg, tempo 3-0-1-0, rest 1:30"]),
    )
    def test_every_load_can_be_made_and_no_step_passes_the_cap(
        self, policy: str, outlook: Scenario, edge: Edge, kg: float, text: str
    ) -> None:
        found = course(line("squat", *[text] * 8, policy=policy, kg=kg), outlook, edge)
        before = None
        for week in found:
            assert week.asked
            load = week.asked.load
            assert isinstance(load, Load)
            self.assertIn(load.kg, LOADS)
            if before is not None and week.trained:
                self.assertLessEqual(load.kg, before * Decimal("1.10"))
            before = load.kg if week.trained else before


class DoingTest(TestCase):
    def test_repetitions_to_failure_are_those_the_estimate_is_made_of(self) -> None:
        for reps in (1, 3, 5, 8, 10, 12, 15, 20):
            with self.subTest(reps):
                most = estimate_max(Decimal(100), reps, 0)
                assert most
                self.assertIn(reps_to_failure_at(float(most) + 0.06, 100, 1.0, 0), (reps, reps + 1))

    def test_too_heavy_is_none_and_tiredness_costs(self) -> None:
        self.assertEqual(reps_to_failure_at(80, 100, 1.0, 0), 0)
        self.assertLess(reps_to_failure_at(100, 75, 1.0, 5), reps_to_failure_at(100, 75, 1.0, 0))
        self.assertEqual(PUSH_UP.bodyweight_share, Decimal("0.65"))
