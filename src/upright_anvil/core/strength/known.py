"""What is known of a client's strength on a day: the one estimate of each exercise, made in one place."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from decimal import Decimal

from upright_anvil.core.ids import ExerciseId
from upright_anvil.core.loads.load import Kilograms, Load
from upright_anvil.core.strength.standing import RepCurve, Strength


@dataclass(frozen=True, slots=True)
class Known:
    """Strength by exercise, the client's own rep curves by group of exercises, and what the figures rest on.

    ``doubted`` are the ids of sets that the rest contradicts and nobody has confirmed: they show nothing.
    ``last_loads`` is what was used last of each exercise.
    """

    strengths: Mapping[ExerciseId, Strength] = field(default_factory=dict)
    curves: Mapping[str, RepCurve] = field(default_factory=dict)
    doubted: frozenset[str] = frozenset()
    last_loads: Mapping[ExerciseId, Load] = field(default_factory=dict)

    def steepness(self, group: str) -> float:
        """Answer how steep the client's curve is for a group; 1 where nothing is known."""
        return self.curves[group].steepness if group in self.curves else 1.0

    @property
    def max_kg(self) -> dict[ExerciseId, Kilograms]:
        """The estimated maxima, kg moved, to 0.1."""
        return {name: Kilograms(Decimal(repr(round(strength.kg, 1)))) for name, strength in self.strengths.items()}
