from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Unit
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.clients.clients import add_client, client_file
from upright_anvil.services.clients.places import (
    PlaceFacts,
    add_place,
    change_place,
    equipment_view,
    place_list,
    set_places,
)
from upright_anvil.store.rows.not_found import NotFoundError


class PlacesTest(StudioTest):
    def test_a_shared_place_is_edited_once_for_all_who_train_there(self) -> None:
        with self.studio.writing() as scope:
            one = add_client(scope, facts("One"), NOW, depot())
            two = add_client(scope, facts("Two"), NOW)
            change_place(scope, one.places[0].id, PlaceFacts("Depot", Unit.KG, "kettlebells 8 12"))
            seen = client_file(scope, two.id, TODAY).places[0]
        self.assertEqual([k.kind for k in seen.equipment.kinds], [ImplementKind.KETTLEBELL])
        self.assertEqual(seen.clients, ("One", "Two"))

    def test_several_places_the_usual_first(self) -> None:
        with self.studio.writing() as scope:
            who = add_client(scope, facts(), NOW, depot())
            hotel = add_place(scope, PlaceFacts("Hotel", Unit.LB, "dumbbells 5-25 by 5"))
            for wanted in ([hotel.id, who.places[0].id], [hotel.id], []):
                set_places(scope, who.id, wanted)
                self.assertEqual([p.id for p in client_file(scope, who.id, TODAY).places], wanted)
            self.assertEqual([p.facts.name for p in place_list(scope)], ["Depot", "Hotel"])

    def test_the_usual_place_is_what_the_plan_is_read_against(self) -> None:
        board = self.client_with_program(("back-squat", "3 x 5, 60 kg"))
        with self.studio.writing() as scope:
            attic = add_place(scope, PlaceFacts("Attic", Unit.KG, "bar 20, plates 2x5"))
            set_places(scope, board.client_id, [attic.id])
            cell = open_board(scope, board.program_id, TODAY).phases[0].days[0].lines[0].cells[0]
        self.assertEqual(cell.plan.caution, "60 kg cannot be made here: take 30 kg.")

    def test_a_place_named_twice_and_an_unknown_one_are_refused(self) -> None:
        with self.studio.writing() as scope:
            who = add_client(scope, facts(), NOW, depot())
            with self.assertRaisesRegex(DomainError, "twice"):
                set_places(scope, who.id, [who.places[0].id] * 2)
            with self.assertRaises(NotFoundError):
                set_places(scope, who.id, ["nowhere"])

    def test_equipment_shows_its_big_steps_its_things_and_both_units(self) -> None:
        view = equipment_view("dumbbells 10 10.5 12\nbench, rack\nno table\nkettelbell", Unit.KG)
        self.assertEqual(view.kinds[0].gaps, (False, False, True))
        self.assertEqual([str(load) for load in view.kinds[0].other_unit], ["22 lb", "23.1 lb", "26.5 lb"])
        self.assertEqual((view.features, view.absent), (("bench", "rack"), ("table",)))
        self.assertEqual([p.line for p in view.problems], [4])
