"""What Today says is due: small stories of screens, clearances and batteries."""

from datetime import timedelta

from tests.support import NOW, TODAY, StudioTest, facts
from upright_anvil.core.health.screening import Answers, Clearance, Disease, Intensity, Sign
from upright_anvil.services.assessment.due import due_batteries
from upright_anvil.services.assessment.rounds import finish_round, start_round
from upright_anvil.services.clients.clients import add_client
from upright_anvil.services.health.health_file import add_clearance, add_screen
from upright_anvil.services.today.dues import DueToday
from upright_anvil.services.today.today import open_today

HEART = Answers(True, frozenset({Disease.CARDIOVASCULAR}))
CHEST = Answers(True, signs=frozenset({Sign.CHEST}))


class DuesTest(StudioTest):
    def client(self, name: str, answers: Answers | None, days_ago: int = 10) -> str:
        with self.studio.writing() as scope:
            who = add_client(scope, facts(name), NOW).id
            if answers:
                add_screen(scope, who, answers, TODAY - timedelta(days=days_ago), NOW, TODAY)
        return who

    def after_testing(self, who: str, weeks_ago: int, battery: str = "no-equipment", finished: bool = True) -> None:
        round_id = f"{who[:8]}-{battery}-{weeks_ago}"
        with self.studio.writing() as scope:
            start_round(scope, who, round_id, battery, NOW, TODAY - timedelta(weeks=weeks_ago))
            if finished:
                finish_round(scope, round_id, NOW, TODAY)

    def dues(self) -> list[DueToday]:
        with self.studio.reading() as scope:
            return list(open_today(scope, TODAY).dues)

    def told(self) -> list[tuple[str, str, int]]:
        return [(d.client, str(d.kind), d.late) for d in self.dues()]

    def test_a_client_nobody_screened(self) -> None:
        self.client("Ottoline", None)
        self.assertEqual(self.told(), [("Ottoline", "health screen", 0)])
        self.assertIn("ask before loading", self.dues()[0].text)

    def test_a_clear_client_is_not_mentioned_until_the_year_is_over(self) -> None:
        self.client("Fresh", Answers(True), 364)
        self.client("Old", Answers(True), 380)
        self.assertEqual(self.told(), [("Old", "health screen", 15)])

    def test_a_clearance_is_asked_for_until_it_is_recorded(self) -> None:
        who = self.client("Marek", CHEST)
        self.assertEqual(self.told(), [("Marek", "clearance", 0)])
        with self.studio.writing() as scope:
            allowed = Clearance(TODAY, "Dr. Halloran", Intensity.LIGHT_TO_MODERATE, "no breath holding")
            add_clearance(scope, who, allowed, NOW, TODAY)
        self.assertEqual(self.told(), [])

    def test_what_waits_for_a_clinician_comes_first(self) -> None:
        self.client("Anna", None)
        self.client("Zita", HEART)
        who = self.client("Bela", Answers(True))
        self.after_testing(who, 9)
        self.assertEqual([kind for _, kind, _ in self.told()], ["clearance", "health screen", "re-test"])

    def test_each_battery_of_a_client_has_a_date_of_its_own(self) -> None:
        who = self.client("Bela", Answers(True))
        self.after_testing(who, 20)
        self.after_testing(who, 9)
        self.after_testing(who, 7, "strength-estimate")
        self.after_testing(who, 3, "older-adult-chair")
        self.assertEqual([(d.name, d.late) for d in self.dues()], [("No equipment", 7), ("Strength estimate", 7)])
        with self.studio.reading() as scope:
            every = due_batteries(scope, who, TODAY)
        self.assertEqual([d.name for d in every], ["No equipment", "Strength estimate", "Older adult, with a chair"])

    def test_a_round_that_was_begun_and_left_does_not_count(self) -> None:
        who = self.client("Bela", Answers(True))
        self.after_testing(who, 9)
        self.after_testing(who, 1, finished=False)
        self.assertEqual([d.late for d in self.dues()], [7])

    def test_a_due_says_when_it_was_last_done(self) -> None:
        who = self.client("Bela", Answers(True))
        self.after_testing(who, 8)
        due = self.dues()[0]
        self.assertEqual((due.on, due.text), (TODAY, "Last on 07 Jan 2026"))
