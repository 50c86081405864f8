"""Heavy work with nothing that leads up to it.

Heavy is 80 % of the estimated maximum and more, or five repetitions and fewer with a load. A ramp-up line, sets that
climb, or an earlier lift of the same pattern lead up. The fix adds ramp-up sets at loads that can be made.
"""

from collections.abc import Iterator
from decimal import Decimal

from upright_anvil.core.checks.model import Check, Fix, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.edits.lines import AddLine
from upright_anvil.core.prescription.load_targets import as_weight
from upright_anvil.core.prescription.schemes import Varied
from upright_anvil.core.prescription.targets import Reps

HEAVY = Decimal("0.80")
FEW = 5
STEPS = (Decimal("0.5"), Decimal("0.7"), Decimal("0.85"))
RAMP_REPS = (8, 5, 3)


def _look(day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    for n, asked in enumerate(day.asked):
        if not _heavy(asked):
            continue
        before = day.asked[:n]
        led = any(
            a.prescription and a.exercise.pattern is asked.exercise.pattern and (a.prescription.ramp or a.hard)
            for a in before
        )
        if not led:
            yield Violation(
                f"{asked.exercise.name} starts heavy with no ramp-up sets before it.",
                day=day.day.id,
                line=asked.line.id,
                fix=_ramp(asked, day),
            )
        return


def _heavy(asked: StudiedLine) -> bool:
    asks = asked.prescription
    if asks is None or asks.ramp or not asked.is_main or not asked.compound or isinstance(asks.scheme, Varied):
        return False
    if asked.share is not None:
        return asked.share >= HEAVY
    return isinstance(asks.target, Reps) and asks.target.high <= FEW and isinstance(as_weight(asks.load), Load)


def _ramp(asked: StudiedLine, day: StudiedDay) -> Fix | None:
    asks, kind = asked.prescription, asked.exercise.implement_at(asked.profile.inventory)
    if asks is None or not isinstance(asks.load, Load) or kind is None:
        return None
    wanted = (Load.of(round(asks.load.value * step, 1), asks.load.unit) for step in STEPS)
    made = [
        a.load for load in wanted if (a := asked.profile.inventory.nearest(kind, load)) and a.load.kg < asks.load.kg
    ]
    loads = list(dict.fromkeys(made))
    if not loads:
        return None
    reps = RAMP_REPS[: len(loads)]
    text = f"{'/'.join(str(r) for r in reps)}, {'/'.join(str(load) for load in loads)}, ramp-up"
    text = text if len(loads) > 1 else f"1 x {reps[0]}, {loads[0]}, ramp-up"
    text = f"{text}, each side" if asks.each_side else text
    position = day.day.groups.index(asked.group)
    edit = AddLine(
        day=day.day.id, line=f"ramp-{asked.line.id}"[:64], exercise=asked.exercise.id, position=position, text=text
    )
    return Fix("Add ramp-up sets", (edit,))


CHECK = Check(
    id="no-ramp-up",
    level="day",
    severity=Severity.QUESTION,
    title="No ramp-up before heavy work",
    why="Two or three lighter sets prepare joints and nerves, and make the first working set count.",
    source="House rule",
    look=_look,
)
