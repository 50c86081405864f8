"""Repetitions at one load, the first time and the best since: progress that needs no formula."""

from collections.abc import Iterable
from datetime import date
from typing import NamedTuple

from upright_anvil.core.loads.load import Load
from upright_anvil.core.progress.highlights import AtLoad


class LoadedSet(NamedTuple):
    """A set that was done: its day, load and repetitions (None where none were counted), and whether it was clean.

    ``assisted`` says that the load was taken off the body's weight.
    """

    on: date
    load: Load | None
    assisted: bool
    reps: int | None
    clean: bool


def most_gained(exercise: str, done: Iterable[LoadedSet]) -> AtLoad | None:
    """Answer the load at which an exercise gained most repetitions, of clean sets by day; None where none came twice.

    House rule.
    """
    first: dict[tuple[Load | None, bool], tuple[date, int]] = {}
    best: dict[tuple[Load | None, bool], int] = {}
    days: dict[tuple[Load | None, bool], set[date]] = {}
    for on, load, assisted, reps, clean in sorted(done, key=lambda entry: entry.on):
        if reps is None or not clean:
            continue
        used: tuple[Load | None, bool] = (load, assisted) if load is not None and load.value else (None, False)
        days.setdefault(used, set()).add(on)
        began, fewest = first.get(used, (on, 0))
        if on == began:
            first[used] = (on, max(fewest, reps))
        best[used] = max(best.get(used, 0), reps)
    again = [used for used in best if len(days[used]) > 1]
    if not again:
        return None
    used = max(again, key=lambda one: best[one] - first[one][1])
    return AtLoad(exercise, _words(*used), first[used][0], first[used][1], best[used])


def _words(load: Load | None, assisted: bool) -> str:
    if load is None:
        return "body weight"
    return f"{load} of help" if assisted else str(load)
