"""A program pasted from a spreadsheet: understood first, then written as one revision that one undo takes back."""

from tests.commands import undo
from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.errors import DomainError
from upright_anvil.services.board.empty_program import start_program
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.board.pasting import bring_in, pasted_view
from upright_anvil.services.clients.clients import add_client

NAMES = ("RDL", "db bench", "bent over row", "lunges", "press ups", "plank")


def sheet() -> str:
    """Four weeks of three days of six lines."""
    rows = ["\tWeek 1\tWeek 2\tWeek 3\tWeek 4"]
    for day in ("Monday", "Wednesday", "Friday"):
        rows.append(day)
        for name in NAMES:
            work = "3 x 40 s" if name == "plank" else "3 x 8-10, 20 kg, rest 90 s, RIR 2"
            rows.append("\t".join((name, *[work.replace("3 x", f"{sets} x") for sets in (3, 3, 4, 2)])))
    return "\n".join(rows)


class PastingTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        with self.studio.writing() as scope:
            client = add_client(scope, facts(), NOW, depot()).id
            started = start_program(scope, client, "Strength", NOW, TODAY, 4)
            self.board = open_board(scope, started.program_id, TODAY)

    def test_four_weeks_of_three_days_need_no_correction(self) -> None:
        program, phase = self.board.program_id, self.board.phases[0].id
        with self.studio.reading() as scope:
            view = pasted_view(scope, program, sheet())
        self.assertEqual((len(view.days), view.weeks, len(view.lines), view.left), (3, 4, 18, ()))
        self.assertTrue(all(line.exercise and not line.unread for line in view.lines))
        with self.studio.writing() as scope:
            saved = bring_in(scope, program, self.board.revision.number, phase, sheet(), {}, NOW)
        with self.studio.reading() as scope:
            board = open_board(scope, program, TODAY)
        days = board.phases[0].days
        self.assertEqual([(day.name, day.weekday) for day in days], [("Monday", 0), ("Wednesday", 2), ("Friday", 4)])
        cells = [cell.plan for day in days for line in day.lines for cell in line.cells]
        self.assertEqual((len(cells), {cell.state for cell in cells}), (72, {"read"}))
        with self.studio.writing() as scope:
            undo(scope, program, saved.number, NOW, TODAY)
        with self.studio.reading() as scope:
            before = open_board(scope, program, TODAY).phases[0].days
        self.assertEqual([len(day.lines) for day in before], [len(day.lines) for day in self.board.phases[0].days])

    def test_a_name_nobody_knows_is_chosen_or_left_out(self) -> None:
        program, phase = self.board.program_id, self.board.phases[0].id
        text = "Day 1\nzorp press\t3x8 40\nplank\t3x40 s"
        with self.studio.reading() as scope:
            zorp = pasted_view(scope, program, text).lines[0]
        self.assertEqual((zorp.exercise, len(zorp.nearest)), (None, 3))
        for chosen, names in (({}, ["Plank"]), ({2: "bench-press"}, ["Bench press", "Plank"])):
            with self.studio.writing() as scope:
                base = open_board(scope, program, TODAY).revision.number
                bring_in(scope, program, base, phase, text, chosen, NOW)
                day = open_board(scope, program, TODAY).phases[0].days[-1]
            self.assertEqual([line.exercise for line in day.lines], names)
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "No row has an exercise"):
            bring_in(scope, program, base + 1, phase, "zorp press\t3x8", {}, NOW)
