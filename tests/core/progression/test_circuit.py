from dataclasses import dataclass, field, replace
from datetime import timedelta
from unittest import TestCase

from tests.core.progression.story import TODAY, Story
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.progression.circuit import Station, circuit_proposal
from upright_anvil.core.progression.model import Confidence, Exposure, Lever, Proposal

ONE, TWO, THREE = ("3 x 40 s", "plank"), ("3 x 12, 8 kg", "curl"), ("3 x 10, bw", "push-up")
MARKED = "3 x 30 s, checkpoints 35/40 s"


@dataclass(frozen=True)
class Round:
    """A story of a circuit: stations (what was asked, exercise, what was done), and what should come of it."""

    told: str
    did: tuple[tuple[tuple[str, str], str], ...]
    lever: Lever
    texts: tuple[str, ...]
    says: str = ""
    rest_after: int | None = 90
    more: dict[str, object] = field(default_factory=dict)
    round_fits: bool = True
    in_time: int | None = None


def station(number: int, asked: tuple[str, str], did: str, more: dict[str, object]) -> Station:
    text, exercise = asked
    told = Story("", text, (did or "1",), Lever.HOLD, exercise=exercise, more=more).context()
    if not did:
        told = replace(told, exposures=(Exposure(TODAY, read(text, Unit.KG), ()),))
    return Station(f"l{number}", told)


def told_by(story: Round) -> Proposal:
    stations = [station(n, asked, did, story.more) for n, (asked, did) in enumerate(story.did, start=1)]
    return circuit_proposal(stations, story.rest_after, round_fits=story.round_fits, in_time=story.in_time)


FULL = ((ONE, "40 40 40"), (TWO, "12/2 12/2 12/2"), (THREE, "10/2 10/2 10/2"))
SAME = (ONE[0], TWO[0], THREE[0])
AGAIN = (Lever.HOLD, SAME)
MORE = (Lever.ROUNDS, ("4 x 40 s", "4 x 12, 8 kg", "4 x 10, bw"))


def with_last(did: str) -> tuple[tuple[tuple[str, str], str], ...]:
    return (*FULL[:2], (THREE, did))


STORIES = [
    Round("all rounds in full: one more", FULL, *MORE, "one round more, 4"),
    Round("one short set of one station", with_last("10/2 10/2 9/2"), *AGAIN, "Not every round was done in full (Push-up)"),
    Round("a round that is missing", with_last("10/2 10/2"), *AGAIN, "Not every round"),
    Round("a station never begun", with_last(""), *AGAIN, "Not every round was done in full (Push-up)"),
    Round("the reserve was not kept", ((ONE, "40 40 40"), (("3 x 12, 8 kg, leave 2", "curl"), "12/2 12/0 12/0")), Lever.HOLD,
          (ONE[0], "3 x 12, 8 kg, leave 2")),
    Round("pain at one station stops them all", with_last("10/2 10/2 10/2!"), *AGAIN, "Push-up: "),
    Round("form that broke down at one", with_last("10/2 10/2 10/2#"), *AGAIN, "Push-up: "),
    Round("a joint of one station is to be spared", FULL, *AGAIN, "knee", more={"health": "The knee hurts now."}),
    Round("a joint of a station left out", with_last(""), *AGAIN, "knee", more={"health": "The knee hurts now."}),
    Round("a poor day", FULL, *AGAIN, "came with little", more={"poor_day": True}),
    Round("the session stopped after a full circuit", FULL, *MORE, more={"unfinished": True}),
    Round("ten days on nothing is lost", FULL, *MORE, more={"next_on": TODAY + timedelta(days=10)}),
    Round("eleven days on", FULL, *AGAIN, "11 days without it", more={"next_on": TODAY + timedelta(days=11)}),
    Round("no minutes for a round more: a shorter rest", FULL, Lever.DENSITY, SAME, "75 s after a round instead of 90 s", round_fits=False),
    Round("the house's rest where nobody wrote one", FULL, Lever.DENSITY, SAME, "instead of 60 s", None, round_fits=False),
    Round("down to half a minute", FULL, Lever.DENSITY, SAME, "30 s after a round", 45, round_fits=False),
    Round("never below it", FULL, *AGAIN, "yours to choose", 44, round_fits=False),
    Round("four rounds become five", ((("4 x 40 s", "plank"), "40 40 40 40"), (("4 x 10, bw", "push-up"), "10 10 10 10")),
          Lever.ROUNDS, ("5 x 40 s", "5 x 10, bw")),
    Round("five are enough: the rest", ((("5 x 40 s", "plank"), "40 40 40 40 40"), (("5 x 10, bw", "push-up"), "10 10 10 10 10")),
          Lever.DENSITY, ("5 x 40 s", "5 x 10, bw")),
    Round("one round has no rest after it to shorten", ((("1 x 40 s", "plank"), "40"), (("1 x 10, bw", "push-up"), "10")),
          Lever.HOLD, ("1 x 40 s", "1 x 10, bw"), round_fits=False),
    Round("every station passed the same mark", (((MARKED, "plank"), "36+ 35+ 38+"), ((MARKED, "one leg"), "35 35 37")),
          Lever.CHECKPOINT, ("3 x 35 s, checkpoints 40 s",) * 2, "target of the whole circuit"),
    Round("one station passed it in every round", (((MARKED, "plank"), "36 35 38"), ((MARKED, "one leg"), "35 34 37")),
          Lever.CHECKPOINT, ("3 x 35 s, checkpoints 40 s", MARKED), "Plank 35 s"),
    Round("each its own", (((MARKED, "plank"), "41 40 40"), ((MARKED, "one leg"), "35 36 37")),
          Lever.CHECKPOINT, ("3 x 40 s", "3 x 35 s, checkpoints 40 s"), "Plank 40 s, Single-leg stand 35 s"),
    Round("no mark in every round", (((MARKED, "plank"), "36 34 38"), ((MARKED, "one leg"), "30 30 30")),
          Lever.HOLD, (MARKED, MARKED), "The mark at 35 s was not passed"),
    Round("a mark with a round missing", (((MARKED, "plank"), "36 36"), ((MARKED, "one leg"), "30 30 30")), Lever.HOLD, (MARKED, MARKED)),
    Round("six rounds where four were the aim", (((TWO[0], "curl"), "12 12 12 12"), ((THREE[0], "push-up"), "10 10 10 10")), Lever.ROUNDS,
          ("5 x 12, 8 kg", "5 x 10, bw"), "4 rounds in 10:00: aim for 5", in_time=600),
    Round("a round that the time cut short", (((TWO[0], "curl"), "12 12 12 4t"), ((THREE[0], "push-up"), "10 10 10")), Lever.ROUNDS,
          ("4 x 12, 8 kg", "4 x 10, bw"), "3 rounds and 4 repetitions in 10:00", in_time=600),
    Round("one station further than the other", (((TWO[0], "curl"), "12 12 12 12"), ((THREE[0], "push-up"), "10 10 10 3t")), Lever.ROUNDS,
          ("4 x 12, 8 kg", "4 x 10, bw"), "3 rounds and 15 repetitions", in_time=600),
    Round("fewer rounds than the aim", (((TWO[0], "curl"), "12 12"), ((THREE[0], "push-up"), "10 10")), *(Lever.HOLD, (TWO[0], THREE[0])),
          "3 were the aim", in_time=600),
    Round("a round more than was planned", (((TWO[0], "curl"), "12/2 12/2 12/2 12/2"), ((THREE[0], "push-up"), "10/2 10/2 10/2 10/2")), Lever.ROUNDS,
          ("4 x 12, 8 kg", "4 x 10, bw"), "All 3 rounds and 1 more"),
    Round("pain outranks a mark", (((MARKED, "plank"), "36 36 36!"), ((MARKED, "one leg"), "36 36 36")), Lever.HOLD, (MARKED, MARKED)),
]  # fmt: skip


class CircuitTest(TestCase):
    def test_stories(self) -> None:
        for story in STORIES:
            with self.subTest(story.told):
                found = told_by(story)
                self.assertEqual(found.lever, story.lever, found.rule)
                self.assertEqual((found.text, *(one.text for one in found.stations)), story.texts, found.rule)
                self.assertIn(story.says, found.rule)
                self.assertEqual(found.alternatives, ())

    def test_one_proposal_names_every_other_station_once_and_its_evidence_every_one(self) -> None:
        found = told_by(STORIES[0])
        self.assertEqual([one.line for one in found.stations], ["l2", "l3"])
        self.assertEqual(len(found.evidence), 3)
        self.assertTrue(found.evidence[1].startswith("Curl: "))
        self.assertEqual(found.confidence, Confidence.FAIR)
        self.assertEqual(told_by(STORIES[2]).confidence, Confidence.THIN)

    def test_only_a_shorter_rest_changes_the_rest(self) -> None:
        for story in STORIES:
            self.assertEqual(told_by(story).rest_after is not None, story.lever is Lever.DENSITY, story.told)

    def test_a_station_that_gets_ready_stays_out_of_it(self) -> None:
        ready = station(9, ("3 x 30 s", "stretch"), "30 30 30", {"preparing": True})
        working = [station(n, asked, did, {}) for n, (asked, did) in enumerate(FULL, start=1)]
        found = circuit_proposal([ready, *working], 90)
        self.assertEqual((found.text, [one.line for one in found.stations]), ("4 x 40 s", ["l2", "l3"]))

    def test_lighter_loads_used_are_not_written_over_by_the_plan_after_pain(self) -> None:
        found = told_by(Round("", ((TWO, "12@6 12@6 12@6!"), (THREE, "10 10 10")), Lever.HOLD, ()))
        self.assertEqual(found.text, "3 x 12, 6 kg")

    def test_a_station_left_out_does_not_hide_the_lighter_loads_of_the_others(self) -> None:
        for told, more in (("a poor day", {"poor_day": True}), ("health", {"health": "The knee hurts now."})):
            with self.subTest(told):
                found = told_by(Round("", ((THREE, ""), (TWO, "12@6 12@6 12@6!")), Lever.HOLD, (), more=more))
                self.assertEqual([one.text for one in found.stations], ["3 x 12, 6 kg"])

    def test_whatever_comes_of_it_goes_by_the_lighter_loads_that_were_used(self) -> None:
        lighter, full = (TWO, "12@6 12@6 12@6"), (THREE, "10 10 10")
        for story, text in (
            (Round("a round more", (lighter, full), Lever.ROUNDS, ()), "4 x 12, 6 kg"),
            (Round("less rest", (lighter, full), Lever.DENSITY, (), round_fits=False), "3 x 12, 6 kg"),
            (Round("the same", (lighter, full), Lever.HOLD, (), rest_after=30, round_fits=False), "3 x 12, 6 kg"),
            (Round("a round short", (lighter, (THREE, "10 10 9")), Lever.HOLD, ()), "3 x 12, 6 kg"),
            (
                Round("a gap", (lighter, full), Lever.HOLD, (), more={"next_on": TODAY + timedelta(days=20)}),
                "3 x 12, 6 kg",
            ),
            (Round("heavier is not written in", ((TWO, "12@10 12@10 12@10"), full), Lever.ROUNDS, ()), "4 x 12, 8 kg"),
        ):
            with self.subTest(story.told):
                found = told_by(story)
                self.assertEqual((found.lever, found.text), (story.lever, text), found.rule)
