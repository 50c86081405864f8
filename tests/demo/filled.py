"""The demo data, made once a run and copied for each test that wants it."""

import shutil
import tempfile
from datetime import datetime
from functools import lru_cache
from pathlib import Path

from upright_anvil.api.studio import THE_TRAINER, local_now
from upright_anvil.cli import open_database
from upright_anvil.demo.scenario import fill


@lru_cache(maxsize=1)
def demo_day() -> datetime:
    """The day the demo is made for: today, as the running app will see it."""
    return local_now()


@lru_cache(maxsize=1)
def _made() -> Path:
    path = Path(tempfile.mkdtemp(prefix="anvil-demo-")) / "demo.sqlite3"
    database = open_database(path)
    fill(database, THE_TRAINER, demo_day())
    database.close()
    return path


def demo_copy(folder: Path) -> Path:
    """Copy the demo data into a folder."""
    return Path(shutil.copy(_made(), folder / "demo.sqlite3"))
