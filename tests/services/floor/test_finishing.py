from datetime import timedelta

from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.ledger.how import How
from upright_anvil.core.ledger.rows import Outcome, SetPosition
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.services.floor import logging
from upright_anvil.services.floor.devices import Figures, Watch, WatchedSet, keep_measure
from upright_anvil.services.floor.finishing import LineState, SessionSummary, summary
from upright_anvil.services.floor.opening import open_floor
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.settings import Calls, Device, Settings, keep_settings, settings
from upright_anvil.store.studio import settings as kept_settings

LINES = (("back-squat", "3 x 6-8, 60 kg, rest 2:00, leave 2"), ("plank", "2 x 40 s, rest 60 s"))
FIGURES = Figures(7, 1, 0.2, 120, 140, ("Measured 7 full reps, 1 partial, range 48 cm.",))


class FinishingTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(*LINES)
        self.sid = self.session(self.board)

    def seen(self) -> SessionSummary:
        with self.studio.reading() as scope:
            return summary(scope, self.sid, TODAY)

    def note(self, text: str, line: str = "", *, for_next: bool = False) -> None:
        with self.studio.writing() as scope:
            logging.add_note(scope, self.sid, fresh_id(), line, text, NOW, for_next=for_next)

    def test_unfinished_work_is_kept_as_such(self) -> None:
        for number in (1, 2):
            self.log(self.sid, number, 8)
        self.log(self.sid, 3, None, outcome=Outcome.SKIPPED)
        self.finish(self.sid)
        squat, plank = self.seen().lines
        self.assertEqual((squat.state, squat.done, squat.planned_sets, squat.skipped), (LineState.PART, 2, 3, 1))
        self.assertEqual((plank.state, plank.done), (LineState.NOT_DONE, 0))

    def test_planned_against_done_as_blocks(self) -> None:
        self.log(self.sid, 1, 8)
        blocks = self.seen().lines[0].blocks
        self.assertEqual([block.done is not None for block in blocks], [True, False, False])
        self.assertTrue(all(block.planned for block in blocks))

    def test_effort_minutes_and_pace(self) -> None:
        self.log(self.sid, 1, 8)
        self.assertIsNone(self.seen().minutes)
        with self.studio.writing() as scope:
            self.assertFalse(logging.say_effort(scope, self.sid, 7).again)
            self.assertTrue(logging.say_effort(scope, self.sid, 7).again)
        self.finish(self.sid)
        seen = self.seen()
        self.assertEqual((seen.minutes, seen.effort, seen.load), (50, 7, 350))
        self.assertGreater(seen.estimated_minutes, 0)

    def test_facts_speak_of_today_against_what_came_before(self) -> None:
        self.log(self.sid, 1, 8)
        self.finish(self.sid)
        self.assertEqual(self.seen().facts[0].text, "First time with Back squat: 8 reps with 60 kg.")
        self.now = NOW + timedelta(days=7)
        self.sid = self.session(self.board, week=2, at=self.now)
        self.log(self.sid, 1, 8)
        self.assertEqual(self.seen().facts, ())
        self.log(self.sid, 2, 9)
        self.assertIn("Best Back squat yet", self.seen().facts[0].text)

    def test_pain_notes_and_what_is_for_next_time(self) -> None:
        self.log(self.sid, 1, 8, how=How(pain=Joint.KNEE, pain_side=Side.LEFT))
        self.note("Warm day")
        self.note("Knees in", "l1")
        self.note("Ask about the knee", for_next=True)
        seen = self.seen()
        self.assertEqual(seen.lines[0].pains, ("left knee, set 1",))
        self.assertEqual((seen.notes, seen.for_next), (("Warm day",), ("Ask about the knee",)))
        self.assertEqual(seen.lines[0].notes, ("Knees in",))
        self.finish(self.sid)
        self.now = NOW + timedelta(days=2)
        with self.studio.reading() as scope:
            later = open_floor(scope, self.board.program_id, "p1-w1", "p1-d2", TODAY)
        self.assertEqual(later.for_today, ("Ask about the knee",))

    def test_ramp_up_sets_are_counted_apart(self) -> None:
        self.log(self.sid, 1, 5, slot=SetPosition("l1", 1, ramp=True))
        line = self.seen().lines[0]
        self.assertEqual((line.ramp_sets, line.done), (1, 0))

    def test_what_a_device_measured_lands_beside_the_set_once_and_changes_nothing(self) -> None:
        self.log(self.sid, 1, 8)
        with self.studio.writing() as scope:
            self.assertFalse(keep_measure(scope, self.sid, "measure-1", "l1", 1, FIGURES, NOW).again)
            self.assertTrue(keep_measure(scope, self.sid, "measure-1", "l1", 1, FIGURES, NOW).again)
        with self.studio.reading() as scope:
            first = open_floor(scope, self.board.program_id, "p1-w1", "p1-d1", TODAY).lines[0].sets[0]
        assert first.logged
        self.assertEqual((first.logged.reps, first.measured), (8, FIGURES.sentences))
        self.assertEqual([one.sentences for one in self.seen().measured], [FIGURES.sentences])


class WatchTest(StudioTest):
    def test_without_devices_nothing_is_seen(self) -> None:
        watch = Watch(Settings(), seed=1)
        watch.begin(WatchedSet("l1", 1, 5))
        self.assertEqual((watch.anything, watch.reps(), watch.heart()), (False, None, None))

    def test_a_watched_set_is_counted_and_said(self) -> None:
        watch = Watch(Settings(Device.SIMULATED, Device.SIMULATED), seed=2)
        self.assertIsNone(watch.reps())
        watch.begin(WatchedSet("l1", 1, 5, Tempo(3, 0, 1, 0)))
        while watch.sample():
            pass
        for _ in range(20):
            watch.heart()
        figures = watch.end()
        assert figures
        self.assertEqual(figures.reps, 5)
        assert figures.heart_most and figures.heart_mean
        self.assertGreaterEqual(figures.heart_most, figures.heart_mean)
        self.assertIn("beats a minute", figures.sentences[-1])
        self.assertIsNone(watch.end())


class SettingsTest(StudioTest):
    def test_what_is_set_is_kept_and_what_nobody_knows_falls_back(self) -> None:
        wanted = Settings(Device.SIMULATED, Device.OFF, Calls.SPEECH, ask_readiness=False)
        with self.studio.writing() as scope:
            self.assertEqual(settings(scope), Settings())
            keep_settings(scope, wanted)
            self.assertEqual(settings(scope), wanted)
            kept_settings.keep_setting(scope, "calls", "trumpets")
            self.assertEqual(settings(scope).calls, Calls.SOUNDS)
