"""Reading a line while it is typed."""

from upright_anvil.core.plan.reading import ReadCell, read_cell
from upright_anvil.flows.done import all_rows, done_by_line
from upright_anvil.flows.setting import client_setting
from upright_anvil.store import ledger, programs
from upright_anvil.store.database import Scope


def read_line(scope: Scope, program_id: str, text: str, exercise_id: str) -> ReadCell:
    """Answer one line read out against the program's client, as the board would show it. Raises `NotFoundError`."""
    program = programs.program_row(scope, program_id)
    kept = ledger.sets_of_exercises(scope, program.client_id, [exercise_id])
    setting = client_setting(scope, program.client_id, all_rows(done_by_line(kept)))
    return read_cell(text, setting.exercise(exercise_id), setting)
