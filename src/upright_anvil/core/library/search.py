"""Finding an exercise by what people call it, by muscle, pattern, kit or a joint to go easy on, as it is typed."""

import re
from bisect import bisect_left
from collections import defaultdict
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from itertools import pairwise
from typing import Final

from upright_anvil.core.body.joints import Joint, Stress
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.library.vocabulary import expanded, plain, tokens
from upright_anvil.core.loads.features import EVERYWHERE
from upright_anvil.core.loads.implements import ImplementKind

_JOINTS = "|".join(Joint)
_FRIENDLY = re.compile(
    rf"\b({_JOINTS})s?[ -]?(?:friendly|sparing|easy)\b"
    rf"|\b(?:easy|light) on (?:the )?({_JOINTS})s?\b"
    rf"|\bno ({_JOINTS})s?\b"
)
_NO_KIT = re.compile(r"\bno (?:equipment|kit)\b")
_KIT_WORDS: Final[Mapping[ImplementKind, str]] = {
    ImplementKind.BARBELL: "barbell bar olympic",
    ImplementKind.DUMBBELL: "dumbbell",
    ImplementKind.KETTLEBELL: "kettlebell",
    ImplementKind.STACK: "cable stack machine pulley",
    ImplementKind.BAND: "band tube",
    ImplementKind.IMPROVISED: "rucksack backpack",
    ImplementKind.MEDICINE_BALL: "medicine ball",
    ImplementKind.ASSISTANCE: "assisted",
    ImplementKind.BODYWEIGHT: "bodyweight",
}
"""What an implement is called where it is typed beside a name."""

PREFIX, SLIP, BESIDE = 0.8, 0.7, 0.5
"""What a word counts that begins a word of the name, is a slip of it, or says muscle, kit, pattern. House rule."""

LEFT_OUT = 0.04
"""What each word of a name takes off that was not typed. House rule."""

EXACT, ORDER = 0.03, 0.005
"""What a name gains that is just the words that were typed, and in their order. House rule."""

NEAREST_SLIP = 0.66
"""How alike a mistyped word must be, by the edits between (two neighbours swapped are one), 0 to 1. House rule."""

SHORTEST_SLIP = 4
"""Letters of a word from which on it may be a slip."""


@dataclass(frozen=True, slots=True)
class Hit:
    """An exercise found; ``named`` where the words really name it, ``name`` is the one of its names they fit."""

    exercise: Exercise
    named: bool
    name: str


@dataclass(frozen=True, slots=True)
class _Name:
    """One name of one exercise (its place in the index) and the words of it; ``rank`` puts the shown name first."""

    at: int
    text: str
    words: tuple[str, ...]
    rank: int


@dataclass(frozen=True, slots=True)
class _Query:
    """What was typed: its words, the joints to spare, and whether nothing may be needed."""

    words: tuple[str, ...]
    spared: tuple[Joint, ...]
    without_kit: bool


class SearchIndex:
    """Exercises made ready for searching; made once for a state of the library.

    ``first`` says which exercise comes first where a short word names many: ``curl`` the biceps curl; ``loaded`` which
    one where it stands with a load: ``squat`` with 60 kg the back squat.
    """

    def __init__(
        self,
        exercises: Iterable[Exercise],
        first: Mapping[str, ExerciseId] | None = None,
        loaded: Mapping[str, ExerciseId] | None = None,
    ) -> None:
        self._shown = tuple(sorted((e for e in exercises if not e.removed), key=lambda e: (e.name.lower(), e.id)))
        self._first = _by_words(first or {})
        self._loaded = self._first | _by_words(loaded or {})
        self._names: list[_Name] = []
        self._having: dict[str, dict[int, int]] = defaultdict(dict)
        self._beside: dict[str, set[int]] = defaultdict(set)
        self._kit: list[frozenset[str]] = []
        self._names_of: list[list[int]] = []
        for at, exercise in enumerate(self._shown):
            self._enter(at, exercise)
        self._vocabulary = tuple(sorted({*self._having, *self._beside}))

    def _enter(self, at: int, exercise: Exercise) -> None:
        mine = []
        for rank, text in enumerate((exercise.name, *exercise.also)):
            words = tokens(text)
            for place, word in enumerate(words):
                self._having[word][len(self._names)] = 1 << place
            for place, (one, next_one) in enumerate(pairwise(words)):
                self._having[one + next_one].setdefault(len(self._names), 0b11 << place)
            mine.append(len(self._names))
            self._names.append(_Name(at, text, words, min(rank, 1)))
        self._names_of.append(mine)
        kit = frozenset(
            tokens(" ".join((*(_KIT_WORDS[i] for i in exercise.loaded_with), *exercise.needs, *exercise.kit)))
        )
        self._kit.append(kit)
        about = " ".join((*exercise.movers, *exercise.helpers, exercise.pattern, exercise.kind))
        for word in {*kit, *tokens(about), *plain(about).split()}:
            self._beside[word].add(at)

    def find(self, query: str, limit: int = 30) -> tuple[Exercise, ...]:
        """Answer the exercises that fit a query, best first; an empty query answers all by name. See `search`."""
        return tuple(hit.exercise for hit in self.search(query, limit))

    def search(self, query: str, limit: int = 30, *, loaded: bool = False) -> tuple[Hit, ...]:
        """Answer the exercises that fit every word of a query, best first; an empty query answers all by name.

        ``loaded`` says that a load of 20 kg or more stands with it.

        A word fits where a word of one of its names, a muscle, the pattern, the sort or the kit begins with it, or is
        mistyped in it; abbreviations count as what they stand for, the order of the words does not matter. "knee
        friendly" (any joint) leaves out what asks more than a little of that joint; "no equipment" leaves out
        what needs any. Where nothing fits every word, what fits most of them is answered, never as named. House rule.
        """
        asked = _query(query)
        open_to = {at for at, e in enumerate(self._shown) if _spares(e, asked.spared)}
        if asked.without_kit:
            open_to = {at for at in open_to if _without_kit(self._shown[at])}
        if not asked.words:
            return tuple(Hit(self._shown[at], named=False, name=self._shown[at].name) for at in sorted(open_to)[:limit])
        fits = [self._fits(word, last=n == len(asked.words) - 1) for n, word in enumerate(asked.words)]
        found = self._scored(asked, fits, open_to, self._loaded if loaded else self._first)
        found.sort(key=lambda one: one[0])
        return tuple(hit for _, hit in found[:limit])

    def names(self, query: str, *, loaded: bool = False) -> Exercise | None:
        """Answer the exercise that the words really name; None where they name none, or only nearly. See `search`."""
        first = next(iter(self.search(query, 1, loaded=loaded)), None)
        return first.exercise if first and first.named else None

    def _fits(self, word: str, *, last: bool) -> dict[str, float]:
        """The words of the library that a typed word stands for, each with what it counts."""
        exact = word in self._having or word in self._beside
        found = {word: 1.0} if exact else {}
        for known in self._vocabulary[bisect_left(self._vocabulary, word) :]:
            if not known.startswith(word):
                break
            found.setdefault(known, PREFIX + (1 - PREFIX) * len(word) / (len(known) + 1) if last or not exact else SLIP)
        if not exact and len(word) >= SHORTEST_SLIP:
            from rapidfuzz import process
            from rapidfuzz.distance import OSA

            near = process.extract(
                word, self._vocabulary, scorer=OSA.normalized_similarity, score_cutoff=NEAREST_SLIP, limit=12
            )
            for known, alike, _ in near:
                found.setdefault(known, SLIP * alike)
        return found

    def _scored(
        self,
        asked: _Query,
        fits: Sequence[Mapping[str, float]],
        open_to: set[int],
        firsts: Mapping[str, ExerciseId],
    ) -> list[tuple[tuple[float, bool, int, int, str], Hit]]:
        by_name: dict[int, dict[int, tuple[float, int]]] = defaultdict(dict)
        by_side: dict[int, dict[int, float]] = defaultdict(dict)
        for n, fit in enumerate(fits):
            for known, counts in fit.items():
                for name, places in self._having.get(known, {}).items():
                    best = by_name[name].get(n)
                    if best is None or best[0] < counts:
                        by_name[name][n] = (counts, places)
                for at in self._beside.get(known, ()):
                    by_side[at][n] = max(by_side[at].get(n, 0.0), BESIDE * counts)
        first = firsts.get(" ".join(sorted(asked.words)))
        whole, partly = [], []
        for at in self._candidates(by_name, by_side, len(fits)) & open_to:
            score, hit, missed = self._best(at, asked.words, fits, by_name, by_side.get(at, {}))
            exercise = hit.exercise
            if exercise.id == first and not missed:
                score, hit = 1.0 + EXACT + ORDER, Hit(exercise, named=True, name=hit.name)
            key = (1 - score, *_plainness(exercise))
            if not missed:
                whole.append((key, hit))
            elif missed <= len(fits) // 2:
                partly.append((key, Hit(exercise, named=False, name=hit.name)))
        return whole or partly

    def _candidates(
        self, by_name: Mapping[int, Mapping[int, object]], by_side: Mapping[int, Mapping[int, object]], many: int
    ) -> set[int]:
        """The exercises that every typed word says something of; where there are none, all that half of them do."""
        said: dict[int, set[int]] = defaultdict(set)
        for name, found in by_name.items():
            said[self._names[name].at].update(found)
        for at, beside in by_side.items():
            said[at].update(beside)
        whole = {at for at, words in said.items() if len(words) == many}
        return whole or {at for at, words in said.items() if 2 * len(words) >= many}

    def _best(
        self,
        at: int,
        asked: Sequence[str],
        fits: Sequence[Mapping[str, float]],
        by_name: Mapping[int, Mapping[int, tuple[float, int]]],
        beside: Mapping[int, float],
    ) -> tuple[float, Hit, int]:
        """The best of an exercise's names for the query: its score, the hit, how many typed words say nothing of it."""
        many = len(fits)
        best: tuple[float, Hit, int] | None = None
        for index in self._names_of[at]:
            name, found = self._names[index], by_name.get(index, {})
            covered, counted, missed, named = 0, 0.0, 0, bool(found)
            for n in range(many):
                in_name, at_side = found.get(n, (0.0, 0)), beside.get(n, 0.0)
                counted += max(in_name[0], at_side)
                covered |= in_name[1]
                missed += not in_name[0] and not at_side
                named = named and bool(in_name[0] or self._is_kit(at, fits[n]))
            left_out = len(name.words) - covered.bit_count()
            score = counted / many - LEFT_OUT * left_out - 0.001 * name.rank - missed
            if best is None or score > best[0]:
                exact = left_out == 0 and len(name.words) == many
                known = left_out == 0 or (left_out == 1 and covered.bit_count() > 1)
                hit = Hit(self._shown[at], named and known, name.text)
                best = (score + EXACT * exact + ORDER * (exact and name.words == asked), hit, missed)
        if best is None:
            raise ValueError("every exercise has a name")
        return best

    def _is_kit(self, at: int, fit: Mapping[str, float]) -> bool:
        return any(counts == 1.0 and known in self._kit[at] for known, counts in fit.items())


def _by_words(first: Mapping[str, ExerciseId]) -> dict[str, ExerciseId]:
    return {" ".join(sorted(tokens(words))): chosen for words, chosen in first.items()}


def understood(query: str) -> str:
    """Answer what was typed with its abbreviations written out; empty where there was nothing to write out."""
    whole = expanded(query)
    return "" if whole == plain(query) else whole


def _query(query: str) -> _Query:
    text = " ".join(query.lower().split())
    spared = tuple(Joint(next(filter(None, found))) for found in _FRIENDLY.findall(text))
    text = _FRIENDLY.sub(" ", text)
    no_kit = bool(_NO_KIT.search(text))
    words = tokens(_NO_KIT.sub(" ", text))
    return _Query(tuple(dict.fromkeys(words)), spared, no_kit)


def _plainness(exercise: Exercise) -> tuple[bool, int, int, str]:
    """What comes first of two that fit alike: what is done every day, what goes by many names, the shorter name."""
    return (exercise.on_request, -min(len(exercise.also), KNOWN_BY_MANY), len(exercise.name), exercise.name)


KNOWN_BY_MANY = 6
"""Other names from which on an exercise is as well known as any. House rule."""


def _spares(exercise: Exercise, joints: Iterable[Joint]) -> bool:
    return all(exercise.stress_on(joint) in (None, Stress.LIGHT) for joint in joints)


def _without_kit(exercise: Exercise) -> bool:
    return (
        ImplementKind.BODYWEIGHT in exercise.implements and EVERYWHERE.issuperset(exercise.needs) and not exercise.kit
    )
