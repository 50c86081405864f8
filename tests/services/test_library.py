from tests.support import NOW, TODAY, StudioTest, depot, facts
from upright_anvil.core.body.joints import Joint, JointLoad, Side, Stress
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.errors import DomainError
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.health.history import Entry, State
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.formats.shipped.exercise_file import shipped_exercises
from upright_anvil.services.board.opening import open_board
from upright_anvil.services.clients.clients import add_client
from upright_anvil.services.floor.opening import open_floor
from upright_anvil.services.health.health_file import add_entry
from upright_anvil.services.library.own_exercises import add_like, add_own, change_exercise, remove_own
from upright_anvil.services.library.search import find
from upright_anvil.services.library.substitutes import exercise_substitutes, exercise_view
from upright_anvil.services.shelf import choices, library
from upright_anvil.store.rows.not_found import NotFoundError


def sled(name: str = "Log roll", **more: object) -> Exercise:
    """An exercise nobody ships."""
    fields: dict[str, object] = {"implements": (ImplementKind.IMPROVISED,), "movers": (Muscle.QUADRICEPS,)}
    return Exercise("", name, Pattern.LOCOMOTION, **(fields | more))  # type: ignore[arg-type]


class LibraryTest(StudioTest):
    def add(self, name: str, **more: object) -> str:
        with self.studio.writing() as scope:
            return add_own(scope, sled(name, **more)).id

    def test_own_exercises_stand_among_the_shipped(self) -> None:
        self.add("  Log   roll ")
        with self.studio.reading() as scope:
            names = [e.name for e in choices(scope)]
        self.assertIn("Log roll", names)
        self.assertEqual(names, sorted(names, key=str.lower))

    def test_an_own_exercise_like_another_takes_its_movement_and_not_its_strength(self) -> None:
        with self.studio.writing() as scope:
            made = add_like(scope, " Towel   bench press ", "bench-press")
        shipped = shipped_exercises()["bench-press"]
        self.assertEqual((made.name, made.own, made.ladder, made.also), ("Towel bench press", True, "", ()))
        self.assertEqual((made.strength, made.family), ((), ""))
        for field in ("pattern", "kind", "movers", "helpers", "implements", "needs", "joints", "rep_seconds"):
            self.assertEqual(getattr(made, field), getattr(shipped, field), field)
        with self.studio.writing() as scope, self.assertRaisesRegex(DomainError, "already"):
            add_like(scope, "towel bench press", "plank")
        with self.studio.writing() as scope, self.assertRaises(NotFoundError):
            add_like(scope, "Ghost walk", "ghost")

    def test_an_own_exercise_comes_back_as_entered(self) -> None:
        joints = (JointLoad(Joint.KNEE, Stress.MODERATE, "drives"),)
        own = self.add("Log roll", joints=joints, cues=("Lean",), faults=("Rounding",), helpers=(Muscle.CALVES,))
        with self.studio.reading() as scope:
            found = library(scope).exercise(own)
        self.assertEqual((found.joints, found.cues, found.faults), (joints, ("Lean",), ("Rounding",)))
        self.assertTrue(found.own)

    def test_a_name_is_taken_once(self) -> None:
        with self.assertRaisesRegex(DomainError, "already"):
            self.add("back SQUAT")

    def test_an_edit_is_kept_apart_and_can_be_taken_back(self) -> None:
        with self.studio.writing() as scope:
            shipped = library(scope).exercise("plank")
            edited = change_exercise(scope, "plank", sled("Plank, my way"))
            self.assertEqual((edited.name, edited.edited, edited.id), ("Plank, my way", True, "plank"))
            self.assertEqual(len(library(scope).exercises), len(shipped_exercises()))
            remove_own(scope, "plank", NOW)
            self.assertEqual(library(scope).exercise("plank"), shipped)
            with self.assertRaises(NotFoundError):
                remove_own(scope, "plank", NOW)

    def test_an_own_exercise_takes_its_rung_on_a_ladder(self) -> None:
        own = self.add("Fingertip push-up", ladder="push-up", after="push-up")
        with self.studio.reading() as scope:
            self.assertIn(own, library(scope).ladders.harder("push-up"))
            names = [r.name for r in exercise_view(scope, own, None, TODAY).ladders[0].rungs]
        self.assertEqual(names[names.index("Push-up") + 1], "Fingertip push-up")
        with self.assertRaisesRegex(DomainError, "Choose a ladder"):
            self.add("Other", ladder="nowhere")

    def test_another_trainer_sees_none_of_it(self) -> None:
        self.add("Log roll")
        with self.database.reading("somebody-else") as scope:
            self.assertNotIn("Log roll", [e.name for e in choices(scope)])

    def test_an_exercise_removed_while_planned_loses_nothing(self) -> None:
        own = self.add("Log roll")
        board = self.client_with_program((own, "3 x 8, 20 kg"))
        with self.studio.writing() as scope:
            remove_own(scope, own, NOW)
        with self.studio.reading() as scope:
            self.assertNotIn("Log roll", [e.name for e in choices(scope)])
            line = open_board(scope, board.program_id, TODAY).phases[0].days[0].lines[0]
            self.assertEqual((line.exercise, line.removed, line.cells[0].plan.state), ("Log roll", True, "read"))
            caution = open_floor(scope, board.program_id, "p1-w1", "p1-d1", TODAY).lines[0].caution
            self.assertIn("removed from the library", caution or "")
        with self.studio.writing() as scope:
            self.assertFalse(change_exercise(scope, own, sled()).removed)

    def test_a_client_and_a_place_narrow_what_is_found(self) -> None:
        with self.studio.writing() as scope:
            who = add_client(scope, facts(), NOW, depot("dumbbells 4-10 by 2"))
            entry = Entry("entry-0001", TODAY, Joint.KNEE, State.HURTS, Side.LEFT)
            add_entry(scope, who.id, entry, NOW, TODAY)
            everything = find(scope, "squat", 100, TODAY)
            here = find(scope, "squat", 100, TODAY, who.id, who.places[0].id)
        self.assertIn("Back squat", [h.exercise.name for h in everything.hits])
        self.assertNotIn("Back squat", [h.exercise.name for h in here.hits])
        stops = [any(c.grade == "stop" for c in h.cautions) for h in here.hits]
        self.assertEqual(stops, sorted(stops))
        self.assertTrue(stops[-1] and not stops[0])

    def test_substitutes_carry_a_load_over_from_what_was_done(self) -> None:
        board = self.client_with_program(
            ("back-squat", "3 x 6-8, 60 kg, leave 2"), equipment="bar 20, plates 4x10 4x5\nrack\ndumbbells 10-40 by 5"
        )
        sid = self.session(board)
        self.log(sid, 1, 8)
        with self.studio.reading() as scope:
            found = exercise_substitutes(scope, "back-squat", board.client_id, None, TODAY)
        front = next(s for s in found if s.exercise.id == "front-squat")
        assert front.start
        self.assertEqual(str(front.start.load), "40 kg")
        self.assertIn("estimated maximum of 80 kg in Back squat", front.start.why)

    def test_the_library_is_read_once_for_each_of_its_states(self) -> None:
        self.add("Log roll")
        with self.studio.reading() as scope:
            first = library(scope)
            self.assertIs(library(scope), first)
        self.add("Sled push, low")
        with self.studio.reading() as scope:
            self.assertIsNot(library(scope), first)
