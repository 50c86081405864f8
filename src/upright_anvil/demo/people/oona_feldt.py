"""Oona Feldt: five months after a birth, no program yet."""

from upright_anvil.core.body.joints import Joint
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import Condition, State
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.demo.person import Measured, Person, ScreenAnswers, Told
from upright_anvil.services.clients.clients import ClientFacts

PERSON = Person(
    ClientFacts(
        name="Oona Feldt",
        unit=Unit.KG,
        goal="Lift the little one without bracing for it",
        about="Museum restorer, 33. Trains while the child sleeps: sessions may end early.",
        minutes=30,
        days_a_week=2,
        aim=GoalKind.EVERYDAY,
        second_aim=GoalKind.FITNESS,
        second_goal="Run the harbour loop again",
        training_age=TrainingAge.RETURNING,
        birth_year=1993,
        contact="oona@feldt.example",
        emergency_contact="Isak Feldt, husband, 0555 0151",
        cycle_reports=True,
    ),
    "",
    (),
    gain=0.0,
    places=("Hotel room", "Tram depot"),
    body_weight=Load.of("66.4", Unit.KG),
    history=(
        Told(58, Condition.PREGNANCY, None, State.WATCH, "first child", clinician=True, due_in_weeks=-22),
        Told(22, Condition.AFTER_BIRTH, None, State.WATCH, "check-up done, may train", clinician=True),
        Told(12, Joint.LOWER_BACK, None, State.SPARE, "aches after carrying"),
    ),
    screen=ScreenAnswers(10, active=False),
    battery="no-equipment",
    rounds=(10, 2),
    results=(
        Measured("body-weight", "68.9", "66.4"),
        Measured("overhead-squat-grade", "1", "2"),
        Measured("knee-to-wall", "10/10", "10.5/10"),
        Measured("single-leg-stand-hold", "31/28", "52/47", "eyes open"),
        Measured("squat-reps", "12", "21", "no hands"),
        Measured("push-up-reps", "6", "9", "hands raised"),
        Measured("bridge-reps", "8/7", "14/13"),
        Measured("side-plank-hold", "15/14", "30/28", "from the knee"),
    ),
)
