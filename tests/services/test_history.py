"""A client's history, read once and read on, is what the whole log says at any time."""

from datetime import timedelta
from typing import TypeVar

from hypothesis import given, settings
from hypothesis import strategies as st
from sqlalchemy import inspect

from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.ledger.how import How, Quality, Source
from upright_anvil.core.ledger.rows import Outcome, SetPosition
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.log.done import all_rows, done_by_line, lately_done
from upright_anvil.services.profile.client_profile import client_profile
from upright_anvil.services.profile.history import history
from upright_anvil.services.progress import exercise_progress
from upright_anvil.store.file.database import Scope
from upright_anvil.store.log import ledger, training_sessions
from upright_anvil.store.tables import PerformedSetRow, SessionRow, Table

Row = TypeVar("Row", bound=Table)

PLAN = "3 x 6-8, 60 kg, rest 2:00, leave 2"

LOGGED = st.lists(
    st.tuples(
        st.integers(1, 3),
        st.sampled_from([Outcome.DONE, Outcome.DONE, Outcome.SKIPPED, Outcome.CLEARED]),
        st.sampled_from(["new", "corrects", "other device"]),
        st.booleans(),
    ),
    max_size=12,
)
"""Sets as they arrive: the number, what became of it, what it says of the row before, whether it gets ready."""


def copied(row: Row, **other: object) -> Row:
    """A row like another but for some columns, with a place of its own in the order of arrival."""
    names = {column.key for column in inspect(type(row)).column_attrs} - {"seq"}
    return type(row)(**({name: getattr(row, name) for name in names} | other))


class HistoryTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(("back-squat", PLAN))
        self.client = self.board.client_id

    def ids(self) -> list[str]:
        with self.studio.reading() as scope:
            return [row.id for row in history(scope, self.client).rows]

    def whole(self) -> list[str]:
        """What stands by the rule itself, from rows that are read as they are."""
        with self.studio.reading() as scope:
            sessions = [held.id for held in training_sessions.sessions_of_client(scope, self.client)]
            rows = done_by_line(ledger.sets_of_sessions(scope, sessions))
            return [row.id for key in sorted(rows) for row in rows[key]]

    @settings(max_examples=25)
    @given(LOGGED)
    def test_it_is_what_the_rule_says_after_every_set(self, logged: list[tuple[int, Outcome, str, bool]]) -> None:
        with self.studio.writing() as scope:
            scope.db.query(PerformedSetRow).delete()
        sid = self.session(self.board)
        newest: dict[tuple[int, bool], str] = {}
        for number, outcome, way, ramp in logged:
            replaces = newest.get((number, ramp)) if way == "corrects" else None
            reps = 8 if outcome is Outcome.DONE else None
            slot = SetPosition("l1", number, ramp=ramp)
            row = self.log(sid, number, reps, slot=slot, outcome=outcome, replaces=replaces)
            if way != "other device" or (number, ramp) not in newest:
                newest[number, ramp] = row.id
            self.assertEqual(self.ids(), self.whole())

    def test_what_a_transaction_took_back_is_not_kept(self) -> None:
        sid = self.session(self.board)
        first = self.log(sid, 1, 8)
        with self.assertRaises(ZeroDivisionError), self.studio.writing() as scope:
            row = scope.db.query(PerformedSetRow).one()
            scope.db.add(copied(row, id=fresh_id(), number=2))
            scope.db.flush()
            self.assertEqual(len(history(scope, self.client).rows), 2)
            raise ZeroDivisionError
        self.assertEqual(self.ids(), [first.id])
        again = self.log(sid, 2, 7)
        self.assertEqual(self.ids(), [first.id, again.id])

    def test_what_was_taken_back_before_newer_sets_goes(self) -> None:
        """The newest row is the same, and yet neither the history nor the strength is."""
        sid = self.session(self.board)
        heavy = self.log(sid, 1, 8, load=Load.of(80, Unit.KG))
        self.log(sid, 2, 8)
        before = self.strength()
        with self.studio.writing() as scope:
            scope.db.query(PerformedSetRow).where(PerformedSetRow.id == heavy.id).delete()
        self.assertNotIn(heavy.id, self.ids())
        self.assertLess(self.strength(), before)

    def strength(self) -> float:
        with self.studio.reading() as scope:
            return client_profile(scope, self.client, TODAY).known.strengths["back-squat"].kg

    def test_columns_say_what_the_rows_say(self) -> None:
        sid = self.session(self.board)
        self.log(sid, 1, 8, reserve=None)
        self.log(sid, 2, 7, how=How(quality=Quality.BROKE_DOWN))
        self.log(sid, 3, 6, how=How(source=Source.HOME, confirmed=True))
        with self.studio.reading() as scope:
            found = history(scope, self.client).columns
        self.assertEqual(found.reps.tolist(), [8, 7, 6])
        self.assertEqual([str(left) for left in found.reserve], ["nan", "2.0", "2.0"])
        self.assertEqual(found.place.tolist(), [0, 1, 2])
        self.assertEqual(found.clean.tolist(), [True, False, True])
        self.assertEqual((found.alone.tolist(), found.confirmed.tolist()), ([False, False, True],) * 2)
        self.assertEqual((len(found.kinds), found.kind.tolist(), found.sessions), (1, [0, 0, 0], [sid]))


class LongHistoryTest(StudioTest):
    """Sessions of years: what a view shows does not grow with them."""

    MANY = exercise_progress.SHOWN + 20

    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(("back-squat", PLAN))
        self.client = self.board.client_id
        sid = self.session(self.board)
        self.log(sid, 1, 8)
        with self.studio.writing() as scope:
            self.repeat(scope)

    def repeat(self, scope: Scope) -> None:
        """The one session again and again, a day further back each time, in weeks of their own."""

        session, done = scope.db.query(SessionRow).one(), scope.db.query(PerformedSetRow).one()
        for back in range(1, self.MANY):
            held = f"{session.id}-{back}"
            on = session.on_date - timedelta(days=back)
            began = NOW - timedelta(days=back)
            scope.db.add(copied(session, id=held, week_id=f"w{back}", on_date=on, started_at=began))
            scope.db.flush()
            scope.db.add(copied(done, id=f"{done.id}-{back}", session_id=held, reps=6 + back % 3))

    def test_progress_shows_the_newest_sessions_and_the_whole_when_asked(self) -> None:
        with self.studio.reading() as scope:
            newest = exercise_progress.client_progress(scope, self.client, None, TODAY)
            whole = exercise_progress.client_progress(scope, self.client, None, TODAY, whole=True)
        self.assertEqual((len(newest.sessions), newest.earlier), (exercise_progress.SHOWN, 20))
        self.assertEqual((len(whole.sessions), whole.earlier), (self.MANY, 0))
        self.assertEqual(newest.sessions, whole.sessions[20:])
        assert newest.strength
        assert whole.strength
        self.assertEqual(newest.strength.value, whole.strength.value)
        self.assertEqual(newest.strength.path[0].on, newest.sessions[0].on)

    def test_the_days_of_some_sessions_come_newest_first(self) -> None:
        with self.studio.reading() as scope:
            dates = training_sessions.session_dates(scope, self.client)
            some = sorted(dates)[::2]
            every = training_sessions.newest_of(scope, self.client, some)
            three = training_sessions.newest_of(scope, self.client, some, 3)
            nothing = training_sessions.newest_of(scope, self.client, [], 3)
        self.assertEqual(every, {session: dates[session] for session in some})
        self.assertEqual(list(every.values()), sorted(every.values(), reverse=True))
        self.assertEqual((list(three.items()), nothing), (list(every.items())[:3], {}))

    def test_a_judgement_reads_the_newest_sessions_of_a_line_up_to_its_day_and_the_very_last(self) -> None:
        then = TODAY - timedelta(days=50)
        with self.studio.reading() as scope:
            dates = training_sessions.session_dates(scope, self.client)
            done = lately_done(scope, self.client, {"l1": "back-squat"}, dates, then)
            every = lately_done(scope, self.client, {"l1": "back-squat"}, dates, TODAY)
        days = sorted(dates[session] for session, _ in done)
        self.assertEqual(days[-1], max(dates.values()))
        self.assertEqual((len(days), days[-2]), (21, then))
        self.assertEqual(len(all_rows(every)), 20)
