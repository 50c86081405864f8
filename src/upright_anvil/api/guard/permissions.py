"""What each route needs: to look is enough to read, everything else is named here, and what is not needs the owner."""

from http import HTTPStatus
from typing import Final

from fastapi import Depends
from starlette.exceptions import HTTPException
from starlette.requests import HTTPConnection
from starlette.types import Scope

from upright_anvil.api.studio import role_of
from upright_anvil.core.people.roles import REFUSALS, Permission, may

LOOK: Final = frozenset(
    {
        # Reads that are asked with a body, and what concerns oneself.
        "preview_change", "read_equipment", "read_line", "sign_in", "begin_sign_in", "sign_in_by_pin",
        "sign_in_by_code", "passkey_question", "sign_in_by_passkey", "lock_browser", "sign_out", "change_passphrase",
        "choose_pin", "make_codes", "new_passkey_question", "keep_passkey", "drop_passkeys", "end_sign_in",
        "send_result", "try_decisions", "try_edits", "keep_settings",
    }
)  # fmt: skip

LOG: Final = frozenset(
    {
        "start_session", "log_set", "add_note", "finish_session", "say_effort", "measure", "log_afterwards",
        "make_change", "undo_change", "note_exercise", "keep_result", "start_round", "finish_round", "take_result",
        "look_at_result", "take_kept_result", "set_result_aside", "had_a_word", "add_cycle_report", "give_code",
    }
)  # fmt: skip

PLAN: Final = frozenset(
    {
        "change_client", "add_client", "set_places", "add_battery", "change_battery", "remove_battery", "add_test",
        "add_clearance", "add_screen", "add_entry", "withdraw_entry", "restore_entry", "add_exercise",
        "add_exercise_like", "change_exercise", "remove_exercise", "keep_picture", "drop_picture", "add_place",
        "change_place", "add_next_week", "make_easier", "decide", "add_template_day", "add_template_phase",
        "try_template_day", "try_template_phase", "bring_in_clients", "bring_in_sessions", "bring_in_pasted",
        "read_pasted", "read_pasted_clients", "read_pasted_sessions", "read_table_file", "take_back", "carry_on",
        "draft", "start_program", "start_from_draft", "start_from_file", "start_from_template", "look_at_file",
        "look_at_source", "end_program", "fill", "try_fill", "replace_all", "try_replace", "redo", "undo", "restore",
        "save_edits", "keep_template", "remove_template", "make_home_sheet", "write_report", "look_at_library",
        "bring_in_library", "look_at_archive", "bring_in_archive", "hand_over_client", "cover_client", "add_consent",
        "withdraw_consent",
    }
)  # fmt: skip

RUN: Final = frozenset(
    {
        "erase_client", "back_up", "check_a_backup", "choose_passphrase", "change_schedule", "restore_from_backup",
        "new_calendar_feed", "end_calendar_feed", "add_person", "change_person", "invite_again", "enrol_device",
        "revoke_device", "change_access_rules", "change_retention",
    }
)  # fmt: skip

READS_THAT_NEED_MORE: Final = {
    "client_archive": Permission.PLAN,
    "client_log": Permission.PLAN,
    "client_audit": Permission.PLAN,
    "library_file": Permission.PLAN,
    "calendar_feed": Permission.RUN,
    "backups": Permission.RUN,
    "studio_audit": Permission.RUN,
    "list_devices": Permission.RUN,
    "retention_list": Permission.RUN,
}


def needed(name: str, method: str) -> Permission:
    """Answer what a route needs, by its name; one that changes something and is not named needs the owner."""
    if name in LOOK:
        return Permission.LOOK
    if name in LOG:
        return Permission.LOG
    if name in PLAN:
        return Permission.PLAN
    if name in RUN or method not in ("GET", "WEBSOCKET"):
        return Permission.RUN
    return READS_THAT_NEED_MORE.get(name, Permission.LOOK)


def refuse_unless_permitted(scope: Scope, name: str) -> None:
    """Refuse with 403 what the role of who asks may not, by the name of the route."""
    wanted = needed(name, scope.get("method", "WEBSOCKET"))
    if not may(role_of(scope["state"]), wanted):
        raise HTTPException(HTTPStatus.FORBIDDEN, REFUSALS[wanted])


async def permitted(asked: HTTPConnection) -> None:
    """Refuse a socket's route with 403 to whom it is not for; `api.routing.ViewRoute` asks by itself."""
    refuse_unless_permitted(asked.scope, getattr(asked.scope["route"], "name", ""))


PERMITTED: Final = Depends(permitted)
