"""Filling, fitting, findings, calendar and revisions against a real file of data."""

from decimal import Decimal

from tests.commands import fill, restore, save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.drafting.draft import Wish
from upright_anvil.core.errors import DomainError
from upright_anvil.core.fitting.fit import THIS_WEEK
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.changing.paths import Path, PathKind
from upright_anvil.core.plan.edits.calendar import AnswerFinding, MoveSession
from upright_anvil.core.plan.edits.cells import SetCell
from upright_anvil.core.plan.edits.days import SetDay
from upright_anvil.core.plan.edits.lines import ChangeLine
from upright_anvil.services.board.findings import findings_of, try_edits
from upright_anvil.services.board.fitting import fit_session
from upright_anvil.services.board.reading import hints
from upright_anvil.services.board.revisions import as_it_was, compare_revisions
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.calendar.calendar import calendar_of, ways_out_of
from upright_anvil.services.clients.places import PlaceFacts, add_place, set_places
from upright_anvil.services.floor.opening import open_floor
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.services.starting.starting import DraftWish, draft_for
from upright_anvil.services.starting.taking_over import templates_for
from upright_anvil.store.rows.not_found import NotFoundError

ROW = ("barbell-row", "3 x 8, 40 kg, rest 2:00, leave 2")
CURL = ("biceps-curl", "3 x 12, 8 kg, rest 90 s")


def texts(board: BoardView, line: int = 0) -> list[str]:
    return [cell.plan.text for cell in board.phases[0].days[0].lines[line].cells]


class PlanningTest(StudioTest):
    def save(self, board: BoardView, *edits: object, base: int = 2) -> BoardView:
        with self.studio.writing() as scope:
            return save_edits(scope, board.program_id, base, edits, "Changed", NOW, TODAY)  # type: ignore[arg-type]

    def test_several_lines_are_filled_as_one_revision(self) -> None:
        board = self.client_with_program(ROW, CURL)
        lines = [line.id for line in board.phases[0].days[0].lines]
        with self.studio.writing() as scope:
            way = Path(PathKind.LOAD, Decimal("2.5"))
            filled = fill(scope, board.program_id, 2, lines, "p1-w1", way, NOW, TODAY)
        self.assertEqual(filled.revision.number, 3)
        self.assertEqual(texts(filled)[3], "3 x 8, 47.5 kg, rest 2:00, leave 2")
        self.assertEqual(texts(filled, 1)[1], "3 x 12, 10 kg, rest 1:30", "the nearest pair there is")

    def test_filling_until_a_week(self) -> None:
        board = self.client_with_program(ROW)
        with self.studio.writing() as scope:
            way = Path(PathKind.REPS, Decimal(1))
            filled = fill(scope, board.program_id, 2, ["l1"], "p1-w1", way, NOW, TODAY, "p1-w2")
        self.assertEqual([t[:5] for t in texts(filled)], ["3 x 8", "3 x 9", "3 x 8", "3 x 8"])

    def test_findings_follow_the_place_of_a_day(self) -> None:
        board = self.client_with_program(ROW)
        with self.studio.writing() as scope:
            hotel = add_place(scope, PlaceFacts("Hotel", Unit.KG, equipment="dumbbells 5 10"))
            usual = [place.id for place in board.places]
            set_places(scope, board.client_id, [*usual, hotel.id])
        away = self.save(board, SetDay(day="p1-d1", place=hotel.id))
        self.assertEqual([place.name for place in away.places], ["Depot", "Hotel"])
        with self.studio.reading() as scope:
            told = findings_of(scope, board.program_id, "p1", TODAY)
        self.assertIn("kit-missing", [f.check for f in told.findings])
        cell = away.phases[0].days[0].lines[0].cells[0].plan
        self.assertEqual(cell.caution, "There is no barbell for this at the place.")

    def test_a_trial_changes_nothing(self) -> None:
        board = self.client_with_program(ROW)
        with self.studio.reading() as scope:
            trial = try_edits(scope, board.program_id, [SetCell(line="l1", week="p1-w1", text="3 x 8, 41 kg")], TODAY)
        self.assertEqual([d.after for d in trial.differences], ["3 x 8, 41 kg"])
        self.assertTrue(any("41 kg cannot be made" in message for message in trial.new))
        self.assertEqual([(m.week, m.before > m.after) for m in trial.minutes], [(1, True)])

    def test_a_reason_given_is_kept_through_undo_of_other_things(self) -> None:
        board = self.client_with_program(("barbell-row", "3 x 40, 40 kg"))
        with self.studio.reading() as scope:
            asked = next(f for f in findings_of(scope, board.program_id, "p1", TODAY).findings if f.line == "l1")
        answer = AnswerFinding(check=asked.check, where=asked.where, message=asked.message, reason="A bet")
        self.save(board, answer)
        with self.studio.reading() as scope:
            told = findings_of(scope, board.program_id, "p1", TODAY).findings
        self.assertIn(("A bet", asked.message), [(f.answered, f.message) for f in told])

    def test_a_session_is_fitted_to_its_own_minutes(self) -> None:
        board = self.client_with_program(ROW, CURL)
        with self.studio.reading() as scope:
            found = fit_session(scope, board.program_id, "p1-w1", "p1-d1", 10, TODAY, THIS_WEEK)
            self.assertTrue(found.savings)
            with self.assertRaises(DomainError):
                fit_session(scope, board.program_id, "gone", "p1-d1", 10, TODAY, THIS_WEEK)

    def test_the_calendar_knows_what_became_of_each_session(self) -> None:
        board = self.client_with_program(ROW)
        self.session(board)
        self.save(board, MoveSession(week="p1-w2", day="p1-d2", reason="Holiday"))
        with self.studio.reading() as scope:
            view = calendar_of(scope, board.program_id, TODAY)
            states = {(s.week, s.day): s.state for s in view.sessions}
            self.assertEqual(states[1, "Day 1"], "done")
            self.assertEqual(states[2, "Day 2"], "dropped")
            self.assertEqual(states[3, "Day 3"], "planned")
            ways = ways_out_of(scope, board.program_id, "p1-w2", "p1-d1", TODAY)
            self.assertEqual(ways[-1].label, "Drop it")
            with self.assertRaises(DomainError):
                ways_out_of(scope, board.program_id, "gone", "p1-d1", TODAY)

    def test_revisions_stand_beside_each_other(self) -> None:
        board = self.client_with_program(ROW)
        self.save(board, SetCell(line="l1", week="p1-w1", text="5 x 5, 50 kg"))
        with self.studio.reading() as scope:
            found = compare_revisions(scope, board.program_id, 2, 3)
            self.assertEqual([(d.before, d.after) for d in found.differences], [(ROW[1], "5 x 5, 50 kg")])
            self.assertEqual(texts(as_it_was(scope, board.program_id, 2, TODAY))[0], ROW[1])
            with self.assertRaises(NotFoundError):
                as_it_was(scope, board.program_id, 99, TODAY)
        with self.studio.writing() as scope:
            back = restore(scope, board.program_id, 3, 2, NOW, TODAY)
        self.assertEqual((texts(back)[0], back.revision.number, back.revision.undo_to), (ROW[1], 4, 3))

    def test_what_may_be_typed(self) -> None:
        board = self.client_with_program(ROW)
        sid = self.session(board)
        self.log(sid, 1, 8, exercise="barbell-row")
        self.log(sid, 2, 7, exercise="barbell-row")
        with self.studio.reading() as scope:
            found = hints(scope, board.program_id, "barbell-row", TODAY)
        assert found.last
        self.assertEqual(found.last.done, "8, 7 with 60 kg")
        self.assertIsNotNone(found.fitting)

    def test_the_floor_hears_what_the_line_says(self) -> None:
        board = self.client_with_program(ROW)
        self.save(board, ChangeLine(line="l1", reason="For the oar", cues=("Elbows back",)))
        with self.studio.reading() as scope:
            line = open_floor(scope, board.program_id, "p1-w1", "p1-d1", TODAY).lines[0]
        self.assertEqual((line.reason, line.cues.cues, line.together), ("For the oar", ("Elbows back",), ""))

    def test_a_standpoint_knows_the_client(self) -> None:
        board = self.client_with_program(ROW)
        with self.studio.reading() as scope:
            who = standpoint(scope, board.client_id, TODAY)
            self.assertEqual((who.minutes, who.days_a_week, who.clearance), (60, 3, ""))
            templates = templates_for(scope, board.client_id, TODAY)
            self.assertTrue(all(one.lines and one.days <= 3 for one in templates))
            drafted = draft_for(scope, board.client_id, DraftWish(Wish(weeks=2)), TODAY)
            self.assertEqual([len(day.lines) > 2 for day in drafted.days], [True] * 3)
