from collections import defaultdict
from collections.abc import Iterator
from dataclasses import replace
from pathlib import Path
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.body.joints import Joint, Stress
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.library.search import SearchIndex, understood
from upright_anvil.core.library.vocabulary import tokens
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.formats.shipped.exercise_file import first_names, first_names_loaded, shipped_exercises

ALL = shipped_exercises()
INDEX = SearchIndex(ALL.values(), first_names(), first_names_loaded())
MANY = len(ALL)
TYPED = Path(__file__).with_name("typed_names.txt")


def found(query: str, limit: int = MANY) -> list[str]:
    return [e.id for e in INDEX.find(query, limit)]


def called(exercise: Exercise) -> str:
    return " ".join((exercise.name, *exercise.also)).lower()


def typed() -> Iterator[tuple[str, set[str]]]:
    for line in TYPED.read_text("utf-8").splitlines():
        if line and not line.startswith("#"):
            words, _, right = line.rpartition(": ")
            yield words, set(right.split())


class TypedNamesTest(TestCase):
    def test_what_people_type_finds_its_exercise(self) -> None:
        first, third, many = 0, 0, 0
        for words, right in typed():
            self.assertLessEqual(right, set(ALL))
            hits = found(words, 3)
            many += 1
            first += hits[:1] != [] and hits[0] in right
            third += not right.isdisjoint(hits)
        self.assertGreaterEqual(many, 400)
        self.assertGreaterEqual(first / many, 0.98)
        self.assertGreaterEqual(third / many, 0.99)

    def test_a_name_of_the_library_finds_its_exercise_and_names_it(self) -> None:
        claimed = {" ".join(sorted(tokens(words))) for words in first_names()}
        for exercise in ALL.values():
            for name in (exercise.name, *exercise.also):
                with self.subTest(name=name):
                    hits = INDEX.search(name, 3)
                    self.assertIn(exercise.id, [hit.exercise.id for hit in hits])
                    if name == exercise.name and " ".join(sorted(tokens(name))) not in claimed:
                        self.assertTrue(hits[0].named and hits[0].exercise.id == exercise.id, hits[0].exercise.name)

    def test_no_two_exercises_claim_one_name_without_saying_which_comes_first(self) -> None:
        claims: dict[tuple[str, ...], set[str]] = defaultdict(set)
        for exercise in ALL.values():
            for name in (exercise.name, *exercise.also):
                claims[tokens(name)].add(exercise.id)
        settled = {tokens(words) for words in first_names()}
        self.assertEqual({n: ids for n, ids in claims.items() if len(ids) > 1 and n not in settled}, {})
        self.assertLessEqual({*first_names().values(), *first_names_loaded().values()}, set(ALL))

    def test_a_load_says_which_of_two_is_meant(self) -> None:
        for loaded, name in ((False, "Bodyweight squat"), (True, "Back squat")):
            found = INDEX.names("squat", loaded=loaded)
            self.assertEqual(found.name if found else None, name)

    def test_there_are_names_enough_and_none_is_empty(self) -> None:
        self.assertGreaterEqual(sum(1 + len(e.also) for e in ALL.values()), 1200)
        self.assertTrue(all(tokens(name) for e in ALL.values() for name in (e.name, *e.also)))


class NamedTest(TestCase):
    def test_only_words_that_name_it_may_be_taken_unseen(self) -> None:
        for words in (
            "press up",
            "thruster",
            "clean",
            "bench pr",
            "gob sq",
            "sa db row",
            "dumbell row",
            "barbell thruster",
        ):
            with self.subTest(words):
                self.assertTrue(INDEX.search(words, 1)[0].named)
        for words in (
            "heavy goblet squat",
            "xyz press",
            "pull",
            "dumbbell",
            "squat rack",
            "kneeling",
            "chest",
            "glute",
        ):
            with self.subTest(words):
                self.assertFalse(INDEX.search(words, 1)[0].named)
        for words in ("blorp", "zzzzqq", "underwater basket weaving"):
            with self.subTest(words):
                self.assertEqual(INDEX.search(words, 1), ())

    def test_abbreviations_are_told_written_out(self) -> None:
        for words, whole in [
            ("sl rdl", "single leg romanian deadlift"),
            ("DB inc press", "dumbbell incline press"),
            ("kb swings", "kettlebell swings"),
            ("goblet squat", ""),
            ("", ""),
        ]:
            with self.subTest(words):
                self.assertEqual(understood(words), whole)


class SearchTest(TestCase):
    def test_the_best_comes_first(self) -> None:
        for query, best in [
            ("bench pr", "bench-press"),
            ("Push-up", "push-up"),
            ("pushup", "push-up"),
            ("row dumb", "dumbbell-row"),
            ("dumbell row", "dumbbell-row"),
            ("plank", "plank"),
            ("sqat", "bodyweight-squat"),
            ("  dead   BUG ", "dead-bug"),
            ("glutes band", "band-bridge"),
        ]:
            with self.subTest(query=query):
                self.assertEqual(found(query)[0], best)

    def test_by_muscle_pattern_kit_and_sort(self) -> None:
        for query, check in [
            ("hamstrings", lambda e: "hamstrings" in (*e.movers, *e.helpers) or "ham" in called(e)),
            ("hinge kettlebell", lambda e: ImplementKind.KETTLEBELL in e.loaded_with or "k" in called(e)),
            ("stretch", lambda e: e.kind == "stretch" or "stretch" in called(e)),
            ("cable", lambda e: ImplementKind.STACK in e.implements or "cable" in called(e)),
            ("no equipment", lambda e: ImplementKind.BODYWEIGHT in e.implements),
        ]:
            with self.subTest(query=query):
                hits = found(query)
                self.assertGreater(len(hits), 3)
                self.assertEqual([hit for hit in hits if not check(ALL[hit])], [])  # type: ignore[no-untyped-call]

    def test_easy_on_a_joint(self) -> None:
        for query, joint in [
            ("knee friendly squat", Joint.KNEE),
            ("easy on the lower back hinge", Joint.LOWER_BACK),
            ("shoulder-friendly push", Joint.SHOULDER),
            ("no wrists push", Joint.WRIST),
        ]:
            with self.subTest(query=query):
                hits = found(query)
                self.assertTrue(hits)
                self.assertTrue(all(ALL[hit].stress_on(joint) in (None, Stress.LIGHT) for hit in hits))

    def test_nothing_typed_is_everything_by_name(self) -> None:
        names = [e.name.lower() for e in INDEX.find("", MANY)]
        self.assertEqual(names, sorted(names))
        self.assertEqual(len(names), MANY)

    def test_an_own_exercise_is_found_by_its_own_name_before_a_shipped_one_by_another(self) -> None:
        own = replace(ALL["push-up"], id="own-1", name="Bench row", also=(), own=True)
        self.assertEqual(SearchIndex([*ALL.values(), own]).find("bench row", 1), (own,))

    @given(st.text(max_size=40))
    def test_never_breaks_and_keeps_its_limit(self, query: str) -> None:
        self.assertLessEqual(len(INDEX.find(query, 7)), 7)
        self.assertIsInstance(understood(query), str)
