"""The studio's clock: this machine's time, or one set to another day, always in the studio's zone."""

import os
from collections.abc import Callable
from datetime import UTC, datetime, time, timedelta, tzinfo
from pathlib import Path
from zoneinfo import ZoneInfo, ZoneInfoNotFoundError

Clock = Callable[[], datetime]
"""Answers this moment with the studio's zone: its date is the day it is in the studio."""

LOCALTIME = Path("/etc/localtime")
OPENS_AT = time(17, 0)
"""The hour at which a clock set to a day begins."""


def machine_zone() -> tzinfo:
    """Answer this machine's zone with its changes of the clock, where the machine names one; else its offset now."""
    named = os.environ.get("TZ", "").lstrip(":")
    if not named and LOCALTIME.is_symlink():
        named = str(LOCALTIME.resolve()).partition("zoneinfo/")[2]
    try:
        return ZoneInfo(named) if named else datetime.now().astimezone().tzinfo or UTC
    except (ZoneInfoNotFoundError, ValueError):
        return datetime.now().astimezone().tzinfo or UTC


def zone_named(name: str) -> tzinfo:
    """Answer the zone with an IANA name, this machine's where none is given. Raises `ValueError` for an unknown one."""
    if not name:
        return machine_zone()
    try:
        return ZoneInfo(name)
    except (ZoneInfoNotFoundError, ValueError) as unknown:
        raise ValueError(f"There is no time zone {name}; write one such as Europe/Oslo.") from unknown


def shifted_clock(shift: timedelta = timedelta(0), zone: tzinfo | None = None) -> Clock:
    """Answer a clock that runs with this machine's, by so much before or behind it, in a zone (the machine's)."""
    where = zone or machine_zone()
    return lambda: datetime.now(where) + shift


def shift_to(begins: datetime) -> timedelta:
    """Answer by how much a clock that shows ``begins`` now differs from this machine's."""
    return begins - datetime.now(begins.tzinfo)
