"""Noor Vandermeer: a night-shift nurse with forty minutes and two dumbbell pairs."""

from upright_anvil.core.body.joints import Joint
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import State
from upright_anvil.core.health.screening import Intensity
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.groups import GroupKind
from upright_anvil.demo.person import Lift, Measured, Person, ScreenAnswers, Together, Told
from upright_anvil.services.clients.clients import ClientFacts

PERSON = Person(
    ClientFacts(
        name="Noor Vandermeer",
        unit=Unit.KG,
        goal="Keep muscle and sleep better between night shifts",
        about="Night-shift nurse, 34. Forty minutes, at home, two dumbbell pairs that grow in big steps.",
        minutes=40,
        days_a_week=3,
        aim=GoalKind.SIZE,
        second_aim=GoalKind.FITNESS,
        second_goal="Nights without the three o'clock dip",
        training_age=TrainingAge.NEW,
        birth_year=1992,
        contact="noor@vandermeer.example",
        emergency_contact="Ward desk, 0555 0110",
    ),
    "Forty minutes",
    (
        (
            "Day A",
            (
                Lift("split-squat", "3 x 8-12 each side, 8 kg, rest 60 s, leave 2", 15),
                Lift("dumbbell-row", "3 x 8-12 each side, 14 kg, rest 60 s, leave 2", 24),
                Lift("push-up", "3 x 8-12, bw, rest 60 s, leave 1", 66),
                Lift("plank", "2 x 40 s, rest 45 s", 0),
                Lift("glute-bridge", "3 x 12-15, bw, rest 45 s, leave 2", 58),
                Lift("lateral-raise", "2 x 10-12, 6 kg, rest 45 s, leave 2", 9.4),
            ),
        ),
        (
            "Day B",
            (
                Lift("romanian-deadlift", "3 x 8-12, 14 kg, tempo 3-1-1-0, rest 60 s, leave 2", 26),
                Together(
                    GroupKind.CIRCUIT,
                    (
                        Lift("dumbbell-shoulder-press", "3 x 10, 8 kg, leave 2", 13.6),
                        Lift("band-row", "3 x 15, band rust", 22),
                        Lift("goblet-squat", "3 x 12, 14 kg, leave 2", 24.5),
                    ),
                    rest_after=60,
                ),
                Lift("side-plank", "2 x 25 s each side, rest 30 s", 0),
            ),
        ),
        (
            "Day C",
            (
                Together(
                    GroupKind.INTERVALS,
                    (
                        Lift("squat-hold", "3 x 40 s, rest 20 s", 0),
                        Lift("dumbbell-bench-press", "3 x 40 s, 8 kg, rest 20 s", 17.2),
                        Lift("biceps-curl", "3 x 40 s, 6 kg, rest 20 s", 9.8),
                        Lift("bridge-hold", "3 x 40 s, rest 20 s", 0),
                    ),
                    rest_after=60,
                ),
                Lift("dead-bug", "2 x 8 each side, rest 30 s", 0),
                Lift("single-leg-deadlift", "3 x 8-10 each side, 8 kg, rest 60 s, leave 2", 14),
            ),
        ),
    ),
    gain=0.014,
    missed=frozenset({9, 10, 11}),
    places=("Noor's home", "Hotel room"),
    body_weight=Load.of("70", Unit.KG),
    history=(Told(11, Joint.LOWER_BACK, None, State.WATCH, "stiff after lifting at work, gone in three days"),),
    screen=ScreenAnswers(12, active=False, intends=Intensity.VIGOROUS),
    battery="no-equipment",
    rounds=(12, 4),
    results=(
        Measured("body-weight", "71.2", "70"),
        Measured("overhead-squat-grade", "2", "3"),
        Measured("knee-to-wall", "9/8", "10/10"),
        Measured("single-leg-stand-hold", "48/41", "60/60", "eyes open"),
        Measured("squat-reps", "22", "31", "no hands"),
        Measured("push-up-reps", "9", "14", "full"),
        Measured("bridge-reps", "14/13", "20/18"),
        Measured("side-plank-hold", "28/24", "39/36", "full"),
        Measured("plank-hold", "55", "82", "full"),
        Measured("wall-sit-hold", "48", "71"),
    ),
)
