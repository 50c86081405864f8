import json
import logging
import sys
from unittest import TestCase

from upright_anvil.logs import JsonLines, request_id


class LogsTest(TestCase):
    def line(self, *, error: bool = False) -> dict[str, object]:
        info = None
        if error:
            try:
                int("Ottoline Fisk, knee pain")
            except ValueError:
                info = sys.exc_info()
        record = logging.LogRecord("anvil", logging.ERROR, __file__, 1, "error at %s", ("/clients/{id}",), info)
        read: dict[str, object] = json.loads(JsonLines().format(record))
        return read

    def test_a_line_says_when_where_and_for_which_request(self) -> None:
        before = request_id.set("abc")
        try:
            self.assertEqual(self.line() | {"at": ""}, {
                "at": "", "level": "error", "from": "anvil", "says": "error at /clients/{id}", "request": "abc",
            })  # fmt: skip
        finally:
            request_id.reset(before)
        self.assertNotIn("request", self.line())

    def test_an_error_is_told_by_its_kind_and_its_places_never_by_its_words(self) -> None:
        said = self.line(error=True)
        self.assertEqual(said["error"], "ValueError")
        self.assertIn("test_logs.py", str(said["through"]))
        self.assertNotIn("Ottoline", json.dumps(said))
