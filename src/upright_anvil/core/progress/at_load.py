"""Repetitions at one load, the first time and the best since: progress that needs no formula."""

from collections.abc import Iterable
from datetime import date

from upright_anvil.core.ledger.rows import PerformedSet
from upright_anvil.core.progress.highlights import AtLoad


def most_gained(exercise: str, done: Iterable[tuple[date, PerformedSet]]) -> AtLoad | None:
    """Answer the load at which an exercise gained most repetitions, of clean sets by day; None where none came twice.

    House rule.
    """
    first: dict[str, tuple[date, int]] = {}
    best: dict[str, int] = {}
    days: dict[str, set[date]] = {}
    for on, row in sorted(done, key=lambda entry: entry[0]):
        if row.reps is None or not row.how.clean_enough:
            continue
        load = _words(row)
        days.setdefault(load, set()).add(on)
        began, reps = first.get(load, (on, 0))
        if on == began:
            first[load] = (on, max(reps, row.reps))
        best[load] = max(best.get(load, 0), row.reps)
    again = [load for load in best if len(days[load]) > 1]
    if not again:
        return None
    load = max(again, key=lambda name: best[name] - first[name][1])
    return AtLoad(exercise, load, first[load][0], first[load][1], best[load])


def _words(row: PerformedSet) -> str:
    if row.load is None or not row.load.value:
        return "body weight"
    return f"{row.load} of help" if row.assisted else str(row.load)
