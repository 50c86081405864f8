"""The policies there are, in an explicit order; unknown and doubled ids are refused with a sentence."""

from collections.abc import Callable, Iterable
from dataclasses import dataclass, replace
from types import MappingProxyType
from typing import Final

from upright_anvil.core.errors import DomainError
from upright_anvil.core.prescription.schemes import Checkpoints, EveryStart
from upright_anvil.core.progression.kinds import WorkKind
from upright_anvil.core.progression.model import ProgressionContext, Proposal
from upright_anvil.core.progression.policies import (
    any_kit,
    control,
    density,
    differing,
    distance,
    double_progression,
    holds,
    jumps,
    linear,
    reserve_led,
    rounds,
    sets,
    skill,
    timed,
    wave,
)


@dataclass(frozen=True, slots=True)
class Policy:
    """One way to raise the work; ``fits`` answers why it cannot lead a line, in words, empty where it can."""

    id: str
    title: str
    propose: Callable[[ProgressionContext], Proposal]
    fits: Callable[[ProgressionContext], str] = lambda _: ""


def register(policies: Iterable[Policy]) -> MappingProxyType[str, Policy]:
    """Answer the policies by id. Raises `DomainError` when an id comes twice."""
    by_id: dict[str, Policy] = {}
    for policy in policies:
        if policy.id in by_id:
            raise DomainError(f"Two policies are called {policy.id}.")
        by_id[policy.id] = policy
    return MappingProxyType(by_id)


_CHOSEN = (linear, wave, reserve_led, sets, density, control, skill, holds)
"""What a trainer may choose for a client or a line, beside double progression."""

_BY_KIND = (differing, any_kit, timed, jumps, distance, rounds)
"""What the kind of work asks for, whatever was chosen."""

POLICIES = register(
    [
        Policy(double_progression.ID, double_progression.TITLE, double_progression.propose),
        *(Policy(module.ID, module.TITLE, module.propose, module.fits) for module in (*_CHOSEN, *_BY_KIND)),
    ]
)

_OF_KIND: Final = MappingProxyType(
    {
        WorkKind.TIMED: timed.ID,
        WorkKind.JUMP: jumps.ID,
        WorkKind.DISTANCE: distance.ID,
        WorkKind.ROUNDS: rounds.ID,
    }
)
_STILL: Final = frozenset({WorkKind.HOLD, WorkKind.BALANCE})
_CLOCKED: Final = frozenset({density.ID, skill.ID, holds.ID})


def leading(policy_id: str, context: ProgressionContext) -> str:
    """Answer the policy that leads a line: what its kind of work and its scheme ask for, else the one chosen.

    Marks decide in every school; sets that differ, other loads beside the planned one, work for time, jumps, distance
    and rounds have ways of their own. Holds are led by seconds, density or skill. House rule.
    """
    now, kind = context.today.prescription, context.kind
    if isinstance(now.scheme, Checkpoints):
        return density.ID
    if kind in _OF_KIND:
        return _OF_KIND[kind]
    if kind in _STILL:
        return policy_id if policy_id in _CLOCKED and not POLICIES[policy_id].fits(context) else holds.ID
    if isinstance(now.scheme, EveryStart):
        return rounds.ID
    if now.scheme is not None:
        return differing.ID
    return any_kit.ID if now.others else policy_id


def led_by(policy_id: str, context: ProgressionContext) -> Proposal:
    """Answer what the leading policy proposes; one that does not fit leaves it to double progression, saying so.

    Raises `DomainError` for an unknown policy.
    """
    policy(policy_id)
    wanted = policy(leading(policy_id, context))
    misfit = wanted.fits(context)
    if not misfit:
        return wanted.propose(context)
    found = POLICIES[double_progression.ID].propose(context)
    return replace(found, rule=f"{wanted.title} cannot lead this line. {misfit} {found.rule}")


def policy(policy_id: str) -> Policy:
    """Answer the policy with this id. Raises `DomainError` for an unknown one."""
    if policy_id not in POLICIES:
        raise DomainError(f"There is no policy {policy_id}; there are: {', '.join(POLICIES)}.")
    return POLICIES[policy_id]
