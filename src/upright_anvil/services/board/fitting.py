"""Fitting a session into the minutes there are."""

from datetime import date

from upright_anvil.core.fitting.fit import Fit, FitTerms, fit
from upright_anvil.core.ids import DayId, ProgramId, WeekId
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.store import programs
from upright_anvil.store.file.database import Scope

SECONDS = 60


def fit_session(
    scope: Scope, program_id: ProgramId, week_id: WeekId, day_id: DayId, minutes: int, today: date, terms: FitTerms
) -> Fit:
    """Answer ranked changes that fit a session into some minutes. Raises `DomainError`, `NotFoundError`."""
    program = programs.current(scope, program_id).program
    row = programs.program_row(scope, program_id)
    who = standpoint(scope, row.client_id, today)
    return fit(program, week_id, day_id, minutes * SECONDS, who, terms)
