"""A change that makes a session shorter, as data: what it does to the cells of a week or of all, and to the day."""

from collections.abc import Sequence
from dataclasses import dataclass, replace
from enum import StrEnum

from upright_anvil.core.fitting.cost import Cost
from upright_anvil.core.ids import LineId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Phase
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.timing.estimate import rest_of


class CellChangeKind(StrEnum):
    """What a change does to a cell: rest at most so long, a set fewer, as few as its range allows, or nothing left."""

    REST = "rest"
    FEWER = "fewer"
    FEWEST = "fewest"
    OUT = "out"


@dataclass(frozen=True, slots=True)
class CellChange:
    """What becomes of a line's cells; ``figure`` is the longest rest (s), or the fewest sets there stay."""

    line: LineId
    kind: CellChangeKind
    figure: int = 0

    def of(self, asked: Prescription) -> Prescription | None:
        """Answer what is asked after it; None where nothing is any more."""
        match self.kind:
            case CellChangeKind.REST:
                return replace(asked, rest=self.figure) if rest_of(asked) > self.figure else asked
            case CellChangeKind.FEWER:
                one_less = max(asked.sets - 1, self.figure)
                return replace(asked, sets=one_less) if asked.scheme is None and one_less < asked.sets else asked
            case CellChangeKind.FEWEST:
                return asked if asked.fewest is None else replace(asked, sets=asked.fewest, fewest=None)
            case CellChangeKind.OUT:
                return None


@dataclass(frozen=True, slots=True)
class FittingChange:
    """One candidate before it is timed: what it does, what it costs in words.

    ``cells`` hold in every week that is meant, ``edits`` once for the day. ``lines`` are the lines it touches,
    ``each`` what the change of each cell is called where that is told line by line.
    """

    key: str
    cost: Cost
    label: str
    price: str
    lines: frozenset[LineId]
    cells: tuple[CellChange, ...] = ()
    edits: tuple[Edit, ...] = ()
    each: tuple[str, ...] = ()

    def parts(self) -> "tuple[FittingChange, ...]":
        """Answer the changes of its lines one by one, where each has its own label; else itself."""
        if len(self.cells) < 2 or len(self.each) != len(self.cells):  # noqa: PLR2004 - one cell is itself
            return (self,)
        return tuple(
            FittingChange(f"rest {cell.line}", self.cost, label, self.price, frozenset({cell.line}), (cell,))
            for cell, label in zip(self.cells, self.each, strict=True)
        )


def edits_of(change: FittingChange, phase: Phase, weeks: Sequence[int], unit: Unit) -> tuple[Edit, ...]:
    """Answer the edits of a change in some weeks of a phase (places from 0); cells it leaves alone get none."""
    lines = {line.id: line for day in phase.days for line in day.lines}
    found: list[Edit] = []
    for cell in change.cells:
        for week in weeks:
            text = lines[cell.line].cells[week].text if cell.line in lines else ""
            asked = prescription_or_none(text, unit)
            after = cell.of(asked) if asked is not None else None
            if asked is not None and after != asked:
                said = write(after) if after is not None else ""
                found.append(SetCell(line=cell.line, week=phase.weeks[week].id, text=said))
    return (*found, *change.edits)
