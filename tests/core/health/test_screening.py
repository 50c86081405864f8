from datetime import UTC, date, datetime, timedelta
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from upright_anvil.core.errors import DomainError
from upright_anvil.core.health.screening import (
    Answers,
    Clearance,
    Disease,
    Intensity,
    Screen,
    ScreenOutcome,
    Sign,
    check_day,
    health_standing,
    screen,
)
from upright_anvil.core.health.warning_signs import WARNING_SIGNS

TODAY = date(2026, 3, 4)
HEART = frozenset({Disease.CARDIOVASCULAR})
CHEST = frozenset({Sign.CHEST})
NONE: frozenset[Disease] = frozenset()
NO_SIGNS: frozenset[Sign] = frozenset()
LIGHT, HARD = Intensity.LIGHT_TO_MODERATE, Intensity.VIGOROUS

ALGORITHM = [
    # active, diseases, signs -> the published outcome
    (False, NONE, NO_SIGNS, ScreenOutcome.CLEAR),
    (False, HEART, NO_SIGNS, ScreenOutcome.CLEARANCE_FIRST),
    (False, NONE, CHEST, ScreenOutcome.CLEARANCE_FIRST),
    (False, HEART, CHEST, ScreenOutcome.CLEARANCE_FIRST),
    (True, NONE, NO_SIGNS, ScreenOutcome.CLEAR),
    (True, HEART, NO_SIGNS, ScreenOutcome.CLEARANCE_BEFORE_VIGOROUS),
    (True, NONE, CHEST, ScreenOutcome.CLEARANCE_FIRST),
    (True, HEART, CHEST, ScreenOutcome.CLEARANCE_FIRST),
]


def ago(days: int) -> date:
    return TODAY - timedelta(days=days)


class ScreenTest(TestCase):
    def test_the_eight_ways_through_the_algorithm(self) -> None:
        for active, diseases, signs, outcome in ALGORITHM:
            for intends in Intensity:
                with self.subTest(active=active, diseases=diseases, signs=signs, intends=intends):
                    result = screen(Answers(active, diseases, signs, intends))
                    self.assertEqual(result.outcome, outcome)
                    self.assertRegex(result.reason, r"\.$")

    def test_the_reason_names_what_was_said(self) -> None:
        self.assertIn("kidneys", screen(Answers(True, frozenset({Disease.RENAL}))).reason)
        self.assertIn(str(Sign.DIZZY), screen(Answers(True, NONE, frozenset({Sign.DIZZY}))).reason)
        self.assertIn("build up to vigorous", screen(Answers(False, intends=HARD)).reason)
        self.assertIn("Stop training", screen(Answers(True, NONE, CHEST)).reason)

    @given(st.booleans(), st.frozensets(st.sampled_from(Disease)), st.frozensets(st.sampled_from(Sign)))
    def test_one_more_disease_or_sign_never_opens_more(
        self, active: bool, diseases: frozenset[Disease], signs: frozenset[Sign]
    ) -> None:
        order = list(ScreenOutcome)
        now = order.index(screen(Answers(active, diseases, signs)).outcome)
        more = order.index(screen(Answers(active, diseases | HEART, signs | CHEST)).outcome)
        self.assertGreaterEqual(more, now)

    def test_there_are_warning_signs_to_stop_at(self) -> None:
        self.assertGreaterEqual(len(WARNING_SIGNS), 6)

    def test_a_day_to_come_is_refused(self) -> None:
        with self.assertRaisesRegex(DomainError, "has not come yet"):
            check_day(ago(-1), TODAY)


class StandingTest(TestCase):
    """Small stories: screens and clearances over time, and what the floor may do today."""

    def test_nobody_asked_yet(self) -> None:
        standing = health_standing([], [], TODAY)
        self.assertEqual((standing.outcome, standing.allowed, standing.due), (None, Intensity.LIGHT_TO_MODERATE, True))
        self.assertIn("No health screen yet", standing.reminder or "")

    def test_clear_for_a_year_then_asked_again(self) -> None:
        clear = Answers(True)
        fresh, old = (health_standing([Screen(ago(days), clear)], [], TODAY) for days in (364, 365))
        self.assertEqual((fresh.allowed, fresh.reminder, fresh.due), (HARD, None, False))
        self.assertTrue(old.due)
        self.assertIn("ask again", old.reminder or "")

    def test_clearances(self) -> None:
        disease, signs, idle = Answers(True, HEART), Answers(True, NONE, CHEST), Answers(False, HEART)
        for story, answers, cleared, allowed, awaited in [
            ("active with a disease, nothing recorded", disease, [], LIGHT, True),
            ("cleared to vigorous since", disease, [(10, HARD)], HARD, False),
            ("cleared half a year before the screen counts for a known disease", disease, [(200, HARD)], HARD, False),
            ("a clearance of two years ago does not", disease, [(730, HARD)], LIGHT, True),
            ("signs: a clearance from before them does not count", signs, [(200, HARD)], None, True),
            ("signs: one from after does", signs, [(5, LIGHT)], LIGHT, False),
            ("inactive with a disease: first", idle, [], None, True),
            ("the newest of two counts", disease, [(50, HARD), (5, LIGHT)], LIGHT, False),
            ("one dated to tomorrow does not count yet", idle, [(-1, HARD)], None, True),
        ]:
            with self.subTest(story):
                clearances = [Clearance(ago(days), "Dr. Halloran", up_to) for days, up_to in cleared]
                standing = health_standing([Screen(ago(20), answers)], clearances, TODAY)
                self.assertEqual((standing.allowed, standing.awaited), (allowed, awaited))
                self.assertEqual(standing.reminder is None, allowed is HARD and not awaited)

    def test_a_clearance_counts_for_a_year_and_after_the_signs_it_is_for(self) -> None:
        signs, disease = Answers(True, NONE, CHEST), Answers(True, HEART)
        nine, ten = (datetime(2026, 2, 1, hour, tzinfo=UTC) for hour in (9, 10))
        asked = date(2026, 2, 1)
        for story, screen_, clearance, counts in (
            ("of 364 days ago", Screen(ago(300), disease), Clearance(ago(364), "Dr.", HARD), True),
            ("of a year ago", Screen(ago(300), disease), Clearance(ago(365), "Dr.", HARD), False),
            ("of today", Screen(ago(0), disease), Clearance(ago(0), "Dr.", HARD), True),
            ("a year before the screen", Screen(ago(-1 + 1), disease), Clearance(ago(364), "Dr.", HARD), True),
            ("the day before", Screen(asked, signs), Clearance(asked - timedelta(days=1), "Dr.", HARD), False),
            ("the day of the signs", Screen(asked, signs), Clearance(asked, "Dr.", HARD), True),
            ("that day, later", Screen(asked, signs, nine), Clearance(asked, "Dr.", HARD, "", ten), True),
            ("that day, earlier", Screen(asked, signs, ten), Clearance(asked, "Dr.", HARD, "", nine), False),
            ("that minute", Screen(asked, signs, nine), Clearance(asked, "Dr.", HARD, "", nine), False),
            ("that day, one time unknown", Screen(asked, signs), Clearance(asked, "Dr.", HARD, "", nine), True),
            ("the day after, whatever the hour", Screen(asked, signs, ten),
             Clearance(asked + timedelta(days=1), "Dr.", HARD, "", nine), True),
        ):  # fmt: skip
            with self.subTest(story):
                self.assertEqual(health_standing([screen_], [clearance], TODAY).allowed is HARD, counts)

    def test_limits_stay_in_sight(self) -> None:
        limited = Clearance(ago(3), "Dr. Halloran", HARD, "no breath holding")
        standing = health_standing([Screen(ago(20), Answers(True, HEART))], [limited], TODAY)
        self.assertIn("no breath holding", standing.reminder or "")

    def test_a_later_screen_opens_the_question_again(self) -> None:
        screens = [Screen(ago(100), Answers(True)), Screen(ago(2), Answers(True, NONE, CHEST))]
        self.assertEqual(health_standing(screens, [], TODAY).outcome, ScreenOutcome.CLEARANCE_FIRST)
        self.assertEqual(health_standing(screens[::-1], [], TODAY).outcome, ScreenOutcome.CLEARANCE_FIRST)


screens = st.lists(
    st.builds(
        Screen,
        st.integers(0, 800).map(ago),
        st.builds(
            Answers, st.booleans(), st.frozensets(st.sampled_from(Disease)), st.frozensets(st.sampled_from(Sign))
        ),
    ),
    max_size=5,
)
clearances = st.lists(
    st.builds(Clearance, st.integers(-5, 800).map(ago), st.just("Dr. Halloran"), st.sampled_from(Intensity)), max_size=5
)


class InvariantsTest(TestCase):
    @given(screens, clearances)
    def test_nothing_is_opened_that_nobody_cleared(self, asked: list[Screen], given_: list[Clearance]) -> None:
        standing = health_standing(asked, given_, TODAY)
        if standing.allowed is HARD and standing.outcome is not ScreenOutcome.CLEAR:
            self.assertTrue(any(c.up_to is HARD and c.on <= TODAY for c in given_))
        if standing.allowed is None:
            self.assertTrue(standing.reminder)
        if standing.awaited:
            self.assertIn("not recorded yet", standing.reminder or "")

    @given(screens, clearances)
    def test_the_order_in_which_papers_are_kept_changes_nothing(
        self, asked: list[Screen], given_: list[Clearance]
    ) -> None:
        days = [s.on for s in asked] + [c.on for c in given_]
        if len(set(days)) == len(days):
            once = health_standing(asked, given_, TODAY)
            self.assertEqual(health_standing(asked[::-1], given_[::-1], TODAY), once)

    @given(screens)
    def test_a_screen_is_due_a_year_after_the_newest(self, asked: list[Screen]) -> None:
        standing = health_standing(asked, [], TODAY)
        if asked:
            newest = max(s.on for s in asked)
            self.assertEqual(standing.repeat_on, newest + timedelta(days=365))
            self.assertEqual(standing.due, newest <= ago(365))
