"""Identifiers: made by chance for new things, worked out for sessions."""

from uuid import NAMESPACE_URL, uuid4, uuid5

from upright_anvil.core.ids import DayId, ProgramId, SessionId, WeekId


def fresh_id() -> str:
    """Answer a new identifier."""
    return uuid4().hex


def session_id(program_id: ProgramId, week_id: WeekId, day_id: DayId) -> SessionId:
    """Answer the identifier of a program's session: the same on every device, before anything is stored."""
    return SessionId(uuid5(NAMESPACE_URL, f"upright-anvil:{program_id}/{week_id}/{day_id}").hex)
