"""Draft for every written client and tell what a colleague would send back: ``python -m bench judged``."""

import tempfile
import time
from datetime import UTC, datetime, timedelta
from pathlib import Path

from bench.drafts.clients import CLIENTS, TODAY, Written
from bench.drafts.looked import Looked
from bench.drafts.required import EVERY, few_findings
from bench.figures import NO_AIM, Figure
from upright_anvil.api.studio import Studio
from upright_anvil.cli import open_database
from upright_anvil.core.body.joints import Joint
from upright_anvil.core.drafting.draft import Drafted, Wish, draft
from upright_anvil.core.health.history import Entry
from upright_anvil.core.health.screening import Answers, Intensity
from upright_anvil.core.ids import ClientId, DayId, ExerciseId, LineId, PlaceId, WeekId
from upright_anvil.core.ledger.how import How
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.board.empty_program import first_monday, start_program
from upright_anvil.services.clients.clients import ClientFacts, add_client, client_file
from upright_anvil.services.clients.places import PlaceFacts, add_place, set_places
from upright_anvil.services.floor import logging
from upright_anvil.services.health.health_file import add_entry, add_screen
from upright_anvil.services.ids import fresh_id, session_id
from upright_anvil.services.profile.standpoint import standpoint
from upright_anvil.services.starting.brief import brief_of
from upright_anvil.services.starting.starting import DraftWish
from upright_anvil.store.file.database import Scope

NOW = datetime(TODAY.year, TODAY.month, TODAY.day, 12, tzinfo=UTC)


SLOW = 3.0
"""Seconds a draft may take."""


def wrong_of(written: Written) -> tuple[list[str], float]:
    """Answer what is wrong with the draft for a client, and the seconds it took."""
    with tempfile.TemporaryDirectory() as folder:
        database = open_database(Path(folder) / "data.sqlite3")
        try:
            studio = Studio(database, clock=lambda: NOW)
            with studio.writing() as scope:
                client, wish = _filed(scope, written)
            with studio.reading() as scope:
                who = standpoint(scope, client, TODAY)
                since = time.perf_counter()
                made = _drafted(scope, client, wish)
                took = time.perf_counter() - since
                again = _drafted(scope, client, wish)
        finally:
            database.close()
    minutes = int(str(written.facts.get("minutes", 60)))
    draft = Looked(made.program, made.relax, who.profile, minutes)
    told = [said for look in (*EVERY, few_findings(who), *written.required) if (said := look(draft))]
    if again.program != made.program:
        told.append("another draft for the same wish")
    return told, took


def _drafted(scope: Scope, client: ClientId, wish: DraftWish) -> Drafted:
    brief = brief_of(scope, client, TODAY, wish.away)
    return draft(brief, "Draft", first_monday(TODAY, wish.start), wish.wish)


def _done(scope: Scope, client: ClientId, sets: tuple[tuple[str, int, int, bool], ...]) -> None:
    """Log a session of a week ago, three sets an exercise."""
    at = NOW - timedelta(days=7)
    program = start_program(scope, client, "Before", at, at.date())
    session = session_id(program.program_id, WeekId("p1-w1"), DayId("p1-d1"))
    logging.start_session(scope, session, program.program_id, WeekId("p1-w1"), DayId("p1-d1"), at, at)
    for exercise, kilograms, reps, hurt in sets:
        for number in (1, 2, 3):
            how = How(pain=Joint.SHOULDER if hurt else None)
            row = PerformedSet(
                fresh_id(), SetPosition(LineId(f"line-{exercise}"), number), ExerciseId(exercise), Outcome.DONE,
                reps=reps, load=Load.of(kilograms, Unit.KG), reserve=2, logged_at=at, how=how,
            )  # fmt: skip
            logging.log_set(scope, session, row, at)
    logging.finish_session(scope, session, at + timedelta(minutes=50), at + timedelta(minutes=50))


def _filed(scope: Scope, written: Written) -> tuple[ClientId, DraftWish]:
    facts = {"days_a_week": 3, "unit": "kg", **written.facts}
    unit = Unit(str(facts.pop("unit")))
    body = None if written.body_kg is None else Load.of(written.body_kg, Unit.KG)
    place = PlaceFacts("The place", unit, written.kit)
    client = add_client(scope, ClientFacts(name=written.name, unit=unit, **facts), NOW, place, body).id  # type: ignore[arg-type]
    if written.name != "never screened":
        answers = Answers(active=written.active, intends=Intensity.VIGOROUS)
        add_screen(scope, client, answers, TODAY - timedelta(days=40), NOW, TODAY)
    for number, ill in enumerate(written.ill):
        due = None if ill.due_in is None else TODAY + timedelta(weeks=ill.due_in)
        on = TODAY - timedelta(days=ill.days_ago)
        entry = Entry(f"entry-{number}", on, ill.topic, ill.state, ill.side, ill.words, True, due)
        add_entry(scope, client, entry, NOW, TODAY)
    places: dict[str, PlaceId] = {}
    for kit in written.away.values():
        if kit not in places:
            places[kit] = add_place(scope, PlaceFacts("Away", unit, kit)).id
    if places:
        usual = [place.id for place in client_file(scope, client, TODAY).places]
        set_places(scope, client, [*usual, *places.values()])
    if written.done:
        _done(scope, client, written.done)
    away = {week: places[kit] for week, kit in written.away.items()}
    return client, DraftWish(Wish(weeks=written.asked_weeks), None, away)


def measure() -> list[Figure]:
    """Judge every draft."""
    broken, slowest = 0, 0.0
    for written in CLIENTS:
        told, took = wrong_of(written)
        slowest = max(slowest, took)
        if took > SLOW:
            print(f"  {written.name}: {took:.1f} s", flush=True)
        broken += bool(told)
        for said in told:
            print(f"  {written.name}: {said}", flush=True)
    many = f"{len(CLIENTS)} written clients"
    return [
        Figure("drafts that a colleague would send back", broken, 0, "", many),
        Figure("the slowest draft", slowest * 1000, NO_AIM, "ms", f"{many}, up to six days a week"),
    ]
