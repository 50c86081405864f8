"""The command line: serve the app, make the demo data, print the API's schema."""

import argparse
import gc
import json
import os
from datetime import UTC, date, datetime, timedelta, tzinfo
from pathlib import Path
from threading import Timer
from typing import Final

import uvicorn

from upright_anvil.api.app import NOT_BUILT, create_app
from upright_anvil.api.backups.schedule import LOOK_EVERY, BackupSchedule
from upright_anvil.api.clock import OPENS_AT, shift_to, shifted_clock, zone_named
from upright_anvil.api.guard.same_origin import LOOPBACK
from upright_anvil.api.guard.slow_heads import PatientProtocol
from upright_anvil.api.guard.socket_limit import LONGEST_MESSAGE
from upright_anvil.api.hosting.reached import ON_THIS_MACHINE, NobodySignsInError, Reached, WrongArgumentError
from upright_anvil.api.hosting.repeated import Repeated
from upright_anvil.api.hosting.studio_folder import CLOSED_AFTER, IDLE_LOOK_EVERY, StudioFolder
from upright_anvil.api.hosting.studios import OneStudio, Studios
from upright_anvil.api.routers import later
from upright_anvil.api.studio import THE_OWNER, THE_STUDIO, Shared, Studio
from upright_anvil.api.today.keeping_alerts import LOOK_EVERY as ALERTS_EVERY
from upright_anvil.api.today.keeping_alerts import AlertKeeping
from upright_anvil.backup_commands import BACKUP_COMMANDS, back_up_before_update
from upright_anvil.core.errors import DomainError
from upright_anvil.demo.filling import fill_if_empty
from upright_anvil.logs import log_as_json
from upright_anvil.people_commands import PEOPLE_COMMANDS
from upright_anvil.services.shelf import shipped_library
from upright_anvil.store.file.database import Database
from upright_anvil.store.file.opening import UnusableFileError, open_file
from upright_anvil.store.studio.people import add_owner, anybody_signs_in
from upright_anvil.store.tables import StudioRow

FIRST_PAGE: Final = 3.0
"""Seconds in which a start answers its first page, before what nobody waits for is read and looked for."""

COLLECT_AFTER = (10_000, 5, 1000)
"""Objects and rounds between collections: short ones often, so that no set waits for a long one."""

WEB = Path(__file__).parents[2] / "web" / "dist"


def open_database(path: Path) -> Database:
    """Open a data file, bring its tables up to date and see that there is a trainer. Raises `UnusableFileError`."""
    back_up_before_update(path, datetime.now(UTC))
    database = open_file(path)
    with database.writing(THE_STUDIO) as scope:
        if scope.db.get(StudioRow, THE_STUDIO) is None:
            scope.db.add(StudioRow(id=THE_STUDIO, name="Studio"))
            scope.db.flush()
            add_owner(scope, THE_OWNER, datetime.now(UTC))
    return database


def _parser() -> argparse.ArgumentParser:
    parser = argparse.ArgumentParser(prog="upright-anvil", description=__doc__)
    commands = parser.add_subparsers(dest="command", required=True)
    serve = commands.add_parser("serve", help="serve the app, on 127.0.0.1 unless told otherwise")
    data = serve.add_mutually_exclusive_group(required=True)
    data.add_argument("--data", type=Path, help="the data file")
    data.add_argument("--studios", type=Path, help="a folder of data files, each called as browsers call its studio")
    serve.add_argument("--port", type=int, default=8321)
    serve.add_argument("--demo", action="store_true", help="fill an empty data file with the demo data")
    serve.add_argument("--on", type=date.fromisoformat, help="let the studio's clock begin on this day, at 17:00")
    serve.add_argument(
        "--zone", default="", help="the studio's time zone, such as Europe/Oslo; this machine's if left out"
    )
    serve.add_argument(
        "--name", action="append", default=[], help="a name that browsers call the app by, such as studio.home.arpa"
    )
    serve.add_argument("--bind", default=ON_THIS_MACHINE, help="the address to answer on, such as 0.0.0.0; needs TLS")
    serve.add_argument("--certificate", type=Path, help="the TLS certificate, with those it rests on (PEM)")
    serve.add_argument("--key", type=Path, help="the certificate's private key (PEM)")
    serve.add_argument("--behind-proxy", action="store_true", help="a proxy on this machine gives TLS")
    person = commands.add_parser("people", help="choose the owner's passphrase, let somebody in again, list people")
    person.add_argument("what", choices=list(PEOPLE_COMMANDS))
    person.add_argument("--person", default="", help="a name")
    person.add_argument("--data", type=Path, required=True, help="the data file")
    backup = commands.add_parser("backup", help="choose the passphrase, make, list, check or restore a backup")
    backup.add_argument("what", choices=list(BACKUP_COMMANDS))
    backup.add_argument("file", nargs="?", default="", help="a backup's name, or its file for check and restore")
    backup.add_argument("--data", type=Path, required=True, help="the data file")
    backup.add_argument("--of-another", action="store_true", help="restore a backup made with another studio's key")
    schema = commands.add_parser("schema", help="write the API's OpenAPI schema")
    schema.add_argument("file", type=Path)
    return parser


def main() -> None:
    """Run one command."""
    parser = _parser()
    asked = parser.parse_args()
    try:
        if asked.command == "backup":
            BACKUP_COMMANDS[asked.what](asked.data, asked.file, asked.of_another)
        elif asked.command == "people":
            database = open_database(asked.data)
            PEOPLE_COMMANDS[asked.what](database, asked.person)
            database.close()
        elif asked.command == "schema":
            asked.file.write_text(json.dumps(create_app().openapi(), indent=1) + "\n", "utf-8")
        else:
            _serve(asked)
    except (DomainError, UnusableFileError, NobodySignsInError) as refused:
        parser.exit(1, f"{refused}\n")
    except WrongArgumentError as wrong:
        parser.error(str(wrong))


def _serve(asked: argparse.Namespace) -> None:
    try:
        zone = zone_named(asked.zone)
    except ValueError as unknown:
        raise WrongArgumentError(str(unknown)) from unknown
    shift = shift_to(datetime.combine(asked.on, OPENS_AT, zone)) if asked.on else timedelta(0)
    if asked.studios is not None and asked.name:
        raise WrongArgumentError("Studios of a folder are called as their files are: leave --name out.")
    names = asked.name if asked.studios is None else names_in(asked.studios)
    reached = Reached(asked.bind, asked.certificate, asked.key, names, behind_proxy=asked.behind_proxy)
    reached.check(demo=asked.demo)
    print(f"Upright Anvil is at {reached.address(asked.port)}", flush=True)
    if not (WEB / "index.html").is_file():
        print(NOT_BUILT, flush=True)
    if asked.demo:
        print("Made-up data, and nobody signs in: for this machine only.", flush=True)
    if asked.studios is None:
        serve_data(asked.data, asked.port, demo=asked.demo, shift=shift, zone=zone, reached=reached)
    else:
        serve_folder(asked.studios, asked.port, reached, shift, zone)


def names_in(folder: Path) -> tuple[str, ...]:
    """Answer the names of the studios in a folder. Raises `WrongArgumentError` where there is none."""
    found = StudioFolder(folder, open_database, shifted_clock()).names()
    if not found:
        raise WrongArgumentError(
            f"There is no studio in {folder}. A studio called kestrel.example.org is a file there: people owner "
            f"--person NAME --data {folder / 'kestrel.example.org.sqlite3'} makes it, in small letters."
        )
    return found


def serve_folder(
    folder: Path,
    port: int,
    reached: Reached,
    shift: timedelta = timedelta(0),
    zone: tzinfo | None = None,
    *,
    closed_after: float = CLOSED_AFTER,
) -> None:
    """Serve every studio of a folder until somebody ends it; each by the name of its file, and always signed in."""
    clock = shifted_clock(shift, zone)
    studios = StudioFolder(folder, open_database, clock, closed_after=closed_after)
    settle()
    Repeated("backups", BackupSchedule(studios.backed_up, clock).look, LOOK_EVERY).start()
    Repeated("alerts", AlertKeeping(studios.opened).look, ALERTS_EVERY).start(FIRST_PAGE)
    Repeated("idle studios", studios.close_idle, min(IDLE_LOOK_EVERY, closed_after)).start()
    _run(studios, port, reached)
    studios.close()


def serve_data(
    data: Path,
    port: int,
    *,
    demo: bool = False,
    shift: timedelta = timedelta(0),
    zone: tzinfo | None = None,
    reached: Reached | None = None,
) -> None:
    """Serve a data file until somebody ends it; with ``demo`` an empty one is filled first.

    It is ``reached`` on this machine alone unless told otherwise. ``shift`` is how far the studio's clock is before
    this machine's, ``zone`` its zone (the machine's where none).
    Raises `NobodySignsInError` where it could be reached from elsewhere and nobody has a passphrase.
    """
    reached = reached or Reached()
    database = open_database(data)
    if reached.from_elsewhere:
        with database.reading(THE_STUDIO) as scope:
            if not anybody_signs_in(scope):
                raise NobodySignsInError(data)
    database.clock = clock = shifted_clock(shift, zone)
    if demo:
        fill_if_empty(database, THE_STUDIO, clock())
    settle()
    studio = Studio(database, clock, others=Shared(database, THE_STUDIO, always_sign_in=reached.from_elsewhere))
    if not demo:
        files = [(studio.database.path, studio.backing_up)]
        Repeated("backups", BackupSchedule(lambda: files, clock).look, LOOK_EVERY).start()
    Repeated("alerts", AlertKeeping(lambda: [studio]).look, ALERTS_EVERY).start(FIRST_PAGE)
    _run(OneStudio(studio, (*LOOPBACK, *reached.names)), port, reached)


def settle() -> None:
    """What was read at the start stays, so that no collection of what has gone walks through it again."""
    gc.collect()
    gc.freeze()
    gc.set_threshold(*COLLECT_AFTER)


def _read_what_waited() -> None:
    """Read what nobody who opens a first page waits for: the other routes, every exercise, and what finds one."""
    later()
    _ = shipped_library().index


def _run(studios: Studios, port: int, reached: Reached) -> None:
    level = os.environ.get("UPRIGHT_ANVIL_LOG", "warning")
    log_as_json(level)
    reading = Timer(FIRST_PAGE, _read_what_waited)
    reading.daemon = True
    reading.start()
    uvicorn.run(
        create_app(studios, WEB, secure=reached.from_elsewhere),
        host=reached.bind,
        ssl_certfile=reached.certificate,
        ssl_keyfile=reached.key,
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
