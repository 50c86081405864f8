"""What to ask for next: the judgements over the session in their order, then the policy, then the plateau.

The first that has something to say decides:

1. pain, 2. missed days, 3. a figure that does not fit, 4. form, 5. a line changed for the day, 6. a poor day, 7. worn,
8. one side behind, 9. a deep miss, 10. drop-off, 11. too easy, 12. the policy of the line's kind; where that stands
still, 13. the plateau's menu. What comes out is held against the bounds (`bounds`, `never_up`): nothing goes up where
a reason stands against it. House rule; the order is held by a table of stories.
"""

from collections.abc import Callable
from dataclasses import replace
from typing import Final

from upright_anvil.core.progression.answering import answer
from upright_anvil.core.progression.judgements import (
    changed_day,
    deep_miss,
    doubted,
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
from upright_anvil.core.progression.kinds import WorkKind
from upright_anvil.core.progression.limits import bounds, never_up
from upright_anvil.core.progression.model import Confidence, Lever, ProgressionContext, Proposal
from upright_anvil.core.progression.registry import POLICIES, led_by

Judgement = Callable[[ProgressionContext], Proposal | None]

ORDER: Final[tuple[tuple[str, Judgement], ...]] = (
    (pain.ID, pain.judge),
    (missed_days.ID, missed_days.judge),
    (doubted.ID, doubted.judge),
    (form.ID, form.judge),
    (changed_day.ID, changed_day.judge),
    (poor_day.ID, poor_day.judge),
    (worn.ID, worn.judge),
    (one_side.ID, one_side.judge),
    (deep_miss.ID, deep_miss.judge),
    (drop_off.ID, drop_off.judge),
    (too_easy.ID, too_easy.judge),
)
"""The judgements, most pressing first."""


def rule_name(rule_id: str) -> str:
    """Answer what a judgement or policy is called, from its id: ``Missed days``, ``Double progression``."""
    return POLICIES[rule_id].title if rule_id in POLICIES else rule_id.replace("-", " ").capitalize()


def why_none(context: ProgressionContext) -> str:
    """Answer why a line is raised by nobody, in words; empty where something may be proposed. House rule."""
    if context.kind is not WorkKind.PREPARATION:
        return ""
    if context.today.prescription.ramp:
        return "These sets only lead up to the work."
    return "It gets ready, loosens or winds down: it stays as it is."


def proposal(context: ProgressionContext, policy_id: str) -> Proposal:
    """Answer what to ask for next. Raises `DomainError` for an unknown policy.

    A session in which nothing was done is left to the policy, which holds; nobody raises what `why_none` names.
    """
    nobody = why_none(context)
    if nobody:
        return answer("nobody", context, Lever.HOLD, context.today.prescription, nobody)
    return bounds.bounded(_judged(context, policy_id), context)


def _judged(context: ProgressionContext, policy_id: str) -> Proposal:
    if context.today.sets:
        for _, judge in ORDER:
            found = judge(context)
            if found is not None:
                return found
        held = tuple(reason for reason in never_up.reasons(context) if reason[0] not in _LEFT_TO_THE_POLICY)
        if held:
            return _or_eased(context, policy_id, held)
    way_on = led_by(policy_id, context)
    return plateau.menu(context, way_on) or way_on


_LEFT_TO_THE_POLICY: Final = frozenset({"below the range", "nothing left"})
"""Reasons that a policy speaks of itself, with more to say than that nothing goes up."""


def _or_eased(context: ProgressionContext, policy_id: str, held: tuple[tuple[str, str], ...]) -> Proposal:
    """The same again, unless the policy would go down, which it may."""
    way_on = led_by(policy_id, context)
    if way_on.lever is Lever.EASE:
        return way_on
    stands = bounds.same_again(context, held)
    if way_on.lever is Lever.HOLD and held[0][0] == "incomplete" and context.unfinished:
        return replace(stands, rule="The session was left unfinished: what is written stands, the same again.")
    return stands


_PLAIN: Final = frozenset({Lever.LOAD, Lever.REPS, Lever.SECONDS, Lever.METRES, Lever.TEMPO, Lever.PAUSE, Lever.HOLD})


def is_plain(found: Proposal) -> bool:
    """Answer whether a proposal can be taken with others in one go, without a look of its own.

    It comes from the line's policy, not from a judgement over the session, on every planned set, with a usual lever,
    neither bridged nor on the way to it, nor another exercise, nor a circuit, nor an estimate. House rule.
    """
    return (
        found.policy in POLICIES
        and found.lever in _PLAIN
        and found.confidence is not Confidence.THIN
        and not found.bridged
        and not found.exercise
        and not found.stations
        and not found.estimated
    )
