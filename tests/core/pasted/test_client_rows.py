from datetime import date
from unittest import TestCase

from upright_anvil.core.errors import DomainError
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.pasted.client_rows import PastedClients, client_rows
from upright_anvil.core.pasted.table import table_of

TODAY = date(2026, 11, 30)


def read(text: str) -> PastedClients:
    return client_rows(table_of(text), Unit.KG, TODAY)


class ClientRowsTest(TestCase):
    def test_a_row_with_everything(self) -> None:
        found = read(
            "Name\tDOB\tWeight (lbs)\tGoal\tDays a week\tMinutes\tLevel\tE-mail\tEmergency\tConsent\tNotes\tShoe size\n"
            "Agnes Thornby\t3/14/1961\t150\tstrong for the stairs\t2\t45 min\tbeginner\ta@example.org\tIda\t"
            "2026-01-05\tlikes rowing\t38\n"
        )
        (agnes,) = found.clients
        self.assertEqual(
            (agnes.name, agnes.birth_year, agnes.body_weight, agnes.aim, agnes.days_a_week, agnes.minutes),
            ("Agnes Thornby", 1961, Load.of(150, Unit.LB), GoalKind.STRENGTH, 2, 45),
        )
        self.assertEqual(
            (agnes.training_age, agnes.contact, agnes.emergency_contact, agnes.consent_on, agnes.about, agnes.unread),
            (TrainingAge.NEW, "a@example.org", "Ida", date(2026, 1, 5), "likes rowing", ()),
        )
        self.assertEqual(found.columns_left, ("Shoe size",))

    def test_names_in_two_columns_an_age_and_fixed_days(self) -> None:
        (ida,) = read("First name;Surname;Age;Schedule;Experience\nIda;Quill;44;Mon, Wed;3 years\n").clients
        self.assertEqual(
            (ida.name, ida.birth_year, ida.weekdays, ida.days_a_week, ida.training_age),
            ("Ida Quill", 1982, (0, 2), 2, TrainingAge.EXPERIENCED),
        )

    def test_a_bare_list_of_names(self) -> None:
        found = read("Agnes\nBerthold\n张伟\n🙂\n12\nAgnes\n=A1\n" + "x" * 90)
        self.assertEqual([client.name for client in found.clients], ["Agnes", "Berthold", "张伟"])
        whys = ["No name stands", "No name stands", "The same name as in row 1", "A formula", "at most 80 letters"]
        for left, why in zip(found.left, whys, strict=True):
            self.assertIn(why, left.why)

    def test_cells_that_cannot_be_read_are_told_and_the_row_holds(self) -> None:
        (bob,) = read(
            "name\tborn\tweight\tdays\tminutes\tfixed days\tlevel\tconsent\nBob\t1890\t7\t9\t5\t?\tred\tyes"
        ).clients
        self.assertEqual((bob.birth_year, bob.body_weight, bob.days_a_week, bob.minutes), (None, None, None, None))
        for told, word in zip(
            sorted(bob.unread),
            ("body weight", "born", "consent", "days a week", "experience", "fixed", "minutes"),
            strict=True,
        ):
            self.assertTrue(told.startswith(word), told)

    def test_health_words_are_kept_and_said_not_to_be_heeded_yet(self) -> None:
        (client,) = read("name\tinjuries\nAgnes\tleft knee, after surgery").clients
        self.assertIn("left knee, after surgery", client.about)
        self.assertTrue(client.health_noted)

    def test_no_name_is_refused(self) -> None:
        with self.assertRaisesRegex(DomainError, "No row names a client"):
            read("1\n2\n3")
