"""Whatever is sent to the planning routes: an answer, or a refusal with a sentence; never a broken server."""

from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from tests.api.support import ApiTest, Json

words = st.sampled_from(["l1", "p1-w1", "p1-d1", "p1", "gone", "", "x" * 200, "a b", "back-squat", "3 x 8"])
scalars = st.one_of(
    words, st.integers(-5, 500), st.booleans(), st.none(), st.floats(allow_nan=False, allow_infinity=False)
)
fields = st.sampled_from(
    ["op", "line", "lines", "week", "day", "group", "kind", "pairing", "text", "exercise", "position", "to", "into",
     "minutes", "place", "section", "rest_inside", "cues", "reason", "check", "where", "message", "copy_id", "name",
     "weekday", "variant", "value"]
)  # fmt: skip
ops = st.sampled_from(
    ["set_cell", "add_line", "move_line", "move_group", "remove_line", "change_exercise", "change_line", "group_lines",
     "ungroup", "change_group", "add_day", "repeat_day", "change_day", "set_day", "remove_day", "add_week",
     "change_week", "remove_week", "add_phase", "change_phase", "remove_phase", "change_program", "move_session",
     "hold_session", "answer_finding", "burn"]
)  # fmt: skip
values = st.one_of(scalars, st.lists(words, max_size=3))


@st.composite
def edits(draw: st.DrawFn) -> Json:
    return draw(st.dictionaries(fields, values, max_size=6)) | {"op": draw(ops)}


class BadBodiesTest(ApiTest):
    @settings(max_examples=120, deadline=None, suppress_health_check=[HealthCheck.function_scoped_fixture])
    @given(st.lists(edits(), min_size=1, max_size=3))
    def test_edits(self, asked: list[Json]) -> None:
        board = self.__dict__.setdefault("board", None) or self.program()
        self.__dict__["board"] = board
        answer = self.http.post(f"/api/programs/{board['program_id']}/try", json={"edits": asked})
        self.assertIn(answer.status_code, (200, 422), answer.text)
        if answer.status_code != 200:
            self.problem(answer, 422)

    @settings(max_examples=60, deadline=None, suppress_health_check=[HealthCheck.function_scoped_fixture])
    @given(st.dictionaries(st.sampled_from(["base", "lines", "week", "kind", "step", "per_cents", "until"]), values))
    def test_paths(self, body: Json) -> None:
        board = self.__dict__.setdefault("board", None) or self.program()
        self.__dict__["board"] = board
        answer = self.http.post(f"/api/programs/{board['program_id']}/fill", json={"base": 1} | body)
        self.assertIn(answer.status_code, (201, 409, 422), answer.text)

    @settings(max_examples=40, deadline=None, suppress_health_check=[HealthCheck.function_scoped_fixture])
    @given(
        st.dictionaries(
            st.sampled_from(["weeks", "seed", "pins", "avoid"]),
            st.one_of(scalars, st.dictionaries(words, words, max_size=2)),
        )
    )
    def test_wishes(self, body: Json) -> None:
        board = self.__dict__.setdefault("board", None) or self.program()
        self.__dict__["board"] = board
        answer = self.http.post(f"/api/clients/{board['client_id']}/draft", json=body)
        self.assertIn(answer.status_code, (200, 422), answer.text)
