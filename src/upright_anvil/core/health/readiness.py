"""How the client came: four answers from 1 to 5, what hurts, and what the day is good for."""

from dataclasses import dataclass
from enum import StrEnum
from typing import Final

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.errors import DomainError

LEAST, BEST = 1, 5
GOOD_FROM: Final = 14
POOR_TO: Final = 10
"""Points of 4 to 20: from 14 on as planned, up to 10 a poor day, between them middling. House rule."""


class ReadinessGrade(StrEnum):
    """What the day is good for."""

    GOOD = "good"
    MIDDLING = "middling"
    POOR = "poor"


@dataclass(frozen=True, slots=True)
class Pain:
    """A joint that hurts today, with its side where there are two."""

    joint: Joint
    side: Side | None = None

    def __post_init__(self) -> None:
        if self.joint.paired is not (self.side is not None):
            raise DomainError(f"Say which {self.joint}." if self.joint.paired else f"There is no side to {self.joint}.")

    @property
    def name(self) -> str:
        """As one says it: ``left knee``."""
        if self.side is None:
            return str(self.joint)
        return f"both {self.joint}s" if self.side is Side.BOTH else f"{self.side} {self.joint}"


@dataclass(frozen=True, slots=True)
class Report:
    """What the client says: sleep and energy (5 = very good), stress and soreness (5 = a lot), what hurts.

    ``cycle_energy`` is her own report of the day, where she opted in: it counts where it is lower than the energy said.
    """

    sleep: int
    energy: int
    stress: int
    soreness: int
    pains: tuple[Pain, ...] = ()
    cycle_energy: int | None = None

    def __post_init__(self) -> None:
        for figure in (self.sleep, self.energy, self.stress, self.soreness, self.cycle_energy):
            if figure is not None and not LEAST <= figure <= BEST:
                raise DomainError(f"Answers go from {LEAST} to {BEST}, not {figure}.")

    @property
    def felt_energy(self) -> int:
        """The lower of the energy said and her cycle report."""
        return self.energy if self.cycle_energy is None else min(self.energy, self.cycle_energy)

    @property
    def points(self) -> int:
        """4 to 20, more is better: stress and soreness counted the other way round."""
        turned = LEAST + BEST
        return self.sleep + self.felt_energy + (turned - self.stress) + (turned - self.soreness)


def grade(report: Report) -> ReadinessGrade:
    """Answer what the day is good for. House rule.

    From 14 of 20 points on it is good; up to 10 it is poor; one answer at its worst is never better than middling.
    """
    worst = LEAST in (report.sleep, report.felt_energy) or BEST in (report.stress, report.soreness)
    if report.points <= POOR_TO:
        return ReadinessGrade.POOR
    return ReadinessGrade.MIDDLING if worst or report.points < GOOD_FROM else ReadinessGrade.GOOD


def said(report: Report) -> str:
    """Say a report in one line."""
    cycle = "" if report.cycle_energy is None else f", cycle report {report.cycle_energy}"
    hurts = f"; hurts: {', '.join(pain.name for pain in report.pains)}" if report.pains else ""
    return (
        f"Sleep {report.sleep}, energy {report.energy}{cycle}, stress {report.stress}, soreness {report.soreness} "
        f"of 5: {report.points} of 20 points{hurts}."
    )
