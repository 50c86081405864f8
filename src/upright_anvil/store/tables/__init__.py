"""The tables. Every row carries its studio; what people make carries who made it too."""

from upright_anvil.store.tables.access import (
    AuditRow,
    DevicePersonRow,
    DeviceRow,
    PasskeyRow,
    PersonRow,
    RecoveryCodeRow,
    SignInRow,
)
from upright_anvil.store.tables.base import Table
from upright_anvil.store.tables.bringing import BroughtInRow
from upright_anvil.store.tables.health import ClearanceRow, ConsentRow, CycleReportRow, HistoryRow, ScreeningRow
from upright_anvil.store.tables.home import HomeResultRow, HomeSheetRow
from upright_anvil.store.tables.library import (
    ExercisePictureRow,
    OwnBatteryRow,
    OwnExerciseRow,
    OwnTemplateRow,
    OwnTestRow,
)
from upright_anvil.store.tables.people import ClientPlaceRow, ClientRow, PlaceRow, SettingRow, StudioRow
from upright_anvil.store.tables.programs import ProgramRow, RevisionRow
from upright_anvil.store.tables.sessions import (
    ClientAlertRow,
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
    "AuditRow",
    "BroughtInRow",
    "ClearanceRow",
    "ClientAlertRow",
    "ClientPlaceRow",
    "ClientRow",
    "ConsentRow",
    "CycleReportRow",
    "DecisionRow",
    "DevicePersonRow",
    "DeviceRow",
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
    "PasskeyRow",
    "PerformedSetRow",
    "PersonRow",
    "PlaceRow",
    "ProgramRow",
    "ReadinessRow",
    "RecoveryCodeRow",
    "RevisionRow",
    "ScreeningRow",
    "SessionChangeRow",
    "SessionRow",
    "SettingRow",
    "SignInRow",
    "StudioRow",
    "Table",
    "TestResultRow",
    "TestRoundRow",
]
