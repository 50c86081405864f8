"""What to ask for next: the judgements over the session in their order, then the policy, then the plateau.

The first that has something to say decides:

1. pain, 2. missed days, 3. form, 4. a line changed for the day, 5. a poor day, 6. worn, 7. drop-off, 8. one side
behind, 9. too easy, 10. the policy of the line; where that stands still, 11. the plateau's menu. House rule; the
order is held by a table of stories.
"""

from collections.abc import Callable
from typing import Final

from upright_anvil.core.progression.judgements import (
    changed_day,
    drop_off,
    form,
    missed_days,
    one_side,
    pain,
    plateau,
    poor_day,
    too_easy,
    worn,
)
from upright_anvil.core.progression.model import Confidence, Lever, Proposal, Situation
from upright_anvil.core.progression.registry import POLICIES, led_by

Judgement = Callable[[Situation], Proposal | None]

ORDER: Final[tuple[tuple[str, Judgement], ...]] = (
    (pain.ID, pain.judge),
    (missed_days.ID, missed_days.judge),
    (form.ID, form.judge),
    (changed_day.ID, changed_day.judge),
    (poor_day.ID, poor_day.judge),
    (worn.ID, worn.judge),
    (drop_off.ID, drop_off.judge),
    (one_side.ID, one_side.judge),
    (too_easy.ID, too_easy.judge),
)
"""The judgements, most pressing first."""


def rule_name(rule_id: str) -> str:
    """Answer what a judgement or policy is called, from its id: ``Missed days``, ``Double progression``."""
    return POLICIES[rule_id].title if rule_id in POLICIES else rule_id.replace("-", " ").capitalize()


def proposal(situation: Situation, policy_id: str) -> Proposal:
    """Answer what to ask for next. Raises `Refusal` for an unknown policy.

    A session in which nothing was done is left to the policy, which holds.
    """
    if situation.today.sets:
        for _, judge in ORDER:
            found = judge(situation)
            if found is not None:
                return found
    way_on = led_by(policy_id, situation)
    return plateau.menu(situation, way_on) or way_on


_PLAIN: Final = frozenset({Lever.LOAD, Lever.REPS, Lever.SECONDS, Lever.TEMPO, Lever.PAUSE, Lever.HOLD})


def is_plain(found: Proposal) -> bool:
    """Answer whether a proposal can be taken with others in one go, without a look of its own.

    It comes from the line's policy, not from a judgement over the session, on every planned set, with a usual lever,
    neither bridged nor another exercise. House rule.
    """
    return (
        found.policy in POLICIES
        and found.lever in _PLAIN
        and found.confidence is not Confidence.THIN
        and not found.bridged
        and not found.exercise
    )
