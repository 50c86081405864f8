"""Three ways of choosing the next load: a fixed plan, a formula with double progression, the engine."""

from datetime import date
from decimal import Decimal

from bench.evaluation.trial import LEAVE, SETS, START, STEP, Chooser, Done, Story, made
from upright_anvil.core.body.joints import Joint, Side
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.ids import ExerciseId, LineId
from upright_anvil.core.ledger.how import NOTHING_SEEN, How
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, SetPosition
from upright_anvil.core.loads.equipment.reading import read_equipment
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Kilograms, Load, Unit
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.judge import proposal
from upright_anvil.core.progression.model import Exposure, ProgressionContext
from upright_anvil.core.progression.policies.reserve_led import wanted_kg
from upright_anvil.core.session.milder import lighter
from upright_anvil.core.strength.attempts import Attempt, table
from upright_anvil.core.strength.doubted import doubted
from upright_anvil.core.strength.formulas import FORMULAS
from upright_anvil.core.strength.over_time import strengths
from upright_anvil.core.strength.rep_curve import rep_curves

PLACE = read_equipment("bar 20, plates 2x1.25 2x2.5 4x5 4x10 8x20", Unit.KG).inventory
LIFT = Exercise(ExerciseId("lift"), "Lift", Pattern.SQUAT, (Muscle("quadriceps"),), implements=(ImplementKind.BARBELL,))


def _by_formula(story: Story, formula: str, reps: int) -> float:
    """The load that a formula says leaves two after some repetitions, from the best set of the first session."""
    factor = FORMULAS[formula]
    seen = [
        done.typed * (factor(done.reps + (LEAVE if done.said is None else done.said)) or 1)
        for done in story.sessions[0][1]
    ]
    return max(seen) / (factor(reps + LEAVE) or 1)


def fixed() -> Chooser:
    """A linear plan written once: from the formula's load, 1.5 % a week whatever happens."""

    def choose(story: Story, on: date, reps: int, poor: bool) -> float:
        return made(_by_formula(story, "Epley", reps) * (1 + 0.015 * ((on - START).days // 7)))

    return choose


def double_progression(formula: str) -> Chooser:
    """The formula's load first; then a step up when all sets were done with two left, a step down when one was not."""

    def choose(story: Story, _: date, reps: int, poor: bool) -> float:
        before = story.of(reps)
        if not before:
            return made(_by_formula(story, formula, reps))
        last = before[-1][1]
        if any(done.reps < reps for done in last):
            return made(last[0].kg - STEP)
        up = all(done.said is None or done.said >= LEAVE for done in last)
        return made(last[0].kg + STEP) if up else last[0].kg

    return choose


def engine() -> Chooser:
    """The app's own judgement with the reserve-led policy, on the estimate over time and the client's own curve."""

    def choose(story: Story, on: date, reps: int, poor: bool) -> float:
        attempts = story.attempts()
        steep = {name: curve.steepness for name, curve in rep_curves(attempts, on).items()}
        strength = strengths(attempts, on, steep).get(LIFT.id)
        before = story.of(reps) or [(story.sessions[0][0], story.sessions[0][1])]
        plan = [story.planned.get(day, sets[0].kg) for day, sets in before]
        exposures = tuple(
            Exposure(day, _asked(asked, reps), _rows(sets, day))
            for (day, sets), asked in list(zip(before, plan, strict=True))[-6:]
        )
        kg = plan[-1]
        if strength is None:
            return kg
        context = ProgressionContext(
            LIFT, PLACE, _asked(kg, reps), exposures, Kilograms(Decimal(80)),
            strength=strength, steepness=steep.get("lift", 1.0), next_on=on, away_days=_away(story, before[-1][0]),
            doubted=_doubted(attempts, on), poor_day=before[-1][0] in story.poor,
            changed_day=before[-1][0] in story.planned,
        )  # fmt: skip
        if not story.of(reps):
            return made(wanted_kg(context, reps, LEAVE) or kg)
        load = proposal(context, "reserve-led").prescription.load
        kg = float(load.kg) if isinstance(load, Load) else kg
        if poor:
            story.planned[on] = kg
            return _for_a_poor_day(kg)
        return kg

    return choose


def _for_a_poor_day(kg: float) -> float:
    """The load that the floor makes of it on a poor day."""
    eased = lighter(_asked(kg, 5), LIFT, PLACE).load
    return float(eased.kg) if isinstance(eased, Load) else kg


def _asked(kg: float, reps: int) -> Prescription:
    return Prescription(SETS, Reps(reps, reps), load=Load.of(str(kg), Unit.KG), reserve=LEAVE)


def _rows(sets: list[Done], on: date) -> tuple[PerformedSet, ...]:
    return tuple(
        PerformedSet(
            f"{on}-{n - 1}", SetPosition(LineId("l"), n), LIFT.id, Outcome.DONE, done.reps,
            load=Load.of(str(min(done.typed, 1000)), Unit.KG),
            reserve=done.said, how=How(pain=Joint.KNEE, pain_side=Side.LEFT) if done.hurt else NOTHING_SEEN,
        )
        for n, done in enumerate(sets, start=1)
    )  # fmt: skip


def _away(story: Story, on: date) -> int:
    before = [day for day, _, _ in story.sessions if day < on]
    return (on - before[-1]).days if before else 0


def _doubted(attempts: list[Attempt], on: date) -> frozenset[str]:
    sets = table(attempts, on)
    return frozenset(attempts[row].id for row in sets.row[doubted(sets)])
