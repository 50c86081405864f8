"""Small stories of a session that is too long: what a good trainer would change first, and what it costs."""

from dataclasses import dataclass, replace
from unittest import TestCase

from tests.core.checks.plans import WHO, line, pair, plan
from upright_anvil.core.checks.study import Standpoint, study_week
from upright_anvil.core.fitting.cost import Cost, TimeLever
from upright_anvil.core.fitting.fit import Fit, FitTerms, Saving, chosen_edits, fit
from upright_anvil.core.goals import GoalKind
from upright_anvil.core.plan.document import Group, GroupKind, Program, Section
from upright_anvil.core.plan.edits import apply_edits

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
        "the long rest of a heavy lift is trimmed no more than is needed",
        plan((0, ["back-squat: 4 x 5, 100 kg, rest 5:00", "barbell-row: 3 x 8, 60 kg, rest 2:00"])),
        21,
        STRENGTH,
        Cost.MAIN_RESTS,
        "Back squat: rest 4:30 instead of 5:00",
        "a rep or so in the later sets",
    ),
    Story(
        "for size a minute is enough, three quarters of the rest at first",
        plan((0, ["leg-press: 4 x 10, rest 3:00"])),
        6,
        SIZE,
        Cost.MAIN_RESTS,
        "Leg press: rest 2:15 instead of 3:00",
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
        self.assertNotIn(TimeLever.RESTS, [s.lever for s in found.savings])

    def test_no_main_lift_goes_below_two_sets(self) -> None:
        found = fit(plan((0, ["leg-press: 5 x 10, rest 60 s"])), "w1", "d0", 60, SIZE)
        labels = [s.label for s in found.savings if s.chosen and s.rank == Cost.MAIN_SETS]
        self.assertEqual(labels[-1], "Leg press: 2 sets instead of 3")
        self.assertEqual([s.rank for s in found.savings if s.chosen][-1], Cost.LAST_SETS, "but for twelve minutes")

    def test_a_circuit_loses_its_rest_then_a_round_never_one_stations_set(self) -> None:
        group = Group(
            id="c",
            kind=GroupKind.CIRCUIT,
            section=Section.ACCESSORY,
            rest_after=60,
            lines=tuple(line(text, 900 + n, 1) for n, text in enumerate(("leg-press: 3 x 15", "push-up: 3 x 12"))),
        )
        labels = [s.label for s in fit(plan((0, [group])), "w1", "d0", 60, SIZE).savings if s.chosen]
        self.assertEqual(
            labels,
            [
                "Leg press, Push-up: 30 s after a round instead of 1:00",
                "Leg press, Push-up: 2 rounds instead of 3",
                "Leg press, Push-up: 1 round instead of 2",
                "Leave Leg press, Push-up out",
            ],
        )

    def test_a_pair_needs_both_tools_at_once(self) -> None:
        for words, lines, pairs in (
            ("one bar at two loads", ("bench-press: 4 x 8, 60 kg", "barbell-row: 4 x 8, 50 kg"), 0),
            ("one bar at one load", ("bench-press: 4 x 8, 60 kg", "barbell-row: 4 x 8, 60 kg"), 1),
            ("a bar and dumbbells", ("bench-press: 4 x 8, 60 kg", "dumbbell-row: 4 x 8, 20 kg"), 1),
            ("a rack of dumbbells", ("dumbbell-bench-press: 4 x 8, 20 kg", "dumbbell-row: 4 x 8, 24 kg"), 1),
        ):
            with self.subTest(words):
                found = fit(plan((0, lines)), "w1", "d0", 60, STRENGTH)
                self.assertEqual(len([s for s in found.savings if s.rank == Cost.PAIR]), pairs)

    def test_one_answer_serves_all_weeks_alike(self) -> None:
        lines = [
            "leg-press: 4 x 10, rest 2:00 | 5 x 10, rest 3:00 | 5 x 8, rest 60 s",
            "accessory/leg-curl: 3-4 x 12, rest 60 s",
        ]
        program = plan((0, lines), kinds="bbe")
        found = fit(program, "w1", "d0", 12 * 60, SIZE, FitTerms(all_weeks=True))
        after = apply_edits(program, list(chosen_edits(found)))
        self.assertTrue(found.fits)
        one, other = after.phases[0].days[0].lines
        self.assertEqual({cell.text for cell in other.cells}, {"3 x 12, rest 45 s"})
        rests = {cell.text.rpartition("rest ")[2] for cell in one.cells[:2]}
        self.assertEqual(len(rests), 1, "the longest week decides, the others follow")
        self.assertEqual(one.cells[2].text, "5 x 8, rest 60 s", "what is shorter already stays")
        for number in range(3):
            week = study_week(after, SIZE, after.phases[0].weeks[number].id)
            assert week
            self.assertLessEqual(week.days[0].seconds, 12 * 60)

    def test_what_is_written_as_optional_goes_first(self) -> None:
        program = plan((0, ["leg-press: 3-4 x 10, rest 2:00"]))
        found = first(fit(program, "w1", "d0", 7 * 60, SIZE))
        self.assertEqual((found.rank, found.label), (Cost.OPTIONAL, "Leg press: 3 sets, as its range allows"))

    def test_short_and_optional_days_take_what_is_moved(self) -> None:
        program = plan(
            (0, ["leg-press: 3 x 10, rest 60 s", "accessory/lateral-raise: 3 x 12, rest 45 s"]),
            (3, ["leg-press: 5 x 10"]),
            (5, ["accessory/biceps-curl: 3 x 12"]),
            top_ups=1,
        )
        found = fit(program, "w1", "d0", 8 * 60, SIZE)
        self.assertIn("Move Lateral raise to Day 3", [s.label for s in found.savings])
