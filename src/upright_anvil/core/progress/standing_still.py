"""Which lift stands still, with one line of evidence. House rules."""

from collections.abc import Sequence

from upright_anvil.core.progress.behind import Notice, Trouble
from upright_anvil.core.progression.judgements.plateau import falls, no_useful_gain
from upright_anvil.core.strength.standing import Strength


def standing_still(lifts: Sequence[tuple[str, Strength]]) -> Notice | None:
    """Answer the lift that falls or stands still most surely, of names with their strength; None where all rise."""
    found = []
    for name, strength in lifts:
        line = strength.lately if falls(strength) else strength.ten_weeks if no_useful_gain(strength) else None
        if line is None:
            continue
        trouble = Trouble.FALLING if line.way == "falling" else Trouble.STALLED
        weeks = round(line.days / 7)
        text = f"{name}: {line.week * 100:+.1f} % a week over {weeks} weeks, {line.best * 100:+.1f} % at best."
        found.append((line.best, Notice(trouble, text, strength.exercise)))
    return min(found, key=lambda entry: entry[0])[1] if found else None
