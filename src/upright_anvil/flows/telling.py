"""What is worth telling a client, gathered from tests, strength, repetitions at a load and joints."""

from collections import defaultdict
from collections.abc import Iterator, Mapping, Sequence
from datetime import date

from upright_anvil.core.plan.setting import Setting
from upright_anvil.core.progress.at_load import most_gained
from upright_anvil.core.progress.telling import Telling, of_pain, of_reps, of_strength, of_test
from upright_anvil.core.strength.over_time import Strength
from upright_anvil.flows.done import Done
from upright_anvil.flows.testing import SideBySide
from upright_anvil.store.tables import SessionRow


def tellings(
    strong: Mapping[str, Strength],
    setting: Setting,
    done: Done,
    dates: Mapping[str, date],
    sides: SideBySide,
    pains: Sequence[tuple[date, str]],
    sessions: Sequence[SessionRow],
    today: date,
) -> Iterator[Telling | None]:
    """Answer what tests, strength, repetitions at a load and joints say, each where it is worth telling."""
    for pair in sides.pairs:
        if pair.change is not None and sides.earlier is not None:
            side = f", {pair.side}" if pair.side else ""
            yield of_test(pair.item.name + side, pair.item.unit, pair.change, sides.earlier.on)
    for strength in strong.values():
        exercise = setting.exercise(strength.exercise)
        if not exercise.bodyweight_share:
            yield of_strength(exercise.name, strength.path, setting.unit)
    by_exercise = defaultdict(list)
    for (sid, _), rows in done.items():
        for row in rows:
            by_exercise[row.exercise].append((dates[sid], row))
    for exercise_id, entries in by_exercise.items():
        gained = most_gained(setting.exercise(exercise_id).name, entries)
        if gained is not None:
            yield of_reps(gained)
    for joint in {joint for _, joint in pains}:
        last = max(on for on, name in pains if name == joint)
        yield of_pain(joint, last, sum(1 for s in sessions if s.finished_at and s.on_date > last), today)
