"""A circuit is judged as one: one proposal on its first station, and one decision that writes every station."""

from datetime import timedelta

from tests.commands import decide, review_session, save_edits
from tests.support import NOW, TODAY, StudioTest
from upright_anvil.core.ids import LineId
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.edits.days import SetDay
from upright_anvil.core.plan.edits.groups import ChangeGroup, GroupLines
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.progression.model import Lever
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.board.views import BoardView
from upright_anvil.services.conflicts import CellMovedError
from upright_anvil.services.review.decisions import Decision
from upright_anvil.services.review.proposals import WITH_ITS_CIRCUIT
from upright_anvil.services.review.views import ReviewView, Verdict

STATIONS = (("plank", "3 x 40 s"), ("push-up", "3 x 10, bw"), ("biceps-curl", "3 x 12, 8 kg"))


def decision(verdict: Verdict, text: str, third: str = STATIONS[2][1]) -> Decision:
    """On the circuit, as its cells were seen; ``third`` is what the last station's said."""
    others = {LineId("l3"): STATIONS[1][1], LineId("l4"): third}
    return Decision("d1", LineId("l2"), verdict, text, STATIONS[0][1], "", others)


class CircuitReviewTest(StudioTest):
    def setUp(self) -> None:
        super().setUp()
        self.board: BoardView = self.client_with_program(("back-squat", "3 x 6-8, 60 kg, leave 2"), *STATIONS)
        self.edit(
            GroupLines(lines=("l2", "l3", "l4"), group="g1", kind=GroupKind.CIRCUIT),
            ChangeGroup(group="g1", rest_after=90),
        )

    def edit(self, *edits: object) -> None:
        with self.studio.writing() as scope:
            base = open_board(scope, self.board.program_id, TODAY).revision.number
            save_edits(scope, self.board.program_id, base, edits, "By hand", NOW, TODAY)  # type: ignore[arg-type]

    def ran(self, rounds: int = 3, push_ups: int = 10) -> str:
        sid = self.session(self.board)
        for n, (exercise, text) in enumerate(STATIONS, start=2):
            for number in range(1, rounds + 1):
                timed = exercise == "plank"
                self.log(
                    sid, number, None if timed else push_ups if exercise == "push-up" else 12, line=f"l{n}",
                    exercise=exercise, seconds=40 if timed else None, planned=text,
                    load=None if exercise != "biceps-curl" else Load.of(8, Unit.KG),
                )  # fmt: skip
        self.finish(sid, NOW + timedelta(minutes=50))
        return sid

    def review(self, sid: str) -> ReviewView:
        with self.studio.reading() as scope:
            return review_session(scope, sid, TODAY)

    def cells(self, week: int) -> list[str]:
        with self.studio.reading() as scope:
            board: BoardView = open_board(scope, self.board.program_id, TODAY)
        return [line.cells[week - 1].plan.text for line in board.phases[0].days[0].lines[1:]]

    def test_one_proposal_on_the_first_station(self) -> None:
        found = {line.line: line for line in self.review(self.ran()).lines}
        assert found["l2"].proposal
        self.assertEqual((found["l2"].proposal.lever, found["l2"].proposed), (Lever.ROUNDS, "4 x 40 s"))
        self.assertEqual(
            [(one.line, one.text) for one in found["l2"].stations], [("l3", "4 x 10, bw"), ("l4", "4 x 12, 8 kg")]
        )
        for other in ("l3", "l4"):
            self.assertIsNone(found[other].proposal)
            self.assertEqual((found[other].why_none, found[other].circuit), (WITH_ITS_CIRCUIT, "g1"))

    def test_one_decision_writes_every_station(self) -> None:
        sid = self.ran()
        with self.studio.writing() as scope:
            decide(scope, sid, [decision(Verdict.ACCEPTED, "")], NOW, TODAY)
        self.assertEqual(self.cells(2), ["4 x 40 s", "4 x 10, bw", "4 x 12, 8 kg"])

    def test_a_station_changed_by_hand_meanwhile_stops_the_whole_circuit(self) -> None:
        sid = self.ran()
        for verdict, text in ((Verdict.ACCEPTED, ""), (Verdict.CHANGED, "5 x 30 s")):
            with (
                self.subTest(verdict),
                self.studio.writing() as scope,
                self.assertRaisesRegex(CellMovedError, "said '3 x 9, 8 kg' and now says '3 x 12, 8 kg'"),
            ):
                decide(scope, sid, [decision(verdict, text, "3 x 9, 8 kg")], NOW, TODAY)
        self.assertEqual(self.cells(2), [text for _, text in STATIONS])

    def test_the_rounds_that_were_typed_hold_for_every_station(self) -> None:
        sid = self.ran()
        with self.studio.writing() as scope:
            decide(scope, sid, [decision(Verdict.CHANGED, "5 x 30 s")], NOW, TODAY)
        self.assertEqual(self.cells(2), ["5 x 30 s", "5 x 10, bw", "5 x 12, 8 kg"])

    def test_a_declined_one_leaves_every_station(self) -> None:
        sid = self.ran()
        with self.studio.writing() as scope:
            decide(scope, sid, [decision(Verdict.DECLINED, "")], NOW, TODAY)
        self.assertEqual(self.cells(2), [text for _, text in STATIONS])

    def test_a_shorter_rest_where_the_day_has_no_minutes_for_a_round(self) -> None:
        self.edit(SetDay(day="p1-d1", minutes=15))
        sid = self.ran()
        line = next(line for line in self.review(sid).lines if line.line == "l2")
        assert line.proposal
        self.assertEqual((line.proposal.lever, line.proposal.rest_after), (Lever.DENSITY, 75))
        with self.studio.writing() as scope:
            decide(scope, sid, [decision(Verdict.ACCEPTED, "")], NOW, TODAY)
        with self.studio.reading() as scope:
            groups = open_board(scope, self.board.program_id, TODAY).phases[0].days[0].groups
        self.assertEqual([group.rest_after for group in groups if group.id == "g1"], [75])

    def test_a_round_cut_short_is_the_same_circuit_again(self) -> None:
        line = next(line for line in self.review(self.ran(push_ups=7)).lines if line.line == "l2")
        assert line.proposal
        self.assertEqual((line.proposal.lever, line.proposed), (Lever.HOLD, "3 x 40 s"))
        self.assertIn("Push-up", line.proposal.rule)

    def test_what_all_of_it_takes_is_said_beside_the_minutes_there_are(self) -> None:
        found = self.review(self.ran())
        assert found.next_minutes
        self.assertGreater(found.next_minutes.then, found.next_minutes.now)
        self.assertEqual(found.minutes_limit, 60)
