"""All checks, in the order their findings are shown."""

from collections.abc import Iterable

from upright_anvil.core.checks.days import (
    day_too_long,
    empty_day,
    explosive_after_grinding,
    minute_too_short,
    muscle_day,
    no_ramp_up,
    no_warm_up,
    novelty,
    order_of_sections,
    same_muscle_pair,
    tired_before_strength,
    twice_in_a_day,
)
from upright_anvil.core.checks.lines import (
    ask_first,
    exercise_gone,
    few_reps_new,
    joint_in_trouble,
    reps_for_goal,
    rest_too_short,
    set_too_long,
    side_not_said,
    to_failure_new,
    unreadable,
)
from upright_anvil.core.checks.lines.loads import (
    kit_missing,
    load_for_goal,
    load_missing,
    max_on_risky,
    near_max,
    too_easy,
    too_heavy,
    unstable_for_strength,
)
from upright_anvil.core.checks.model import Check
from upright_anvil.core.checks.phases import (
    clearance_missing,
    easing_off_hard,
    empty_phase,
    load_jump,
    no_easing_off,
    pattern_missing,
    restricted_flow,
    screen_missing,
    week_jump,
)
from upright_anvil.core.checks.weeks import (
    consecutive_days,
    days_wanted,
    front_and_back,
    jump_contacts,
    left_and_right,
    muscle_too_little,
    muscle_too_much,
    no_rest_day,
    push_and_pull,
    run_beside_legs,
    top_up_often,
)

ALL: tuple[Check, ...] = (
    unreadable.CHECK,
    exercise_gone.CHECK,
    joint_in_trouble.CHECK,
    ask_first.CHECK,
    kit_missing.CHECK,
    load_missing.CHECK,
    too_heavy.CHECK,
    near_max.CHECK,
    max_on_risky.CHECK,
    to_failure_new.CHECK,
    few_reps_new.CHECK,
    restricted_flow.CHECK,
    reps_for_goal.CHECK,
    load_for_goal.CHECK,
    rest_too_short.CHECK,
    set_too_long.CHECK,
    side_not_said.CHECK,
    unstable_for_strength.CHECK,
    too_easy.CHECK,
    day_too_long.CHECK,
    no_ramp_up.CHECK,
    tired_before_strength.CHECK,
    explosive_after_grinding.CHECK,
    same_muscle_pair.CHECK,
    muscle_day.CHECK,
    order_of_sections.CHECK,
    minute_too_short.CHECK,
    twice_in_a_day.CHECK,
    novelty.CHECK,
    no_warm_up.CHECK,
    empty_day.CHECK,
    consecutive_days.CHECK,
    run_beside_legs.CHECK,
    muscle_too_much.CHECK,
    muscle_too_little.CHECK,
    push_and_pull.CHECK,
    front_and_back.CHECK,
    left_and_right.CHECK,
    top_up_often.CHECK,
    jump_contacts.CHECK,
    no_rest_day.CHECK,
    days_wanted.CHECK,
    screen_missing.CHECK,
    clearance_missing.CHECK,
    week_jump.CHECK,
    load_jump.CHECK,
    no_easing_off.CHECK,
    easing_off_hard.CHECK,
    pattern_missing.CHECK,
    empty_phase.CHECK,
)


def by_id(checks: Iterable[Check]) -> dict[str, Check]:
    """Answer checks by their id. Raises `ValueError` for one that is registered twice."""
    found: dict[str, Check] = {}
    for check in checks:
        if check.id in found:
            raise ValueError(f"two checks are called {check.id}")
        found[check.id] = check
    return found


CHECKS = by_id(ALL)


def check(check_id: str) -> Check:
    """Answer a check by its id. Raises `ValueError` for one nobody knows."""
    if check_id not in CHECKS:
        raise ValueError(f"there is no check called {check_id}")
    return CHECKS[check_id]
