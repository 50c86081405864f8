"""Where backups are kept, with what key and how long: a folder beside the data, and a second one if there is one."""

import json
import os
import re
import shutil
import time
from collections.abc import Iterable
from dataclasses import asdict, dataclass, replace
from datetime import UTC, datetime, timedelta
from pathlib import Path
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.formats.sealed import SealKey, new_key

SETTINGS: Final = "backups.json"
ENDING: Final = ".uabackup"
HALF_DONE: Final = ".part"
SCRATCH: Final = "scratch-"

ALL_HOURS: Final = 48
"""Hours within which every backup is kept. House rule."""

DAYS: Final = 14
"""Days of which the newest backup is kept. House rule."""

WEEKS: Final = 12
"""Weeks of which the newest backup is kept; after that a backup expires. House rule."""

EVERY_HOURS: Final = 24
"""Hours after which the next backup is due, where nobody says otherwise. House rule."""

FORGOTTEN_SECONDS: Final = 24 * 3600
"""Seconds after which a scratch folder or a half-written file belongs to work that was cut off."""

_NAME: Final = re.compile(r"^studio-(\d{8}T\d{6})Z(-before-\w+)?\.uabackup$")


@dataclass(frozen=True, slots=True)
class BackupSettings:
    """The key of this studio's backups, the hours between two, and a second folder (another disk), empty without."""

    key: SealKey
    every_hours: int = EVERY_HOURS
    second_folder: str = ""


@dataclass(frozen=True, slots=True)
class KeptBackup:
    """A backup by name, the moment it was made, its size in bytes, and whether the second folder has it too."""

    name: str
    made_at: datetime
    size: int
    before_update: bool
    twice: bool


class BackupFolder:
    """The backups of one file of data."""

    def __init__(self, data: Path) -> None:
        self.path = data.parent / f"{data.stem}-backups"

    @property
    def settings(self) -> BackupSettings | None:
        """Answer the settings; None before a passphrase was chosen."""
        try:
            kept = json.loads((self.path / SETTINGS).read_text("utf-8"))
            return BackupSettings(**{**kept, "key": SealKey(**kept["key"])})
        except FileNotFoundError:
            return None
        except (ValueError, TypeError, KeyError):
            raise DomainError(
                f"{self.path / SETTINGS} cannot be read. Move it away and choose a passphrase anew; backups that "
                "are there still open with the old one."
            ) from None

    def choose_passphrase(self, passphrase: str) -> BackupSettings:
        """Make a key for backups to come; those there are keep opening with the passphrase of their time."""
        was = self.settings
        made = replace(was, key=new_key(passphrase)) if was else BackupSettings(new_key(passphrase))
        return self._keep(made)

    def change(self, *, every_hours: int, second_folder: str) -> BackupSettings:
        """Change how often and where else. Raises `DomainError` before a passphrase, and for a folder that is none."""
        if not 1 <= every_hours <= 7 * 24:
            raise DomainError(f"Backups are made every 1 to {7 * 24} hours, not {every_hours}.")
        if second_folder and not (Path(second_folder).is_absolute() and Path(second_folder).is_dir()):
            raise DomainError(f"There is no folder {second_folder}. Name one that is there, whole, from the root on.")
        if second_folder and Path(second_folder).resolve() == self.path.resolve():
            raise DomainError("The second folder is another one than the first: best on another disk.")
        return self._keep(replace(self.needed(), every_hours=every_hours, second_folder=second_folder))

    def needed(self) -> BackupSettings:
        """Answer the settings. Raises `DomainError` before a passphrase was chosen."""
        settings = self.settings
        if settings is None:
            raise DomainError("Choose a passphrase for backups first. Without it nobody can read them.")
        return settings

    def kept(self) -> tuple[KeptBackup, ...]:
        """Answer the backups, newest first."""
        if not self.path.is_dir():
            return ()
        settings = self.settings
        second = Path(settings.second_folder) if settings and settings.second_folder else None
        found = []
        for file in self.path.iterdir():
            named = _NAME.match(file.name)
            if named:
                at = datetime.strptime(named[1], "%Y%m%dT%H%M%S").replace(tzinfo=UTC)
                twice = second is not None and (second / file.name).is_file()
                found.append(KeptBackup(file.name, at, file.stat().st_size, bool(named[2]), twice))
        return tuple(sorted(found, key=lambda one: one.made_at, reverse=True))

    def file(self, name: str) -> Path:
        """Answer the file of a backup, in either folder. Raises `DomainError` for a name that is none of them."""
        settings = self.settings
        places = [self.path] + ([Path(settings.second_folder)] if settings and settings.second_folder else [])
        for place in places if _NAME.match(name) else ():
            if (place / name).is_file():
                return place / name
        raise DomainError("There is no backup of that name.")

    def is_due(self, now: datetime) -> bool:
        """Answer whether the newest backup is older than the hours between two."""
        settings = self.settings
        if settings is None:
            return False
        newest = max((one.made_at for one in self.kept() if one.made_at <= now), default=None)
        return newest is None or now - newest >= timedelta(hours=settings.every_hours)

    def rotate(self, now: datetime, needed: str = "") -> tuple[str, ...]:
        """Remove what has expired, from both folders, with what was left half done; answer the names.

        ``needed`` names a backup that is about to be restored: it stays.
        """
        expired = [one.name for one in _expired(self.kept(), now) if one.name != needed]
        settings = self.settings
        for place in (self.path, *([Path(settings.second_folder)] if settings and settings.second_folder else [])):
            for name in expired:
                (place / name).unlink(missing_ok=True)
            _remove_forgotten(place, f"studio-*{HALF_DONE}")
        _remove_forgotten(self.path, f"{SCRATCH}*")
        return tuple(expired)

    def _keep(self, settings: BackupSettings) -> BackupSettings:
        self.path.mkdir(parents=True, exist_ok=True, mode=0o700)
        written = self.path / f"{SETTINGS}{HALF_DONE}"
        with os.fdopen(os.open(written, os.O_CREAT | os.O_WRONLY | os.O_TRUNC, 0o600), "w") as file:
            json.dump(asdict(settings), file)
            file.flush()
            os.fsync(file.fileno())
        written.replace(self.path / SETTINGS)
        return settings


def _remove_forgotten(folder: Path, pattern: str) -> None:
    for found in folder.glob(pattern) if folder.is_dir() else ():
        if time.time() - found.stat().st_mtime > FORGOTTEN_SECONDS:
            shutil.rmtree(found, ignore_errors=True) if found.is_dir() else found.unlink(missing_ok=True)


def named(now: datetime, before: str = "") -> str:
    """Answer the name of a backup made at a moment; ``before`` the version of tables that it was made ahead of."""
    at = now.astimezone(UTC).strftime("%Y%m%dT%H%M%S")
    return f"studio-{at}Z{f'-before-{before}' if before else ''}{ENDING}"


def _expired(kept: Iterable[KeptBackup], now: datetime) -> list[KeptBackup]:
    """What is older than two days and neither the newest of its day within a fortnight nor of its week within twelve.

    The newest of all never expires.
    """
    days: set[object] = set()
    weeks: set[object] = set()
    expired = []
    for at, one in enumerate(sorted(kept, key=lambda each: each.made_at, reverse=True)):
        age = now - one.made_at
        day, week = one.made_at.date(), one.made_at.isocalendar()[:2]
        of_day = day not in days and age < timedelta(days=DAYS)
        of_week = week not in weeks and age < timedelta(weeks=WEEKS)
        days.add(day)
        weeks.add(week)
        if at and age > timedelta(hours=ALL_HOURS) and not of_day and not of_week:
            expired.append(one)
    return expired
