"""What a scheme starts from, and the sets it comes to."""

from dataclasses import dataclass

from upright_anvil.core.prescription.load_targets import LoadTarget
from upright_anvil.core.prescription.targets import Target


@dataclass(frozen=True, slots=True)
class SetPlan:
    """One planned set: its target and load; ``at_once`` says that it follows the one before without a rest."""

    target: Target
    load: LoadTarget | None
    at_once: bool = False


@dataclass(frozen=True, slots=True)
class Straight:
    """Straight sets: all alike."""

    sets: int
    target: Target
    load: LoadTarget | None

    def plans(self) -> tuple[SetPlan, ...]:
        """Answer the sets, all alike."""
        return (SetPlan(self.target, self.load),) * self.sets


def write_time(seconds: int) -> str:
    """Write a time: ``45 s`` below a minute, else ``2:05``."""
    minutes, left = divmod(seconds, 60)
    return f"{minutes}:{left:02d}" if minutes else f"{left} s"
