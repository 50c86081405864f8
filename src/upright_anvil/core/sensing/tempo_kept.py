"""What a sensor measured against the tempo that was asked for, in sentences."""

from upright_anvil.core.prescription.tempo import Tempo
from upright_anvil.core.sensing.counting import Measured

NEAR_SECONDS = 0.6
"""A phase this near to what was asked is kept, seconds. House rule."""

SLOW_FROM = 0.20
"""A slow-down worth saying, as a share of the fastest lift. House rule."""


def tempo_sentences(seen: Measured, tempo: Tempo | None) -> tuple[str, ...]:
    """Say what was measured: repetitions, phases against the tempo, the slow-down within the set. House rule."""
    if not seen.reps:
        return ("No full repetition was seen.",)
    partial = f", {seen.partial} partial" if seen.partial else ""
    said = [f"Measured {seen.reps} full rep{'s' if seen.reps != 1 else ''}{partial}, range {seen.range_cm:.0f} cm."]
    mean = seen.mean_tempo
    if mean is not None:
        said.append(f"Mean phases {' - '.join(f'{phase:.1f}' for phase in mean)} s (lower, bottom, lift, top).")
    if tempo is not None and mean is not None and tempo.lowering is not None:
        off = mean[0] - tempo.lowering
        if abs(off) > NEAR_SECONDS:
            said.append(f"Lowered in {mean[0]:.1f} s, {tempo.lowering} s asked: {'slower' if off > 0 else 'faster'}.")
    if seen.slow_down is not None and seen.slow_down >= SLOW_FROM:
        said.append(f"The last lift was {round(seen.slow_down * 100)} % slower than the fastest.")
    return tuple(said)
