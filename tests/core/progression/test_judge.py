"""Small stories over whole sessions: what was asked, what happened, what a good trainer would ask for next."""

from dataclasses import replace
from datetime import timedelta

from hypothesis import given, settings

from tests.core.progression.story import (
    LONG_PLANK,
    PUSH_UP,
    RAISED,
    RANGE,
    SIGNS,
    TODAY,
    Stories,
    Story,
    gap,
    strength,
)
from tests.core.strategies import situations
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.progression.judge import ORDER, proposal
from upright_anvil.core.progression.model import Lever, ProgressionContext, Proposal

UP, REPS, HOLD, EASE = Lever.LOAD, Lever.REPS, Lever.HOLD, Lever.EASE
WORN = "Back squat and Bench press are falling, and 2 of the last 3 days were low: an easier week first."
STALL = {"strength": strength(-0.003)}
STORIES = [
    # The policy alone, where nothing else is to be said.
    Story("the top of the range with two left", RANGE, ("8/2 8/2 8/2",), UP, "3 x 6-8, 62.5 kg, rest 2:00, leave 2"),
    Story("in the range with room in the last set", RANGE, ("7/2 7/2 7/2",), REPS, says="at least 8"),
    Story("in the range, nothing to spare", RANGE, ("7/2 7/2 7/1",), HOLD),
    Story("a set short", RANGE, ("6/2 6/2 5/2",), HOLD, says="below the range"),
    Story("nothing was done", RANGE, ("",), HOLD, says="Nothing was done"),
    Story("a set left out", RANGE, ("8/2 8/2",), HOLD, says="Not every planned set"),
    # Pain: never up.
    Story("all done, but the knee hurt", RANGE, ("8/2 8/2 8/2!",), HOLD, RANGE, "left knee hurt: nothing goes up"),
    Story("it hurt in the first set only", RANGE, ("8/2! 8/3 8/3",), HOLD, says="left knee"),
    Story("it hurt twice running", RANGE, ("8/2 8/2 8/2!", "8/2 8/2 8/2!"), EASE, says="two sessions running"),
    Story("it hurt last time, not today", RANGE, ("8/2 8/2 8/2!", "8/2 8/2 8/2"), UP),
    Story("twice, with an easier rung", "3 x 8-12, bw", ("12! 12 12", "12! 12 12"), EASE, "3 x 8-12, bw",
          "one rung easier", "push-up", more={"easier": RAISED}),
    Story("pain comes before missed days", RANGE, ("8/2 8/2 8/2!",), HOLD, says="hurt", more=gap(30)),
    Story("pain comes before form", RANGE, ("8/2! 8/2# 8/2",), HOLD, says="hurt"),
    Story("pain comes before too easy", RANGE, ("8/6 8/6 8/6!",), HOLD, says="hurt"),
    Story("pain with nothing lighter", "3 x 8, 20 kg", ("8! 8 8", "8! 8 8"), HOLD, says="clinician"),
    # Missed days: step back by a table.
    Story("ten days are no gap", RANGE, ("8/2 8/2 8/2",), UP, more=gap(10)),
    Story("twelve days are less than a step: nothing goes up", RANGE, ("8/2 8/2 8/2",), HOLD, says="12 days", more=gap(12)),
    Story("two weeks", RANGE, ("8/2 8/2 8/2",), EASE, "3 x 6-8, 57.5 kg, rest 2:00, leave 2", "4 %", more=gap(14)),
    Story("three weeks", RANGE, ("8/2 8/2 8/2",), EASE, "3 x 6-8, 55 kg, rest 2:00, leave 2", "10 %", more=gap(21)),
    Story("five weeks", RANGE, ("8/2 8/2 8/2",), EASE, "3 x 6-8, 50 kg, rest 2:00, leave 2", more=gap(35)),
    Story("two months", RANGE, ("8/2 8/2 8/2",), EASE, says="Test again", more=gap(61)),
    Story("a gap at the bare bar", "3 x 8, 20 kg", ("8 8 8",), HOLD, says="20 days", more=gap(20)),
    Story("a gap comes before form", RANGE, ("8/2 8/2~ 8/2",), EASE, says="days without", more=gap(15)),
    Story("a gap comes before a poor day", RANGE, ("8/2 8/2 8/2", "6/2 6/2 6/2"), EASE, says="days without",
          more={**gap(15), "poor_day": True}),
    # Form.
    Story("slipped in the last set", RANGE, ("8/2 8/2 8/2~",), HOLD, RANGE, "slipped in set 3"),
    Story("ended by form", RANGE, ("8/2 8/2 7/2f",), HOLD, says="slipped in set 3"),
    Story("broke down", RANGE, ("8/2 7/1 6/0#",), EASE, "3 x 6-8, 57.5 kg, rest 2:00, leave 2", "broke down in set 3"),
    Story("broke down at the bare bar", "3 x 8, 20 kg", ("8 8 8#",), HOLD, says="fewer repetitions"),
    Story("slipped twice and still not up", RANGE, ("8/2 8/2~ 8/2~",), HOLD, says="set 2, 3"),
    Story("form comes before drop-off", RANGE, ("8/2 6/1 5/0~",), HOLD, says="slipped"),
    Story("form comes before too easy", RANGE, ("8/6 8/6 8/6~",), HOLD, says="slipped"),
    Story("slipped with room to spare: the move", "3 x 8, bw", ("8/4 8/4 8/4~",), HOLD, says="if it slips again",
          exercise="push-up", more={"easier": RAISED}),
    Story("and again: one rung easier", "3 x 8, bw", ("8/4 8/4 8/4~", "8/4 8/3~ 8/3~"), EASE, "3 x 8, bw",
          says="one rung easier, Push-up, hands raised", exercise="push-up", more={"easier": RAISED}),
    Story("slipped at the limit: the load", "3 x 8, bw", ("8/0 8/0 8/0~", "8/0 8/0 8/0~"), HOLD, says="until it is clean",
          exercise="push-up", more={"easier": RAISED}),
    Story("slipped on unsteady ground", "3 x 8, bw", ("8/1 8/1 8/1~", "8/1 8/1 8/1~"), EASE, says="on unsteady ground",
          exercise="ball push-up", more={"easier": PUSH_UP}),
    Story("broke down with room and no easier rung", RANGE, ("8/4 8/4 8/4#",), EASE, says="one load down"),
    # Worn: several main lifts falling on low days.
    Story("worn: nothing goes up", RANGE, ("8/2 8/2 8/2",), HOLD, "3 x 6-8, 60 kg, rest 2:00, leave 2",
          says="Nothing goes up before it", more={"worn": WORN}),
    Story("worn comes before too easy", RANGE, ("8/6 8/6 8/6",), HOLD, says="easier week", more={"worn": WORN}),
    Story("worn comes before drop-off", RANGE, ("8/2 6/1 4/0",), HOLD, says="easier week", more={"worn": WORN}),
    Story("form comes before worn", RANGE, ("8/2 8/2 8/2~",), HOLD, says="slipped", more={"worn": WORN}),
    Story("pain comes before worn", RANGE, ("8/2 8/2 8/2!",), HOLD, says="hurt", more={"worn": WORN}),
    # A poor day.
    Story("a poor day, all done lighter", RANGE, ("8/2 8/2 8/2", "8/3 8/3 8/3"), HOLD, says="written in the plan stands",
          more={"poor_day": True}),
    Story("a poor day as the first session", RANGE, ("8/2 8/2 8/2",), HOLD, RANGE, more={"poor_day": True}),
    Story("a poor day that fell apart", RANGE, ("8/2 8/2 8/2", "8/2 6/0 4/0"), HOLD, says="came with little",
          more={"poor_day": True}),
    # Changed for the day.
    Story("fewer sets for the day", RANGE, ("8/2 8/2",), HOLD, RANGE, "changed for the day", more={"changed_day": True}),
    Story("changed for the day, and it hurt", RANGE, ("8/2! 8/2",), HOLD, says="hurt", more={"changed_day": True}),
    Story("changed for the day, all easy", RANGE, ("8/6 8/6 8/6",), HOLD, RANGE, "changed for the day", more={"changed_day": True}),
    # Drop-off and its cause.
    Story("fell apart with the rests kept", RANGE, ("8/2 6/1 5/0",), EASE, "3 x 6-8, 55 kg, rest 2:00, leave 2",
          "too heavy", more={"rests": (120, 125)}),
    Story("fell apart with short rests", RANGE, ("8/2 6/1 5/0",), HOLD, RANGE, "rests were 60 s instead of 120 s",
          more={"rests": (60, 60)}),
    Story("fell off but stayed in the range", RANGE, ("8/3 7/1 7/0",), HOLD, says="too heavy to go up",
          more={"rests": (120, 118)}),
    Story("nobody timed the rests", RANGE, ("8/2 7/0 5/0",), EASE, says="too heavy"),
    Story("all done, only the reserve fell a little", RANGE, ("8/3 8/2 8/1",), HOLD, says="fewer reps left"),
    Story("all done, but nothing was left at the end", RANGE, ("8/4 8/2 8/0",), HOLD, says="too heavy to go up"),
    Story("the other line of the exercise was trained since", RANGE, ("8/2 8/2 8/2",), UP, more={**gap(15), "strength": replace(strength(), last=TODAY + timedelta(days=12))}),
    Story("a little less in the last set is no drop-off", RANGE, ("8/3 8/2 8/2",), UP),
    Story("five to three is a drop-off", "3 x 5, 60 kg", ("5 4 3",), EASE, says="2 of 5"),
    Story("five to four is none", "3 x 5, 60 kg", ("5 5 4",), HOLD, says="below the range"),
    Story("lighter in the last set on purpose", RANGE, ("8/2 8/2 5@55/2",), HOLD, says="below the range"),
    Story("one side before drop-off", "3 x 8 each side, 12 kg", ("L12R12 L12R10 L12R9",), Lever.SIDE,
          "3 x 8 each side, right first, 12 kg", "behind in 2 of 3", exercise="press"),
    Story("both sides fall alike: drop-off", "3 x 8 each side, 12 kg", ("L10R9 L8R7 L5R4",), EASE, says="5 of 9", exercise="press"),
    # One side behind.
    Story("the right side behind in every set", "3 x 8 each side, 10 kg", ("L8R6 L8R6 L8R6",), Lever.SIDE,
          "3 x 8 each side, right first, 10 kg", "The right side was behind in 3 of 3", "press"),
    Story("behind once is nothing", "3 x 8 each side, 10 kg", ("L8R6 L8R8 L8R8",), HOLD, exercise="press"),
    Story("it leads already", "3 x 8 each side, right first, 10 kg", ("L8R6 L8R6 L8R6",), HOLD, says="below", exercise="press"),
    Story("one repetition apart is nothing", "3 x 8 each side, 10 kg", ("L9R8 L9R8 L9R8",), REPS, exercise="press"),
    # Too easy.
    Story("five left where two were asked", RANGE, ("8/5 8/5 8/5",), UP, "3 x 6-8, 65 kg, rest 2:00, leave 2", "too easy"),
    Story("too easy in the middle of the range", RANGE, ("7/5 7/5 7/6",), UP, says="too easy"),
    Story("too easy but for one set", RANGE, ("8/5 8/5 8/4",), UP, "3 x 6-8, 62.5 kg, rest 2:00, leave 2"),
    Story("easy, but nothing within the cap", "3 x 8-10, 10 kg, leave 2", ("10/5 10/5 10/5",), REPS, exercise="press",
          says="more than 10 %"),
    Story("easy, but nobody said how many were left", RANGE, ("8 8 8",), UP, "3 x 6-8, 62.5 kg, rest 2:00, leave 2"),
    # Plateau.
    Story("stalled for a month", RANGE, ("7/1 7/1 6/1",) * 5, HOLD, RANGE, "Stalled", more=STALL),
    Story("stalled at fixed repetitions", "3 x 9, 60 kg, leave 2", ("9/1 9/1 9/1",) * 5, HOLD, says="Stalled", more=STALL),
    Story("stalled at few repetitions", "3 x 3, 60 kg, leave 2", ("3/1 3/1 3/1",) * 5, HOLD, says="Stalled", more=STALL),
    Story("stalled, but today went up", RANGE, (*("7/1 7/1 6/1",) * 4, "8/2 8/2 8/2"), UP, more=STALL),
    Story("three sessions are too few for a stall", RANGE, ("7/1 7/1 6/1",) * 3, HOLD, says="nothing to spare", more=STALL),
    Story("rising slowly is no stall", RANGE, ("7/1 7/1 6/1",) * 5, HOLD, says="nothing to spare", more={"strength": strength(0.004)}),
    # Other policies.
    Story("linear: all done", "3 x 5, 60 kg, leave 2", ("5/2 5/2 5/2",), UP, "3 x 5, 62.5 kg, leave 2", policy="linear"),
    Story("linear: missed once", "3 x 5, 60 kg", ("5 5 4",), HOLD, says="once more", policy="linear"),
    Story("linear: missed twice", "3 x 5, 60 kg", ("5 5 4", "5 5 4"), EASE, "3 x 5, 52.5 kg", policy="linear"),
    Story("linear: a pair too far", "3 x 8, 10 kg", ("8 8 8",), REPS, says="more than 10 %", policy="linear", exercise="press"),
    Story("wave: all done", "5 x 5, 75 %", ("5 5 5 5 5",), UP, "5 x 5, 77.5 %", policy="wave"),
    Story("wave: fell short", "5 x 5, 75 %", ("5 5 5 5 4",), HOLD, says="same share", policy="wave"),
    Story("wave on kilograms says so", RANGE, ("8/2 8/2 8/2",), UP, says="Per cent waves cannot lead this line", policy="wave"),
    Story("reserve-led: stronger than the load", "3 x 8, 55 kg, leave 2", ("8/3 8/3 8/3",), UP, says="estimate of 80.0 kg",
          policy="reserve-led", more={"strength": strength()}),
    Story("reserve-led: the load is right", "3 x 8, 60 kg, leave 2", ("8/2 8/2 8/2",), HOLD, says="the nearest that can be made",
          policy="reserve-led", more={"strength": strength()}),
    Story("reserve-led: too heavy", "3 x 8, 70 kg, leave 2", ("8/0 8/0 8/0",), EASE, says="estimate",
          policy="reserve-led", more={"strength": strength()}),
    Story("reserve-led: no estimate yet", RANGE, ("8/2 8/2 8/2",), UP, policy="reserve-led"),
    Story("sets: one more", "3 x 10, 40 kg, leave 2", ("10/2 10/2 10/2",), Lever.SETS, "4 x 10, 40 kg, leave 2", policy="sets"),
    Story("sets: enough of them", "5 x 10, 40 kg, leave 2", ("10/2 10/2 10/2 10/2 10/2",), UP, says="5 sets are there", policy="sets"),
    Story("sets: fell short", "3 x 10, 40 kg", ("10 10 9",), HOLD, policy="sets"),
    Story("density: less rest", "3 x 10, 12 kg, rest 90 s", ("10 10 10",), Lever.DENSITY, "3 x 10, 12 kg, rest 1:15",
          policy="density", exercise="press"),
    Story("density: down to a minute between counted sets", "3 x 10, 12 kg, rest 75 s", ("10 10 10",), Lever.DENSITY,
          "3 x 10, 12 kg, rest 1:00", policy="density", exercise="press"),
    Story("density: not below it", "3 x 10, 12 kg, rest 74 s", ("10 10 10",), REPS, policy="density", exercise="press"),
    Story("density: down to half a minute between holds", "3 x 40 s, rest 45 s", ("40 40 40",), Lever.DENSITY,
          "3 x 40 s, rest 30 s", policy="density", exercise="plank"),
    Story("density: then they are held longer", "3 x 40 s, rest 44 s", ("40 40 40",), Lever.SECONDS, policy="density",
          exercise="plank"),
    Story("density: rest is short enough", "3 x 10, 12 kg, rest 60 s", ("10 10 10",), REPS, policy="density", exercise="press"),
    Story("density: a checkpoint passed in every set", "3 x 40 s, rest 20 s, checkpoints 50/60 s", ("50+ 50+ 50+",),
          Lever.CHECKPOINT, "3 x 50 s, checkpoints 60 s, rest 20 s", policy="density", exercise="plank"),
    Story("density: not in every set", "3 x 40 s, rest 20 s, checkpoints 50/60 s", ("50+ 50+ 40",), HOLD,
          says="not passed in every set", policy="density", exercise="plank"),
    Story("control: slower first", RANGE, ("7/2 7/2 7/2",), Lever.TEMPO, says="lower in 3 s", policy="control"),
    Story("control: no room", RANGE, ("7/1 7/2 7/2",), HOLD, policy="control"),
    Story("skill: on the way", "3 x 8-12, bw", ("10 10 10",), REPS, policy="skill", exercise="push-up", more={"harder": PUSH_UP}),
    Story("skill: the next rung", "3 x 8-12, bw", ("12 12 12",), Lever.VARIANT, "3 x 5-6, bw", "the next rung, Push-up",
          policy="skill", exercise="push-up", more={"harder": PUSH_UP}),
    Story("skill: no rung to go to", "3 x 8-12, bw", ("12 12 12",), UP, says="No harder rung", policy="skill", exercise="push-up"),
    Story("holds: longer", "3 x 50 s", ("50 50 50",), Lever.SECONDS, "3 x 55 s", policy="holds", exercise="plank"),
    Story("holds: long enough for a rung", "3 x 60 s", ("60 60 60",), Lever.VARIANT, policy="holds", exercise="plank",
          more={"harder": LONG_PLANK}),
    Story("holds on repetitions say so", RANGE, ("8/2 8/2 8/2",), UP, says="Holds cannot lead this line", policy="holds"),
]  # fmt: skip


class JudgeTest(Stories):
    def test_stories(self) -> None:
        self.tell(STORIES)

    def test_a_stall_offers_a_menu(self) -> None:
        story = next(one for one in STORIES if one.told == "stalled for a month")
        labels = [one.label for one in proposal(story.context(), story.policy).alternatives]
        self.assertEqual(labels[1:], ["One more set", "An easier week"])
        self.assertTrue(labels[0].startswith("Another range"))

    def test_judgements_are_named_once(self) -> None:
        self.assertEqual(len({name for name, _ in ORDER}), len(ORDER))

    @settings(max_examples=300)
    @given(situations())
    def test_never_past_the_cap_never_a_load_nobody_owns_never_up_in_pain(self, context: ProgressionContext) -> None:
        for policy in ("double-progression", "linear", "reserve-led", "sets", "skill"):
            self.holds(proposal(context, policy), context)
            hurt = replace(context.today, sets=tuple(replace(s, how=SIGNS["!"]) for s in context.today.sets))
            if hurt.sets:
                found = proposal(replace(context, exposures=(*context.exposures[:-1], hurt)), policy)
                self.assertLessEqual(found.rise, 0)
                self.assertIn(found.lever, (HOLD, EASE))

    def holds(self, found: Proposal, context: ProgressionContext) -> None:
        if not found.bridged:
            self.assertLessEqual(found.rise, context.step_cap)
        load = found.prescription.load
        if isinstance(load, Load) and found.lever in (UP, EASE) and not found.exercise:
            kind = context.exercise.implement_at(context.place)
            self.assertIsNotNone(kind and context.place.find(kind, load))
        self.assertTrue(found.rule)
        self.assertEqual(read(found.text, Unit.KG), found.prescription)
