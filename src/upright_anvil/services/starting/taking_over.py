"""A template, one of the trainer's own or somebody's program made into a client's program, phase or day."""

from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date, datetime

from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, DayId, ProgramId
from upright_anvil.core.plan.document import MAX_PHASES, Phase, Program
from upright_anvil.core.plan.edits.days import PutDay
from upright_anvil.core.plan.edits.phases import PutPhase
from upright_anvil.core.plan.locate import find_phase
from upright_anvil.core.templates.adapt import Adapted, adapt, adapt_day
from upright_anvil.core.templates.model import Template
from upright_anvil.services.board.empty_program import begins, keep_first, monday_of
from upright_anvil.services.board.opening import board_of
from upright_anvil.services.board.saving import fresh_base, write_revision
from upright_anvil.services.board.trial import TrialView, trial
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.services.starting.sources import StartingPoint, all_templates, phases_of, template_of_source
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.programs import Revision, program_row
from upright_anvil.store.rows.not_found import NotFoundError


@dataclass(frozen=True, slots=True)
class TemplateView:
    """A template as it is chosen: what it is, what it asks, and what it would become for a client.

    ``own`` is one of the trainer's own. ``day_names`` are its days as they are written, each of which can become a day
    of a running program.
    """

    id: str
    own: bool
    name: str
    school: str
    suits: str
    asks: str
    method: str
    weeks: int
    days: int
    lines: tuple[str, ...]
    changes: tuple[str, ...]
    day_names: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class Begun:
    """A program's first revision, or the one with a phase more, and in words what was changed for the client."""

    revision: Revision
    changes: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class Started:
    """A program that was begun from a template or draft, and what was changed on the way."""

    board: BoardView
    changes: tuple[str, ...]


@dataclass(frozen=True, slots=True)
class DayChoice:
    """A day of a source (from 0), and the phase that it goes into."""

    source: StartingPoint
    day: int
    phase: str


def templates_for(scope: Scope, client_id: ClientId, today: date) -> tuple[TemplateView, ...]:
    """Answer all templates as they would become for a client, the trainer's own first. Raises `NotFoundError`."""
    who = standpoint(scope, client_id, today)
    found = []
    for template in all_templates(scope).values():
        adapted = adapt(template, who, "t")
        found.append(
            TemplateView(
                id=template.id,
                own=template.id.startswith("own-"),
                name=template.name,
                school=template.school,
                suits=template.suits,
                asks=template.asks,
                method=template.method,
                weeks=len(template.weeks),
                days=len(adapted.phase.days),
                lines=_lines(adapted.phase, who),
                changes=adapted.changes,
                day_names=tuple(day.name for day in template.days),
            )
        )
    return tuple(found)


def _lines(phase: Phase, who: Standpoint) -> tuple[str, ...]:
    """What a phase trains, day by day."""
    return tuple(
        f"{day.name}: {', '.join(who.profile.exercise(line.exercise).name for line in day.lines)}" for day in phase.days
    )


@dataclass(frozen=True, slots=True)
class TakenOver:
    """A source as it would become for a client: its name, weeks, days with what they train, and what is changed."""

    name: str
    weeks: int
    phases: int
    lines: tuple[str, ...]
    changes: tuple[str, ...]


def look(scope: Scope, client_id: ClientId, source: StartingPoint, today: date) -> TakenOver:
    """Answer what a source would become for a client; nothing is kept. Raises `DomainError`, `NotFoundError`."""
    who = standpoint(scope, client_id, today)
    name, found = _adapted(scope, client_id, source, who)
    phases = [one.phase for one in found]
    several = len(phases) > 1
    lines = (f"{phase.name}, {line}" if several else line for phase in phases for line in _lines(phase, who))
    return TakenOver(name, sum(len(phase.weeks) for phase in phases), len(phases), tuple(lines), _changes(found))


def start_from(
    scope: Scope, client_id: ClientId, source: StartingPoint, now: datetime, today: date, start: date | None = None
) -> Begun:
    """Start a client's program from a source, on the client's fixed days where there are as many.

    Raises `DomainError` for a start that cannot be or where nothing of it can be done here, `NotFoundError`.
    """
    name, found = _adapted(scope, client_id, source, standpoint(scope, client_id, today))
    program = Program(
        name=name[:80],
        start=begins(scope, client_id, today, start),
        phases=tuple(one.phase for one in found[:MAX_PHASES]),
    )
    first = keep_first(scope, client_id, program, _reason("Started from", scope, source, name), now)
    return Begun(first, _changes(found))


def _adapted(scope: Scope, client_id: ClientId, source: StartingPoint, who: Standpoint) -> tuple[str, list[Adapted]]:
    name, templates = phases_of(scope, source)
    return name, _adapt_all(scope, client_id, templates, name, who)


def _adapt_all(
    scope: Scope, client_id: ClientId, templates: Sequence[Template], name: str, who: Standpoint
) -> list[Adapted]:
    found = [adapt(template, who, f"p{n}") for n, template in enumerate(templates, start=1)]
    if not any(day.lines for one in found for day in one.phase.days):
        raise DomainError(f"Nothing of {name} can be done where the client trains.")
    return [Adapted(_on_fixed_days(one.phase, scope, client_id), one.changes) for one in found]


def taken_over(
    scope: Scope, client_id: ClientId, templates: Sequence[Template], name: str, today: date
) -> tuple[Program, tuple[str, ...]]:
    """Answer phases as a program of a client that begins this week, not kept, and what was changed on the way.

    Raises `DomainError` where nothing of it can be done here, `NotFoundError`.
    """
    found = _adapt_all(scope, client_id, templates, name, standpoint(scope, client_id, today))
    phases = tuple(one.phase for one in found[:MAX_PHASES])
    return Program(name=name[:80], start=monday_of(today), phases=phases), _changes(found)


def _changes(found: list[Adapted]) -> tuple[str, ...]:
    return tuple(dict.fromkeys(change for one in found for change in one.changes))


def _reason(verb: str, scope: Scope, source: StartingPoint, name: str) -> str:
    if not source.program:
        return f"{verb} the template {name}"
    whose = client(scope, program_row(scope, source.program).client_id).name
    return f"{verb} {name} of {whose}"[:300]


def _on_fixed_days(phase: Phase, scope: Scope, client_id: ClientId) -> Phase:
    """A phase with its days on the client's fixed days, in their order, where there are as many of them."""
    fixed = sorted({int(day) for day in client(scope, client_id).weekdays})
    usual = sorted((day for day in phase.days if not day.top_up), key=lambda day: day.weekday)
    if len(fixed) != len(usual) or len(usual) != len(phase.days):
        return phase
    moved = {day.id: weekday for day, weekday in zip(usual, fixed, strict=True)}
    days = tuple(day.model_copy(update={"weekday": moved[day.id]}) for day in phase.days)
    return phase.model_copy(update={"days": days})


def add_phase_from(
    scope: Scope, program_id: ProgramId, base: int, source: StartingPoint, now: datetime, today: date
) -> Begun:
    """Add a source as the next phase of a program. Raises `StaleSaveError`, `DomainError`, `NotFoundError`."""
    before = fresh_base(scope, program_id, base)
    program, changes = _with_phase(scope, program_id, before.program, source, today)
    reason = _reason("Phase from", scope, source, program.phases[-1].name)
    return Begun(write_revision(scope, before, program, reason, now), changes)


def _with_phase(
    scope: Scope, program_id: ProgramId, program: Program, source: StartingPoint, today: date
) -> tuple[Program, tuple[str, ...]]:
    who = standpoint(scope, program_row(scope, program_id).client_id, today)
    template = template_of_source(scope, source)
    adapted = adapt(template, who, f"p{fresh_id()[:8]}")
    if not any(day.lines for day in adapted.phase.days):
        raise DomainError(f"Nothing of {template.name} can be done where the client trains.")
    return PutPhase(value=adapted.phase).apply(program), adapted.changes


def add_day_from(
    scope: Scope, program_id: ProgramId, base: int, choice: DayChoice, now: datetime, today: date
) -> Begun:
    """Add a day of a source to a running phase, as an optional one.

    Raises `StaleSaveError`, `DomainError` where it does not fit, `NotFoundError`.
    """
    before = fresh_base(scope, program_id, base)
    program, changes, name = _with_day(scope, program_id, before.program, choice, today)
    reason = f"{name}, an optional day: {_reason('from', scope, choice.source, name)}"[:300]
    return Begun(write_revision(scope, before, program, reason, now), changes)


def _with_day(
    scope: Scope, program_id: ProgramId, program: Program, choice: DayChoice, today: date
) -> tuple[Program, tuple[str, ...], str]:
    template = template_of_source(scope, choice.source)
    if not 0 <= choice.day < len(template.days):
        raise NotFoundError("day of the template")
    phase = find_phase(program, choice.phase)
    who = standpoint(scope, program_row(scope, program_id).client_id, today)
    day, changes = adapt_day(template, choice.day, phase, who, DayId(f"d{fresh_id()[:8]}"))
    return PutDay(phase=phase.id, value=day).apply(program), changes, day.name


def try_phase(scope: Scope, program_id: ProgramId, source: StartingPoint, today: date) -> TrialView:
    """Answer what a source as the next phase would change; nothing is kept. Raises `DomainError`, `NotFoundError`."""
    now = programs.current(scope, program_id).program
    after, changes = _with_phase(scope, program_id, now, source, today)
    return trial(scope, program_id, now, after, today, changes)


def try_day(scope: Scope, program_id: ProgramId, choice: DayChoice, today: date) -> TrialView:
    """Answer what a day of a source would change; nothing is kept. Raises `DomainError`, `NotFoundError`."""
    now = programs.current(scope, program_id).program
    after, changes, _ = _with_day(scope, program_id, now, choice, today)
    return trial(scope, program_id, now, after, today, changes)


def drawn(scope: Scope, begun: Begun, today: date) -> Started:
    """Answer the board of a program that was begun, with what was changed for the client."""
    return Started(board_of(scope, begun.revision, today), begun.changes)
