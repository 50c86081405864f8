"""The log as CSV, a row a set, with headings that bringing in past sessions reads."""

import csv
import io
from collections.abc import Iterable
from dataclasses import dataclass
from datetime import date
from typing import Final

from upright_anvil.core.ledger.rows import Outcome, PerformedSet
from upright_anvil.formats.exchange.safe_cell import safe

HEADINGS: Final = (
    "Date", "Client", "Session", "Exercise", "Set", "Reps", "Seconds", "Distance (m)", "Load", "RIR", "Outcome", "Side",
    "Quality", "Ended by", "Hurt", "Note",
)  # fmt: skip


@dataclass(frozen=True, slots=True)
class LoggedSet:
    """A set that was done, with its day, client and exercise by name."""

    on: date
    client: str
    day: str
    exercise: str
    row: PerformedSet


def log_csv(sets: Iterable[LoggedSet]) -> str:
    """Answer sets as CSV, in the order given; cells that a spreadsheet would take for formulas are marked as text."""
    out = io.StringIO()
    writer = csv.writer(out)
    writer.writerow(HEADINGS)
    for one in sets:
        writer.writerow([safe(cell) for cell in _cells(one)])
    return out.getvalue()


def _cells(one: LoggedSet) -> tuple[str, ...]:
    row, how = one.row, one.row.how
    load = "" if row.load is None else f"bw - {row.load}" if row.assisted else str(row.load)
    return (
        one.on.isoformat(),
        one.client,
        one.day,
        one.exercise,
        str(row.slot.number),
        _figure(row.reps),
        _figure(row.seconds),
        _figure(row.metres),
        load,
        _figure(row.reserve),
        "" if row.outcome is Outcome.DONE else row.outcome.value,
        _sides(row),
        how.quality.value if how.quality else "",
        how.ended.value if how.ended else "",
        f"{how.pain_side or ''} {how.pain}".strip() if how.pain else "",
        row.note,
    )


def _figure(value: int | None) -> str:
    return "" if value is None else str(value)


def _sides(row: PerformedSet) -> str:
    if row.how.left is None and row.how.right is None:
        return ""
    return f"left {row.how.left}, right {row.how.right}"
