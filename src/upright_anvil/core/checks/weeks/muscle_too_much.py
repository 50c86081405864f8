"""More hard sets for a muscle in a week than the band holds, by more than a tenth."""

from collections.abc import Iterator

from upright_anvil.core.checks.model import Check, Severity, Violation
from upright_anvil.core.checks.study import Standpoint, StudiedWeek
from upright_anvil.core.volume.bands import BandPosition, band_sentence


def _look(week: StudiedWeek, who: Standpoint) -> Iterator[Violation]:
    above = {m: sets for m, sets in week.muscles.items() if who.band.clearly(sets) is BandPosition.ABOVE}
    if above:
        yield Violation(band_sentence(above, who.band))


CHECK = Check(
    id="muscle-too-much",
    level="week",
    severity=Severity.QUESTION,
    title="Too many sets for a muscle",
    why="Above the band each set adds little and costs recovery; fine for a lagging muscle, with a reason.",
    source="House bands, from Pelland et al. 2025",
    look=_look,
)
