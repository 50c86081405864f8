from datetime import date, timedelta
from decimal import Decimal
from unittest import TestCase

from upright_anvil.core.assessment.compare import ChangeVerdict, TestChange, Way
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.progress.at_load import LoadedSet, most_gained
from upright_anvil.core.progress.highlights import (
    AtLoad,
    Telling,
    TellingKind,
    of_coming,
    of_pain,
    of_reps,
    of_strength,
    of_test,
    worth_telling,
)
from upright_anvil.core.strength.standing import Point

TODAY = date(2026, 3, 30)


def change(verdict: ChangeVerdict, way: Way = Way.BETTER) -> TestChange:
    return TestChange(
        Decimal(20), Decimal(30), Decimal(10), Decimal("0.5"), Decimal(2), verdict, way, "Harder variant."
    )


def path(*kg: float, half: float = 2) -> list[Point]:
    return [Point(TODAY - timedelta(weeks=len(kg) - n), v, v - half, v + half, 0) for n, v in enumerate(kg, start=1)]


def done(on: date, reps: int | None, load: str = "10", *, clean: bool = True) -> LoadedSet:
    return LoadedSet(on, Load.of(load, Unit.KG), assisted=False, reps=reps, clean=clean)


class TellingTest(TestCase):
    def test_a_test_is_told_when_it_is_more_than_chance(self) -> None:
        for verdict, way, told in [
            (ChangeVerdict.CLEAR, Way.BETTER, True),
            (ChangeVerdict.OTHER_VARIANT, Way.BETTER, True),
            (ChangeVerdict.MORE, Way.BETTER, False),
            (ChangeVerdict.WITHIN, Way.BETTER, False),
            (ChangeVerdict.CLEAR, Way.WORSE, False),
            (ChangeVerdict.CLEAR, Way.OTHER, False),
        ]:
            with self.subTest(verdict, way=way):
                self.assertEqual(of_test("Plank", "s", change(verdict, way), TODAY) is not None, told)
        found = of_test("Plank", "s", change(ChangeVerdict.CLEAR), date(2026, 1, 5))
        assert found
        self.assertEqual(found.text, "Plank: 30 s, 20 s on 05 January 2026. More than chance.")

    def test_strength_is_told_when_the_intervals_part(self) -> None:
        found = of_strength("Squat", path(78, 79, 80, 82, 88), Unit.KG)
        assert found
        self.assertEqual(found.text, "Squat: estimated max 88 kg, 80 kg in March: 10 % more.")
        self.assertIsNone(of_strength("Squat", path(78, 79, 80, 82, 83), Unit.KG))
        self.assertIsNone(of_strength("Squat", path(78, 79, 80, 95), Unit.KG), "too few sessions")
        light = of_strength("Raise", path(6, 6, 6.2, 6.5, 8, half=0.3), Unit.LB)
        assert light
        self.assertIn("17.6 lb, 13.7 lb", light.text)

    def test_repetitions_at_a_load(self) -> None:
        first = TODAY - timedelta(weeks=6)
        found = most_gained("Curl", [done(first, 8), done(first, 9), done(TODAY, 12), done(TODAY, 5, "12")])
        self.assertEqual(found, AtLoad("Curl", "10 kg", first, 9, 12))
        assert found
        told = of_reps(found)
        assert told
        self.assertEqual(told.text, "Curl: 12 reps with 10 kg, 9 in February.")
        self.assertIsNone(of_reps(AtLoad("Curl", "10 kg", first, 10, 12)), "two more are not much")

    def test_repetitions_that_prove_nothing(self) -> None:
        first = TODAY - timedelta(weeks=6)
        self.assertIsNone(most_gained("Curl", [done(TODAY, 8), done(TODAY, 12)]), "one day only")
        self.assertIsNone(most_gained("Curl", [done(first, 8), done(TODAY, 14, clean=False)]))
        self.assertIsNone(most_gained("Plank", [done(first, None), done(TODAY, None)]))
        self.assertIsNone(most_gained("Curl", []))

    def test_loads_are_told_apart_by_what_they_did(self) -> None:
        first = TODAY - timedelta(weeks=6)
        helped = [
            LoadedSet(on, Load.of(10, Unit.KG), assisted=True, reps=n, clean=True) for on, n in ((first, 5), (TODAY, 9))
        ]
        bare = [LoadedSet(on, None, assisted=False, reps=n, clean=True) for on, n in ((first, 3), (TODAY, 4))]
        found = most_gained("Pull-up", [*helped, *bare, done(first, 2), done(TODAY, 2)])
        self.assertEqual(found, AtLoad("Pull-up", "10 kg of help", first, 5, 9))
        self.assertEqual(most_gained("Pull-up", bare), AtLoad("Pull-up", "body weight", first, 3, 4))

    def test_a_joint_that_has_gone_quiet(self) -> None:
        weeks = timedelta(weeks=1)
        self.assertIsNotNone(of_pain("left knee", TODAY - 5 * weeks, 8, TODAY))
        self.assertIsNone(of_pain("left knee", TODAY - 3 * weeks, 8, TODAY), "too soon")
        self.assertIsNone(of_pain("left knee", TODAY - 5 * weeks, 1, TODAY), "not trained")

    def test_coming(self) -> None:
        for held, planned, told in [(16, 18, True), (15, 18, False), (7, 7, False), (18, 18, True)]:
            with self.subTest(held=held, planned=planned):
                self.assertEqual(of_coming(held, planned, 8) is not None, told)

    def test_three_at_most_each_about_something_else_and_of_each_sort_first(self) -> None:
        def one(kind: TellingKind, size: float, about: str) -> Telling:
            return Telling(kind, size, f"{about} {size}", about)

        test, other = one(TellingKind.TEST, 0.5, "Plank"), one(TellingKind.TEST, 0.3, "Hang")
        strong, reps = one(TellingKind.STRENGTH, 0.1, "Squat"), one(TellingKind.REPS, 0.9, "Squat")
        coming = one(TellingKind.COMING, 1.0, "")
        self.assertEqual(worth_telling([other, test, None, strong, reps]), (test, strong, other))
        self.assertEqual(worth_telling([test, other, strong, coming]), (test, strong, coming))
        self.assertEqual(worth_telling([None]), ())
