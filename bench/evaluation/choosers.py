"""Three ways of choosing the next load: a fixed plan, a formula with double progression, the engine."""

from datetime import date
from decimal import Decimal

from bench.evaluation.trial import LEAVE, SETS, START, STEP, Chooser, Done, Story, made
from upright_anvil.core.body.muscles import Muscle
from upright_anvil.core.exercises import Exercise, Pattern
from upright_anvil.core.ledger.rows import Outcome, PerformedSet, Slot
from upright_anvil.core.loads.equipment_text import read_equipment
from upright_anvil.core.loads.implements import ImplementKind
from upright_anvil.core.loads.load import Load, Unit
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps
from upright_anvil.core.progression.judge import proposal
from upright_anvil.core.progression.model import Exposure, Situation
from upright_anvil.core.progression.policies.reserve_led import wanted_kg
from upright_anvil.core.strength.formulas import FORMULAS
from upright_anvil.core.strength.over_time import strengths
from upright_anvil.core.strength.rep_curve import rep_curves

PLACE = read_equipment("bar 20, plates 2x1.25 2x2.5 4x5 4x10 8x20", Unit.KG).inventory
LIFT = Exercise("lift", "Lift", Pattern.SQUAT, (Muscle("quadriceps"),), implements=(ImplementKind.BARBELL,))


def _by_formula(story: Story, formula: str, reps: int) -> float:
    """The load that a formula says leaves two after some repetitions, from the best set of the first session."""
    factor = FORMULAS[formula]
    seen = [
        done.kg * (factor(done.reps + (LEAVE if done.said is None else done.said)) or 1)
        for done in story.sessions[0][1]
    ]
    return max(seen) / (factor(reps + LEAVE) or 1)


def fixed() -> Chooser:
    """A linear plan written once: from the formula's load, 1.5 % a week whatever happens."""

    def choose(story: Story, on: date, reps: int) -> float:
        return made(_by_formula(story, "Epley", reps) * (1 + 0.015 * ((on - START).days // 7)))

    return choose


def double_progression(formula: str) -> Chooser:
    """The formula's load first; then a step up when all sets were done with two left, a step down when one was not."""

    def choose(story: Story, _: date, reps: int) -> float:
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

    def choose(story: Story, on: date, reps: int) -> float:
        attempts = story.attempts()
        steep = {name: curve.steepness for name, curve in rep_curves(attempts, on).items()}
        strength = strengths(attempts, on, steep).get("lift")
        before = story.of(reps) or [(story.sessions[0][0], story.sessions[0][1])]
        exposures = tuple(Exposure(day, _asked(sets[0].kg, reps), _rows(sets)) for day, sets in before[-6:])
        kg = before[-1][1][0].kg
        if strength is None:
            return kg
        situation = Situation(
            LIFT, PLACE, _asked(kg, reps), exposures, Decimal(80),
            strength=strength, steepness=steep.get("lift", 1.0), next_on=on,
        )  # fmt: skip
        if not story.of(reps):
            return made(wanted_kg(situation, reps, LEAVE) or kg)
        load = proposal(situation, "reserve-led").prescription.load
        return float(load.kg) if isinstance(load, Load) else kg

    return choose


def _asked(kg: float, reps: int) -> Prescription:
    return Prescription(SETS, Reps(reps, reps), load=Load.of(str(kg)), reserve=LEAVE)


def _rows(sets: list[Done]) -> tuple[PerformedSet, ...]:
    return tuple(
        PerformedSet(
            f"s{n}", Slot("l", n), "lift", Outcome.DONE, done.reps, load=Load.of(str(done.kg)), reserve=done.said
        )
        for n, done in enumerate(sets, start=1)
    )
