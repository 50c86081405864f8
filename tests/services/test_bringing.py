"""Clients and past sessions from rows: understood first, then written at once, and taken back by one undo."""

from datetime import date, timedelta

from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import ClientId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.board.empty_program import start_program
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.bringing.brought_in import take_back
from upright_anvil.services.bringing.clients import bring_in_clients, pasted_clients
from upright_anvil.services.bringing.past_sessions import bring_in_sessions, pasted_sessions
from upright_anvil.services.clients.clients import add_client, client_file, client_list
from upright_anvil.services.floor.finishing import summary
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.progress.exercise_progress import client_progress
from upright_anvil.services.progress.overview import overview
from upright_anvil.services.today.today import open_today
from upright_anvil.store import programs
from upright_anvil.store.log import training_sessions
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.tables import PerformedSetRow, ProgramRow, SessionRow

PEOPLE = "Name\tBorn\tWeight\tGoal\nAgnes Thornby\t1961\t64\tstairs\nBerthold Ashe\t1970\t82 kg\tstrength\n"


class ClientsTest(StudioTest):
    def test_clients_come_with_what_is_known_and_go_by_one_undo(self) -> None:
        with self.studio.writing() as scope:
            add_client(scope, facts("Ottoline Fisk"), NOW, depot())
            done = bring_in_clients(scope, PEOPLE, Unit.KG, NOW)
        self.assertEqual(done.many, 2)
        with self.studio.reading() as scope:
            self.assertEqual(
                [(one.name, one.place) for one in client_list(scope, TODAY)],
                [("Agnes Thornby", "Depot"), ("Berthold Ashe", "Depot"), ("Ottoline Fisk", "Depot")],
            )
            agnes = client_file(scope, client_list(scope, TODAY)[0].id, TODAY)
            self.assertEqual((agnes.facts.birth_year, agnes.body_weights[0].load), (1961, Load.of(64, Unit.KG)))
            again = pasted_clients(scope, PEOPLE, Unit.KG, NOW)
            self.assertEqual([one.there for one in again.clients], [True, True])
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "in the studio already"):
            bring_in_clients(scope, PEOPLE, Unit.KG, NOW)
        with self.studio.writing() as scope:
            take_back(scope, done.id)
        with self.studio.reading() as scope:
            self.assertEqual([one.name for one in client_list(scope, TODAY)], ["Ottoline Fisk"])
        with self.studio.writing() as scope, self.assertRaises(NotFoundError):
            take_back(scope, done.id)

    def test_who_has_a_program_since_stays(self) -> None:
        with self.studio.writing() as scope:
            done = bring_in_clients(scope, PEOPLE, Unit.KG, NOW)
            agnes = client_list(scope, TODAY)[0].id
            start_program(scope, agnes, "Strength", NOW, TODAY)
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "so it stays"):
            take_back(scope, done.id)
        with self.studio.reading() as scope:
            self.assertEqual(len(client_list(scope, TODAY)), 2)

    def test_ten_thousand_rows_are_refused_in_words(self) -> None:
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "10,000 rows; at most 500"):
            bring_in_clients(scope, "\n".join(f"Client {n}" for n in range(10_000)), Unit.KG, NOW)


def log_of(weeks: int, until: date = TODAY) -> str:
    """Two sessions a week of three exercises, a row a set, the loads climbing."""
    rows = ["Date\tExercise\tSet\tReps\tWeight\tRIR"]
    for week in range(weeks, 0, -1):
        for day in (0, 3):
            on = until - timedelta(weeks=week) + timedelta(days=day)
            for name, load in (("squat", 60), ("db bench", 16), ("RDL", 70)):
                heavier = load + 2.5 * (weeks - week)
                rows += [f"{on.isoformat()}\t{name}\t{n}\t8\t{heavier:g}\t2" for n in (1, 2, 3)]
    return "\n".join(rows)


class PastSessionsTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        with self.studio.writing() as scope:
            self.client: ClientId = add_client(scope, facts("Agnes Thornby"), NOW, depot()).id

    def bring(self, text: str, **chosen: str) -> str:
        with self.studio.writing() as scope:
            return bring_in_sessions(scope, text, self.client, chosen, NOW).id  # type: ignore[arg-type]

    def rows(self) -> tuple[int, int, int]:
        with self.studio.reading() as scope:
            return tuple(scope.db.query(table).count() for table in (ProgramRow, SessionRow, PerformedSetRow))  # type: ignore[return-value]

    def test_sets_count_for_strength_last_time_and_progress(self) -> None:
        self.bring(log_of(8))
        self.assertEqual(self.rows(), (1, 16, 144))
        with self.studio.reading() as scope:
            profile = client_profile(scope, self.client, TODAY)
            self.assertEqual(profile.last_loads["back-squat"], Load.of("77.5", Unit.KG))
            self.assertEqual(profile.known.strengths["back-squat"].sessions, 16)
            self.assertEqual(len(client_progress(scope, self.client, None, TODAY).exercises), 3)
            self.assertEqual(sum(week.held for week in overview(scope, self.client, TODAY).weeks), 16)

    def test_a_slip_of_the_old_sheet_raises_nothing(self) -> None:
        last = (TODAY - timedelta(days=2)).isoformat()
        self.bring(f"{log_of(8)}\n{last}\tsquat\t1\t8\t775\t2")
        with self.studio.reading() as scope:
            profile = client_profile(scope, self.client, TODAY)
            self.assertEqual(profile.last_loads["back-squat"], Load.of("77.5", Unit.KG))
            self.assertLess(profile.known.strengths["back-squat"].kg, 130)

    def test_old_sessions_do_not_take_the_place_of_newer_ones(self) -> None:
        self.bring(log_of(2))
        self.bring("2024-02-05\nsquat 3x8 100")
        with self.studio.reading() as scope:
            profile = client_profile(scope, self.client, TODAY)
            self.assertEqual(profile.last_loads["back-squat"], Load.of("62.5", Unit.KG))

    def test_the_record_reads_like_a_program_and_is_none_to_train_by(self) -> None:
        self.bring(log_of(3))
        with self.studio.reading() as scope:
            self.assertIsNone(programs.running_program(scope, self.client, TODAY))
            self.assertIsNone(client_list(scope, TODAY)[0].program_id)
            record = scope.db.query(ProgramRow).one().id
            board = open_board(scope, record, TODAY)
            cells = [cell.plan.text for cell in board.phases[0].days[0].lines[0].cells]
            self.assertEqual(cells, ["3 x 8, 60 kg", "3 x 8, 62.5 kg", "3 x 8, 65 kg"])
            session = training_sessions.sessions_of_client(scope, self.client)[0]
            self.assertEqual([line.done for line in summary(scope, session.id, TODAY).lines], [3, 3, 3])
            today = open_today(scope, TODAY)
            self.assertEqual((today.waiting, today.sessions, today.not_logged), ((), (), ()))
        with self.studio.writing() as scope:
            start_program(scope, self.client, "Strength", NOW, TODAY)

    def test_one_undo_takes_all_back_and_what_came_since_stays(self) -> None:
        batch = self.bring(log_of(2))
        with self.studio.writing() as scope:
            start_program(scope, self.client, "Strength", NOW, TODAY)
            take_back(scope, batch)
        self.assertEqual(self.rows(), (1, 0, 0))
        batch = self.bring(log_of(2))
        with self.studio.reading() as scope:
            sid = training_sessions.sessions_of_client(scope, self.client)[0].id
        self.log(sid, 5, 8, line="p1-d1-l1")
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "so it stays"):
            take_back(scope, batch)
        self.assertEqual(self.rows(), (2, 4, 37))

    def test_the_same_file_twice_brings_nothing_twice(self) -> None:
        self.bring(log_of(2))
        with self.studio.reading() as scope, self.assertRaisesRegex(DomainError, "has a session on that day already"):
            pasted_sessions(scope, log_of(2), self.client, TODAY)
        with self.studio.reading() as scope:
            longer = pasted_sessions(scope, log_of(3), self.client, TODAY)
        self.assertEqual((len(longer.sessions), len(longer.left)), (2, 4))

    def test_names_that_mean_nothing_are_chosen_or_left_out(self) -> None:
        text = "2026-02-02\nzorp press 3x8 40\nsquat 3x8 60"
        with self.studio.reading() as scope:
            view = pasted_sessions(scope, text, self.client, TODAY)
        self.assertEqual(
            [(name.typed, bool(name.meant.exercise)) for name in view.names], [("squat", True), ("zorp press", False)]
        )
        self.bring(text)
        self.assertEqual(self.rows()[2], 3)
        self.bring(text.replace("02-02", "02-03"), **{"zorp press": "bench-press"})
        self.assertEqual(self.rows()[2], 9)
        with self.assertRaisesRegex(DomainError, "No row has an exercise yet"):
            self.bring("2026-02-05\nzorp press 3x8 40")

    def test_a_log_of_several_clients_goes_to_each(self) -> None:
        with self.studio.writing() as scope:
            other = add_client(scope, facts("Berthold Ashe"), NOW, depot()).id
            text = (
                "client\tdate\texercise\tsets\treps\tload\nagnes thornby\t2026-02-02\tsquat\t3\t8\t60\n"
                "Berthold Ashe\t2026-02-02\tsquat\t3\t8\t80\nNobody\t2026-02-02\tsquat\t3\t8\t80\n"
            )
            view = pasted_sessions(scope, text, None, TODAY)
            self.assertIn("No client is called Nobody", view.left[0].why)
            bring_in_sessions(scope, text, None, {}, NOW)
            self.assertEqual(client_profile(scope, other, TODAY).last_loads["back-squat"], Load.of(80, Unit.KG))
            pounds = add_client(scope, facts("Cordula Vane", Unit.LB), NOW, depot()).id
            mixed = text.replace("Nobody", "Cordula Vane")
            bring_in_sessions(scope, mixed, None, {}, NOW)
            self.assertEqual(client_profile(scope, pounds, TODAY).last_loads["back-squat"], Load.of(80, Unit.LB))
            with self.assertRaisesRegex(DomainError, "No column says whose session"):
                pasted_sessions(scope, "2026-02-02\nsquat 3x8 60", None, TODAY)

    def test_years_of_it_are_phases_and_more_than_a_program_holds_is_refused(self) -> None:
        self.bring(log_of(104))
        with self.studio.reading() as scope:
            record = scope.db.query(ProgramRow).one().id
            self.assertEqual([len(p.weeks) for p in programs.current(scope, record).program.phases], [52, 52])
        ages = "\n".join(f"{year}-02-02\nsquat 3x8 60" for year in range(1998, 2026, 3))
        with self.assertRaisesRegex(DomainError, "few years at a time"):
            self.bring(ages)
