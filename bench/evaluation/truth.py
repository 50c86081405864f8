"""A simulated client: true strength, an own rep curve, good and bad days, tiredness, a misjudged reserve.

Nothing here is shared with the estimator: the curve is of another family, and strength moves by rules of its own.
"""

from dataclasses import dataclass, field
from random import Random


@dataclass
class Client:
    """A client with one lift. ``max_kg`` is the true maximum, which nobody in the simulation is told."""

    chance: Random
    max_kg: float
    rate: float
    """Share of the maximum gained in a well trained week at the start."""
    endurance: float
    """Repetitions at half the maximum, about."""
    shape: float
    tires: float
    """Share of the repetitions that each further set costs."""
    bias: float
    """How many repetitions more than the truth the client believes to have left."""
    begun_kg: float = field(init=False)
    idle_weeks: int = 0

    def __post_init__(self) -> None:
        self.begun_kg = self.max_kg

    @classmethod
    def drawn(cls, seed: int) -> "Client":
        """Draw a client."""
        chance = Random(seed)
        return cls(
            chance=chance,
            max_kg=chance.uniform(45, 180),
            rate=chance.uniform(0.001, 0.010),
            endurance=chance.gauss(30, 4.5),
            shape=chance.uniform(0.88, 1.08),
            tires=chance.uniform(0.01, 0.04),
            bias=chance.gauss(0, 0.4),
        )

    def day(self) -> tuple[float, bool]:
        """Draw the form of a day, as a share of the maximum, and whether the client says that it is a poor one.

        One day in forty is poor; it is said four times of five, and once in fifty on any other day.
        """
        poor = self.chance.random() < 0.025
        says = self.chance.random() < (0.8 if poor else 0.02)
        return 1 - (0.06 if poor else 0.0) + self.chance.gauss(0, 0.015), says

    def away(self) -> int:
        """Draw how many weeks the client stays away from this one on: mostly none, now and then one, seldom more."""
        roll = self.chance.random()
        return self.chance.choice((2, 3, 4)) if roll < 0.012 else 1 if roll < 0.07 else 0

    def hurts(self) -> bool:
        """Draw whether a set hurts and ends early."""
        return self.chance.random() < 0.008

    def slip(self) -> float:
        """Draw what the pen makes of a load: mostly nothing, else twice, ten times or half."""
        return self.chance.choice((2.0, 10.0, 0.5)) if self.chance.random() < 0.004 else 1.0

    def capable(self, kg: float, form: float, before: int) -> float:
        """Answer how many repetitions could be done with a load after so many sets."""
        share = kg / (self.max_kg * form)
        if share >= 1:
            return 1.0 if share < 1.005 else 0.0
        return float(max(0.0, 1 + self.endurance * (1 / share - 1) ** self.shape * (1 - self.tires * before)))

    def says(self, left: float) -> int | None:
        """Answer the reserve the client names; now and then none."""
        if self.chance.random() < 0.15:
            return None
        return min(max(round(left + self.bias + self.chance.gauss(0, 0.4 + 0.2 * max(left, 0))), 0), 5)

    def week(self, trained: bool, lefts: list[float]) -> None:
        """Let a week pass: well chosen work makes stronger, too easy work less, weeks off weaker."""
        if not trained:
            self.idle_weeks += 1
            if self.idle_weeks > 1:
                self.max_kg *= 0.975
            return
        self.idle_weeks = 0
        useful = sum(1.0 if left <= 4 else 0.4 for left in lefts) / max(len(lefts), 1)
        slower = self.begun_kg / self.max_kg
        self.max_kg *= 1 + self.rate * useful * slower**4
