"""The command line: serve the app, make the demo data, print the API's schema."""

import argparse
import gc
import json
import os
from collections.abc import Collection
from datetime import UTC, date, datetime, timedelta, tzinfo
from pathlib import Path

import uvicorn

from upright_anvil.api.app import NOT_BUILT, create_app
from upright_anvil.api.backups.schedule import BackupSchedule
from upright_anvil.api.clock import OPENS_AT, shift_to, shifted_clock, zone_named
from upright_anvil.api.devices.routes import LONGEST_MESSAGE
from upright_anvil.api.guard.same_origin import LOOPBACK
from upright_anvil.api.guard.slow_heads import PatientProtocol
from upright_anvil.api.studio import THE_TRAINER, Studio
from upright_anvil.backup_commands import BACKUP_COMMANDS, back_up_before_update
from upright_anvil.core.errors import DomainError
from upright_anvil.demo.scenario import fill
from upright_anvil.logs import log_as_json
from upright_anvil.store.database import Database
from upright_anvil.store.opening import UnusableFileError, open_file
from upright_anvil.store.tables import TrainerRow

COLLECT_AFTER = (50_000, 20, 50)
"""Objects and rounds between collections: a board makes thousands that are gone by themselves."""

WEB = Path(__file__).parents[2] / "web" / "dist"


def open_database(path: Path) -> Database:
    """Open a data file, bring its tables up to date and see that there is a trainer. Raises `UnusableFileError`."""
    back_up_before_update(path, datetime.now(UTC))
    database = open_file(path)
    with database.writing(THE_TRAINER) as scope:
        if scope.db.get(TrainerRow, THE_TRAINER) is None:
            scope.db.add(TrainerRow(id=THE_TRAINER, name="Trainer"))
    return database


def main() -> None:
    """Run one command."""
    parser = argparse.ArgumentParser(prog="upright-anvil", description=__doc__)
    commands = parser.add_subparsers(dest="command", required=True)
    serve = commands.add_parser("serve", help="serve the app on 127.0.0.1")
    serve.add_argument("--data", type=Path, required=True, help="the data file")
    serve.add_argument("--port", type=int, default=8321)
    serve.add_argument("--demo", action="store_true", help="fill an empty data file with the demo data")
    serve.add_argument("--on", type=date.fromisoformat, help="let the studio's clock begin on this day, at 17:00")
    serve.add_argument(
        "--zone", default="", help="the studio's time zone, such as Europe/Oslo; this machine's if left out"
    )
    serve.add_argument(
        "--name", action="append", default=[], help="a name that a proxy calls the app by, such as studio.home.arpa"
    )
    backup = commands.add_parser("backup", help="choose the passphrase, make, list, check or restore a backup")
    backup.add_argument("what", choices=list(BACKUP_COMMANDS))
    backup.add_argument("file", nargs="?", default="", help="a backup's name, or its file for check and restore")
    backup.add_argument("--data", type=Path, required=True, help="the data file")
    backup.add_argument("--of-another", action="store_true", help="restore a backup made with another studio's key")
    schema = commands.add_parser("schema", help="write the API's OpenAPI schema")
    schema.add_argument("file", type=Path)
    asked = parser.parse_args()
    if asked.command == "backup":
        try:
            BACKUP_COMMANDS[asked.what](asked.data, asked.file, asked.of_another)
        except (DomainError, UnusableFileError) as refused:
            parser.exit(1, f"{refused}\n")
        return
    if asked.command == "schema":
        asked.file.write_text(json.dumps(create_app().openapi(), indent=1) + "\n", "utf-8")
        return
    try:
        zone = zone_named(asked.zone)
    except ValueError as unknown:
        parser.error(str(unknown))
    shift = shift_to(datetime.combine(asked.on, OPENS_AT, zone)) if asked.on else timedelta(0)
    print(f"Upright Anvil is at http://127.0.0.1:{asked.port}", flush=True)
    if not (WEB / "index.html").is_file():
        print(NOT_BUILT, flush=True)
    if asked.demo:
        print("Made-up data, and nobody signs in: for this machine only.", flush=True)
    try:
        serve_data(asked.data, asked.port, demo=asked.demo, shift=shift, zone=zone, names=asked.name)
    except UnusableFileError as unusable:
        parser.exit(1, f"{unusable}\n")


def serve_data(
    data: Path,
    port: int,
    *,
    demo: bool = False,
    shift: timedelta = timedelta(0),
    zone: tzinfo | None = None,
    names: Collection[str] = (),
) -> None:
    """Serve a data file on 127.0.0.1 until somebody ends it; with ``demo`` an empty one is filled first.

    ``shift`` is how far the studio's clock is before this machine's, ``zone`` its zone (the machine's where none).
    ``names`` are what it is called by beside this machine's own names, where a proxy stands before it.
    """
    database = open_database(data)
    clock = shifted_clock(shift, zone)
    if demo:
        fill(database, THE_TRAINER, clock())
    gc.collect()
    gc.freeze()  # what was read at the start stays, so that no collection walks through it again
    gc.set_threshold(*COLLECT_AFTER)
    level = os.environ.get("UPRIGHT_ANVIL_LOG", "warning")
    log_as_json(level)
    studio = Studio(database, clock)
    if not demo:
        BackupSchedule(studio).start()
    uvicorn.run(
        create_app(studio, WEB, (*LOOPBACK, *names)),
        host="127.0.0.1",
        port=port,
        log_config=None,
        log_level=level,
        access_log=False,
        timeout_graceful_shutdown=1,
        ws_max_size=LONGEST_MESSAGE,
        server_header=False,
        http=PatientProtocol,
    )


if __name__ == "__main__":
    main()
