from dataclasses import replace
from datetime import date
from unittest import TestCase

from tests.core.checks.plans import ROOM, SETTING, SORE, WHO
from upright_anvil.core.checks.run import findings
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.goals import TrainingAge
from upright_anvil.core.plan.document import Program
from upright_anvil.core.templates.adapt import Adapted, adapt
from upright_anvil.formats.shipped.template_file import shipped_templates

CLIENTS = {
    "studio": replace(WHO, minutes=60, days_a_week=4),
    "forty minutes in a room": replace(
        WHO, minutes=40, days_a_week=3, profile=replace(SETTING, inventory=ROOM, max_kg={})
    ),
    "new, with a sore knee": replace(SORE, minutes=45, days_a_week=3, training_age=TrainingAge.NEW),
}


def used(template: str, who: Standpoint) -> Adapted:
    return adapt(shipped_templates()[template], who, "p1")


class AdaptTest(TestCase):
    def test_whatever_the_client_it_can_be_trained_there_and_then(self) -> None:
        """Nothing the place lacks, nothing against a sore joint, nothing that does not fit the minutes."""
        for name, who in CLIENTS.items():
            for template in shipped_templates():
                with self.subTest(client=name, template=template):
                    phase = used(template, who).phase
                    self.assertTrue(phase.days and all(day.groups for day in phase.days))
                    told = findings(Program(name="T", start=date(2026, 1, 5), phases=(phase,)), who)
                    serious = [f.message for f in told if f.severity in ("error", "caution")]
                    self.assertEqual(serious, [])

    def test_what_was_changed_is_said(self) -> None:
        found = used("whole-body-three-days", CLIENTS["new, with a sore knee"])
        self.assertTrue(any(" instead of Back squat, for the left knee." in change for change in found.changes))
        fewer = used("upper-lower-four-days", replace(WHO, days_a_week=2, minutes=60))
        self.assertIn("2 of its 4 days taken: the client has no more.", fewer.changes)
        self.assertTrue(any("made to fit 25 min" in c for c in used("hinge-wave", replace(WHO, minutes=25)).changes))

    def test_loads_come_from_the_clients_own_sets(self) -> None:
        day = used("whole-body-three-days", CLIENTS["studio"]).phase.days[0]
        squat = next(line for line in day.lines if line.exercise == "back-squat")
        self.assertEqual(squat.cells[0].text, "3 x 6-8, 105 kg, rest 2:30, leave 2")

    def test_the_first_months_get_less(self) -> None:
        new = used("size-in-a-range", replace(WHO, training_age=TrainingAge.NEW)).phase.days[0]
        self.assertTrue(
            next(line for line in new.lines if line.exercise == "dumbbell-bench-press").cells[0].text.startswith("3 x")
        )

    def test_the_same_every_time(self) -> None:
        for template in shipped_templates():
            self.assertEqual(used(template, WHO), used(template, WHO))
