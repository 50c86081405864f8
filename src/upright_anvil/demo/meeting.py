"""The demo's first meetings: places, history, health screens and two rounds of tests, made through the services."""

from datetime import date, datetime, time, timedelta
from decimal import Decimal

from upright_anvil.core.assessment.items import Ended, TestItem, TestKind
from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.body.joints import Side
from upright_anvil.core.health.history import Entry
from upright_anvil.core.health.screening import Answers, Clearance
from upright_anvil.core.ids import ClientId, PlaceId, StudioId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.demo.people import PEOPLE
from upright_anvil.demo.person import Measured, Person
from upright_anvil.demo.places import PLACES
from upright_anvil.services.assessment import rounds
from upright_anvil.services.assessment.batteries import all_tests
from upright_anvil.services.clients.clients import add_client
from upright_anvil.services.clients.consents import add_consent
from upright_anvil.services.clients.places import add_place, set_places
from upright_anvil.services.health import health_file
from upright_anvil.services.health.health_file import CycleReport
from upright_anvil.store.file.database import Database, Scope

SLIP = "push-up-reps"
"""The test with one wrong entry in each round that has it: typed, then corrected."""


CONSENT = (
    "I agree that the studio keeps what I say about my health, what I train and what was measured, to plan my "
    "training; that my trainers read it; and that I can take this back at any time."
)
"""Made-up words, as a studio might show them."""


def meet(database: Database, studio_id: StudioId, now: datetime) -> dict[str, ClientId]:
    """Set up places and people; answer each client's id by name."""
    with database.writing(studio_id) as scope:
        places = {facts.name: add_place(scope, facts).id for facts in PLACES}
    ids = {}
    for number, person in enumerate(PEOPLE):
        with database.writing(studio_id) as scope:
            ids[person.facts.name] = _Meeting(scope, person, number, now).hold(places)
    return ids


class _Meeting:
    """One person's first weeks."""

    def __init__(self, scope: Scope, person: Person, number: int, now: datetime) -> None:
        self.scope, self.person, self.number, self.now = scope, person, number, now
        self.today = now.date()
        self.made = 0

    def hold(self, places: dict[str, PlaceId]) -> ClientId:
        """Add the client and all that was said and measured; answer the client's id."""
        person, scope = self.person, self.scope
        first = self._at(person.rounds[0])
        who = add_client(scope, person.facts, first).id
        add_consent(scope, who, CONSENT, first.date(), first, self.today)
        set_places(scope, who, [places[name] for name in person.places])
        for told in person.history:
            due = None if told.due_in_weeks is None else self.today + timedelta(weeks=told.due_in_weeks)
            on = self._on(told.weeks_ago)
            entry = Entry(self._id(), on, told.topic, told.state, told.side, told.words, told.clinician, due)
            health_file.add_entry(scope, who, entry, self.now, self.today)
        asked = person.screen
        answers = Answers(asked.active, frozenset(asked.diseases), frozenset(asked.signs), asked.intends)
        health_file.add_screen(scope, who, answers, self._on(asked.weeks_ago), self.now, self.today)
        if person.clearance:
            said = person.clearance
            clearance = Clearance(self._on(said.weeks_ago), said.by, said.up_to, said.limits)
            health_file.add_clearance(scope, who, clearance, self.now, self.today)
        if person.facts.cycle_reports:
            report = CycleReport(self._on(1), 3, "Heavy legs, wants it a little easier")
            health_file.add_cycle_report(scope, who, report, self.now, self.today)
        for index, weeks_ago in enumerate(person.rounds):
            self._round(who, index, weeks_ago)
        return who

    def _round(self, who: ClientId, index: int, weeks_ago: int) -> None:
        at = self._at(weeks_ago)
        items = all_tests(self.scope)
        round_id = self._id()
        rounds.begin_round(self.scope, who, round_id, self.person.battery, at, at.date())
        results = []
        for measured in self.person.results:
            item = items[measured.test]
            texts = (measured.second if index else measured.first).split("/")
            for side, text in zip((Side.LEFT, Side.RIGHT) if item.sides else (None,), texts, strict=True):
                typed = [text + "0", text] if item.id == SLIP else [text]
                results += [self._result(round_id, at, item, side, measured, one) for one in typed]
        rounds.keep_results(self.scope, who, results, at, at.date())
        rounds.close_round(self.scope, round_id, at + timedelta(minutes=40))

    def _result(
        self, round_id: str, at: datetime, item: TestItem, side: Side | None, measured: Measured, text: str
    ) -> TestResult:
        value, load, reserve = self._figures(item, text)
        return TestResult(
            id=self._id(),
            test=item.id,
            on=at.date(),
            value=value,
            load=load,
            side=side,
            variant=measured.variant,
            reserve=reserve,
            ended=Ended.FORM if item.kind in (TestKind.REPS, TestKind.HOLD) else None,
            source="scale" if item.kind is TestKind.BODY_WEIGHT else "typed",
            confirmed=True,
            round_id=round_id,
            at=at,
        )

    def _figures(self, item: TestItem, text: str) -> tuple[Decimal | None, Load | None, int | None]:
        unit = Unit(self.person.facts.unit)
        if item.kind is TestKind.BODY_WEIGHT:
            return None, Load.of(text, unit), None
        if item.kind is TestKind.LOAD_REPS:
            load, _, rest = text.partition("x")
            reps, _, left = rest.partition("+")
            return Decimal(reps), Load.of(load, unit), int(left)
        return Decimal(text), None, None

    def _on(self, weeks_ago: int) -> date:
        return self.today - timedelta(weeks=weeks_ago)

    def _at(self, weeks_ago: int) -> datetime:
        return datetime.combine(self._on(weeks_ago), time(16, 0), self.now.tzinfo)

    def _id(self) -> str:
        self.made += 1
        return f"demo-meet-{self.number:02d}-{self.made:04d}"
