from dataclasses import replace
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.core.checks.plans import SETTING
from tests.core.session.sample import after, session, texts
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.readiness import Pain, Report
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.session.easing import easing, profile_with
from upright_anvil.core.session.milder import MOST_CUT, a_third_fewer, fewer_sets, lighter, more_in_reserve
from upright_anvil.core.session.this_session import as_changed

GOOD, MIDDLING, POOR = Report(5, 5, 1, 1), Report(3, 3, 3, 3), Report(1, 2, 5, 4)
SQUAT, BENCH = SETTING.exercise("back-squat"), SETTING.exercise("bench-press")
HELD = session(
    "warm-up/ankle-rocks: 1 x 10",
    "back-squat: 4 x 5, 100 kg, leave 2",
    "bench-press: 3 x 8, 60 kg",
    "accessory/leg-curl: 3 x 12, 40 kg",
)


def read_(text: str) -> Prescription:
    return read(text, Unit.KG)


class NamedThingsTest(TestCase):
    def test_a_thing_by_its_name_gets_lighter_as_its_weight_would(self) -> None:
        self.assertEqual(
            str(lighter(read_("3 x 8, bar 60 kg"), BENCH, SETTING.inventory).load),
            f"bar {lighter(read_('3 x 8, 60 kg'), BENCH, SETTING.inventory).load}",
        )


class EasingTest(TestCase):
    def test_a_good_day_runs_as_planned(self) -> None:
        self.assertEqual(easing(GOOD, HELD, SETTING), ())

    def test_a_middling_day_keeps_the_load_and_leaves_one_more_or_drops_an_accessory_set(self) -> None:
        found = after(HELD, easing(MIDDLING, HELD, SETTING))
        self.assertEqual(found["back-squat"], "4 x 5, 100 kg, leave 3")
        self.assertEqual(found["bench-press"], "3 x 8, 60 kg")
        self.assertEqual(found["leg-curl"], "2 x 12, 40 kg")

    def test_a_poor_day_is_lighter_with_a_third_fewer_sets(self) -> None:
        found = after(HELD, easing(POOR, HELD, SETTING))
        self.assertEqual(found["back-squat"], "3 x 5, 92.5 kg, leave 2")
        self.assertEqual(found["bench-press"], "2 x 8, 55 kg")

    def test_each_change_says_why_and_stands_on_its_own(self) -> None:
        found = easing(POOR, HELD, SETTING)
        self.assertEqual([change.line for change in found], ["l2", "l3", "l4"])
        self.assertTrue(all(change.why for change in found))
        only = after(HELD, found[:1])
        self.assertEqual(only["bench-press"], texts(HELD)["bench-press"])

    def test_what_was_begun_is_left_as_it_is(self) -> None:
        self.assertNotIn("l2", [change.line for change in easing(POOR, HELD, SETTING, frozenset({"l2"}))])

    def test_pain_swaps_what_loads_the_joint_and_says_so(self) -> None:
        hurts = Report(5, 5, 1, 1, (Pain(Joint.KNEE, Side.LEFT),))
        found = easing(hurts, HELD, SETTING)
        squat = next(change for change in found if change.line == "l2")
        self.assertIn("Left knee hurts today.", squat.why)
        self.assertIn("instead of Back squat", squat.label)
        self.assertNotIn("l3", [change.line for change in found])

    def test_pain_that_leaves_nothing_takes_the_exercise_out(self) -> None:
        only = replace(SETTING, exercises={"back-squat": SQUAT})
        (change,) = easing(Report(5, 5, 1, 1, (Pain(Joint.KNEE, Side.LEFT),)), session("back-squat: 4 x 5"), only)
        self.assertEqual(change.label, "Back squat out: nothing here trains the same and leaves it alone")
        self.assertEqual(texts(as_changed(session("back-squat: 4 x 5"), change.edits)), {})

    def test_what_hurts_today_stands_beside_the_history(self) -> None:
        self.assertIs(profile_with(SETTING, ()), SETTING)
        stands = profile_with(SETTING, (Pain(Joint.HIP, Side.RIGHT),)).standing
        self.assertEqual([(one.topic, one.side) for one in stands], [(Joint.HIP, Side.RIGHT)])


class MilderTest(TestCase):
    def test_lighter_is_seven_and_a_half_to_ten_per_cent_or_nothing(self) -> None:
        for text, wanted in [
            ("3 x 5, 100 kg", "3 x 5, 92.5 kg"),
            ("3 x 5, 80 %", "3 x 5, 74 %"),
            ("3 x 5, 20 kg", "3 x 5, 20 kg"),  # nothing lighter than the bar
            ("5/3/1, 100/110/120 kg", "5/3/1, 92.5/100/110 kg"),
        ]:
            with self.subTest(text):
                self.assertEqual(str(lighter(read_(text), SQUAT, SETTING.inventory)), str(read_(wanted)))

    @given(st.integers(80, 1200))
    def test_a_lighter_load_can_be_made_and_stays_within_the_bounds(self, quarters: int) -> None:
        kg = quarters / 4
        asked = read_(f"3 x 5, {kg} kg")
        eased = lighter(asked, BENCH, SETTING.inventory)
        assert isinstance(asked.load, Load) and isinstance(eased.load, Load)
        if eased != asked:
            self.assertGreaterEqual(eased.load.kg, asked.load.kg * (1 - MOST_CUT))
            self.assertLess(eased.load.kg, asked.load.kg)
            self.assertIn(eased.load.kg, {a.load.kg for a in SETTING.inventory.achievable(BENCH.implements[0])})

    def test_fewer_sets_of_any_scheme(self) -> None:
        for text, fewer, wanted in [
            ("4 x 8", 1, "3 x 8"),
            ("1 x 8", 3, "1 x 8"),
            ("12/10/8, 16/18/20 kg", 1, "12/10, 16/18 kg"),
            ("most x 5, 24 kg, in 12:00", 1, "most x 5, 24 kg, in 8:00"),
            ("3 x 10, 20 kg, drop to 16/12 kg", 2, "1 x 10, 20 kg, drop to 16/12 kg"),
        ]:
            with self.subTest(text):
                self.assertEqual(str(fewer_sets(read_(text), fewer)), str(read_(wanted)))

    def test_a_third_fewer(self) -> None:
        self.assertEqual([a_third_fewer(read_(f"{n} x 5")).sets for n in (1, 2, 3, 4, 5, 6)], [1, 1, 2, 3, 3, 4])

    def test_more_in_reserve_ends_at_five_and_needs_one_that_is_said(self) -> None:
        self.assertEqual(more_in_reserve(read_("3 x 5, leave 1")).left, 2)
        self.assertEqual(more_in_reserve(read_("3 x 5, leave 5")).left, 5)
        self.assertIsNone(more_in_reserve(read_("3 x 5")).left)
