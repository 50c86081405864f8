"""A studio of its own for each test: an empty database, one trainer, a clock that stands still."""

import shutil
import tempfile
from datetime import UTC, date, datetime, timedelta
from functools import lru_cache
from pathlib import Path
from unittest import TestCase

from tests.commands import save_edits, start_program
from upright_anvil.api.studio import THE_STUDIO, Studio
from upright_anvil.cli import open_database
from upright_anvil.core.health.screening import Answers
from upright_anvil.core.ids import ProgramId
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import Carry, SetCell
from upright_anvil.core.plan.edits.lines import AddLine
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.clients.clients import ClientFacts, add_client
from upright_anvil.services.clients.places import PlaceFacts
from upright_anvil.services.floor import logging
from upright_anvil.services.health.health_file import add_screen
from upright_anvil.services.ids import fresh_id, session_id
from upright_anvil.store.file.database import Database
from upright_anvil.store.programs import program_row

NOW = datetime(2026, 3, 4, 17, 0, tzinfo=UTC)
"""A Wednesday."""
TODAY = NOW.date()

EQUIPMENT = "bar 20, plates 2x1.25 2x2.5 4x5 4x10 2x20\ndumbbells 6 8 10 12 16\nstack 5-50 by 5"


@lru_cache(maxsize=1)
def _template() -> Path:
    path = Path(tempfile.mkdtemp(prefix="anvil-")) / "empty.sqlite3"
    open_database(path).close()
    return path


def copy_of(template: Path, folder: Path) -> Path:
    """Copy a closed data file."""
    return Path(shutil.copy(template, folder / "data.sqlite3"))


def facts(name: str = "Ottoline Fisk", unit: Unit = Unit.KG, **more: object) -> ClientFacts:
    """A client of three days and sixty minutes."""
    fields: dict[str, object] = {
        "name": name,
        "unit": unit,
        "goal": "Strong for the harvest",
        "minutes": 60,
        "days_a_week": 3,
    }
    return ClientFacts(**(fields | more))  # type: ignore[arg-type]


def depot(equipment: str = EQUIPMENT, unit: Unit = Unit.KG, name: str = "Depot") -> PlaceFacts:
    """A small place."""
    return PlaceFacts(name, unit, equipment)


class StudioTest(TestCase):
    """Gives `studio`, and short ways to a client with a program and to logged sets."""

    now = NOW

    def setUp(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.database = Database(copy_of(_template(), Path(folder.name)))
        self.addCleanup(self.database.close)
        self.studio = Studio(self.database, clock=lambda: self.now)

    def client_with_program(self, *lines: tuple[str, str], **more: object) -> BoardView:
        """Add a client, screened and clear, with a four-week program whose first day has these lines."""
        with self.studio.writing() as scope:
            equipment = str(more.pop("equipment", EQUIPMENT))
            weight = more.pop("body_weight", Load.of(70, Unit.KG))
            screened = more.pop("screened", True)
            asked = facts(**more)  # type: ignore[arg-type]
            who = add_client(scope, asked, NOW, depot(equipment, asked.unit), weight)  # type: ignore[arg-type]
            if screened:
                add_screen(scope, who.id, Answers(active=True), TODAY, NOW, TODAY)
            board = start_program(scope, who.id, "Strength", NOW, TODAY)
            if not lines:
                return board
            edits: list[Edit] = []
            for number, (exercise, text) in enumerate(lines, start=1):
                edits.append(AddLine(day="p1-d1", line=f"l{number}", exercise=exercise))
                edits.append(SetCell(line=f"l{number}", week="p1-w1", text=text, carry=Carry.ALL))
            return save_edits(scope, board.program_id, 1, edits, "Written", NOW, TODAY)

    def made_earlier(self, program_id: ProgramId, days: int = 7) -> None:
        """Let a program have been made some days ago, so that what it planned since could be missed."""
        with self.studio.writing() as scope:
            program_row(scope, program_id).made_on = TODAY - timedelta(days=days)

    def session(self, board: BoardView, week: int = 1, day: int = 1, at: datetime = NOW) -> str:
        """Start a session of the program; answer its id."""
        sid = session_id(board.program_id, f"p1-w{week}", f"p1-d{day}")
        with self.studio.writing() as scope:
            logging.start_session(scope, sid, board.program_id, f"p1-w{week}", f"p1-d{day}", at, at)
        return sid

    def log(self, sid: str, number: int, reps: int | None, **more: object) -> PerformedSet:
        """Log a set of the first line, at 60 kg with two left unless told otherwise."""
        fields: dict[str, object] = {
            "id": fresh_id(),
            "slot": SetPosition(str(more.pop("line", "l1")), number),
            "exercise": "back-squat",
            "outcome": Outcome.DONE,
            "reps": reps,
            "load": Load.of(60, Unit.KG),
            "reserve": 2,
            "planned": "3 x 6-8, 60 kg, rest 2:00, leave 2",
            "logged_at": self.now,
        }
        row = PerformedSet(**(fields | more))  # type: ignore[arg-type]
        with self.studio.writing() as scope:
            logging.log_set(scope, sid, row, self.now)
        return row

    def finish(self, sid: str, at: datetime = NOW + timedelta(minutes=50)) -> None:
        """Finish a session."""
        with self.studio.writing() as scope:
            logging.finish_session(scope, sid, at, at)


def monday_of(day: date) -> date:
    """The Monday of a day's week."""
    return day - timedelta(days=day.weekday())


__all__ = ["NOW", "THE_STUDIO", "TODAY", "StudioTest", "copy_of", "depot", "facts", "monday_of"]
