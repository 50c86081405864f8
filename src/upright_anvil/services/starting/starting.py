"""Drafting a client's program from the file."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from datetime import date, datetime

from upright_anvil.core.drafting.brief import Brief
from upright_anvil.core.drafting.draft import Drafted, Wish, draft
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, ExerciseId, PlaceId
from upright_anvil.core.plan.document import Phase
from upright_anvil.core.plan.read_out.reading import day_estimate
from upright_anvil.core.steps import Told, untold
from upright_anvil.services.board.empty_program import begins, keep_first
from upright_anvil.services.starting.brief import brief_of
from upright_anvil.services.starting.taking_over import Begun
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.not_found import NotFoundError


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
    made = draft(brief, "Draft", begins(scope, client_id, today, wish.start), wish.wish, told)
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
    brief = _drafted_for(scope, client_id, today, wish)
    return draft(brief, _name_of(brief), begins(scope, client_id, today, wish.start), wish.wish)


def _name_of(brief: Brief) -> str:
    """A name for a drafted program: the goal in the client's own words, else what it comes to."""
    return (brief.said.goal or str(brief.who.goal) or "Drafted program").strip()[:80] or "Drafted program"


def start_from_draft(scope: Scope, client_id: ClientId, made: Drafted, now: datetime) -> Begun:
    """Start a client's program from a draft that was made. Raises `DomainError`, `NotFoundError`."""
    return Begun(keep_first(scope, client_id, made.program, "Drafted from the client file", now), made.relax)
