"""The demo tells the same story on other weekdays, on a leap day, as a year begins, and when the clocks change."""

import tempfile
from datetime import UTC, datetime
from pathlib import Path
from unittest import TestCase
from zoneinfo import ZoneInfo

from tests.demo.filled import DEMO_DAY, demo_copy
from upright_anvil.api.studio import THE_STUDIO
from upright_anvil.services.calendar.calendar import calendar_of
from upright_anvil.services.today.today import TodayView, open_today
from upright_anvil.store.file.database import Database

OSLO = ZoneInfo("Europe/Oslo")
DAYS = {
    "Tuesday, a leap day": datetime(2028, 2, 29, 17, tzinfo=UTC),
    "Friday, a year's beginning": datetime(2027, 1, 1, 17, tzinfo=UTC),
    "Sunday, the clocks go forward": datetime(2026, 3, 29, 17, tzinfo=OSLO),
}


class EveryDayTest(TestCase):
    def told(self, moment: datetime) -> TodayView:
        with tempfile.TemporaryDirectory() as folder:
            database = Database(demo_copy(Path(folder), moment))
            self.addCleanup(database.close)
            with database.reading(THE_STUDIO) as scope:
                view = open_today(scope, moment.date())
                for session in view.sessions:
                    calendar = calendar_of(scope, session.program_id, moment.date())
                    self.assertTrue(any(day.on == moment.date() for day in calendar.sessions))
                return view

    def test_today_says_the_same(self) -> None:
        usual = self.told(DEMO_DAY)
        self.assertGreaterEqual(len(usual.sessions), 4)
        for what, moment in DAYS.items():
            with self.subTest(what):
                view = self.told(moment)
                self.assertEqual(self.who(view), self.who(usual))
                self.assertEqual(
                    [(w.client, w.day, (moment.date() - w.on).days) for w in view.waiting],
                    [(w.client, w.day, (DEMO_DAY.date() - w.on).days) for w in usual.waiting],
                )
                self.assertEqual(
                    [(d.client, d.kind, d.name, d.late) for d in view.dues],
                    [(d.client, d.kind, d.name, d.late) for d in usual.dues],
                )

    def who(self, view: TodayView) -> list[tuple[str, str, str]]:
        return [(s.client, s.day, s.state) for s in view.sessions]
