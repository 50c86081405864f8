from dataclasses import replace
from decimal import Decimal
from unittest import TestCase

from tests.core.checks.plans import KNEE, SETTING
from tests.core.session.sample import session, texts
from upright_anvil.core.library.starting_load import KnownLoad
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Line, Program
from upright_anvil.core.plan.edits.lines import ChangeExercise
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.known import nearest_known
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.core.session.carry_over import carried_over, remapped
from upright_anvil.core.session.swapping import fits, instead_of_line, swap
from upright_anvil.core.session.this_session import as_changed, day_of

SQUAT = session("back-squat: 3 x 8, 100 kg, rest 2:00, leave 2")


def first(held: Program) -> Line:
    return day_of(held)[1].lines[0]


def offered(profile: ClientProfile, held: Program = SQUAT, limit: int = 6) -> list[str]:
    return [one.exercise for one in instead_of_line(first(held), held.phases[0].weeks[0], profile, limit)]


class InsteadTest(TestCase):
    def test_a_rung_named_in_advance_comes_first(self) -> None:
        line = first(SQUAT).model_copy(update={"easier": "chair-squat"})
        found = instead_of_line(line, SQUAT.phases[0].weeks[0], SETTING)
        self.assertEqual(found[0].exercise, "chair-squat")
        self.assertIn("named in advance", found[0].reasons)

    def test_a_rung_says_how_far_it_is_and_which_way(self) -> None:
        line = first(session("push-up: 3 x 8, bw"))
        found = {o.exercise: o for o in instead_of_line(line, SQUAT.phases[0].weeks[0], SETTING, 12)}
        far = {name: one.rungs for name, one in found.items() if one.rungs}
        self.assertTrue(any(n > 0 for n in far.values()) and any(n < 0 for n in far.values()), far)
        for name, rungs in far.items():
            words = f"{abs(rungs)} rung{'s' if abs(rungs) > 1 else ''} {'harder' if rungs > 0 else 'easier'}"
            self.assertIn(words, found[name].reasons)

    def test_only_what_the_place_has_and_no_joint_forbids(self) -> None:
        sore = replace(SETTING, standing=(KNEE,))
        for profile in (sore, sore.at("room"), SETTING.at("room")):
            for name in offered(profile):
                with self.subTest(name):
                    self.assertTrue(fits(profile.exercise(name), profile))
        self.assertFalse(fits(SETTING.exercise("back-squat"), sore))

    def test_no_more_than_asked_for_and_none_twice(self) -> None:
        found = offered(SETTING, limit=4)
        self.assertLessEqual(len(found), 4)
        self.assertEqual(len(found), len(set(found)))
        self.assertNotIn("back-squat", found)

    def test_a_swap_says_what_and_why_and_keeps_sets_and_rest(self) -> None:
        change = swap(first(SQUAT), SQUAT.phases[0].weeks[0], SETTING.exercise("goblet-squat"), SETTING, "Rack taken.")
        self.assertTrue(change.label.startswith("Goblet squat instead of Back squat: 3 x 8"))
        self.assertTrue(change.why.startswith("Rack taken."))
        self.assertEqual(list(texts(as_changed(SQUAT, change.edits))), ["goblet-squat"])
        self.assertIn("rest 2:00, leave 2", texts(as_changed(SQUAT, change.edits))["goblet-squat"])

    def test_in_a_b_week_the_exercise_of_that_week_is_swapped(self) -> None:
        to = SETTING.exercise("goblet-squat")
        for variant, other, changed in (("B", "front-squat", "B"), ("B", "", ""), ("A", "front-squat", "")):
            line = first(SQUAT).model_copy(update={"exercise_b": other})
            week = SQUAT.phases[0].weeks[0].model_copy(update={"variant": variant})
            edit = swap(line, week, to, SETTING).edits[0]
            assert isinstance(edit, ChangeExercise)
            self.assertEqual(edit.variant, changed, (variant, other))

    def test_a_line_nobody_can_read_still_gets_something_to_do(self) -> None:
        odd = session("back-squat: heavy")
        change = swap(first(odd), odd.phases[0].weeks[0], SETTING.exercise("goblet-squat"), SETTING)
        self.assertIn("cannot be read", change.why)


class CarryOverTest(TestCase):
    def carried(self, text: str, to: str, known: KnownLoad | None = None) -> str:
        asked = read(text, Unit.KG)
        return write(carried_over(asked, SETTING.exercise(to), SETTING, known)[0])

    def test_holds_and_counted_work_trade_places(self) -> None:
        self.assertEqual(self.carried("3 x 12", "plank"), "3 x 30 s, bw")
        self.assertTrue(self.carried("3 x 45 s", "back-squat").startswith("3 x 8"))

    def test_one_side_at_a_time_where_the_exercise_is(self) -> None:
        self.assertIn("each side", self.carried("3 x 8, 40 kg", "split-squat"))
        self.assertNotIn("each side", self.carried("3 x 8 each side, 10 kg", "goblet-squat"))

    def test_without_anything_known_the_load_is_left_open(self) -> None:
        asked, why = carried_over(read("3 x 8, 40 kg", Unit.KG), SETTING.exercise("front-squat"), SETTING, None)
        self.assertEqual(write(asked), "3 x 8, open load")
        self.assertIn("find it on the day", why)

    def test_the_load_goes_over_by_the_shares_of_the_family(self) -> None:
        front = SETTING.exercise("front-squat")
        known = nearest_known(front, SETTING)
        assert known
        self.assertEqual(known.exercise.id, "back-squat")
        asked, why = carried_over(read("3 x 8, 100 kg, leave 2", Unit.KG), front, SETTING, known)
        self.assertIn("140", why)
        self.assertLess(float(str(asked.load).split()[0]), 100)

    def test_what_is_known_of_the_exercise_itself_comes_before_its_kin(self) -> None:
        both = replace(SETTING, max_kg={**SETTING.max_kg, "front-squat": Decimal(110)})
        known = nearest_known(SETTING.exercise("front-squat"), both)
        assert known
        self.assertEqual(known.exercise.id, "front-squat")
        self.assertIsNone(nearest_known(SETTING.exercise("plank"), replace(SETTING, max_kg={})))


class RemappedTest(TestCase):
    def test_each_load_goes_to_the_nearest_below_that_can_be_made(self) -> None:
        press, room = SETTING.exercise("floor-press"), SETTING.places["room"]
        for text, wanted, why in [
            ("3 x 8, 14 kg", "3 x 8, 12 kg", "14 kg cannot be made here, 12 kg can"),
            ("3 x 8, 6 kg", "3 x 8, 8 kg", "6 kg cannot be made here, 8 kg can"),
            ("3 x 8, 12 kg", "3 x 8, 12 kg", ""),
        ]:
            with self.subTest(text):
                found = remapped(read(text, Unit.KG), press, SETTING.inventory, room)
                self.assertEqual((write(found[0]), found[1]), (wanted, why))

    def test_other_kit_is_not_its_business(self) -> None:
        asked = read("3 x 8, 60 kg", Unit.KG)
        self.assertEqual(
            remapped(asked, SETTING.exercise("bench-press"), SETTING.inventory, SETTING.places["room"]), (asked, "")
        )
