"""Backups: what there is, making one, checking one, restoring one."""

from collections.abc import Callable
from dataclasses import dataclass
from datetime import datetime
from typing import Annotated

from fastapi import Path
from fastapi.responses import StreamingResponse
from pydantic import Field, StringConstraints, TypeAdapter

from upright_anvil.api.request_model import RequestModel
from upright_anvil.api.routing import resource
from upright_anvil.api.steps import step_by_step
from upright_anvil.api.studio import Here
from upright_anvil.core.steps import Told
from upright_anvil.services.backups.backups import CheckedBackup, check_backup, make_backup, restore_backup
from upright_anvil.services.backups.folder import DAYS, WEEKS, BackupFolder, KeptBackup
from upright_anvil.store.file.database import Scope

router = resource("/backups", tag="backups")

Passphrase = Annotated[str, StringConstraints(max_length=500)]
Name = Annotated[str, Path(max_length=80, pattern=r"^studio-[\w-]+\.uabackup$")]


class PassphraseRequest(RequestModel):
    """A passphrase; it is used and not kept."""

    passphrase: Passphrase


class RestoreBackupRequest(RequestModel):
    """The passphrase of a backup, and whether one of another studio's key is meant."""

    passphrase: Passphrase
    of_another: bool = False


class ScheduleRequest(RequestModel):
    """How often a backup is made, and a second folder for it; empty for none."""

    every_hours: Annotated[int, Field(ge=1, le=168)]
    second_folder: Annotated[str, StringConstraints(max_length=500, strip_whitespace=True)] = ""


@dataclass(frozen=True, slots=True)
class BackupsView:
    """The backups, newest first, where they are, how often they are made, and for how long they are kept.

    ``ready`` says that a passphrase was chosen, ``fingerprint`` which key is used now.
    """

    ready: bool
    fingerprint: str
    folder: str
    second_folder: str
    every_hours: int
    days: int
    weeks: int
    backups: tuple[KeptBackup, ...]
    due: bool
    today: datetime


@dataclass(frozen=True, slots=True)
class BackupStep:
    """A line of the answer: what is being done and its share (0 to 1), last what came of it, or why nothing did."""

    doing: str = ""
    share: float = 0.0
    refused: str = ""
    made: KeptBackup | None = None
    checked: CheckedBackup | None = None


_STEP = TypeAdapter(BackupStep)


@router.get("")
def backups(here: Here) -> BackupsView:
    """What backups there are."""
    return _view(here)


@router.post("/passphrase", status_code=201)
def choose_passphrase(asked: PassphraseRequest, here: Here) -> BackupsView:
    """Choose the passphrase of backups to come. Whoever loses it cannot read them."""
    here.backups.choose_passphrase(asked.passphrase)
    return _view(here)


@router.put("/schedule")
def change_schedule(asked: ScheduleRequest, here: Here) -> BackupsView:
    """Change how often a backup is made and where else it goes."""
    here.backups.change(every_hours=asked.every_hours, second_folder=asked.second_folder)
    return _view(here)


@router.post("", response_model=BackupStep)
async def back_up(here: Here) -> StreamingResponse:
    """Make a backup now, step by step; who hangs up early leaves none."""

    def made(_: Scope, told: Told) -> BackupStep:
        with here.backing_up:
            return BackupStep(share=1.0, made=make_backup(here.database.path, here.backups, here.now, told))

    return await _steps(here, made)


@router.post("/{name}/check", response_model=BackupStep)
async def check_a_backup(name: Name, asked: PassphraseRequest, here: Here) -> StreamingResponse:
    """Open a backup beside the data and look at all of it, step by step; the data stay as they are."""

    def checked(_: Scope, told: Told) -> BackupStep:
        return BackupStep(share=1.0, checked=check_backup(here.backups, name, asked.passphrase, told))

    return await _steps(here, checked)


@router.post("/{name}/restore", response_model=BackupStep)
async def restore_from_backup(name: Name, asked: RestoreBackupRequest, here: Here) -> StreamingResponse:
    """Make the data what they were in a backup, step by step; a backup of now is made before."""

    def restored(scope: Scope, told: Told) -> BackupStep:
        scope.let_go()  # a reader would hold up what is put back
        check_backup(here.backups, name, asked.passphrase, lambda words, share: told(words, 0.3 * share))

        def put_back() -> CheckedBackup:
            make_backup(
                here.database.path,
                here.backups,
                here.now,
                lambda words, share: told(words, 0.3 + 0.3 * share),
                needed=name,
            )
            return restore_backup(
                here.database,
                here.backups,
                name,
                asked.passphrase,
                lambda words, share: told(words, 0.6 + 0.4 * share),
                of_another=asked.of_another,
            )

        with here.backing_up:
            # Between the backup of now and the restored data nothing is written that would stand in neither.
            done = here.writer.alone(put_back)
        # The people are those of the backup now.
        here.shared.access.forget()
        return BackupStep(share=1.0, checked=done)

    return await _steps(here, restored)


async def _steps(here: Here, work: Callable[[Scope, Told], BackupStep]) -> StreamingResponse:
    return await step_by_step(
        here,
        work,
        doing=lambda words, share: _STEP.dump_json(BackupStep(words, share)),
        done=_STEP.dump_json,
        refused=lambda why: _STEP.dump_json(BackupStep(refused=why)),
    )


def _view(here: Here) -> BackupsView:
    folder: BackupFolder = here.backups
    settings = folder.settings
    return BackupsView(
        ready=settings is not None,
        fingerprint=settings.key.fingerprint if settings else "",
        folder=str(folder.path),
        second_folder=settings.second_folder if settings else "",
        every_hours=settings.every_hours if settings else 0,
        days=DAYS,
        weeks=WEEKS,
        backups=folder.kept(),
        due=folder.is_due(here.now),
        today=here.now,
    )
