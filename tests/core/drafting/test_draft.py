from dataclasses import replace
from datetime import date
from functools import cache
from unittest import TestCase

from tests.core.checks.plans import ROOM, SETTING, SORE, WHO
from upright_anvil.core.checks.run import findings
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.drafting.brief import Brief, OwnWords
from upright_anvil.core.drafting.draft import Drafted, Wish, draft
from upright_anvil.core.errors import DomainError
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.plan.document import Section, WeekKind

MONDAY = date(2026, 1, 5)
SOME = replace(WHO, minutes=60, days_a_week=4, training_age=TrainingAge.SOME)
CLIENTS = {
    "strength on four days": replace(SOME, goal=GoalKind.STRENGTH),
    "size on four days": replace(SOME, goal=GoalKind.SIZE),
    "size on six days": replace(SOME, goal=GoalKind.SIZE, days_a_week=6),
    "new, three days of 45 minutes": replace(WHO, minutes=45, days_a_week=3, training_age=TrainingAge.NEW),
    "two days in a room": replace(WHO, minutes=40, days_a_week=2, profile=replace(SETTING, inventory=ROOM)),
    "a sore knee": replace(SORE, minutes=60, days_a_week=3, training_age=TrainingAge.SOME),
    "not cleared": replace(SOME, days_a_week=2, clearance="A clinician's word is awaited."),
    "one short day": replace(WHO, minutes=25, days_a_week=1),
}


@cache
def drafted_for(name: str, weeks: int = 12) -> Drafted:
    """A draft for one of the clients, made once: it takes seconds."""
    return drafted(CLIENTS[name], weeks)


def drafted(who: Standpoint, weeks: int = 12, **more: object) -> Drafted:
    return draft(Brief(who, OwnWords(), MONDAY), "Draft", MONDAY, Wish(weeks=weeks, **more))  # type: ignore[arg-type]


def exercises(found: Drafted, phase: int = 0) -> dict[str, str]:
    lines = (line for day in found.program.phases[phase].days for line in day.lines)
    return {found.slots[line.id]: line.exercise for line in lines if line.id in found.slots}


class DraftTest(TestCase):
    def test_it_passes_the_apps_own_checks(self) -> None:
        for name, who in CLIENTS.items():
            with self.subTest(name):
                found = drafted_for(name)
                told = findings(found.program, who)
                self.assertEqual([f.message for f in told if f.severity != "note"], [])
                self.assertEqual(sum(len(p.weeks) for p in found.program.phases), 12)

    def test_every_choice_has_its_reason(self) -> None:
        found = drafted_for("strength on four days")
        for day in found.program.phases[0].days:
            for group in day.groups:
                for line in group.lines:
                    if line.id in found.slots or group.section in (Section.WARM_UP, Section.COOL_DOWN):
                        self.assertRegex(line.reason, r"^[A-Z].*\.$")

    def test_the_same_for_a_seed_and_another_for_another(self) -> None:
        who, first = CLIENTS["size on four days"], drafted_for("size on four days", 4)
        self.assertEqual(drafted(who, 4).program, first.program)
        self.assertNotEqual(exercises(drafted(who, 4, seed=9)), exercises(first))

    def test_pins_stay_and_what_is_rolled_away_does_not_come_back(self) -> None:
        who = CLIENTS["size on four days"]
        before = exercises(drafted_for("size on four days", 4))
        slot, gone = next(iter(before.items()))
        pins = {other: exercise for other, exercise in before.items() if other != slot}
        after = exercises(drafted(who, 4, pins=pins, avoid={slot: frozenset({gone})}))
        self.assertEqual({s: e for s, e in after.items() if s != slot}, pins)
        self.assertNotEqual(after.get(slot), gone)

    def test_phases_share_their_main_lifts_and_ease_off_at_the_end(self) -> None:
        found = drafted_for("strength on four days")
        self.assertEqual(len(found.program.phases), 2)
        main = [s for s in exercises(found) if s.endswith(("s1", "s2"))]
        shared = [s for s in main if exercises(found)[s] == exercises(found, 1).get(s)]
        self.assertGreaterEqual(len(shared), 6)
        self.assertTrue(all(p.weeks[-1].kind is WeekKind.EASE_OFF for p in found.program.phases))

    def test_wishes_that_cannot_be_kept_are_named(self) -> None:
        short = drafted(replace(SOME, minutes=12, days_a_week=2), 4)
        self.assertTrue(any("12 min hold no" in sentence for sentence in short.relax), short.relax)
        knee = drafted(CLIENTS["a sore knee"], 4)
        self.assertTrue(any("without a joint in trouble" in sentence for sentence in knee.relax))

    def test_what_cannot_be_drafted_says_which_wish_to_relax(self) -> None:
        for words, who, weeks in [
            ("relax the minutes", replace(SOME, minutes=5), 4),
            ("1 to 26 weeks", SOME, 60),
            ("1 to 26 weeks", SOME, 0),
        ]:
            with self.subTest(words), self.assertRaisesRegex(DomainError, words):
                drafted(who, weeks)

    def test_with_nothing_but_a_floor(self) -> None:
        bare = replace(WHO, minutes=30, days_a_week=3, profile=replace(SETTING, inventory=Inventory(), max_kg={}))
        self.assertEqual([f.message for f in findings(drafted(bare, 4).program, bare) if f.severity == "caution"], [])
