"""How a load is asked for: a weight, body weight, a share of the maximum, a band or code, last time's, or left open."""

from dataclasses import dataclass
from decimal import Decimal
from typing import Literal

from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.load import Kilograms, Load, in_unit, plain
from upright_anvil.core.prescription.bounds import MAX_PER_CENT, check_load

MAX_LABEL = 20


@dataclass(frozen=True, slots=True)
class BodyweightLoad:
    """Body weight, with something added (a vest, a held plate) or taken off (assistance)."""

    added: Load | None = None
    assisted: bool = False

    def __post_init__(self) -> None:
        if self.assisted and self.added is None:
            raise DomainError("Say how much assistance there is, for example 'bw - 15 kg'.")
        if self.added is not None and not self.added.value:
            raise DomainError("Body weight with nothing added is written 'bw'.")

    def __str__(self) -> str:
        return "bw" if self.added is None else f"bw {'-' if self.assisted else '+'} {self.added}"


@dataclass(frozen=True, slots=True)
class ShareOfMax:
    """A share of the estimated maximum, per cent, 1 to 120 in steps of a half."""

    per_cent: Decimal

    def __post_init__(self) -> None:
        if not 1 <= self.per_cent <= MAX_PER_CENT or self.per_cent * 2 % 1:
            raise DomainError(f"A share of the max must be 1 to {MAX_PER_CENT} %, in halves, not {self.per_cent}.")

    def __str__(self) -> str:
        return f"{plain(self.per_cent)} %"


@dataclass(frozen=True, slots=True)
class Coded:
    """A band by its label, or the step of an adjustable set by its code."""

    sort: Literal["band", "step"]
    label: str

    def __str__(self) -> str:
        return f"{self.sort} {self.label}"


@dataclass(frozen=True, slots=True)
class SameAsLastTime:
    """The load of the last session, plus a little where it is said."""

    plus: Load | None = None

    def __post_init__(self) -> None:
        if self.plus is not None:
            check_load(self.plus)

    def __str__(self) -> str:
        return "last time" if self.plus is None else f"last time + {self.plus}"


@dataclass(frozen=True, slots=True)
class OpenLoad:
    """Left open on purpose: found on the day."""

    def __str__(self) -> str:
        return "open load"


@dataclass(frozen=True, slots=True)
class NamedLoad:
    """A thing and what it is called; of several taken at once the name may be left out."""

    name: str
    load: Load | Coded

    def __str__(self) -> str:
        return f"{self.name} {self.load}".strip()


@dataclass(frozen=True, slots=True)
class Together:
    """A thing by its name, or several at once: ``kettlebell 16 kg``, ``rucksack 12 kg + jugs 8 kg``."""

    parts: tuple[NamedLoad, ...]

    def __post_init__(self) -> None:
        if not 1 <= len(self.parts) <= MAX_TOGETHER:
            raise DomainError(f"At most {MAX_TOGETHER} loads go together, not {len(self.parts)}.")
        for part in self.parts:
            if isinstance(part.load, Load):
                check_load(part.load)
        if len(self.parts) == 1 and not self.parts[0].name:
            raise DomainError("One load alone is written without a plus.")
        if not any(isinstance(part.load, Load) for part in self.parts):
            raise DomainError("At least one of the loads taken together is a weight.")

    @property
    def weight(self) -> Load:
        """What its weights come to, in the unit of the first; a band's pull is not counted."""
        weights = [part.load for part in self.parts if isinstance(part.load, Load)]
        total = weights[0]
        for load in weights[1:]:
            total = Load(total.value + in_unit(load.kg, total.unit), total.unit)
        return total

    @property
    def name(self) -> str:
        """What its only weight is called; empty where there are several, or it has no name."""
        weights = [part for part in self.parts if isinstance(part.load, Load)]
        return weights[0].name if len(weights) == 1 else ""

    def reweighed(self, load: Load, name: str) -> "Together | Load":
        """Answer it with one weight instead of its own, called ``name``; its bands stay."""
        bands = tuple(part for part in self.parts if isinstance(part.load, Coded))
        return Together((NamedLoad(name, load), *bands)) if name or bands else load

    def __str__(self) -> str:
        return " + ".join(str(part) for part in self.parts)


MAX_TOGETHER = 4
LoadTarget = Load | BodyweightLoad | ShareOfMax | Coded | SameAsLastTime | OpenLoad | Together


def as_weight(load: LoadTarget | None) -> LoadTarget | None:
    """Answer a load with things by their names, or several at once, as the weight they come to; any other as it is."""
    return load.weight if isinstance(load, Together) else load


def moved_kg(load: LoadTarget | None, share: Decimal, body_kg: Kilograms | None) -> Kilograms | None:
    """Answer the kilograms that move, or None where nobody can say.

    ``share`` is the exercise's share of body weight moved (0 for a barbell lift), ``body_kg`` the client's body weight.
    A plain load on an exercise that also moves body weight counts both. House rule.
    """
    if share and body_kg is None:
        return None
    own = Kilograms(share * (body_kg or Decimal(0)))
    match load:
        case Load():
            return Kilograms(load.kg + own)
        case BodyweightLoad(added=None):
            return own or None
        case BodyweightLoad(added=added, assisted=assisted) if added is not None:
            return Kilograms(max(own - added.kg, Decimal(0)) if assisted else own + added.kg)
        case Together():
            return Kilograms(load.weight.kg + own)
        case ShareOfMax() | Coded() | SameAsLastTime() | OpenLoad():
            return None
        case _:
            return own or None
