"""How much energy: the published equation, its floors, and who gets no figure."""

from datetime import timedelta
from decimal import Decimal
from unittest import TestCase

from hypothesis import given
from hypothesis import strategies as st

from tests.support import TODAY
from upright_anvil.core.energy import (
    FLOORS,
    MOST_CHANGE_KCAL,
    Activity,
    EnergyAim,
    Person,
    Sex,
    barred,
    compared,
    estimate,
    missing,
    trend,
)
from upright_anvil.core.health.history import Condition, Entry, JointStatus, State
from upright_anvil.core.loads.load import Kilograms


def kg(value: int | str) -> Kilograms:
    return Kilograms(Decimal(value))


def person(**more: object) -> Person:
    fields: dict[str, object] = {
        "age": 40, "sex": Sex.MALE, "height_cm": 180, "body_kg": kg(80), "activity": Activity.LIGHT,
    }  # fmt: skip
    return Person(**(fields | more))  # type: ignore[arg-type]


def standing(topic: Condition) -> JointStatus:
    return JointStatus(topic, None, State.WATCH, Entry("e", TODAY, topic, State.WATCH))


class EnergyTest(TestCase):
    def test_the_published_equation(self) -> None:
        found = estimate(person())
        assert found is not None
        self.assertEqual((found.resting, found.maintenance), (1730, 2380))
        self.assertEqual((found.low, found.high), (2140, 2620))
        woman = estimate(person(sex=Sex.FEMALE))
        assert woman is not None
        self.assertEqual(found.resting - woman.resting, 170)

    def test_no_figure_for_whom_a_clinician_is_there(self) -> None:
        for who in (
            person(age=17),
            person(age=95),
            *(person(standing=(standing(topic),)) for topic in Condition),
            person(notes="Had an eating disorder in her twenties"),
            person(notes="type 1 diabetic"),
            person(notes="Pregnant, twenty weeks"),
            person(notes="coeliac since childhood"),
        ):
            self.assertIn("dietitian or doctor", barred(who))
            self.assertIsNone(estimate(who))

    def test_what_is_missing_is_asked_for(self) -> None:
        self.assertEqual(missing(person(height_cm=None, activity=Activity.NOT_SAID)), ("height", "how the week goes"))
        self.assertIsNone(estimate(person(height_cm=None)))
        self.assertIsNone(estimate(person(height_cm=80)))

    @given(
        st.integers(18, 90), st.sampled_from((Sex.FEMALE, Sex.MALE)), st.integers(120, 230), st.integers(30, 300),
        st.sampled_from([a for a in Activity if a]), st.sampled_from(list(EnergyAim)),
    )  # fmt: skip
    def test_never_below_the_floor_and_never_more_than_a_modest_change(
        self, age: int, sex: Sex, height: int, weight: int, activity: Activity, aim: EnergyAim
    ) -> None:
        found = estimate(person(age=age, sex=sex, height_cm=height, body_kg=kg(weight), activity=activity), aim)
        assert found is not None
        self.assertGreaterEqual(found.target, FLOORS[sex])
        if not found.floor:
            self.assertLessEqual(abs(found.target - found.maintenance), MOST_CHANGE_KCAL + 10)

    def test_the_trend_stands_beside_what_would_be_expected(self) -> None:
        falling = [(TODAY - timedelta(days=28 - 7 * n), kg(str(80 - 0.5 * n))) for n in range(5)]
        found = trend(falling, TODAY)
        assert found is not None
        self.assertEqual((found.kg_a_week, found.days, found.weighings), (-0.5, 28, 5))
        self.assertIn("-0.50 kg a week", compared(found, estimate(person(), EnergyAim.LESS)))
        self.assertIsNone(trend(falling[:2], TODAY))
        self.assertIsNone(trend([(TODAY, kg(80))] * 4, TODAY))
        self.assertEqual(compared(None, None), "")
