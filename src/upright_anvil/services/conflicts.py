"""What cannot be kept as things stand now: the screen asks, or shows what changed, and the trainer decides."""

from typing import TYPE_CHECKING

from upright_anvil.core.errors import DomainError

if TYPE_CHECKING:
    from upright_anvil.core.plan.changing.compare import Difference


class DoubtError(DomainError):
    """A figure far outside the plausible: asked about, and kept once it is confirmed."""


class StaleSaveError(Exception):
    """The program has moved on since the revision a save started from; ``differences`` say how."""

    def __init__(self, base: int, current: int, differences: "tuple[Difference, ...]") -> None:
        super().__init__(
            f"The program has changed since you opened it (revision {base}, now {current}). "
            "Nothing of yours was saved; look at what changed, then save again."
        )
        self.base, self.current, self.differences = base, current, differences


class CellMovedError(Exception):
    """A cell that a decision would write has changed since it was shown."""

    def __init__(self, seen: str, now: str) -> None:
        super().__init__(
            f"Next week's cell has changed: it said '{seen or 'nothing'}' and now says '{now or 'nothing'}'. "
            "Nothing was written; look again, then decide."
        )
        self.seen, self.now = seen, now
