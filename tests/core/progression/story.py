"""Small stories over whole sessions: how they are written down."""

import re
from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from datetime import date, timedelta
from decimal import Decimal
from typing import Any
from unittest import TestCase

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.ledger.how import How, Quality, SetEnd, Source
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.coding import coded
from upright_anvil.core.prescription.load_targets import BodyweightLoad, Coded
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Distance, Seconds
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.core.progression.judge import proposal
from upright_anvil.core.progression.model import Exposure, Lever, ProgressionContext, Proposal
from upright_anvil.core.strength.standing import Slope, Strength

PLACE = read_equipment(
    "bar 20, plates 2x1.25 2x2.5 4x5 4x10 2x20\ndumbbells 6 8 10 12 16\nbelt 2.5 5 20\n"
    "band sand 5, rust 8, slate 12\nmedicine balls 3 3.25 5",
    Unit.KG,
).inventory
SQUAT = Exercise("squat", "Back squat", Pattern.SQUAT, ("quadriceps",), implements=(ImplementKind.BARBELL,))
PRESS = Exercise("press", "Dumbbell press", Pattern.PUSH_VERTICAL, (), implements=(ImplementKind.DUMBBELL,))
PUSH_UP = Exercise("push-up", "Push-up", Pattern.PUSH_HORIZONTAL, (), bodyweight_share=Decimal("0.65"))
RAISED = replace(PUSH_UP, id="raised", name="Push-up, hands raised")
PLANK = Exercise("plank", "Plank", Pattern.TRUNK, (), kind=ExerciseKind.HOLD)
CURL = Exercise("curl", "Curl", Pattern.SINGLE_JOINT, (Muscle.BICEPS,), implements=(ImplementKind.DUMBBELL,))
BAND_CURL = replace(CURL, id="band-curl", name="Band curl", implements=(ImplementKind.BAND,))
BOX_JUMP = Exercise("box-jump", "Box jump", Pattern.SQUAT, (), kind=ExerciseKind.JUMP)
DEPTH_JUMP = replace(BOX_JUMP, id="depth-jump", name="Depth jump")
BALL_THROW = Exercise(
    "ball-throw", "Ball throw", Pattern.ROTATION, (), kind=ExerciseKind.THROW, implements=(ImplementKind.MEDICINE_BALL,)
)
RUN = Exercise("run", "Run", Pattern.LOCOMOTION, (), kind=ExerciseKind.CARDIO)
ONE_LEG = Exercise("one-leg", "Single-leg stand", Pattern.BALANCE, (), kind=ExerciseKind.BALANCE)
EYES_SHUT = replace(ONE_LEG, id="eyes-shut", name="Single-leg stand, eyes closed")
STRETCH = Exercise("stretch", "Calf stretch", Pattern.MOBILITY, (), kind=ExerciseKind.STRETCH)
LONG_PLANK = replace(PLANK, id="long-plank", name="Plank, arms out")
PULL_DOWN = Exercise("pull-down", "Pulldown", Pattern.PULL_VERTICAL, (), implements=(ImplementKind.DUMBBELL,))
PULL_UP = Exercise("pull-up", "Pull-up", Pattern.PULL_VERTICAL, (), bodyweight_share=Decimal(1))
ON_A_BALL = replace(PUSH_UP, id="ball", name="Push-up on a ball", stable=False)
EXERCISES = {
    "squat": SQUAT, "ball push-up": ON_A_BALL, "press": PRESS, "push-up": PUSH_UP, "plank": PLANK, "curl": CURL,
    "band curl": BAND_CURL, "box jump": BOX_JUMP, "ball throw": BALL_THROW, "run": RUN, "one leg": ONE_LEG,
    "stretch": STRETCH, "pulldown": PULL_DOWN, "pull-up": PULL_UP,
}  # fmt: skip
TODAY = date(2026, 3, 2)
RANGE = "3 x 6-8, 60 kg, rest 2:00, leave 2"


def strength(trend: float = 0.005, kg: float = 80.0) -> Strength:
    line = Slope(trend, 0.0035, 63)
    return Strength("e", kg, kg * 0.96, kg * 1.04, 0.02, trend, trend - 0.004, trend + 0.004, 8, TODAY, (), line, line)


SIGNS = {
    "!": How(pain=Joint.KNEE, pain_side=Side.LEFT),
    "~": How(quality=Quality.SLIPPING),
    "#": How(quality=Quality.BROKE_DOWN),
    "f": How(ended=SetEnd.FORM),
    "+": How(checkpoints=1),
    "*": How(checkpoints=2),
    "p": How(ended=SetEnd.PAIN),
    "c": How(quality=Quality.CLEAN),
    "w": How(ended=SetEnd.WILL),
    "y": How(confirmed=True),
    "t": How(ended=SetEnd.TIME),
    "h": How(source=Source.HOME),
}


def rows(asked: str, did: str) -> tuple[PerformedSet, ...]:
    """Sets as ``8/2``, ``8@57.5/1``, ``30`` seconds, ``L7R9``, ``3000m1100s``, ``45(14)``; a sign says more."""
    plan, found = read(asked, Unit.KG), []
    for number, word in enumerate(did.split(), start=1):
        if over := re.fullmatch(r"(\d+)m(?:(\d+)s)?", word):
            took = int(over[2]) if over[2] else None
            found.append(_row(number, seconds=took, metres=int(over[1])))
            continue
        match = re.fullmatch(r"(?:L(\d+)R(\d+)|(\d+))(?:\((\d+)\))?(?:@([\d.]+))?(?:/(\d+))?([!~#f+*pcwyth]?)", word)
        assert match, word
        left, right, amount, counted, load, reserve, sign = match.groups()
        how = SIGNS.get(sign, How())
        if left:
            how, amount = replace(how, left=int(left), right=int(right)), str(min(int(left), int(right)))
        how = replace(how, counted=int(counted)) if counted else how
        timed = isinstance(plan.target, Seconds | Distance)
        found.append(
            _row(
                number,
                reps=None if timed else int(amount), seconds=int(amount) if timed else None,
                load=Load.of(load, Unit.KG) if load else _planned(plan, number),
                assisted=isinstance(plan.load, BodyweightLoad) and plan.load.assisted,
                reserve=int(reserve) if reserve else None, how=how,
            )
        )  # fmt: skip
    return tuple(found)


def _row(number: int, **figures: Any) -> PerformedSet:
    return PerformedSet(f"r{number}", SetPosition("l", number), "e", Outcome.DONE, **figures)


def _planned(plan: Prescription, number: int) -> Load | None:
    """The load that one tap logs for a set."""
    load = plan.plans[min(number, len(plan.plans)) - 1].load
    if isinstance(load, Coded):
        made = coded(load, PLACE)
        return made.load if made else None
    load = load.added if isinstance(load, BodyweightLoad) else load
    return load if isinstance(load, Load) else None


@dataclass(frozen=True)
class Story:
    """What was asked, what was done session by session (oldest first), and what should come of it."""

    told: str
    asked: str
    did: tuple[str, ...]
    lever: Lever
    text: str = ""
    says: str = ""
    exercise: str = "squat"
    policy: str = "double-progression"
    more: dict[str, object] = field(default_factory=dict)
    apart: int = 7
    home: str = ""

    def told_by(self) -> Proposal:
        """What the app asks for next."""
        return proposal(self.context(), self.policy)

    def context(self) -> ProgressionContext:
        last = len(self.did) - 1
        exposures = tuple(
            Exposure(TODAY - timedelta(days=self.apart * (last - n)), read(self.asked, Unit.KG), rows(self.asked, did))
            for n, did in enumerate(self.did)
        )
        return ProgressionContext(
            EXERCISES[self.exercise],
            PLACE,
            read(self.home or self.asked, Unit.KG),
            exposures,
            Decimal(80),
            **self.more,  # type: ignore[arg-type]
        )


def gap(days: int) -> dict[str, object]:
    return {"next_on": TODAY + timedelta(days=days)}


class Stories(TestCase):
    """Tells a table of stories: what is asked for next, its words, and the sentence."""

    def tell(self, stories: Sequence[Story]) -> None:
        self.assertEqual(len({story.told for story in stories}), len(stories))
        for story in stories:
            with self.subTest(story.told):
                found = story.told_by()
                self.assertEqual(found.lever, story.lever, found.rule)
                if story.text:
                    self.assertEqual(found.text, story.text, found.rule)
                self.assertIn(story.says, found.rule)
                self.assertEqual(read(found.text, Unit.KG), found.prescription)
                brief = proposal(replace(story.context(), brief=True), story.policy)
                self.assertEqual(brief, replace(found, evidence=(), alternatives=()))
