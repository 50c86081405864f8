"""What was done, written as shorthand."""

from collections.abc import Sequence

from upright_anvil.core.loads.load import Unit, plain
from upright_anvil.core.pasted.session_rows import DoneSet
from upright_anvil.core.prescription.text.shorthand import MAX_LENGTH


def as_shorthand(sets: Sequence[DoneSet]) -> str:
    """Answer the line that asks for what was done: ``3 x 8, 60 kg``, ``8/8/7, 60/60/62.5 kg``; empty for no set."""
    if not sets:
        return ""
    amounts = [_amount(done) for done in sets]
    head = f"{len(sets)} x {amounts[0]}" if len(set(amounts)) == 1 else "/".join(amounts)
    parts = [head, _loads(sets)]
    if len(sets) == 1 and sets[0].metres is not None and sets[0].seconds:
        parts.append(f"in {sets[0].seconds} s")
    return ", ".join(part for part in parts if part)[:MAX_LENGTH]


def _amount(done: DoneSet) -> str:
    if done.reps is not None:
        return str(done.reps)
    return f"{done.metres} m" if done.metres is not None else f"{done.seconds} s"


def _loads(sets: Sequence[DoneSet]) -> str:
    loads = [done.load for done in sets]
    if any(done.assisted for done in sets):
        same = len(set(loads)) == 1
        return f"bw - {loads[0]}" if same and loads[0] else ""
    if len(set(loads)) == 1:
        return str(loads[0]) if loads[0] else ""
    units: set[Unit] = {load.unit for load in loads if load}
    if len(units) != 1 or None in loads:
        return ""
    return "/".join(plain(load.value) for load in loads if load) + f" {next(iter(units))}"
