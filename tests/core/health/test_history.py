from datetime import date, timedelta
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.history import (
    Condition,
    Entry,
    State,
    check_entry,
    current,
    months_since,
    overlaps,
    weeks_pregnant,
)

TODAY = date(2026, 3, 4)


def entry(days_ago: int, topic: Joint | Condition, state: State, side: Side | None = None, **more: object) -> Entry:
    return Entry(f"{topic}-{days_ago}", TODAY - timedelta(days=days_ago), topic, state, side, **more)  # type: ignore[arg-type]


def told(*entries: Entry) -> list[tuple[str, str]]:
    return [(s.name, str(s.state)) for s in current(entries, TODAY)]


class HistoryTest(TestCase):
    def test_the_newest_entry_says_how_things_stand(self) -> None:
        ligament = entry(60, Joint.KNEE, State.HURTS, Side.LEFT)
        better = entry(30, Joint.KNEE, State.WATCH, Side.LEFT)
        back = entry(2, Joint.KNEE, State.SPARE, Side.LEFT)
        self.assertEqual(told(ligament), [("left knee", "hurts now")])
        self.assertEqual(told(better, ligament), [("left knee", "watch it")])
        self.assertEqual(told(ligament, better, back), [("left knee", "spare it")])

    def test_of_two_entries_of_one_day_the_later_written_counts(self) -> None:
        first, second = entry(1, Joint.HIP, State.HURTS, Side.RIGHT), entry(1, Joint.HIP, State.WATCH, Side.RIGHT)
        self.assertEqual(told(first, second), [("right hip", "watch it")])

    def test_what_is_over_is_left_out_and_what_is_to_come_does_not_count(self) -> None:
        self.assertEqual(told(entry(9, Joint.NECK, State.SPARE), entry(1, Joint.NECK, State.OVER)), [])
        self.assertEqual(told(entry(-1, Joint.NECK, State.HURTS)), [])

    def test_both_sides_end_what_was_said_of_one_before(self) -> None:
        left, both = entry(9, Joint.KNEE, State.HURTS, Side.LEFT), entry(3, Joint.KNEE, State.WATCH, Side.BOTH)
        self.assertEqual(told(left, both), [("both knees", "watch it")])

    def test_strictest_first(self) -> None:
        found = told(
            entry(5, Condition.LUNGS, State.WATCH),
            entry(5, Joint.NECK, State.SPARE),
            entry(5, Joint.ELBOW, State.HURTS, Side.LEFT),
        )
        self.assertEqual([name for name, _ in found], ["left elbow", "neck", "lungs"])

    def test_overlaps_are_told_and_the_stricter_holds(self) -> None:
        both, left = entry(9, Joint.KNEE, State.WATCH, Side.BOTH), entry(3, Joint.KNEE, State.SPARE, Side.LEFT)
        said = overlaps(current([both, left], TODAY))
        self.assertEqual(len(said), 1)
        self.assertIn("the stricter holds (left knee: spare it)", said[0])
        self.assertEqual(overlaps(current([left], TODAY)), ())

    def test_a_birth_ends_the_pregnancy_and_is_minded_for_a_year(self) -> None:
        pregnant = entry(200, Condition.PREGNANCY, State.WATCH)
        birth = entry(100, Condition.AFTER_BIRTH, State.WATCH)
        self.assertEqual(told(pregnant, birth), [("after birth", "watch it")])
        self.assertEqual(told(entry(400, Condition.AFTER_BIRTH, State.WATCH)), [])
        again = entry(10, Condition.PREGNANCY, State.WATCH)
        self.assertIn("end the one that is past", overlaps(current([birth, again], TODAY))[0])

    def test_weeks_and_months(self) -> None:
        due = entry(5, Condition.PREGNANCY, State.WATCH, due_on=TODAY + timedelta(weeks=10))
        self.assertEqual(weeks_pregnant(due, TODAY), 30)
        self.assertIsNone(weeks_pregnant(entry(5, Condition.PREGNANCY, State.WATCH), TODAY))
        for days, months in [(0, 0), (27, 0), (28, 1), (63, 2), (365, 12)]:
            self.assertEqual(months_since(entry(days, Condition.AFTER_BIRTH, State.WATCH), TODAY), months, days)

    def test_entries_that_cannot_be_are_refused_with_a_sentence(self) -> None:
        for wrong, words in [
            (entry(-1, Joint.NECK, State.HURTS), "has not come yet"),
            (entry(40000, Joint.NECK, State.HURTS), "more than a hundred years"),
            (entry(1, Joint.NECK, State.HURTS, Side.LEFT), "no left or right"),
            (entry(1, Condition.LUNGS, State.WATCH, Side.LEFT), "no left or right"),
            (entry(1, Joint.KNEE, State.HURTS), "Say which knee"),
            (entry(1, Joint.NECK, State.HURTS, words="x" * 301), "300 characters"),
            (entry(1, Joint.NECK, State.HURTS, due_on=TODAY), "Only a pregnancy"),
            (entry(1, Condition.PREGNANCY, State.WATCH, due_on=TODAY + timedelta(weeks=45)), "at most 40 weeks"),
            (entry(1, Condition.PREGNANCY, State.WATCH, due_on=TODAY - timedelta(weeks=5)), "at most 40 weeks"),
        ]:
            with self.subTest(words=words), self.assertRaisesRegex(DomainError, words):
                check_entry(wrong, TODAY)

    @given(
        st.lists(
            st.builds(
                entry,
                st.integers(0, 500),
                st.sampled_from([Joint.KNEE, Joint.NECK, Condition.LUNGS]),
                st.sampled_from(State),
                st.none(),
            ),
            max_size=12,
        )
    )
    def test_each_topic_stands_once_and_never_as_over(self, entries: list[Entry]) -> None:
        standing = current(entries, TODAY)
        self.assertEqual(len({s.topic for s in standing}), len(standing))
        self.assertNotIn(State.OVER, [s.state for s in standing])
        ranks = [s.state.rank for s in standing]
        self.assertEqual(ranks, sorted(ranks, reverse=True))
