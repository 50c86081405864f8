"""What is worked out from a part of what is known of a client is that of the whole of it."""

import tempfile
from collections import Counter
from pathlib import Path
from unittest import TestCase

from tools.queries_asked import queries_told

from tests.demo.filled import DEMO_DAY, demo_copy
from upright_anvil.api.studio import THE_STUDIO
from upright_anvil.core.plan.read_out.reading import day_estimate
from upright_anvil.core.volume.bands import GENERAL
from upright_anvil.services.log.done import done_by_line
from upright_anvil.services.log.volume import SetCount, SetCounts, phase_volume
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.history import history
from upright_anvil.services.today.agenda import FEW, Estimates, agenda_of
from upright_anvil.services.today.today import open_today
from upright_anvil.store import programs
from upright_anvil.store.client import clients
from upright_anvil.store.file.database import Database
from upright_anvil.store.log import ledger, training_sessions


class TimesTest(TestCase):
    def test_what_many_clients_need_is_asked_at_once_after_a_start(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            database = Database(demo_copy(Path(folder)))
            self.addCleanup(database.close)
            asked = Counter[str]()
            told = queries_told(database, lambda said, _: asked.update([said]))
            with told, database.reading(THE_STUDIO) as scope:
                shown = open_today(scope, DEMO_DAY.date())
        often = {said: times for said, times in asked.items() if times > FEW + 1}
        self.assertGreater(len(shown.clients), FEW + 1)
        self.assertEqual(often, {})

    def test_every_day_of_every_client_takes_as_long_as_with_all_that_is_known(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            database = Database(demo_copy(Path(folder)))
            self.addCleanup(database.close)
            with database.reading(THE_STUDIO) as scope:
                today, compared = DEMO_DAY.date(), 0
                estimates = Estimates(scope, {})
                for client_id, row in programs.running_programs(scope, today).items():
                    who, profile = clients.client(scope, client_id), client_profile(scope, client_id, today)
                    program = programs.revision(scope, row.id, row.revision).program
                    for day in agenda_of(scope, row).days:
                        phase = program.phases[day.phase]
                        planned = next(one for one in phase.days if one.id == day.day_id)
                        held = program.as_held(phase, day.week_id, planned)
                        expected = day_estimate(held, phase.weeks, day.index, profile)
                        self.assertEqual(estimates.seconds(who, row, day), expected, (who.name, day))
                        compared += expected > 0
        self.assertGreater(compared, 100)


class CountsTest(TestCase):
    def test_the_hard_sets_of_every_week_are_those_of_its_volume(self) -> None:
        with tempfile.TemporaryDirectory() as folder:
            database = Database(demo_copy(Path(folder)))
            self.addCleanup(database.close)
            with database.reading(THE_STUDIO) as scope:
                today, planned, did = DEMO_DAY.date(), 0, 0
                for client_id, row in programs.running_programs(scope, today).items():
                    program = programs.current(scope, row.id).program
                    sessions = training_sessions.sessions_of_program(scope, row.id)
                    done = done_by_line(ledger.sets_of_sessions(scope, [s.id for s in sessions]))
                    profile, past = client_profile(scope, client_id, today), history(scope, client_id).in_session
                    counts = SetCounts(profile, {(row.id, s.week_id, s.day_id): past.get(s.id, ()) for s in sessions})
                    for phase in program.phases:
                        weeks = phase_volume(row, program, phase, profile, done, GENERAL)
                        expected = [SetCount(week.planned, week.done) for week in weeks]
                        counted = [counts.of(row.id, program, phase, week) for week in range(len(weeks))]
                        self.assertEqual(counted, expected, (client_id, phase.name))
                        planned, did = planned + sum(w.planned for w in counted), did + sum(w.done for w in counted)
        self.assertGreater(planned, did)
        self.assertGreater(did, 500)
