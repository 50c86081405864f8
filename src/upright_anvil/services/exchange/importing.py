"""A program that comes in as a file: looked at first, then a program of a client."""

from dataclasses import dataclass
from datetime import date, datetime

from upright_anvil.core.ids import NO_EXERCISE, NO_PLACE, ClientId, ExerciseId
from upright_anvil.core.library.search import SearchIndex
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Day, Phase, Program
from upright_anvil.core.plan.edits.lines import RemoveLine
from upright_anvil.core.plan.locate import rebuilt
from upright_anvil.core.templates.from_phase import template_of
from upright_anvil.formats.exchange.program_file import ProgramFile, read_program
from upright_anvil.formats.exchange.program_sheets import read_xlsx
from upright_anvil.formats.exchange.table_file import ZIP
from upright_anvil.services.board.empty_program import begins, keep_first
from upright_anvil.services.shelf import library
from upright_anvil.services.starting.taking_over import Begun, TakenOver, taken_over
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope


@dataclass(frozen=True, slots=True)
class ReadFile:
    """A program read from a file as it would be for a client, and in words what was changed or lost."""

    name: str
    program: Program
    said: tuple[str, ...]


def look_at_file(scope: Scope, client_id: ClientId, content: bytes, today: date) -> TakenOver:
    """Answer what a file's program would become for a client, not kept. Raises `DomainError`, `NotFoundError`."""
    read = _read(scope, client_id, content, today)
    known = library(scope)
    lines = [
        f"{phase.name}, {day.name}: {', '.join(known.exercise(line.exercise).name for line in day.lines)}"
        for phase in read.program.phases
        for day in phase.days
    ]
    weeks = sum(len(phase.weeks) for phase in read.program.phases)
    return TakenOver(read.name, weeks, len(read.program.phases), tuple(lines), read.said)


def start_from_file(
    scope: Scope, client_id: ClientId, content: bytes, now: datetime, today: date, start: date | None = None
) -> Begun:
    """Start a client's program from a file.

    Written for this client, by name, it comes in as it is; else like another client's: without the loads of who lifted
    them. Raises `DomainError` where it cannot be read or nothing of it can be done, `NotFoundError`.
    """
    read = _read(scope, client_id, content, today)
    program = rebuilt(read.program, start=begins(scope, client_id, today, start), moved=(), pauses=(), answers=())
    return Begun(keep_first(scope, client_id, program, f"From a file: {read.name}"[:300], now), read.said)


def _read(scope: Scope, client_id: ClientId, content: bytes, today: date) -> ReadFile:
    said: list[str] = []
    if content.startswith(ZIP):
        sheets = read_xlsx(content)
        file, said = sheets.file, list(sheets.lost)
    else:
        file = read_program(content)
    who = client(scope, client_id)
    program = _without_strangers(scope, file, said)
    if file.client == who.name and file.unit is Unit(who.unit):
        said.append("The loads are those of the file: look at them before the first session.")
        return ReadFile(program.name, program, tuple(said))
    phases = [template_of(phase, phase.name, file.unit) for phase in program.phases if any(d.lines for d in phase.days)]
    said.append("Written for another client: the loads are this client’s own, or left to be found.")
    begun, changes = taken_over(scope, client_id, phases, program.name, today)
    return ReadFile(begun.name, begun, (*said, *changes))


def _without_strangers(scope: Scope, file: ProgramFile, said: list[str]) -> Program:
    """The program with its exercises found in this library, by id or name; what is not there is left out and said."""
    known, index = library(scope).exercises, library(scope).index
    found: dict[ExerciseId, ExerciseId] = {}
    gone: set[str] = set()

    def meant(exercise: ExerciseId) -> ExerciseId:
        if exercise not in found:
            found[exercise] = exercise if exercise in known else _by_name(file, exercise, index)
        return found[exercise]

    program = file.program
    for line in [line for phase in program.phases for day in phase.days for line in day.lines]:
        if not meant(line.exercise):
            gone.add(file.exercises.get(line.exercise, line.exercise))
            program = RemoveLine(line=line.id).apply(program)
    if gone:
        said.append(f"Not in the library and left out: {', '.join(sorted(gone))}.")

    def own(day: Day) -> Day:
        groups = tuple(
            rebuilt(
                group,
                lines=tuple(
                    rebuilt(
                        line,
                        exercise=meant(line.exercise),
                        exercise_b=meant(line.exercise_b) if line.exercise_b else NO_EXERCISE,
                        easier=line.easier if line.easier in known else NO_EXERCISE,
                        harder=line.harder if line.harder in known else NO_EXERCISE,
                    )
                    for line in group.lines
                ),
            )
            for group in day.groups
        )
        return rebuilt(day, groups=groups, place=NO_PLACE)

    def placed(phase: Phase) -> Phase:
        weeks = tuple(rebuilt(week, place=NO_PLACE) for week in phase.weeks)
        return rebuilt(phase, weeks=weeks, days=tuple(own(day) for day in phase.days))

    if any(week.place for phase in program.phases for week in phase.weeks):
        said.append("Weeks at other places are at the usual one: places stay with their studio.")
    return rebuilt(program, phases=tuple(placed(phase) for phase in program.phases))


def _by_name(file: ProgramFile, exercise: ExerciseId, index: SearchIndex) -> ExerciseId:
    hits = index.search(file.exercises.get(exercise, exercise), 1)
    return hits[0].exercise.id if hits and hits[0].named else NO_EXERCISE
