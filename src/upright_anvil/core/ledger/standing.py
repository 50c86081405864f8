"""Which row of a slot stands.

A row stands when it replaces the row that stood. Two devices that log the same slot without knowing of each other
both keep their row: the first to arrive stands, the other is shown beside it. Nothing is ever dropped.
"""

from collections.abc import Iterable
from dataclasses import dataclass

from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition


@dataclass(frozen=True, slots=True)
class EffectiveSet:
    """A slot's row that holds, the earlier values it corrected (oldest first), and rows of other devices beside it."""

    row: PerformedSet
    earlier: tuple[PerformedSet, ...] = ()
    beside: tuple[PerformedSet, ...] = ()


def standing_rows(rows: Iterable[PerformedSet]) -> dict[SetPosition, EffectiveSet]:
    """Answer the standing row of each slot from rows in the order they arrived; an id seen before is passed over."""
    slots: dict[SetPosition, EffectiveSet] = {}
    seen: set[str] = set()
    for row in rows:
        if row.id in seen:
            continue
        seen.add(row.id)
        now = slots.get(row.slot)
        if now is None:
            slots[row.slot] = EffectiveSet(row)
        elif row.replaces == now.row.id:
            slots[row.slot] = EffectiveSet(row, (*now.earlier, now.row), _without(now.beside, row))
        else:
            slots[row.slot] = EffectiveSet(now.row, now.earlier, (*now.beside, row))
    return slots


def _without(beside: tuple[PerformedSet, ...], row: PerformedSet) -> tuple[PerformedSet, ...]:
    """A correction that says the same as a row beside it settles that difference."""

    def figures(one: PerformedSet) -> tuple[object, ...]:
        return (one.outcome, one.reps, one.seconds, one.metres, one.load, one.reserve, one.how)

    return tuple(b for b in beside if figures(b) != figures(row))


def done_sets(rows: Iterable[PerformedSet]) -> tuple[PerformedSet, ...]:
    """Answer the standing working sets that were done, by line and set number; ramp-up sets are counted apart."""
    return tuple(row for row in _done(rows) if not row.slot.ramp)


def done_ramp_sets(rows: Iterable[PerformedSet]) -> tuple[PerformedSet, ...]:
    """Answer the standing ramp-up sets that were done, by line and number."""
    return tuple(row for row in _done(rows) if row.slot.ramp)


def _done(rows: Iterable[PerformedSet]) -> list[PerformedSet]:
    standing = (s.row for s in standing_rows(rows).values())
    return sorted((r for r in standing if r.outcome is Outcome.DONE), key=lambda r: (r.slot.line, r.slot.number))
