from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.body.joints import Joint, Stress
from upright_anvil.core.library.search import SearchIndex
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.formats.exercise_file import shipped_exercises

ALL = shipped_exercises()
INDEX = SearchIndex(ALL.values())


def found(query: str, limit: int = 300) -> list[str]:
    return [e.id for e in INDEX.find(query, limit)]


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
        ]:
            with self.subTest(query=query):
                self.assertEqual(found(query)[0], best)

    def test_by_muscle_pattern_kit_and_sort(self) -> None:
        for query, check in [
            ("hamstrings", lambda e: "hamstrings" in (*e.movers, *e.helpers) or "hamstring" in e.name.lower()),
            ("hinge kettlebell", lambda e: e.pattern == "hinge" and ImplementKind.KETTLEBELL in e.implements),
            ("stretch", lambda e: e.kind == "stretch" or "stretch" in e.name.lower()),
            ("cable", lambda e: ImplementKind.STACK in e.implements),
            ("no equipment", lambda e: ImplementKind.BODYWEIGHT in e.implements),
        ]:
            with self.subTest(query=query):
                hits = found(query)
                self.assertGreater(len(hits), 3)
                self.assertTrue(all(check(ALL[hit]) for hit in hits))  # type: ignore[no-untyped-call]

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
        names = [e.name.lower() for e in INDEX.find("", 400)]
        self.assertEqual(names, sorted(names))
        self.assertEqual(len(names), len(ALL))

    def test_what_nobody_knows_finds_nothing(self) -> None:
        self.assertEqual(found("zzzzqq"), [])

    @given(st.text(max_size=40))
    def test_never_breaks_and_keeps_its_limit(self, query: str) -> None:
        self.assertLessEqual(len(INDEX.find(query, 7)), 7)
