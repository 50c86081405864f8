"""Sessions of the kinds that are really run: what the board says of their time, and what becomes of them next week."""

from dataclasses import dataclass, field
from typing import Any

from tests.commands import review_session, save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.ids import LineId
from upright_anvil.core.plan.edits.groups import ChangeGroup, GroupLines
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.progression.model import Lever
from upright_anvil.services.floor.afterwards import log_afterwards
from upright_anvil.services.ids import session_id

HOME = "rucksack 12\n2 jugs 8"


@dataclass(frozen=True)
class Run:
    """What is typed, how it is done together, what the paper says, and what it must come to."""

    title: str
    lines: tuple[tuple[str, str], ...]
    seconds: int
    lever: Lever
    text: str
    kind: GroupKind | None = None
    said: dict[str, Any] = field(default_factory=dict)
    paper: str = ""
    equipment: str = HOME
    also: str = ""


RUNS = (
    Run("counted circuit, both sides", (("goblet-squat", "2 x 20, 12 kg"), ("reverse-lunge", "2 x 20 each side")),
        2 * (80 + 15 + 2 * 60 + 5) + 60, Lever.ROUNDS, "3 x 20, 12 kg", GroupKind.CIRCUIT),
    Run("45 on, 15 off", (("biceps-curl", "2 x 45 s, 8 kg, rest 15 s"), ("lateral-raise", "2 x 45 s, 8 kg, rest 15 s")),
        4 * 45 + 3 * 15, Lever.ROUNDS, "3 x 45 s, 8 kg, rest 15 s", GroupKind.INTERVALS),
    Run("a rucksack loads what a dumbbell would", (("goblet-squat", "3 x 10, 20 kg, rest 90 s"),), 3 * 40 + 2 * 90,
        Lever.REPS, "3 x 10-12, 20 kg, rest 1:30", also="3 x 10, 28 kg, rest 1:30"),
    Run("a ladder of bands", (("biceps-curl", "15/10/max, band sand/rust/slate"),), 0, Lever.LOAD,
        "15/10/max, band rust/slate/coal", paper="curl 15,10,11", equipment="bands sand 5, rust 8, slate 12, coal 16",
        also="15/10/max, band sand/rust/coal"),
    Run("pause triples that fell away", (("front-squat", "7 x 3, 100 kg, tempo 5-3-X-0, rest 3:00"),), 1269, Lever.EASE,
        "7 x 3, 90 kg, tempo 5-3-X-0, rest 3:00", paper="front squat 3,3,3,3,2,2,1 at 100",
        equipment="bar 20, plates 4x1.25 4x2.5 4x5 4x10 4x20\nrack", also="7 x 3, 100 kg, tempo 3-1-X-0, rest 3:00"),
    Run("one prescription, any dumbbell", (("goblet-squat", "3 x 12, 12 kg, or 8 kg x 15, or 16 kg x 8-10"),), 0,
        Lever.HOLD, "3 x 12, 12 kg, or 8 kg x 15, or 16 kg x 8-10", paper="goblet 9,9,9 at 16",
        equipment="dumbbells 4-24 by 4"),
    Run("ten minutes, most rounds", (("goblet-squat", "4 x 10, 12 kg"), ("push-up", "4 x 10")), 600, Lever.ROUNDS,
        "5 x 10, 12 kg", GroupKind.MOST_ROUNDS, {"time_cap": 600}),
    Run("a run with its time", (("easy-run", "5 km in 30 min"),), 1800, Lever.METRES, "1 x 5.5 km, in 33:00"),
    Run("a range of sets is done with its lower end", (("goblet-squat", "3-4 x 10, 12 kg, rest 30-60 s"),),
        4 * 40 + 3 * 60, Lever.REPS, "", paper="goblet 10,10,10 at 12", equipment="dumbbells 4-24 by 4"),
    Run("eleven kilograms or twenty", (("back-squat", "2 x 20, 11 kg, leave 3"),), 0, Lever.HOLD,
        "2 x 20, 11 kg, leave 3", paper="squat 20,20 at 11, left 3", equipment="bars 11 20\nrack",
        also="2 x 20, 20 kg, leave 3"),
)  # fmt: skip


class SessionsAsRunTest(StudioTest):
    def run_one(self, run: Run) -> None:
        board = self.client_with_program(*run.lines, equipment=run.equipment)
        if run.kind is not None:
            ids = tuple(LineId(f"l{n}") for n in range(1, len(run.lines) + 1))
            edits = [GroupLines(lines=ids, group="g", kind=run.kind), ChangeGroup(group="g", **run.said)]
            with self.studio.writing() as scope:
                board = save_edits(scope, board.program_id, board.revision.number, edits, "Together", NOW, TODAY)
        day, week = board.phases[0].days[0], board.phases[0].weeks[0].id
        self.assertEqual([line.cells[0].plan.state for g in day.groups for line in g.lines], ["read"] * len(run.lines))
        if run.seconds:
            self.assertEqual(day.seconds[0], run.seconds)
        sid = session_id(board.program_id, week, day.id)
        with self.studio.writing() as scope:
            log_afterwards(scope, sid, board.program_id, week, day.id, TODAY, run.paper, NOW)
        with self.studio.reading() as scope:
            found = review_session(scope, sid, TODAY).lines[0].proposal
        assert found
        self.assertEqual(found.lever, run.lever, found.rule)
        if run.text:
            self.assertEqual(found.text, run.text, found.rule)
        if run.also:
            self.assertIn(run.also, [one.text for one in found.alternatives])

    def test_each_is_typed_timed_logged_and_judged(self) -> None:
        for run in RUNS:
            with self.subTest(run.title):
                self.run_one(run)
