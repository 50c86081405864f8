"""Opening the file of a client with five years behind her, against the bare SELECTs."""

import json
import sqlite3
from contextlib import closing
from datetime import UTC, date, datetime, timedelta
from decimal import Decimal

from bench.figures import Figure, interleaved
from bench.served import Served, served
from upright_anvil.api.studio import THE_STUDIO
from upright_anvil.cli import open_database
from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.health.history import Entry, State
from upright_anvil.core.health.screening import Answers
from upright_anvil.core.ids import ClientId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.assessment import rounds
from upright_anvil.services.health import health_file
from upright_anvil.store.file.database import Scope

TIMES = 150
WEEKS = 260

QUERIES = (
    "SELECT * FROM client WHERE id = :client",
    "SELECT p.* FROM place p JOIN client_place c ON c.place_id = p.id WHERE c.client_id = :client",
    "SELECT name FROM client JOIN client_place c ON c.client_id = client.id WHERE c.place_id IN"
    " (SELECT place_id FROM client_place WHERE client_id = :client)",
    "SELECT * FROM history_entry WHERE client_id = :client AND withdrawn_at IS NULL",
    "SELECT * FROM screening WHERE client_id = :client",
    "SELECT * FROM clearance WHERE client_id = :client",
    "SELECT * FROM cycle_report WHERE client_id = :client ORDER BY on_date DESC LIMIT 30",
    "SELECT * FROM test_result WHERE client_id = :client AND test = 'body-weight'",
    "SELECT battery, max(on_date) FROM test_round WHERE client_id = :client GROUP BY battery",
    "SELECT * FROM program WHERE client_id = :client",
)


def measure() -> list[Figure]:
    """Open the file over HTTP, turn by turn with its SELECTs."""
    with served() as app:
        client = next(c["id"] for c in app.ask("GET", "/clients") if c["name"] == "Ilse Marwick")
        _live_five_years(app, client)
        with closing(sqlite3.connect(app.data)) as bare:
            bare.row_factory = sqlite3.Row

            def select(_: int) -> str:
                return json.dumps([[dict(r) for r in bare.execute(q, {"client": client})] for q in QUERIES])

            http, plain = interleaved(lambda _: app.fetch(f"/clients/{client}"), select, TIMES)
        detail = f"HTTP {http.median:.2f} ms (p95 {http.p95:.2f}), SELECTs and json.dumps {plain.median:.2f} ms"
        return [
            Figure(
                "open a client with five years / bare SELECTs and json.dumps",
                http.median / plain.median,
                5,
                "x",
                detail,
            )
        ]


def _live_five_years(app: Served, client: ClientId) -> None:
    """A weight a week, an entry a month, a screen a year, a round every eight weeks with forty results."""
    now = datetime.now(UTC)
    today = now.date()
    database = open_database(app.data)
    with database.writing(THE_STUDIO) as scope:
        for week in range(WEEKS):
            on = today - timedelta(weeks=week + 1)
            weight = Load.of(Decimal(64) + Decimal(week % 7) / 10, Unit.KG)
            row = TestResult(f"bench-weight-{week:04d}", "body-weight", on, load=weight, at=now)
            rounds.keep_result(scope, client, row, now, now.date())
            if week % 4 == 0:
                state = list(State)[week // 4 % 4]
                entry = Entry(f"bench-entry-{week:04d}", on, Joint.KNEE, state, Side.LEFT, "as it was that month")
                health_file.add_entry(scope, client, entry, now, now.date())
            if week % 52 == 0:
                health_file.add_screen(scope, client, Answers(True), on, now, now.date())
            if week % 8 == 0:
                _round(scope, f"bench-round-{week:04d}", client, on, now)
    database.close()


def _round(scope: Scope, round_id: str, client: ClientId, on: date, now: datetime) -> None:
    rounds.start_round(scope, client, round_id, "no-equipment", now, on)
    for number in range(40):
        row = TestResult(
            f"{round_id}-{number:02d}",
            "plank-hold",
            on,
            Decimal(60 + number),
            variant="full",
            round_id=round_id,
            at=now,
        )
        rounds.keep_result(scope, client, row, now, now.date())
    rounds.finish_round(scope, round_id, now, now.date())
