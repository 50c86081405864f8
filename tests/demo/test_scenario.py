import tempfile
from datetime import timedelta
from pathlib import Path
from unittest import TestCase

from sqlalchemy import text

from tests.demo.filled import demo_copy, demo_day
from upright_anvil.api.studio import THE_TRAINER
from upright_anvil.demo.scenario import WEEKS_BEHIND, fill
from upright_anvil.flows.board import open_board
from upright_anvil.flows.today import open_today
from upright_anvil.store.database import Database


class ScenarioTest(TestCase):
    def setUp(self) -> None:
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.database = Database(demo_copy(Path(folder.name)))
        self.addCleanup(self.database.close)

    def count(self, query: str) -> int:
        with self.database.engine.connect() as connection:
            return int(connection.execute(text(query)).scalar() or 0)

    def test_four_clients_and_more_have_six_weeks_behind_them_and_train_today(self) -> None:
        today = demo_day().date()
        with self.database.reading(THE_TRAINER) as scope:
            view = open_today(scope, today)
            self.assertGreaterEqual(len(view.sessions), 4)
            self.assertEqual({s.state for s in view.sessions}, {"planned"})
            self.assertGreaterEqual(len(view.waiting), 1)
            for session in view.sessions:
                board = open_board(scope, session.program_id, today)
                self.assertEqual(board.start, today - timedelta(days=today.weekday(), weeks=WEEKS_BEHIND))

    def test_every_planned_line_can_be_read_and_lifted(self) -> None:
        with self.database.reading(THE_TRAINER) as scope:
            for session in open_today(scope, demo_day().date()).sessions:
                for phase in open_board(scope, session.program_id, demo_day().date()).phases:
                    for day in phase.days:
                        for line in day.lines:
                            for cell in line.cells:
                                self.assertEqual((cell.plan.state, cell.plan.caution), ("read", None), line.exercise)

    def test_the_story_has_its_turns(self) -> None:
        self.assertGreater(self.count("SELECT count(*) FROM performed_set WHERE outcome = 'done'"), 800)
        self.assertGreater(self.count("SELECT count(*) FROM performed_set WHERE outcome = 'skipped'"), 0)
        self.assertEqual(self.count("SELECT count(*) FROM note"), 1)
        self.assertGreater(self.count("SELECT count(*) FROM decision WHERE verdict = 'declined'"), 0)
        self.assertGreater(self.count("SELECT count(*) FROM decision WHERE verdict = 'accepted'"), 100)

    def test_a_studio_with_clients_is_left_alone(self) -> None:
        before = self.count("SELECT count(*) FROM client")
        fill(self.database, THE_TRAINER, demo_day())
        self.assertEqual(self.count("SELECT count(*) FROM client"), before)
