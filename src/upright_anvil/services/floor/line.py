"""One exercise of a session as the floor shows it."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import date

from upright_anvil.core.clock.tempo_beats import Metronome, metronome
from upright_anvil.core.constants import DEFAULT_REST_SECONDS, USUAL_REPS
from upright_anvil.core.exercises import Exercise
from upright_anvil.core.health.cautions import Caution, CautionGrade, joint_cautions
from upright_anvil.core.ids import ExerciseId, LineId
from upright_anvil.core.ledger.rows import Outcome, SetPosition
from upright_anvil.core.ledger.standing import EffectiveSet
from upright_anvil.core.library.cues import ChosenCues, cues_for
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load
from upright_anvil.core.loads.on_the_bar import bars_for
from upright_anvil.core.phrases import ENGLISH, Phrases
from upright_anvil.core.plan.document import Day, Group, Line, Phase
from upright_anvil.core.plan.read_out.client_profile import ClientProfile
from upright_anvil.core.plan.read_out.reading import prescription_or_none
from upright_anvil.core.plan.read_out.resolving import lifted_with, load_caution, set_to
from upright_anvil.core.plan.read_out.restricted import restriction
from upright_anvil.core.prescription.coding import code_at
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.text.shorthand import write
from upright_anvil.core.progression.kinds import WorkKind, kind_of
from upright_anvil.core.session.ramp_up import RampUp
from upright_anvil.core.timing.groups import rest_inside
from upright_anvil.services.floor.last_time import Best, PreviousPerformance
from upright_anvil.services.floor.sets import FloorSet, LineShown, ramp_set, working_set
from upright_anvil.services.library.substitutes import names_instead

CUES = 3
"""How many of an exercise's own cues stay in sight; those that were chosen for the client all do."""


@dataclass(frozen=True, slots=True)
class FloorLine:
    """One exercise of the session; ``loads`` are those that can be made here, lightest first, with their ``codes``.

    ``bodyweight`` says that loads are added to body weight, ``counts`` that reps are counted beside the seconds,
    ``restricted`` how the blood flow is restricted, ``together`` with what it is done round by round, ``group`` names
    its group and ``clock`` that the group is run by one. ``ramp_up`` are the sets that lead up, with ``ramp_why`` in
    words. ``always`` is what goes for the client with this exercise in every program, ``picture`` the mark of the
    trainer's own picture of it. ``usual_reps`` are what a set that nothing is
    asked of begins with. ``beside_plan`` says that sets were logged for a line the plan no longer has.
    """

    line: LineId
    exercise_id: ExerciseId
    exercise: str
    group: str
    clock: bool
    cues: ChosenCues
    together: str
    reason: str
    faults: tuple[str, ...]
    planned: str
    caution: str | None
    joints: tuple[Caution, ...]
    instead: tuple[str, ...]
    rest: int
    each_side: bool
    bodyweight: bool
    counts: bool
    restricted: str
    sets: tuple[FloorSet, ...]
    ramp_up: tuple[FloorSet, ...]
    ramp_why: str
    usual_reps: int
    metronome: Metronome | None
    last_time: PreviousPerformance | None
    best: Best | None
    loads: tuple[Load, ...]
    codes: tuple[str, ...]
    set_to: str
    notes: tuple[str, ...]
    always: str
    picture: str
    beside_plan: bool = False


@dataclass(frozen=True, slots=True)
class Around:
    """What a line is shown with: day, group and phase, profile, what stands, memory, notes, measures, language."""

    day: Day
    group: Group | None
    phase: Phase
    profile: ClientProfile
    standing: Mapping[SetPosition, EffectiveSet]
    last: PreviousPerformance | None
    best: Best | None
    ramp: RampUp
    clock: bool
    on_bar: Load | None
    notes: tuple[str, ...]
    always: str
    picture: str
    measured: Mapping[int, tuple[str, ...]]
    on: date
    phrases: Phrases = ENGLISH


def floor_line(line: Line, exercise: Exercise, around: Around) -> FloorLine | None:
    """One line; None when it rests this week and nothing was logged."""
    profile = around.profile
    text = line.cells[0].text
    asked = prescription_or_none(text, profile.unit)
    held = restriction(around.phase, around.group, line, asked) if around.group else None
    if held is not None and asked is not None:
        asked = replace(asked, cuffs=True)
    own = {slot: kept for slot, kept in around.standing.items() if slot.line == line.id}
    if not text and not own:
        return None
    joints = joint_cautions(exercise, profile.standing)
    pressing = any(caution.grade is not CautionGrade.NOTE for caution in joints)
    kind = lifted_with(asked, exercise, profile.inventory)
    loads = _loads(kind, profile)
    sets, ramps = _sets(line, exercise, around, asked, own)
    return FloorLine(
        line=line.id,
        exercise_id=exercise.id,
        exercise=exercise.name,
        group=around.group.id if around.group else "",
        clock=around.clock,
        cues=_cues(line, exercise, profile),
        together=_together(line, around.day, profile),
        reason=line.reason,
        faults=exercise.faults,
        planned=write(asked) if asked else text,
        caution=_caution(asked, text, exercise, profile),
        joints=joints,
        instead=names_instead(exercise, profile) if pressing else (),
        rest=asked.rest if asked and asked.rest is not None else DEFAULT_REST_SECONDS,
        each_side=bool(asked and asked.each_side),
        bodyweight=kind is ImplementKind.BODYWEIGHT,
        counts=_counts(exercise, around, asked),
        restricted=held.words if held else "",
        sets=sets,
        ramp_up=ramps,
        ramp_why=around.ramp.why,
        usual_reps=USUAL_REPS,
        metronome=metronome(asked, exercise, around.phrases),
        last_time=around.last,
        best=around.best,
        loads=loads,
        codes=_codes(loads, kind, profile),
        set_to=set_to(asked, exercise, profile) if asked else "",
        notes=around.notes,
        always=around.always,
        picture=around.picture,
        beside_plan=around.group is None,
    )


def _counts(exercise: Exercise, around: Around, asked: Prescription | None) -> bool:
    preparing = around.group is not None and around.group.preparing
    return asked is not None and kind_of(exercise, asked, preparing=preparing) is WorkKind.TIMED


def _sets(
    line: Line, exercise: Exercise, around: Around, asked: Prescription | None, own: Mapping[SetPosition, EffectiveSet]
) -> tuple[tuple[FloorSet, ...], tuple[FloorSet, ...]]:
    shown = LineShown(
        asked,
        exercise,
        around.profile,
        around.last.sets if around.last else (),
        around.measured,
        tuple(kept.row for kept in own.values() if kept.row.outcome is Outcome.DONE and not kept.row.slot.ramp),
        around.on,
    )
    planned = len(asked.plans) if asked else int(bool(line.cells[0].text))
    numbers = sorted({*range(1, planned + 1), *(slot.number for slot in own if not slot.ramp)})
    sets = [working_set(n, shown, own.get(SetPosition(line.id, n))) for n in numbers]
    leading = around.ramp.sets
    steps = sorted({*range(1, len(leading) + 1), *(slot.number for slot in own if slot.ramp)})
    ramps = [
        ramp_set(n, shown, leading[n - 1] if n <= len(leading) else None, own.get(SetPosition(line.id, n, ramp=True)))
        for n in steps
    ]
    if exercise.implement_at(around.profile.inventory) is ImplementKind.BARBELL:
        return _with_bars(sets, ramps, around)
    return tuple(sets), tuple(ramps)


def _with_bars(
    sets: Sequence[FloorSet], ramps: Sequence[FloorSet], around: Around
) -> tuple[tuple[FloorSet, ...], tuple[FloorSet, ...]]:
    """The loaded bar for every open set, each changed from the one before it; a ramp-up passed over is none of them."""
    leading = ramps if all(s.logged is None for s in sets) else ()
    to_come = [s for s in (*leading, *sets) if s.logged is None and s.aim.load is not None]
    loads = [s.aim.load for s in to_come if s.aim.load is not None]
    bars = bars_for(around.profile.inventory, loads, around.on_bar)
    found = {id(one): bar for one, bar in zip(to_come, bars, strict=True)}
    return (
        tuple(replace(s, on_bar=found.get(id(s))) for s in sets),
        tuple(replace(s, on_bar=found.get(id(s))) for s in ramps),
    )


def _cues(line: Line, exercise: Exercise, profile: ClientProfile) -> ChosenCues:
    chosen = ChosenCues("", line.cues, "Chosen for this client.") if line.cues else cues_for(exercise, profile.standing)
    return chosen if line.cues else replace(chosen, cues=chosen.cues[:CUES])


def _together(line: Line, day: Day, profile: ClientProfile) -> str:
    """Say what a line is done together with; nothing where it stands on its own."""
    group = next((g for g in day.groups if line in g.lines and len(g.lines) > 1), None)
    if group is None:
        return ""
    others = " and ".join(profile.exercise(other.exercise).name for other in group.lines if other is not line)
    what = f"{group.kind}, {group.pairing}" if group.pairing else group.kind
    return f"{what.capitalize()} with {others}: {rest_inside(group)} s inside a round."


def _caution(asked: Prescription | None, text: str, exercise: Exercise, profile: ClientProfile) -> str | None:
    if asked is None:
        return f"'{text}' cannot be read as a prescription; log what you do." if text else None
    if exercise.removed:
        return "This exercise was removed from the library; the plan still names it."
    return load_caution(asked, exercise, profile)


def _codes(loads: Sequence[Load], kind: ImplementKind | None, profile: ClientProfile) -> tuple[str, ...]:
    """The code of each load, such as a pin's colour; none where no load has one."""
    codes = tuple(code_at(load, kind, profile.inventory) if kind else "" for load in loads)
    return codes if any(codes) else ()


def _loads(kind: ImplementKind | None, profile: ClientProfile) -> tuple[Load, ...]:
    return tuple(a.load for a in profile.inventory.achievable(kind)) if kind else ()
