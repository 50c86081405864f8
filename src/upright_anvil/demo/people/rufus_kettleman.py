"""Rufus Kettleman: on tour, in hotel rooms, no program yet."""

from upright_anvil.core.body.joints import Joint
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import State
from upright_anvil.core.health.screening import Intensity
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.demo.person import Measured, Person, ScreenAnswers, Told
from upright_anvil.services.clients.clients import ClientFacts

PERSON = Person(
    ClientFacts(
        name="Rufus Kettleman",
        unit=Unit.KG,
        goal="Stay strong on tour with a rucksack and a floor",
        about="Touring lighting technician, 39. Two weeks on the road, one in town.",
        minutes=35,
        days_a_week=3,
        aim=GoalKind.STRENGTH,
        second_aim=GoalKind.POSTURE,
        second_goal="Neck and back after load-outs",
        training_age=TrainingAge.SOME,
        birth_year=1987,
        contact="rufus@kettleman.example",
        emergency_contact="Tour office, 0555 0181",
    ),
    "",
    (),
    gain=0.0,
    places=("Hotel room", "Tram depot"),
    body_weight=Load.of("79.5", Unit.KG),
    history=(
        Told(25, Joint.NECK, None, State.SPARE, "stiff after load-outs"),
        Told(7, Joint.NECK, None, State.OVER, "new pillow, no trouble for a month"),
    ),
    screen=ScreenAnswers(11, active=True, intends=Intensity.VIGOROUS),
    battery="no-equipment",
    rounds=(11, 8),
    results=(
        Measured("body-weight", "80.2", "79.5"),
        Measured("overhead-squat-grade", "2", "2"),
        Measured("single-leg-stand-hold", "60/57", "60/60", "eyes open"),
        Measured("squat-reps", "38", "44", "no hands"),
        Measured("push-up-reps", "24", "27", "full"),
        Measured("bridge-reps", "19/21", "24/24"),
        Measured("side-plank-hold", "55/60", "58/66", "full"),
        Measured("plank-hold", "90", "104", "full"),
        Measured("wall-sit-hold", "66", "85"),
    ),
)
