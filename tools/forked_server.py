"""The app as it runs in a fork: all that it reads in is read before, also what it reads when it is first used."""

import gc
import os
import sys
from datetime import UTC, timedelta
from pathlib import Path

import alembic.command
import anyio._backends._asyncio
import babel.dates
import highspy
import icalendar
import openpyxl
import PIL.Image
import PIL.ImageOps
import rapidfuzz.distance
import uvicorn.lifespan.on
import uvicorn.loops.uvloop
import uvicorn.protocols.websockets.websockets_sansio_impl

import upright_anvil.api.later_routers
import upright_anvil.demo.scenario
import upright_anvil.formats.paper.home_paper
import upright_anvil.formats.paper.report_file
import upright_anvil.services.today.standing_still
from upright_anvil.api.hosting.reached import Reached
from upright_anvil.cli import names_in, serve_data, serve_folder
from upright_anvil.services.shelf import shipped_library

__all__ = [
    "PIL", "alembic", "anyio", "babel", "highspy", "icalendar", "openpyxl", "rapidfuzz", "serve", "upright_anvil",
    "uvicorn",
]  # fmt: skip

_ = shipped_library().index
gc.collect()
gc.freeze()


def serve(data: Path, port: int, demo: bool, shift: timedelta, closed_after: float) -> None:
    """Serve a file, or a folder of many studios, until the process is ended."""
    sys.stdout = Path(os.devnull).open("w", encoding="utf-8")  # noqa: SIM115 - open as long as the server runs
    if data.is_dir():
        names = names_in(data)
        serve_folder(data, port, Reached(names=names, behind_proxy=True), shift, UTC, closed_after=closed_after)
    else:
        serve_data(data, port, demo=demo, shift=shift, zone=UTC)
