"""A client's history, health screen and clearance."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date, datetime, timedelta

from upright_anvil.core.constants import SCREEN_REPEAT_DAYS
from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.cautions import Caution, general_cautions
from upright_anvil.core.health.history import Entry, JointStatus, check_entry, current, overlaps
from upright_anvil.core.health.screening import (
    Answers,
    Clearance,
    HealthStanding,
    Intensity,
    ScreenOutcome,
    check_day,
    health_standing,
    screen,
)
from upright_anvil.core.health.warning_signs import WARNING_SIGNS, WHAT_TO_DO
from upright_anvil.core.ids import ClientId
from upright_anvil.services.ids import fresh_id
from upright_anvil.store.client import health as store
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.once import stored
from upright_anvil.store.tables import ClearanceRow, CycleReportRow, HistoryRow, ScreeningRow


@dataclass(frozen=True, slots=True)
class ScreenView:
    """A health screen that was done."""

    on: date
    answers: Answers
    outcome: str


@dataclass(frozen=True, slots=True)
class CycleReport:
    """One report of a client who opted in."""

    on: date
    energy: int
    words: str


@dataclass(frozen=True, slots=True)
class HealthView:
    """All that is known of a client's health: the timeline newest first, how things stand, screens, clearances."""

    timeline: tuple[Entry, ...]
    standing: tuple[JointStatus, ...]
    overlaps: tuple[str, ...]
    cautions: tuple[Caution, ...]
    screening: HealthStanding
    screens: tuple[ScreenView, ...]
    clearances: tuple[Clearance, ...]
    cycle_reports: tuple[CycleReport, ...]


@dataclass(frozen=True, slots=True)
class WarningSigns:
    """The signs that end a session, and what to do then."""

    signs: tuple[str, ...] = WARNING_SIGNS
    what_to_do: str = WHAT_TO_DO


def health_view(scope: Scope, client_id: ClientId, today: date) -> HealthView:
    """Answer a client's health as the file shows it."""
    entries = store.history(scope, client_id)
    standing = current(entries, today)
    screens = store.screening_rows(scope, client_id)
    clearances = store.clearances(scope, client_id)
    return HealthView(
        timeline=tuple(sorted(entries, key=lambda e: e.on)[::-1]),
        standing=standing,
        overlaps=overlaps(standing),
        cautions=general_cautions(standing, today),
        screening=health_standing([store.screen_of(row) for row in screens], clearances, today),
        screens=tuple(ScreenView(s.on_date, store.screen_of(s).answers, s.outcome) for s in reversed(screens)),
        clearances=tuple(reversed(clearances)),
        cycle_reports=tuple(CycleReport(r.on_date, r.energy, r.words) for r in store.cycle_reports(scope, client_id)),
    )


def standing_of(scope: Scope, client_id: ClientId, today: date) -> tuple[JointStatus, ...]:
    """Answer how a client's joints and conditions stand."""
    return current(store.history(scope, client_id), today)


def screening_of(scope: Scope, client_id: ClientId, today: date) -> HealthStanding:
    """Answer where a client stands with screen and clearance."""
    return health_standing(store.screens(scope, client_id), store.clearances(scope, client_id), today)


def all_screenings(scope: Scope, client_ids: list[ClientId], today: date) -> Mapping[ClientId, HealthStanding]:
    """Answer where each of some clients stands with screen and clearance, in two queries."""
    screens = store.newest_screens(scope, today)
    clearances = store.clearances_since(scope, today - timedelta(days=SCREEN_REPEAT_DAYS))
    return {who: health_standing(screens.get(who, []), clearances.get(who, []), today) for who in client_ids}


def may_single(scope: Scope, client_id: ClientId, today: date) -> bool:
    """Answer whether the screen is clear for a single to failure."""
    standing = screening_of(scope, client_id, today)
    return standing.outcome is ScreenOutcome.CLEAR and standing.allowed is Intensity.VIGOROUS and not standing.due


def add_entry(scope: Scope, client_id: ClientId, entry: Entry, now: datetime, today: date) -> HealthView:
    """Add an entry to a client's history; sent twice, it stands once. Raises `NotFoundError`, `DomainError`."""
    client(scope, client_id)
    check_entry(entry, today)
    said: dict[str, object] = {
        "client_id": client_id,
        "on_date": entry.on,
        "topic": entry.topic.value,
        "side": entry.side.value if entry.side else None,
        "state": entry.state.value,
        "words": entry.words,
        "clinician": entry.clinician,
        "due_on": entry.due_on,
    }
    if stored(scope, HistoryRow, entry.id, **said):
        return health_view(scope, client_id, today)
    scope.db.add(HistoryRow(id=entry.id, at=now, **said))
    scope.db.flush()
    return health_view(scope, client_id, today)


def withdraw_entry(scope: Scope, client_id: ClientId, entry_id: str, now: datetime, today: date) -> HealthView:
    """Withdraw an entry made by mistake; it is kept, and no longer counts. Raises `NotFoundError`."""
    row = store.history_row(scope, entry_id)
    if row.client_id != client_id:
        raise DomainError("This entry belongs to another client.")
    row.withdrawn_at = now
    scope.db.flush()
    return health_view(scope, client_id, today)


def restore_entry(scope: Scope, client_id: ClientId, entry_id: str, today: date) -> HealthView:
    """Undo a withdrawal. Raises `NotFoundError`, `DomainError`."""
    row = store.history_row(scope, entry_id)
    if row.client_id != client_id:
        raise DomainError("This entry belongs to another client.")
    row.withdrawn_at = None
    scope.db.flush()
    return health_view(scope, client_id, today)


def add_screen(scope: Scope, client_id: ClientId, answers: Answers, on: date, now: datetime, today: date) -> HealthView:
    """Keep a health screen with its outcome. Raises `NotFoundError`, `DomainError`."""
    client(scope, client_id)
    check_day(on, today)
    said = {
        "active": answers.active,
        "diseases": sorted(answers.diseases),
        "signs": sorted(answers.signs),
        "intends": answers.intends.value,
    }
    scope.db.add(
        ScreeningRow(
            id=fresh_id(),
            client_id=client_id,
            on_date=on,
            answers=said,
            outcome=screen(answers).outcome.value,
            at=now,
        )
    )
    scope.db.flush()
    return health_view(scope, client_id, today)


def add_clearance(scope: Scope, client_id: ClientId, clearance: Clearance, now: datetime, today: date) -> HealthView:
    """Record what a clinician allowed. Raises `NotFoundError`, `DomainError`."""
    client(scope, client_id)
    check_day(clearance.on, today)
    scope.db.add(
        ClearanceRow(
            id=fresh_id(),
            client_id=client_id,
            on_date=clearance.on,
            by=clearance.by,
            up_to=clearance.up_to.value,
            limits=clearance.limits,
            at=now,
        )
    )
    scope.db.flush()
    return health_view(scope, client_id, today)


def add_cycle_report(scope: Scope, client_id: ClientId, report: CycleReport, now: datetime, today: date) -> HealthView:
    """Keep a cycle report of a client who opted in. Raises `DomainError` for one who did not, `NotFoundError`."""
    who = client(scope, client_id)
    if not who.cycle_reports:
        raise DomainError(f"{who.name} has not opted in to cycle reports.")
    check_day(report.on, today)
    scope.db.add(
        CycleReportRow(
            id=fresh_id(),
            client_id=client_id,
            on_date=report.on,
            energy=report.energy,
            words=report.words,
            at=now,
        )
    )
    scope.db.flush()
    return health_view(scope, client_id, today)
