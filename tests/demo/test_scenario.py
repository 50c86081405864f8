import tempfile
from datetime import timedelta
from pathlib import Path
from unittest import TestCase

from sqlalchemy import text

from tests.demo.filled import DEMO_DAY, demo_copy
from upright_anvil.api.studio import THE_STUDIO
from upright_anvil.core.health.screening import ScreenOutcome
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.demo.filling import fill_if_empty
from upright_anvil.demo.scenario import WEEKS_BEHIND
from upright_anvil.services.assessment.rounds import side_by_side
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.clients.clients import client_file, client_list
from upright_anvil.services.shelf import all_exercises
from upright_anvil.services.today.today import open_today
from upright_anvil.store.file.database import Database


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
        today = DEMO_DAY.date()
        with self.database.reading(THE_STUDIO) as scope:
            view = open_today(scope, today)
            self.assertGreaterEqual(len(view.sessions), 4)
            self.assertEqual({s.state for s in view.sessions}, {"planned"})
            self.assertGreaterEqual(len(view.waiting), 1)
            for session in view.sessions:
                board = open_board(scope, session.program_id, today)
                self.assertEqual(board.start, today - timedelta(days=today.weekday(), weeks=WEEKS_BEHIND))

    def test_every_planned_line_can_be_read_and_lifted(self) -> None:
        with self.database.reading(THE_STUDIO) as scope:
            for session in open_today(scope, DEMO_DAY.date()).sessions:
                for phase in open_board(scope, session.program_id, DEMO_DAY.date()).phases:
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

    def test_it_lives_what_sessions_are_made_of(self) -> None:
        """Circuits by the clock and counted ones, runs beside lifting, pyramids with bands, a long break."""
        kinds, schemes = set(), set()
        with self.database.reading(THE_STUDIO) as scope:
            for session in open_today(scope, DEMO_DAY.date()).sessions:
                for phase in open_board(scope, session.program_id, DEMO_DAY.date()).phases:
                    kinds |= {group.kind for day in phase.days for group in day.groups}
                    schemes |= {line.cells[0].plan.work for day in phase.days for line in day.lines}
        self.assertLessEqual({GroupKind.CIRCUIT, GroupKind.INTERVALS}, kinds)
        self.assertTrue(any("band sand/rust/slate" in work for work in schemes))
        self.assertGreater(self.count("SELECT count(*) FROM performed_set WHERE metres > 0 AND seconds > 0"), 4)
        long_ago = (DEMO_DAY.date() - timedelta(days=28)).isoformat()
        last = "SELECT max(on_date) AS last FROM session GROUP BY client_id"
        self.assertGreater(self.count(f"SELECT count(*) FROM ({last}) WHERE last < '{long_ago}'"), 0)

    def test_a_studio_with_clients_is_left_alone(self) -> None:
        before = self.count("SELECT count(*) FROM client")
        fill_if_empty(self.database, THE_STUDIO, DEMO_DAY)
        self.assertEqual(self.count("SELECT count(*) FROM client"), before)

    def test_ten_people_have_files_places_screens_and_two_rounds_of_tests(self) -> None:
        today = DEMO_DAY.date()
        outcomes = set()
        with self.database.reading(THE_STUDIO) as scope:
            people = client_list(scope, DEMO_DAY.date())
            self.assertEqual(len(people), 10)
            for person in people:
                with self.subTest(person=person.name):
                    view = client_file(scope, person.id, today)
                    self.assertTrue(view.facts.goal and view.facts.second_goal and view.facts.emergency_contact)
                    self.assertTrue(view.age and 18 <= view.age <= 90)
                    self.assertEqual(view.hints, ())
                    self.assertTrue(view.places)
                    self.assertEqual([p.equipment.problems for p in view.places], [()] * len(view.places))
                    self.assertGreaterEqual(len(view.health.timeline), 1)
                    self.assertIsNotNone(view.health.screening.outcome)
                    outcomes.add(view.health.screening.outcome)
                    self.assertGreaterEqual(len(view.body_weights), 2)
                    compared = side_by_side(scope, person.id, None, None)
                    self.assertEqual(len(compared.rounds), 2)
                    changes = [p.change for p in compared.pairs if p.change]
                    self.assertGreaterEqual(len(changes), 5)
                    self.assertIn("better", {c.way for c in changes})
        self.assertEqual(outcomes, set(ScreenOutcome))

    def test_a_slip_of_the_keyboard_was_corrected_and_is_kept(self) -> None:
        with self.database.reading(THE_STUDIO) as scope:
            ilse = next(c for c in client_list(scope, DEMO_DAY.date()) if c.name == "Ilse Marwick")
            pairs = side_by_side(scope, ilse.id, None, None).pairs
        later = next(p.later for p in pairs if p.item.id == "push-up-reps")
        assert later
        self.assertEqual(([int(r.value or 0) for r in later.earlier], later.figure), ([120], 12))

    def test_today_tells_what_is_due(self) -> None:
        with self.database.reading(THE_STUDIO) as scope:
            dues = open_today(scope, DEMO_DAY.date()).dues
        self.assertEqual({d.kind for d in dues}, {"clearance", "health screen", "re-test"})
        self.assertEqual(dues[0].kind, "clearance")

    def test_the_library_holds_all_that_is_planned(self) -> None:
        with self.database.reading(THE_STUDIO) as scope:
            exercises = all_exercises(scope)
            for session in open_today(scope, DEMO_DAY.date()).sessions:
                for phase in open_board(scope, session.program_id, DEMO_DAY.date()).phases:
                    for day in phase.days:
                        self.assertTrue(all(line.exercise_id in exercises for line in day.lines))
