"""Tobiah Renn: a retired ferry pilot whose right knee grumbles on stairs."""

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.goals import GoalKind, TrainingAge
from upright_anvil.core.health.history import Condition, State
from upright_anvil.core.health.screening import Disease, Intensity
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.demo.person import Allowed, Hurt, Lift, Measured, Person, ScreenAnswers, Told
from upright_anvil.services.clients.clients import ClientFacts

PERSON = Person(
    ClientFacts(
        name="Tobiah Renn",
        unit=Unit.KG,
        goal="Get up, carry and climb stairs without thinking about it",
        about="Retired ferry pilot, 71. Right knee grumbles on stairs. Wants to row the old dinghy again.",
        minutes=50,
        days_a_week=2,
        aim=GoalKind.EVERYDAY,
        second_aim=GoalKind.JOINT,
        second_goal="The right knee on stairs",
        training_age=TrainingAge.RETURNING,
        birth_year=1955,
        contact="0555 0102",
        emergency_contact="Lene Renn, wife, 0555 0103",
    ),
    "Sea legs",
    (
        (
            "Stand and pull",
            (
                Lift("chair-squat", "3 x 8-12, bw, tempo 3-1-1-0, rest 90 s, leave 3", 84),
                Lift("cable-row", "3 x 10-12, 30 kg, rest 90 s, leave 3", 50),
                Lift("raised-push-up", "3 x 8-10, bw, rest 90 s, leave 3", 48),
                Lift("loaded-carry", "3 x 30 s, 12 kg, rest 90 s", 0),
                Lift("single-leg-stand", "2 x 20 s each side, rest 30 s", 0),
                Lift("leg-press", "3 x 10-12, 60 kg, rest 90 s, leave 3", 99),
                Lift("dead-bug", "3 x 6 each side, rest 60 s", 0),
            ),
        ),
        (
            "Step and press",
            (
                Lift("step-up", "3 x 8-10 each side, 4 kg, rest 90 s, leave 3", 8.2),
                Lift("lat-pulldown", "3 x 10-12, 30 kg, rest 90 s, leave 3", 49),
                Lift("half-kneeling-press", "3 x 8-10 each side, 6 kg, rest 60 s, leave 3", 10),
                Lift("glute-bridge", "3 x 10-15, bw, rest 60 s, leave 3", 68),
                Lift("calf-raise", "3 x 10-12, 6 kg, rest 60 s, leave 3", 11.5),
                Lift("side-plank", "2 x 15 s each side, rest 45 s", 0),
            ),
        ),
    ),
    gain=0.008,
    sore=(7, "Right knee sore on the first step-up; stopped, carried on with the upper body. Fine on the flat."),
    hurts=(Hurt(frozenset({3}), "step-up", Joint.KNEE, Side.RIGHT),),
    places=("Tram depot",),
    body_weight=Load.of("82", Unit.KG),
    history=(
        Told(60, Joint.KNEE, Side.RIGHT, State.HURTS, "cartilage, found at the clinic", clinician=True),
        Told(40, Joint.KNEE, Side.RIGHT, State.SPARE, "fine on the flat, stairs still sore", clinician=True),
        Told(52, Condition.BLOOD_PRESSURE, None, State.WATCH, "tablet every morning, steady", clinician=True),
    ),
    screen=ScreenAnswers(16, active=True, diseases=(Disease.CARDIOVASCULAR,)),
    clearance=Allowed(15, "Dr. Ines Halloran, clinic at the quay", Intensity.LIGHT_TO_MODERATE, "no breath holding"),
    battery="older-adult-chair",
    rounds=(15, 3),
    results=(
        Measured("body-weight", "83.4", "82"),
        Measured("single-leg-stand-hold", "9/6", "16/11", "eyes open"),
        Measured("chair-stands-30", "10", "14"),
        Measured("up-and-go", "8.9", "7.4"),
        Measured("sit-reach", "-12/-15", "-8/-9"),
        Measured("step-test", "78", "96"),
    ),
)
