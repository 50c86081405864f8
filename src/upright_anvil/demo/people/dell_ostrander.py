"""Dell Ostrander: a stonemason who trains in pounds, with a stalled bench press."""

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import State
from upright_anvil.core.health.screening import Intensity
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.demo.person import Lift, Measured, Person, ScreenAnswers, Told
from upright_anvil.services.clients.clients import ClientFacts

PERSON = Person(
    ClientFacts(
        name="Dell Ostrander",
        unit=Unit.LB,
        goal="Stay strong for the trade, bring the left shoulder back",
        about="Stonemason, 46. Trains in the yard's own gym, in pounds. Bench has stalled for weeks.",
        minutes=60,
        days_a_week=2,
        aim=GoalKind.STRENGTH,
        second_aim=GoalKind.JOINT,
        second_goal="The left shoulder overhead again",
        training_age=TrainingAge.EXPERIENCED,
        birth_year=1980,
        contact="0555 0130",
        emergency_contact="Yard office, 0555 0131",
    ),
    "Yard strength",
    (
        (
            "Press day",
            (
                Lift("bench-press", "4 x 5-8, 155 lb, rest 2:30, leave 1", 93, gain=-0.018),
                Lift("cable-row", "4 x 8-10, 110 lb, rest 90 s, leave 2", 73),
                Lift("overhead-press", "3 x 6-8, 85 lb, rest 2:00, leave 2", 51),
                Lift("triceps-pressdown", "3 x 10-12, 40 lb, rest 60 s, leave 2", 29),
                Lift("face-pull", "3 x 12-15, 30 lb, rest 60 s, leave 2", 23.5),
                Lift("hanging-knee-raise", "3 x 8-12, bw, rest 60 s, leave 2", 46),
            ),
        ),
        (
            "Pull day",
            (
                Lift("deadlift", "3 x 4-6, 245 lb, rest 3:00, leave 2", 144),
                Lift("lat-pulldown", "4 x 8-10, 120 lb, rest 90 s, leave 2", 80),
                Lift("split-squat", "3 x 8-10 each side, 30 lb, rest 90 s, leave 2", 21.5),
                Lift("biceps-curl", "3 x 10-12, 20 lb, rest 60 s, leave 2", 15),
                Lift("plank", "3 x 60 s, rest 60 s", 0),
            ),
        ),
    ),
    gain=0.002,
    places=("Yard gym", "Tram depot"),
    body_weight=Load.of("205", Unit.LB),
    history=(
        Told(
            34,
            Joint.SHOULDER,
            Side.LEFT,
            State.HURTS,
            "fell from a ladder, bruised, seen at the clinic",
            clinician=True,
        ),
        Told(10, Joint.SHOULDER, Side.LEFT, State.SPARE, "pressing overhead still pinches", clinician=True),
    ),
    screen=ScreenAnswers(20, active=True, intends=Intensity.VIGOROUS),
    battery="strength-estimate",
    rounds=(16, 7),
    results=(
        Measured("body-weight", "207", "205"),
        Measured("squat-load", "185x6+2", "195x6+2"),
        Measured("hinge-load", "165x7+2", "175x7+2"),
        Measured("bench-load", "160x6+1", "160x6+1"),
        Measured("press-load", "35x8+2", "40x8+2"),
        Measured("pulldown-load", "120x8+2", "130x8+2"),
        Measured("row-load", "110x8+2", "120x8+2"),
    ),
)
