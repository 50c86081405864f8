"""Starting points: a template or a draft made into a program, or into the next phase of one."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import date, datetime

from upright_anvil.core.drafting.brief import Brief
from upright_anvil.core.drafting.draft import Drafted, Wish, draft
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, DayId, ExerciseId, PlaceId, ProgramId
from upright_anvil.core.plan.document import Phase, Program
from upright_anvil.core.plan.edits.days import PutDay
from upright_anvil.core.plan.edits.phases import PutPhase
from upright_anvil.core.plan.locate import find_phase
from upright_anvil.core.plan.reading import day_estimate
from upright_anvil.core.steps import Told, untold
from upright_anvil.core.templates.adapt import adapt, adapt_day
from upright_anvil.core.templates.model import Template
from upright_anvil.formats.template_file import shipped_templates
from upright_anvil.services.board.empty_program import check_none, first_monday, keep_first
from upright_anvil.services.board.opening import board_of
from upright_anvil.services.board.saving import fresh_base, write_revision
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.services.starting.brief import brief_of
from upright_anvil.store.clients import client
from upright_anvil.store.database import Scope
from upright_anvil.store.not_found import NotFoundError
from upright_anvil.store.programs import Revision, program_row


@dataclass(frozen=True, slots=True)
class TemplateView:
    """A template as it is chosen: what it is, what it asks, and what it would become for a client.

    ``day_names`` are its days as they are written, each of which can become a day of a running program.
    """

    id: str
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
class DraftLine:
    """A line of a draft: its slot, its exercise, the first week's prescription and why it was chosen."""

    slot: str
    exercise_id: ExerciseId
    exercise: str
    text: str
    reason: str


@dataclass(frozen=True, slots=True)
class DraftDay:
    """A day of a draft; ``minutes`` is the longest of its weeks."""

    name: str
    weekday: int
    minutes: int
    lines: tuple[DraftLine, ...]


@dataclass(frozen=True, slots=True)
class DraftView:
    """A draft before it is kept: its first phase day by day, the phases by name, and the wishes it could not keep."""

    days: tuple[DraftDay, ...]
    phases: tuple[str, ...]
    weeks: int
    start: date
    relax: tuple[str, ...]


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


def templates_for(scope: Scope, client_id: ClientId, today: date) -> tuple[TemplateView, ...]:
    """Answer all templates as they would become for a client. Raises `NotFoundError`."""
    who = standpoint(scope, client_id, today)
    found = []
    for template in shipped_templates().values():
        adapted = adapt(template, who, "t")
        lines = tuple(
            f"{day.name}: {', '.join(who.profile.exercise(line.exercise).name for line in day.lines)}"
            for day in adapted.phase.days
        )
        found.append(
            TemplateView(
                id=template.id,
                name=template.name,
                school=template.school,
                suits=template.suits,
                asks=template.asks,
                method=template.method,
                weeks=len(template.weeks),
                days=len(adapted.phase.days),
                lines=lines,
                changes=adapted.changes,
                day_names=tuple(day.name for day in template.days),
            )
        )
    return tuple(found)


def start_from_template(
    scope: Scope, client_id: ClientId, template_id: str, now: datetime, today: date, start: date | None = None
) -> Begun:
    """Start a client's program from a template, on the client's fixed days where there are as many.

    Raises `DomainError` when there is one already or for a start that cannot be, `NotFoundError`.
    """
    template = _template(template_id)
    check_none(scope, client_id)
    adapted = adapt(template, standpoint(scope, client_id, today), "p1")
    phase = _on_fixed_days(adapted.phase, scope, client_id)
    program = Program(name=template.name, start=first_monday(today, start), phases=(phase,))
    first = keep_first(scope, client_id, program, f"Started from the template {template.name}", now)
    return Begun(first, adapted.changes)


def _on_fixed_days(phase: Phase, scope: Scope, client_id: ClientId) -> Phase:
    """A phase with its days on the client's fixed days, in their order, where there are as many of them."""
    fixed = sorted({int(day) for day in client(scope, client_id).weekdays})
    usual = sorted((day for day in phase.days if not day.top_up), key=lambda day: day.weekday)
    if len(fixed) != len(usual) or len(usual) != len(phase.days):
        return phase
    moved = {day.id: weekday for day, weekday in zip(usual, fixed, strict=True)}
    days = tuple(day.model_copy(update={"weekday": moved[day.id]}) for day in phase.days)
    return phase.model_copy(update={"days": days})


def add_template_phase(
    scope: Scope, program_id: ProgramId, base: int, template_id: str, now: datetime, today: date
) -> Begun:
    """Add a template as the next phase of a program. Raises `StaleSaveError`, `DomainError`, `NotFoundError`."""
    before = fresh_base(scope, program_id, base)
    template = _template(template_id)
    client_id = program_row(scope, program_id).client_id
    adapted = adapt(template, standpoint(scope, client_id, today), f"p{fresh_id()[:8]}")
    reason = f"Phase from the template {template.name}"
    after = write_revision(scope, before, PutPhase(value=adapted.phase).apply(before.program), reason, now)
    return Begun(after, adapted.changes)


@dataclass(frozen=True, slots=True)
class TemplateDayChoice:
    """A day of a template (from 0), and the phase that it goes into."""

    template: str
    day: int
    phase: str


def add_template_day(
    scope: Scope, program_id: ProgramId, base: int, choice: TemplateDayChoice, now: datetime, today: date
) -> Begun:
    """Add a day of a template to a running phase, as an optional one.

    Raises `StaleSaveError`, `DomainError` where it does not fit, `NotFoundError`.
    """
    before = fresh_base(scope, program_id, base)
    template = _template(choice.template)
    if not 0 <= choice.day < len(template.days):
        raise NotFoundError("day of the template")
    phase = find_phase(before.program, choice.phase)
    who = standpoint(scope, program_row(scope, program_id).client_id, today)
    day, changes = adapt_day(template, choice.day, phase, who, DayId(f"d{fresh_id()[:8]}"))
    reason = f"{day.name} from the template {template.name}, an optional day"
    after = write_revision(scope, before, PutDay(phase=phase.id, value=day).apply(before.program), reason, now)
    return Begun(after, changes)


@dataclass(frozen=True, slots=True)
class DraftWish:
    """What is wanted of a draft, when it begins (None: this week, or the next late in it), and the weeks away."""

    wish: Wish
    start: date | None = None
    away: Mapping[int, PlaceId] = field(default_factory=dict)


def draft_for(scope: Scope, client_id: ClientId, wish: DraftWish, today: date, told: Told = untold) -> DraftView:
    """Answer a draft from the client file, not kept; ``told`` hears what is being done.

    Raises `DomainError` where nothing fits, `NotFoundError`.
    """
    brief = _drafted_for(scope, client_id, today, wish)
    who = brief.who
    made = draft(brief, "Draft", first_monday(today, wish.start), wish.wish, told)
    first: Phase = made.program.phases[0]
    days = []
    for day in first.days:
        lines = tuple(
            DraftLine(
                made.slots.get(line.id, ""),
                line.exercise,
                who.profile.exercise(line.exercise).name,
                line.cells[0].text,
                line.reason,
            )
            for line in day.lines
        )
        longest = max(day_estimate(day, first.weeks, n, who.profile) for n in range(len(first.weeks)))
        days.append(DraftDay(day.name, day.weekday, round(longest / 60), lines))
    names = tuple(f"{phase.name}, {len(phase.weeks)} weeks: {phase.purpose}" for phase in made.program.phases)
    weeks = sum(len(phase.weeks) for phase in made.program.phases)
    return DraftView(tuple(days), names, weeks, made.program.start, made.relax)


def _drafted_for(scope: Scope, client_id: ClientId, today: date, wish: DraftWish) -> Brief:
    """The client a draft is for.

    Raises `DomainError` where a clearance comes first: nothing is drafted before it; and for a place nobody knows.
    """
    brief = brief_of(scope, client_id, today, wish.away)
    if any(place not in brief.who.profile.places for place in wish.away.values()):
        raise NotFoundError("place of this client")
    screening = brief.who.profile.screening
    if screening is not None and screening.allowed is None:
        raise DomainError(
            f"{screening.reason} Nothing is drafted before a clinician's word is written down; easy walking and what "
            "the clinician allowed can be typed on an empty program."
        )
    return brief


def drafted(scope: Scope, client_id: ClientId, wish: DraftWish, today: date) -> Drafted:
    """Answer the program that a draft comes to, not kept. Raises `DomainError`, `NotFoundError`."""
    check_none(scope, client_id)
    brief = _drafted_for(scope, client_id, today, wish)
    return draft(brief, _name_of(brief), first_monday(today, wish.start), wish.wish)


def _name_of(brief: Brief) -> str:
    """A name for a drafted program: the goal in the client's own words, else what it comes to."""
    return (brief.said.goal or str(brief.who.goal) or "Drafted program").strip()[:80] or "Drafted program"


def start_from_draft(scope: Scope, client_id: ClientId, made: Drafted, now: datetime) -> Begun:
    """Start a client's program from a draft that was made. Raises `DomainError`, `NotFoundError`."""
    check_none(scope, client_id)
    return Begun(keep_first(scope, client_id, made.program, "Drafted from the client file", now), made.relax)


def drawn(scope: Scope, begun: Begun, today: date) -> Started:
    """Answer the board of a program that was begun, with what was changed for the client."""
    return Started(board_of(scope, begun.revision, today), begun.changes)


def _template(template_id: str) -> Template:
    found = shipped_templates().get(template_id)
    if found is None:
        raise NotFoundError("template")
    return found
