"""What hypothesis draws: loads, inventories, prescriptions, histories."""

from dataclasses import replace
from datetime import date, timedelta
from decimal import Decimal

from hypothesis import strategies as st

from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.implements import Barbell, FixedLoads, ImplementKind, Plates
from upright_anvil.core.loads.inventory import Inventory
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.load_targets import (
    BodyweightLoad,
    Coded,
    NamedLoad,
    OpenLoad,
    SameAsLastTime,
    ShareOfMax,
    Together,
)
from upright_anvil.core.prescription.model import OtherKit, Prescription, SideRule, Span
from upright_anvil.core.prescription.schemes import (
    BackOff,
    Checkpoints,
    Cluster,
    Density,
    Drops,
    EveryStart,
    LastMost,
    Varied,
)
from upright_anvil.core.prescription.schemes.back_off import Cut
from upright_anvil.core.prescription.targets import Distance, Most, Reps, Seconds
from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.progression.model import Exposure, ProgressionContext
from upright_anvil.core.strength.standing import Strength

units = st.sampled_from(Unit)
quarters = st.integers(1, 1600).map(lambda n: Decimal(n) / 4)
loads = st.builds(Load.of, quarters, units)
kg_loads = st.builds(Load.of, st.integers(1, 400).map(lambda n: Decimal(n) / 4), st.just(Unit.KG))


@st.composite
def barbells(draw: st.DrawFn) -> Barbell:
    sizes = draw(st.lists(st.sampled_from(["0.5", "1.25", "2.5", "5", "10", "20"]), max_size=4, unique=True))
    plates = tuple(Plates(Load.of(size, Unit.KG), draw(st.integers(1, 6))) for size in sizes)
    return Barbell(Load.of(draw(st.sampled_from([7, 15, 20])), Unit.KG), plates)


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
halves = st.integers(2, 240).map(lambda n: Decimal(n) / 2)
labels = st.from_regex(r"[A-Za-z][A-Za-z0-9-]{0,9}", fullmatch=True)
names = st.sampled_from(["", "rucksack", "jugs", "vest", "medicine ball", "kettlebell"])
together = st.lists(st.builds(NamedLoad, names, loads), min_size=1, max_size=3).flatmap(
    lambda weights: st.lists(
        st.builds(NamedLoad, st.just(""), st.builds(Coded, st.just("band"), labels)), max_size=1
    ).map(
        lambda bands: (
            Together((*weights, *bands)) if weights[0].name or len(weights) + len(bands) > 1 else weights[0].load
        )
    )
)
load_targets = st.one_of(
    loads,
    together,
    bodyweight,
    st.builds(ShareOfMax, halves.map(lambda half: Decimal(Load.of(half, Unit.KG).value))),
    st.builds(Coded, st.sampled_from(["band", "step"]), labels),
    st.builds(SameAsLastTime, st.one_of(st.none(), loads)),
    st.just(OpenLoad()),
)
mosts = st.builds(Most, st.one_of(st.none(), st.integers(1, 100)))
holds = st.integers(1, 3600).flatmap(
    lambda most: st.builds(Seconds, st.just(most), low=st.none() | st.integers(0, most - 1))
)
targets = st.one_of(reps, mosts, holds, st.builds(Distance, st.integers(1, 50_000)))
others = st.lists(
    st.builds(OtherKit, loads | bodyweight | st.builds(Coded, st.just("band"), labels), targets), max_size=2
).map(tuple)
activities = st.from_regex(r"[a-z]{2,8}( [a-z]{2,8}){0,2}", fullmatch=True)


@st.composite
def _alike(draw: st.DrawFn) -> dict[str, object]:
    """Straight sets."""
    return {"sets": draw(st.integers(1, 20)), "target": draw(targets), "load": draw(st.none() | load_targets)}


@st.composite
def _varied(draw: st.DrawFn) -> dict[str, object]:
    count = draw(st.integers(2, 5))
    each_target = draw(st.lists(targets, min_size=count, max_size=count))
    each_load = draw(st.lists(load_targets, min_size=count, max_size=count))
    if len(set(each_target)) == 1 or draw(st.booleans()):
        each_target = [each_target[0]] * count
    if len(set(each_load)) == 1 or (draw(st.booleans()) and len(set(each_target)) > 1):
        each_load = [each_load[0]] * count
    differ = tuple(tuple(given) if len(set(given)) > 1 else () for given in (each_target, each_load))
    if not any(differ):
        return draw(_alike())
    scheme = Varied(*differ)  # type: ignore[arg-type]
    return {"sets": count, "target": each_target[0], "load": each_load[0], "scheme": scheme}


@st.composite
def _schemed(draw: st.DrawFn) -> dict[str, object]:
    fields, count = draw(_alike()), draw(st.integers(1, 4))
    kind = draw(st.sampled_from(["last", "drops", "back off", "cluster", "every", "density", "checkpoints"]))
    if kind == "last":
        low = draw(st.integers(1, 30))
        return fields | {"target": Reps(low, low + 2), "scheme": LastMost(draw(st.none() | st.integers(low, 100)))}
    if kind == "drops":
        top = draw(st.integers(50, 100))
        lighter = tuple(Load.of(top - 5 * n, Unit.KG) for n in range(1, count + 1))
        return fields | {"load": Load.of(top, Unit.KG), "scheme": Drops(lighter)}
    if kind == "back off":
        lighter_by = draw(st.builds(Cut, st.integers(1, 60)) | loads)
        return fields | {"load": draw(loads), "scheme": BackOff(count, draw(reps), lighter_by)}
    if kind == "cluster":
        parts = tuple(draw(st.lists(st.integers(1, 9), min_size=2, max_size=6)))
        return fields | {"target": Reps(sum(parts), sum(parts)), "scheme": Cluster(parts, draw(st.integers(1, 120)))}
    if kind == "every":
        return fields | {"scheme": EveryStart(draw(st.integers(10, 900)))}
    if kind == "density":
        return fields | {"sets": 1, "scheme": Density(draw(st.integers(60, 3600)))}
    first = draw(st.integers(5, 60))
    return fields | {"target": Seconds(first), "scheme": Checkpoints(tuple(first + 5 * n for n in range(1, count + 1)))}


@st.composite
def _prescriptions(draw: st.DrawFn) -> Prescription:
    """Anything the model allows."""
    fields = draw(st.one_of(_alike(), _alike(), _varied(), _schemed()))
    each_side = draw(st.booleans())
    sides = [None, *(rule for rule in SideRule if rule.leads is each_side)]
    rest = draw(st.none() | st.integers(0, 1800))
    sets, target, scheme = fields["sets"], fields["target"], fields.get("scheme")
    counted = isinstance(target, Reps | Most) and not isinstance(scheme, Varied)
    ranged = isinstance(sets, int) and sets > 1 and not isinstance(scheme, Varied | Density) and draw(st.booleans())
    timed = isinstance(target, Distance) and scheme is None and draw(st.booleans())
    effort = draw(st.sampled_from(["", "reserve", "rpe"]))
    return Prescription(
        **fields,  # type: ignore[arg-type]
        each_side=each_side,
        side=draw(st.sampled_from(sides)),
        tempo=draw(st.none() | tempos),
        rest=rest,
        activity="" if rest is None else draw(st.just("") | activities),
        reserve=draw(st.integers(0, 10)) if effort == "reserve" else None,
        rpe=draw(st.integers(2, 20)) / Decimal(2) if effort == "rpe" else None,
        others=draw(others),
        ramp=draw(st.booleans()),
        fewest=draw(st.integers(1, sets - 1)) if ranged and isinstance(sets, int) else None,
        rest_from=draw(st.integers(0, rest - 1)) if rest and draw(st.booleans()) else None,
        span=draw(st.none() | st.sampled_from(Span)) if counted else None,
        partials=draw(st.integers(0, 100)) if counted else 0,
        within=draw(st.integers(1, 21_600)) if timed else None,
    )


prescriptions = _prescriptions()

BODY = Decimal(80)


@st.composite
def situations(draw: st.DrawFn) -> ProgressionContext:
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
    on = exposures[-1].on
    kg = draw(st.floats(20, 250))
    strength = Strength("e", kg, kg * 0.95, kg * 1.05, 0.025, 0.002, -0.002, 0.006, 6, on, ())
    return ProgressionContext(
        exercise,
        place,
        home,
        tuple(exposures),
        BODY,
        strength=draw(st.sampled_from([None, strength])),
        steepness=draw(st.floats(0.7, 1.4)),
        harder=draw(st.sampled_from([None, replace(exercise, id="harder", name="Harder")])),
        easier=draw(st.sampled_from([None, replace(exercise, id="easier", name="Easier")])),
        poor_day=draw(st.booleans()),
        next_on=on + timedelta(days=draw(st.integers(0, 80))),
    )


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
    weight = asked.load if isinstance(asked.load, Load) else None
    added = asked.load.added if isinstance(asked.load, BodyweightLoad) else weight
    assisted = isinstance(asked.load, BodyweightLoad) and asked.load.assisted
    rows = []
    for number in range(1, draw(st.integers(0, asked.sets + 1)) + 1):
        timed = isinstance(asked.target, Seconds)
        amount = draw(st.integers(0, asked.amount + 6))
        rows.append(
            PerformedSet(
                f"row-{number}",
                SetPosition("line", number),
                "e",
                Outcome.DONE,
                reps=None if timed else amount,
                seconds=amount if timed else None,
                load=draw(st.sampled_from([added, added, added, Load.of(5, Unit.KG)])),
                assisted=assisted,
                reserve=draw(st.sampled_from([None, 0, 1, 2, 4])),
            )
        )
    return tuple(rows)
