"""Timed work with later marks at which a fitter client carries on. ``8 x 40 s, rest 20 s, checkpoints 50/60 s``."""

from dataclasses import dataclass

from upright_anvil.core.errors import DomainError
from upright_anvil.core.prescription.bounds import MAX_ALTERNATIVES, MAX_WORK_SECONDS, within
from upright_anvil.core.prescription.schemes.base import SetPlan, Straight
from upright_anvil.core.prescription.targets import Seconds


@dataclass(frozen=True, slots=True)
class Checkpoints:
    """Seconds of the later marks, climbing, one to four."""

    seconds: tuple[int, ...]

    def __str__(self) -> str:
        return f"checkpoints {'/'.join(str(mark) for mark in self.seconds)} s"

    def check(self, base: Straight) -> None:
        """Raise `DomainError` unless the marks climb from the target on."""
        within("Checkpoints", len(self.seconds), 1, MAX_ALTERNATIVES)
        if not isinstance(base.target, Seconds):
            raise DomainError("Checkpoints need timed work, for example 8 x 40 s.")
        before = base.target.seconds
        for mark in self.seconds:
            within("A checkpoint", mark, before + 1, MAX_WORK_SECONDS, " s")
            before = mark

    def plans(self, base: Straight) -> tuple[SetPlan, ...]:
        """Answer the sets at their first mark."""
        return base.plans()
