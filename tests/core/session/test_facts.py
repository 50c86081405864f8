from unittest import TestCase

from upright_anvil.core.body.joints import Joint
from upright_anvil.core.ledger.how import How, Quality
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.session.facts import MOST_FACTS, FactKind, Work, facts


def done(reps: int | None, kg: str = "", seconds: int | None = None, how: How | None = None) -> PerformedSet:
    return PerformedSet(
        f"{reps}{kg}{seconds}", SetPosition("l1", 1), "e", Outcome.DONE, reps, seconds,
        Load.of(kg, Unit.KG) if kg else None, how=how or How(),
    )  # fmt: skip


def only(work: Work) -> str:
    found = facts([work])
    return found[0].text if found else ""


class FactsTest(TestCase):
    def test_stories(self) -> None:
        before = (done(8, "60"), done(7, "60"))
        for story, work, wanted in [
            ("the first time", Work("Squat", (done(8, "60"),), ()), "First time with Squat: 8 reps with 60 kg."),
            (
                "a better estimate",
                Work("Squat", (done(9, "60"),), before, 82.0, 80.0),
                "Best Squat yet: estimated max 2.5 % above the last best.",
            ),
            ("heavier", Work("Squat", (done(5, "65"),), before), "Heaviest Squat so far: 5 reps with 65 kg."),
            (
                "more at the same load",
                Work("Squat", (done(9, "60"),), before),
                "Most reps of Squat at this load: 9 reps with 60 kg, before 8.",
            ),
            (
                "longer",
                Work("Plank", (done(None, seconds=50),), (done(None, seconds=45),)),
                "Longest Plank so far: 50 s, before 45 s.",
            ),
            ("as before", Work("Squat", (done(8, "60"),), before), ""),
            ("less", Work("Squat", (done(5, "50"),), before), ""),
            ("pain proves nothing", Work("Squat", (done(9, "70", how=How(pain=Joint.NECK)),), before), ""),
            (
                "form that broke down neither",
                Work("Squat", (done(9, "70", how=How(quality=Quality.BROKE_DOWN)),), before),
                "",
            ),
        ]:
            with self.subTest(story):
                self.assertEqual(only(work), wanted)

    def test_as_long_or_as_many_is_no_record(self) -> None:
        for story, work in (
            ("as long", Work("Plank", (done(None, seconds=45),), (done(None, seconds=45),))),
            ("never held before at this load", Work("Plank", (done(None, seconds=45),), (done(8, "60"),))),
            ("as many", Work("Squat", (done(8, "60"),), (done(8, "60"),))),
        ):
            self.assertNotIn("so far", only(work), story)
            self.assertNotIn("Most reps", only(work), story)

    def test_even_work_is_worth_a_word_when_nothing_else_is_said_of_it(self) -> None:
        row = done(8, "60")
        even = Work("Row", (row, row, row), (done(8, "60"), done(8, "70")))
        self.assertEqual([fact.kind for fact in facts([even])], [FactKind.EVEN])
        self.assertEqual(facts([Work("Row", (row, row), (done(9, "60"), done(8, "70")))]), ())

    def test_the_most_telling_first_and_never_more_than_five(self) -> None:
        many = [Work(f"E{n}", (done(8, "60"),), ()) for n in range(8)]
        found = facts([*many, Work("Squat", (done(9, "60"),), (done(8, "60"),), 82.0, 80.0)])
        self.assertEqual(len(found), MOST_FACTS)
        self.assertEqual(found[0].kind, FactKind.BEST)
