from unittest import TestCase

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.ledger.how import NOTHING_SEEN, How, Quality, SetEnd
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.ledger.standing import done_ramp_sets, done_sets, standing_rows


class HowTest(TestCase):
    def test_what_does_not_go_together_is_refused_with_a_sentence(self) -> None:
        for story, how, amount, says in [
            ("a side out of bounds", How(left=-1), 8, "0 to 21600"),
            ("not the weaker side's figure", How(left=6, right=8), 8, "weaker side"),
            ("both sides lead", How(lead=Side.BOTH), 8, "One side leads"),
            ("a side of the neck", How(pain=Joint.NECK, pain_side=Side.LEFT), 8, "joint there are two of"),
            ("a side of nothing", How(pain_side=Side.LEFT), 8, "joint there are two of"),
            ("too many checkpoints", How(checkpoints=99), 8, "Checkpoints"),
        ]:
            with self.subTest(story), self.assertRaisesRegex(DomainError, says):
                how.check(amount)

    def test_a_set_says_what_is_wrong_with_it(self) -> None:
        def row(
            number: int = 1, reps: int | None = 8, seconds: int | None = None, how: How = NOTHING_SEEN
        ) -> PerformedSet:
            return PerformedSet("r", SetPosition("l", number), "e", Outcome.DONE, reps, seconds, how=how)

        for story, build, says in (
            ("number nought", lambda: row(0), "1 to 60, not 0"),
            ("number sixty-one", lambda: row(61), "1 to 60, not 61"),
            ("neither reps nor seconds", lambda: row(reps=None), "or a distance"),
            ("both", lambda: row(seconds=30), "or a distance"),
            ("not the weaker side's reps", lambda: row(reps=9, how=How(left=8, right=9)), "weaker side"),
            ("not the weaker side's seconds", lambda: row(reps=None, seconds=31, how=How(left=30, right=31)), "weaker"),
        ):
            with self.subTest(story), self.assertRaisesRegex(DomainError, says):
                build()
        row(60)
        row(reps=8, how=How(left=8, right=9))
        row(reps=None, seconds=30, how=How(left=30, right=31))

    def test_what_goes_together_passes(self) -> None:
        for how in (
            How(left=6, right=8),
            How(pain=Joint.KNEE, pain_side=Side.LEFT),
            How(lead=Side.RIGHT, checkpoints=2),
        ):
            how.check(6)

    def test_pain_and_broken_form_say_nothing_of_strength(self) -> None:
        for how, clean in [
            (How(), True),
            (How(quality=Quality.SLIPPING), True),
            (How(quality=Quality.BROKE_DOWN), False),
            (How(pain=Joint.NECK), False),
            (How(ended=SetEnd.PAIN), False),
            (How(ended=SetEnd.WILL), True),
        ]:
            with self.subTest(how):
                self.assertIs(how.clean_enough, clean)

    def test_a_set_is_checked_with_what_was_seen_of_it(self) -> None:
        with self.assertRaisesRegex(DomainError, "weaker side"):
            PerformedSet("a", SetPosition("l1", 1), "e", Outcome.DONE, 8, how=How(left=6, right=8))

    def test_ramp_up_sets_are_counted_apart(self) -> None:
        work = PerformedSet("a", SetPosition("l1", 1), "e", Outcome.DONE, 8)
        lead = PerformedSet("b", SetPosition("l1", 1, ramp=True), "e", Outcome.DONE, 5)
        self.assertEqual(done_sets([lead, work]), (work,))
        self.assertEqual(done_ramp_sets([lead, work]), (lead,))
        self.assertEqual(len(standing_rows([lead, work])), 2)
