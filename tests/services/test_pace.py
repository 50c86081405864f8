"""A client's pace is that of the newest sessions whose times say something, however many years there are."""

from datetime import timedelta
from random import Random

from tests.support import NOW, TODAY, StudioTest
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.pace import LOOKED_BACK, pace_of, read_paces
from upright_anvil.store.log.training_sessions import newest_sessions, sessions_of_client
from upright_anvil.store.tables import SessionRow


class PaceTest(StudioTest):
    def years(self, lasted: list[timedelta | None]) -> str:
        """A client with sessions on the days before today, the last of them yesterday; None was never ended."""
        board = self.client_with_program(("back-squat", "3 x 8, 60 kg"))
        with self.studio.writing() as scope:
            for number, length in enumerate(lasted):
                began = NOW - timedelta(days=len(lasted) - number)
                row = SessionRow(
                    id=f"{board.client_id[:8]}-{number:05}",
                    client_id=board.client_id, program_id=board.program_id, revision=1,
                    week_id=f"w{number}", day_id="d", on_date=began.date(), estimated_seconds=3000, started_at=began,
                    finished_at=length and began + length, effort=None,
                )  # fmt: skip
                scope.db.add(row)
        return board.client_id

    def test_it_is_the_same_as_over_all_sessions(self) -> None:
        chance = Random(5)
        whole = [timedelta(minutes=chance.randrange(30, 90)) for _ in range(40)]
        silent: list[timedelta | None] = [None, timedelta(minutes=2), timedelta(hours=9)]
        for lasted in (
            [], whole[:2], whole[:3], whole, [*whole, *silent * 20], [*whole[:4], *silent * 12], [*silent * 15],
            [*whole[:9], *silent * 110, *whole[:1]],
        ):  # fmt: skip
            with self.subTest(sessions=len(lasted)):
                self.setUp()
                client = self.years(lasted)
                with self.studio.reading() as scope:
                    every = pace_of(sessions_of_client(scope, client))
                    self.assertEqual(client_profile(scope, client, TODAY).pace, every)
                self.doCleanups()

    def test_the_newest_are_read_oldest_first(self) -> None:
        client = self.years([timedelta(minutes=50)] * 5)
        with self.studio.reading() as scope:
            days = [row.started_at for row in newest_sessions(scope, client, 3)]
        self.assertEqual(days, sorted(days))
        self.assertEqual(days[-1], NOW - timedelta(days=1))

    def test_it_is_the_same_read_for_many_clients_at_once(self) -> None:
        chance = Random(7)
        many = [self.years([timedelta(minutes=chance.randrange(30, 90)) for _ in range(n)]) for n in (0, 3, 40)]
        with self.studio.reading() as scope:
            each = {client: list(newest_sessions(scope, client, LOOKED_BACK[0])) for client in many}
        with self.studio.reading() as scope:
            read_paces(scope, many)
            assert scope.seen is not None
            self.assertEqual(len(scope.seen), len(many))
            self.assertEqual({client: list(newest_sessions(scope, client, LOOKED_BACK[0])) for client in many}, each)
            self.assertEqual(len(scope.seen), len(many), "nothing was asked again")
        with self.studio.writing() as scope:
            read_paces(scope, many)
            self.assertIsNone(scope.seen, "nothing is kept where it may change")
