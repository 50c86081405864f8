"""A day through the weeks to come: from the log and the plan, at the day's place, against the hour."""

from datetime import timedelta

from tests.commands import save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.plan.edits import Edit
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.days import SetDay
from upright_anvil.core.plan.edits.weeks import ChangeWeek
from upright_anvil.core.projection.scenario import Scenario
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.projection.looking_ahead import look_ahead
from upright_anvil.services.projection.views import AheadCourse, AheadView
from upright_anvil.store.rows.not_found import NotFoundError

SQUAT, PRESS = "3 x 6-8, 60 kg, rest 2:00, leave 2", "3 x 8-10, 16 kg, rest 1:30, leave 2"


class LookAheadTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(
            ("back-squat", SQUAT), ("dumbbell-bench-press", PRESS), ("plank", "3 x 30 s"), ("loaded-carry", "3 x 20 m")
        )

    def ahead(
        self, day: str = "p1-d1", today: timedelta = timedelta(), outlook: Scenario = Scenario.LATELY
    ) -> AheadView:
        with self.studio.reading() as scope:
            return look_ahead(scope, self.board.program_id, day, outlook, TODAY + today)

    def edit(self, *edits: Edit) -> None:
        with self.studio.writing() as scope:
            base = open_board(scope, self.board.program_id, TODAY).revision.number
            save_edits(scope, self.board.program_id, base, edits, "By hand", NOW, TODAY)

    def course(self, line: int, outlook: Scenario, today: timedelta = timedelta()) -> AheadCourse:
        found = self.ahead(today=today, outlook=outlook).lines[line].course
        assert found is not None
        return found

    def ran(self, week: int, reps: int = 8, kg: str = "60") -> None:
        at = NOW + timedelta(weeks=week - 1)
        sid = self.session(self.board, week, at=at)
        for number in (1, 2, 3):
            self.log(sid, number, reps)
            self.log(sid, number, 10, line="l2", exercise="dumbbell-bench-press", planned=PRESS)
        self.finish(sid, at + timedelta(minutes=55))

    def test_weeks_to_the_end_of_the_phase_and_as_if_it_went_on(self) -> None:
        self.edit(ChangeWeek(phase="p1", week="p1-w4", kind=WeekKind.EASE_OFF))
        view = self.ahead()
        self.assertEqual([week.number for week in view.weeks], list(range(1, 9)))
        self.assertEqual([week.beyond for week in view.weeks], [False] * 4 + [True] * 4)
        self.assertEqual([week.number for week in view.weeks if week.easing_off], [4])
        self.assertEqual([line.measure for line in view.lines], ["kg", "kg", "s", "reps"])

    def test_without_a_day_it_is_the_one_trained_next(self) -> None:
        self.assertEqual((self.ahead("").day_id, self.ahead("", timedelta(days=5)).day_id), ("p1-d2", "p1-d1"))

    def test_a_week_that_was_trained_is_past(self) -> None:
        self.ran(1)
        self.assertEqual(self.ahead().weeks[0].number, 2)

    def test_the_kit_runs_out_at_the_days_own_place(self) -> None:
        events = self.course(1, Scenario.WELL).events
        self.assertIn("Heaviest here (16 kg) in week 1", events[0].text)

    def test_the_log_tells_how_strong_the_client_is(self) -> None:
        before = self.course(0, Scenario.LATELY).points[-1].value
        for week in (1, 2, 3):
            self.now = NOW + timedelta(weeks=week - 1)
            self.ran(week, 8)
        after = self.course(0, Scenario.LATELY, timedelta(weeks=2)).points[-1].value
        assert before is not None and after is not None
        self.assertGreater(after, before)

    def test_the_band_holds_what_is_expected(self) -> None:
        for outlook in Scenario:
            view = self.ahead(outlook=outlook)
            self.assertIs(view.outlook, outlook)
            for line in view.lines:
                for point in line.course.points if line.course else ():
                    if point.value is not None and point.low is not None and point.high is not None:
                        self.assertTrue(point.low <= point.value <= point.high)

    def test_lost_weeks_take_no_minutes_and_long_days_say_so(self) -> None:
        self.assertEqual(self.ahead(outlook=Scenario.BAD).minutes.minutes[1:3], (0, 0))
        self.assertEqual(self.ahead(outlook=Scenario.WELL).minutes.over, "")
        self.edit(SetDay(day="p1-d1", minutes=15))
        view = self.ahead(outlook=Scenario.WELL)
        self.assertEqual(view.limit, 15)
        self.assertIn("Over the 15 min in 8 weeks, first in week 1: ", view.minutes.over)

    def test_what_cannot_be_looked_ahead_of_says_why(self) -> None:
        self.edit(*(SetCell(line="l1", week=f"p1-w{n}", text="see how it goes") for n in (1, 2, 3, 4)))
        view = self.ahead()
        self.assertEqual(view.lines[0].why_not, "Nothing that can be read is asked for in these weeks.")
        self.assertIn("distances follow the plan as written", view.lines[3].why_not)

    def test_a_phase_that_is_over_and_a_day_that_is_gone(self) -> None:
        for day, today, error in [
            ("p1-d1", timedelta(weeks=9), DomainError),
            ("nowhere", timedelta(), DomainError),
        ]:
            with self.subTest(day), self.assertRaises(error):
                self.ahead(day, today)
        with self.assertRaises(NotFoundError), self.studio.reading() as scope:
            look_ahead(scope, "nowhere", "", Scenario.LATELY, TODAY)
