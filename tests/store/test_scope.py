"""What one trainer writes no other sees: every new part of the store, asked in somebody else's name."""

import gc
from collections.abc import Sequence
from concurrent.futures import ThreadPoolExecutor
from datetime import timedelta
from decimal import Decimal

from sqlalchemy import func, inspect, select
from sqlalchemy.exc import IntegrityError
from tools.queries_asked import queries_told

from tests.support import NOW, THE_STUDIO, TODAY, StudioTest, depot, facts
from upright_anvil.core.assessment.items import Battery, Better, TestItem, TestKind
from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.body.joints import Joint
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.health.history import Entry, State
from upright_anvil.core.health.screening import Answers, Clearance, Intensity
from upright_anvil.core.ids import StudioId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.assessment import batteries, rounds
from upright_anvil.services.clients.clients import add_client
from upright_anvil.services.health import health_file
from upright_anvil.services.health.health_file import CycleReport
from upright_anvil.services.library import own_exercises
from upright_anvil.store.client import clients
from upright_anvil.store.client import health as health_store
from upright_anvil.store.client import testing as testing_store
from upright_anvil.store.rows.not_found import NotFoundError
from upright_anvil.store.studio import exercises as own
from upright_anvil.store.studio import places
from upright_anvil.store.tables import ClientRow, StudioRow, Table
from upright_anvil.store.tables.base import Owned

ELSEWHERE = StudioId("somebody-else")


class ScopeTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        with self.studio.writing() as scope:
            view = add_client(scope, facts(cycle_reports=True), NOW, depot(), Load.of(70, Unit.KG))
            self.who, self.place = view.id, view.places[0].id
            health_file.add_entry(scope, self.who, Entry("entry-0001", TODAY, Joint.NECK, State.SPARE), NOW, TODAY)
            health_file.add_screen(scope, self.who, Answers(True), TODAY, NOW, TODAY)
            health_file.add_clearance(scope, self.who, Clearance(TODAY, "Dr. H", Intensity.VIGOROUS), NOW, TODAY)
            health_file.add_cycle_report(scope, self.who, CycleReport(TODAY, 3, ""), NOW, TODAY)
            own_exercises.add_own(scope, Exercise("", "Log roll", Pattern.LOCOMOTION, ()))
            batteries.save_battery(scope, None, Battery("", "Mine", "", ("waist",), 8))
            item = TestItem("", "Rope", TestKind.HOLD, ".", Better.MORE, Decimal(1), Decimal(0), Decimal(60))
            batteries.add_test(scope, item)
            rounds.start_round(scope, self.who, "round-0001", "no-equipment", NOW, TODAY)
            row = TestResult(
                "result-0001", "plank-hold", TODAY, Decimal(60), variant="full", round_id="round-0001", at=NOW
            )
            rounds.keep_result(scope, self.who, row, NOW, TODAY)
            rounds.finish_round(scope, "round-0001", NOW, TODAY)

    def test_a_row_that_was_read_is_not_read_again_in_its_transaction(self) -> None:
        asked: list[str] = []

        self.enterContext(queries_told(self.database, lambda said, _: asked.append(said)))
        with self.studio.writing() as scope:
            name = clients.client(scope, self.who).name
            before = len(asked)
            gc.collect()
            self.assertEqual(clients.client(scope, self.who).name, name)
            self.assertEqual(asked[before:], [])
            clients.client(scope, self.who).name = "Ottoline F. Fisk"
        with self.studio.reading() as scope:
            self.assertEqual(clients.client(scope, self.who).name, "Ottoline F. Fisk")

    def test_lists_are_empty_for_somebody_else(self) -> None:
        for trainer, there in (("trainer", True), (ELSEWHERE, False)):
            with self.database.reading(trainer) as scope:
                for name, found in {
                    "clients": clients.all_clients(scope),
                    "places": places.all_places(scope),
                    "places of the client": places.places_of_client(scope, self.who),
                    "clients of the place": places.clients_of_place(scope, self.place),
                    "usual places": places.usual_places(scope),
                    "most shared": places.most_shared(scope),
                    "history": health_store.history(scope, self.who),
                    "screens": health_store.screens(scope, self.who),
                    "clearances": health_store.clearances(scope, self.who),
                    "cycle reports": health_store.cycle_reports(scope, self.who),
                    "own exercises": own.own_exercises(scope),
                    "own batteries": testing_store.own_batteries(scope),
                    "own tests": testing_store.own_tests(scope),
                    "rounds": testing_store.rounds_of_client(scope, self.who),
                    "results": testing_store.results_of_round(scope, "round-0001"),
                    "latest rounds": testing_store.latest_rounds(scope, None),
                    "body weight": testing_store.body_weight(scope, self.who),
                }.items():
                    with self.subTest(trainer=trainer, what=name):
                        self.assertEqual(bool(found), there)

    def test_the_same_query_asked_by_turns_finds_each_ones_own(self) -> None:
        names = select(ClientRow.name).order_by(ClientRow.name)
        with self.database.writing(ELSEWHERE) as scope:
            scope.db.add(StudioRow(id=ELSEWHERE, name="Elsewhere"))
            scope.db.flush()
            add_client(scope, facts(name="Somebody Else"), NOW, depot(), Load.of(70, Unit.KG))
        with self.studio.reading() as mine, self.database.reading(ELSEWHERE) as theirs:
            own, others = mine.db.scalars(names).all(), theirs.db.scalars(names).all()
            self.assertEqual(others, ["Somebody Else"])
            self.assertNotIn("Somebody Else", own)
            for _ in mine.db.scalars(names):
                self.assertEqual(theirs.db.scalars(names).all(), others)
            self.assertEqual(mine.db.scalars(names).all(), own)

        def ask(studio_id: StudioId) -> list[Sequence[str]]:
            found = []
            for _ in range(50):
                with self.database.reading(studio_id) as scope:
                    found.append(scope.db.scalars(names).all())
            return found

        with ThreadPoolExecutor(2) as threads:
            asked = threads.map(ask, (THE_STUDIO, ELSEWHERE))
        self.assertEqual([{tuple(rows) for rows in found} for found in asked], [{tuple(own)}, {tuple(others)}])

    def test_no_table_shows_anothers_rows_or_takes_anothers_name(self) -> None:
        """Asked as a whole, by a column and by its key: the filter is the session's, so no query can forget it."""
        kinds = [kind for kind in (mapper.class_ for mapper in Table.registry.mappers) if issubclass(kind, Owned)]
        self.assertEqual(len(kinds), len(Table.metadata.tables) - 1)
        seen = 0
        for kind in kinds:
            with self.subTest(kind=kind.__name__):
                key = [getattr(kind, inspect(kind).get_property_by_column(c).key) for c in inspect(kind).primary_key]
                with self.studio.reading() as scope:
                    mine = scope.db.execute(select(*key)).all()
                    seen += len(mine)
                with self.database.reading(ELSEWHERE) as scope:
                    self.assertEqual(scope.db.scalars(select(kind)).all(), [])
                    self.assertEqual(scope.db.execute(select(key[0]).distinct()).all(), [])
                    self.assertEqual(scope.db.scalar(select(func.count()).select_from(kind)), 0)
                    for found in mine:
                        self.assertIsNone(scope.db.get(kind, tuple(found)))
        self.assertGreater(seen, 10)
        with self.database.reading(ELSEWHERE) as scope:
            row = ClientRow(id="c", studio_id="trainer", name="Agnes Thornby")
            scope.db.add(row)
            with self.assertRaises(IntegrityError):
                scope.db.flush()
            self.assertEqual(row.studio_id, ELSEWHERE)

    def test_single_rows_are_not_there_for_somebody_else(self) -> None:
        with self.database.writing(ELSEWHERE) as scope:
            for ask in (
                lambda: places.place(scope, self.place),
                lambda: health_store.history_row(scope, "entry-0001"),
                lambda: testing_store.test_round(scope, "round-0001"),
                lambda: rounds.open_round(scope, "round-0001", TODAY),
                lambda: rounds.side_by_side(scope, self.who, None, None),
                lambda: health_file.withdraw_entry(scope, self.who, "entry-0001", NOW, TODAY),
                lambda: health_file.add_screen(scope, self.who, Answers(True), TODAY, NOW, TODAY),
            ):
                with self.assertRaises(NotFoundError):
                    ask()

    def test_the_latest_day_counts_for_the_body_weight_whenever_it_was_typed(self) -> None:
        with self.studio.writing() as scope:
            old = TestResult(
                "weight-0002", "body-weight", TODAY - timedelta(days=400), load=Load.of(90, Unit.KG), at=NOW
            )
            rounds.keep_result(scope, self.who, old, NOW, TODAY)
            self.assertEqual(str(testing_store.body_weight(scope, self.who)), "70 kg")
