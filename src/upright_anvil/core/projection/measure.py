"""What a line is drawn by when looking ahead: its load, its seconds, or its repetitions where nothing is lifted."""

from decimal import Decimal
from enum import StrEnum

from upright_anvil.core.loads.load import Load, Unit, in_unit
from upright_anvil.core.prescription.load_targets import BodyweightLoad
from upright_anvil.core.prescription.model import Prescription
from upright_anvil.core.prescription.targets import Reps, Seconds
from upright_anvil.core.progression.moves.steps import Lifting, step_up


class Measure(StrEnum):
    """The figure drawn, by its unit."""

    KG = "kg"
    LB = "lb"
    SECONDS = "s"
    REPS = "reps"


def measure_of(asked: Prescription, kit: Lifting, unit: Unit) -> Measure:
    """Answer what a line is drawn by. House rule."""
    if isinstance(asked.target, Seconds):
        return Measure.SECONDS
    bare = isinstance(asked.load, BodyweightLoad) and asked.load.added is None and step_up(kit, asked.load) is None
    return Measure.REPS if asked.load is None or bare else Measure(unit.value)


def measured(asked: Prescription, measure: Measure) -> Decimal | None:
    """Answer the figure of a prescription in a measure: what is added to body weight, negative where it helps.

    None where it has none, such as an open load.
    """
    match measure, asked.target, asked.load:
        case Measure.SECONDS, Seconds(seconds=seconds), _:
            return Decimal(seconds)
        case Measure.REPS, Reps(low=low), _:
            return Decimal(low)
        case ((Measure.KG | Measure.LB), _, Load() as load):
            return round(in_unit(load.kg, Unit(measure.value)), 2)
        case ((Measure.KG | Measure.LB), _, BodyweightLoad(added=added, assisted=assisted)):
            kg = in_unit(added.kg, Unit(measure.value)) if added else Decimal(0)
            return round(-kg if assisted else kg, 2)
        case _:
            return None
