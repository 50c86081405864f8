"""Finding an exercise by name, muscle, pattern, kit or a joint to go easy on, as it is typed."""

import difflib
import re
from collections.abc import Iterable
from dataclasses import dataclass

from upright_anvil.core.body.joints import Joint, Stress
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.loads.features import EVERYWHERE
from upright_anvil.core.loads.implements import ImplementKind

_JOINTS = "|".join(Joint)
_FRIENDLY = re.compile(
    rf"\b({_JOINTS})s?[ -]?(?:friendly|sparing|easy)\b"
    rf"|\b(?:easy|light) on (?:the )?({_JOINTS})s?\b"
    rf"|\bno ({_JOINTS})s?\b"
)
_NO_KIT = re.compile(r"\bno (?:equipment|kit)\b|\bbody ?weight\b")
_SAME_WORD = {
    "abs": "trunk",
    "core": "trunk",
    "quads": "quadriceps",
    "cable": "stack",
    "machine": "stack",
    "delts": "shoulder",
}


@dataclass(frozen=True, slots=True)
class _Entry:
    exercise: Exercise
    names: tuple[str, str]
    words: str


class SearchIndex:
    """Exercises made ready for searching; made once for a state of the library."""

    def __init__(self, exercises: Iterable[Exercise]) -> None:
        shown = sorted((e for e in exercises if not e.removed), key=lambda e: (e.name.lower(), e.id))
        self._entries = tuple(_entry(e) for e in shown)
        self._vocabulary = tuple(sorted({word for entry in self._entries for word in entry.words.split()}))

    def find(self, query: str, limit: int = 30) -> tuple[Exercise, ...]:
        """Answer the exercises that fit every word of a query, best first; an empty query answers all by name.

        A word fits where a word of the name, a muscle, the pattern, the sort or the kit begins with it. "knee friendly"
        (any joint) leaves out what asks more than a little of that joint; "no equipment" asks for body weight alone.
        A word nobody knows is read as the nearest one known. House rule.
        """
        text = " ".join(query.lower().split())
        spared = [Joint(next(filter(None, found))) for found in _FRIENDLY.findall(text)]
        text = _FRIENDLY.sub(" ", text)
        no_kit = bool(_NO_KIT.search(text))
        words = [_SAME_WORD.get(word, word) for word in _plain(_NO_KIT.sub(" ", text)).split()]
        fitting = [e for e in self._entries if _spares(e.exercise, spared) and (not no_kit or _without_kit(e.exercise))]
        found = self._matching(fitting, words)
        if not found and words:
            found = self._matching(fitting, [self._nearest(word) for word in words])
        return tuple(entry.exercise for entry in found[:limit])

    def _matching(self, entries: list[_Entry], words: list[str]) -> list[_Entry]:
        found = [e for e in entries if all(f" {word}" in e.words for word in words)]
        if not words:
            return found
        whole = " ".join(words)
        return sorted(found, key=lambda e: min(_rank(name, words, whole) for name in e.names))

    def _nearest(self, word: str) -> str:
        near = difflib.get_close_matches(word, self._vocabulary, 1, 0.75)
        return near[0] if near else word


def _plain(text: str) -> str:
    """Write a text as plain words, so that ``push-up`` and ``push up`` are the same."""
    return re.sub(r"[^a-z0-9]+", " ", text)


def _entry(exercise: Exercise) -> _Entry:
    kit = " ".join(f"{kind} {kind}s" for kind in exercise.implements)
    name = exercise.name.lower()
    joined = name.replace("-", "")
    parts = [
        name,
        *exercise.movers,
        *exercise.helpers,
        exercise.pattern,
        exercise.kind,
        kit,
        *exercise.needs,
        *exercise.kit,
        joined,
    ]
    return _Entry(exercise, (_plain(name), _plain(joined)), f" {_plain(' '.join(parts))} ")


def _rank(name: str, words: list[str], whole: str) -> tuple[int, int]:
    """Order hits: the name begins with what was typed, has all its words, or is found by something else."""
    if whole and name.startswith(whole):
        return (0, len(name))
    if all(re.search(rf"\b{re.escape(word)}", name) for word in words):
        return (1, len(name))
    return (2, 0)


def _spares(exercise: Exercise, joints: list[Joint]) -> bool:
    return all(exercise.stress_on(joint) in (None, Stress.LIGHT) for joint in joints)


def _without_kit(exercise: Exercise) -> bool:
    return (
        ImplementKind.BODYWEIGHT in exercise.implements and EVERYWHERE.issuperset(exercise.needs) and not exercise.kit
    )
