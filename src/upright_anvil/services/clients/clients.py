"""The client file: who the client is, and all that hangs on it."""

from collections.abc import Mapping
from dataclasses import dataclass, replace
from datetime import date, datetime

from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.energy import HEIGHTS, Activity, Sex
from upright_anvil.core.errors import DomainError
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.ids import ClientId, ProgramId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.phrases import Language
from upright_anvil.core.progression.schools import School
from upright_anvil.services.assessment.due import DueBattery, due_batteries
from upright_anvil.services.clients.consents import ConsentView, consent_hint, consents
from upright_anvil.services.clients.places import PlaceFacts, PlaceView, add_place, place_view
from upright_anvil.services.health.health_file import HealthView, health_view
from upright_anvil.services.ids import fresh_id
from upright_anvil.services.people.handing_over import Leading, leading, mine_of
from upright_anvil.store import programs
from upright_anvil.store.client import clients as store
from upright_anvil.store.client import testing
from upright_anvil.store.file.database import Scope
from upright_anvil.store.rows.mapping import Columns
from upright_anvil.store.studio import people, places
from upright_anvil.store.tables import ClientRow

OLDEST = 110
"""Years; an earlier birth is a slip of the keyboard. House rule."""

OF_AGE = 18
"""Years below which a parent or guardian has a say. House rule: local law may differ."""

WEIGHTS_SHOWN = 24


@dataclass(frozen=True, slots=True)
class ClientFacts:
    """What the trainer enters of a client; name and unit are needed. ``weekdays`` are fixed days, Monday = 0.

    ``likes`` and ``dislikes`` are exercises and kinds of work in words; ``ready_by`` is the day of a trip or race.
    ``language`` is that of home sheets and calls; ``sex``, ``height_cm`` and ``activity`` are for estimating energy.
    A ``former`` client trains here no more: the file stays to read, nothing is due and nobody is asked after them.
    """

    name: str
    unit: Unit
    aim: GoalKind = GoalKind.NOT_SAID
    goal: str = ""
    second_aim: GoalKind = GoalKind.NOT_SAID
    second_goal: str = ""
    about: str = ""
    minutes: int = 60
    days_a_week: int = 3
    weekdays: tuple[int, ...] = ()
    training_age: TrainingAge = TrainingAge.NOT_SAID
    school: School = School.RANGE
    birth_year: int | None = None
    contact: str = ""
    emergency_contact: str = ""
    cycle_reports: bool = False
    former: bool = False
    likes: str = ""
    dislikes: str = ""
    ready_by: date | None = None
    language: Language = Language.ENGLISH
    sex: Sex = Sex.NOT_SAID
    height_cm: int | None = None
    activity: Activity = Activity.NOT_SAID


@dataclass(frozen=True, slots=True)
class ClientEntry:
    """A client on the list."""

    id: ClientId
    name: str
    goal: str
    minutes: int
    days_a_week: int
    unit: Unit
    place: str
    program_id: ProgramId | None
    former: bool
    lead: str
    mine: bool


@dataclass(frozen=True, slots=True)
class Weighed:
    """A body weight of a day."""

    on: date
    load: Load
    source: str


@dataclass(frozen=True, slots=True)
class ClientView:
    """A client as the file shows it. ``hints`` are calm reminders about what was entered.

    ``program_id`` is the program that runs, ``programs`` how many there are over the years.
    """

    id: ClientId
    facts: ClientFacts
    age: int | None
    hints: tuple[str, ...]
    places: tuple[PlaceView, ...]
    health: HealthView
    body_weights: tuple[Weighed, ...]
    due: tuple[DueBattery, ...]
    program_id: ProgramId | None
    programs: int
    leading: Leading
    consents: tuple[ConsentView, ...]


def client_list(scope: Scope, today: date) -> tuple[ClientEntry, ...]:
    """Answer all clients by name, each with the program that runs."""
    usual, running = places.usual_places(scope), programs.running_programs(scope, today)
    names, mine = people.names(scope), mine_of(scope, today)
    return tuple(
        ClientEntry(
            row.id,
            row.name,
            row.goal or row.aim,
            row.minutes,
            row.days_a_week,
            Unit(row.unit),
            usual.get(row.id, ""),
            running[row.id].id if row.id in running else None,
            row.former,
            names.get(row.lead_id, "") if row.lead_id else "",
            row.id in mine,
        )
        for row in store.all_clients(scope)
    )


def client_file(scope: Scope, client_id: ClientId, today: date) -> ClientView:
    """Answer one client. Raises `NotFoundError`."""
    row = store.client(scope, client_id)
    facts = facts_of(row)
    program = programs.running_program(scope, row.id, today)
    return ClientView(
        id=row.id,
        facts=facts,
        age=today.year - facts.birth_year if facts.birth_year else None,
        hints=(*_hints(facts, today), *filter(None, (consent_hint(scope, row.id),))),
        places=tuple(place_view(scope, place) for place in places.places_of_client(scope, row.id)),
        health=health_view(scope, row.id, today),
        body_weights=_weights(scope, row.id),
        due=due_batteries(scope, row.id, today),
        program_id=program.id if program else None,
        programs=len(programs.programs_of_client(scope, row.id)),
        leading=leading(scope, row, today),
        consents=consents(scope, row.id),
    )


def add_client(
    scope: Scope,
    facts: ClientFacts,
    now: datetime,
    place: PlaceFacts | None = None,
    body_weight: Load | None = None,
) -> ClientView:
    """Add a client, at a new place where one is given, else at the place most clients share.

    Raises `DomainError` for a birth year that cannot be.
    """
    _check(facts, now.date())
    row = ClientRow(id=fresh_id(), created_at=now, lead_id=scope.actor.person_id, **FACTS.write(facts))
    scope.db.add(row)
    scope.db.flush()
    place_id = add_place(scope, place).id if place else places.most_shared(scope)
    if place_id:
        places.set_places(scope, row.id, [place_id])
    if body_weight:
        weighed = TestResult(fresh_id(), testing.BODY_WEIGHT, now.date(), load=body_weight, at=now)
        testing.add_result(scope, row.id, weighed, now)
    return client_file(scope, row.id, now.date())


def change_client(scope: Scope, client_id: ClientId, changes: Mapping[str, object], today: date) -> ClientView:
    """Change some facts of a client and leave the others. Raises `NotFoundError`, `DomainError`."""
    row = store.client(scope, client_id)
    facts = replace(facts_of(row), **changes)  # type: ignore[arg-type]
    _check(facts, today)
    for name, value in FACTS.write(facts).items():
        setattr(row, name, value)
    scope.db.flush()
    return client_file(scope, client_id, today)


FACTS = Columns(ClientFacts)


def facts_of(row: ClientRow) -> ClientFacts:
    """Read a client's row."""
    return FACTS.read([getattr(row, name) for name in FACTS.names])


def _check(facts: ClientFacts, today: date) -> None:
    if facts.birth_year is not None and not today.year - OLDEST <= facts.birth_year <= today.year:
        raise DomainError(
            f"A birth year lies between {today.year - OLDEST} and {today.year}, not at {facts.birth_year}."
        )
    if facts.height_cm is not None and not HEIGHTS[0] <= facts.height_cm <= HEIGHTS[1]:
        raise DomainError(f"A height is {HEIGHTS[0]} to {HEIGHTS[1]} cm, not {facts.height_cm}.")


def _hints(facts: ClientFacts, today: date) -> list[str]:
    hints = []
    if facts.birth_year is not None and today.year - facts.birth_year < OF_AGE:
        hints.append("Under 18: a parent or guardian signs, and local rules for training minors hold.")
    if facts.weekdays and len(set(facts.weekdays)) != facts.days_a_week:
        hints.append(
            f"{len(set(facts.weekdays))} fixed days are ticked, but {facts.days_a_week} days a week are agreed."
        )
    return hints


def _weights(scope: Scope, client_id: ClientId) -> tuple[Weighed, ...]:
    """The body weights by day, the last entry of a day, oldest first."""
    by_day: dict[date, Weighed] = {}
    for result in testing.results_of_test(scope, client_id, testing.BODY_WEIGHT):
        if result.load:
            by_day[result.on] = Weighed(result.on, result.load, result.source)
    return tuple(by_day[on] for on in sorted(by_day))[-WEIGHTS_SHOWN:]
