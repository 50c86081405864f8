from dataclasses import replace
from datetime import date, timedelta

from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.assessment.results import TestResult
from upright_anvil.core.errors import DomainError
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.services.assessment.rounds import keep_result
from upright_anvil.services.clients.clients import ClientFacts, add_client, change_client, client_file, client_list
from upright_anvil.services.clients.consents import add_consent, withdraw_consent
from upright_anvil.services.clients.retention import change_retention, retention
from upright_anvil.store.rows.not_found import NotFoundError

WHOLE = ClientFacts(
    name="Dell",
    unit=Unit.LB,
    aim=GoalKind.STRENGTH,
    goal="Strong for the trade",
    second_aim=GoalKind.JOINT,
    second_goal="The left shoulder",
    about="Trains in the yard",
    minutes=45,
    days_a_week=2,
    weekdays=(0, 3),
    training_age=TrainingAge.EXPERIENCED,
    birth_year=1980,
    contact="0555 0130",
    emergency_contact="Yard office",
    cycle_reports=True,
)


class ClientsTest(StudioTest):
    def test_a_client_comes_back_as_entered(self) -> None:
        with self.studio.writing() as scope:
            made = add_client(scope, WHOLE, NOW)
        with self.studio.reading() as scope:
            found = client_file(scope, made.id, TODAY)
            self.assertEqual((found.facts, found.age, found.hints), (WHOLE, 46, ("No consent is noted yet.",)))
            self.assertEqual([c.name for c in client_list(scope, TODAY)], ["Dell"])

    def test_a_name_is_enough_and_one_change_leaves_the_rest(self) -> None:
        with self.studio.writing() as scope:
            made = add_client(scope, ClientFacts("Ottoline", Unit.KG), NOW)
            change_client(scope, made.id, {"minutes": 40, "weekdays": (4, 0)}, TODAY)
            found = change_client(scope, made.id, {"name": "Ottoline F."}, TODAY)
        self.assertEqual(found.facts, replace(ClientFacts("Ottoline F.", Unit.KG), minutes=40, weekdays=(0, 4)))
        self.assertIn("2 fixed days are ticked, but 3 days a week are agreed.", found.hints)

    def test_birth_years_that_cannot_be_are_refused(self) -> None:
        with self.studio.writing() as scope:
            made = add_client(scope, facts(), NOW)
            for year in (1899, 1915, TODAY.year + 1, 19, 0, -1980):
                with (
                    self.subTest(year=year),
                    self.assertRaisesRegex(DomainError, "birth year lies between 1916 and 2026"),
                ):
                    change_client(scope, made.id, {"birth_year": year}, TODAY)
            minor = change_client(scope, made.id, {"birth_year": TODAY.year - 17}, TODAY)
        self.assertTrue(any("guardian" in hint for hint in minor.hints))

    def test_a_consent_is_given_taken_back_and_given_anew(self) -> None:
        with self.studio.writing() as scope:
            who = add_client(scope, facts(), NOW)
            self.assertIn("No consent is noted yet.", who.hints)
            with self.assertRaisesRegex(DomainError, "has not come yet"):
                add_consent(scope, who.id, "All of it", TODAY + timedelta(days=1), NOW, TODAY)
            (given,) = add_consent(scope, who.id, "All of it", TODAY - timedelta(days=9), NOW, TODAY)
            self.assertFalse(any("consent" in hint for hint in client_file(scope, who.id, TODAY).hints))
            for day in (TODAY - timedelta(days=10), TODAY + timedelta(days=1)):
                with self.assertRaises(DomainError):
                    withdraw_consent(scope, who.id, given.id, day, TODAY)
            withdraw_consent(scope, who.id, given.id, TODAY, TODAY)
            self.assertTrue(any("taken back" in hint for hint in client_file(scope, who.id, TODAY).hints))
            add_consent(scope, who.id, "Less of it", TODAY, NOW, TODAY)
            view = client_file(scope, who.id, TODAY)
            other = add_client(scope, facts("Dell"), NOW)
            with self.assertRaises(NotFoundError):
                withdraw_consent(scope, other.id, given.id, TODAY, TODAY)
        self.assertEqual([one.text for one in view.consents], ["Less of it", "All of it"])
        self.assertFalse(any("consent" in hint for hint in view.hints))

    def test_files_are_due_after_the_studios_years_and_nothing_goes_by_itself(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 8, 60 kg"))
        self.session(board)
        with self.studio.writing() as scope:
            add_client(scope, facts("Dell"), NOW.replace(year=2022))
            add_client(scope, facts("Leap"), NOW.replace(year=2024, month=2, day=29))
            self.assertEqual([file.client for file in retention(scope, TODAY).due], ["Dell"])
            self.assertEqual([f.client for f in change_retention(scope, 2, TODAY).due], ["Dell", "Leap"])
            self.assertEqual(retention(scope, date(2028, 3, 3)).due[-1].client, "Leap")
            self.assertEqual(len(retention(scope, date(2028, 3, 4)).due), 3)
            self.assertEqual(len(client_list(scope, TODAY)), 3)

    def test_a_new_client_trains_where_most_others_do(self) -> None:
        with self.studio.writing() as scope:
            for name in ("One", "Two"):
                shared = add_client(scope, facts(name), NOW, None if name == "Two" else depot(name="Studio"))
            add_client(scope, facts("Three"), NOW, depot(name="Attic"))
            new = add_client(scope, facts("Four"), NOW)
        self.assertEqual([p.facts.name for p in shared.places], ["Studio"])
        self.assertEqual([p.facts.name for p in new.places], ["Studio"])
        self.assertEqual(new.places[0].clients, ("Four", "One", "Two"))

    def test_the_newest_body_weight_of_the_latest_day_counts(self) -> None:
        with self.studio.writing() as scope:
            who = add_client(scope, facts(), NOW, body_weight=Load.of(70, Unit.KG)).id
            for on, weight in [(TODAY - timedelta(days=9), "75"), (TODAY, "71"), (TODAY, "70.5")]:
                row = TestResult(f"weight-{on}-{weight}", "body-weight", on, load=Load.of(weight, Unit.KG), at=NOW)
                keep_result(scope, who, row, NOW, TODAY)
            weights = client_file(scope, who, TODAY).body_weights
        self.assertEqual([str(w.load) for w in weights], ["75 kg", "70.5 kg"])

    def test_another_trainers_client_is_not_there(self) -> None:
        with self.studio.writing() as scope:
            made = add_client(scope, facts(), NOW)
        with self.database.reading("somebody-else") as scope:
            self.assertEqual(client_list(scope, TODAY), ())
            with self.assertRaisesRegex(NotFoundError, "no such client"):
                client_file(scope, made.id, TODAY)
