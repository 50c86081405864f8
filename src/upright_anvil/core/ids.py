"""Identifiers, each a type of its own, so that the checker tells a client's from a program's."""

from typing import NewType

StudioId = NewType("StudioId", str)
PersonId = NewType("PersonId", str)
DeviceId = NewType("DeviceId", str)
ClientId = NewType("ClientId", str)
ProgramId = NewType("ProgramId", str)
SessionId = NewType("SessionId", str)
PlaceId = NewType("PlaceId", str)
WeekId = NewType("WeekId", str)
DayId = NewType("DayId", str)
LineId = NewType("LineId", str)
ExerciseId = NewType("ExerciseId", str)

NO_EXERCISE = ExerciseId("")
NO_LINE = LineId("")
NO_WEEK = WeekId("")
NO_DAY = DayId("")
NO_PLACE = PlaceId("")
"""Where none is named."""
