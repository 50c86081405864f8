"""Who did what, in plain words: of a client, or of the studio."""

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from datetime import datetime, timedelta
from typing import Any, Final

from upright_anvil.core.ids import ClientId
from upright_anvil.store.client import clients
from upright_anvil.store.file.audit_trail import CHANGED
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import audit as store
from upright_anvil.store.studio import people

OPENED_HEALTH: Final = "opened the health file"
LOOKED_AGAIN: Final = timedelta(minutes=30)
"""Opening a health file again within this counts as the same look. House rule."""

THINGS: Final[Mapping[str, str]] = {
    "brought_in": "what was brought in from a file",
    "history_entry": "an entry of the health file",
    "cycle_report": "a cycle report",
    "screening": "a screening",
    "clearance": "a clearance",
    "home_sheet": "a home sheet",
    "home_result": "a result from home",
    "own_exercise": "an exercise of the library",
    "exercise_picture": "a picture of an exercise",
    "own_battery": "a battery of tests",
    "own_template": "a template",
    "own_test": "a test of the library",
    "client": "the client",
    "client_place": "where the client trains",
    "place": "a place",
    "program": "a program",
    "revision": "a revision of the program",
    "session": "a session",
    "performed_set": "a set",
    "note": "a note of a session",
    "exercise_note": "a note that always goes with an exercise",
    "session_change": "a change of the day",
    "readiness": "how the client came in",
    "set_measure": "what a device measured",
    "decision": "a decision on a proposal",
    "test_round": "a round of tests",
    "test_result": "a test result",
    "consent": "a consent",
}
"""Every table that people's rows stand in, as the audit calls it; a table without a word fails a test."""

COLUMNS: Final[Mapping[str, str]] = {
    "lead_id": "own trainer",
    "cover_id": "who covers",
    "cover_until": "covered until",
    "former": "former client",
    "about": "what to know",
    "days_a_week": "days a week",
    "training_age": "training age",
    "birth_year": "year of birth",
    "emergency_contact": "emergency contact",
    "cycle_reports": "cycle reports",
    "ready_by": "ready by",
    "second_aim": "second goal",
    "second_goal": "second goal in words",
    "height_cm": "height",
    "finished_at": "finished",
    "removed_at": "removed",
    "withdrawn_on": "withdrawn",
}
"""Columns whose own name does not say enough."""


@dataclass(frozen=True, slots=True)
class Deed:
    """One thing somebody did: who, where, when, and what in words."""

    at: datetime
    person: str
    device: str
    words: str


@dataclass(frozen=True, slots=True)
class AuditView:
    """What was done, newest first; ``before`` asks for what came earlier, None where there is no more."""

    deeds: tuple[Deed, ...]
    before: int | None


def audit(scope: Scope, client_id: ClientId | None, before: int | None) -> AuditView:
    """Answer what was done to a client, or what concerns no client. Raises `NotFoundError`."""
    if client_id is not None:
        clients.client(scope, client_id)
    names, devices = people.names(scope), {row.id: row.name for row in people.devices(scope)}
    rows = store.deeds(scope, client_id, before)
    found = [Deed(row.at, _called(names, row.actor_id), _called(devices, row.device_id), _words(row)) for row in rows]
    more = len(rows) == store.AT_MOST
    if client_id is not None:
        since = rows[-1].at if more else None
        until = rows[0].at if before is not None and rows else None
        for _, actor, device, sets, at in store.logged(scope, client_id, since):
            if until is None or at <= until:
                words = f"logged {sets} set{'s' if sets > 1 else ''}"
                found.append(Deed(at, _called(names, actor), _called(devices, device), words))
    found.sort(key=lambda deed: deed.at, reverse=True)
    return AuditView(tuple(found), rows[-1].seq if more else None)


def _called(names: Mapping[Any, str], one: str | None) -> str:
    return names.get(one, "") if one else ""


def _words(row: Any) -> str:
    if row.deed != CHANGED:
        said = ", ".join(str(word) for change in row.changes for word in change)
        return f"{row.deed}: {said}" if said else row.deed
    return "; ".join(_change_words(row.changes))


def _change_words(changes: Sequence[Sequence[Any]]) -> Iterable[str]:
    for verb, table, columns in changes:
        thing = THINGS.get(table, table)
        which = ", ".join(dict.fromkeys(COLUMNS.get(name, name.replace("_", " ")) for name in columns))
        yield f"{verb} {thing}{f': {which}' if which else ''}"


def looks_anew(scope: Scope, client_id: ClientId, now: datetime) -> bool:
    """Answer whether opening a client's health file is a look of its own; one soon after another is the same."""
    last = store.last_deed(scope, OPENED_HEALTH, client_id)
    return last is None or not timedelta(0) <= now - last.at <= LOOKED_AGAIN


def keep_look(scope: Scope, client_id: ClientId, now: datetime) -> None:
    """Keep that somebody opened a client's health file."""
    if looks_anew(scope, client_id, now):
        store.keep_deed(scope, OPENED_HEALTH, now, client_id)
