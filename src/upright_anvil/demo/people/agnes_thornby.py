"""Agnes Thornby: seventy-eight, with a chair within reach."""

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import State
from upright_anvil.core.health.screening import Intensity
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.demo.person import Lift, Measured, Person, ScreenAnswers, Told
from upright_anvil.services.clients.clients import ClientFacts

PERSON = Person(
    ClientFacts(
        name="Agnes Thornby",
        unit=Unit.KG,
        goal="Out of the low armchair, up the library ladder",
        about="Retired schoolteacher, 78. Hears better on the left. Corrects our grammar.",
        minutes=40,
        days_a_week=2,
        aim=GoalKind.EVERYDAY,
        second_aim=GoalKind.ENJOYMENT,
        second_goal="Company on Tuesdays",
        training_age=TrainingAge.NEW,
        birth_year=1948,
        contact="0555 0170",
        emergency_contact="Nils Thornby, nephew, 0555 0171",
    ),
    "Steady on",
    (
        (
            "Stand",
            (
                Lift("chair-squat", "3 x 6-8, bw, rest 90 s, leave 3", 60),
                Lift("wall-push-up", "3 x 8-10, bw, rest 60 s, leave 3", 18),
                Lift("supported-single-leg-stand", "2 x 20 s each side, rest 30 s", 0),
                Lift("toe-raise", "2 x 10-12, bw, rest 30 s, leave 3", 0),
            ),
        ),
        (
            "Step",
            (
                Lift("low-step-up", "2 x 6-8 each side, bw, rest 90 s, leave 3", 74),
                Lift("cable-row", "3 x 8-10, 15 kg, rest 90 s, leave 3", 24),
                Lift("bodyweight-calf-raise", "2 x 8-10, bw, rest 60 s, leave 3", 82),
                Lift("heel-toe-walk", "2 x 30 s, rest 60 s", 0),
            ),
        ),
    ),
    gain=0.007,
    places=("Tram depot", "Agnes's kitchen"),
    body_weight=Load.of("61", Unit.KG),
    history=(
        Told(
            200, Joint.HIP, Side.RIGHT, State.SPARE, "replaced four years ago, cleared by the surgeon", clinician=True
        ),
        Told(30, Joint.HIP, Side.RIGHT, State.WATCH, "no trouble for months", clinician=True),
        Told(14, Joint.WRIST, Side.BOTH, State.SPARE, "thin bones, no weight on bent hands", clinician=True),
    ),
    screen=ScreenAnswers(15, active=True, intends=Intensity.LIGHT_TO_MODERATE),
    battery="older-adult-chair",
    rounds=(15, 12),
    results=(
        Measured("body-weight", "60.4", "61"),
        Measured("single-leg-stand-hold", "5/3", "8/6", "eyes open"),
        Measured("chair-stands-30", "8", "10"),
        Measured("up-and-go", "11.2", "10.1"),
        Measured("sit-reach", "-6/-9", "-5/-7"),
        Measured("step-test", "61", "70"),
    ),
    missed=frozenset({4}),
)
