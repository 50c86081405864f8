"""The tables. Every row that belongs to a client carries its trainer."""

from upright_anvil.store.tables.base import Table
from upright_anvil.store.tables.bringing import BroughtInRow
from upright_anvil.store.tables.health import ClearanceRow, CycleReportRow, HistoryRow, ScreeningRow
from upright_anvil.store.tables.home import HomeResultRow, HomeSheetRow
from upright_anvil.store.tables.library import (
    ExercisePictureRow,
    OwnBatteryRow,
    OwnExerciseRow,
    OwnTemplateRow,
    OwnTestRow,
)
from upright_anvil.store.tables.people import ClientPlaceRow, ClientRow, PlaceRow, SettingRow, TrainerRow
from upright_anvil.store.tables.programs import ProgramRow, RevisionRow
from upright_anvil.store.tables.sessions import (
    DecisionRow,
    ExerciseNoteRow,
    MeasureRow,
    NoteRow,
    PerformedSetRow,
    ReadinessRow,
    SessionChangeRow,
    SessionRow,
)
from upright_anvil.store.tables.testing import TestResultRow, TestRoundRow

__all__ = [
    "BroughtInRow",
    "ClearanceRow",
    "ClientPlaceRow",
    "ClientRow",
    "CycleReportRow",
    "DecisionRow",
    "ExerciseNoteRow",
    "ExercisePictureRow",
    "HistoryRow",
    "HomeResultRow",
    "HomeSheetRow",
    "MeasureRow",
    "NoteRow",
    "OwnBatteryRow",
    "OwnExerciseRow",
    "OwnTemplateRow",
    "OwnTestRow",
    "PerformedSetRow",
    "PlaceRow",
    "ProgramRow",
    "ReadinessRow",
    "RevisionRow",
    "ScreeningRow",
    "SessionChangeRow",
    "SessionRow",
    "SettingRow",
    "Table",
    "TestResultRow",
    "TestRoundRow",
    "TrainerRow",
]
