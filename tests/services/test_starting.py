"""Beginning a program from a template or a draft, and adding a template as the next phase."""

from datetime import timedelta, timezone

from tests.commands import add_template_phase, start_from_draft, start_from_template, start_program, undo
from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.body.joints import Joint
from upright_anvil.core.drafting.draft import Wish
from upright_anvil.core.errors import DomainError
from upright_anvil.core.goals import TrainingAge
from upright_anvil.core.ids import PlaceId
from upright_anvil.core.ledger.how import How, SetEnd
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Section
from upright_anvil.formats.shipped.template_file import shipped_templates
from upright_anvil.services.board.empty_program import first_monday
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.board.saving import history
from upright_anvil.services.calendar.calendar import calendar_of
from upright_anvil.services.clients.clients import add_client, client_file
from upright_anvil.services.clients.places import PlaceFacts, add_place, set_places
from upright_anvil.services.conflicts import StaleSaveError
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.services.starting.brief import brief_of
from upright_anvil.services.starting.sources import StartingPoint
from upright_anvil.services.starting.starting import DraftWish, draft_for, drafted
from upright_anvil.services.starting.taking_over import DayChoice, add_day_from, templates_for
from upright_anvil.store.programs import program_row
from upright_anvil.store.rows.not_found import NotFoundError


class StartingTest(StudioTest):
    def client(self, **more: object) -> str:
        with self.studio.writing() as scope:
            return add_client(scope, facts(**more), NOW, depot()).id  # type: ignore[arg-type]

    def test_a_template_becomes_the_first_revision(self) -> None:
        client = self.client()
        with self.studio.writing() as scope:
            started = start_from_template(scope, client, "whole-body-three-days", NOW, TODAY)
        board = started.board
        self.assertEqual(
            (board.name, board.revision.number, len(board.phases[0].weeks)), ("Three whole-body days", 1, 4)
        )
        self.assertEqual(board.start.weekday(), 0)
        self.assertTrue(started.changes, "the depot has no rack, and that is said")
        with self.studio.reading() as scope:
            said = [head.reason for head in history(scope, board.program_id)]
        self.assertEqual(said, ["Started from the template Three whole-body days"])

    def test_every_template_can_be_started_and_opened(self) -> None:
        for template in shipped_templates():
            with self.subTest(template):
                client = self.client(name=f"Fisk {template}")
                with self.studio.writing() as scope:
                    board = start_from_template(scope, client, template, NOW, TODAY).board
                cells = [c.plan for d in board.phases[0].days for line in d.lines for c in line.cells]
                self.assertTrue(cells)
                self.assertEqual([c.text for c in cells if c.state == "unreadable"], [])
                self.assertEqual([c.caution for c in cells if c.caution], [])
                limit = 60 * 60
                self.assertTrue(all(s <= limit for d in board.phases[0].days for s in d.seconds))

    def test_a_day_of_a_template_becomes_an_optional_day_of_a_running_phase(self) -> None:
        client = self.client()
        with self.studio.writing() as scope:
            board = start_from_template(scope, client, "whole-body-three-days", NOW, TODAY).board
            choice = DayChoice(StartingPoint("top-up-day"), 0, board.phases[0].id)
            before = len(board.phases[0].days)
            add_day_from(scope, board.program_id, 1, choice, NOW, TODAY)
            later = open_board(scope, board.program_id, TODAY).phases[0]
            day = later.days[-1]
            seen = calendar_of(scope, board.program_id, TODAY + timedelta(days=30)).sessions
        self.assertEqual((len(later.days), day.name, day.top_up, day.weekday), (before + 1, "Top-up", True, 5))
        for line in day.lines:
            self.assertEqual([cell.plan.state for cell in line.cells], ["read"] * len(later.weeks))
        self.assertEqual({one.state for one in seen if one.day_id == day.id}, {"optional"}, "never missed")
        self.assertIn("missed", {one.state for one in seen})
        with self.studio.writing() as scope:
            for number in range(3):
                add_day_from(scope, board.program_id, 2 + number, choice, NOW, TODAY)
            with self.assertRaisesRegex(DomainError, "Every day of the week"):
                add_day_from(scope, board.program_id, 5, choice, NOW, TODAY)
            for wrong in (
                DayChoice(StartingPoint("top-up-day"), 3, "p1"),
                DayChoice(StartingPoint("nowhere"), 0, "p1"),
            ):
                with self.assertRaises(NotFoundError):
                    add_day_from(scope, board.program_id, 5, wrong, NOW, TODAY)

    def test_what_nobody_knows_is_not_found(self) -> None:
        client = self.client()
        with self.studio.writing() as scope:
            with self.assertRaises(NotFoundError):
                start_from_template(scope, client, "gone", NOW, TODAY)
            with self.assertRaises(NotFoundError):
                templates_for(scope, "gone", TODAY)

    def test_a_phase_from_a_template_can_be_undone(self) -> None:
        client = self.client()
        with self.studio.writing() as scope:
            board = start_from_template(scope, client, "hotel-room", NOW, TODAY).board
        with self.studio.writing() as scope:
            longer = add_template_phase(scope, board.program_id, 1, "top-up-day", NOW, TODAY).board
        self.assertEqual([phase.name for phase in longer.phases], ["Hotel room", "Top-up day"])
        self.assertEqual([week.number for week in longer.phases[1].weeks], [3, 4, 5, 6])
        self.assertTrue(longer.phases[1].days[0].top_up)
        with self.studio.writing() as scope, self.assertRaises(StaleSaveError):
            add_template_phase(scope, board.program_id, 1, "top-up-day", NOW, TODAY)
        with self.studio.writing() as scope:
            back = undo(scope, board.program_id, 2, NOW, TODAY)
        self.assertEqual(back.phases, board.phases)

    def test_the_draft_that_is_kept_is_the_one_that_was_shown(self) -> None:
        client = self.client()
        wish = Wish(weeks=6, seed=5)
        with self.studio.reading() as scope:
            shown = draft_for(scope, client, DraftWish(wish), TODAY)
        with self.studio.writing() as scope:
            kept = start_from_draft(scope, client, wish, NOW, TODAY).board
        self.assertEqual(
            [[line.exercise_id for line in day.lines] for day in shown.days],
            [[line.exercise_id for line in day.lines] for day in kept.phases[0].days],
        )
        self.assertEqual(shown.weeks, sum(len(phase.weeks) for phase in kept.phases))
        sections = [group.section for group in kept.phases[0].days[0].groups]
        self.assertEqual(sections[0], Section.WARM_UP)
        self.assertEqual(sections, sorted(sections, key=list(Section).index))

    def test_a_draft_is_limited_like_the_client(self) -> None:
        client = self.client(minutes=30, days_a_week=2)
        with self.studio.writing() as scope:
            board = start_from_draft(scope, client, Wish(weeks=4), NOW, TODAY).board
        self.assertEqual(len(board.phases[0].days), 2)
        self.assertTrue(all(s <= 30 * 60 for d in board.phases[0].days for s in d.seconds))

    def test_a_draft_reads_the_whole_file(self) -> None:
        client = self.client(
            weekdays=(1, 5),
            days_a_week=2,
            birth_year=TODAY.year - 74,
            about="Fell last winter. Hates lunges.",
            training_age=TrainingAge.SEDENTARY,
            ready_by=TODAY + timedelta(weeks=6),
        )
        with self.studio.reading() as scope:
            shown = draft_for(scope, client, DraftWish(Wish()), TODAY)
        self.assertEqual([day.weekday for day in shown.days], [1, 5])
        self.assertEqual(shown.weeks, 7)
        lines = [line for day in shown.days for line in day.lines]
        self.assertTrue(any("74 years" in line.reason for line in lines))
        self.assertFalse(any("lunge" in line.exercise.lower() for line in lines))
        self.assertTrue(all(line.reason for line in lines))

    def test_a_week_away_is_trained_with_what_is_there(self) -> None:
        client = self.client(training_age=TrainingAge.SOME)
        with self.studio.writing() as scope:
            usual = [place.id for place in client_file(scope, client, TODAY).places]
            hotel = add_place(scope, PlaceFacts("Hotel", Unit.KG, "bands light\nstairs")).id
            set_places(scope, client, [*usual, hotel])
        with self.studio.reading() as scope:
            program = drafted(scope, client, DraftWish(Wish(weeks=4), None, {3: hotel}), TODAY).program
            profile = standpoint(scope, client, TODAY).profile
        week = program.phases[0].weeks[2]
        self.assertEqual((week.place, week.variant), (hotel, "B"))
        for day in program.phases[0].days:
            for line in day.lines:
                if line.cells[2].text:
                    exercise = profile.exercise(line.exercise_in(week))
                    self.assertTrue(exercise.possible_at(profile.at(hotel).inventory), exercise.name)
        with self.studio.reading() as scope, self.assertRaises(NotFoundError):
            drafted(scope, client, DraftWish(Wish(weeks=4), None, {3: PlaceId("gone")}), TODAY)

    def test_late_in_the_week_it_begins_with_the_next(self) -> None:
        monday = TODAY - timedelta(days=TODAY.weekday())
        for days, expected in ((0, 0), (2, 0), (3, 7), (6, 7)):
            self.assertEqual(first_monday(monday + timedelta(days=days)), monday + timedelta(days=expected))
        self.assertEqual(first_monday(TODAY, TODAY + timedelta(days=20)), monday + timedelta(days=21))
        for wrong in (monday - timedelta(days=1), TODAY + timedelta(days=1100)):
            with self.assertRaises(DomainError):
                first_monday(TODAY, wrong)

    def test_what_hurt_in_its_last_session_is_not_drafted(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 6-8, 60 kg, rest 2:00, leave 2"))
        sid = self.session(board)
        self.log(sid, 1, 8, how=How(pain=Joint.KNEE))
        self.finish(sid)
        with self.studio.reading() as scope:
            self.assertEqual(brief_of(scope, board.client_id, TODAY).said.hurt, frozenset({"back-squat"}))
        later = self.session(board, week=2, at=NOW + timedelta(days=7))
        self.log(later, 1, 8)
        self.finish(later, NOW + timedelta(days=7, hours=1))
        with self.studio.reading() as scope:
            self.assertEqual(brief_of(scope, board.client_id, TODAY + timedelta(days=8)).said.hurt, frozenset())

    def test_a_painless_session_written_down_later_does_not_hide_a_newer_pain(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 6-8, 60 kg, rest 2:00, leave 2"))
        newer = self.session(board, week=2, at=NOW + timedelta(days=7))
        self.log(newer, 1, 8, how=How(ended=SetEnd.PAIN))
        older = self.session(board)
        self.log(older, 1, 8)
        with self.studio.reading() as scope:
            hurt = brief_of(scope, board.client_id, TODAY + timedelta(days=8)).said.hurt
        self.assertEqual(hurt, frozenset({"back-squat"}))

    def test_the_day_it_was_made_is_the_studios(self) -> None:
        for hours in (-10, 13):
            here = NOW.astimezone(timezone(timedelta(hours=hours)))
            with self.subTest(hours), self.studio.writing() as scope:
                client = add_client(scope, facts(f"Zone {hours}"), here, depot()).id
                board = start_program(scope, client, "Strength", here, here.date())
                self.assertEqual(program_row(scope, board.program_id).made_on, here.date())
