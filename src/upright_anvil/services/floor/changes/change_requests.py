"""What a trainer can ask to be changed in a session, and the changes it comes to."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from datetime import date
from typing import Literal

from upright_anvil.core.constants import USUAL_REPS
from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.readiness import Report, grade, said
from upright_anvil.core.ids import ExerciseId, LineId, PlaceId
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.document import Line, Week
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.groups import ChangeGroup
from upright_anvil.core.plan.edits.lines import AddLine, MoveGroup
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.plan.read_out.resolving import suggested
from upright_anvil.core.prescription.bounds import MAX_SETS
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.schemes import BackOff, Drops, Varied
from upright_anvil.core.prescription.text.rounds import rounds_of
from upright_anvil.core.prescription.text.shorthand import ShorthandError, read, write
from upright_anvil.core.session.easing import easing
from upright_anvil.core.session.elsewhere import elsewhere
from upright_anvil.core.session.late import trimmed
from upright_anvil.core.session.model import DayChange, Sort
from upright_anvil.core.session.swapping import swap
from upright_anvil.core.session.this_session import day_of
from upright_anvil.services.floor.changes.on_the_day import OnTheDay
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.store.file.database import Scope

ADDED_RESERVE = 3
"""The reserve an exercise added on the floor is asked for. House rule."""


@dataclass(frozen=True, slots=True)
class RequestedReadiness:
    """A report of readiness."""

    report: Report
    sort: Literal[Sort.READINESS] = Sort.READINESS


@dataclass(frozen=True, slots=True)
class RequestedTime:
    """Only so many minutes are left."""

    minutes: int
    sort: Literal[Sort.LATE] = Sort.LATE


@dataclass(frozen=True, slots=True)
class RequestedPlace:
    """Trained at another place."""

    place: PlaceId
    sort: Literal[Sort.PLACE] = Sort.PLACE


@dataclass(frozen=True, slots=True)
class RequestedSwap:
    """Another exercise for a line."""

    line: LineId
    exercise: ExerciseId
    why: str = ""
    sort: Literal[Sort.SWAP] = Sort.SWAP


@dataclass(frozen=True, slots=True)
class RequestedLoad:
    """Another load for the sets of a line that are left; assistance where ``assisted``."""

    line: LineId
    load: Load
    assisted: bool = False
    sort: Literal[Sort.LOAD] = Sort.LOAD


@dataclass(frozen=True, slots=True)
class RequestedDrop:
    """A line left out, what is done of it kept."""

    line: LineId
    why: str = ""
    sort: Literal[Sort.DROP] = Sort.DROP


@dataclass(frozen=True, slots=True)
class RequestedAdd:
    """One more exercise, with a shorthand or without; the line's id was made by the caller."""

    line: LineId
    exercise: ExerciseId
    text: str = ""
    sort: Literal[Sort.ADD] = Sort.ADD


@dataclass(frozen=True, slots=True)
class RequestedMove:
    """A line, with its group, at another place of the order (from 0), counted among what is trained today."""

    line: LineId
    position: int
    sort: Literal[Sort.MOVE] = Sort.MOVE


@dataclass(frozen=True, slots=True)
class RequestedRound:
    """One more round of the group that a line stands in."""

    line: LineId
    sort: Literal[Sort.ROUND] = Sort.ROUND


RequestedChange = (
    RequestedReadiness
    | RequestedTime
    | RequestedPlace
    | RequestedSwap
    | RequestedLoad
    | RequestedDrop
    | RequestedAdd
    | RequestedMove
    | RequestedRound
)


@dataclass(frozen=True, slots=True)
class Answered:
    """The changes that were asked for, and what is said about them in one sentence."""

    changes: tuple[DayChange, ...]
    said: str


def worked_out(
    scope: Scope,
    day: OnTheDay,
    requested: RequestedChange,
    profile: ClientProfile,
    done: Mapping[str, int],
    today: date,
) -> Answered:
    """Answer the changes that something asked for comes to. Raises `DomainError` where it cannot be done.

    ``profile`` is that of the session, ``done`` counts the sets logged by line: what was begun is left as it is.
    """
    match requested:
        case RequestedReadiness():
            how = grade(requested.report)
            found = easing(requested.report, day.session, profile, frozenset(done))
            words = "as planned" if not found else f"{len(found)} change{'s' if len(found) > 1 else ''}"
            return Answered(found, f"A {how} day: {words}. {said(requested.report)}")
        case RequestedTime():
            return _less_time(scope, day, requested.minutes, profile, done, today)
        case RequestedPlace():
            if requested.place not in profile.places:
                raise DomainError("This client does not train at that place; add it to the client's file first.")
            there = profile.at(requested.place)
            found = elsewhere(day.session, requested.place, profile, there, frozenset(done))
            return Answered(found, f"{len(found) - 1} of {len(day.found.day.lines)} lines change.")
        case RequestedSwap():
            change = swap(
                _line(day, requested.line), _week(day), _exercise(requested.exercise, profile), profile, requested.why
            )
            return Answered((change,), change.label)
        case _:
            change = _simple(day, requested, profile)
            return Answered((change,), change.label)


def _simple(
    day: OnTheDay,
    requested: RequestedLoad | RequestedDrop | RequestedAdd | RequestedMove | RequestedRound,
    profile: ClientProfile,
) -> DayChange:
    match requested:
        case RequestedRound():
            return _round_more(day, requested.line, profile)
        case RequestedLoad():
            return _load(day, requested, profile)
        case RequestedAdd():
            return _add(day, requested, profile)
        case RequestedDrop():
            line = _line(day, requested.line)
            name = profile.exercise(line.exercise_in(_week(day))).name
            edit = SetCell(line=line.id, week=_week(day).id, text="")
            return DayChange(
                f"drop {line.id}", f"{name} left out", requested.why or "The trainer's choice.", (edit,), line.id
            )
        case RequestedMove():
            line = _line(day, requested.line)
            groups = day.found.day.groups
            group = next(g for g in groups if line in g.lines)
            trained = [g for g in groups if any(one.cells[0].text for one in g.lines)]
            goes_to = groups.index(trained[min(requested.position, len(trained) - 1)]) if trained else 0
            name = profile.exercise(line.exercise_in(_week(day))).name
            move = MoveGroup(group=group.id, day=day.found.day.id, position=goes_to)
            return DayChange(
                f"move {line.id}", f"{name} now comes {requested.position + 1}.", "Order changed.", (move,), line.id
            )


def _less_time(
    scope: Scope, day: OnTheDay, minutes: int, profile: ClientProfile, done: Mapping[str, int], today: date
) -> Answered:
    who = replace(standpoint(scope, day.found.program.client_id, today), profile=profile)
    found = trimmed(day.session, minutes, who, done)
    left = f"{round(found.seconds / 60)} min are left to do, {round(found.after / 60)} min after these changes."
    if found.fits:
        return Answered(found.changes, left if found.changes else f"What is left fits into {minutes} min as it is.")
    return Answered(found.changes, f"{left} That is still more than {minutes} min: leave the last exercises out.")


def _load(day: OnTheDay, requested: RequestedLoad, profile: ClientProfile) -> DayChange:
    line = _line(day, requested.line)
    asked = prescription_or_none(line.cells[0].text, profile.unit)
    name = profile.exercise(line.exercise_in(_week(day))).name
    if asked is None or isinstance(asked.scheme, Varied | Drops | BackOff):
        raise DomainError(f"The sets of {name} differ; change their loads one by one.")
    bodyweight = isinstance(asked.load, BodyweightLoad) or requested.assisted
    load = BodyweightLoad(requested.load, requested.assisted) if bodyweight and requested.load.value else requested.load
    text = write(replace(asked, load=load if requested.load.value else None, others=()))
    edit = SetCell(line=line.id, week=_week(day).id, text=text)
    return DayChange(
        f"load {line.id}", f"{name}: {load} for the sets left", f"{asked.load} was planned.", (edit,), line.id
    )


def _round_more(day: OnTheDay, line_id: LineId, profile: ClientProfile) -> DayChange:
    line = _line(day, line_id)
    group = next(g for g in day.found.day.groups if line in g.lines)
    rounds = rounds_of(one.cells[0].text for one in group.lines)
    if rounds is None or len(group.lines) == 1:
        raise DomainError("A round more needs a group that is done round by round.")
    if rounds >= MAX_SETS:
        raise DomainError(f"At most {MAX_SETS} rounds.")
    names = ", ".join(profile.exercise(one.exercise_in(_week(day))).name for one in group.lines)
    edit = ChangeGroup(group=group.id, rounds=rounds + 1)
    key = f"round {group.id} {rounds + 1}"
    return DayChange(key, f"Round {rounds + 1} added", f"The trainer's choice: {names}.", (edit,), line.id)


def _add(day: OnTheDay, requested: RequestedAdd, profile: ClientProfile) -> DayChange:
    exercise = _exercise(requested.exercise, profile)
    text = requested.text.strip()
    if text:
        try:
            text = write(read(text, profile.unit))
        except ShorthandError as error:
            raise DomainError(str(error)) from error
    else:
        load = suggested(exercise, profile, USUAL_REPS, ADDED_RESERVE)
        text = f"3 x {USUAL_REPS}{f', {load}' if load else ''}, leave {ADDED_RESERVE}"
    edit = AddLine(day=day_of(day.session)[1].id, line=requested.line, exercise=exercise.id, text=text)
    return DayChange(
        f"add {requested.line}", f"{exercise.name} added: {text}", "Added on the floor.", (edit,), requested.line
    )


def _week(day: OnTheDay) -> Week:
    return day.found.phase.weeks[0]


def _line(day: OnTheDay, line_id: LineId) -> Line:
    for line in day.found.day.lines:
        if line.id == line_id:
            return line
    raise DomainError("That exercise is no longer in this session.")


def _exercise(exercise_id: ExerciseId, profile: ClientProfile) -> Exercise:
    found = profile.exercises.get(exercise_id)
    if found is None or found.removed:
        raise DomainError("Nobody knows that exercise any more; choose another.")
    return found
