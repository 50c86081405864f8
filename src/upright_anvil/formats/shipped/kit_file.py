"""The file of usual kits: TOML, one table a kit with its equipment text in each unit, and pieces to pick."""

import tomllib
from dataclasses import dataclass
from functools import lru_cache

from upright_anvil.formats.shipped.exercise_file import DATA


@dataclass(frozen=True, slots=True)
class UsualKit:
    """A kit to start from: its name, what it is in a sentence, its equipment text in kilograms and in pounds."""

    id: str
    name: str
    about: str
    kg: str
    lb: str


@dataclass(frozen=True, slots=True)
class UsualKits:
    """All usual kits, and single lines to pick: weighed things in kilograms and in pounds, things without weight."""

    kits: tuple[UsualKit, ...]
    kg: tuple[str, ...]
    lb: tuple[str, ...]
    things: tuple[str, ...]


@lru_cache(maxsize=1)
def usual_kits() -> UsualKits:
    """Answer the usual kits in the file's order. Raises `KeyError` where a field lacks."""
    tables = tomllib.loads(DATA.joinpath("usual_kits.toml").read_text("utf-8"))
    pieces = tables.pop("pieces")
    kits = tuple(UsualKit(key, kit["name"], kit["about"], kit["kg"], kit["lb"]) for key, kit in tables.items())
    return UsualKits(kits, tuple(pieces["kg"]), tuple(pieces["lb"]), tuple(pieces["things"]))
