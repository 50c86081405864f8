from decimal import Decimal
from unittest import TestCase

from hypothesis import example, given
from hypothesis import strategies as st

from tests.core.checks.plans import SETTING, STUDIO
from upright_anvil.core.errors import DomainError
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.plan.changing.paths import Path, PathKind, along
from upright_anvil.core.plan.document import WeekKind
from upright_anvil.core.prescription.text.shorthand import read, write

B, H, E = WeekKind.BUILD, WeekKind.HOLD, WeekKind.EASE_OFF
SQUAT = SETTING.exercise("back-squat")


def path(kind: PathKind, step: str = "0", *per_cents: int) -> Path:
    return Path(kind, Decimal(step), tuple(Decimal(p) for p in per_cents))


def walked(text: str, way: Path, *weeks: WeekKind, exercise: str = "back-squat") -> list[str]:
    found = along(way, read(text, Unit.KG), weeks or (B, B, B, B), SETTING.exercise(exercise), STUDIO, Unit.KG)
    return [write(one) for one in found]


class PathsTest(TestCase):
    def test_what_is_added_to_body_weight_alone_is_in_the_clients_unit(self) -> None:
        belt = read_equipment("belt 2.5 5 10 15 20", Unit.LB).inventory
        pull_up = SETTING.exercise("pull-up")
        found = along(path(PathKind.LOAD, "5"), read("3 x 5, bw", Unit.LB), (B, B, B, B), pull_up, belt, Unit.LB)
        self.assertEqual(
            [write(one) for one in found], [f"3 x 5, bw{more}" for more in ("", " + 5 lb", " + 10 lb", " + 15 lb")]
        )

    def test_every_path(self) -> None:
        for way, text, expected in [
            (path(PathKind.COPY), "3 x 8, 60 kg", ["3 x 8, 60 kg"] * 4),
            (path(PathKind.LOAD, "2.5"), "3 x 8, 60 kg", [f"3 x 8, {kg} kg" for kg in ("60", "62.5", "65", "67.5")]),
            (path(PathKind.LOAD, "-2.5"), "3 x 8, 60 kg", [f"3 x 8, {kg} kg" for kg in ("60", "57.5", "55", "52.5")]),
            (path(PathKind.LOAD, "2"), "3 x 8, 60 kg", [f"3 x 8, {kg} kg" for kg in ("60", "62.5", "65", "65")]),
            (path(PathKind.LOAD, "5"), "10/8, 60/70 kg", [f"10/8, {a}/{a + 10} kg" for a in (60, 65, 70, 75)]),
            (path(PathKind.LOAD, "2.5"), "3 x 5, 70 %", [f"3 x 5, {p} %" for p in ("70", "72.5", "75", "77.5")]),
            (path(PathKind.REPS, "1"), "3 x 8-10", ["3 x 8-10", "3 x 9-11", "3 x 10-12", "3 x 11-13"]),
            (path(PathKind.SECONDS, "5"), "3 x 30 s", ["3 x 30 s", "3 x 35 s", "3 x 40 s", "3 x 45 s"]),
            (path(PathKind.SECONDS, "10"), "3 x 20 m", ["3 x 20 m", "3 x 30 m", "3 x 40 m", "3 x 50 m"]),
            (
                path(PathKind.REST, "-5"),
                "3 x 8, rest 60 s",
                [f"3 x 8, rest {s}" for s in ("1:00", "55 s", "50 s", "45 s")],
            ),
            (path(PathKind.SETS, "1"), "2 x 8", ["2 x 8", "3 x 8", "4 x 8", "5 x 8"]),
            (path(PathKind.RESERVE, "-1"), "3 x 8, leave 2", [f"3 x 8, leave {n}" for n in (2, 1, 0, 0)]),
            (
                path(PathKind.THREE_UP, "5"),
                "3 x 8, 60 kg",
                ["3 x 8, 60 kg", "3 x 8, 65 kg", "3 x 8, 70 kg", "2 x 8, 62.5 kg"],
            ),
            (path(PathKind.WAVE, "0", 70, 75, 80, 60), "3 x 5", [f"3 x 5, {p} %" for p in (70, 75, 80, 60)]),
        ]:
            with self.subTest(kind=way.kind, text=text):
                self.assertEqual(walked(text, way), expected)

    def test_weeks_that_hold_and_ease_off_take_no_step(self) -> None:
        found = walked("3 x 8, 60 kg", path(PathKind.LOAD, "5"), B, H, B, E, B)
        self.assertEqual(found, [f"{s} x 8, {kg} kg" for s, kg in [(3, 60), (3, 60), (3, 65), (2, 57.5), (3, 70)]])

    def test_what_a_path_cannot_start_from_is_refused(self) -> None:
        for way, text in [
            (path(PathKind.LOAD, "2.5"), "3 x 8"),
            (path(PathKind.LOAD, "2.5"), "3 x 8, band red"),
            (path(PathKind.REPS, "1"), "3 x 40 s"),
            (path(PathKind.REPS, "1"), "10/8/6"),
            (path(PathKind.SECONDS, "5"), "3 x 8"),
            (path(PathKind.REST, "-5"), "3 x 8"),
            (path(PathKind.SETS, "1"), "10/8/6"),
            (path(PathKind.RESERVE, "-1"), "3 x 8"),
            (path(PathKind.WAVE), "3 x 5"),
            (path(PathKind.WAVE, "0", 70), "3 x 5, 60/70/80 kg"),
            (path(PathKind.LOAD, "60"), "3 x 5, 70 %"),
        ]:
            with self.subTest(kind=way.kind, text=text), self.assertRaisesRegex(DomainError, r"\w.*\.$"):
                walked(text, way)

    @example(4, -18, [B, B, B, E])
    @given(st.integers(4, 80), st.integers(-20, 20), st.lists(st.sampled_from(WeekKind), min_size=1, max_size=12))
    def test_every_load_can_be_made(self, start: int, step: int, weeks: list[WeekKind]) -> None:
        load = Load.of(Decimal(20) + Decimal(start) * Decimal("2.5"), Unit.KG)
        made = STUDIO.nearest(SQUAT.implements[0], load)
        assert made
        way = Path(PathKind.LOAD, Decimal(step) / 4)
        for one in along(way, read(f"3 x 8, {made.load}", Unit.KG), weeks, SQUAT, STUDIO, Unit.KG):
            assert isinstance(one.load, Load)
            self.assertIsNotNone(STUDIO.find(SQUAT.implements[0], one.load), str(one.load))
