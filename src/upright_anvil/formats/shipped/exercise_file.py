"""The exercise and ladder data files: TOML, one table an exercise or ladder, readable and editable by hand."""

import re
import tomllib
from collections.abc import Iterable, Iterator, Mapping
from decimal import Decimal
from functools import lru_cache
from importlib import resources
from typing import Any

from upright_anvil.core.body.demands import Demand
from upright_anvil.core.body.joints import Joint, JointLoad, Stress
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.constants import DEFAULT_REP_SECONDS
from upright_anvil.core.exercises import CueSet, Exercise, ExerciseKind, KinShare, Pattern, Skill, Suits
from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.library.ladders import Ladder, Ladders
from upright_anvil.core.loads.features import Feature
from upright_anvil.core.loads.implements import ImplementKind

DATA = resources.files("upright_anvil").joinpath("data")


class ExerciseFiles(Mapping[ExerciseId, Exercise]):
    """The exercises of some files, by id, file by file; each is read when it is asked for first.

    Raises `ValueError` for an exercise that stands there twice; when one is read, `KeyError` or `ValueError` where a
    field lacks or is not known.
    """

    def __init__(self, texts: Iterable[str]) -> None:
        self._parts: dict[ExerciseId, str] = {}
        for text in texts:
            heads = [*_HEAD.finditer(text)]
            if tomllib.loads(text[: heads[0].start()] if heads else text):
                raise ValueError("something stands before the first exercise")
            ends = [*(head.start() for head in heads[1:]), len(text)]
            for head, end in zip(heads, ends, strict=True):
                if (name := ExerciseId(head[1])) in self._parts:
                    raise ValueError(f"{name} stands there twice")
                self._parts[name] = text[head.start() : end]
        self._tables: dict[str, dict[str, Any]] = {}
        self._read: dict[ExerciseId, Exercise] = {}

    def __getitem__(self, exercise_id: ExerciseId) -> Exercise:
        """Answer an exercise. Raises `KeyError`."""
        found = self._read.get(exercise_id)
        if found is None:
            found = self._read[exercise_id] = exercise_of(exercise_id, self._whole(exercise_id))
        return found

    def __contains__(self, exercise_id: object) -> bool:
        """Answer whether there is such an exercise; none is read for it."""
        return exercise_id in self._parts

    def __iter__(self) -> Iterator[ExerciseId]:
        return iter(self._parts)

    def __len__(self) -> int:
        return len(self._parts)

    def _whole(self, exercise_id: ExerciseId) -> dict[str, Any]:
        """What is said of an exercise, with what it takes from the one it is like."""
        table = self._tables.get(exercise_id)
        if table is None:
            (table,) = tomllib.loads(self._parts[exercise_id], parse_float=Decimal).values()
            if "like" in table:
                base = {f: value for f, value in self._whole(table["like"]).items() if f not in OF_ITS_OWN}
                table = base | {field: value for field, value in table.items() if field != "like"}
            self._tables[exercise_id] = table
        return table


_HEAD = re.compile(r"^\[([\w-]+)\][^\S\n]*(?:#.*)?$", re.MULTILINE)
"""Where an exercise begins: its id in brackets, alone on a line but for a comment."""


@lru_cache(maxsize=1)
def shipped_exercises() -> ExerciseFiles:
    """Answer the exercises that ship with the app, by id, file by file in the files' order."""
    files = sorted(DATA.joinpath("exercises").iterdir(), key=lambda file: file.name)
    return ExerciseFiles(file.read_text("utf-8") for file in files)


@lru_cache(maxsize=1)
def shipped_ladders() -> Ladders:
    """Answer the ladders that ship with the app."""
    return parse_ladders(DATA.joinpath("ladders.toml").read_text("utf-8"))


@lru_cache(maxsize=1)
def first_names() -> dict[str, ExerciseId]:
    """Answer which exercise comes first where a short word names many, by the words."""
    return {words: ExerciseId(name) for words, name in _first_names().items() if isinstance(name, str)}


@lru_cache(maxsize=1)
def first_names_loaded() -> dict[str, ExerciseId]:
    """Answer which exercise comes first where such a word stands with a load (20 kg or more, a bar's weight)."""
    loaded = _first_names()["loaded"]
    assert isinstance(loaded, dict)  # noqa: S101 - so it ships
    return {words: ExerciseId(name) for words, name in loaded.items()}


def _first_names() -> dict[str, object]:
    return tomllib.loads(DATA.joinpath("first_names.toml").read_text("utf-8"))


def parse_exercises(text: str) -> dict[ExerciseId, Exercise]:
    """Read an exercise file. Raises `KeyError` or `ValueError` where a field lacks or is not known."""
    return dict(ExerciseFiles([text]))


OF_ITS_OWN = frozenset({"name", "also", "cues_for", "ladder", "after", "like", "strength"})
"""What an exercise never takes from the one it is like: above all not how heavy it is lifted."""


def parse_ladders(text: str) -> Ladders:
    """Read a ladder file."""
    tables = tomllib.loads(text)
    return Ladders(tuple(Ladder(key, table["name"], tuple(table["rungs"])) for key, table in tables.items()))


_WORDS = """
    name pattern kind movers helpers implements needs share rep_seconds one_sided stable joints strength cues cues_for
    faults asks ladder after kit also on_request skill suits
"""
FIELDS = frozenset(_WORDS.split())
"""The fields of an exercise's table."""


def exercise_of(
    exercise_id: ExerciseId, table: dict[str, Any], *, own: bool = False, edited: bool = False, removed: bool = False
) -> Exercise:
    """Read one table. Raises `KeyError` or `ValueError` where a field lacks or is not known."""
    if unknown := set(table) - FIELDS:
        raise ValueError(f"{exercise_id}: {', '.join(sorted(unknown))} is no field of an exercise")
    strength = dict(table.get("strength", {}))
    return Exercise(
        id=exercise_id,
        name=table["name"],
        pattern=Pattern(table["pattern"]),
        movers=tuple(Muscle(m) for m in table["movers"]),
        helpers=tuple(Muscle(m) for m in table.get("helpers", ())),
        implements=tuple(ImplementKind(kind) for kind in table["implements"]),
        bodyweight_share=Decimal(table.get("share", 0)),
        rep_seconds=table.get("rep_seconds", DEFAULT_REP_SECONDS),
        one_sided=table.get("one_sided", False),
        cues=tuple(table.get("cues", ())),
        kind=ExerciseKind(table.get("kind", "lift")),
        needs=tuple(Feature(need) for need in table.get("needs", ())),
        stable=table.get("stable", True),
        joints=tuple(_joint(name, words) for name, words in table.get("joints", {}).items()),
        family=strength.pop("of", ""),
        strength=tuple(KinShare(ImplementKind(kind), Decimal(share)) for kind, share in strength.items()),
        cue_sets=tuple(CueSet(school, tuple(cues)) for school, cues in table.get("cues_for", {}).items()),
        faults=tuple(table.get("faults", ())),
        asks=tuple(Demand(ask) for ask in table.get("asks", ())),
        ladder=table.get("ladder", ""),
        after=table.get("after", ""),
        kit=tuple(table.get("kit", ())),
        also=tuple(table.get("also", ())),
        on_request=table.get("on_request", False),
        skill=Skill(table.get("skill", Skill.ANYONE)),
        suits=tuple(Suits(whom) for whom in table.get("suits", ())),
        own=own,
        edited=edited,
        removed=removed,
    )


def table_of(exercise: Exercise) -> dict[str, Any]:
    """Write an exercise as a table, the inverse of `exercise_of`; decimals as text, so that it can be kept as JSON."""
    strength = (
        {"of": exercise.family, **{kin.implement.value: str(kin.share) for kin in exercise.strength}}
        if exercise.family
        else {}
    )
    return {
        "name": exercise.name,
        "pattern": exercise.pattern.value,
        "kind": exercise.kind.value,
        "movers": [m.value for m in exercise.movers],
        "helpers": [m.value for m in exercise.helpers],
        "implements": [i.value for i in exercise.implements],
        "needs": [n.value for n in exercise.needs],
        "share": str(exercise.bodyweight_share),
        "rep_seconds": exercise.rep_seconds,
        "one_sided": exercise.one_sided,
        "stable": exercise.stable,
        "joints": {j.joint.value: f"{j.stress}: {j.how}" for j in exercise.joints},
        "strength": strength,
        "cues": list(exercise.cues),
        "cues_for": {s.school: list(s.cues) for s in exercise.cue_sets},
        "faults": list(exercise.faults),
        "asks": [str(ask) for ask in exercise.asks],
        "ladder": exercise.ladder,
        "after": exercise.after,
        "kit": list(exercise.kit),
        "also": list(exercise.also),
        "on_request": exercise.on_request,
        "skill": exercise.skill.value,
        "suits": [whom.value for whom in exercise.suits],
    }


def _joint(name: str, words: str) -> JointLoad:
    stress, _, how = words.partition(":")
    return JointLoad(Joint(name), Stress(stress), how.strip())
