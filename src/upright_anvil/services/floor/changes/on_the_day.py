"""A session as it stands on the day: the plan's session with the day's changes laid over it."""

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from datetime import date
from typing import Any

from pydantic import TypeAdapter

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.readiness import Pain, Report
from upright_anvil.core.ids import LineId
from upright_anvil.core.ledger.standing import EffectiveSet
from upright_anvil.core.plan.document import Program
from upright_anvil.core.session.model import DayChange, Sort, edits_of
from upright_anvil.core.session.this_session import as_changed, cut_out, day_of
from upright_anvil.services.floor.session import FoundSession
from upright_anvil.store.client.health import cycle_reports
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import floor as store
from upright_anvil.store.tables import ClientRow, ReadinessRow, SessionChangeRow

_CHANGES = TypeAdapter(tuple[DayChange, ...])


@dataclass(frozen=True, slots=True)
class MadeChange:
    """A change of the day as the floor lists it; ``id`` is what undoing it names, ``undone`` that it was taken back."""

    id: str
    sort: Sort
    label: str
    why: str
    line: LineId
    undone: bool


@dataclass(frozen=True, slots=True)
class OnTheDay:
    """A found session with the day's changes in it, the session cut out of its program, and the list of changes."""

    found: FoundSession
    session: Program
    changes: tuple[MadeChange, ...]


def on_the_day(scope: Scope, found: FoundSession) -> OnTheDay:
    """Answer a session as it stands on the day."""
    session = cut_out(found.revision.program, found.phase, found.week, found.day)
    rows = store.change_rows(scope, found.id) if found.row else ()
    standing, listed = _standing(rows)
    changed = as_changed(session, edits_of(standing))
    phase, day = day_of(changed)
    return OnTheDay(replace(found, phase=phase, day=day, week=0), changed, tuple(listed))


def with_changes(day: OnTheDay, changes: Sequence[DayChange], sort: Sort, row_id: str) -> OnTheDay:
    """Answer a session with changes that are not kept yet, listed as they will be."""
    changed = as_changed(day.session, edits_of(changes))
    phase, planned = day_of(changed)
    listed = tuple(MadeChange(f"{row_id}/{c.key}", sort, c.label, c.why, c.line, undone=False) for c in changes)
    return OnTheDay(replace(day.found, phase=phase, day=planned, week=0), changed, (*day.changes, *listed))


def written(changes: Sequence[DayChange]) -> dict[str, Any]:
    """Answer changes as they are stored."""
    return {"changes": _CHANGES.dump_python(tuple(changes), mode="json")}


def _standing(rows: Iterable[SessionChangeRow]) -> tuple[list[DayChange], list[MadeChange]]:
    """The changes that hold, in order, and all of them as they are listed."""
    kept = list(rows)
    undone = {row.undoes for row in kept if row.undoes}
    standing, listed = [], []
    for row in kept:
        if row.undoes:
            continue
        for change in _CHANGES.validate_python(row.changes["changes"]):
            name = f"{row.id}/{change.key}"
            back = bool(undone & {row.id, name})
            listed.append(MadeChange(name, Sort(row.sort), change.label, change.why, change.line, back))
            if not back:
                standing.append(change)
    return standing, listed


def report_of(scope: Scope, who: ClientRow, row: ReadinessRow, on: date) -> Report:
    """Answer a stored report of readiness, with the client's cycle report of the day where she opted in."""
    return Report(row.sleep, row.energy, row.stress, row.soreness, pains_from(row.pains), cycle_energy(scope, who, on))


def cycle_energy(scope: Scope, who: ClientRow, on: date) -> int | None:
    """Answer the energy of the client's cycle report of a day; None where she has not opted in or said nothing."""
    if not who.cycle_reports:
        return None
    return next((r.energy for r in cycle_reports(scope, who.id, limit=3) if r.on_date == on), None)


def pains_from(texts: Iterable[str]) -> tuple[Pain, ...]:
    """Answer pains from their stored writing: the joint, and its side after a colon."""
    found = []
    for text in texts:
        joint, _, side = text.partition(":")
        found.append(Pain(Joint(joint), Side(side) if side else None))
    return tuple(found)


def pains_as_text(pains: Iterable[Pain]) -> list[str]:
    """Answer pains as they are stored."""
    return [f"{pain.joint}:{pain.side}" if pain.side else str(pain.joint) for pain in pains]


def pains_of_sets(standing: Iterable[EffectiveSet]) -> tuple[Pain, ...]:
    """Answer what hurt in the sets logged so far, each once."""
    found = []
    for kept in standing:
        how = kept.row.how
        if how.pain is not None and (how.pain_side is not None) is how.pain.paired:
            found.append(Pain(how.pain, how.pain_side))
    return tuple(dict.fromkeys(found))
