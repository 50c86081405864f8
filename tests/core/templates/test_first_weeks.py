"""The first day of each template for a client of the studio who has trained for a while: line by line."""

from dataclasses import replace
from unittest import TestCase

from tests.core.checks.plans import ROOM, SETTING, WHO
from upright_anvil.core.checks.study import Standpoint
from upright_anvil.core.goals import TrainingAge
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.core.templates.adapt import adapt
from upright_anvil.formats.shipped.template_file import shipped_templates

STUDIO = replace(WHO, minutes=75, days_a_week=4, training_age=TrainingAge.SOME)
HOTEL = replace(WHO, minutes=40, days_a_week=3, profile=replace(SETTING, inventory=ROOM, max_kg={}))

FIRST_DAYS = {
    "hinge-wave": [
        ("hip-hinge-drill", "1 x 10"),
        ("deadlift", "8/5/3, 40/55/65 %, ramp-up, rest 1:30"),
        ("deadlift", "4 x 4, 75 %, rest 3:30, leave 2"),
        ("barbell-row", "3 x 6-8, 67.5 kg, rest 2:00, leave 2"),
        ("suitcase-hold", "3 x 30 s each side, rest 45 s"),
    ],
    "forty-minutes-pairs": [
        ("march-in-place", "1 x 90 s"),
        ("dumbbell-bench-press", "3 x 8-10, rest 1:15, leave 2"),
        ("dumbbell-row", "3 x 8-10 each side, rest 1:15, leave 2"),
        ("goblet-squat", "3 x 10-12, rest 1:15, leave 2"),
        ("face-pull", "3 x 12-15, rest 1:15, leave 2"),
        ("plank", "2 x 40 s, rest 30 s"),
    ],
    "density-circuits": [
        ("march-in-place", "1 x 120 s"),
        ("goblet-squat", "4 x 40 s, checkpoints 45/50 s, rest 20 s"),
        ("push-up", "4 x 40 s, checkpoints 45/50 s, rest 20 s"),
        ("dumbbell-row", "4 x 20 s each side, rest 20 s"),
        ("kettlebell-swing", "4 x 30 s, checkpoints 35/40 s, rest 30 s"),
        ("plank", "4 x 40 s, checkpoints 50 s, rest 20 s"),
        ("child-rest", "1 x 60 s"),
    ],
    "top-up-day": [
        ("shoulder-circles", "1 x 15"),
        ("lateral-raise", "3 x 12-20, rest 1:00, leave 1"),
        ("biceps-curl", "3 x 10-15, rest 45 s, leave 1"),
        ("overhead-triceps-extension", "3 x 10-15, rest 45 s, leave 1"),
        ("calf-raise", "3 x 12-20, rest 45 s, leave 1"),
    ],
}


def lines(template: str, who: Standpoint, week: int = 0, day: int = 0) -> list[tuple[str, str]]:
    found = adapt(shipped_templates()[template], who, "p1").phase.days[day]
    return [(line.exercise, line.cells[week].text) for line in found.lines]


class FirstWeeksTest(TestCase):
    def test_the_first_day_line_by_line(self) -> None:
        for template, expected in FIRST_DAYS.items():
            with self.subTest(template):
                self.assertEqual(lines(template, STUDIO), expected)

    def test_the_wave_runs_through_its_weeks(self) -> None:
        shares = [lines("hinge-wave", STUDIO, week)[2][1].split(", ")[1] for week in range(8)]
        self.assertEqual(shares, ["75 %", "80 %", "82.5 %", "65 %", "77.5 %", "80 %", "82.5 %", "65 %"])

    def test_seconds_climb_by_five_and_ease_off(self) -> None:
        plank = [dict(lines("forty-minutes-pairs", STUDIO, week))["plank"] for week in range(4)]
        self.assertEqual([text.split(",")[0] for text in plank], ["2 x 40 s", "2 x 45 s", "2 x 50 s", "1 x 50 s"])

    def test_groups_stay_together_where_all_of_them_can_be_done(self) -> None:
        for template, kind in [
            ("forty-minutes-pairs", GroupKind.PAIR),
            ("density-circuits", GroupKind.INTERVALS),
            ("hotel-room", GroupKind.CIRCUIT),
        ]:
            for who in (STUDIO, HOTEL):
                with self.subTest(template, hotel=who is HOTEL):
                    groups = adapt(shipped_templates()[template], who, "p1").phase.days[0].groups
                    self.assertIn(kind, [group.kind for group in groups])

    def test_without_estimates_no_load_is_invented(self) -> None:
        for template in shipped_templates():
            for day in range(len(adapt(shipped_templates()[template], HOTEL, "p1").phase.days)):
                for exercise, text in lines(template, HOTEL, day=day):
                    with self.subTest(template, exercise=exercise):
                        self.assertNotRegex(text, r"\d (kg|lb)")

    def test_ids_are_the_phases_own(self) -> None:
        phase = adapt(shipped_templates()["size-in-a-range"], STUDIO, "mine").phase
        ids = [phase.id, *(d.id for d in phase.days), *(g.id for d in phase.days for g in d.groups)]
        self.assertTrue(all(part.startswith("mine") for part in ids))
        self.assertEqual(len(set(ids)), len(ids))
