"""What a client's own words come down to: interests, muscles to bring up, exercises asked for or not wanted.

Words are compared by their stems, so that ``running``, ``runs`` and ``run`` are one. House rule.
"""

import re
from collections.abc import Iterable, Iterator
from enum import StrEnum
from functools import lru_cache
from types import MappingProxyType
from typing import Final

from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise, ExerciseKind, Pattern
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.loads.implements import ImplementKind


class Interest(StrEnum):
    """What somebody wants to be able to do, or finds hard."""

    RUN = "running"
    RIDE = "riding a bike"
    ROW = "rowing"
    SWIM = "swimming"
    HIKE = "walking up and down hills"
    CLIMB = "climbing"
    SNOW = "snow and slopes"
    GAMES = "quick turns and jumps"
    STAMINA = "stamina"
    STAIRS = "stairs"
    FLOOR = "getting up from the floor"
    STEADY = "steadiness"
    CARRY = "carrying and lifting"
    DESK = "sitting all day"
    PULL_UP = "a pull-up"
    GRIP = "grip"
    POWER = "power"


_INTERESTS: Final = MappingProxyType(
    {
        Interest.RUN: "run runner jog marathon halfmarathon 5k 10k 5km 10km race sprint triathlon ultra",
        Interest.RIDE: "cycle cyclist bike ride triathlon sportive gravel",
        Interest.ROW: "rower regatta ergometer",
        Interest.SWIM: "swim swimmer triathlon lake",
        Interest.HIKE: "hike hiker hut trek mountain hill walk pack rucksack trail pilgrim ridge summit downhill alp",
        Interest.CLIMB: "climb climber boulder crag",
        Interest.SNOW: "ski skier snowboard slope skate",
        Interest.GAMES: "tennis football soccer basketball volleyball handball badminton hockey rugby netball squash "
        "dance martial judo karate fence padel",
        Interest.STAMINA: "stamina endurance breath fit fitter fitness cardio conditioning heart puff energy interval",
        Interest.STAIRS: "stair step",
        Interest.FLOOR: "floor kneel",
        Interest.STEADY: "fall fell unsteady balance stumble wobbly dizzy",
        Interest.CARRY: "carry lift shop bag garden toddler child grandchild grandchildren baby haul pram",
        Interest.DESK: "desk sit screen office posture slouch hunch computer",
        Interest.PULL_UP: "pull-up pullup chin-up chinup",
        Interest.GRIP: "grip",
        Interest.POWER: "jump power explosive vertical throw fast quick",
    }
)
_MUSCLES: Final = MappingProxyType(
    {
        "glute": (Muscle.GLUTES,), "bum": (Muscle.GLUTES,), "bottom": (Muscle.GLUTES,), "hip": (Muscle.GLUTES,),
        "calf": (Muscle.CALVES,), "calve": (Muscle.CALVES,),
        "quad": (Muscle.QUADRICEPS,), "thigh": (Muscle.QUADRICEPS,), "leg": (Muscle.QUADRICEPS, Muscle.HAMSTRINGS),
        "hamstr": (Muscle.HAMSTRINGS,), "hamstring": (Muscle.HAMSTRINGS,),
        "chest": (Muscle.CHEST,), "pec": (Muscle.CHEST,),
        "shoulder": (Muscle.SIDE_SHOULDER, Muscle.REAR_SHOULDER), "delt": (Muscle.SIDE_SHOULDER,),
        "arm": (Muscle.BICEPS, Muscle.TRICEPS), "bicep": (Muscle.BICEPS,), "tricep": (Muscle.TRICEPS,),
        "back": (Muscle.UPPER_BACK, Muscle.LATS), "lat": (Muscle.LATS,), "trap": (Muscle.UPPER_BACK,),
        "forearm": (Muscle.FOREARMS,), "grip": (Muscle.FOREARMS,),
        "ab": (Muscle.TRUNK,), "core": (Muscle.TRUNK,), "trunk": (Muscle.TRUNK,), "oblique": (Muscle.OBLIQUES,),
    }
)  # fmt: skip
_KINDS: Final = MappingProxyType(
    {
        "jump": ExerciseKind.JUMP, "plyo": ExerciseKind.JUMP, "throw": ExerciseKind.THROW, "carry": ExerciseKind.CARRY,
        "cardio": ExerciseKind.CARDIO, "stretch": ExerciseKind.STRETCH,
    }
)  # fmt: skip
_IMPLEMENTS: Final = MappingProxyType(
    {
        "machine": ImplementKind.STACK, "barbell": ImplementKind.BARBELL, "kettlebell": ImplementKind.KETTLEBELL,
        "band": ImplementKind.BAND, "dumbbell": ImplementKind.DUMBBELL,
    }
)  # fmt: skip
_PATTERNS: Final = MappingProxyType({"lunge": Pattern.LUNGE, "squat": Pattern.SQUAT, "carry": Pattern.CARRY})
_RUNS: Final = frozenset({"easy-run", "run-intervals", "sprint", "treadmill"})
_WORD = re.compile(r"[a-z0-9]+(?:-[a-z0-9]+)*")
_AGAINST = re.compile(
    r"\b(?:hates?|dislikes?|loathes?|can(?:no|')t stand|won't do|would rather not|does(?: not|n't) (?:like|enjoy|want)|"
    r"do(?: not|n't) like|never again|no more|avoids?|not keen on|refuses)\b\s*(?:to\s+)?([^.;!?]+)",
    re.IGNORECASE,
)
_FOR = re.compile(
    r"\b(?<!not )(?:loves?|likes?|enjoys?|favourites?(?: is| are)?|fond of)\b\s*(?:to\s+)?([^.;!?]+)", re.IGNORECASE
)
_LINKS = re.compile(r",|;|/|\n|\band\b|\bor\b|\bbut\b")
_SHORTEST = 2


@lru_cache(maxsize=4096)
def stem(word: str) -> str:
    """Answer a word without its ending: ``running`` and ``runs`` are ``run``, ``cycling`` and ``cycle`` ``cycl``."""
    word = word.lower().replace("’", "'")
    for ending in ("ing", "es", "ed", "s"):
        if word.endswith(ending) and len(word) - len(ending) > _SHORTEST and not word.endswith("ss"):
            word = word[: -len(ending)] if ending != "es" or word[-3] in "sxh" else word[:-1]
            break
    if len(word) > 3 and word[-1] == word[-2] and word[-1] not in "sl":  # noqa: PLR2004
        return word[:-1]
    return word.removesuffix("e") if len(word) > 3 else word  # noqa: PLR2004


def stems(text: str) -> frozenset[str]:
    """Answer the stems of a text; parts of a word with a hyphen count too."""
    found = set()
    for word in _WORD.findall(
        text.lower().replace("half marathon", "halfmarathon").replace("half-marathon", "halfmarathon")
    ):
        found |= {stem(word), *(stem(part) for part in word.split("-"))}
    return frozenset(found)


_MUSCLES_BY_STEM: Final = {stem(word): muscles for word, muscles in _MUSCLES.items()}
_KINDS_BY_STEM: Final = {stem(word): kind for word, kind in _KINDS.items()}
_IMPLEMENTS_BY_STEM: Final = {stem(word): kind for word, kind in _IMPLEMENTS.items()}
_PATTERNS_BY_STEM: Final = {stem(word): pattern for word, pattern in _PATTERNS.items()}
_STEMS: Final = {interest: frozenset(stem(word) for word in words.split()) for interest, words in _INTERESTS.items()}


def interests(text: str) -> frozenset[Interest]:
    """Answer what a text speaks of."""
    said = stems(text)
    return frozenset(interest for interest, words in _STEMS.items() if words & said)


def muscles_named(text: str) -> tuple[Muscle, ...]:
    """Answer the muscles that a text names, each once."""
    said = stems(text)
    return tuple(
        dict.fromkeys(muscle for word, muscles in _MUSCLES_BY_STEM.items() if word in said for muscle in muscles)
    )


def against(text: str) -> str:
    """Answer what a note says the client would rather not do: ``hates burpees`` → ``burpees``."""
    return ", ".join(match.group(1) for match in _AGAINST.finditer(text))


def in_favour(text: str) -> str:
    """Answer what a note says the client likes to do."""
    return ", ".join(match.group(1) for match in _FOR.finditer(_AGAINST.sub("", text)))


def named(text: str, exercises: Iterable[Exercise]) -> frozenset[ExerciseId]:
    """Answer the exercises that a list in words means: by name, kind, pattern or what they are loaded with."""
    # What is said again and again is looked for once.
    phrases = {said for phrase in set(_LINKS.split(text)) if (said := _phrase(phrase))}
    return frozenset(e.id for e in exercises if any(_meant(e, said) for said in phrases)) if phrases else frozenset()


_EMPTY: Final = frozenset(
    {
        "the", "a", "an", "any", "all", "of", "for", "no", "not", "with", "on", "in", "to", "her", "his", "their", "my",
        "more", "very", "doe", "do", "it",
    }
)  # fmt: skip


def _phrase(text: str) -> frozenset[str]:
    return frozenset(stem(word) for word in _WORD.findall(text.lower())) - _EMPTY


def _meant(exercise: Exercise, said: frozenset[str]) -> bool:
    if len(said) == 1:
        (word,) = said
        if _KINDS_BY_STEM.get(word) is exercise.kind or _PATTERNS_BY_STEM.get(word) is exercise.pattern:
            return True
        if word in _IMPLEMENTS_BY_STEM and exercise.implements[0] is _IMPLEMENTS_BY_STEM[word]:
            return True
        if word in ("run", "jog") and exercise.id in _RUNS:
            return True
    return any(said <= name for name in _names(exercise))


def _names(exercise: Exercise) -> Iterator[frozenset[str]]:
    for name in (exercise.name, *exercise.also):
        yield _name(name)


@lru_cache(maxsize=8192)
def _name(name: str) -> frozenset[str]:
    return stems(name)
