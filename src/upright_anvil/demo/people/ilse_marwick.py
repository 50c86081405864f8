"""Ilse Marwick: an orchestral cellist with a left wrist to look after."""

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import State
from upright_anvil.core.health.screening import Intensity
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.demo.person import Hurt, Lift, Measured, Person, ScreenAnswers, Told
from upright_anvil.services.clients.clients import ClientFacts

PERSON = Person(
    ClientFacts(
        name="Ilse Marwick",
        unit=Unit.KG,
        goal="Upper back and shoulders that last a three-hour concert",
        about="Orchestral cellist, 41. Left hand rules the week before a concert: no heavy gripping.",
        minutes=60,
        days_a_week=3,
        aim=GoalKind.POSTURE,
        second_aim=GoalKind.STRENGTH,
        second_goal="Carry the cello up four flights without a stop",
        training_age=TrainingAge.SOME,
        birth_year=1985,
        contact="ilse@marwick.example",
        emergency_contact="Jonas Marwick, brother, 0555 0101",
    ),
    "Strong back",
    (
        (
            "Pull and squat",
            (
                Lift("goblet-squat", "3 x 8-10, 16 kg, tempo 3-0-1-0, rest 90 s, leave 2", 28),
                Lift("cable-row", "4 x 8-10, 35 kg, rest 90 s, leave 2", 53),
                Lift("dumbbell-shoulder-press", "3 x 8-10, 8 kg, rest 90 s, leave 2", 12.5),
                Lift("face-pull", "3 x 12-15, 10 kg, rest 60 s, leave 2", 19),
                Lift("side-plank", "2 x 30 s each side, rest 45 s", 0),
                Lift("triceps-pressdown", "3 x 10-12, 15 kg, rest 60 s, leave 2", 23.5),
            ),
        ),
        (
            "Hinge and press",
            (
                Lift("romanian-deadlift", "4 x 6-8, 50 kg, tempo 3-1-1-0, rest 2:00, leave 2", 72),
                Lift("dumbbell-bench-press", "3 x 8-10, 12 kg, rest 90 s, leave 2", 18.5),
                Lift("dumbbell-row", "3 x 8-10 each side, 14 kg, rest 60 s, leave 2", 21.5),
                Lift("lateral-raise", "3 x 10-12, 4 kg, rest 60 s, leave 2", 6.6),
                Lift("hip-thrust", "3 x 8-10, 50 kg, rest 90 s, leave 2", 73),
                Lift("dead-bug", "2 x 8 each side, rest 45 s", 0),
            ),
        ),
        (
            "Whole body",
            (
                Lift("split-squat", "3 x 8-10 each side, 10 kg, rest 90 s, leave 2", 16.5),
                Lift("lat-pulldown", "4 x 8-10, 35 kg, rest 90 s, leave 2", 52),
                Lift("push-up", "3 x 6-10, bw, rest 90 s, leave 2", 56),
                Lift("hammer-curl", "2 x 10-12, 6 kg, rest 60 s, leave 2", 9.6),
                Lift("leg-curl", "3 x 8-10, 25 kg, rest 90 s, leave 2", 38),
                Lift("one-arm-carry", "2 x 40 s each side, 16 kg, rest 60 s", 0),
            ),
        ),
    ),
    gain=0.012,
    missed=frozenset({8}),
    hurts=(Hurt(frozenset({2}), "push-up", Joint.WRIST, Side.LEFT),),
    leaves_open=1,
    places=("Tram depot",),
    body_weight=Load.of("63.5", Unit.KG),
    history=(
        Told(20, Joint.WRIST, Side.LEFT, State.SPARE, "tendon, two concerts in a row", clinician=True),
        Told(9, Joint.WRIST, Side.LEFT, State.WATCH, "no trouble for four weeks"),
        Told(30, Joint.NECK, None, State.WATCH, "tight after long rehearsals"),
    ),
    screen=ScreenAnswers(15, active=True, intends=Intensity.VIGOROUS),
    battery="studio-basic",
    rounds=(14, 5),
    results=(
        Measured("body-weight", "64.1", "63.5"),
        Measured("waist", "74", "72"),
        Measured("upper-arm", "25.5/26", "26.3/26.6"),
        Measured("overhead-squat-grade", "2", "3"),
        Measured("goblet-load", "14x8+2", "18x8+2"),
        Measured("push-up-reps", "7", "12", "full"),
        Measured("row-reps", "6", "9", "half way"),
        Measured("side-plank-hold", "32/38", "48/52", "full"),
        Measured("hang-hold", "22", "34"),
        Measured("calf-raise-reps", "18/17", "23/24"),
    ),
)
