"""Several programs a client: which runs, the next prepared, one ended, what came of it, and what is taken over."""

from datetime import date, timedelta

from tests.commands import save_edits
from tests.support import NOW, TODAY, StudioTest, depot, facts, monday_of
from upright_anvil.core.body.joints import Joint
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.ledger.how import How
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.edits.calendar import PauseProgram
from upright_anvil.core.plan.edits.phases import AddPhase
from upright_anvil.core.plan.standing import ProgramStanding
from upright_anvil.services.board.empty_program import start_program
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.calendar.calendar import calendar_of
from upright_anvil.services.clients.clients import add_client, client_file
from upright_anvil.services.programs.carrying_on import carry_on
from upright_anvil.services.programs.outcome import outcome
from upright_anvil.services.programs.over_the_years import end_program, programs_of
from upright_anvil.services.progress.overview import overview
from upright_anvil.services.starting.own_templates import keep_template, remove_template
from upright_anvil.services.starting.sources import StartingPoint
from upright_anvil.services.starting.taking_over import (
    DayChoice,
    add_day_from,
    add_phase_from,
    look,
    start_from,
    templates_for,
    try_day,
    try_phase,
)
from upright_anvil.services.today.today import open_today
from upright_anvil.store.programs import current
from upright_anvil.store.rows.not_found import NotFoundError

SQUAT = ("back-squat", "3 x 6-8, 60 kg, rest 2:00, leave 2")
WEEK = timedelta(weeks=1)


class ProgramsTest(StudioTest):
    def standing(self, client: ClientId, today: date = TODAY) -> list[tuple[str, str]]:
        with self.studio.reading() as scope:
            return [(p.name, p.standing.value) for p in programs_of(scope, client, today).programs]

    def another(self, client: ClientId, name: str, start: date | None = None) -> ProgramId:
        with self.studio.writing() as scope:
            return start_program(scope, client, name, NOW, TODAY, start=start).program_id

    def test_the_next_is_prepared_and_takes_over_when_it_begins(self) -> None:
        board = self.client_with_program(SQUAT)
        following = self.another(board.client_id, "Next")
        self.assertEqual(self.standing(board.client_id), [("Next", "prepared"), ("Strength", "runs")])
        with self.studio.reading() as scope:
            self.assertEqual(current(scope, following).program.start, board.start + 4 * WEEK)
            self.assertEqual(client_file(scope, board.client_id, TODAY).program_id, board.program_id)
            self.assertEqual(open_today(scope, TODAY).clients[0].program_id, board.program_id)
            later = TODAY + 4 * WEEK
            self.assertEqual(client_file(scope, board.client_id, later).program_id, following)
            self.assertEqual(open_today(scope, later).clients[0].program_id, following)
        self.assertEqual(self.standing(board.client_id, later), [("Next", "runs"), ("Strength", "over")])

    def test_two_programs_share_no_part(self) -> None:
        """What was logged of the first is never read as done of the second."""
        board = self.client_with_program(SQUAT)
        self.log(self.session(board), 1, 8)
        self.another(board.client_id, "Next")
        with self.studio.reading() as scope:
            views = [open_board(scope, p.id, TODAY) for p in programs_of(scope, board.client_id, TODAY).programs]
        ids = [{part.id for p in v.phases for part in (p, *p.weeks, *p.days)} for v in views]
        self.assertFalse(ids[0] & ids[1])

    def test_ended_by_hand_and_taken_back(self) -> None:
        board = self.client_with_program(SQUAT)
        with self.studio.writing() as scope:
            self.assertEqual(end_program(scope, board.program_id, TODAY, TODAY).programs[0].standing, "over")
            self.assertIsNone(client_file(scope, board.client_id, TODAY).program_id)
            self.assertEqual(open_today(scope, TODAY).sessions, ())
            self.assertEqual(open_board(scope, board.program_id, TODAY).name, "Strength")
            for wrong in (TODAY + timedelta(days=1), TODAY - timedelta(days=900)):
                with self.assertRaises(DomainError):
                    end_program(scope, board.program_id, wrong, TODAY)
            end_program(scope, board.program_id, None, TODAY)
        self.assertEqual(self.standing(board.client_id), [("Strength", "runs")])

    def test_a_program_that_ends_with_nothing_behind_it_is_named_today(self) -> None:
        board = self.client_with_program(SQUAT)
        last = board.start + 3 * WEEK

        def named(today: date) -> list[str]:
            with self.studio.reading() as scope:
                return [d.text for d in open_today(scope, today).dues if d.kind == "program ends"]

        self.assertEqual(named(last - timedelta(days=1)), [])
        self.assertEqual(named(last), [f"Ends on {last + timedelta(days=6):%d %b}; nothing is prepared after it"])
        self.assertIn("Ended on", named(last + timedelta(days=9))[0])
        self.assertEqual(named(last + timedelta(days=90)), [])
        self.another(board.client_id, "Next")
        self.assertEqual(named(last), [])

    def test_a_pause_moves_the_calendar_and_the_next_program(self) -> None:
        board = self.client_with_program(SQUAT)
        with self.studio.writing() as scope:
            pause = PauseProgram(week="p1-w2", weeks=2, reason="Holiday")
            save_edits(scope, board.program_id, 2, [pause], "Holiday", NOW, TODAY)
            days = {s.week: s.on for s in reversed(calendar_of(scope, board.program_id, TODAY).sessions)}
        self.assertEqual([(days[n] - days[1]).days // 7 for n in (1, 2, 3, 4)], [0, 3, 4, 5])
        following = self.another(board.client_id, "Next")
        with self.studio.reading() as scope:
            self.assertEqual(current(scope, following).program.start, board.start + 6 * WEEK)
            self.assertEqual(open_board(scope, board.program_id, TODAY).phases[0].weeks[1].pause, 2)

    def test_progress_goes_on_over_both(self) -> None:
        board = self.client_with_program(SQUAT)
        self.made_earlier(board.program_id)
        sid = self.session(board)
        self.log(sid, 1, 8)
        self.finish(sid)
        self.another(board.client_id, "Next", TODAY + WEEK)
        with self.studio.reading() as scope:
            weeks = overview(scope, board.client_id, TODAY + WEEK).weeks
        self.assertEqual([(w.number, w.held) for w in weeks], [(1, 1), (1, 0)])


class OutcomeTest(StudioTest):
    def told(self) -> tuple[BoardView, list[str]]:
        """Three weeks of squats that rise, the last with a pain in the knee."""
        board = self.client_with_program(SQUAT, ("bench-press", "3 x 8, 40 kg"))
        self.made_earlier(board.program_id)
        for week in (1, 2, 3):
            at = NOW + (week - 1) * WEEK
            sid = self.session(board, week=week, at=at)
            hurt = How(pain=Joint.KNEE) if week == 3 else How()
            self.log(sid, 1, 8, load=Load.of(60 + 10 * week, Unit.KG), logged_at=at, how=hurt)
            self.finish(sid, at + timedelta(minutes=50))
        with self.studio.reading() as scope:
            view = outcome(scope, board.program_id, TODAY + 5 * WEEK)
        self.assertEqual((view.held, view.planned), (3, 4))
        self.assertEqual([(p.held, p.planned, p.sets_done) for p in view.phases], [(3, 4, 3)])
        self.assertEqual([(one.exercise, one.held) for one in view.lifts], [("Back squat", 3)])
        self.assertGreater(view.lifts[0].after, view.lifts[0].before)
        self.assertEqual(len(view.hurt), 1)
        self.assertEqual([(c.exercise, c.on) for c in view.carried], [("Back squat", False), ("Bench press", True)])
        return board, [c.line for c in view.carried if not c.on]

    def test_what_came_of_it_and_what_carries_over(self) -> None:
        board, left = self.told()
        with self.studio.writing() as scope:
            who, today = board.client_id, TODAY + 5 * WEEK
            revision = carry_on(scope, who, board.program_id, "Second", left, NOW + 5 * WEEK, today)
            lines = [line for day in revision.program.phases[0].days for line in day.lines]
            self.assertEqual([line.exercise for line in lines], ["bench-press"])
            self.assertEqual(revision.program.start, monday_of(today))
            self.assertEqual(programs_of(scope, who, today).programs[0].standing, ProgramStanding.RUNS)
            with self.assertRaises(NotFoundError):
                carry_on(scope, ClientId("other"), board.program_id, "Second", left, NOW, today)

    def test_of_one_that_has_not_begun(self) -> None:
        board = self.client_with_program()
        with self.studio.reading() as scope:
            view = outcome(scope, board.program_id, TODAY)
        self.assertEqual((view.held, view.planned, view.lifts), (0, 0, ()))
        self.assertEqual(view.told, ("No session was due yet.",))


class TakingOverTest(StudioTest):
    def other(self, equipment: str = "bar 20, plates 2x2.5 4x5 4x10 4x20\nrack, bench", **more: object) -> ClientId:
        with self.studio.writing() as scope:
            return add_client(scope, facts("Berthold Ashe", **more), NOW, depot(equipment, name="Loft")).id

    def texts(self, program: ProgramId) -> list[tuple[str, str]]:
        with self.studio.reading() as scope:
            found = current(scope, program).program
        return [(x.exercise, x.cells[0].text) for p in found.phases for d in p.days for x in d.lines]

    def test_a_whole_program_of_another_client(self) -> None:
        board = self.client_with_program(SQUAT)
        other = self.other()
        with self.studio.writing() as scope:
            save_edits(scope, board.program_id, 2, [AddPhase(phase="p2", name="Second")], "Second", NOW, TODAY)
            source = StartingPoint(program=board.program_id)
            seen = look(scope, other, source, TODAY)
            self.assertEqual((seen.name, seen.phases, seen.weeks), ("Strength", 2, 8))
            begun = start_from(scope, other, source, NOW, TODAY)
        self.assertEqual(self.texts(begun.revision.program_id), [("back-squat", "3 x 6-8, rest 2:00, leave 2")] * 2)
        self.assertIn("Ottoline Fisk", begun.revision.reason)

    def test_a_client_without_the_kit_gets_what_can_be_done(self) -> None:
        board = self.client_with_program(SQUAT)
        bare = self.other("dumbbells 8")
        with self.studio.writing() as scope:
            begun = start_from(scope, bare, StartingPoint(program=board.program_id), NOW, TODAY)
        (exercise, _text), *_ = self.texts(begun.revision.program_id)
        self.assertNotEqual(exercise, "back-squat")
        self.assertTrue(any("for the place" in change for change in begun.changes))

    def test_a_phase_and_a_day_are_looked_at_then_taken(self) -> None:
        board = self.client_with_program(SQUAT)
        other = self.other()
        with self.studio.writing() as scope:
            mine = start_program(scope, other, "Mine", NOW, TODAY)
            program, source = mine.program_id, StartingPoint(program=board.program_id, phase="p1")
            seen = try_phase(scope, program, source, TODAY)
            self.assertIn("quadriceps", [change.muscle for change in seen.muscles])
            self.assertTrue(all(one.before == 0 for one in seen.minutes))
            self.assertEqual(current(scope, program).number, 1)
            taken = add_phase_from(scope, program, 1, source, NOW, TODAY)
            self.assertEqual(len(taken.revision.program.phases), 2)
            day = DayChoice(source, 0, "p1")
            self.assertTrue(try_day(scope, program, day, TODAY).minutes)
            again = add_day_from(scope, program, 2, day, NOW, TODAY)
            self.assertTrue(again.revision.program.phases[0].days[-1].top_up)

    def test_what_cannot_be_taken_over(self) -> None:
        board = self.client_with_program()
        other = self.other()
        with self.studio.writing() as scope:
            with self.assertRaisesRegex(DomainError, "nothing in it"):
                start_from(scope, other, StartingPoint(program=board.program_id), NOW, TODAY)
            with self.assertRaises(DomainError):
                look(scope, other, StartingPoint(program=board.program_id, phase="gone"), TODAY)
            with self.assertRaises(NotFoundError):
                look(scope, other, StartingPoint(program=ProgramId("gone")), TODAY)

    def test_a_template_of_ones_own_is_kept_for_everybody(self) -> None:
        board = self.client_with_program(SQUAT)
        other = self.other()
        with self.studio.writing() as scope:
            source = StartingPoint(program=board.program_id, phase="p1")
            kept = keep_template(scope, source, "Squat base", "Beginners", NOW)
            with self.assertRaisesRegex(DomainError, "already"):
                keep_template(scope, source, "squat BASE", "", NOW)
            first = templates_for(scope, other, TODAY)[0]
            self.assertEqual((first.id, first.name, first.own, first.suits), (kept.id, "Squat base", True, "Beginners"))
            begun = start_from(scope, other, StartingPoint(kept.id), NOW, TODAY)
            self.assertEqual(begun.revision.program.name, "Squat base")
            remove_template(scope, kept.id, True, NOW)
            self.assertFalse(any(one.own for one in templates_for(scope, other, TODAY)))
            remove_template(scope, kept.id, False, NOW)
            self.assertTrue(templates_for(scope, other, TODAY)[0].own)
            with self.assertRaises(NotFoundError):
                remove_template(scope, "gone", True, NOW)
