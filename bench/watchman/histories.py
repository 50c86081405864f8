"""Random histories of a client: all kinds of work, schools, kit, slips, pain, poor days, gaps, health, units.

What is drawn is written down in plain figures as well (`Facts`), so that the predicates need nothing of the app.
"""

from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from datetime import date, timedelta
from decimal import Decimal
from random import Random

from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.exercises import Exercise, ExerciseKind
from upright_anvil.core.health.history import Condition, Entry, JointStatus, State
from upright_anvil.core.health.screening import Answers, Disease, HealthStanding, Screen, Sign, health_standing
from upright_anvil.core.ids import LineId
from upright_anvil.core.ledger.how import NOTHING_SEEN, How, Quality, SetEnd
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Kilograms, Load, Unit
from upright_anvil.core.prescription.load_targets import BodyweightLoad, Together
from upright_anvil.core.prescription.text.shorthand import read
from upright_anvil.formats.shipped.exercise_file import shipped_exercises, shipped_ladders

START = date(2026, 1, 5)
KG = (
    "bar 20, plates 2x1.25 2x2.5 4x5 4x10 4x20\ndumbbells 4 6 8 10 12 14 16 20 24\n"
    "kettlebells 8 12 16 24\nbelt 2.5 5 10\n"
    "stack 5-80 by 5\nbands sand 5, rust 9, slate 14\nmedicine balls 3 4 5\nbench, rack, pull-up bar, dip bars, box",
    "bar 11\nbar 20\ndumbbells 8\nbands sand 5, rust 9\nrucksack 4 8 12\nchair, wall",
)
LB = (
    "bar 45, plates 2x2.5 4x5 4x10 4x45\ndumbbells 5-50 by 5\n"
    "stack 10-160 by 10\nbands sand 10, rust 20\nbench, rack, box",
)
NAMED = ("rucksack", "kettlebell", "dumbbells", "bar", "medicine ball", "vest", "plate")
SCHOOLS = ("double-progression", "linear", "reserve-led", "sets", "density", "control", "skill", "wave", "holds")
KINDS = (
    ExerciseKind.LIFT, ExerciseKind.LIFT, ExerciseKind.LIFT, ExerciseKind.LIFT, ExerciseKind.HOLD, ExerciseKind.JUMP,
    ExerciseKind.THROW, ExerciseKind.BALANCE, ExerciseKind.CARRY, ExerciseKind.CARDIO, ExerciseKind.WARM_UP,
    ExerciseKind.STRETCH, ExerciseKind.MOBILITY,
)  # fmt: skip


def _place(text: str, unit: Unit) -> Inventory:
    return read_equipment(text, unit).inventory


PLACES = {Unit.KG: [_place(text, Unit.KG) for text in KG], Unit.LB: [_place(text, Unit.LB) for text in LB]}
EXERCISES = shipped_exercises()
LADDERS = shipped_ladders()
BY_KIND = {kind: [e for e in EXERCISES.values() if e.kind is kind] for kind in set(KINDS)}


@dataclass(frozen=True)
class Did:
    """A set in plain figures: reps or seconds, added kilograms, what was left, how it went."""

    amount: int
    kg: float | None
    left: int | None
    hurt: bool
    slipped: bool
    typo: bool


@dataclass(frozen=True)
class Day:
    """A session in plain figures: its day, what was asked (text, kilograms, sets), what was done."""

    on: date
    text: str
    asked_kg: float | None
    sets: int
    did: tuple[Did, ...]
    rows: tuple[PerformedSet, ...] = field(compare=False, default=())


@dataclass(frozen=True)
class Facts:
    """A client's history with one exercise, and all that is known around it."""

    number: int
    unit: Unit
    place: Inventory
    exercise: Exercise
    school: str
    body_kg: Kilograms | None
    days: tuple[Day, ...]
    poor: bool
    changed: bool
    away: int
    gap: int
    standing: tuple[JointStatus, ...]
    screening: HealthStanding
    held_by_health: bool
    preparing: bool
    harder: Exercise | None
    easier: Exercise | None
    in_circuit: bool
    other_station: str
    """What went otherwise at the circuit's other station: nothing, "pain", "form", "short" (half the sets) or "low"."""

    @property
    def last(self) -> Day:
        """The session just done."""
        return self.days[-1]


def drawn(number: int) -> Facts:
    """Answer history number so-and-so; the same every time."""
    chance = Random(number)
    unit = chance.choice((Unit.KG, Unit.KG, Unit.LB))
    place = chance.choice(PLACES[unit])
    exercise = _exercise(chance, place)
    steps = _loads(exercise, place)
    body = None if chance.random() < 0.05 else Kilograms(Decimal(chance.randint(48, 110)))
    text = _text(chance, exercise, steps, unit)
    days = _days(chance, text, exercise, unit, steps)
    standing, joint_held = _standing(chance, exercise)
    screening, screen_held = _screening(chance, days[-1].on, days[-1].text, exercise)
    rung_up = [EXERCISES[name] for name in LADDERS.harder(exercise.id) if name in EXERCISES]
    rung_down = [EXERCISES[name] for name in LADDERS.easier(exercise.id) if name in EXERCISES]
    return Facts(
        number=number,
        unit=unit,
        place=place,
        exercise=exercise,
        school=chance.choice(SCHOOLS),
        body_kg=body,
        days=days,
        poor=chance.random() < 0.08,
        changed=chance.random() < 0.04,
        away=chance.choice((2, 3, 7, 7, 7, 9, 11, 25, 70)),
        gap=chance.choice((0, 1, 2, 3, 7, 7, 7, 10, 12, 16, 30, 80)),
        standing=standing,
        screening=screening,
        held_by_health=joint_held or screen_held,
        preparing=chance.random() < 0.04,
        harder=rung_up[0] if rung_up else None,
        easier=rung_down[0] if rung_down else None,
        in_circuit=chance.random() < 0.1,
        other_station=chance.choice(("", "", "pain", "form", "short", "low")),
    )


def _exercise(chance: Random, place: Inventory) -> Exercise:
    kind = chance.choice(KINDS)
    for _ in range(20):
        found = chance.choice(BY_KIND[kind])
        if found.implement_at(place) is not None:
            return found
    return found


def _loads(exercise: Exercise, place: Inventory) -> list[Load]:
    kind = exercise.implement_at(place)
    return [made.load for made in place.achievable(kind)] if kind is not None else []


def _text(chance: Random, exercise: Exercise, steps: Sequence[Load], unit: Unit) -> str:
    """One line as a trainer types it, of a kind that goes with the exercise."""
    side = " each side" if exercise.one_sided else ""
    named = f"{chance.choice(NAMED)} " if chance.random() < 0.12 else ""
    at = f", {named}{chance.choice(steps[: max(1, len(steps) * 2 // 3)])}" if steps else chance.choice((", bw", ""))
    sets, low = chance.randint(1, 5), chance.choice((3, 5, 6, 8, 10, 12, 15))
    leave = chance.choice(("", ", leave 1", ", leave 2", ", leave 2", ", leave 3", ", leave 4", ", rpe 8"))
    seconds = chance.choice((20, 30, 40, 45, 60, 90))
    match exercise.kind:
        case ExerciseKind.HOLD | ExerciseKind.BALANCE | ExerciseKind.STRETCH:
            marks = f", checkpoints {seconds + 5}/{seconds + 10} s" if chance.random() < 0.15 else ""
            return f"{sets} x {seconds} s{side}{marks}, rest 60 s"
        case ExerciseKind.CARDIO:
            return chance.choice((f"1 x {chance.randint(1, 12)} km", f"1 x {chance.choice((600, 1200, 2400))} s"))
        case ExerciseKind.CARRY:
            return f"{sets} x {chance.choice((f'{seconds} s', '20 m', '40 m'))}{side}{at}"
        case ExerciseKind.JUMP | ExerciseKind.THROW | ExerciseKind.WARM_UP | ExerciseKind.MOBILITY:
            return f"{sets} x {chance.choice((3, 5, 10))}{side}{at}"
        case _:
            return _lift(chance, sets, low, side, at, leave, steps, unit)


def _lift(
    chance: Random, sets: int, low: int, side: str, at: str, leave: str, steps: Sequence[Load], unit: Unit
) -> str:
    plain = f"{sets} x {low}-{low + chance.choice((1, 2, 3, 4))}{side}{at}{leave}"
    three = sorted(chance.sample(list(steps), 3), key=lambda load: load.kg) if len(steps) > 3 else []
    ladder = "/".join(str(load.value.normalize()) if load.value % 1 else str(int(load.value)) for load in three)
    ways = [plain] * 8 + [
        f"{sets} x {low}{side}{at}{leave}",
        f"{sets} x {low}-{low + 2}{side}{at}, tempo 4-2-X-0, rest 2:00{leave}",
        f"{sets} x {low}{side}, {chance.choice((60, 70, 75, 80))} %{leave}",
        f"{sets} x {chance.choice((30, 45))} s{side}{at}",
        f"{sets} x max{side}{at}",
        f"{max(2, sets)} x {low}{side}{at}, every 1:00",
        f"{sets} x {low}-{low + 2}{side}, band sand",
        f"{sets} x {low}-{low + 2}{side}, bw",
        f"{sets} x {low}{side}{at}, last set max",
    ]
    if three:
        ways += [f"12/10/8{side}, {ladder} {unit}", f"{sets} x 12{side}, {three[1]}, or {three[2]} x 8-10"]
    return chance.choice(ways)


def _days(chance: Random, text: str, exercise: Exercise, unit: Unit, steps: Sequence[Load]) -> tuple[Day, ...]:
    on, days, now = START, [], text
    for _ in range(chance.randint(1, 6)):
        days.append(_day(chance, on, now, exercise, unit, steps))
        on += timedelta(days=chance.choice((2, 3, 4, 7, 7, 7, 14, 30)))
        if chance.random() < 0.15:
            now = _text(chance, exercise, steps, unit)
    return tuple(days)


def _day(chance: Random, on: date, text: str, exercise: Exercise, unit: Unit, steps: Sequence[Load]) -> Day:
    asked = read(text, unit)
    done, rows = [], []
    sets = len(asked.plans)
    many = sets if chance.random() < 0.85 else chance.randint(0, sets + 1)
    spirit = chance.choice((-4, -2, -1, 0, 0, 0, 1, 2))
    other = chance.choice(list(steps)) if steps and chance.random() < 0.1 else None
    slip = chance.choice((2, 10, 0.5)) if chance.random() < 0.06 else None
    for number in range(1, many + 1):
        plan = asked.plans[min(number, sets) - 1]
        row, did = _set(chance, number, plan, text, exercise, spirit, other, slip)
        rows.append(row)
        done.append(did)
    first = asked.plans[0].load
    return Day(on, text, kilograms(first), sets, tuple(done), tuple(rows))


def kilograms(load: object) -> float | None:
    """The kilograms a load adds: negative where it helps, nothing for body weight alone, None where it names none."""
    if isinstance(load, Together):
        return float(load.weight.kg)
    if isinstance(load, Load):
        return float(load.kg)
    if isinstance(load, BodyweightLoad):
        added = float(load.added.kg) if load.added else 0.0
        return -added if load.assisted else added
    return None


def _set(
    chance: Random,
    number: int,
    plan: object,
    text: str,
    exercise: Exercise,
    spirit: int,
    other: Load | None,
    slip: float | None,
) -> tuple[PerformedSet, Did]:
    target, load = plan.target, plan.load  # type: ignore[attr-defined]
    if isinstance(load, Together):
        load = load.weight
    timed = target.kind in ("seconds", "distance")
    base = getattr(target, "seconds", None) or getattr(target, "high", None) or getattr(target, "metres", None) or 10
    amount = max(0, base + (spirit if not timed else spirit * 4) - chance.choice((0, 0, 0, 1)) * (number - 1))
    metres = None
    if target.kind == "distance":
        # Logged with its metres, now and then by the time alone, which says that all of it was covered.
        covered = max(1, round(base * (1 + 0.1 * min(spirit, chance.choice((0, 0, 1))))))
        metres = covered if chance.random() < 0.7 else None
        amount = max(1, min(3600, base // 2))
    used = other or (load if isinstance(load, Load) else getattr(load, "added", None))
    typo = slip is not None and used is not None and chance.random() < 0.6
    if typo and used is not None and slip is not None:
        used = Load.of(min(used.value * Decimal(str(slip)), Decimal(900)), used.unit)
    left = None if timed or chance.random() < 0.25 else max(0, min(6, 2 - spirit + chance.choice((-1, 0, 1))))
    how, hurt, slipped = _how(chance)
    row = PerformedSet(
        f"r{number}", SetPosition(LineId("l"), number), exercise.id, Outcome.DONE,
        reps=None if timed else min(amount, 100), seconds=min(amount, 3600) if timed else None, metres=metres,
        load=used, assisted=bool(getattr(load, "assisted", False)) and other is None and used is not None,
        reserve=left, planned=text, how=how,
    )  # fmt: skip
    kg = None if used is None else -float(used.kg) if row.assisted else float(used.kg)
    seen = base if target.kind == "distance" and metres is None else metres or row.reps or row.seconds or 0
    return row, Did(seen, kg, left, hurt, slipped, typo)


def _how(chance: Random) -> tuple[How, bool, bool]:
    roll = chance.random()
    if roll < 0.03:
        return How(pain=Joint.KNEE, pain_side=Side.LEFT), True, False
    if roll < 0.04:
        return How(ended=SetEnd.PAIN), True, False
    if roll < 0.06:
        return How(quality=Quality.SLIPPING), False, True
    if roll < 0.07:
        return How(quality=Quality.BROKE_DOWN), False, True
    if roll < 0.08:
        return How(ended=SetEnd.FORM), False, True
    return NOTHING_SEEN, False, False


def _standing(chance: Random, exercise: Exercise) -> tuple[tuple[JointStatus, ...], bool]:
    """Health entries, and whether by their plain meaning nothing may go up."""
    if chance.random() > 0.15:
        return (), False
    topic = chance.choice((Joint.KNEE, Joint.SHOULDER, Joint.LOWER_BACK, *Condition))
    state = chance.choice((State.HURTS, State.SPARE, State.WATCH))
    side = Side.LEFT if isinstance(topic, Joint) and topic.paired else None
    known = chance.random() < 0.5
    entry = Entry("e", START, topic, state, side, clinician=known)
    if isinstance(topic, Joint):
        held = state is not State.WATCH and any(load.joint is topic for load in exercise.joints)
    else:
        held = state is not State.WATCH or not known
    return (JointStatus(topic, side, state, entry),), held


def _screening(chance: Random, on: date, text: str, exercise: Exercise) -> tuple[HealthStanding, bool]:
    roll = chance.random()
    if roll < 0.85:
        return health_standing([Screen(on, Answers(True))], [], on), False
    if roll < 0.90:
        signs = Screen(on, Answers(True, signs=frozenset({Sign.CHEST})))
        return health_standing([signs], [], on), True
    easy = exercise.kind in (ExerciseKind.CARDIO, ExerciseKind.BALANCE) or any(
        words in text for words in ("leave 3", "leave 4")
    )
    hard = not easy or "max" in text or "80 %" in text
    if roll < 0.95:
        return health_standing([], [], on), hard
    known = Screen(on, Answers(True, frozenset({Disease.CARDIOVASCULAR})))
    return health_standing([known], [], on), hard


def without(facts: Facts, **changes: object) -> Facts:
    """The same history with something else around it."""
    return replace(facts, **changes)  # type: ignore[arg-type]
