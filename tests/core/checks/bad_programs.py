"""Thirty programs with one fault each, and the check that has to ask about it: once, however many weeks it runs."""

from tests.core.checks.plans import SORE, pair, plan
from tests.core.checks.sound_programs import (
    HINGE_DAY,
    NEVER,
    NEW,
    PRESS_DAY,
    SOME,
    SQUAT_DAY,
    WARM,
    WHOLE,
    WHOLE_B,
    who,
)
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.goals import GoalKind
from upright_anvil.core.plan.document import Group, Program

Day = tuple[str | Group, ...]
STRONG = who(GoalKind.STRENGTH)
TWO = who(days=2)
EVENT = who(GoalKind.EVENT)
RAMP = "back-squat: 1 x 3, 80 kg, ramp"
TRIPLES = (WARM, RAMP, "back-squat: 6 x 3, 120 kg, rest 4:00, leave 1")
TEN_BY_EIGHT = (
    WARM, "barbell-row: 10 x 8, 50 kg, rest 90 s, leave 2", "bench-press: 10 x 8, 60 kg, rest 90 s, leave 2",
)  # fmt: skip
CHEST = tuple(
    f"{name}: 5 x 10, rest 90 s, leave 2"
    for name in ("bench-press", "incline-bench-press", "dumbbell-bench-press", "chest-fly")
)


def two_days(day: Day, kinds: str = "bbbb") -> Program:
    """Two days a week, the first of which has the fault."""
    return plan((0, day), (3, WHOLE_B), kinds=kinds)


def three_days(day: Day, kinds: str = "bbbb") -> Program:
    """Three days of strength, the first of which has the fault."""
    return plan((0, day), (2, PRESS_DAY), (4, HINGE_DAY), kinds=kinds)


def climbing(*weeks: str) -> Day:
    """A squat day whose squat says something else each week."""
    return (WARM, RAMP, f"back-squat: {' | '.join(weeks)}", *SQUAT_DAY[3:])


BAD: tuple[tuple[str, str, Standpoint, Program], ...] = (
    (
        "a hundred repetitions to finish",
        "reps-for-goal",
        TWO,
        two_days((*WHOLE, "finisher/push-up: 1 x 100, bw")),
    ),
    (
        "a load nobody can lift so often",
        "too-heavy",
        STRONG,
        three_days(climbing("3 x 8, 130 kg, rest 3:00, leave 2")),
    ),
    (
        "too light for strength",
        "load-for-goal",
        STRONG,
        three_days(climbing("3 x 5, 40 kg, rest 3:00, leave 2")),
    ),
    (
        "a load the place cannot make",
        "load-missing",
        TWO,
        two_days((*WHOLE, "accessory/biceps-curl: 3 x 8, 43 kg, rest 1:30, leave 3")),
    ),
    (
        "kit the place does not have",
        "kit-missing",
        TWO,
        two_days((*WHOLE, "accessory/band-row: 3 x 12, rest 60 s, leave 3")),
    ),
    (
        "a sore knee under a deep squat",
        "joint-in-trouble",
        who(days=2, of=SORE),
        two_days(("goblet-squat: 3 x 8, rest 2:00, leave 3", *WHOLE_B)),
    ),
    (
        "heavy with nothing before it",
        "no-ramp-up",
        STRONG,
        three_days((WARM, "deadlift: 3 x 3, 160 kg, rest 4:00, leave 1")),
    ),
    (
        "new, and no warm-up",
        "no-warm-up",
        who(age=NEW, days=2),
        two_days(WHOLE[1:]),
    ),
    (
        "no day off",
        "no-rest-day",
        who(days=7),
        plan(*((n, WHOLE_B[:3]) for n in range(7)), kinds="bb"),
    ),
    (
        "longer than the client has",
        "day-too-long",
        who(minutes=15, days=2),
        two_days(SQUAT_DAY),
    ),
    (
        "little that pulls",
        "push-and-pull",
        TWO,
        plan((0, (WARM, *CHEST[:2], "back-squat: 3 x 8, 80 kg, rest 2:00, leave 3")), (3, WHOLE_B), kinds="bb"),
    ),
    (
        "leg raises for the legs",
        "pattern-missing",
        TWO,
        plan(
            (0, (WARM, "hanging-leg-raise: 4 x 8, bw, rest 90 s", "bench-press: 4 x 8, 60 kg, rest 2:00, leave 3")),
            (3, (WARM, "romanian-deadlift: 4 x 8, rest 2:00, leave 3", "lat-pulldown: 4 x 10, rest 90 s, leave 3")),
            kinds="bbbb",
        ),
    ),
    (
        "twenty sets of one muscle in a session",
        "muscle-day",
        who(GoalKind.SIZE, SOME, 2, 120),
        two_days((WARM, *CHEST)),
    ),
    (
        "sixes of triples on following days",
        "consecutive-days",
        STRONG,
        plan((0, TRIPLES), (1, TRIPLES), (3, PRESS_DAY), kinds="bb"),
    ),
    (
        "Sunday beside Monday",
        "consecutive-days",
        STRONG,
        plan((0, TRIPLES), (3, PRESS_DAY), (6, TRIPLES), kinds="bb"),
    ),
    (
        "a jump of twenty kilograms",
        "load-jump",
        STRONG,
        three_days(climbing("3 x 5, 80 kg, rest 3:00, leave 3", "3 x 5, 100 kg, rest 3:00, leave 2"), "bb"),
    ),
    (
        "four times the sets from one week to the next",
        "week-jump",
        TWO,
        plan(
            (
                0,
                (
                    WARM,
                    "back-squat: 2 x 8, 60 kg, rest 2:00 | 8 x 8, 60 kg, rest 2:00",
                    "barbell-row: 2 x 8, 40 kg | 8 x 8, 40 kg",
                ),
            ),
            (3, (WARM, "bench-press: 2 x 8, 50 kg | 8 x 8, 50 kg")),
            kinds="bb",
        ),
    ),
    (
        "eight weeks without an easier one",
        "no-easing-off",
        STRONG,
        three_days(SQUAT_DAY, "bbbbbbbb"),
    ),
    (
        "an easier week that is none",
        "easing-off-hard",
        STRONG,
        three_days(
            climbing("3 x 6, 100 kg, rest 3:00, leave 2", "3 x 6, 100 kg, rest 3:00", "5 x 6, 105 kg, rest 3:00"), "bbe"
        ),
    ),
    (
        "tired before the heavy lift",
        "tired-before-strength",
        STRONG,
        three_days((WARM, "finisher/thruster: 5 x 20, 20 kg, rest 30 s", *SQUAT_DAY[1:])),
    ),
    (
        "jumps behind grinding",
        "explosive-after-grinding",
        EVENT,
        three_days((*SQUAT_DAY[:4], "box-jump: 5 x 5, rest 60 s")),
    ),
    (
        "three hundred landings",
        "jump-contacts",
        EVENT,
        plan(
            (0, (WARM, "box-jump: 15 x 10, rest 60 s", *WHOLE[1:])),
            (2, (WARM, "broad-jump: 15 x 10", *WHOLE_B[1:])),
            kinds="bb",
        ),
    ),
    (
        "to failure in the first months",
        "to-failure-new",
        who(age=NEW, days=2),
        two_days((*WHOLE_B, "accessory/push-up: 3 x max, bw, rest 90 s")),
    ),
    (
        "triples in the first months",
        "few-reps-new",
        who(age=NEVER, days=2),
        two_days((WARM, "back-squat: 5 x 3, 60 kg, rest 3:00, leave 2", *WHOLE[2:])),
    ),
    (
        "as many as possible under a bar",
        "max-on-risky",
        STRONG,
        three_days((*SQUAT_DAY, "accessory/good-morning: 3 x max, 60 kg, rest 3:00")),
    ),
    (
        "a side that is not said",
        "side-not-said",
        TWO,
        two_days((*WHOLE, "accessory/split-squat: 3 x 10, 12 kg, rest 90 s, leave 3")),
    ),
    (
        "what cannot be read",
        "unreadable",
        TWO,
        two_days((*WHOLE, "accessory/biceps-curl: three of ten")),
    ),
    (
        "a plank of ten minutes",
        "set-too-long",
        TWO,
        two_days((*WHOLE, "trunk/plank: 3 x 600 s, rest 60 s")),
    ),
    (
        "one muscle twice in a pair for strength",
        "same-muscle-pair",
        STRONG,
        plan(
            (0, (WARM, pair("bench-press: 4 x 5, 80 kg, leave 1", "dumbbell-bench-press: 4 x 8, 28 kg, leave 1"))),
            (2, SQUAT_DAY),
        ),
    ),
    (
        "far too much for two muscles",
        "muscle-too-much",
        who(age=SOME),
        plan((0, TEN_BY_EIGHT), (3, TEN_BY_EIGHT), kinds="bbbb"),
    ),
)
