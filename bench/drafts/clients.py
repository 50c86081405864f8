"""Written clients, each with what a colleague requires of a draft for them, and forbids.

Invented people; the same kinds of life that come to a trainer: new and trained, young and old, pregnant, after a birth,
sore, busy, away, with one goal or two, with a full gym, two dumbbells or nothing.
"""

from dataclasses import dataclass, field
from datetime import date, timedelta
from typing import Final

from bench.drafts.required import (
    Predicate,
    asking,
    called,
    each_day,
    ends_easy,
    endurance_minutes,
    has,
    leaves,
    light_to_begin,
    long_runs_apart_from_legs,
    moving,
    never,
    nothing_hard_to_learn,
    of_kind,
    of_pattern,
    on_days,
    said_of,
    stressing,
    weeks,
)
from upright_anvil.core.body.demands import Demand
from upright_anvil.core.body.joints import Joint, Side, Stress
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import ExerciseKind, Pattern
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import Condition, State

TODAY: Final = date(2026, 3, 4)
"""A Wednesday."""

GYM = """bar 20, plates 2x1.25 2x2.5 4x5 4x10 4x20
dumbbells 2-40 by 2
kettlebells 8 12 16 20 24
stack 5-100 by 5
bands light, medium, heavy
medicine balls 3 5
bench, rack, box, pull-up bar, dip bars, anchor, straps, sliders, big ball, balance pad
rower, bike, stairs, leg press"""
HOME = "dumbbells 4-20 by 2\nbands light, medium\nchair, bench"
TWO = "dumbbells 8 12\nmat"
BELLS = "kettlebells 8 12 16\nbands medium\nmat"
BARE = "mat"
GARAGE = "bar 20, plates 2x1.25 2x2.5 2x5 2x10 2x20\nbench, rack, pull-up bar"
YARD = """bar 45, plates 2x2.5 4x5 4x10 2x25 4x45
dumbbells 5-70 by 5
stack 10-200 by 10
bench, rack, box, pull-up bar, anchor"""
HOTEL = "bands light, medium\nstairs, mat"


@dataclass(frozen=True)
class Ill:
    """Something in the history: what, how it stands, which side, in words, days ago, weeks to a birth."""

    topic: Joint | Condition
    state: State = State.WATCH
    side: Side | None = None
    words: str = ""
    days_ago: int = 10
    due_in: int | None = None


@dataclass(frozen=True)
class Written:
    """A client: the file's facts, the kit, the history, and what a colleague requires."""

    name: str
    facts: dict[str, object]
    required: tuple[Predicate, ...]
    kit: str = GYM
    body_kg: int | None = 70
    ill: tuple[Ill, ...] = ()
    active: bool = True
    asked_weeks: int | None = 8
    away: dict[int, str] = field(default_factory=dict)
    done: tuple[tuple[str, int, int, bool], ...] = ()
    """Exercise, kilograms, repetitions and whether it hurt, three sets each, a week ago."""


def facts(age: int, trained: TrainingAge, goal: GoalKind, words: str = "", **more: object) -> dict[str, object]:
    """The facts of a file, the years as a birth year."""
    return {"birth_year": TODAY.year - age, "training_age": trained, "aim": goal, "goal": words, **more}


A, G = TrainingAge, GoalKind
K, P, M = ExerciseKind, Pattern, Muscle
CARDIO, JUMP, THROW, CARRY, BALANCE = (
    of_kind(K.CARDIO), of_kind(K.JUMP), of_kind(K.THROW), of_kind(K.CARRY), of_kind(K.BALANCE),
)  # fmt: skip
IMPACT, SUPINE, PRONE = asking(Demand.IMPACT), asking(Demand.SUPINE), asking(Demand.PRONE)
CARRIED = has("carries or loaded holds", of_pattern(P.CARRY))
PREGNANT: Final = (
    never("impact", IMPACT), never("lying on the front", PRONE), never("a held breath", asking(Demand.BREATH_HOLDING)),
    never("unsteady", asking(Demand.BALANCE)), leaves(3),
)  # fmt: skip
AFTER: Final = (
    never("impact", IMPACT), never("a held breath", asking(Demand.BREATH_HOLDING)),
    never("the trunk bent under load", asking(Demand.TRUNK_FLEXION)), leaves(3),
)  # fmt: skip
OLD: Final = (each_day("balance", BALANCE), never("jumps", JUMP), never("impact", IMPACT), nothing_hard_to_learn)
FALLEN: Final = (
    *OLD, leaves(3),
    has("a seat, steps or a press for the legs", called("chair", "sit", "box", "step", "leg press", "stair")),
)  # fmt: skip
NEW: Final = (nothing_hard_to_learn, leaves(2), light_to_begin(0.7))


def _spare(joint: Joint) -> Predicate:
    return never(f"{joint} under much load", stressing(joint, Stress.MODERATE, Stress.MUCH))


CLIENTS: Final = (
    # New to it.
    Written(
        "new, three whole days", facts(28, A.NEW, G.FITNESS, "get fit", minutes=45), (*NEW, has("endurance", CARDIO))
    ),
    Written("new, wants to be strong", facts(24, A.NEW, G.STRENGTH, "a strong back", minutes=60), NEW),
    Written(
        "new, size",
        facts(19, A.NEW, G.SIZE, "bigger arms and chest", minutes=60, days_a_week=4),
        (*NEW, has("arms", moving(M.BICEPS, M.TRICEPS), 2), has("chest", moving(M.CHEST), 2)),
    ),
    Written(
        "never active",
        facts(45, A.SEDENTARY, G.BODY_WEIGHT, "lose a few kilos", minutes=40, days_a_week=2),
        (*NEW, never("jumps", JUMP), endurance_minutes(10)),
        active=False,
    ),
    Written(
        "never active, heavy",
        facts(52, A.SEDENTARY, G.BODY_WEIGHT, "climb the stairs without puffing", minutes=30),
        (*NEW, never("impact", IMPACT), endurance_minutes(8)),
        body_kg=118,
        active=False,
    ),
    Written(
        "new, half an hour twice",
        facts(37, A.NEW, G.EVERYDAY, "carry the shopping", minutes=30, days_a_week=2),
        (*NEW, CARRIED),
        HOME,
    ),
    Written("new, at home with two dumbbells", facts(31, A.NEW, G.FITNESS, "feel better", minutes=30), NEW, TWO),
    Written("new, nothing but a floor", facts(26, A.NEW, G.FITNESS, "get going", minutes=30), NEW, BARE),
    Written(
        "new, level not said",
        facts(33, A.NOT_SAID, G.STRENGTH, "", minutes=50),
        (nothing_hard_to_learn, leaves(3), said_of("trained")),
    ),
    Written("new, no weight known", facts(22, A.NEW, G.FITNESS, "", minutes=45), NEW, body_kg=None),
    # Trained.
    Written(
        "strength on four days",
        facts(30, A.SOME, G.STRENGTH, "a 140 kg deadlift", minutes=75, days_a_week=4),
        (has("deadlifts", called("deadlift")), has("squats", of_pattern(P.SQUAT), 2), CARRIED),
    ),
    Written(
        "strength in a garage",
        facts(41, A.EXPERIENCED, G.STRENGTH, "stronger than last year", minutes=60),
        (has("barbell lifts", lambda x: x.exercise.implements[0].value == "barbell", 4),),
        GARAGE,
    ),
    Written(
        "size on five days",
        facts(27, A.EXPERIENCED, G.SIZE, "bigger legs", minutes=70, days_a_week=5),
        (has("quadriceps", moving(M.QUADRICEPS), 3),),
    ),
    Written(
        "lagging calves and shoulders",
        facts(29, A.SOME, G.LAGGING, "bring up calves and shoulders", minutes=60),
        (has("calves", moving(M.CALVES), 2), has("shoulders", moving(M.SIDE_SHOULDER, M.REAR_SHOULDER), 2)),
    ),
    Written(
        "lagging glutes", facts(34, A.SOME, G.LAGGING, "glutes", minutes=50), (has("glutes", moving(M.GLUTES), 3),)
    ),
    Written(
        "first pull-up",
        facts(26, A.SOME, G.STRENGTH, "my first pull-up", minutes=60),
        (has("pulls from above", of_pattern(P.PULL_VERTICAL), 2),),
    ),
    Written(
        "ninety minutes",
        facts(35, A.SOME, G.FITNESS, "fit all round", minutes=90),
        (endurance_minutes(25), has("jumps or throws", lambda x: JUMP(x) or THROW(x)), CARRIED),
    ),
    Written(
        "coming back",
        facts(39, A.RETURNING, G.FITNESS, "back to what I was", minutes=50),
        (nothing_hard_to_learn, endurance_minutes(12)),
    ),
    Written("six days", facts(25, A.EXPERIENCED, G.SIZE, "as big as it gets", minutes=60, days_a_week=6), ()),
    Written("seven days", facts(25, A.SOME, G.FITNESS, "every day", minutes=40, days_a_week=7), (said_of("six days"),)),
    Written(
        "one day",
        facts(44, A.SOME, G.FITNESS, "once a week is what I have", minutes=60, days_a_week=1),
        (
            has("legs", of_pattern(P.SQUAT, P.LUNGE, P.HINGE), 2),
            has("pulls", of_pattern(P.PULL_HORIZONTAL, P.PULL_VERTICAL)),
        ),
    ),
    Written("straps and bells", facts(36, A.SOME, G.FITNESS, "", minutes=40), (), BELLS),
    # Fixed days.
    Written(
        "Tuesday and Saturday",
        facts(40, A.SOME, G.FITNESS, "", minutes=60, days_a_week=2, weekdays=(1, 5)),
        (on_days(1, 5),),
    ),
    Written(
        "a weekend", facts(38, A.SOME, G.STRENGTH, "", minutes=75, days_a_week=2, weekdays=(5, 6)), (on_days(5, 6),)
    ),
    Written(
        "Sunday and Monday", facts(38, A.SOME, G.SIZE, "", minutes=60, days_a_week=2, weekdays=(6, 0)), (on_days(0, 6),)
    ),
    Written(
        "three in a row",
        facts(33, A.SOME, G.SIZE, "", minutes=60, days_a_week=3, weekdays=(1, 2, 3)),
        (on_days(1, 2, 3),),
    ),
    Written(
        "two fixed of three",
        facts(33, A.SOME, G.FITNESS, "", minutes=50, days_a_week=3, weekdays=(0, 1)),
        (said_of("fixed"),),
    ),
    # Runs, rides, tours.
    Written(
        "strength, then a half-marathon",
        facts(
            32,
            A.SOME,
            G.STRENGTH,
            "stronger",
            minutes=60,
            second_aim=G.EVENT,
            second_goal="half-marathon in October",
            weekdays=(1, 3, 5),
        ),
        (endurance_minutes(30), has("runs", called("run"), 2), long_runs_apart_from_legs, on_days(1, 3, 5)),
    ),
    Written(
        "a ten-kilometre race",
        facts(29, A.SOME, G.EVENT, "run 10 km in May", minutes=60, ready_by=date(2026, 5, 10)),
        (endurance_minutes(45), long_runs_apart_from_legs, weeks(10), ends_easy),
        asked_weeks=None,
    ),
    Written(
        "hut to hut",
        facts(
            52,
            A.EXPERIENCED,
            G.EVENT,
            "nine days hut to hut with a 12 kg pack",
            minutes=75,
            second_aim=G.JOINT,
            second_goal="knees that last downhill",
        ),
        (has("steps", called("step", "stair")), CARRIED, has("balance", BALANCE), endurance_minutes(30)),
    ),
    Written(
        "a bike tour",
        facts(47, A.SOME, G.EVENT, "ride along the river for a week", minutes=60),
        (has("a bike", called("bike", "cycling")), endurance_minutes(40), long_runs_apart_from_legs),
    ),
    Written(
        "ski holiday",
        facts(36, A.SOME, G.EVENT, "ski again in December", minutes=60),
        (has("balance", BALANCE), has("one leg at a time", of_pattern(P.LUNGE), 2)),
    ),
    Written(
        "climbing wall",
        facts(30, A.SOME, G.ENJOYMENT, "climb a grade harder", minutes=60),
        (
            has("pulls from above", of_pattern(P.PULL_VERTICAL)),
            has("grip", lambda x: moving(M.FOREARMS)(x) or of_pattern(P.CARRY)(x)),
        ),
    ),
    Written(
        "tennis",
        facts(33, A.SOME, G.EVENT, "quicker on the tennis court", minutes=60),
        (has("jumps or throws", lambda x: JUMP(x) or THROW(x), 2),),
    ),
    Written(
        "stamina second",
        facts(42, A.SOME, G.STRENGTH, "", minutes=60, second_aim=G.FITNESS, second_goal="more stamina"),
        (endurance_minutes(25), long_runs_apart_from_legs),
    ),
    Written(
        "a race next week",
        facts(31, A.SOME, G.EVENT, "run the harbour loop", minutes=50, ready_by=TODAY + timedelta(days=8)),
        (),
        asked_weeks=None,
    ),
    Written(
        "a trip that is past",
        facts(31, A.SOME, G.EVENT, "ridge walk", minutes=50, ready_by=date(2026, 2, 1)),
        (said_of("past"),),
    ),
    # Older.
    Written(
        "74, fell, afraid of stairs",
        facts(74, A.SEDENTARY, G.EVERYDAY, "stairs without fear", about="Fell last winter.", minutes=40, days_a_week=2),
        (*FALLEN, has("steps", called("step", "stair"))),
        active=False,
    ),
    Written(
        "80, unsteady",
        facts(
            80,
            A.SEDENTARY,
            G.EVERYDAY,
            "get up from the floor",
            about="Unsteady since the spring.",
            minutes=30,
            days_a_week=2,
        ),
        FALLEN,
        HOME,
        active=False,
    ),
    Written("68, trained", facts(68, A.EXPERIENCED, G.STRENGTH, "stay strong", minutes=60), (*OLD, CARRIED)),
    Written(
        "66, new",
        facts(66, A.NEW, G.EVERYDAY, "lift the grandchildren", minutes=45, days_a_week=2),
        (*OLD, CARRIED, leaves(3)),
    ),
    Written(
        "71, at home",
        facts(71, A.RETURNING, G.EVERYDAY, "carry the shopping home", minutes=35, days_a_week=2),
        (*OLD, CARRIED),
        TWO,
    ),
    Written(
        "77, a chair and a wall",
        facts(77, A.SEDENTARY, G.EVERYDAY, "stand up without the arms", minutes=30, days_a_week=3),
        FALLEN,
        BARE,
        active=False,
    ),
    # Pregnancy and after.
    Written(
        "pregnant, week 28",
        facts(33, A.SOME, G.FITNESS, "stay strong", minutes=45),
        (*PREGNANT, never("flat on the back", SUPINE)),
        ill=(Ill(Condition.PREGNANCY, words="all well", due_in=12),),
    ),
    Written(
        "pregnant, week 12",
        facts(30, A.EXPERIENCED, G.STRENGTH, "keep lifting", minutes=60),
        PREGNANT,
        ill=(Ill(Condition.PREGNANCY, due_in=28),),
    ),
    Written(
        "four months after a birth",
        facts(
            33,
            A.RETURNING,
            G.EVERYDAY,
            "lift the little one",
            minutes=30,
            days_a_week=2,
            second_aim=G.FITNESS,
            second_goal="run the harbour loop again",
        ),
        AFTER,
        HOME,
        ill=(Ill(Condition.AFTER_BIRTH, days_ago=125),),
    ),
    Written(
        "ten months after a birth",
        facts(36, A.SOME, G.STRENGTH, "strong again", minutes=60),
        AFTER,
        ill=(Ill(Condition.AFTER_BIRTH, days_ago=310),),
    ),
    # Joints and conditions.
    Written(
        "a shoulder to spare",
        facts(43, A.SOME, G.SIZE, "", minutes=60),
        (_spare(Joint.SHOULDER), never("a press overhead", of_pattern(P.PUSH_VERTICAL))),
        ill=(Ill(Joint.SHOULDER, State.SPARE, Side.RIGHT, "pinches overhead"),),
    ),
    Written(
        "a knee that hurts",
        facts(50, A.SOME, G.FITNESS, "", minutes=50),
        (_spare(Joint.KNEE), never("impact", IMPACT)),
        ill=(Ill(Joint.KNEE, State.HURTS, Side.LEFT, "sore on the stairs"),),
    ),
    Written(
        "a back to watch",
        facts(48, A.SOME, G.STRENGTH, "", minutes=60),
        (),
        ill=(Ill(Joint.LOWER_BACK, State.WATCH, None, "stiff mornings"),),
    ),
    Written(
        "a back to spare",
        facts(48, A.SOME, G.FITNESS, "", minutes=60),
        (_spare(Joint.LOWER_BACK), never("impact", IMPACT)),
        ill=(Ill(Joint.LOWER_BACK, State.SPARE, None, "a disc, two years ago"),),
    ),
    Written(
        "strong around the knee",
        facts(39, A.SOME, G.JOINT, "a knee that holds", minutes=50),
        (has("front and back of the thigh", moving(M.QUADRICEPS, M.HAMSTRINGS), 3),),
        ill=(Ill(Joint.KNEE, State.WATCH, Side.RIGHT),),
    ),
    Written(
        "wrists",
        facts(35, A.SOME, G.FITNESS, "", minutes=45),
        (_spare(Joint.WRIST),),
        ill=(Ill(Joint.WRIST, State.SPARE, Side.BOTH),),
    ),
    Written(
        "blood pressure",
        facts(58, A.NEW, G.FITNESS, "", minutes=45),
        (never("a held breath", asking(Demand.BREATH_HOLDING)), never("overhead", asking(Demand.OVERHEAD)), leaves(3)),
        ill=(Ill(Condition.BLOOD_PRESSURE, words="tablets"),),
    ),
    Written(
        "heart, cleared for moderate",
        facts(61, A.RETURNING, G.EVERYDAY, "walk the dog uphill", minutes=40),
        (never("a held breath", asking(Demand.BREATH_HOLDING)), leaves(3), never("impact", IMPACT)),
        ill=(Ill(Condition.HEART, words="stent three years ago"),),
    ),
    Written("never screened", facts(30, A.SOME, G.STRENGTH, "", minutes=60), (leaves(3),), active=False),
    # Wishes.
    Written(
        "hates lunges and burpees",
        facts(29, A.SOME, G.FITNESS, "", minutes=50, dislikes="lunges, burpees"),
        (never("lunges", lambda x: "lunge" in x.exercise.name.lower()), never("burpees", called("burpee"))),
    ),
    Written(
        "no running, in the notes",
        facts(40, A.SOME, G.BODY_WEIGHT, "", about="Hates running. Loves kettlebells.", minutes=45),
        (never("runs", called("run")), has("kettlebells", called("kettlebell", "goblet", "swing"))),
    ),
    Written(
        "loves deadlifts",
        facts(37, A.SOME, G.FITNESS, "", minutes=60, likes="deadlifts, farmer's walk"),
        (has("deadlifts", called("deadlift")), has("the walk", called("farmer", "carry", "walk"))),
    ),
    Written("no machines", facts(37, A.SOME, G.SIZE, "", minutes=60, dislikes="machines"), ()),
    Written(
        "desk and a round back",
        facts(34, A.SOME, G.POSTURE, "sits at a desk all day", minutes=45),
        (has("back of the shoulders", moving(M.REAR_SHOULDER, M.UPPER_BACK), 3),),
    ),
    Written(
        "away in the third and seventh week",
        facts(45, A.SOME, G.FITNESS, "", minutes=50),
        (),
        away={3: HOTEL, 7: HOTEL},
    ),
    Written("away with nothing", facts(31, A.SOME, G.SIZE, "", minutes=60, days_a_week=4), (), away={2: BARE}),
    # What was done before.
    Written(
        "the bench hurt",
        facts(33, A.SOME, G.STRENGTH, "", minutes=60),
        (never("what hurt", lambda x: x.exercise.id == "bench-press"),),
        done=(("bench-press", 60, 6, True), ("back-squat", 90, 6, False)),
    ),
    Written(
        "squats for years",
        facts(36, A.EXPERIENCED, G.STRENGTH, "", minutes=60),
        (has("the squat", lambda x: x.exercise.id == "back-squat"),),
        done=(("back-squat", 120, 5, False), ("bench-press", 85, 5, False), ("deadlift", 150, 5, False)),
    ),
    # Contradictions and little.
    Written(
        "all goals at once",
        facts(
            28, A.SOME, G.SIZE, "big and fast and a marathon", minutes=45, second_aim=G.EVENT, second_goal="marathon"
        ),
        (endurance_minutes(20),),
    ),
    Written("twenty minutes", facts(35, A.SOME, G.FITNESS, "", minutes=20), ()),
    Written(
        "likes what the shoulder forbids",
        facts(35, A.SOME, G.FITNESS, "", minutes=60, likes="overhead press"),
        (_spare(Joint.SHOULDER), said_of("asked for")),
        ill=(Ill(Joint.SHOULDER, State.HURTS, Side.LEFT),),
    ),
    Written(
        "pounds",
        facts(46, A.SOME, G.STRENGTH, "", minutes=60, unit="lb"),
        (),
        YARD,
    ),
)
