"""Casimir Holt: a surveyor preparing nine days hut to hut."""

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import State
from upright_anvil.core.health.screening import Intensity
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.demo.person import Lift, Measured, Person, ScreenAnswers, Told
from upright_anvil.services.clients.clients import ClientFacts

PERSON = Person(
    ClientFacts(
        name="Casimir Holt",
        unit=Unit.KG,
        goal="Nine days hut to hut in June with a 12 kg pack",
        about="Surveyor, 52. Strong legs, tired knees going downhill.",
        minutes=75,
        days_a_week=3,
        aim=GoalKind.EVENT,
        second_aim=GoalKind.JOINT,
        second_goal="Knees that last downhill",
        training_age=TrainingAge.EXPERIENCED,
        birth_year=1974,
        contact="0555 0120",
        emergency_contact="Marta Holt, 0555 0121",
    ),
    "Hut to hut",
    (
        (
            "Heavy legs",
            (
                Lift("back-squat", "4 x 5-7, 80 kg, rest 2:30, leave 2", 106),
                Lift("romanian-deadlift", "3 x 6-8, 70 kg, rest 2:00, leave 2", 100),
                Lift("step-up", "3 x 8-10 each side, 14 kg, rest 90 s, leave 2", 21),
                Lift("calf-raise", "3 x 12-15, 20 kg, rest 60 s, leave 2", 36),
                Lift("leg-curl", "3 x 8-10, 35 kg, rest 90 s, leave 2", 54),
                Lift("plank", "3 x 45 s, rest 60 s", 0),
            ),
        ),
        (
            "Upper body",
            (
                Lift("bench-press", "4 x 6-8, 60 kg, rest 2:00, leave 2", 81),
                Lift("pull-up", "4 x 4-6, bw, rest 2:00, leave 1", 108),
                Lift("overhead-press", "3 x 6-8, 35 kg, rest 2:00, leave 2", 47),
                Lift("loaded-carry", "3 x 45 s, 24 kg, rest 90 s", 0),
                Lift("cable-row", "4 x 8-10, 55 kg, rest 90 s, leave 2", 81),
                Lift("hanging-knee-raise", "3 x 8-12, bw, rest 60 s, leave 2", 45),
            ),
        ),
        (
            "Legs under load",
            (
                Lift("front-squat", "3 x 6-8, 60 kg, rest 2:00, leave 2", 82),
                Lift("single-leg-deadlift", "3 x 8-10 each side, 12 kg, rest 90 s, leave 2", 19),
                Lift("barbell-row", "3 x 8-10, 50 kg, rest 90 s, leave 2", 72),
                Lift("wall-sit", "3 x 45 s, rest 60 s", 0),
                Lift("hip-thrust", "3 x 8-10, 80 kg, rest 2:00, leave 2", 117),
                Lift("one-arm-carry", "3 x 40 s each side, 20 kg, rest 60 s", 0),
            ),
        ),
    ),
    gain=0.009,
    leaves_open=1,
    places=("Tram depot", "Hotel room"),
    body_weight=Load.of("88", Unit.KG),
    history=(
        Told(50, Joint.KNEE, Side.BOTH, State.WATCH, "tired after long descents"),
        Told(6, Joint.KNEE, Side.LEFT, State.SPARE, "sore after the ridge walk"),
    ),
    screen=ScreenAnswers(54, active=True, intends=Intensity.VIGOROUS),
    battery="strength-estimate",
    rounds=(13, 6),
    results=(
        Measured("body-weight", "89.6", "88"),
        Measured("squat-load", "75x6+2", "85x6+2"),
        Measured("hinge-load", "65x7+2", "75x7+2"),
        Measured("bench-load", "57.5x6+2", "62.5x6+2"),
        Measured("press-load", "16x8+2", "16x9+2"),
        Measured("pulldown-load", "60x8+2", "65x8+2"),
        Measured("row-load", "55x8+2", "60x8+2"),
    ),
)
