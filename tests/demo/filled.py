"""The demo data, made once a run and copied for each test that wants it."""

import shutil
import tempfile
from datetime import datetime
from functools import lru_cache
from pathlib import Path

from tools.app_process import DEMO_DAY

from upright_anvil.api.studio import THE_STUDIO, Studio
from upright_anvil.api.today.keeping_alerts import AlertKeeping
from upright_anvil.cli import open_database
from upright_anvil.demo.scenario import fill

__all__ = ["DEMO_DAY", "demo_copy"]


@lru_cache(maxsize=16)
def _made(moment: datetime) -> Path:
    path = Path(tempfile.mkdtemp(prefix="anvil-demo-")) / "demo.sqlite3"
    database = open_database(path)
    fill(database, THE_STUDIO, moment)
    studio = Studio(database, lambda: moment)
    AlertKeeping(lambda: [studio]).look()  # as any server does that has it open
    studio.close()
    return path


def demo_copy(folder: Path, moment: datetime = DEMO_DAY) -> Path:
    """Copy the demo data made for a moment into a folder."""
    return Path(shutil.copy(_made(moment), folder / "demo.sqlite3"))
