"""Whom a draft is for: the client's file as the drafting reads it, each fact once, in terms the rules use."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import date
from functools import cached_property
from typing import Final

from upright_anvil.core.body.demands import Demand
from upright_anvil.core.body.joints import Joint
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.drafting.words import Interest, against, in_favour, interests, muscles_named, named
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern, Skill, Suits
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.asking import ask_first
from upright_anvil.core.health.cautions import CautionGrade, joint_cautions
from upright_anvil.core.health.history import Condition, JointStatus, State, months_since
from upright_anvil.core.ids import ExerciseId, PlaceId
from upright_anvil.core.loads.features import Feature

OLDER: Final = 65
"""Years from which balance is trained every time and jumps are left to those who train already. House rule."""

MUCH_OLDER: Final = 75
RECENT_BIRTH_MONTHS: Final = 6
"""Months after a birth in which a draft begins with breath, pelvic floor and trunk. House rule; a clinician decides."""

ENDURANCE: Final = frozenset(
    {Interest.RUN, Interest.RIDE, Interest.ROW, Interest.SWIM, Interest.HIKE, Interest.STAMINA, Interest.SNOW}
)
_ENDURING: Final = frozenset({GoalKind.FITNESS, GoalKind.BODY_WEIGHT, GoalKind.EVENT, GoalKind.ENJOYMENT})
_STEADY_SUPPORT: Final = (Feature.WALL, Feature.CHAIR, Feature.BOX, Feature.STAIRS)


@dataclass(frozen=True, slots=True)
class OwnWords:
    """What stands in the file in the client's or trainer's words, and what is not for the checks.

    ``weekdays`` are the fixed days, Monday = 0; ``ready_by`` is the day of a trip or race; ``hurt`` are exercises with
    pain in the sets logged of late.
    """

    goal: str = ""
    second_goal: str = ""
    about: str = ""
    likes: str = ""
    dislikes: str = ""
    age: int | None = None
    weekdays: tuple[int, ...] = ()
    ready_by: date | None = None
    hurt: frozenset[ExerciseId] = frozenset()


@dataclass(frozen=True)
class Brief:
    """The client as the drafting sees them, on the day it begins; ``away`` are weeks (from 1) at another place."""

    who: Standpoint
    said: OwnWords
    on: date
    away: Mapping[int, PlaceId] = field(default_factory=dict)

    @cached_property
    def interests(self) -> frozenset[Interest]:
        """What the goals speak of, and what the notes say is hard or needed."""
        told = interests(f"{self.said.about} {self._health_words}")
        return interests(f"{self.said.goal} {self.said.second_goal}") | (
            told & {Interest.STEADY, Interest.STAIRS, Interest.FLOOR, Interest.DESK}
        )

    @cached_property
    def _health_words(self) -> str:
        return " ".join(at.entry.words for at in self.who.profile.standing)

    def condition(self, topic: Condition) -> JointStatus | None:
        """Answer how a condition stands; None where nothing is written of it."""
        return next((at for at in self.who.profile.standing if at.topic is topic), None)

    @cached_property
    def expecting(self) -> bool:
        """Whether a pregnancy is written down."""
        return self.condition(Condition.PREGNANCY) is not None

    @cached_property
    def months_after_birth(self) -> int | None:
        """The whole months since a birth, where one is written down."""
        at = self.condition(Condition.AFTER_BIRTH)
        return None if at is None else months_since(at.entry, self.on)

    @cached_property
    def new_mother(self) -> bool:
        """Whether a birth is so recent that breath, pelvic floor and trunk come first."""
        months = self.months_after_birth
        return months is not None and months < RECENT_BIRTH_MONTHS

    @cached_property
    def older(self) -> bool:
        """Whether the client is 65 or more."""
        return self.said.age is not None and self.said.age >= OLDER

    @cached_property
    def unsteady(self) -> bool:
        """Whether falls or unsteadiness are written down, or the years alone make it likely."""
        return Interest.STEADY in self.interests or (self.said.age or 0) >= MUCH_OLDER

    @cached_property
    def trained(self) -> bool:
        """Whether the client has lifted for more than half a year."""
        return self.who.training_age in (TrainingAge.SOME, TrainingAge.EXPERIENCED)

    @cached_property
    def careful(self) -> bool:
        """Whether only what anybody can do, with plenty left, is drafted."""
        return bool(
            self.who.clearance
            or self.unsteady
            or self.expecting
            or self.months_after_birth is not None
            or self.condition(Condition.HEART)
            or self.condition(Condition.BLOOD_PRESSURE)
            or (self.older and not self.trained)
            or self.who.training_age in (TrainingAge.SEDENTARY, TrainingAge.NOT_SAID)
        )

    @cached_property
    def quiet(self) -> bool:
        """Whether jumps and other impact are left out."""
        legs = (Joint.KNEE, Joint.ANKLE, Joint.HIP, Joint.LOWER_BACK)
        sore = any(at.topic in legs and at.state is not State.WATCH for at in self.who.profile.standing)
        return self.careful or self.older or sore

    @cached_property
    def endurance(self) -> bool:
        """Whether endurance belongs into the week, for either goal."""
        goals = {self.who.goal, self.who.second_goal}
        return bool(goals & _ENDURING) or bool(self.interests & ENDURANCE) or GoalKind.EVERYDAY in goals

    @cached_property
    def endures_first(self) -> bool:
        """Whether the main goal is a run, ride or tour."""
        return bool(interests(self.said.goal) & (ENDURANCE - {Interest.STAMINA})) and not self.who.wants(
            GoalKind.STRENGTH, GoalKind.SIZE
        )

    @cached_property
    def endurance_share(self) -> float:
        """The share of the week's time that endurance is to have: half for a main goal of it, a third for a second one.

        Less where it only rounds off. House rule.
        """
        if not self.endurance:
            return 0.0
        if self.endures_first:
            return 0.45
        if self.careful:
            return 0.18
        if interests(self.said.second_goal) & ENDURANCE:
            return 0.33
        return 0.22 if self.who.wants(GoalKind.BODY_WEIGHT, GoalKind.FITNESS) else 0.12

    @cached_property
    def lagging(self) -> tuple[Muscle, ...]:
        """The muscles that are to be brought up, where a goal says so."""
        said = [
            text
            for goal, text in (
                (self.who.goal, self.said.goal), (self.who.second_goal, self.said.second_goal),
            )
            if goal in (GoalKind.LAGGING, GoalKind.SIZE, GoalKind.POSTURE) or "bring up" in text or "lagging" in text
        ]  # fmt: skip
        return muscles_named(" ".join(said))

    @cached_property
    def joint(self) -> Joint | None:
        """The joint that is to be made strong, by the goal's words, else by what is written of joints."""
        if GoalKind.JOINT not in (self.who.goal, self.who.second_goal):
            return None
        text = f"{self.said.goal} {self.said.second_goal}".lower()
        by_words = next((joint for joint in Joint if joint.value in text or f"{joint.value}s" in text), None)
        return by_words or next((at.topic for at in self.who.profile.standing if isinstance(at.topic, Joint)), None)

    @cached_property
    def liked(self) -> frozenset[ExerciseId]:
        """Exercises asked for by name, in the file's likes or notes."""
        every = self.who.profile.exercises.values()
        return named(f"{self.said.likes}, {in_favour(self.said.about)}", every) - self.disliked

    @cached_property
    def disliked(self) -> frozenset[ExerciseId]:
        """Exercises the client would rather not do."""
        every = self.who.profile.exercises.values()
        return named(f"{self.said.dislikes}, {against(self.said.about)}", every)

    @cached_property
    def suits(self) -> frozenset[Suits]:
        """Which of the exercises that are there for some belong to this client."""
        found = {
            Suits.AFTER_BIRTH: self.months_after_birth is not None,
            Suits.PREGNANCY: self.expecting,
            Suits.UNSTEADY: self.unsteady,
        }
        return frozenset(whom for whom, holds in found.items() if holds)

    def may(self, exercise: Exercise) -> bool:
        """Answer whether an exercise may stand in the draft at all: skill, health, wishes; the place is not asked."""
        if exercise.removed or exercise.id in self.disliked or exercise.id in self.said.hurt:
            return False
        if exercise.on_request and not self.suits & set(exercise.suits) and exercise.id not in self.liked:
            return False
        if not self._skilled(exercise) or not self._steady_enough(exercise):
            return False
        if self.quiet and Demand.IMPACT in exercise.demands:
            return False
        if ask_first(exercise, None, self.who.profile.standing, self.on):
            return False
        return all(c.grade is CautionGrade.NOTE for c in joint_cautions(exercise, self.who.profile.standing))

    def _skilled(self, exercise: Exercise) -> bool:
        if exercise.skill is Skill.ANYONE:
            return True
        if exercise.id in self.liked and not self.careful:
            return True
        if exercise.skill is Skill.MUCH:
            return self.who.training_age is TrainingAge.EXPERIENCED and not self.careful and not self.older
        return not self.careful

    def _steady_enough(self, exercise: Exercise) -> bool:
        """Who may fall gets nothing unstable, no stepping out into a lunge, no free jump or quick turn."""
        if not self.unsteady or exercise.kind is ExerciseKind.BALANCE:
            return not (self.unsteady and not exercise.stable and Feature.WALL not in exercise.needs)
        held = any(need in _STEADY_SUPPORT for need in exercise.needs)
        stepping = exercise.pattern is Pattern.LUNGE and not held
        quick = exercise.kind in (ExerciseKind.JUMP, ExerciseKind.THROW)
        return exercise.stable and not stepping and not quick
