from datetime import date
from unittest import TestCase

from pydantic import ValidationError

from tests.core.plan.samples import MONDAY, line, program
from upright_anvil.core.plan.document import Program


class ProgramTest(TestCase):
    def test_survives_its_own_json(self) -> None:
        self.assertEqual(Program.model_validate_json(program().model_dump_json()), program())

    def test_sessions_come_by_date(self) -> None:
        dates = [(day.name, on) for _, _, day, on in program().sessions()]
        self.assertEqual(dates[:3], [("Legs", MONDAY), ("Press", date(2026, 1, 8)), ("Legs", date(2026, 1, 12))])
        self.assertEqual(len(dates), 6)

    def test_what_does_not_hold_together_is_refused(self) -> None:
        good = program().model_dump()
        phase = good["phases"][0]
        for name, wrong in [
            ("a start on a Tuesday", good | {"start": "2026-01-06"}),
            ("no phases", good | {"phases": []}),
            ("an unknown field", good | {"colour": "red"}),
            ("no weeks", good | {"phases": [phase | {"weeks": []}]}),
            ("sixty weeks", good | {"phases": [phase | {"weeks": [{"id": f"w{n}"} for n in range(60)]}]}),
            ("an id twice", good | {"phases": [phase, phase]}),
            ("cells for other weeks", good | {"phases": [phase | {"weeks": [{"id": "w1"}]}]}),
            ("a text of a kilometre", _with_text(good, "x" * 500)),
        ]:
            with self.subTest(name), self.assertRaises(ValidationError):
                Program.model_validate(wrong)

    def test_a_line_knows_what_it_began_with(self) -> None:
        begun = line("l", "", "3 x 8", "3 x 10").lines[0]
        self.assertEqual(begun.begun_with, "3 x 8")
        self.assertEqual(begun.model_copy(update={"home": "3 x 5"}).begun_with, "3 x 5")


def _with_text(good: dict[str, object], text: str) -> dict[str, object]:
    copy = Program.model_validate(good).model_dump()
    copy["phases"][0]["days"][0]["groups"][0]["lines"][0]["cells"][0]["text"] = text
    return copy
