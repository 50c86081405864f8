"""The trainer's settings: which devices there are, and how the floor calls."""

from dataclasses import asdict, dataclass
from enum import StrEnum
from typing import TypeVar

from upright_anvil.store.file.database import Scope
from upright_anvil.store.studio import settings as store

_Sort = TypeVar("_Sort", bound=StrEnum)


class Device(StrEnum):
    """Which device is used: none, or the simulated one that ships with the app."""

    OFF = "off"
    SIMULATED = "simulated"


class Calls(StrEnum):
    """How the floor calls: sounds, sounds and speech, or nothing but the screen."""

    SOUNDS = "sounds"
    SPEECH = "sounds and speech"
    SILENT = "silent"


@dataclass(frozen=True, slots=True)
class Settings:
    """What the trainer has set, or the app's own choice."""

    rep_sensor: Device = Device.OFF
    heart_strap: Device = Device.OFF
    calls: Calls = Calls.SOUNDS
    ask_readiness: bool = True


def settings(scope: Scope) -> Settings:
    """Answer the trainer's settings; what was kept and is not known any more falls back to the app's own choice."""
    kept = store.settings(scope)
    own = Settings()
    return Settings(
        rep_sensor=_choice(Device, kept.get("rep_sensor"), own.rep_sensor),
        heart_strap=_choice(Device, kept.get("heart_strap"), own.heart_strap),
        calls=_choice(Calls, kept.get("calls"), own.calls),
        ask_readiness=kept.get("ask_readiness", "True") == "True",
    )


def keep_settings(scope: Scope, wanted: Settings) -> Settings:
    """Keep all settings."""
    for name, value in asdict(wanted).items():
        store.keep_setting(scope, name, str(value))
    return wanted


def _choice(sort: type[_Sort], text: str | None, own: _Sort) -> _Sort:
    return sort(text) if text in list(sort) else own
