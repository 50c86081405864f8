"""Marek Tolliver: not active so far, and not cleared yet."""

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import Condition, State
from upright_anvil.core.health.screening import Sign
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.demo.person import Lift, Measured, Person, ScreenAnswers, Told
from upright_anvil.services.clients.clients import ClientFacts

PERSON = Person(
    ClientFacts(
        name="Marek Tolliver",
        unit=Unit.KG,
        goal="Climb the bell tower without stopping",
        about="Taxi dispatcher and bell-ringer, 58. Sits ten hours a day.",
        minutes=45,
        days_a_week=2,
        aim=GoalKind.FITNESS,
        second_aim=GoalKind.BODY_WEIGHT,
        second_goal="Two belt holes",
        training_age=TrainingAge.SEDENTARY,
        birth_year=1968,
        contact="0555 0160",
        emergency_contact="Vera Tolliver, 0555 0161",
    ),
    "First steps",
    (
        (
            "Whole body A",
            (
                Lift("chair-squat", "2 x 8-10, bw, rest 90 s, leave 4", 99),
                Lift("wall-push-up", "2 x 8-10, bw, rest 60 s, leave 4", 30),
                Lift("cable-row", "2 x 10-12, 20 kg, rest 90 s, leave 4", 45),
            ),
        ),
        (
            "Whole body B",
            (
                Lift("low-step-up", "2 x 8 each side, bw, rest 90 s, leave 4", 110),
                Lift("glute-bridge", "2 x 10-12, bw, rest 60 s, leave 4", 80),
                Lift("band-row", "2 x 10-12, 6 kg, rest 60 s, leave 4", 20),
            ),
        ),
    ),
    gain=0.01,
    places=("Tram depot",),
    body_weight=Load.of("104", Unit.KG),
    history=(
        Told(8, Condition.BLOOD_PRESSURE, None, State.WATCH, "high at the last check, tablets begun"),
        Told(8, Joint.KNEE, Side.BOTH, State.WATCH, "creak on stairs"),
    ),
    screen=ScreenAnswers(2, active=False, signs=(Sign.TIRED,)),
    battery="no-equipment",
    rounds=(8, 1),
    results=(
        Measured("body-weight", "106.5", "104"),
        Measured("overhead-squat-grade", "1", "1"),
        Measured("knee-to-wall", "6/5", "6.5/6"),
        Measured("single-leg-stand-hold", "12/10", "16/14", "eyes open"),
        Measured("squat-reps", "8", "11", "no hands"),
        Measured("push-up-reps", "7", "12", "hands on a wall"),
        Measured("plank-hold", "14", "22", "from the knees"),
    ),
    missed=frozenset({2, *range(4, 20)}),
)
