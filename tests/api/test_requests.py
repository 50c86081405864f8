"""A request and the core's value that is made of it: one name, one type."""

import json
from dataclasses import fields
from datetime import datetime
from typing import Annotated, Any, Union, get_args, get_origin, get_type_hints
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st
from pydantic import AwareDatetime, ValidationError

from tests.api.support import Json
from upright_anvil.api.assessment.requests import ResultRequest, TestRequest
from upright_anvil.api.clients.requests import ClientRequest, PlaceRequest
from upright_anvil.api.devices.routes import MeasureRequest, SettingsRequest
from upright_anvil.api.sessions.requests import HowRequest, NoteRequest, SetRequest
from upright_anvil.core.assessment.items import TestItem
from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.ledger.how import How
from upright_anvil.core.ledger.rows import PerformedSet, SetPosition
from upright_anvil.services.clients.clients import ClientFacts
from upright_anvil.services.clients.places import PlaceFacts
from upright_anvil.services.floor.devices import Figures
from upright_anvil.services.settings import Settings
from upright_anvil.store.tables import ClientRow, PerformedSetRow, TestResultRow

PAIRS = (
    (SetRequest, PerformedSet, {"slot", "load", "how", "actor_id"}),
    (SetRequest, SetPosition, set()),
    (HowRequest, How, set()),
    (ResultRequest, TestResult, {"load"}),
    (TestRequest, TestItem, {"id", "exercise", "own"}),
    (PlaceRequest, PlaceFacts, set()),
    (SettingsRequest, Settings, set()),
    (MeasureRequest, Figures, {"sentences"}),
    (ClientRequest, ClientFacts, set()),
)
"""Request, value, and the value's fields that are worked out apart."""


def plain(hint: Any) -> set[str]:
    """The types that a field may have, without bounds, lengths and absence."""
    if hint is AwareDatetime:
        return plain(datetime)
    if get_origin(hint) is Annotated:
        return plain(get_args(hint)[0])
    if get_origin(hint) is tuple or get_origin(hint) is list:
        return {"many", *plain(get_args(hint)[0])}
    parts = [arg for arg in get_args(hint) if arg is not type(None)]
    return set().union(*map(plain, parts)) if parts and get_origin(hint) in (Union, type(int | None)) else {repr(hint)}


words = st.text(st.one_of(st.characters(), st.sampled_from('\x00\x07\x7f\u202e\u2066\t\n\\"/é')), max_size=6)


class BodyTest(TestCase):
    @given(
        st.fixed_dictionaries({"id": st.just("note-0001"), "text": words, "line": st.one_of(words, st.integers())}),
        st.booleans(),
    )
    def test_a_body_is_read_as_if_each_of_its_values_were_looked_at(self, said: Json, escaped: bool) -> None:
        body = json.dumps(said, ensure_ascii=escaped).encode("utf-8", "surrogatepass")
        answers = []
        for read in (NoteRequest.of_body, NoteRequest.model_validate_json):
            try:
                answers.append(repr(read(body)))
            except ValidationError as wrong:
                answers.append(str(wrong))
        self.assertEqual(*answers)

    def test_what_no_field_may_hold_is_seen_in_a_body_however_it_is_written(self) -> None:
        for text in ("\\u0000", "\\u202e", "\\b", "\u202e", "\x7f", "\u0080\u2066"):
            with self.subTest(text), self.assertRaises(ValidationError):
                NoteRequest.of_body(f'{{"id": "note-0001", "text": "a{text}b"}}'.encode())
        for number in ("9223372036854775808", "-9223372036854775809", "1" + 40 * "0"):
            with self.subTest(number), self.assertRaisesRegex(ValidationError, "too large"):
                NoteRequest.of_body(f'{{"id": "note-0001", "text": "a", "line": {number}}}'.encode())


class RequestsTest(TestCase):
    def test_a_field_has_one_type_in_the_request_and_in_the_value(self) -> None:
        for request, kind, apart in PAIRS:
            asked, known = (get_type_hints(one, include_extras=True) for one in (request, kind))
            for field in fields(kind):
                if field.name in apart:
                    continue
                with self.subTest(request=request.__name__, field=field.name):
                    self.assertIn(field.name, set(asked))
                    self.assertEqual(plain(asked[field.name]), plain(known[field.name]))

    def test_every_fact_has_its_column(self) -> None:
        """The names; `Columns` raises at import for one without, as this would."""
        for kind, table, named in [
            (PerformedSet, PerformedSetRow, {}),
            (How, PerformedSetRow, {}),
            (ClientFacts, ClientRow, {}),
            (TestResult, TestResultRow, {"on": "on_date"}),
        ]:
            for field in fields(kind):
                if field.name not in ("slot", "how"):
                    with self.subTest(kind=kind.__name__, field=field.name):
                        self.assertIn(named.get(field.name, field.name), table.__table__.columns)
