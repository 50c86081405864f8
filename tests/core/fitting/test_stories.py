"""Small stories of a session that is too long: what a good trainer would change first, and what it costs."""

from dataclasses import dataclass, replace
from unittest import TestCase

from tests.core.checks.plans import WHO, pair, plan
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.fitting.changes import Cost
from upright_anvil.core.fitting.fit import Fit, Saving, fit
from upright_anvil.core.goals import GoalKind
from upright_anvil.core.plan.document import Program

STRENGTH = replace(WHO, goal=GoalKind.STRENGTH, minutes=60)
SIZE = replace(WHO, goal=GoalKind.SIZE, minutes=60)


@dataclass(frozen=True)
class Story:
    """What happens, the plan, the minutes, and the first change with its price."""

    words: str
    program: Program
    minutes: int
    who: Standpoint
    cost: Cost
    label: str
    price: str


STORIES = [
    Story(
        "long rests are trimmed first, down to the published two minutes",
        plan((0, ["back-squat: 4 x 5, 100 kg, rest 5:00", "barbell-row: 3 x 8, 60 kg, rest 2:00"])),
        20,
        STRENGTH,
        Cost.RESTS,
        "Back squat: rest 2:00 instead of 5:00",
        "a rep or so in the later sets",
    ),
    Story(
        "for size a minute is enough",
        plan((0, ["leg-press: 4 x 10, rest 3:00"])),
        8,
        SIZE,
        Cost.RESTS,
        "Leg press: rest 1:00 instead of 3:00",
        "a rep or so in the later sets",
    ),
    Story(
        "with rests at their least, opposite muscles are paired",
        plan((0, ["bench-press: 4 x 8, 60 kg, rest 2:00", "barbell-row: 4 x 8, 60 kg, rest 2:00"])),
        14,
        STRENGTH,
        Cost.PAIR,
        "Pair Bench press with Barbell row",
        "stamina, not purpose",
    ),
    Story(
        "with nothing to pair and nowhere to go, the accessory loses a set",
        plan((0, ["leg-press: 3 x 10, rest 60 s", "accessory/leg-extension: 3 x 12, rest 45 s"])),
        7,
        SIZE,
        Cost.ACCESSORY_SETS,
        "Leg extension: 2 sets instead of 3",
        "1 hard set for quadriceps",
    ),
    Story(
        "main lifts give a set only when nothing else is left",
        plan((0, ["leg-press: 4 x 10, rest 60 s"])),
        4,
        SIZE,
        Cost.MAIN_SETS,
        "Leg press: 3 sets instead of 4",
        "1 hard set for quadriceps, glutes",
    ),
]


def first(found: Fit) -> Saving:
    return next(saving for saving in found.savings if saving.chosen)


class StoriesTest(TestCase):
    def test_what_is_changed_first(self) -> None:
        for story in STORIES:
            with self.subTest(story.words):
                found = first(fit(story.program, "w1", "d0", story.minutes * 60, story.who))
                self.assertEqual((found.rank, found.label, found.price), (story.cost, story.label, story.price))

    def test_an_accessory_moves_to_a_day_that_rests_its_muscles(self) -> None:
        program = plan(
            (0, ["leg-press: 3 x 10, rest 60 s", "accessory/leg-extension: 3 x 12, rest 45 s"]),
            (1, ["leg-press: 3 x 10"]),
            (4, ["bench-press: 3 x 8"]),
        )
        found = fit(program, "w1", "d0", 8 * 60, SIZE)
        moves = [s.label for s in found.savings if s.rank == Cost.MOVE]
        self.assertEqual(moves, ["Move Leg extension to Day 3"])

    def test_a_pair_that_is_there_is_left_together(self) -> None:
        program = plan((0, [pair("bench-press: 3 x 8, rest 60 s", "barbell-row: 3 x 8, rest 60 s")]))
        found = fit(program, "w1", "d0", 60, SIZE)
        self.assertNotIn(Cost.PAIR, [s.rank for s in found.savings])

    def test_ramp_up_sets_and_single_sets_keep_their_rest(self) -> None:
        program = plan((0, ["back-squat: 8/5/3, 60/80/90 kg, ramp-up, rest 3:00", "leg-press: 1 x 10, rest 5:00"]))
        found = fit(program, "w1", "d0", 60, SIZE)
        self.assertNotIn(Cost.RESTS, [s.rank for s in found.savings])

    def test_no_main_lift_goes_below_two_sets(self) -> None:
        found = fit(plan((0, ["leg-press: 5 x 10, rest 60 s"])), "w1", "d0", 60, SIZE)
        labels = [s.label for s in found.savings if s.chosen and s.rank == Cost.MAIN_SETS]
        self.assertEqual(labels[-1], "Leg press: 2 sets instead of 3")
        self.assertFalse(found.fits)
