"""What hypothesis draws: loads, inventories, prescriptions, histories."""

from datetime import date, timedelta
from decimal import Decimal

from hypothesis import strategies as st

from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, Slot
from upright_anvil.core.loads.implements import Barbell, FixedLoads, ImplementKind, Plates
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.model import BodyweightLoad, Prescription, Reps, Seconds, Tempo
from upright_anvil.core.progression.model import Exposure, Situation

units = st.sampled_from(Unit)
quarters = st.integers(1, 1600).map(lambda n: Decimal(n) / 4)
loads = st.builds(Load.of, quarters, units)
kg_loads = st.builds(Load.of, st.integers(1, 400).map(lambda n: Decimal(n) / 4))


@st.composite
def barbells(draw: st.DrawFn) -> Barbell:
    sizes = draw(st.lists(st.sampled_from(["0.5", "1.25", "2.5", "5", "10", "20"]), max_size=4, unique=True))
    plates = tuple(Plates(Load.of(size), draw(st.integers(1, 6))) for size in sizes)
    return Barbell(Load.of(draw(st.sampled_from([7, 15, 20]))), plates)


def fixed(kind: ImplementKind) -> st.SearchStrategy[FixedLoads]:
    return st.lists(kg_loads, min_size=1, max_size=8, unique_by=lambda load: load.kg).map(
        lambda found: FixedLoads(kind, tuple(found))
    )


inventories = st.lists(
    st.one_of(barbells(), *(fixed(kind) for kind in ImplementKind if kind is not ImplementKind.BARBELL)), max_size=4
).map(lambda found: Inventory(tuple(found)))

reps = st.tuples(st.integers(1, 100), st.integers(1, 100)).map(lambda pair: Reps(min(pair), max(pair)))
phases = st.one_of(st.none(), st.integers(0, 60))
tempos = st.builds(Tempo, phases, phases, phases, phases)
bodyweight = st.one_of(st.just(BodyweightLoad()), st.builds(BodyweightLoad, loads, st.booleans()))
prescriptions = st.builds(
    Prescription,
    sets=st.integers(1, 20),
    target=st.one_of(reps, st.builds(Seconds, st.integers(1, 3600))),
    each_side=st.booleans(),
    load=st.one_of(st.none(), loads, bodyweight),
    tempo=st.one_of(st.none(), tempos),
    rest=st.one_of(st.none(), st.integers(0, 1800)),
    reserve=st.one_of(st.none(), st.integers(0, 10)),
)

BODY = Decimal(80)


@st.composite
def situations(draw: st.DrawFn) -> Situation:
    """A client who did something in one to three sessions, with or without what was planned."""
    place = draw(inventories)
    kind = draw(st.sampled_from(ImplementKind))
    share = Decimal("0.7") if kind is ImplementKind.BODYWEIGHT else Decimal(0)
    exercise = Exercise("e", "E", Pattern.SQUAT, ("quadriceps",), implements=(kind,), bodyweight_share=share)
    home = draw(_plausible(place, kind))
    exposures = []
    for week in range(draw(st.integers(1, 3))):
        asked = draw(st.one_of(st.just(home), _plausible(place, kind)))
        exposures.append(Exposure(date(2026, 1, 5) + timedelta(weeks=week), asked, draw(_performed(asked))))
    return Situation(exercise, place, home, tuple(exposures), BODY)


@st.composite
def _plausible(draw: st.DrawFn, place: Inventory, kind: ImplementKind) -> Prescription:
    made = [a.load for a in place.achievable(kind)]
    plain = st.sampled_from(made) if made and draw(st.booleans()) else kg_loads
    load = draw(st.one_of(st.none(), bodyweight if kind is ImplementKind.BODYWEIGHT else plain))
    low = draw(st.integers(3, 12))
    target = draw(st.sampled_from([Reps(low, low + draw(st.integers(0, 5))), Seconds(low * 5)]))
    tempo = draw(st.sampled_from([None, Tempo(2, 0, 1, 0), Tempo(4, 0, 1, 0)]))
    return Prescription(draw(st.integers(1, 4)), target, False, load, tempo, 90, draw(st.sampled_from([None, 1, 2])))


@st.composite
def _performed(draw: st.DrawFn, asked: Prescription) -> tuple[PerformedSet, ...]:
    added = asked.load.added if isinstance(asked.load, BodyweightLoad) else asked.load
    assisted = isinstance(asked.load, BodyweightLoad) and asked.load.assisted
    rows = []
    for number in range(1, draw(st.integers(0, asked.sets + 1)) + 1):
        timed = isinstance(asked.target, Seconds)
        amount = draw(st.integers(0, asked.amount + 6))
        rows.append(
            PerformedSet(
                f"row-{number}",
                Slot("line", number),
                "e",
                Outcome.DONE,
                reps=None if timed else amount,
                seconds=amount if timed else None,
                load=draw(st.sampled_from([added, added, added, Load.of(5)])),
                assisted=assisted,
                reserve=draw(st.sampled_from([None, 0, 1, 2, 4])),
            )
        )
    return tuple(rows)
