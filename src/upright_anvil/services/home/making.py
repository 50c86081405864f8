"""Making a home sheet: days of a client's program as they stand, with what the client has where it is done."""

from base64 import b64encode
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import date, datetime
from secrets import token_hex

from upright_anvil.core.body.joints import Side
from upright_anvil.core.clock.tempo_beats import metronome
from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.cautions import Caution
from upright_anvil.core.health.warning_signs import WARNING_SIGNS
from upright_anvil.core.home.dose import dose_words, load_words
from upright_anvil.core.home.sheet import (
    SIGNS_ALONE,
    STOP_RULES,
    HomeDay,
    HomeMove,
    HomeRung,
    HomeSet,
    HomeSheet,
)
from upright_anvil.core.ids import NO_EXERCISE, ClientId, DayId, ExerciseId, ProgramId, WeekId
from upright_anvil.core.library.cues import cues_for
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.phrases import Language, Phrases
from upright_anvil.core.plan.document import Line
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.session.swapping import fits
from upright_anvil.formats.picture_file import MEDIA_TYPE
from upright_anvil.formats.shipped.languages import day_words, phrases_of
from upright_anvil.services.floor.clocks import clocks_of
from upright_anvil.services.floor.line import FloorLine
from upright_anvil.services.floor.opened import Opened, opened, run_lines
from upright_anvil.services.floor.opening import floor_of
from upright_anvil.services.floor.sets import FloorSet
from upright_anvil.services.health.health_file import screening_of
from upright_anvil.services.home.kept import written
from upright_anvil.services.ids import fresh_id
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import exercises
from upright_anvil.store.tables import HomeSheetRow

MOST_DAYS = 14
"""Days on one sheet: two weeks of daily work."""

KEY_BYTES = 16
LOADS_AROUND = 8
RUNG_CUES = 2
MOST_PICTURE_BYTES = 120_000


@dataclass(frozen=True, slots=True)
class SheetDay:
    """A day of a week that is to stand on a sheet."""

    week_id: WeekId
    day_id: DayId


@dataclass(frozen=True, slots=True)
class MadeSheet:
    """A sheet that was made: its id, for whom, what is on it, and what to know of it."""

    id: str
    client: str
    days: tuple[str, ...]
    said: tuple[str, ...]


def make_sheet(
    scope: Scope,
    client_id: ClientId,
    program_id: ProgramId,
    days: Sequence[SheetDay],
    address: str,
    now: datetime,
    today: date,
) -> MadeSheet:
    """Make and keep a sheet in the client's language.

    Raises `DomainError` for no day, too many, a day that is gone or has nothing to do, `NotFoundError`.
    """
    if not 0 < len(days) <= MOST_DAYS:
        raise DomainError(f"A sheet has one to {MOST_DAYS} days.")
    who, row = client(scope, client_id), programs.program_row(scope, program_id)
    if row.client_id != who.id:
        raise DomainError("That program is another client's.")
    revision = programs.current(scope, program_id)
    language = Language(who.language)
    phrases = phrases_of(language)
    made = tuple(_day(scope, program_id, asked, phrases, language, today) for asked in dict.fromkeys(days))
    made = tuple(sorted((day for day in made if day.moves), key=lambda day: day.on))
    if not made:
        raise DomainError("There is nothing to do on the days that were chosen.")
    sheet = HomeSheet(
        id=fresh_id(),
        key=token_hex(KEY_BYTES),
        client_id=who.id,
        client=who.name.split()[0],
        program_id=program_id,
        revision=revision.number,
        program=revision.program.name,
        made_on=today,
        unit=Unit(who.unit),
        language=language,
        sentences=dict(phrases.sentences),
        days=made,
        stop_rules=tuple(phrases.say(rule) for rule in STOP_RULES),
        signs=tuple(phrases.say(sign) for sign in WARNING_SIGNS),
        what_to_do=phrases.say(SIGNS_ALONE),
        address=address,
    )
    kept = HomeSheetRow(
        id=sheet.id,
        client_id=who.id,
        program_id=program_id,
        made_at=now,
        document=written(sheet),
        send_code="",
        send_until=None,
    )
    scope.db.add(kept)
    scope.db.flush()
    return MadeSheet(sheet.id, who.name, tuple(day.name for day in made), _said(scope, made, today, who.id))


def _said(scope: Scope, days: Sequence[HomeDay], today: date, client_id: ClientId) -> tuple[str, ...]:
    """What the trainer minds before it is done with nobody beside: joints in trouble, a clearance that is missing."""
    said = []
    careful = [move.name for day in days for move in day.moves if move.cautions]
    if careful:
        said.append(f"A joint is to be minded in {', '.join(dict.fromkeys(careful))}; the sheet says so.")
    screening = screening_of(scope, client_id, today)
    if screening.reminder:
        said.append(screening.reminder)
    return tuple(said)


def _day(
    scope: Scope, program_id: ProgramId, asked: SheetDay, phrases: Phrases, language: Language, today: date
) -> HomeDay:
    view = opened(scope, program_id, asked.week_id, asked.day_id, today)
    floor = floor_of(scope, view, today)
    lines, _ = run_lines(view)
    plan = {line.id: line for line in view.day.found.day.lines}
    moves = tuple(
        _move(scope, shown, plan[shown.line], lines[shown.line].prescription, view, phrases)
        for shown in floor.lines
        if shown.line in plan and shown.line in lines and shown.sets
    )
    return HomeDay(
        week_id=asked.week_id,
        day_id=asked.day_id,
        name=floor.day,
        on=floor.planned_for,
        on_words=day_words(floor.planned_for, language),
        week=floor.week,
        minutes=round(floor.estimated_seconds / 60),
        moves=moves,
        clocks=clocks_of(view, phrases),
        order=floor.order,
    )


def _move(scope: Scope, shown: FloorLine, line: Line, asked: Prescription, view: Opened, phrases: Phrases) -> HomeMove:
    week = view.day.found.phase.weeks[0]
    exercise = view.here.exercise(line.exercise_in(week))
    working = [s.aim for s in shown.sets]
    return HomeMove(
        line=shown.line,
        exercise=exercise.id,
        name=exercise.name,
        planned=shown.planned,
        dose=dose_words(asked, working, phrases),
        cues=shown.cues.cues,
        always=shown.always,
        together=_together(line, view, phrases) if not shown.clock else "",
        cautions=tuple(_caution(caution, phrases) for caution in shown.joints),
        easier=_rung(line.easier, view.here.ladders.easier(exercise.id), view),
        harder=_rung(line.harder, view.here.ladders.harder(exercise.id), view),
        sets=tuple(_set(one, asked, phrases) for one in (*shown.ramp_up, *shown.sets)),
        rest=shown.rest,
        group=shown.group,
        clock=shown.clock,
        loads=_near(shown.loads, working[0].load if working else None),
        metronome=metronome(asked, exercise, phrases) if asked.tempo is not None else None,
        picture=_picture(scope, exercise),
    )


def _together(line: Line, view: Opened, phrases: Phrases) -> str:
    """With what a line is done in turn; empty where it stands on its own."""
    group = next((g for g in view.day.found.day.groups if line in g.lines), None)
    others = [view.here.exercise(other.exercise).name for other in (group.lines if group else ()) if other is not line]
    return phrases.say("Together with {{names}}, in turn", names=", ".join(others)) if others else ""


def _caution(caution: Caution, phrases: Phrases) -> str:
    """What to mind, calmly, in the client's language: the side and the joint."""
    side, _, joint = caution.about.partition(" ")
    sided = side in (*Side, "both")
    named = f"{phrases.say(side)} {phrases.say(joint.removesuffix('s'))}" if sided else phrases.say(caution.about)
    return phrases.say("Careful here: {{joint}}. Stop where it hurts.", joint=named)


def _set(one: FloorSet, asked: Prescription, phrases: Phrases) -> HomeSet:
    aim = one.aim
    low: int | None = None
    high: int | None = None
    if aim.reps is not None:
        low, high = (one.ranges[0].low, one.ranges[0].high) if one.ranges else (aim.reps, aim.reps)
        amount = phrases.say("{{count}} reps", count=low if low == high else f"{low}-{high}")
    elif aim.metres is not None:
        amount = f"{aim.metres} m"
    else:
        amount = f"{aim.seconds} s"
    load = load_words(aim, phrases)
    return HomeSet(one.number, one.ramp, f"{amount}, {load}" if load else amount, aim, one.sides, low, high)


def _rung(named: ExerciseId, beside: Sequence[ExerciseId], view: Opened) -> HomeRung | None:
    """The rung named in advance, else the first on a ladder that can be done there and no joint forbids."""
    here = view.here
    for candidate in (named, *beside):
        exercise = here.exercises.get(candidate) if candidate != NO_EXERCISE else None
        if exercise is not None and (candidate == named or (fits(exercise, here) and not exercise.on_request)):
            return HomeRung(exercise.name, cues_for(exercise, here.standing).cues[:RUNG_CUES])
    return None


def _near(loads: Sequence[Load], aim: Load | None) -> tuple[Load, ...]:
    """The loads around the planned one: a phone's sheet needs no rack of forty."""
    if aim is None or not loads:
        return ()
    at = min(range(len(loads)), key=lambda i: abs(loads[i].kg - aim.kg))
    return tuple(loads[max(0, at - LOADS_AROUND) : at + LOADS_AROUND + 1])


def _picture(scope: Scope, exercise: Exercise) -> str:
    kept = exercises.picture(scope, exercise.id)
    if kept is None or len(kept.content) > MOST_PICTURE_BYTES:
        return ""
    return f"data:{MEDIA_TYPE};base64,{b64encode(kept.content).decode()}"
