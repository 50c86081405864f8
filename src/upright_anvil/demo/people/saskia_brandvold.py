"""Saskia Brandvold: a climber's comeback after a shoulder."""

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import State
from upright_anvil.core.health.screening import Intensity
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.demo.person import Lift, Measured, Person, ScreenAnswers, Told
from upright_anvil.services.clients.clients import ClientFacts

PERSON = Person(
    ClientFacts(
        name="Saskia Brandvold",
        unit=Unit.KG,
        goal="Back on the wall by spring, with a shoulder she trusts",
        about="Bookbinder, 29, climbs. Impatient: give her a number to beat.",
        minutes=60,
        days_a_week=2,
        aim=GoalKind.JOINT,
        second_aim=GoalKind.EVENT,
        second_goal="The long slab route in April",
        training_age=TrainingAge.RETURNING,
        birth_year=1997,
        contact="saskia@brandvold.example",
        emergency_contact="Per Brandvold, father, 0555 0141",
        cycle_reports=True,
    ),
    "Back on the wall",
    (
        (
            "Pull",
            (
                Lift("assisted-pull-up", "4 x 5-7, bw - 20 kg, rest 2:00, leave 2", 60),
                Lift("chest-supported-row", "3 x 8-10, 14 kg, rest 90 s, leave 2", 22),
                Lift("external-rotation", "3 x 12-15 each side, 6 kg, rest 45 s, leave 3", 11),
                Lift("band-row", "15/12/10, band sand/rust/slate, rest 60 s", 34),
                Lift("side-plank", "2 x 30 s each side, rest 45 s", 0),
                Lift("easy-run", "1 x 2 km", 0),
            ),
        ),
        (
            "Push and legs",
            (
                Lift("landmine-press", "3 x 8-10 each side, 20 kg, rest 90 s, leave 2", 31),
                Lift("rear-foot-raised-split-squat", "3 x 8-10 each side, 10 kg, rest 90 s, leave 2", 17),
                Lift("single-leg-deadlift", "3 x 8-10 each side, 12 kg, rest 60 s, leave 2", 19),
                Lift("dead-hang", "3 x 20 s, rest 90 s", 0),
            ),
        ),
    ),
    gain=0.015,
    places=("Tram depot", "Saskia's attic"),
    body_weight=Load.of("58.2", Unit.KG),
    history=(
        Told(38, Joint.SHOULDER, Side.RIGHT, State.HURTS, "out of joint once, seen and braced", clinician=True),
        Told(22, Joint.SHOULDER, Side.RIGHT, State.SPARE, "full reach, weak overhead", clinician=True),
        Told(8, Joint.ELBOW, Side.LEFT, State.WATCH, "twinge after hanging, gone"),
    ),
    screen=ScreenAnswers(14, active=True, intends=Intensity.VIGOROUS),
    battery="studio-basic",
    rounds=(13, 9),
    results=(
        Measured("body-weight", "57.6", "58.2"),
        Measured("upper-arm", "27.1/26.4", "27.3/26.9"),
        Measured("overhead-squat-grade", "3", "3"),
        Measured("goblet-load", "16x10+2", "20x8+2"),
        Measured("push-up-reps", "11", "15", "full"),
        Measured("row-reps", "8", "11", "level"),
        Measured("side-plank-hold", "61/58", "70/72", "full"),
        Measured("hang-hold", "38", "55"),
    ),
)
