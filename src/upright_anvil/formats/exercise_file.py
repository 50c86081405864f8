"""The exercise data file: TOML, one table an exercise, readable and editable by hand."""

import tomllib
from decimal import Decimal
from functools import lru_cache
from importlib import resources
from typing import Any

from upright_anvil.core.constants import DEFAULT_REP_SECONDS
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.loads.implements import ImplementKind


@lru_cache(maxsize=1)
def shipped_exercises() -> dict[str, Exercise]:
    """Answer the exercises that ship with the app, by id, in the file's order."""
    text = resources.files("upright_anvil").joinpath("data/exercises.toml").read_text("utf-8")
    return parse_exercises(text)


def parse_exercises(text: str) -> dict[str, Exercise]:
    """Read an exercise file. Raises `KeyError` or `ValueError` where a field lacks or a value is unknown."""
    tables = tomllib.loads(text, parse_float=Decimal)
    return {exercise_id: _exercise(exercise_id, table) for exercise_id, table in tables.items()}


def _exercise(exercise_id: str, table: dict[str, Any]) -> Exercise:
    return Exercise(
        id=exercise_id,
        name=table["name"],
        pattern=Pattern(table["pattern"]),
        movers=tuple(table["movers"]),
        helpers=tuple(table.get("helpers", ())),
        implements=tuple(ImplementKind(kind) for kind in table["implements"]),
        bodyweight_share=Decimal(table.get("share", 0)),
        rep_seconds=table.get("rep_seconds", DEFAULT_REP_SECONDS),
        one_sided=table.get("one_sided", False),
        cues=tuple(table.get("cues", ())),
    )
