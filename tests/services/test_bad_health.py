"""Health papers that contradict each other or cannot be: a sentence, never a rise."""

from datetime import date, timedelta
from decimal import Decimal

from tests.commands import review_session
from tests.support import NOW, TODAY, StudioTest, facts
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.history import Condition, Entry, State
from upright_anvil.core.health.screening import Answers, Clearance, Disease, Intensity, Sign
from upright_anvil.core.progression.model import Lever
from upright_anvil.services.clients.clients import add_client
from upright_anvil.services.health.health_file import add_clearance, add_entry, add_screen
from upright_anvil.services.review.views import ReviewLine

SQUAT = "3 x 6-8, 60 kg, rest 2:00, leave 2"
CHEST = Answers(active=True, signs=frozenset({Sign.CHEST}))
HEART = Answers(active=True, diseases=frozenset({Disease.CARDIOVASCULAR}))
VIGOROUS = Intensity.VIGOROUS


class BadHealthTest(StudioTest):
    """Three full sets at the top of the range, which go up where nothing stands against it."""

    def setUp(self) -> None:
        super().setUp()
        self.board = self.client_with_program(("back-squat", SQUAT), screened=False)

    def screened(self, answers: Answers, on: date = TODAY, minutes: int = 0) -> None:
        with self.studio.writing() as scope:
            add_screen(scope, self.board.client_id, answers, on, NOW + timedelta(minutes=minutes), TODAY)

    def cleared(self, on: date, up_to: Intensity = VIGOROUS, minutes: int = 0) -> None:
        clearance = Clearance(on, "Dr. Halloran", up_to)
        with self.studio.writing() as scope:
            add_clearance(scope, self.board.client_id, clearance, NOW + timedelta(minutes=minutes), TODAY)

    def line(self) -> ReviewLine:
        sid = self.session(self.board)
        for number in (1, 2, 3):
            self.log(sid, number, 8)
        with self.studio.reading() as scope:
            return review_session(scope, sid, TODAY).lines[0]

    def assert_stays(self, says: str) -> None:
        line = self.line()
        assert line.proposal
        self.assertEqual(line.proposal.lever, Lever.HOLD, line.proposal.rule)
        self.assertLessEqual(line.proposal.rise, Decimal(0))
        self.assertFalse(line.plain)
        self.assertIn(says, line.proposal.rule)

    def test_clear_goes_up(self) -> None:
        self.screened(Answers(active=True))
        line = self.line()
        assert line.proposal
        self.assertEqual(line.proposal.lever, Lever.LOAD)

    def test_signs_outrank_a_clear_answer_of_the_same_day_whichever_was_written_last(self) -> None:
        self.screened(CHEST, minutes=0)
        self.screened(Answers(active=True), minutes=30)
        self.assert_stays("Clearance by a clinician comes first")

    def test_signs_written_after_a_clear_answer_count(self) -> None:
        self.screened(Answers(active=True), minutes=0)
        self.screened(CHEST, minutes=30)
        self.assert_stays("Clearance by a clinician comes first")

    def test_a_clearance_older_than_the_signs_does_not_count(self) -> None:
        self.cleared(TODAY - timedelta(days=3))
        self.screened(CHEST)
        self.assert_stays("Clearance by a clinician comes first")

    def test_a_clearance_of_more_than_a_year_ago_does_not_count(self) -> None:
        self.screened(HEART, TODAY - timedelta(days=100))
        self.cleared(TODAY - timedelta(days=366))
        self.assert_stays("clearance before vigorous work is not recorded")

    def test_a_clearance_to_moderate_does_not_open_more(self) -> None:
        self.screened(HEART, TODAY - timedelta(days=100))
        self.cleared(TODAY - timedelta(days=1), Intensity.LIGHT_TO_MODERATE)
        self.assert_stays("Cleared for light to moderate work only")

    def test_nobody_asked(self) -> None:
        self.assert_stays("No health screen yet")

    def test_every_condition_that_hurts_now_and_a_joint(self) -> None:
        self.screened(Answers(active=True))
        for topic in (*Condition, Joint.KNEE):
            with self.subTest(topic.value):
                with self.studio.writing() as scope:
                    side = Side.LEFT if topic is Joint.KNEE else None
                    entry = Entry(f"at-{topic}", TODAY, topic, State.HURTS, side)
                    add_entry(scope, self.board.client_id, entry, NOW, TODAY)
                line = self.line()
                assert line.proposal
                self.assertLessEqual(line.proposal.rise, Decimal(0))

    def test_days_and_years_that_have_not_come_are_refused(self) -> None:
        tomorrow = TODAY + timedelta(days=1)
        for told, step in (
            ("a screen", lambda: self.screened(CHEST, tomorrow)),
            ("a clearance", lambda: self.cleared(tomorrow)),
        ):
            with self.subTest(told), self.assertRaisesRegex(DomainError, "has not come yet"):
                step()
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "birth year"):
            add_client(scope, facts(birth_year=TODAY.year + 1), NOW, None)
