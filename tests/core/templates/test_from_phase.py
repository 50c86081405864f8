"""A phase somebody trained taken over by another client: its work stays, its loads do not."""

from dataclasses import replace
from unittest import TestCase

from hypothesis import given

from tests.core.checks.plans import ROOM, SETTING, WHO, plan
from tests.core.strategies import prescriptions
from upright_anvil.core.goals import TrainingAge
from upright_anvil.core.loads.load import Unit
from upright_anvil.core.plan.document import Phase
from upright_anvil.core.prescription.loads_of import anybodys
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import read, write
from upright_anvil.core.templates.adapt import adapt
from upright_anvil.core.templates.from_phase import template_of, without_loads

HERS = plan(
    (0, ("back-squat: 3 x 5, 180 kg, rest 3:00, leave 2", "push-up: 3 x 12, bw", "plank: 2 x 40 s")),
    (3, ("bench-press: 4 x 6, 80 %, rest 2:00", "barbell-row: 12/10/8, 60/70/80 kg", "dumbbell-curl: 3 x ?")),
).phases[0]


def cells(phase: Phase, exercise: str) -> list[str]:
    return [cell.text for day in phase.days for line in day.lines if line.exercise == exercise for cell in line.cells]


class TemplateOfTest(TestCase):
    def test_loads_of_one_person_stay_with_that_person(self) -> None:
        for text, expected in [
            ("3 x 5, 180 kg, rest 3:00, leave 2", "3 x 5, rest 3:00, leave 2"),
            ("4 x 6, 80 %, rest 2:00", "4 x 6, 80 %, rest 2:00"),
            ("3 x 12, bw", "3 x 12, bw"),
            ("3 x 8, bw + 20 kg", "3 x 8"),
            ("12/10/8, 60/70/80 kg", "12/10/8"),
            ("3 x 5, 60/70/80 kg", "3 x 5"),
            ("3 x 8, last time + 2.5 kg", "3 x 8"),
            ("3 x 12, band red", "3 x 12"),
            ("3 x ?", "3 x ?"),
            ("", ""),
        ]:
            with self.subTest(text):
                self.assertEqual(without_loads(text, Unit.KG), expected)

    @given(prescriptions)
    def test_no_load_is_left_that_is_not_anybodys(self, asked: Prescription) -> None:
        left = read(without_loads(write(asked), Unit.KG), Unit.KG)
        self.assertTrue(all(anybodys(plan.load) for plan in left.plans), write(left))
        self.assertEqual(left.sets, asked.sets)

    def test_another_client_gets_loads_of_their_own(self) -> None:
        template = template_of(HERS, "Hers", Unit.KG)
        phase = adapt(template, replace(WHO, days_a_week=3, minutes=90), "p1").phase
        self.assertEqual(set(cells(phase, "back-squat")), {"3 x 5, 115 kg, rest 3:00, leave 2"})
        self.assertEqual(set(cells(phase, "bench-press")), {"4 x 6, 80 %, rest 2:00"})

    def test_with_nothing_known_no_load_is_written(self) -> None:
        stranger = replace(WHO, profile=replace(SETTING, max_kg={}), days_a_week=3, minutes=90)
        phase = adapt(template_of(HERS, "Hers", Unit.KG), stranger, "p1").phase
        self.assertEqual(set(cells(phase, "back-squat")), {"3 x 5, rest 3:00, leave 2"})

    def test_a_client_without_kit_gets_what_can_be_done_there(self) -> None:
        room = replace(WHO, profile=replace(SETTING, inventory=ROOM, max_kg={}), days_a_week=3, minutes=60)
        adapted = adapt(template_of(HERS, "Hers", Unit.KG), room, "p1")
        for day in adapted.phase.days:
            for line in day.lines:
                self.assertTrue(room.profile.exercise(line.exercise).possible_at(ROOM), line.exercise)
        self.assertTrue(any("for the place" in change for change in adapted.changes))

    def test_the_first_months_and_what_cannot_be_read(self) -> None:
        new = replace(WHO, training_age=TrainingAge.NEW, days_a_week=3, minutes=90)
        adapted = adapt(template_of(HERS, "Hers", Unit.KG), new, "p1")
        self.assertTrue(all(text.startswith("2 x 5") for text in cells(adapted.phase, "back-squat")))
        self.assertEqual(set(cells(adapted.phase, "dumbbell-curl")), {"3 x ?"})
        self.assertTrue(any("cannot be read" in change for change in adapted.changes))
