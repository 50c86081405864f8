"""What stands still is worked out once for each state of the log and kept with the client: the same either way."""

import tempfile
from pathlib import Path
from unittest import TestCase
from unittest.mock import patch

from sqlalchemy import delete

from tests.demo.filled import DEMO_DAY, demo_copy
from upright_anvil.api.studio import Studio
from upright_anvil.api.today.keeping_alerts import AlertKeeping
from upright_anvil.core.ids import ClientId
from upright_anvil.core.progress.behind import Trouble
from upright_anvil.services.today import alerts, standing_still
from upright_anvil.services.today.alerts import ClientNotice
from upright_anvil.services.today.today import open_today
from upright_anvil.store.client.clients import all_clients
from upright_anvil.store.file.database import Database, Scope
from upright_anvil.store.log import ledger
from upright_anvil.store.tables import ClientAlertRow


class KeptTest(TestCase):
    def setUp(self) -> None:
        holding = tempfile.TemporaryDirectory()
        self.addCleanup(holding.cleanup)
        self.studio = Studio(Database(demo_copy(Path(holding.name))), lambda: DEMO_DAY)
        self.addCleanup(self.studio.close)
        self.keeping = AlertKeeping(lambda: [self.studio])
        with self.studio.writing() as scope:  # as before anything was worked out
            scope.db.execute(delete(ClientAlertRow))

    def notices(self) -> tuple[ClientNotice, ...]:
        self.studio.database.memory.forget()
        with self.studio.reading() as scope:
            return open_today(scope, self.studio.today).notices

    def still(self) -> list[ClientNotice]:
        return [one for one in self.notices() if one.trouble is not Trouble.BEHIND]

    def test_kept_it_is_the_same_and_is_not_worked_out_again(self) -> None:
        fresh = self.notices()
        self.assertTrue(self.still())
        self.assertGreater(self.keeping.look(), 0)
        self.assertEqual(self.keeping.look(), 0)
        with patch.object(standing_still, "what_stands_still", side_effect=AssertionError):
            self.assertEqual(self.notices(), fresh)

    def test_nobody_waits_for_a_long_log(self) -> None:
        fresh = self.notices()
        with patch.object(alerts, "SETS_AT_ONCE", 0):
            self.assertEqual(self.still(), [])
            self.keeping.look()
            self.assertEqual(self.notices(), fresh)

    def test_a_long_log_holds_up_no_short_one(self) -> None:
        fresh, counted = self.still(), ledger.count_sets
        with self.studio.reading() as scope:
            busiest = max((who.id for who in all_clients(scope)), key=lambda client_id: counted(scope, client_id))

        def of_years(scope: Scope, client_id: ClientId) -> int:
            return counted(scope, client_id) + (alerts.SETS_AT_ONCE if client_id == busiest else 0)

        with patch.object(ledger, "count_sets", of_years):
            self.assertEqual(self.still(), [one for one in fresh if one.client_id != busiest])

    def test_once_the_log_goes_on_the_last_known_is_shown_until_it_is_worked_out(self) -> None:
        self.keeping.look()
        about = self.still()[0]
        with self.studio.writing() as scope:
            newest = ledger.newest_rows(scope)[about.client_id]
            scope.db.connection().exec_driver_sql(
                "UPDATE performed_set SET id = id || '-b' WHERE id = ?", (newest,)
            )  # as one more set would, without its weight
        with patch.object(alerts, "SETS_AT_ONCE", 0):
            self.assertIn(about, self.still())
        with patch.object(standing_still, "what_stands_still", return_value=None) as while_one_waits:
            self.assertNotIn(about, self.still())
            while_one_waits.assert_called_once()
        with patch.object(standing_still, "what_stands_still", return_value=None):
            self.assertEqual(self.keeping.look(), 1)
        with patch.object(standing_still, "what_stands_still", side_effect=AssertionError):
            self.assertNotIn(about, self.still())
