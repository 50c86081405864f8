from datetime import date, timedelta

from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ids import NO_PLACE, ClientId, PlaceId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.acknowledged import Acknowledged
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.clients.clients import client_file
from upright_anvil.services.clients.places import PlaceFacts, add_place, set_places
from upright_anvil.services.floor.afterwards import log_afterwards
from upright_anvil.services.floor.finishing import summary
from upright_anvil.services.floor.opening import open_floor
from upright_anvil.services.ids import session_id
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.today.today import open_today
from upright_anvil.store.log import ledger
from upright_anvil.store.rows.once import IdTakenError

LINES = (("back-squat", "3 x 8, 60 kg, leave 2"), ("plank", "2 x 40 s"), ("push-up", "2 x 8-12"))


class AfterwardsTest(StudioTest):
    def written(self) -> BoardView:
        return self.client_with_program(*LINES)

    def log_it(
        self, board: BoardView, on: date, text: str = "", days_later: int = 1, place: PlaceId = NO_PLACE
    ) -> Acknowledged:
        week, day = board.phases[0].weeks[0].id, board.phases[0].days[0].id
        sid = session_id(board.program_id, week, day)
        now = NOW + timedelta(days=days_later)
        with self.studio.writing() as scope:
            return log_afterwards(scope, sid, board.program_id, week, day, on, text, now, place)

    def rows(self, client: ClientId) -> list[str]:
        with self.studio.reading() as scope:
            kept = ledger.sets_since(scope, client, date(2000, 1, 1))
        return [
            f"{k.row.slot.line}.{k.row.slot.number} {k.row.reps or f'{k.row.seconds} s'}"
            f"{f' {k.row.load}' if k.row.load else ''}{f' left {k.row.reserve}' if k.row.reserve is not None else ''}"
            for k in kept
        ]

    def test_as_planned_on_the_day_it_was_held(self) -> None:
        board = self.written()
        first = self.log_it(board, TODAY)
        self.assertFalse(first.again)
        self.assertTrue(self.log_it(board, TODAY).again)
        self.assertEqual(
            self.rows(board.client_id),
            ["l1.1 8 60 kg left 2", "l1.2 8 60 kg left 2", "l1.3 8 60 kg left 2", "l2.1 40 s", "l2.2 40 s",
             "l3.1 8", "l3.2 8"],
        )  # fmt: skip
        with self.studio.reading() as scope:
            told = summary(scope, first.id, TODAY + timedelta(days=1))
            self.assertEqual((told.on, told.minutes), (TODAY, None))
            self.assertEqual(client_profile(scope, board.client_id, TODAY).pace, 1.0)

    def test_what_the_paper_says(self) -> None:
        board = self.written()
        self.log_it(board, TODAY, "squat 8,8,7 at 60, left 1\nplank 40, 35 s")
        self.assertEqual(
            self.rows(board.client_id),
            ["l1.1 8 60 kg", "l1.2 8 60 kg", "l1.3 7 60 kg left 1", "l2.1 40 s", "l2.2 35 s"],
        )

    def test_where_it_was_held(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 8, 60 kg"), ("goblet-squat", "2 x 10, 24 kg"))
        with self.studio.writing() as scope:
            attic = add_place(scope, PlaceFacts("Attic", Unit.KG, "kettlebells 16"))
            held = [place.id for place in client_file(scope, board.client_id, TODAY).places]
            set_places(scope, board.client_id, [*held, attic.id])
        self.log_it(board, TODAY, place=attic.id)
        self.assertEqual([row for row in self.rows(board.client_id) if "60 kg" in row], [], "there is no bar")
        with self.studio.reading() as scope:
            floor = open_floor(scope, board.program_id, "p1-w1", "p1-d1", TODAY)
        self.assertEqual([one.name for one in floor.places if one.here], ["Attic"])
        self.assertTrue(self.log_it(board, TODAY, place=attic.id).again)

    def test_a_distance_and_repetitions_by_the_clock(self) -> None:
        board = self.client_with_program(("easy-run", "5 km"), ("biceps-curl", "2 x 45 s, 8 kg"))
        self.log_it(board, TODAY, "run 3,2 km in 19:30\ncurl 14,13 in 45 s")
        with self.studio.reading() as scope:
            kept = ledger.sets_since(scope, board.client_id, date(2000, 1, 1))
        self.assertEqual([one.row.amount for one in kept], ["3.2 km in 19:30", "45 s, 14 reps", "45 s, 13 reps"])

    def test_a_sentence_for_what_cannot_be_and_nothing_is_kept(self) -> None:
        board = self.written()
        for on, text, said in [
            (TODAY + timedelta(days=30), "", "still to come"),
            (TODAY - timedelta(days=400), "", "came on"),
            (TODAY, "squat 8,8\nswim 20", "Line 2, “swim 20”"),
        ]:
            with self.subTest(said), self.assertRaisesRegex(DomainError, said):
                self.log_it(board, on, text)
        self.assertEqual(self.rows(board.client_id), [])
        self.session(board)
        with self.assertRaisesRegex(DomainError, "in the ledger already"):
            self.log_it(board, TODAY)

    def test_the_same_again_is_one_and_anything_else_is_said(self) -> None:
        board = self.written()
        self.log_it(board, TODAY, "squat 8,8,7 at 60")
        self.assertTrue(self.log_it(board, TODAY, "squat 8,8,7 at 60").again)
        for text in ("squat 8,8", "squat 8,8,7 at 60\nplank 40 s"):
            with self.subTest(text), self.assertRaisesRegex(DomainError, "in the ledger already"):
                self.log_it(board, TODAY, text)
        with self.assertRaises(IdTakenError):
            self.log_it(board, TODAY, "squat 8,8,9 at 60")
        self.assertEqual(self.rows(board.client_id), ["l1.1 8 60 kg", "l1.2 8 60 kg", "l1.3 7 60 kg"])

    def test_what_was_held_before_is_not_what_was_lifted_last(self) -> None:
        board = self.written()
        later = self.session(board, week=2, at=NOW + timedelta(days=7))
        self.log(later, 1, 8, load=Load.of(55, Unit.KG))
        self.finish(later, NOW + timedelta(days=7, hours=1))
        self.log_it(board, TODAY, "squat 8,8,8 at 50", days_later=8)
        with self.studio.reading() as scope:
            known = client_profile(scope, board.client_id, TODAY + timedelta(days=9))
        self.assertEqual(str(known.last_loads["back-squat"]), "55 kg")

    def test_today_asks_after_it_until_it_is_there(self) -> None:
        board = self.written()
        with self.studio.reading() as scope:
            self.assertEqual(open_today(scope, TODAY).not_logged, (), "what lies before it was made is not asked after")
        self.made_earlier(board.program_id)
        planned = board.phases[0].weeks[0].monday + timedelta(days=board.phases[0].days[0].weekday)
        for days, asked in ((0, False), (1, True), (5, True), (6, False)):
            with self.subTest(days), self.studio.reading() as scope:
                view = open_today(scope, planned + timedelta(days=days))
                self.assertEqual([s.on for s in view.not_logged], [planned] if asked else [])
        self.log_it(board, max(planned, TODAY), days_later=8)
        with self.studio.reading() as scope:
            self.assertEqual(open_today(scope, planned + timedelta(days=1)).not_logged, ())
