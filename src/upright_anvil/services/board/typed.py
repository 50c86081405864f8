"""What is typed on the board and stands for more: the same as above, and a row filled by a formula."""

from collections.abc import Iterator, Sequence
from dataclasses import replace
from datetime import date

from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import NO_WEEK, ExerciseId, LineId, ProgramId, WeekId
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.changing.formulas import Formula, formula_in
from upright_anvil.core.plan.changing.paths import Path, PathKind, along
from upright_anvil.core.plan.changing.replacing import swapped_cells
from upright_anvil.core.plan.changing.suited import suited
from upright_anvil.core.plan.document import Day, Phase, Program, WeekKind
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import Carry, SetCell
from upright_anvil.core.plan.edits.lines import AddLine, ChangeExercise
from upright_anvil.core.plan.locate import find_day, find_line, week_index
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import ReadCell, prescription_or_none, profiles_by_week, read_cell
from upright_anvil.core.prescription.text.ditto import is_ditto, same_as
from upright_anvil.core.prescription.text.misreading import Unreadable, as_expectation
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.services.board.reading import CellAddress, profile_at, profile_of_program
from upright_anvil.services.shelf import all_exercises
from upright_anvil.store import programs
from upright_anvil.store.client.clients import client
from upright_anvil.store.file.database import Scope

MOST_TOLD = 4
"""Weeks of a filled row that are told while it is typed."""


def read_line(
    scope: Scope,
    program_id: ProgramId,
    text: str,
    exercise_id: ExerciseId,
    today: date,
    address: CellAddress | None = None,
) -> ReadCell:
    """Answer one line read out against the program's client, as the board would show it in that cell.

    The place of its week answers. What stands for more than itself is read as what it comes to. Raises
    `NotFoundError`.
    """
    at = address or CellAddress()
    profile = profile_at(scope, program_id, today, at)
    exercise, formula = profile.exercise(exercise_id), formula_in(text)
    if not at.line or (formula is None and not is_ditto(text)):
        return read_cell(text, exercise, profile)
    program = programs.current(scope, program_id).program
    edit = SetCell(line=at.line, week=at.week, text=text)
    try:
        cells = [one for one in written_out(scope, program_id, program, edit, today) if isinstance(one, SetCell)]
    except DomainError as refusal:
        return ReadCell("unreadable", text, unreadable=Unreadable(0, as_expectation(refusal), None))
    place = find_line(program, at.line)
    first = next((c.text for c in cells if c.week == at.week), place.line.cells[week_index(place.phase, at.week)].text)
    following = [cell.text for cell in cells if cell.week != at.week]
    read_out = read_cell(first, exercise, profile)
    if not following:
        return read_out
    told = " · ".join(following[:MOST_TOLD]) + (" …" if len(following) > MOST_TOLD else "")
    return replace(read_out, note=f"then {told}")


def written_out(scope: Scope, program_id: ProgramId, program: Program, edit: Edit, today: date) -> Sequence[Edit]:
    """Answer an edit as others that say outright what its text stands for; the edit itself where it stands for itself.

    Raises `DomainError` where there is nothing above to be the same as, or a formula has nothing to begin from.
    """
    if isinstance(edit, AddLine) and is_ditto(edit.text):
        return tuple(_line_like_above(scope, program_id, program, edit))
    if isinstance(edit, SetCell) and is_ditto(edit.text):
        text = _cell_like_above(scope, program_id, program, edit)
        return (edit.model_copy(update={"text": text}),)
    if isinstance(edit, ChangeExercise):
        return (edit, *_swapped(program, edit, profile_of_program(scope, program_id, today)))
    formula = formula_in(edit.text) if isinstance(edit, SetCell) else None
    if isinstance(edit, SetCell) and formula is not None:
        profile = profile_of_program(scope, program_id, today)
        return filled_row(program, edit.line, edit.week, formula, profile)
    return (edit,)


def _swapped(program: Program, edit: ChangeExercise, profile: ClientProfile) -> Iterator[SetCell]:
    """The cells of a line that says other sides, another tempo or load with another exercise in some weeks."""
    place = find_line(program, edit.line)
    after = find_line(edit.apply(program), edit.line).line
    changing = {
        w.id: place.line.exercise_in(w) for w in place.phase.weeks if after.exercise_in(w) != place.line.exercise_in(w)
    }
    for find in dict.fromkeys(changing.values()):
        cells = swapped_cells(place.phase, place.line, find, profile.exercise(edit.exercise), profile)
        yield from (cell for cell in cells if cell.week in changing)


def _line_like_above(scope: Scope, program_id: ProgramId, program: Program, edit: AddLine) -> Iterator[Edit]:
    """A line that says in each week what the last line above it says."""
    phase, day = find_day(program, edit.day)
    unit = _unit(scope, program_id)
    above = [above_text(phase, day, n) for n in range(len(phase.weeks))]
    exercise = all_exercises(scope).get(edit.exercise)
    texts = []
    for text in above:
        said = same_as(edit.text, text, unit) if text else ""
        asked = prescription_or_none(said, unit)
        texts.append(write(suited(asked, exercise)) if asked is not None and exercise is not None else said)
    if not any(texts):
        raise DomainError("There is no line above to be the same as.")
    yield edit.model_copy(update={"text": texts[0]})
    for week, text in zip(phase.weeks, texts, strict=True):
        if text != texts[0]:
            yield SetCell(line=edit.line, week=week.id, text=text)


def _cell_like_above(scope: Scope, program_id: ProgramId, program: Program, edit: SetCell) -> str:
    place = find_line(program, edit.line)
    at, unit = week_index(place.phase, edit.week), _unit(scope, program_id)
    above = above_text(place.phase, place.day, at, edit.line)
    if not above:
        raise DomainError("There is no line above to be the same as.")
    said = same_as(edit.text, above, unit)
    asked = prescription_or_none(said, unit)
    exercise = all_exercises(scope).get(place.line.exercise_in(place.phase.weeks[at]))
    return write(suited(asked, exercise)) if asked is not None and exercise is not None else said


def above_text(phase: Phase, day: Day, week: int, line: LineId | None = None) -> str:
    """Answer what the nearest line above one says in a week (index): in its day, else at the end of the one before.

    Without a line, above the end of the day. Empty where nothing is.
    """
    days = list(phase.days)
    for one in reversed(days[: days.index(day) + 1]):
        lines = list(one.lines)
        if one is day and line is not None:
            lines = lines[: next(n for n, each in enumerate(lines) if each.id == line)]
        found = next((each.cells[week].text for each in reversed(lines) if each.cells[week].text), "")
        if found:
            return found
    return ""


def _unit(scope: Scope, program_id: ProgramId) -> Unit:
    return Unit(client(scope, programs.program_row(scope, program_id).client_id).unit)


def filled_row(
    program: Program, line: LineId, week: WeekId, formula: Formula, profile: ClientProfile
) -> tuple[SetCell, ...]:
    """Answer the cells of a row that is filled by a formula from a week on. Raises `DomainError`."""
    begin = SetCell(line=line, week=week, text=formula.base, carry=Carry.NONE) if formula.base else None
    begun = begin.apply(program) if begin else program
    place = find_line(begun, line)
    asked = prescription_or_none(place.line.cells[week_index(place.phase, week)].text, profile.unit)
    path = formula.path_for(asked.load if asked else None, profile.unit)
    filled = along_path(begun, line, week, path, NO_WEEK, profile)
    return (*((begin,) if begin else ()), *filled)


def along_path(
    program: Program, line_id: LineId, week_id: WeekId, path: Path, until: WeekId, profile: ClientProfile
) -> list[SetCell]:
    """Answer the cells of a line that is filled along a path from a week on, to ``until`` or the end of the phase.

    Raises `DomainError` where the path does not fit what the line says.
    """
    place = find_line(program, line_id)
    start = week_index(place.phase, week_id)
    end = week_index(place.phase, until) + 1 if until else len(place.phase.weeks)
    weeks = place.phase.weeks[start:end]
    text = place.line.cells[start].text
    if path.kind is PathKind.COPY:
        return [SetCell(line=line_id, week=week.id, text=text) for week in weeks[1:]]
    if not text:
        raise DomainError(f"{profile.exercise(place.line.exercise).name} says nothing in that week to start from.")
    here = profiles_by_week(place.day, weeks, profile)[0]
    exercise = profile.exercise(place.line.exercise_in(weeks[0]))
    kinds = [WeekKind(week.kind) for week in weeks]
    found = along(path, read(text, profile.unit), kinds, exercise, here.inventory, profile.unit)
    return [
        SetCell(line=line_id, week=week.id, text=write(one))
        for week, one in list(zip(weeks, found, strict=True))[0 if path.kind is PathKind.WAVE else 1 :]
    ]
