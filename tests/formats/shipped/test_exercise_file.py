import json
import tomllib
from collections import Counter
from decimal import Decimal
from typing import Any
from unittest import TestCase

from tests.core.library.samples import NONE, PAIRS, STUDIO
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import ExerciseKind
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.library.ladders import check_ladders
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.formats.shipped.exercise_file import (
    DATA,
    ExerciseFiles,
    exercise_of,
    parse_exercises,
    shipped_exercises,
    shipped_ladders,
    table_of,
)

GOOD = """
[sled-drag]
name = "Sled drag"
pattern = "locomotion"
movers = ["quadriceps"]
implements = ["improvised"]
"""


class ExerciseFileTest(TestCase):
    def test_reads_a_table_with_its_defaults(self) -> None:
        sled = parse_exercises(GOOD)["sled-drag"]
        self.assertEqual((sled.name, sled.rep_seconds, sled.one_sided, sled.cues), ("Sled drag", 3, False, ()))

    def test_a_table_that_lacks_or_misnames_something_is_refused(self) -> None:
        for wrong in [
            GOOD.replace('name = "Sled drag"', ""),
            GOOD.replace("locomotion", "skating"),
            GOOD.replace("improvised", "sledge"),
        ]:
            with self.subTest(), self.assertRaises((KeyError, ValueError)):
                parse_exercises(wrong)

    def test_writing_and_reading_lose_nothing(self) -> None:
        for exercise in shipped_exercises().values():
            again = exercise_of(exercise.id, json.loads(json.dumps(table_of(exercise))))
            self.assertEqual(again, exercise)

    def test_an_unknown_field_is_refused(self) -> None:
        with self.assertRaisesRegex(ValueError, "colour is no field"):
            parse_exercises(GOOD + 'colour = "red"')


class ExerciseFilesTest(TestCase):
    def test_one_by_one_they_are_all_there_and_all_of_each(self) -> None:
        tables: dict[str, dict[str, Any]] = {}
        for file in DATA.joinpath("exercises").iterdir():
            tables |= tomllib.loads(file.read_text("utf-8"), parse_float=Decimal)
        shipped = shipped_exercises()
        self.assertEqual(set(shipped), set(tables))
        for name, table in tables.items():
            if "like" not in table:
                self.assertEqual(shipped[ExerciseId(name)], exercise_of(ExerciseId(name), table), name)

    def test_what_one_takes_from_another_is_there_whichever_is_asked_for_first(self) -> None:
        two = GOOD + '[heavy-sled]\nname = "Heavy sled"\nlike = "sled-drag"\n'
        first = ExerciseFiles([two])["heavy-sled"]
        self.assertEqual((first.name, first.movers), ("Heavy sled", (Muscle.QUADRICEPS,)))
        self.assertEqual(first, [*ExerciseFiles([two]).values()][1])

    def test_none_stands_there_twice_and_what_is_not_there_is_said(self) -> None:
        with self.assertRaisesRegex(ValueError, "sled-drag stands there twice"):
            ExerciseFiles([GOOD, GOOD])
        files = ExerciseFiles([GOOD])
        self.assertIsNone(files.get(ExerciseId("flying")))
        self.assertNotIn("flying", files)

    def test_a_comment_beside_its_head_is_no_part_of_it_and_nothing_stands_before_the_first(self) -> None:
        self.assertIn("sled-drag", ExerciseFiles([GOOD.replace("[sled-drag]", "[sled-drag] # heavy")]))
        for wrong in ('name = "Lost"\n' + GOOD, '["a sled"]\nname = "Lost"\n' + GOOD, 'name = "Lost"'):
            with self.subTest(wrong), self.assertRaisesRegex(ValueError, "before the first exercise"):
                ExerciseFiles([wrong])

    def test_one_is_read_without_the_others(self) -> None:
        files = ExerciseFiles([GOOD + '[broken]\nname = "Broken"\n'])
        self.assertIn("broken", files)
        self.assertEqual(files[ExerciseId("sled-drag")].name, "Sled drag")
        with self.assertRaises((KeyError, ValueError)):
            files[ExerciseId("broken")]


class ShippedTest(TestCase):
    def test_every_exercise_is_sound(self) -> None:
        shipped = shipped_exercises()
        self.assertGreaterEqual(len(shipped), 180)
        names = [e.name for e in shipped.values()]
        self.assertEqual(len(names), len(set(names)))
        for exercise in shipped.values():
            with self.subTest(exercise=exercise.id):
                self.assertTrue(exercise.movers and exercise.implements and exercise.faults and exercise.joints)
                self.assertFalse(set(exercise.movers) & set(exercise.helpers))
                self.assertTrue(2 <= len(exercise.cues) <= 3)
                self.assertTrue(all(1 <= len(s.cues) <= 3 for s in exercise.cue_sets))
                self.assertTrue(0 <= exercise.bodyweight_share <= 1)
                self.assertTrue(1 <= exercise.rep_seconds <= 10)
                if exercise.bodyweight_share:
                    self.assertTrue({ImplementKind.BODYWEIGHT, ImplementKind.IMPROVISED} & set(exercise.implements))
                self.assertEqual(bool(exercise.family), bool(exercise.strength))
                self.assertLessEqual({kin.implement for kin in exercise.strength}, set(exercise.implements))
                self.assertTrue(all(0 < kin.share <= 3 for kin in exercise.strength))

    def test_schools_name_a_joint_it_loads_or_a_muscle_it_trains(self) -> None:
        for exercise in shipped_exercises().values():
            for cue_set in exercise.cue_sets:
                with self.subTest(exercise=exercise.id, school=cue_set.school):
                    word, _, about = cue_set.school.partition(" ")
                    trained = {*exercise.movers, *exercise.helpers}
                    known = {j.joint for j in exercise.joints} if word == "spare" else trained
                    self.assertIn(word, ("spare", "bias"))
                    self.assertIn(about, known)

    def test_each_sort_is_there_not_only_lifts(self) -> None:
        count = Counter(e.kind for e in shipped_exercises().values())
        for kind in ExerciseKind:
            self.assertGreaterEqual(count[kind], 3, kind)

    def test_no_dangling_rung_and_no_cycle(self) -> None:
        check_ladders(shipped_ladders(), shipped_exercises())
        on_ladders = {rung for ladder in shipped_ladders().all for rung in ladder.rungs}
        self.assertGreaterEqual(len(on_ladders), 180)

    def test_every_muscle_is_reached_by_four_exercises_in_each_setting(self) -> None:
        preparing = {ExerciseKind.MOBILITY, ExerciseKind.STRETCH, ExerciseKind.WARM_UP}
        for name, place in [("no equipment", NONE), ("dumbbells", PAIRS), ("a full studio", STUDIO)]:
            for muscle in Muscle:
                with self.subTest(place=name, muscle=muscle):
                    direct = [
                        e.id
                        for e in shipped_exercises().values()
                        if muscle in e.movers and e.kind not in preparing and e.possible_at(place)
                    ]
                    self.assertGreaterEqual(len(direct), 4, direct)
