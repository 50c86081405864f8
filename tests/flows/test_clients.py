from dataclasses import replace

from tests.support import NOW, StudioTest, facts
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.flows.clients import add_client, change_client, client_file, client_list, equipment_view
from upright_anvil.store.not_found import NotFoundError


class ClientsTest(StudioTest):
    def test_a_client_comes_back_as_entered(self) -> None:
        asked = facts("Dell", Unit.LB, body_weight=Load.of("205.5", "lb"))
        with self.studio.writing() as scope:
            made = add_client(scope, asked, NOW)
        with self.studio.reading() as scope:
            self.assertEqual(client_file(scope, made.id).facts, asked)
            self.assertEqual([c.facts.name for c in client_list(scope)], ["Dell"])

    def test_changes_are_kept_and_a_weight_can_be_taken_out(self) -> None:
        with self.studio.writing() as scope:
            made = add_client(scope, facts(), NOW)
            changed = replace(made.facts, name="Ottoline F.", body_weight=None, equipment="vest 5")
            change_client(scope, made.id, changed)
        with self.studio.reading() as scope:
            found = client_file(scope, made.id)
        self.assertEqual(found.facts, changed)
        self.assertEqual([k.kind for k in found.equipment.kinds], [ImplementKind.BODYWEIGHT])

    def test_another_trainers_client_is_not_there(self) -> None:
        with self.studio.writing() as scope:
            made = add_client(scope, facts(), NOW)
        with self.database.reading("somebody-else") as scope:
            self.assertEqual(client_list(scope), ())
            with self.assertRaisesRegex(NotFoundError, "no such client"):
                client_file(scope, made.id)

    def test_equipment_shows_its_big_steps(self) -> None:
        view = equipment_view("dumbbells 10 10.5 12\nnonsense", Unit.KG)
        self.assertEqual(view.kinds[0].gaps, (False, False, True))
        self.assertEqual([p.line for p in view.problems], [2])
