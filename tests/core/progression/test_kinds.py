"""Stories of kinds of work: what may raise each, and what is raised by nobody; sets that differ, codes, marks."""

from dataclasses import replace

from tests.core.progression.story import (
    BOX_JUMP,
    DEPTH_JUMP,
    EXERCISES,
    EYES_SHUT,
    LONG_PLANK,
    PUSH_UP,
    Stories,
    Story,
    rows,
)
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.progression.judge import is_plain, proposal, why_none
from upright_anvil.core.progression.kinds import WorkKind, kind_of
from upright_anvil.core.progression.model import Lever
from upright_anvil.core.progression.registry import leading

UP, REPS, HOLD, EASE, SETS = Lever.LOAD, Lever.REPS, Lever.HOLD, Lever.EASE, Lever.SETS
LADDER = "15/10/max, 10/12/16 kg"
STORIES = [
    # Jumps and throws: contacts, a rung, never slow lowering.
    Story("jumps: one more in a set", "3 x 3, bw", ("3 3 3",), REPS, "3 x 4, bw", "12 contacts", "box jump", "control"),
    Story("jumps: five in a set, then a set", "3 x 5, bw", ("5 5 5",), SETS, "4 x 5, bw", "20 contacts", "box jump"),
    Story("jumps: never more than the contacts of a line", "5 x 5, bw", ("5 5 5 5 5",), HOLD, says="yours to say", exercise="box jump"),
    Story("jumps: the next rung after two clean sessions", "5 x 5, bw", ("5 5 5 5 5",) * 2, Lever.VARIANT, "3 x 3, bw", "fewer contacts",
          "box jump", more={"harder": DEPTH_JUMP}),
    Story("jumps: not after one", "5 x 5, bw", ("5 5 5 5 5",), HOLD, exercise="box jump", more={"harder": DEPTH_JUMP}),
    Story("jumps: fell short", "3 x 5, bw", ("5 5 3",), HOLD, exercise="box jump"),
    Story("throws: the next ball within the cap", "3 x 5, 3 kg", ("5 5 5",), UP, "3 x 5, 3.25 kg", "+8.3 %", "ball throw"),
    Story("throws: the next ball too far", "3 x 5, 3.25 kg", ("5 5 5",), SETS, "4 x 5, 3.25 kg", exercise="ball throw"),
    # Work for time.
    Story("timed curls: more repetitions first", "3 x 45 s, 10 kg", ("45 45 45",), HOLD, "3 x 45 s, 10 kg", "more repetitions", "curl"),
    Story("timed curls: twice, and the next load too far", "3 x 45 s, 10 kg", ("45 45 45",) * 2, HOLD, "3 x 45 s, 10 kg", exercise="curl"),
    Story("timed squats: twice, then the load", "3 x 45 s, 60 kg", ("45 45 45",) * 2, UP, "3 x 45 s, 62.5 kg", "the seconds stay"),
    Story("timed squats: not all of the time", "3 x 45 s, 60 kg", ("45 45 40",) * 2, HOLD, says="Not all of the time"),
    Story("timed curls, counted: fewer than last time", "3 x 45 s, 60 kg", ("45(14) 45(13) 45(12)", "45(13) 45(12) 45(11)"), HOLD,
          says="36 repetitions in the same time, 39 last time"),
    Story("timed curls, counted: no fewer", "3 x 45 s, 60 kg", ("45(14) 45(13) 45(12)", "45(14) 45(13) 45(13)"), UP, "3 x 45 s, 62.5 kg"),
    Story("a hold by the trainer's word", "3 x 40 s, hold", ("40 40 40",) * 2, Lever.SECONDS, "3 x 44 s, hold"),
    Story("a hold that is worked", "3 x 40 s, for reps", ("40 40 40",), HOLD, "3 x 40 s, for reps", "more repetitions", "plank"),
    Story("timed presses: a rung, the seconds stay", "3 x 50 s, 16 kg", ("50 50 50",) * 2, Lever.VARIANT, "3 x 50 s, bw", "next rung",
          "press", more={"harder": PUSH_UP}),
    # Holds and balance.
    Story("balance: longer", "3 x 30 s", ("30 30 30",), Lever.SECONDS, "3 x 33 s", exercise="one leg"),
    Story("balance: long enough for a rung", "3 x 45 s", ("45 45 45",), Lever.VARIANT, "", "next rung", "one leg",
          more={"harder": EYES_SHUT}),
    Story("balance: not quite", "3 x 44 s", ("44 44 44",), Lever.SECONDS, exercise="one leg", more={"harder": EYES_SHUT}),
    Story("a hold of 59 s goes on", "3 x 59 s", ("59 59 59",), Lever.SECONDS, exercise="plank", more={"harder": LONG_PLANK}),
    Story("a hold in the school of reserve is still a hold", "3 x 40 s", ("40 40 40",), Lever.SECONDS, "3 x 44 s", exercise="plank",
          policy="reserve-led"),
    # Distance.
    Story("5 km: a tenth at the most", "1 x 5 km", ("1800",), Lever.METRES, "1 x 5.5 km", "5.5 km", "run", "linear"),
    Story("5 km with its pace", "1 x 5 km", ("5000m1800s",), Lever.METRES, "1 x 5.5 km", "at 6:00 min a km", "run"),
    Story("a watch that says 4.95 km", "1 x 5 km", ("4950m1800s",), Lever.METRES, "1 x 5.5 km", exercise="run"),
    Story("nobody took the time", "1 x 5 km", ("5000m",), Lever.METRES, "1 x 5.5 km", "All of it was done: 5.5 km", "run"),
    Story("4 of 5 km", "1 x 5 km", ("4000m1500s",), HOLD, "1 x 5 km", "4 km of 5 km were covered", "run"),
    Story("3 of 5 km: on from there", "1 x 5 km, in 30:00", ("3000m1200s",), Lever.EASE, "1 x 3 km", "less than two thirds", "run"),
    Story("not a metre", "1 x 5 km", ("0m",), HOLD, "1 x 5 km", exercise="run"),
    Story("ninety minutes", "1 x 90 min", ("5400",), Lever.SECONDS, "1 x 99 min", "99 min, a tenth more", "run"),
    Story("a short one by the metre", "4 x 40 m", ("40 40 40 40",), Lever.METRES, "4 x 44 m", exercise="run"),
    Story("not all of the runs", "4 x 40 m", ("40 40",), HOLD, "4 x 40 m", exercise="run"),
    Story("raised within the week already", "1 x 5.5 km", ("1980",), Lever.METRES, "1 x 6 km", exercise="run"),
    Story("twenty minutes of it", "1 x 1200 s", ("1200",), Lever.SECONDS, "1 x 22 min", exercise="run"),
    # Rounds by the clock.
    Story("every minute: heavier within the cap", "10 x 5, 60 kg, every 1:00", ("5 5 5 5 5 5 5 5 5 5",), UP, "10 x 5, 62.5 kg, every 1:00"),
    Story("every minute: one more start", "6 x 5, 16 kg, every 1:00", ("5 5 5 5 5 5",), Lever.ROUNDS, "7 x 5, 16 kg, every 1:00",
          exercise="press"),
    Story("every minute: a start missed", "6 x 5, 60 kg, every 1:00", ("5 5 5 5 5 4",), HOLD, says="Not every start"),
    Story("most rounds: one more to aim for", "most x 10, 60 kg, in 10:00", ("10 10 10 10 10 10",), HOLD, says="aim for 7"),
    # Warm-up, mobility, stretch: by nobody.
    Story("a stretch", "2 x 40 s", ("40 40",), HOLD, "2 x 40 s", "it stays as it is", "stretch", "holds"),
    Story("a squat in the warm-up", "2 x 10, 20 kg", ("10/6 10/6",), HOLD, "2 x 10, 20 kg", "it stays as it is", more={"preparing": True}),
    Story("ramp-up sets", "3 x 5, 60 kg, ramp-up", ("5/5 5/5 5/5",), HOLD, says="only lead up"),
    # Sets that differ.
    Story("a pyramid met at the heaviest", LADDER, ("15 10 11",), HOLD, LADDER, "nothing heavier is known", "press"),
    Story("a pyramid met and the next loads too far", "15/10/max, 8/10/12 kg", ("15 10 11",), HOLD, says="too far at once", exercise="press"),
    Story("a pyramid of the bar: the whole ladder", "12/10/8, 40/50/60 kg", ("12 10 8",), UP, "12/10/8, 42.5/52.5/62.5 kg", "whole ladder"),
    Story("a pyramid, one set short", "12/10/8, 40/50/60 kg", ("12 10 6",), HOLD, says="Set 3 ended below"),
    Story("a pyramid, the last taken lighter", "12/10/8, 40/50/60 kg", ("12 10 8@55",), HOLD, says="Set 3 was taken lighter"),
    Story("a pyramid left unfinished", "12/10/8, 40/50/60 kg", ("12 10",), HOLD, says="planned sets"),
    Story("a pyramid that hurt", "12/10/8, 40/50/60 kg", ("12 10 8!",), HOLD, "12/10/8, 40/50/60 kg", "hurt"),
    Story("as many as possible at the end", "3 x 8, 60 kg, last set max", ("8 8 12",), UP, "3 x 8, 62.5 kg, last set max"),
    Story("top set and back-off", "1 x 5, 100 kg, back off 3 x 8 at 80 kg", ("5 8 8 8",), UP, "1 x 5, 102.5 kg, back off 3 x 8 at 82.5 kg"),
    Story("drops", "3 x 10, 60 kg, drop to 50/40 kg", ("10 10 10 8 9",), UP, "3 x 10, 62.5 kg, drop to 52.5/42.5 kg"),
    # Any load to hand.
    Story("an alternative in its range", "3 x 12, 12 kg, or 8 kg x 15, or 16 kg x 8-10", ("9@16 9@16 9@16",), HOLD,
          "3 x 12, 12 kg, or 8 kg x 15, or 16 kg x 8-10", "lies in its range of 8-10", "press"),
    Story("heavier than all that is named", "3 x 8, 12 kg, or 16 kg x 8-10", ("10@20 10@20 10@20",), HOLD,
          "3 x 8, 12 kg, or 16 kg x 8-10", "heavier than all that the line names", "press"),
    Story("an alternative below its range", "3 x 12, 12 kg, or 16 kg x 8-10", ("9@16 7@16 7@16",), HOLD, says="below the 8-10", exercise="press"),
    Story("the planned load at its top", "3 x 12, 60 kg, or 50 kg x 15", ("12 12 12",), UP, "3 x 12, 62.5 kg, or 50 kg x 15"),
    Story("an alternative at its top leads then", "3 x 12, 60 kg, or 70 kg x 6-8", ("8@70 8@70 8@70",), UP,
          "3 x 6-8, 72.5 kg, or 60 kg x 12"),
    # Bands and steps.
    Story("a band moves to the next one listed", "3 x 12-15, band sand", ("15 15 15",), UP, "3 x 12-15, band rust", "an estimate", "band curl"),
    Story("the heaviest band: repetitions", "3 x 12-15, band slate", ("15 15 15",), REPS, says="nothing heavier", exercise="band curl"),
    Story("a band nobody listed", "3 x 12-15, band jade", ("15 15 15",), HOLD, says="yours to say", exercise="band curl"),
    Story("a band in the range", "3 x 12-15, band sand", ("13 13 13",), REPS, "3 x 14-15, band sand", exercise="band curl"),
    # Marks decide in every school.
    Story("two marks passed in every set", "3 x 40 s, rest 20 s, checkpoints 50/60 s", ("60* 60* 60*",), Lever.CHECKPOINT, "3 x 60 s, rest 20 s",
          exercise="plank", policy="linear"),
    Story("marks by the seconds logged", "3 x 30 s, checkpoints 35/40 s", ("37 36 41",), Lever.CHECKPOINT, "3 x 35 s, checkpoints 40 s",
          exercise="plank", policy="double-progression"),
    Story("one round without it", "3 x 30 s, checkpoints 35/40 s", ("37 34 41",), HOLD, exercise="plank"),
    Story("marks of work for time", "3 x 30 s, checkpoints 35/40 s", ("35 35 35",), Lever.CHECKPOINT, "3 x 35 s, checkpoints 40 s"),
]  # fmt: skip


class KindsTest(Stories):
    def test_stories(self) -> None:
        self.tell(STORIES)

    def test_what_sort_of_work_it_is(self) -> None:
        for exercise, text, kind in (
            ("squat", "3 x 8, 60 kg", WorkKind.LIFT), ("squat", "3 x 45 s, 60 kg", WorkKind.TIMED), ("plank", "3 x 45 s", WorkKind.HOLD),
            ("box jump", "3 x 5", WorkKind.JUMP), ("ball throw", "3 x 5, 3 kg", WorkKind.JUMP), ("run", "1 x 5 km", WorkKind.DISTANCE),
            ("run", "1 x 1200 s", WorkKind.DISTANCE), ("squat", "4 x 20 m", WorkKind.DISTANCE), ("one leg", "3 x 30 s", WorkKind.BALANCE),
            ("stretch", "2 x 40 s", WorkKind.PREPARATION), ("squat", "3 x 5, 60 kg, ramp-up", WorkKind.PREPARATION),
            ("squat", "most x 10, 60 kg, in 10:00", WorkKind.ROUNDS),
        ):  # fmt: skip
            with self.subTest(text):
                self.assertEqual(kind_of(EXERCISES[exercise], read(text, Unit.KG)), kind)
        self.assertEqual(
            kind_of(EXERCISES["squat"], read("3 x 8, 60 kg", Unit.KG), preparing=True), WorkKind.PREPARATION
        )

    def test_what_is_raised_by_nobody_says_so_and_is_never_plain(self) -> None:
        for told in ("a stretch", "a squat in the warm-up", "ramp-up sets"):
            story = next(one for one in STORIES if one.told == told)
            self.assertTrue(why_none(story.context()))
            self.assertFalse(is_plain(story.told_by()))

    def test_jumps_are_never_slowed_and_lifts_never_lead_to_them(self) -> None:
        for policy in ("control", "double-progression", "density", "reserve-led", "skill", "sets", "linear"):
            story = Story("", "3 x 5, bw", ("5 5 5",), HOLD, exercise="box jump", policy=policy)
            self.assertEqual(leading(policy, story.context()), "jumps")
            self.assertNotIn(story.told_by().lever, (Lever.TEMPO, Lever.PAUSE))
        up = Story(
            "", "3 x 12-15, bw", ("15 15 15",), HOLD, exercise="push-up", policy="skill", more={"harder": BOX_JUMP}
        )
        self.assertEqual(up.told_by().exercise, "")
        self.assertIn("is a jump or throw", up.told_by().rule)

    def test_evidence_lists_every_set_with_its_own_load(self) -> None:
        found = Story("", LADDER, ("15 10 11",), HOLD, exercise="press").told_by()
        self.assertEqual(
            found.evidence[0],
            "Asked 15 at 10 kg, 10 at 12 kg, max at 16 kg; done 15 at 10 kg, 10 at 12 kg, 11 at 16 kg reps.",
        )

    def test_the_ladder_or_its_top_set(self) -> None:
        found = Story("", "12/10/8, 40/50/60 kg", ("12 10 8",), UP).told_by()
        self.assertEqual(
            next((a.label, a.text) for a in found.alternatives), ("The top set alone", "12/10/8, 40/50/62.5 kg")
        )

    def test_a_week_lies_between_two_rises_of_a_distance(self) -> None:
        story = Story("", "1 x 5.5 km", ("1980", "1980"), Lever.METRES, exercise="run", apart=3)
        before, today = story.context().exposures
        for days, lever in ((5, HOLD), (6, Lever.METRES)):
            earlier = replace(
                before, on=today.on.fromordinal(today.on.toordinal() - days), prescription=read("1 x 5 km", Unit.KG)
            )
            held = replace(story.context(), exposures=(earlier, today))
            self.assertEqual(proposal(held, "linear").lever, lever, days)

    def test_rows_of_a_ladder_have_their_own_loads(self) -> None:
        self.assertEqual([str(row.load) for row in rows(LADDER, "15 10 11")], ["10 kg", "12 kg", "16 kg"])
