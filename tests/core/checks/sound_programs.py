"""Thirty programs a strict colleague would sign, for the clients they were written for."""

from dataclasses import replace

from tests.core.checks.plans import ROOM, SORE, WHO, pair, plan
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.plan.document import Pairing, Program


def who(
    goal: GoalKind = GoalKind.FITNESS,
    age: TrainingAge = TrainingAge.SOME,
    days: int = 3,
    minutes: int = 60,
    of: Standpoint = WHO,
    room: bool = False,
) -> Standpoint:
    """A client in a few words; in a ``room`` there are two dumbbells and nothing is known of any lift."""
    profile = replace(of.profile, inventory=ROOM, max_kg={}) if room else of.profile
    return replace(of, profile=profile, goal=goal, training_age=age, days_a_week=days, minutes=minutes)


NEW, SOME, LONG = TrainingAge.NEW, TrainingAge.SOME, TrainingAge.EXPERIENCED
BACK, NEVER = TrainingAge.RETURNING, TrainingAge.SEDENTARY
WARM = "warm-up/march-in-place: 1 x 180 s"
SQUAT_DAY = (
    WARM, "back-squat: 1 x 5, 60 kg, ramp", "back-squat: 3 x 6-8, 100 kg, rest 2:30, leave 2",
    "romanian-deadlift: 3 x 8-10, rest 2:00, leave 2", "accessory/split-squat: 2 x 10 each side, rest 1:30, leave 2",
    "trunk/plank: 3 x 40 s, rest 60 s",
)  # fmt: skip
PRESS_DAY = (
    WARM, "bench-press: 1 x 6, 40 kg, ramp", "bench-press: 3 x 6-8, 72.5 kg, rest 2:30, leave 2",
    "barbell-row: 3 x 8-10, 60 kg, rest 2:00, leave 2", "accessory/lateral-raise: 2 x 12-15, rest 60 s, leave 2",
    "accessory/face-pull: 2 x 12-15, rest 60 s, leave 2",
)  # fmt: skip
HINGE_DAY = (
    WARM, "deadlift: 1 x 5, 80 kg, ramp", "deadlift: 3 x 5, 125 kg, rest 3:00, leave 3",
    "overhead-press: 3 x 6-8, 40 kg, rest 2:00, leave 2", "accessory/lat-pulldown: 3 x 8-12, rest 1:30, leave 2",
    "trunk/side-plank: 2 x 30 s each side, rest 30 s",
)  # fmt: skip
WHOLE = (
    WARM, "goblet-squat: 3 x 8-10, rest 1:30, leave 3", "dumbbell-bench-press: 3 x 8-10, rest 1:30, leave 3",
    "dumbbell-row: 3 x 8-10 each side, rest 1:30, leave 3", "glute-bridge: 2 x 12, rest 60 s, leave 3",
    "trunk/dead-bug: 2 x 8 each side, rest 30 s",
)  # fmt: skip
WHOLE_B = (
    WARM, "romanian-deadlift: 3 x 8-10, rest 1:30, leave 3", "push-up: 3 x 8-12, bw, rest 1:30, leave 3",
    "lat-pulldown: 3 x 8-12, rest 1:30, leave 3", "low-step-up: 2 x 8 each side, rest 60 s, leave 3",
    "trunk/plank: 2 x 30 s, rest 30 s",
)  # fmt: skip
ROOM_DAY = (
    WARM, "bodyweight-squat: 3 x 15, bw, rest 60 s, leave 3", "push-up: 3 x 10, bw, rest 60 s, leave 3",
    "dumbbell-row: 3 x 10 each side, 12 kg, rest 60 s, leave 3", "single-leg-bridge: 2 x 10 each side, bw, rest 60 s",
    "trunk/dead-bug: 2 x 8 each side, rest 30 s",
)  # fmt: skip
OLDER = (
    WARM, "chair-squat: 3 x 8, bw, rest 90 s, leave 3", "wall-push-up: 2 x 10, bw, rest 60 s, leave 3",
    "chest-supported-row: 3 x 12, rest 60 s, leave 3", "supported-single-leg-stand: 2 x 30 s each side",
    "suitcase-hold: 2 x 20 s each side, rest 60 s",
)  # fmt: skip


def eased(day: tuple[str, ...]) -> tuple[str, ...]:
    """A day whose fourth week has a set less of everything."""

    def less(line: str) -> str:
        name, _, text = line.partition(": ")
        sets, _, rest = text.partition(" x ")
        return f"{name}: {text} | {text} | {text} | {max(int(sets) - 1, 1)} x {rest}"

    return tuple(less(line) for line in day)


SOUND: tuple[tuple[str, Standpoint, Program], ...] = (
    ("strength, three days", who(GoalKind.STRENGTH), plan((0, SQUAT_DAY), (2, PRESS_DAY), (4, HINGE_DAY), kinds="bbb")),
    ("strength, long in training", who(GoalKind.STRENGTH, LONG), plan((0, SQUAT_DAY), (2, PRESS_DAY), (4, HINGE_DAY))),
    ("fitness, two whole-body days", who(days=2), plan((0, WHOLE), (3, WHOLE_B))),
    ("fitness, three whole-body days", who(), plan((0, WHOLE), (2, WHOLE_B), (4, WHOLE))),
    ("first months, two days", who(age=NEW, days=2), plan((1, WHOLE), (4, WHOLE_B))),
    ("never active, two days", who(age=NEVER, days=2), plan((0, WHOLE_B), (3, WHOLE_B))),
    ("coming back", who(age=BACK, days=2), plan((0, WHOLE), (3, WHOLE_B))),
    ("body weight as the goal", who(GoalKind.BODY_WEIGHT), plan((0, WHOLE), (2, WHOLE_B), (4, WHOLE))),
    ("everyday strength", who(GoalKind.EVERYDAY, days=2), plan((1, WHOLE_B), (5, WHOLE))),
    ("for the joy of it", who(GoalKind.ENJOYMENT, days=2), plan((0, WHOLE), (3, WHOLE_B))),
    ("posture", who(GoalKind.POSTURE, days=2), plan((0, WHOLE_B), (3, WHOLE))),
    ("at home, two dumbbells", who(room=True, days=2, minutes=40), plan((0, ROOM_DAY), (3, ROOM_DAY))),
    (
        "at home, three days, new",
        who(age=NEW, room=True, minutes=45),
        plan((0, ROOM_DAY), (2, ROOM_DAY), (4, ROOM_DAY)),
    ),
    ("an older client", who(GoalKind.EVERYDAY, NEVER, 2, 45), plan((1, OLDER), (4, OLDER))),
    ("an older client, three days", who(GoalKind.EVERYDAY, NEW, 3, 45), plan((0, OLDER), (2, OLDER), (4, OLDER))),
    (
        "a tall order of one hour in forty minutes",
        who(minutes=40, days=2),
        plan((0, WHOLE[:5]), (3, WHOLE_B[:5])),
    ),
    (
        "pairs of opposites",
        who(days=2, minutes=45),
        plan(
            (
                0,
                (
                    WARM,
                    pair(
                        "dumbbell-bench-press: 3 x 10, rest 60 s, leave 3",
                        "dumbbell-row: 3 x 10 each side, rest 60 s, leave 3",
                        Pairing.OPPOSITE,
                    ),
                    "goblet-squat: 3 x 10, rest 90 s, leave 3",
                    "romanian-deadlift: 3 x 10, rest 90 s, leave 3",
                ),
            ),
            (3, WHOLE_B),
        ),
    ),
    (
        "power before strength",
        who(GoalKind.EVENT),
        plan((0, (WARM, "box-jump: 4 x 3, rest 90 s", *SQUAT_DAY[1:])), (2, PRESS_DAY), (4, HINGE_DAY)),
    ),
    (
        "a trip on foot",
        who(GoalKind.EVENT, days=3),
        plan((0, SQUAT_DAY), (2, WHOLE_B), (5, (WARM, "cardio/brisk-walk: 1 x 45 min"))),
    ),
    (
        "a run on its own day",
        who(GoalKind.EVENT, days=3, minutes=75),
        plan((0, WHOLE), (2, WHOLE_B), (5, (WARM, "cardio/easy-run: 1 x 40 min"))),
    ),
    (
        "upper and lower, four days",
        who(GoalKind.SIZE, SOME, 4, 75),
        plan((0, SQUAT_DAY), (1, PRESS_DAY), (3, HINGE_DAY), (4, WHOLE[:1] + PRESS_DAY[1:])),
    ),
    (
        "loads that climb by the least there is",
        who(GoalKind.STRENGTH),
        plan(
            (
                0,
                (
                    WARM,
                    "back-squat: 1 x 5, 60 kg, ramp",
                    "back-squat: 3 x 5, 100 kg, rest 3:00 | 3 x 5, 102.5 kg, rest 3:00 | 3 x 5, 105 kg, rest 3:00",
                    *SQUAT_DAY[3:],
                ),
            ),
            (2, PRESS_DAY),
            (4, HINGE_DAY),
            kinds="bbb",
        ),
    ),
    (
        "an easier week after three",
        who(GoalKind.STRENGTH, LONG),
        plan(
            (
                0,
                (
                    WARM,
                    "back-squat: 1 x 5, 60 kg, ramp",
                    "back-squat: 3 x 6, 100 kg | 3 x 6, 100 kg | 3 x 6, 102.5 kg | 2 x 6, 90 kg",
                    *eased(SQUAT_DAY[3:]),
                ),
            ),
            (2, eased(PRESS_DAY)),
            (4, eased(HINGE_DAY)),
            kinds="bbbe",
        ),
    ),
    (
        "a sore knee spared",
        who(days=2, of=SORE),
        plan(
            (
                0,
                (
                    WARM,
                    "romanian-deadlift: 3 x 8-10, rest 1:30, leave 3",
                    "dumbbell-bench-press: 3 x 8-10, rest 1:30, leave 3",
                    "dumbbell-row: 3 x 8-10 each side, rest 1:30, leave 3",
                    "glute-bridge: 3 x 12, rest 60 s, leave 3",
                ),
            ),
            (
                3,
                (
                    WARM,
                    "hip-thrust: 3 x 8-10, rest 2:00, leave 3",
                    "lat-pulldown: 3 x 8-12, rest 1:30, leave 3",
                    "push-up: 3 x 8-12, bw, rest 1:30, leave 3",
                    "trunk/dead-bug: 2 x 8 each side, rest 30 s",
                ),
            ),
        ),
    ),
    ("optional day on top", who(days=2), plan((0, WHOLE), (3, WHOLE_B), (5, WHOLE), top_ups=1)),
    ("one day a week", who(days=1), plan((2, WHOLE))),
    ("lagging upper back", who(GoalKind.LAGGING), plan((0, PRESS_DAY), (2, WHOLE_B), (4, PRESS_DAY))),
    ("strong around the shoulder", who(GoalKind.JOINT, days=2), plan((0, WHOLE), (3, PRESS_DAY))),
    (
        "holds and slow work",
        who(days=2),
        plan(
            (
                0,
                (
                    WARM,
                    "wall-sit: 3 x 40 s, rest 60 s",
                    "push-up: 3 x 8, bw, tempo 3-1-1-0, rest 90 s, leave 3",
                    "dumbbell-row: 3 x 10 each side, rest 90 s, leave 3",
                    "glute-bridge: 3 x 12, rest 60 s, leave 3",
                ),
            ),
            (3, WHOLE_B),
        ),
    ),
    ("Tuesday and Saturday", who(days=2), plan((1, WHOLE), (5, WHOLE_B))),
)
