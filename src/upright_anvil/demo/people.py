"""The invented people of the demo: a small studio in a disused tram depot, and who trains there."""

from dataclasses import dataclass

from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.flows.clients import ClientFacts

DEPOT = """bar 20, plates 2x1.25 2x2.5 4x5 4x10 4x20
dumbbells 4-12 by 1, 14-32 by 2
kettlebells 8 12 16 20 24
stack 5-90 by 5
bands sand 6, rust 12, slate 20
belt 2.5 5 7.5 10 15"""

YARD = """bar 45, plates 2x2.5 4x5 4x10 2x25 4x45
dumbbells 10-70 by 5
stack 10-200 by 10"""


@dataclass(frozen=True, slots=True)
class Lift:
    """An exercise of the demo: what is typed first, and what the client could lift once as the story begins, kg."""

    exercise: str
    text: str
    true_max_kg: float


@dataclass(frozen=True, slots=True)
class Person:
    """A client of the demo: the file, the days with their lifts, and how the story goes.

    ``gain`` is the weekly rise in strength (0.01 = 1 %), ``missed`` names sessions that never happened (counted from
    0), ``sore`` the session in which a joint complained, with the note that was made.
    """

    facts: ClientFacts
    program: str
    days: tuple[tuple[str, tuple[Lift, ...]], ...]
    gain: float
    missed: frozenset[int] = frozenset()
    sore: tuple[int, str] | None = None
    leaves_open: int = 0


PEOPLE = (
    Person(
        ClientFacts(
            name="Ilse Marwick",
            unit=Unit.KG,
            goal="Upper back and shoulders that last a three-hour concert",
            about="Orchestral cellist, 41. Left hand rules the week before a concert: no heavy gripping.",
            minutes=60,
            days_a_week=3,
            body_weight=Load.of("63.5"),
            place_name="Tram depot",
            equipment=DEPOT,
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
        leaves_open=1,
    ),
    Person(
        ClientFacts(
            name="Tobiah Renn",
            unit=Unit.KG,
            goal="Get up, carry and climb stairs without thinking about it",
            about="Retired ferry pilot, 71. Right knee grumbles on stairs. Wants to row the old dinghy again.",
            minutes=50,
            days_a_week=2,
            body_weight=Load.of("82"),
            place_name="Tram depot",
            equipment=DEPOT,
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
    ),
    Person(
        ClientFacts(
            name="Noor Vandermeer",
            unit=Unit.KG,
            goal="Keep muscle and sleep better between night shifts",
            about="Night-shift nurse, 34. Forty minutes, at home, two dumbbell pairs that grow in big steps.",
            minutes=40,
            days_a_week=3,
            body_weight=Load.of("70"),
            place_name="Home",
            equipment="dumbbells 6 8 10 14 18\nbands sand 6, rust 12",
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
                    Lift("dumbbell-shoulder-press", "3 x 8-12, 8 kg, rest 60 s, leave 2", 13.6),
                    Lift("band-row", "3 x 12-15, 12 kg, rest 45 s, leave 2", 22),
                    Lift("side-plank", "2 x 25 s each side, rest 30 s", 0),
                    Lift("goblet-squat", "3 x 10-12, 14 kg, rest 60 s, leave 2", 24.5),
                ),
            ),
            (
                "Day C",
                (
                    Lift("reverse-lunge", "3 x 8-12 each side, 8 kg, rest 60 s, leave 2", 14.6),
                    Lift("dumbbell-bench-press", "3 x 8-12, 10 kg, rest 60 s, leave 2", 17.2),
                    Lift("biceps-curl", "2 x 10-12, 6 kg, rest 45 s, leave 2", 9.8),
                    Lift("dead-bug", "2 x 8 each side, rest 30 s", 0),
                    Lift("single-leg-deadlift", "3 x 8-10 each side, 8 kg, rest 60 s, leave 2", 14),
                ),
            ),
        ),
        gain=0.014,
        missed=frozenset({9, 10, 11}),
    ),
    Person(
        ClientFacts(
            name="Casimir Holt",
            unit=Unit.KG,
            goal="Nine days hut to hut in June with a 12 kg pack",
            about="Surveyor, 52. Strong legs, tired knees going downhill.",
            minutes=75,
            days_a_week=3,
            body_weight=Load.of("88"),
            place_name="Tram depot",
            equipment=DEPOT,
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
    ),
    Person(
        ClientFacts(
            name="Dell Ostrander",
            unit=Unit.LB,
            goal="Stay strong for the trade, bring the left shoulder back",
            about="Stonemason, 46. Trains in the yard's own gym, in pounds. Bench has stalled for weeks.",
            minutes=60,
            days_a_week=2,
            body_weight=Load.of("205", Unit.LB),
            place_name="Yard gym",
            equipment=YARD,
        ),
        "Yard strength",
        (
            (
                "Press day",
                (
                    Lift("bench-press", "4 x 5-8, 155 lb, rest 2:30, leave 1", 89),
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
    ),
)
