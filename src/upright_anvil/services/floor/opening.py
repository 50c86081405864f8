"""The floor: one session with what is planned, what was done last time and what is done so far."""

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import date, datetime

from upright_anvil.core.clock.timeline import is_timed
from upright_anvil.core.health.cautions import Caution, general_cautions
from upright_anvil.core.ids import ClientId, DayId, PlaceId, ProgramId, SessionId, WeekId
from upright_anvil.core.ledger.rows import Outcome
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.phrases import Language
from upright_anvil.core.plan.document import Cell, Line
from upright_anvil.core.plan.read_out.reading import day_estimate
from upright_anvil.core.session.order import Turn, running_order
from upright_anvil.core.session.ramp_up import RampUp
from upright_anvil.formats.shipped.languages import phrases_of
from upright_anvil.services.floor.changes.on_the_day import MadeChange
from upright_anvil.services.floor.devices import measured_by_set
from upright_anvil.services.floor.last_time import remembered
from upright_anvil.services.floor.line import Around, FloorLine, floor_line
from upright_anvil.services.floor.opened import Opened, on_the_bar, opened, run_lines
from upright_anvil.services.health.health_file import screening_of
from upright_anvil.services.shelf import library
from upright_anvil.store.client.exercise_notes import exercise_notes
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.studio.places import places_of_client

DEVICE_CALLS = ("Ten seconds", "Go")
"""What the device calls in a rest that it counts itself."""


@dataclass(frozen=True, slots=True)
class PlaceChoice:
    """A place of the client with what to know of it; ``here`` is the one trained at today."""

    id: PlaceId
    name: str
    here: bool
    note: str


@dataclass(frozen=True, slots=True)
class FloorView:
    """A session as the floor shows it.

    ``language`` is that of its calls; ``call_words`` are those the device makes itself, by their English.
    ``order`` is the order its sets are run in, ``changes`` what was changed for the day, ``asked_readiness`` whether
    the client was asked, ``for_today`` what was noted last time for this one.
    """

    session_id: SessionId
    program_id: ProgramId
    week_id: WeekId
    day_id: DayId
    client_id: ClientId
    client: str
    unit: Unit
    minutes: int
    day: str
    week: int
    phase: str
    planned_for: date
    estimated_seconds: int
    started_at: datetime | None
    finished_at: datetime | None
    effort: int | None
    reminder: str | None
    awaited: bool
    cautions: tuple[Caution, ...]
    lines: tuple[FloorLine, ...]
    order: tuple[Turn, ...]
    changes: tuple[MadeChange, ...]
    asked_readiness: bool
    places: tuple[PlaceChoice, ...]
    notes: tuple[str, ...]
    for_today: tuple[str, ...]
    language: Language
    call_words: Mapping[str, str]


def open_floor(scope: Scope, program_id: ProgramId, week_id: WeekId, day_id: DayId, today: date) -> FloorView:
    """Answer the session as it stands. Raises `NotFoundError`, or `DomainError` when no such day is planned.

    ``reminder`` is what the health screen still asks for, ``awaited`` whether a clearance is not recorded yet,
    ``cautions`` what conditions mean today.
    """
    return floor_of(scope, opened(scope, program_id, week_id, day_id, today), today)


def floor_of(scope: Scope, view: Opened, today: date) -> FloorView:
    """Answer the floor of a session that was read out."""
    found, profile = view.day.found, view.profile
    lines, ramps = run_lines(view)
    notes = ledger.notes_of_session(scope, found.id)
    by_line: dict[str, list[str]] = {}
    for note in notes:
        by_line.setdefault(note.line, []).append(note.text)
    screening = screening_of(scope, view.who.id, today)
    language = Language(view.who.language)
    phrases = phrases_of(language)
    row = found.row
    return FloorView(
        session_id=found.id,
        program_id=found.program.id,
        week_id=found.week_id,
        day_id=found.day.id,
        client_id=view.who.id,
        client=view.who.name,
        unit=profile.unit,
        minutes=found.day.minutes or view.who.minutes,
        day=found.day.name,
        week=found.number,
        phase=found.phase.name,
        planned_for=found.planned_for,
        estimated_seconds=day_estimate(found.day, found.phase.weeks, 0, profile),
        started_at=row.started_at if row else None,
        finished_at=row.finished_at if row else None,
        effort=row.effort if row else None,
        reminder=screening.reminder,
        awaited=screening.awaited,
        cautions=general_cautions(profile.standing, today),
        lines=_lines(scope, view, ramps, by_line, {g.id for g in found.day.groups if is_timed(g, lines)}, today),
        order=running_order(found.day, lines),
        changes=view.day.changes,
        asked_readiness=view.readiness is not None,
        places=_places(scope, view),
        notes=tuple(by_line.get("", ())),
        for_today=_for_today(scope, view),
        language=language,
        call_words={word: phrases.say(word) for word in DEVICE_CALLS},
    )


def _lines(
    scope: Scope,
    view: Opened,
    ramps: dict[str, RampUp],
    notes: dict[str, list[str]],
    timed: set[str],
    today: date,
) -> tuple[FloorLine, ...]:
    found, here = view.day.found, view.here
    until = found.row.on_date if found.row else date.max
    week = found.phase.weeks[0]
    groups = {line.id: group for group in found.day.groups for line in group.lines}
    on_bar = on_the_bar(view)
    always = exercise_notes(scope, view.who.id)
    measured = measured_by_set(scope, found.id) if found.row else {}
    pictures = library(scope).pictures
    shown = []
    run = (*found.day.lines, *_beside_the_plan(view))
    past = remembered(scope, {line.exercise_in(week) for line in run}, view.before, until, here)
    for line in run:
        exercise = here.exercise(line.exercise_in(week))
        last, best = past[line.exercise_in(week)]
        group = groups.get(line.id)
        around = Around(
            day=found.day,
            group=group,
            phase=found.phase,
            profile=here,
            standing=view.standing,
            last=last,
            best=best,
            ramp=ramps.get(line.id, RampUp((), "")),
            clock=bool(group and group.id in timed),
            on_bar=on_bar,
            notes=tuple(notes.get(line.id, ())),
            always=always.get(exercise.id, ""),
            picture=pictures.get(exercise.id, ""),
            measured=measured.get(line.id, {}),
            on=found.row.on_date if found.row else today,
            phrases=phrases_of(Language(view.who.language)),
        )
        shown.append(floor_line(line, exercise, around))
    return tuple(line for line in shown if line is not None)


def _beside_the_plan(view: Opened) -> list[Line]:
    """Lines that sets were logged for and the session no longer has: nothing that was done goes out of sight."""
    planned = {line.id for line in view.day.found.day.lines}
    found: dict[str, Line] = {}
    for slot, kept in view.standing.items():
        if slot.line not in planned and kept.row.outcome is not Outcome.CLEARED:
            found.setdefault(slot.line, Line(id=slot.line, exercise=kept.row.exercise, cells=(Cell(),)))
    return list(found.values())


def _places(scope: Scope, view: Opened) -> tuple[PlaceChoice, ...]:
    inventory = view.here.inventory
    notes = {row.id: row.note for row in places_of_client(scope, view.who.id)}
    return tuple(
        PlaceChoice(place, view.profile.place_names[place], kept is inventory, notes.get(place, ""))
        for place, kept in view.profile.places.items()
    )


def _for_today(scope: Scope, view: Opened) -> tuple[str, ...]:
    """What was noted for the next time in the client's last finished session before this one."""
    row = view.day.found.row
    earlier = training_sessions.finished_before(
        scope, view.who.id, view.day.found.id, None if row is None else row.started_at
    )
    if earlier is None:
        return ()
    return tuple(note.text for note in ledger.notes_of_session(scope, earlier) if note.for_next)
