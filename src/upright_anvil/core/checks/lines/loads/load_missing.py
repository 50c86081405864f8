"""A load that cannot be made at the place.

Example: 11 kg where dumbbells go by 2. The fix takes the next lighter load that can be made.
"""

from collections.abc import Iterator

from upright_anvil.core.checks.fixes import rewrite
from upright_anvil.core.checks.model import Check, Fix, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedDay, StudiedLine
from upright_anvil.core.loads.load import Load
from upright_anvil.core.plan.read_out.resolving import load_caution


def _look(asked: StudiedLine, _day: StudiedDay, _who: Standpoint) -> Iterator[Violation]:
    if not asked.prescription or asked.exercise.implement_at(asked.profile.inventory) is None:
        return
    caution = load_caution(asked.prescription, asked.exercise, asked.profile)
    if caution:
        yield Violation(f"{asked.exercise.name}: {caution}", line=asked.line.id, fix=_made(asked))


def _made(asked: StudiedLine) -> Fix | None:
    """The nearest load that can be made, the lighter of two; only where one load holds for all sets."""
    wanted = asked.prescription.load if asked.prescription else None
    kind = asked.exercise.implement_at(asked.profile.inventory)
    if not isinstance(wanted, Load) or kind is None or (asked.prescription and asked.prescription.scheme):
        return None
    near = asked.profile.inventory.around(kind, wanted)
    return rewrite(asked, f"Take {near[0].load}", load=near[0].load) if near else None


CHECK = Check(
    id="load-missing",
    level="line",
    severity=Severity.CAUTION,
    title="A load nobody owns",
    why="A load that cannot be made becomes a guess on the day.",
    source="Rules, loads",
    look=_look,
)
